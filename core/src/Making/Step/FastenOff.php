<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Form\Finishing;
use Alternum\Core\Form\FinishPart;
use Alternum\Core\Form\FinishReason;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Plan\Finish\PieceEnd;

/** The yarn is cut, or kept for the piece that goes on from here. */
final readonly class FastenOff extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private Finishing $finishing)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        $finishing = $site->finishing;
        if (!$finishing->fastened || FinishReason::Chosen === $finishing->reasons[FinishPart::Tail->value]) {
            yield new self($site->after($site->last()), $finishing);
        }
    }

    public function kind(): StepKind
    {
        return StepKind::FastenOff;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        $end = $this->finishing->end;
        if (null === $end) {
            return self::goOn($said);
        }
        $leaves = "Fasten off, {$said->length($this->finishing->tailCm)} tail";

        return match (true) {
            PieceEnd::Sewn === $end => "{$leaves} to sew with",
            PieceEnd::Open === $end && !$this->finishing->isTyped(FinishPart::End) => "{$leaves}. Leave it open",
            default => $leaves,
        };
    }

    private static function goOn(StepSaid $said): string
    {
        $next = $said->goesOn();

        return match (true) {
            $next->uncut <= 0 => "Fasten off, {$said->length($next->tailCm)} tail: {$next->name} begins on it",
            $next->uncut < $next->copies => "Fasten off all but the last: {$next->name} goes on from that",
            default => "Keep the yarn: {$next->name} goes on from here",
        };
    }
}
