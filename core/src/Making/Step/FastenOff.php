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

    public function trouble(): ?string
    {
        [$tail, $seam] = [round($this->finishing->tailCm), $this->finishing->seamCm];

        return $tail + 1.0 < $seam ? "The tail of {$tail} cm is too short to hold it with: that takes {$seam} cm." : null;
    }

    public function drawings(): array
    {
        return null === $this->finishing->end ? [] : ['technique fasten-off'];
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        $end = $this->finishing->end;
        if (null === $end) {
            return self::goOn($said);
        }
        $level = $this->finishing->levelled ? 'Sl st in the next st, so that the edge is level. ' : '';
        $leaves = "{$level}Fasten off, {$said->length($this->finishing->tailCm)} tail";

        return match (true) {
            PieceEnd::Sewn === $end => "{$leaves} to sew with",
            PieceEnd::Open === $end && FinishReason::Chosen === $this->finishing->reasons[FinishPart::End->value] => "{$leaves}. Leave it open",
            default => $leaves,
        };
    }

    private static function goOn(StepSaid $said): string
    {
        $next = $said->goesOn();

        return match (true) {
            $next->uncut <= 0 => "Fasten off, {$said->length($next->tailCm)} tail: {$next->name} begins on it",
            $next->uncut < $next->copies => 2 === $next->copies
                ? "Fasten off the first; do not fasten off the second: {$next->name} continues from it"
                : "Fasten off all but the last; do not fasten that off: {$next->name} continues from it",
            default => "Do not fasten off; {$next->name} continues from here",
        };
    }
}
