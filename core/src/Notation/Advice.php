<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Count;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Plan\AskedReading;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/**
 * How to mend a round that does not fit the one below it, in the maker’s own words. What is offered at once was tried: the line
 * reads right with it, and makes what the maker typed that it makes.
 */
final readonly class Advice
{
    /** How long a line is, in bytes, that mends are read in: each is read whole. */
    private const TRIED = 1000;

    private Printer $printer;
    private Vocabulary $vocabulary;

    public function __construct(private Parser $parser, Terms $terms, Worked $worked, private Faults $faults)
    {
        $this->printer = new Printer($terms, $worked);
        $this->vocabulary = Vocabulary::of($terms);
    }

    /** A fault with those of its mends that help. */
    public function tried(Fault $fault, Source $source, RoundBelow $ground, ?Count $count): Fault
    {
        $fixes = array_values(array_filter($fault->fixes, fn (Fix $fix): bool => $this->helps($fix, $source, $ground, $count->stitches ?? null)));

        return $fault->mended(null, $fixes);
    }

    /**
     * A fault of how a round lies on the one below, with what to do about it.
     *
     * @param int|null $meant the count that the next round is worked into, where the line says it and makes another
     */
    public function mended(Fault $fault, Trial $trial, Source $source, RoundBelow $ground, ?int $meant = null): Fault
    {
        $line = $trial->reading;
        $count = ($line->counts[0] ?? null)?->stitches;
        $single = $this->vocabulary->abbreviation(Stitch::Single);
        if (FaultKind::Miscount === $fault->kind) {
            foreach ($line->counts as $typed) {
                if ($typed->stitches !== $trial->makes) {
                    // Other stitches are offered only where they shape the round the way that the maker’s do.
                    $isAlike = ($typed->stitches <=> $trial->below) === ($trial->makes <=> $trial->below);
                    $own = $isAlike ? $this->rewritten($trial, $source, $ground, $typed->stitches) : null;
                    $written = $this->write($typed, $trial->makes);
                    if ($typed->stitches === $meant) {
                        $mend = null === $own ? Message::of('mend.agrees', said: $meant) : Message::of('mend.write', text: $own->text);

                        return $fault->mended($mend, null === $own ? [] : [$own]);
                    }

                    return null === $own
                        ? $fault->mended(null, [$written])
                        : $fault->mended(Message::of('mend.writeOrCount', text: $own->text, makes: $trial->makes), [$own, $written]);
                }
            }
        }
        if (FaultKind::NoStart === $fault->kind) {
            return $this->tried(
                $fault->mended(null, [new Fix(Message::of('fix.ring'), ($line->stitches()[0] ?? $line)->span->end, 0, ' in MR')]),
                $source,
                $ground,
                $line->counts[0] ?? null,
            );
        }
        if (FaultKind::LeftOver !== $fault->kind && FaultKind::TooMany !== $fault->kind) {
            return $fault;
        }
        $rest = abs($trial->below - $trial->uses);
        // What makes the count that the maker typed comes first; what does not is said with what it makes.
        $more = FaultKind::LeftOver === $fault->kind
            ? new Fix(Message::of('fix.add', rest: $rest, single: $single), $line->end(), 0, ", {$rest} {$single}")
            : null;
        $fixes = [
            null !== $more && $this->helps($more, $source, $ground, $count) ? $more : null,
            $this->rewritten($trial, $source, $ground, $count),
        ];
        $fixes = array_values(array_filter(null === $count ? $fixes : array_reverse($fixes)));
        $mend = match (true) {
            [] === $fixes && null === $more => Message::of('mend.remove', rest: $rest),
            [] === $fixes && null === $count => Message::of('mend.add', rest: $rest, single: $single),
            [] === $fixes => Message::of('mend.addMaking', rest: $rest, single: $single, makes: $trial->makes + $rest),
            1 === \count($fixes) => $fixes[0] === $more
                ? Message::of('mend.add', rest: $rest, single: $single)
                : Message::of('mend.write', text: $fixes[0]->text),
            default => $fixes[0] === $more
                ? Message::of('mend.addOrWrite', rest: $rest, single: $single, text: $fixes[1]->text)
                : Message::of('mend.writeOrAdd', rest: $rest, single: $single, text: $fixes[0]->text),
        };
        $broken = Breaks::of($line, $trial->below);

        return $fault->mended(null === $broken ? $mend : Message::of('mend.broken', broken: $broken, mend: $mend), $fixes);
    }

    /** The line written anew, so that it fits and makes the count that the maker typed; null where none is found. */
    private function rewritten(Trial $trial, Source $source, RoundBelow $ground, ?int $count): ?Fix
    {
        $line = $trial->reading;
        $begin = $this->begin($line);
        foreach ((new Rewriting($this->printer, $this->vocabulary))->of($line, $trial->stitches->codes, $trial->below, $count) as $text) {
            $fix = new Fix(Message::of('fix.write', text: $text), $begin, max(0, $line->end() - $begin), $text);
            if ($this->helps($fix, $source, $ground, $count)) {
                return $fix;
            }
        }

        return null;
    }

    /** Mends a count. */
    public function write(Count $count, int $makes): Fix
    {
        return new Fix(Message::of('fix.write', text: "({$makes})"), $count->span->from, $count->span->length(), "({$makes})");
    }

    /**
     * Asks which of several readings is meant.
     *
     * @param non-empty-list<Trial> $open
     */
    public function asked(array $open, Source $source, RoundBelow $ground): Fault
    {
        $readings = $fixes = [];
        foreach ($open as $trial) {
            $line = $trial->reading;
            $text = $this->printer->stitches($line);
            $begin = $this->begin($line);
            $fix = new Fix(Message::of('fix.take', text: $text), $begin, max(0, $line->end() - $begin), $text);
            if ($this->helps($fix, $source, $ground, $trial->makes)) {
                $readings[] = new AskedReading($text, $trial->makes);
                $fixes[] = $fix;
            }
        }
        $first = $open[0]->reading->stitches()[0] ?? $open[0]->reading;
        $said = array_values(array_map(static fn (Trial $trial): int => $trial->makes, $open));

        return Fault::at(
            new Span($first->span->from, max($first->span->from + 1, $open[0]->reading->end())),
            Message::of('line.severalWays', ways: \count($open), made: $said),
        )->asking($readings, $fixes);
    }

    private function begin(Line $line): int
    {
        $begin = null;
        foreach ($line->stitches() as $item) {
            if ($item instanceof Work || $item instanceof Repeat || $item instanceof Node) {
                $begin = null === $begin ? $item->span->from : min($begin, $item->span->from);
            }
        }

        return $begin ?? $line->head->span->end ?? 0;
    }

    /**
     * Whether the line reads right with a mend.
     *
     * @param int|null $makes what it has to make; null: whatever
     */
    private function helps(Fix $fix, Source $source, RoundBelow $ground, ?int $makes): bool
    {
        if (1 !== $source->lines() || \strlen($source->text) > self::TRIED) {
            return false;
        }
        $parsed = $this->parser->line($fix->on($source->text));
        $lines = array_values(array_filter($parsed->lines, static fn (Line $line): bool => $line->isWorked()));
        if ([] === $lines) {
            return false;
        }
        $open = Judge::of($lines, $ground);

        return 1 === \count($open) && null === $this->faults->of($open[0], $ground, Limits::STITCHES) && null === $open[0]->odd
            && (null === $makes || $makes === $open[0]->makes);
    }
}
