<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Change\Treatments;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Place\Change;

/** Stitches are worked on before the marker is moved, where no change of yarn says so. */
final readonly class MoveMarker extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private int $stitches, private string $yarn)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        foreach (array_keys($site->piece->changes->at) as $round) {
            $onward = Treatments::onward($site->piece, $round);
            if ($round < $site->last() && $onward > 0 && [] === array_filter(
                $site->changes->all,
                static fn (Change $change): bool => $change->place->round === $round && $change->treatment->onward > 0,
            )) {
                yield new self($site->after($round), $onward, $site->colouring->rounds[$round - 1][-1]);
            }
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Check;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return rtrim($said->onward($this->stitches, $this->yarn), '.');
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }
}
