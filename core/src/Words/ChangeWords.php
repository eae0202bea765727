<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Change\Sight;
use Alternum\Core\Change\Ways;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Form\Finishing;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** What a change is, what to do there and why, in the maker’s words. */
final readonly class ChangeWords
{
    private Vocabulary $vocabulary;
    private EndsWords $ends;

    /** @param array<int, string> $covers what is sewn on over the jog at a round's end, by that round: "the ears" */
    public function __construct(
        Plan $plan,
        private Piece $piece,
        private Fabric $fabric,
        private Reading $reading,
        Finishing $finishing,
        private YarnWords $yarns,
        private SideWords $sides,
        Terms $terms,
        private array $covers = [],
    ) {
        $this->vocabulary = Vocabulary::of($terms);
        $this->ends = new EndsWords($plan, $piece, $yarns, Worked::Rows === $piece->worked || $finishing->isLeftOpen());
    }

    /** "after stitch 24 of round 7: B → A, at 214°, a jog of one round, at the back". */
    public function summary(Change $change): string
    {
        $place = "after stitch {$change->place->stitch} of {$this->once()} {$change->place->round}: {$this->yarns->letter(
            $change->yarns->from,
        )} → {$this->yarns->letter($change->yarns->to)}";
        if (Worked::Rows === $this->piece->worked) {
            return $place.($change->place->isAtEnd ? ', at the edge' : ', within the row');
        }
        $place .= ', at '.((int) round($change->place->degrees) % 360).'°';
        if (!$change->place->isJog) {
            return "{$place}, within the round";
        }
        $at = null === $change->treatment->line ? '' : ', on the change line';

        return "{$place}{$at}, ".Ways::of($change->treatment->method)->leaves().', '.$this->seen($change);
    }

    /** Where its place is: "shows, 38° from the front". */
    private function seen(Change $change): string
    {
        $apart = $this->sides->away($change->place->fromFront);

        return match (true) {
            !$change->place->isJog => $change->place->isAtEnd ? 'at the edge' : 'within the round',
            $change->shows() => "shows, {$apart}",
            Sight::isAtBack($change->place->fromFront) => $this->sides->hidden,
            default => "{$this->sides->fromSide}, {$apart}",
        };
    }

    /** What to do, a sentence a step. */
    public function toDo(Change $change): string
    {
        if (null !== $change->yarns->helix) {
            return implode(' ', [(new HelixWords($this->yarns, $this->vocabulary))->toDo($change), ...$this->ends->toDo($change)]);
        }
        $way = Ways::of($change->treatment->method);
        $does = $way->toDo($this->said($change));
        $steps = [
            ...$this->before($change),
            array_shift($does),
            null === $change->yarns->takenFrom || $change->yarns->takenFrom === $change->place->round
                ? null
                : "Pick up {$this->yarns->letter($change->yarns->to)} from {$this->once()} {$change->yarns->takenFrom}.",
            ...$does,
        ];
        array_push($steps, ...$this->ends->toDo($change));

        return implode(' ', array_filter($steps, static fn (?string $step): bool => null !== $step));
    }

    /** @return list<string> what is worked before the change is made */
    private function before(Change $change): array
    {
        return 0 === $change->treatment->onward ? [] : [$this->onward($change->treatment->onward, $change->yarns->from)];
    }

    /** What the notes of a pattern do not say: of what they do, only what becomes of the yarns. */
    public function brief(Change $change): string
    {
        $way = Ways::of($change->treatment->method);
        if (null !== $change->yarns->helix) {
            return $this->toDo($change);
        }
        if ($way->isInNotes()) {
            $attaches = null === $change->yarns->takenFrom && $change->place->isWithin();

            return implode(' ', [...$attaches ? ["Attach {$this->yarns->letter($change->yarns->to)}."] : [], ...$this->ends->toDo($change)]);
        }

        return $change->place->isJog && $way->isDefinedOnce()
            ? ucfirst(implode(' ', [...$this->before($change), "{$way->label()}.", ...$this->ends->toDo($change)]))
            : $this->toDo($change);
    }

    /** Why this method, and why the old yarn is cut or kept. */
    public function why(Change $change): string
    {
        return "{$this->whyMethod($change)} {$this->ends->why($change)}";
    }

    private function whyMethod(Change $change): string
    {
        $way = Ways::of($change->treatment->method);

        return match (true) {
            !$change->place->isJog && $change->place->isAtEnd => 'A row ends at an edge, where no jog is seen.',
            null !== $change->yarns->helix => 'Each yarn climbs in a spiral of its own, so no jog lies between them.',
            !$change->place->isJog => "A change within a {$this->once()} leaves no jog.",
            null !== $change->treatment->line => 'The change line keeps every jog in one straight column, wherever the marker stands.',
            $change->treatment->isChosen => $way->whyChosen($this->said($change)),
            default => $way->whyTaken($this->said($change)),
        };
    }

    private function said(Change $change): ChangeSaid
    {
        return new ChangeSaid(
            change: $change,
            piece: $this->piece,
            fabric: $this->fabric,
            reading: $this->reading,
            yarns: $this->yarns,
            sides: $this->sides,
            vocabulary: $this->vocabulary,
            cover: $this->covers[$change->place->treated] ?? null,
        );
    }

    /** The round's start is moved on: "Work 3 sc more in A, and move the marker up to there." */
    public function onward(int $stitches, string $yarn): string
    {
        return "Work {$stitches} {$this->vocabulary->abbreviation(Stitch::Single)} more in {$this->yarns->named($yarn)}, and move the marker up to there.";
    }

    private function once(): string
    {
        return $this->piece->worked->once();
    }
}
