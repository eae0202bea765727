<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Form\FinishPart;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Finish\PieceEnd;

/** An opening is pressed flat and crocheted shut, before the yarn is cut. */
final readonly class CloseFlat extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private int $stitches)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        if (PieceEnd::Flat === $site->finishing->end && !$site->finishing->isTyped(FinishPart::End)) {
            yield new self($site->after($site->last()), $site->reading->rounds[$site->last() - 1]->makes);
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Close;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        $pairs = intdiv($this->stitches, 2);
        $alone = 0 === $this->stitches % 2 ? '' : '; '.StandsAlone::words($this->stitches);

        return "Press the opening flat and work {$pairs} {$said->stitch(Stitch::Single)} through both sides{$alone}";
    }

    public function needs(): array
    {
        return ['yarn needle'];
    }
}
