<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\YarnStretch;
use Alternum\Core\Plan\Problem;
use PHPUnit\Framework\TestCase;

/** Whole written patterns in many habits: read right, or told at their place, and never wrongly without a word. */
final class PatternsTest extends TestCase
{
    /** @return list<int> */
    private static function rounds(Reading $reading): array
    {
        return array_map(static fn (Round $round): int => $round->makes, $reading->rounds);
    }

    /**
     * @param list<Problem> $problems
     *
     * @return list<int>
     */
    private static function told(array $problems): array
    {
        return array_values(array_unique(array_map(static fn (Problem $problem): int => $problem->round ?? 0, $problems)));
    }

    /** @return list<string> as "A3 -9" */
    private static function yarns(Reading $reading): array
    {
        return array_map(
            static fn (array $runs): string => implode(' ', array_map(static fn (YarnStretch $run): string => ($run->yarn ?? '-').$run->tops, $runs)),
            $reading->yarns(),
        );
    }

    public function testEveryPatternIsReadRightOrTold(): void
    {
        $patterns = WholePatterns::all();
        self::assertGreaterThan(400, \count($patterns));
        foreach ($patterns as $pattern) {
            $reading = $pattern->read();
            if (null !== $pattern->makes) {
                self::assertSame($pattern->makes, self::rounds($reading), $pattern->name);
            }
            self::assertSame([], array_diff($pattern->bad, self::told($reading->problems)), "Not told: {$pattern->name}");
            self::assertSame([], array_diff(self::told($reading->errors()), $pattern->bad), "Blamed: {$pattern->name}");
            if (null !== $pattern->yarns) {
                self::assertSame($pattern->yarns, self::yarns($reading), $pattern->name);
            }
            if (null !== $pattern->stitches) {
                self::assertSame($pattern->stitches, array_map(static fn (Round $round): string => $round->codes, $reading->rounds), $pattern->name);
                self::assertSame(
                    $pattern->cues,
                    array_combine(array_keys($pattern->cues ?? []), array_map($reading->cuesOf(...), array_keys($pattern->cues ?? []))),
                    $pattern->name,
                );
            }
        }
    }

    /** Every typed count that is one off is noticed at its line, and the right one is offered. */
    public function testACountThatIsOneOffIsNoticed(): void
    {
        $changed = 0;
        $missed = [];
        foreach (WholePatterns::all() as $pattern) {
            $right = $pattern->read();
            if ([] !== $right->problems) {
                continue;
            }
            foreach ($right->syntax->lines() as $i => $line) {
                foreach ($line->counts ?? [] as $count) {
                    // The figure within what stands for the count.
                    $typed = mb_substr($pattern->lines[$i], $count->span->from, $count->span->length());
                    if (1 !== preg_match_all('/\d+/', $typed)) {
                        continue;
                    }
                    foreach ([-1, 1] as $off) {
                        $lines = $pattern->lines;
                        $lines[$i] = mb_substr($lines[$i], 0, $count->span->from).preg_replace(
                            '/\d+/',
                            (string) ($count->stitches + $off),
                            $typed,
                        ).mb_substr($lines[$i], $count->span->end);
                        ++$changed;
                        if (!self::isMended(array_values($lines), $i, $pattern, self::rounds($right))) {
                            $missed[] = $lines[$i];
                        }
                    }
                }
            }
        }
        self::assertGreaterThan(862, $changed);
        self::assertLessThanOrEqual(0.01 * $changed, \count($missed), implode("\n", $missed));
    }

    /**
     * Any figure of a line that says its count, raised by one, is told; but for what the count does not tell apart: how many rounds are alike, how high
     * a chain lifts, of how many loops a bobble is, and how a round is shared out between yarns.
     */
    public function testAnyFigureThatIsOneMoreIsNoticed(): void
    {
        $raised = 0;
        foreach (WholePatterns::all() as $pattern) {
            $right = $pattern->read();
            if ([] !== $right->problems) {
                continue;
            }
            foreach ($right->syntax->lines() as $i => $line) {
                // Where the chain that lifts a round may be its first stitch, a count one more says that it is none.
                $isOpen = [] === ($line->counts ?? []) || true === ($right->rounds[($right->spans[$i]->from ?? 0) - 1] ?? null)?->chainIsFirst;
                preg_match_all('/\d+/', $isOpen ? '' : $pattern->lines[$i], $figures, \PREG_OFFSET_CAPTURE);
                foreach ($figures[0] as [$figure, $at]) {
                    $lines = $pattern->lines;
                    $lines[$i] = substr($lines[$i], 0, (int) $at).((int) $figure + 1).substr($lines[$i], (int) $at + \strlen($figure));
                    $read = Reader::read(array_values($lines), $pattern->terms, $pattern->worked);
                    ++$raised;
                    if ([] === $read->problems) {
                        self::assertSame(self::worked($right), self::worked($read), "{$pattern->lines[$i]}\n{$lines[$i]}");
                    }
                }
            }
        }
        self::assertGreaterThan(2500, $raised);
    }

    /** @return list<string> the stitches and loops of rounds that are not as the one before, whatever lifts them, and however many loops a bobble has */
    private static function worked(Reading $reading): array
    {
        $worked = [];
        foreach ($reading->rounds as $round) {
            $stitches = strtr($round->codes, ['b' => 'Q', 'R' => 'U'])." {$round->loops}";
            $worked = end($worked) === $stitches ? $worked : [...$worked, $stitches];
        }

        return $worked;
    }

    /**
     * @param list<string> $lines
     * @param list<int>    $makes of the rounds as they were right
     */
    private static function isMended(array $lines, int $at, WholePattern $pattern, array $makes): bool
    {
        foreach (Reader::read($lines, $pattern->terms, $pattern->worked)->errors() as $problem) {
            foreach ($at + 1 === $problem->line ? $problem->fixes : [] as $fix) {
                $mended = $lines;
                $mended[$at] = $fix->on($lines[$at]);
                $again = Reader::read(array_values($mended), $pattern->terms, $pattern->worked);
                if ([] === $again->errors() && self::rounds($again) === $makes) {
                    return true;
                }
            }
        }

        return false;
    }

    /** A mend that is offered at once leaves its line right: it is read, fits, and makes the count that was typed. */
    public function testEveryMendThatIsOfferedHelps(): void
    {
        $offered = 0;
        foreach (WholePatterns::all() as $pattern) {
            foreach ($pattern->read()->errors() as $problem) {
                foreach ($problem->fixes as $fix) {
                    $lines = $pattern->lines;
                    $at = ($problem->line ?? 1) - 1;
                    $lines[$at] = $fix->on($lines[$at]);
                    $left = array_filter(
                        Reader::read(array_values($lines), $pattern->terms, $pattern->worked)->errors(),
                        static fn (Problem $other): bool => $other->line === $problem->line && !$other->isNumbering,
                    );
                    self::assertSame([], $left, "{$fix->text}: {$lines[$at]}");
                    ++$offered;
                }
            }
        }
        self::assertGreaterThan(10, $offered);
    }
}
