<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** The rounds of one piece as they come, line by line, with what is wrong with them. */
final class Rounds
{
    private readonly Faults $faults;
    private readonly Advice $advice;
    public readonly Habits $seen;
    public readonly LineProblems $told;

    /** @var list<Round> */
    private array $rounds = [];
    /** @var list<Line> as each round was worked */
    private array $lines = [];
    /** @var list<LineCue> */
    private array $said = [];
    private bool $isFull = false;
    /** Chains at the end of the row before, for this one. */
    private int $lifted = 0;
    /** What the first round is worked into, said before it, and where it is said. */
    private ?Foundation $foundation = null;
    private ?Source $begun = null;
    /** A yarn named on a line of its own. */
    private ?NamedYarn $yarn = null;
    /** What the last round was read from. */
    private ?Source $source = null;
    /** The line before is blank. */
    private bool $isAfterBlank = false;
    public readonly Numbering $numbering;

    public function __construct(
        Parser $parser,
        YarnNames $yarns,
        Terms $terms,
        private readonly Worked $worked,
        private readonly bool $chainCounts,
        private int $left,
        private readonly int $on,
    ) {
        $this->faults = new Faults(Vocabulary::of($terms), $worked);
        $this->advice = new Advice($parser, $terms, $worked, $this->faults);
        $this->seen = new Habits();
        $this->numbering = new Numbering();
        $this->told = new LineProblems($yarns, $worked);
    }

    public function count(): int
    {
        return \count($this->rounds);
    }

    /** @return list<Round> */
    public function made(): array
    {
        return $this->rounds;
    }

    /** @return list<Line> */
    public function lines(): array
    {
        return $this->lines;
    }

    /** @return list<LineCue> */
    public function said(): array
    {
        return $this->said;
    }

    public function remark(Source $source, string $text): Outcome
    {
        $this->isAfterBlank = '' === $text;
        if ('' !== $text) {
            $this->said[] = new LineCue($this->count(), $source->line, CueKind::Note, $text);
        }

        return new Outcome(null, null);
    }

    public function unreadable(Source $source, Parsed $parsed): Outcome
    {
        $error = $parsed->error;
        if ($parsed->isHeading && (0 === $this->count() || $this->isAfterBlank)) {
            return $this->remark($source, trim($source->text));
        }
        if (null !== $error && $this->hasRoom($source)) {
            $this->renumber($source, $parsed->head);
            $this->tell($source, $this->advice->tried($error, $source, $this->below(), $parsed->count));
            $this->standIn($source, $parsed->count?->stitches, $parsed->head->rounds ?? 1);
        }

        return new Outcome(null, $parsed->head);
    }

    /** A line with no stitches of a round: cues, a yarn, a chain or a ring to begin on. */
    public function beside(Source $source, Line $line): Outcome
    {
        foreach ($line->items as $item) {
            if ($item instanceof Foundation) {
                [$this->foundation, $this->begun] = [$item, $source];
            } elseif ($item instanceof YarnPhrase) {
                $this->yarn = new NamedYarn($item->yarn, $item->way);
                $this->told->yarns($source, $this->count() + 1, [$item->yarn]);
            } elseif ($item instanceof Cue) {
                $this->said[] = new LineCue($this->count(), $source->line, $item->kind, $item->text);
                $this->told->cue($source, $this->count() + 1, $item);
            } elseif ($item instanceof Node\Close && [] !== $this->rounds) {
                $this->said[] = new LineCue($this->count(), $source->line, CueKind::Close, mb_substr($source->text, $item->span->from, $item->span->length()));
            }
        }
        if (null !== $line->head && null !== $line->head->from && LineKind::lacksStitches($line, $line->head) && $this->hasRoom($source)) {
            $end = $line->head->span->end;
            $this->tell($source, $this->faults->noStitches($line->items[0] ?? null, new Span($end, $end + 1), $this->count() + 1));
            $this->standIn($source, ($line->counts[0] ?? null)?->stitches, $line->head->rounds);
        } elseif (null !== $line->head && [] !== $line->counts && ($ring = $line->stitches()[0] ?? null) instanceof Foundation && $this->hasRoom($source)) {
            $this->tell($source, $this->faults->emptyRing($ring->span));
            $this->standIn($source, $line->counts[0]->stitches, 1);
        }

        return new Outcome(null, $line->head);
    }

    /** @param non-empty-list<Line> $lines the readings of one text */
    public function work(Source $source, array $lines, Ahead $ahead): Outcome
    {
        if (!$this->hasRoom($source)) {
            return new Outcome(null, $lines[0]->head);
        }
        if ([] === $this->rounds && LineKind::isFoundation($lines[0])) {
            // "Join the legs with 3 ch.": how it begins on others.
            return $this->on > 0 ? $this->remark($source, trim($source->text)) : $this->beside($source, LineKind::founded($lines[0]));
        }
        if ([] !== $this->rounds && LineKind::isEnding($lines[0])) {
            $this->said[] = new LineCue($this->count(), $source->line, CueKind::FastenOff, trim($source->text));

            return $this->beside($source, $lines[0]);
        }
        $this->renumber($source, $lines[0]->head);
        $line = (new LineWork($this, $this->faults, $this->advice, $ahead))->of($source, $lines, $this->below());

        return new Outcome($line, $lines[0]->head);
    }

    /** A chain that nothing is worked into is all of the piece, a cord or a loop: the line that says it, from 1; null: it is not so. */
    public function chainAlone(): ?int
    {
        $chain = $this->foundation;
        if ([] !== $this->rounds || null === $chain || null === $this->begun || 0 === $chain->chains || $this->on > 0) {
            return null;
        }
        $this->foundation = null;
        // What stands beside it is done once it is made.
        $this->said = LineCue::all($this->said, 1, $this->begun->line);
        $this->take(Trial::of($chain->alone(), $this->below()), $this->begun, []);

        return $this->begun->line;
    }

    public function below(): RoundBelow
    {
        $last = end($this->rounds);

        return new RoundBelow(
            number: $this->count() + 1,
            below: false === $last ? $this->on : $last->makes,
            on: $this->on,
            worked: $this->worked,
            chainCounts: $this->chainCounts,
            lifted: $this->lifted,
            foundation: false === $last && 0 === $this->on ? $this->foundation : null,
            joins: $this->seen->joins > 0,
            letters: $this->seen->letters,
        );
    }

    /** @param list<Cue> $cues said at the round, which was worked; false where it cannot go in, and plain stitches do */
    public function take(Trial $trial, Source $source, array $cues): bool
    {
        if (0 === $trial->makes || $trial->makes > Limits::STITCHES_IN_ROUND || $trial->makes > $this->left || null !== $trial->error) {
            $this->standIn($source, ($trial->line->counts[0] ?? null)?->stitches, 1);

            return false;
        }
        $stitches = $trial->stitches;
        $named = $stitches->yarns;
        if (null !== $this->yarn) {
            $named = isset($named[0]) ? $named : [0 => $this->yarn] + $named;
            $this->yarn = null;
        }
        $yarns = [...array_values($named), ...(null === $stitches->nextYarn ? [] : [$stitches->nextYarn])];
        $names = array_map(static fn (NamedYarn $yarn): string => $yarn->yarn, $yarns);
        $this->told->yarns($source, $this->count() + 1, $names, $this->source === $source ? null : $trial);
        $this->isAfterBlank = false;
        $last = array_pop($this->rounds);
        if (null !== $last) {
            $this->rounds[] = $this->source === $source ? $last->goingOn() : $last;
        }
        $this->source = $source;
        $this->rounds[] = $trial->asRound($this->count() + 1, $source->line, $named, $cues);
        $this->lines[] = $trial->line;
        $this->left -= $trial->makes;
        $this->lifted = $trial->lifting->after;
        $this->foundation = null;

        return true;
    }

    /** The last round once more, where it was worked from the same text into as many stitches. */
    public function repeatLast(Source $source): bool
    {
        $last = end($this->rounds);
        if (false === $last || $this->source !== $source || !$last->canComeAgain() || $last->makes > $this->left) {
            return false;
        }
        $this->rounds[] = $last->again();
        $this->lines[] = $this->lines[\count($this->lines) - 1];
        $this->left -= $last->makes;

        return true;
    }

    /** @param list<Cue> $cues what is said at the last round, too */
    public function say(array $cues): void
    {
        $last = [] === $cues ? null : array_pop($this->rounds);
        if (null !== $last) {
            $this->rounds[] = $last->saying($cues);
        }
    }

    public function roomLeft(): int
    {
        return $this->left;
    }

    /** Lays plain stitches for rounds that could not be read, so that those after them keep their numbers. */
    public function standIn(Source $source, ?int $makes, int $times): void
    {
        $this->lifted = 0;
        for ($i = 0; $i < $times && $this->count() < Limits::ROUNDS; ++$i) {
            $below = $this->rounds[\count($this->rounds) - 1]->makes ?? $this->on;
            $made = max(1, min($makes ?? (0 === $below ? 6 : $below), Limits::STITCHES_IN_ROUND));
            if ($made > $this->left) {
                return;
            }
            $this->rounds[] = Round::standIn($this->count() + 1, $source->line, $below, $made);
            $this->lines[] = Line::of([new Work(Stitch::Single, $made, Span::none())]);
            $this->left -= $made;
        }
    }

    /** Says where a head's number is not the round's. */
    private function renumber(Source $source, ?Node\Head $head): void
    {
        $next = $this->count() + 1;
        $missing = $this->numbering->missing($head, $next) ?? -1;
        if ($missing > 0) {
            $this->standIn($source, null, $missing);
        } elseif (0 === $missing && null !== $head) {
            $this->told->numbering($source, $head, $next);
        }
    }

    private function hasRoom(Source $source): bool
    {
        if ($this->count() >= Limits::ROUNDS && !$this->isFull) {
            $this->isFull = true;
            $this->tell($source, $this->faults->tooManyRounds());
        }

        return $this->count() < Limits::ROUNDS;
    }

    /** @param int|null $round the round it is about; null: the next */
    public function tell(Source $source, Fault $fault, bool $asNote = false, ?int $round = null): void
    {
        $this->told->tell($source, $fault, $round ?? $this->count() + 1, $asNote);
    }
}
