<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Form\FinishPart;
use Alternum\Core\Making\GoesWithRounds;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\WorkedRounds;
use Alternum\Core\Plan\Finish\Firmness;

/** Two flat pieces are stuffed through the gap that is still open between them. */
final readonly class StuffBetween extends Step implements GoesWithRounds
{
    /** When so much of their edges is closed. */
    private const MOST_OF_THE_WAY = 0.75;

    private function __construct(StepAddress $at, private string $firmly, private string $clear)
    {
        parent::__construct($at);
    }

    public static function with(StepSite $site, WorkedRounds $worked): iterable
    {
        if (1 === $worked->from && true === $site->piece->start?->join->isThroughBoth() && Firmness::None !== $site->finishing->firmness
            && !$site->finishing->isTyped(FinishPart::Stuffing)) {
            $stitch = max(1, (int) round(self::MOST_OF_THE_WAY * $site->reading->rounds[0]->makes));
            yield new self($site->after(1, $stitch), $site->finishing->firmness->inWords(), $site->finishing->clear);
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Stuff;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        $clear = '' === $this->clear ? '' : ", leave {$this->clear} empty";

        return "In round 1, at stitch {$this->at->first}: stuff{$this->firmly} through the gap{$clear}, then close the rest";
    }

    public function leads(): bool
    {
        return true;
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }
}
