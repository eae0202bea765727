<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Change\Ways;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Form\Finishing;
use Alternum\Core\Form\FinishPart;
use Alternum\Core\Form\FinishReason;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\Changes;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\ChangeAt;
use Alternum\Core\Plan\Closing;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\OldYarnChoice;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\RoundLift;
use Alternum\Core\Plan\Worked;

/** Settings that a piece has and that do nothing on it, each told at its field: none is dropped without a word. */
final readonly class UnfitSettings
{
    public function __construct(
        private Piece $piece,
        private Reading $reading,
        private Fabric $fabric,
        private PieceForm $form,
        private Finishing $finishing,
        private Changes $changes,
    ) {
    }

    /** @return list<Problem> notes, at paths within the piece; none where it has no rounds yet */
    public function problems(): array
    {
        if ([] === $this->reading->rounds) {
            return [];
        }
        $problems = [];
        foreach ([...$this->ofRounds(), ...$this->ofFinish(), ...$this->ofStuffing(), ...$this->ofChanges()] as $path => $message) {
            $problems[] = Problem::atPath($path, $message)->asNote();
        }

        return $problems;
    }

    /** @return iterable<string, Message> by path */
    private function ofRounds(): iterable
    {
        $isRows = Worked::Rows === $this->piece->worked;
        $lift = $this->piece->lift;
        if (null !== $lift && Worked::Spiral === $this->piece->worked) {
            yield 'lift' => Message::of('unfit.lift');
        } elseif (RoundLift::Counted === $lift && [] === array_filter($this->reading->rounds, static fn (Round $round): bool => $round->chainIsFirst)) {
            yield 'lift' => Message::of('unfit.counted');
        }
        if (Closing::BackLoop === $this->piece->closing && Worked::Joined !== $this->piece->worked) {
            yield 'closing' => Message::of('unfit.closing');
        }
        if ($isRows && null !== $this->piece->lean) {
            yield 'lean' => Message::of('unfit.lean');
        }
        if ($isRows && true === $this->piece->firstRound?->lies()) {
            yield 'firstRound' => Message::of('unfit.lies');
        }
        $face = $this->piece->face;
        if (null !== $face && ($isRows || $face->from > \count($this->reading->rounds))) {
            yield 'face' => $isRows ? Message::of('unfit.faceOfRows') : Message::of('unfit.face', from: $face->from, last: \count($this->reading->rounds));
        }
    }

    /** @return iterable<string, Message> by path */
    private function ofFinish(): iterable
    {
        $chosen = $this->piece->finish;
        $isRows = Worked::Rows === $this->piece->worked;
        $goesOn = FinishReason::GoesOn === $this->finishing->reasons[FinishPart::End->value];
        if (null !== $chosen->ring && null === $this->finishing->ring) {
            yield 'finish.ring' => Message::of('unfit.ring');
        }
        if (null !== $chosen->end && $goesOn) {
            yield 'finish.end' => Message::of('unfit.end');
        } elseif ($isRows && \in_array($chosen->end, [PieceEnd::NeedleJoin, PieceEnd::Flat], true)) {
            yield 'finish.end' => Message::of('unfit.endOfRows');
        }
        if (null !== $chosen->tailCm && $goesOn) {
            yield 'finish.tailCm' => Message::of('unfit.tail');
        }
        if ($this->finishing->isTooShort() && null !== $this->finishing->end) {
            yield 'finish.drawn' => Message::of('unfit.tailShort', tail: (int) round($this->finishing->tailCm), needs: (int) $this->finishing->threadCm);
        }
        if (null !== $chosen->turned && $chosen->turned > \count($this->reading->rounds)) {
            yield 'finish.turned' => Message::of('unfit.turned', turned: $chosen->turned, last: \count($this->reading->rounds));
        } elseif ($isRows && ($chosen->turned ?? 0) > 0) {
            yield 'finish.turned' => Message::of('unfit.turnedRows');
        }
        if (false === $chosen->drawn?->isNothing() && true !== $this->finishing->end?->closes()) {
            yield 'finish.drawn' => Message::of('unfit.drawn');
        } elseif (true === $chosen->drawn?->base && true === $this->piece->firstRound?->lies()) {
            yield 'finish.drawn' => Message::of('unfit.baseLies');
        }
    }

    /** @return iterable<string, Message> by path */
    private function ofStuffing(): iterable
    {
        $chosen = $this->piece->finish->stuffing;
        $isEmpty = Firmness::None === $this->finishing->firmness;
        if (null !== $chosen->firmness && Firmness::None !== $chosen->firmness && $isEmpty) {
            yield 'finish.stuffing.firmness' => Message::of('unfit.tooNarrow');
        }
        if (null !== $chosen->goes) {
            $goes = true === $this->piece->start?->join->isThroughBoth()
                ? ($isEmpty ? 0 : 1)
                : \count(StuffingGoes::goes($this->fabric, $this->form, $this->finishing));
            if ($goes !== $chosen->goes) {
                yield 'finish.stuffing.goes' => 0 === $goes
                    ? Message::of('unfit.goesNone')
                    : Message::of('unfit.goes', chosen: $chosen->goes, goes: $goes);
            }
        }
        if ('' !== $chosen->clear && $isEmpty) {
            yield 'finish.stuffing.clear' => Message::of('unfit.clear');
        }
    }

    /** @return iterable<string, Message> by path */
    private function ofChanges(): iterable
    {
        $choice = $this->piece->changes;
        $jogs = array_filter($this->changes->all, static fn (Change $change): bool => $change->place->isJog);
        if (null !== $choice->method && $this->isUnused($choice->method)) {
            yield 'changes.method' => Message::of('unfit.method', method: Ways::of($choice->method)->label());
        }
        if (null !== $choice->line && [] === array_filter($jogs, static fn (Change $change): bool => null !== $change->treatment->line)) {
            yield 'changes.line' => Message::of('unfit.line');
        }
        $n = 0;
        foreach ($choice->at as $round => $at) {
            $message = $this->ofChangeAt($round, $at);
            if (null !== $message) {
                yield "changes.at[{$n}]" => $message;
            }
            ++$n;
        }
    }

    /** Whether a method does nothing where it is asked for; a change with a method of its own does not ask for it. */
    private function isUnused(Method $method): bool
    {
        $own = $this->piece->changes->at;
        $asking = array_filter($this->changes->all, static fn (Change $change): bool => null === ($own[$change->place->treated] ?? null)?->method);
        $worked = array_filter($asking, static fn (Change $change): bool => $change->treatment->method === $method);

        return [] !== $asking && [] === $worked;
    }

    private function ofChangeAt(int $round, ChangeAt $at): ?Message
    {
        $there = $this->after($round);
        if (null === $there) {
            return 0 === $at->onward || Worked::Spiral !== $this->piece->worked || $round >= \count($this->reading->rounds)
                ? Message::of('unfit.noChange', round: $round)
                : null;
        }
        $old = match ($at->ends->oldYarn) {
            OldYarnChoice::Cut => OldYarn::Cut,
            OldYarnChoice::Carry, OldYarnChoice::Float => OldYarn::Carry,
            OldYarnChoice::Over => OldYarn::Over,
            null => null,
        };

        return match (true) {
            null !== $at->method && $at->method !== $there->treatment->method => Message::of(
                'unfit.methodAt',
                round: $round,
                method: Ways::of($at->method)->label(),
                used: Ways::of($there->treatment->method)->label(),
            ),
            $at->onward > 0 && 0 === $there->treatment->onward => Message::of('unfit.onward', round: $round),
            null !== $at->begins && Method::StandingStart !== $there->treatment->method => Message::of('unfit.begins', round: $round),
            null !== $old && OldYarn::Cut === $there->yarns->old && OldYarn::Cut !== $old => Message::of('unfit.notBack', yarn: $there->yarns->from),
            null !== $at->ends->oldTail && OldYarn::Cut !== $there->yarns->old => Message::of('unfit.noOldEnd', yarn: $there->yarns->from),
            null !== $at->ends->newTail && null !== $there->yarns->takenFrom => Message::of('unfit.noNewEnd', yarn: $there->yarns->to),
            default => null,
        };
    }

    private function after(int $round): ?Change
    {
        foreach ($this->changes->all as $change) {
            if ($change->place->isJog && $change->place->treated === $round || $change->place->isAtEnd && $change->place->round === $round) {
                return $change;
            }
        }

        return null;
    }
}
