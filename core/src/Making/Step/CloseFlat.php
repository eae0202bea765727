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
            yield new self($site->after($site->last()), intdiv($site->reading->rounds[$site->last() - 1]->makes, 2));
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Close;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return "Press the opening flat and work {$this->stitches} {$said->stitch(Stitch::Single)} through both sides";
    }

    public function needs(): array
    {
        return ['yarn needle'];
    }
}
