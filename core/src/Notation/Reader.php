<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/**
 * Reads the typed lines of one piece into rounds, each checked against the round below it.
 *
 * A wrong line costs no other: it goes in with what could be understood, and the lines after it are read on.
 */
final class Reader
{
    /** So many lines after a round may be remarks, and the next stands after them. */
    private const AHEAD = 4;

    private function __construct(private readonly Parser $parser, private readonly Rounds $rounds)
    {
    }

    /**
     * @param list<string>   $lines
     * @param int            $left        how many stitches may still come before the plan is full
     * @param int            $on          stitches of other pieces that the first round is worked into; 0: it begins on its own
     * @param YarnNames|null $yarns       null: yarns are known by their letters alone
     * @param bool           $chainCounts the chain that lifts a row or a joined round stands for its first stitch
     */
    public static function read(
        array $lines,
        Terms $terms,
        Worked $worked = Worked::Spiral,
        int $left = Limits::STITCHES,
        int $on = 0,
        ?YarnNames $yarns = null,
        bool $chainCounts = false,
    ): Reading {
        $yarns ??= YarnNames::letters();
        $key = "{$terms->value} {$worked->value} {$left} {$on} ".($chainCounts ? 'counts' : 'lifts')." {$yarns->signature}\n".implode("\n", $lines);

        return Remembered::of(Reading::class, $key, static function () use ($lines, $terms, $worked, $left, $on, $yarns, $chainCounts): Reading {
            $read = static fn (Worked $as): Reading => self::anew($lines, $terms, $as, $left, $on, $yarns, $chainCounts);
            $reading = $read($worked);
            $isAcross = 1 === preg_match('/\bacross\b/i', implode(' ', $lines));
            if (Worked::Rows === $worked || 0 === $reading->foundation || 1 !== \count($reading->rounds) || ([] === $reading->errors() && !$isAcross)) {
                return $reading;
            }
            // A cord, a strap: chains of which one side alone is worked into. What increases at its end is to go around it.
            $flat = $read(Worked::Rows);
            $isCord = [] === $flat->errors() && $flat->rounds[0]->makes <= $flat->rounds[0]->uses;

            return $isCord ? $flat->alongOneSide() : $reading;
        });
    }

    /** @param list<string> $lines */
    private static function anew(array $lines, Terms $terms, Worked $worked, int $left, int $on, YarnNames $yarns, bool $chainCounts): Reading
    {
        $parser = Parser::of($terms, $yarns, $on > 0, Shorthand::of($lines, Vocabulary::of($terms)));
        $self = new self(
            $parser,
            new Rounds(
                parser: $parser,
                yarns: $yarns,
                terms: $terms,
                worked: $worked,
                chainCounts: $chainCounts && Worked::Spiral !== $worked,
                left: $left,
                on: $on,
            ),
        );

        return $self->reading($lines, $terms, $worked, $on);
    }

    /** @param list<string> $lines */
    private function reading(array $lines, Terms $terms, Worked $worked, int $on): Reading
    {
        $parsed = $spans = $heads = [];
        $sources = Wrapping::of($lines);
        $lists = $this->lists($sources);
        $listed = new ListedYarns();
        foreach ($sources as $i => $source) {
            $before = $this->rounds->count();
            $outcome = isset($lists[$i])
                ? $listed->add($source, $lists[$i])
                : $this->source($source, $this->ahead(\array_slice($sources, $i + 1, self::AHEAD)));
            $after = $this->rounds->count();
            $range = $after > $before ? new RoundRange($before + 1, $after) : null;
            if (\count($parsed) >= $source->line) {
                // One more round of the same line: no single node is that line's.
                $parsed[$source->line - 1] = null;
                $first = $spans[$source->line - 1] ?? $range;
                $spans[$source->line - 1] = null === $first ? null : new RoundRange($first->from, $after);
            } else {
                [$parsed[], $heads[], $spans[]] = [$outcome->line, $outcome->head, $range];
            }
            for ($i = 1; $i < $source->lines(); ++$i) {
                $parsed[] = $heads[] = $spans[] = null;
            }
        }
        $chain = $this->rounds->chainAlone();
        if (null !== $chain) {
            $spans[$chain - 1] = new RoundRange(1, 1);
        }
        $made = $listed->on($this->rounds->made(), $this->rounds->told);
        $problems = $this->rounds->told->problems();
        $first = ($this->rounds->lines()[0] ?? null)?->stitches()[0] ?? null;
        $hint = Suspicion::of($made, $terms, $worked, $this->rounds->seen);

        return new Reading(
            rounds: $made,
            problems: [...$hint, ...$problems],
            spans: array_values($spans),
            on: $on,
            foundation: $first instanceof Foundation ? $first->chains : 0,
            side: $first instanceof Foundation && !$first->joined && !$first->isPoint() && Worked::Rows !== $worked ? $first->side() : 0,
            isRing: $first instanceof Foundation && 0 === $first->chains,
            said: $this->rounds->said(),
            syntax: new Syntax(array_values($parsed), $heads, $this->rounds->lines()),
        );
    }

    /** @param list<Source> $sources those that follow */
    private function ahead(array $sources): Ahead
    {
        foreach ($sources as $source) {
            $parsed = mb_strlen($source->text) > Limits::LINE ? null : $this->parser->line($source->text);
            $worked = array_values(array_filter($parsed->lines ?? [], static fn (Line $line): bool => $line->isWorked()));
            if ([] !== $worked) {
                return new Ahead($worked);
            }
        }

        return new Ahead([]);
    }

    /**
     * @param list<Source> $sources
     *
     * @return array<int, YarnList> by the place of the source
     */
    private function lists(array $sources): array
    {
        $lists = $headed = [];
        $isBegun = false;
        foreach ($sources as $i => $source) {
            if (mb_strlen($source->text) > Limits::LINE) {
                continue;
            }
            $parsed = $this->parser->line($source->text);
            $head = $parsed->lines[0]->head ?? $parsed->head;
            if (null !== $parsed->yarns) {
                $lists[$i] = $parsed->yarns->standing(!$isBegun);
            } elseif (null !== $head?->from) {
                $headed[] = [$head->from, $head->from + $head->rounds - 1];
            }
            $isBegun = $isBegun || $parsed->isWorked();
        }

        return array_filter($lists, static fn (YarnList $list): bool => $list->isBeside($headed));
    }

    private function source(Source $source, Ahead $ahead): Outcome
    {
        if (mb_strlen($source->text) > Limits::LINE) {
            $this->rounds->tell($source, Faults::tooLong());

            return new Outcome(null, null);
        }
        $parsed = $this->parser->line($source->text);
        if (null !== $parsed->remark || null !== $parsed->yarns) {
            $unread = UnreadYarn::ofLine($source->text, $parsed);
            if (null !== $unread) {
                $this->rounds->tell($source, $unread);
            }
        }
        if (null !== $parsed->remark) {
            return $this->rounds->remark($source, $parsed->remark);
        }
        if (null !== $parsed->error) {
            return $this->rounds->unreadable($source, $parsed);
        }
        $worked = array_values(array_filter($parsed->lines, static fn (Line $line): bool => $line->isWorked() || [] !== $line->again));
        if ([] === $worked || \count($worked) < \count($parsed->lines) && null === $parsed->lines[0]->head && !$parsed->lines[0]->isWorked()) {
            return $this->rounds->beside($source, $parsed->lines[0]);
        }

        $first = $worked[0]->head->from ?? $this->rounds->count() + 1;
        $within = UnreadYarn::within($source->text, $first, $first + ($worked[0]->head->rounds ?? 1) - 1);
        if (null !== $within) {
            $this->rounds->tell($source, $within);
        }
        try {
            return $this->rounds->work($source, $worked, $ahead);
        } catch (SyntaxError $error) {
            // Whatever a part of the reading finds impossible is told at its line: the plan is read all the same.
            $this->rounds->tell($source, Fault::of($error));
            $this->rounds->standIn($source, ($worked[0]->counts[0] ?? null)?->stitches, 1);

            return new Outcome(null, $worked[0]->head);
        }
    }
}
