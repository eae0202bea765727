<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Terms;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

/** Reading what was printed gives back the same rounds. */
final class PrinterTest extends TestCase
{
    use TestTrait;

    /** @return list<string> */
    private static function codes(string $text, Terms $terms): array
    {
        return array_map(static fn (Round $round): string => $round->codes, Reader::read(explode("\n", $text), $terms)->rounds);
    }

    public function testPrintThenReadOverGeneratedPatterns(): void
    {
        $this->limitTo(200)->forAll(Generators::choose(0, 1_000_000_000))->then(static function (int $seed): void {
            [$text, $terms] = self::pattern($seed);
            $reading = Reader::read(explode("\n", $text), $terms);
            self::assertSame([], $reading->problems, $text);
            foreach (Terms::cases() as $other) {
                $printer = new Printer($other);
                $printed = [];
                foreach ($reading->syntax->lines() as $i => $line) {
                    self::assertInstanceOf(Line::class, $line);
                    [$from, $to] = [$reading->spans[$i]->from ?? 0, $reading->spans[$i]->to ?? 0];
                    $printed[] = $printer->line($from, $to, $printer->stitches($line), $reading->rounds[$to - 1]->makes);
                }
                $again = Reader::read($printed, $other);
                self::assertSame([], $again->problems, implode("\n", $printed));
                self::assertEquals($reading->rounds, $again->rounds, implode("\n", $printed));
            }
        });
    }

    /** Whole patterns, printed and read again, are the same in stitches, loops, yarns, closes, chains and cues; in either country's words. */
    public function testPrintsWholePatternsWithAllThatTheySay(): void
    {
        $printed = 0;
        foreach (WholePatterns::all() as $pattern) {
            $reading = $pattern->read();
            if ([] !== $reading->problems) {
                continue;
            }
            foreach (Terms::cases() as $terms) {
                $printer = new Printer($terms, $pattern->worked);
                $lines = [];
                $last = 0;
                foreach ($reading->syntax->worked() as $i => $line) {
                    // Rounds that go on until it fits are said as one; all others each for itself.
                    $to = null === $line->goesOnUntil() ? $i + 1 : $reading->spans[$reading->rounds[$i]->line - 1]->to ?? $i + 1;
                    if ($i >= $last) {
                        $lines[] = $printer->whole($line, $i + 1, $to, $reading->rounds[$i]->makes);
                        $last = $to;
                    }
                }
                $again = Reader::read($lines, $terms, $pattern->worked);
                self::assertSame([], $again->errors(), $pattern->name."\n→\n".implode("\n", $lines));
                self::assertSame(self::said($reading), self::said($again), $pattern->name."\n→\n".implode("\n", $lines));
                ++$printed;
            }
        }
        self::assertGreaterThan(700, $printed);
    }

    /** @return list<array<mixed>> */
    private static function said(Reading $reading): array
    {
        return array_map(
            static fn (Round $round): array => [
                $round->codes,
                $round->loops,
                $round->makes,
                $round->closed,
                [$round->lifting->before, $round->lifting->after],
                array_map(static fn (Cue $cue): string => $cue->text, $round->cues),
            ],
            $reading->rounds,
        );
    }

    public function testPrintsLikeStitchesTogether(): void
    {
        $printer = new Printer(Terms::Us);
        self::assertSame('5 sc, inc, inv dec x2, ch 2, sk 3, hdc, 2 tr', $printer->codes('sssssivvcckkkhtt'));
        self::assertSame('5 dc, htr, tr, 2 dtr', (new Printer(Terms::Uk))->codes('ssssshdtt'));
        self::assertSame(['sssssivvcckkkhtt'], \array_slice(self::codes("16 sc in MR\n".$printer->codes('sssssivvcckkkhtt'), Terms::Us), 1));
    }

    /**
     * A pattern that holds together, from a seed: each round is built to use what the round below made.
     *
     * @return array{string, Terms}
     */
    private static function pattern(int $seed): array
    {
        mt_srand($seed);
        $terms = 0 === mt_rand(0, 1) ? Terms::Us : Terms::Uk;
        $sc = Terms::Us === $terms ? 'sc' : 'dc';
        $made = mt_rand(4, 10);
        $lines = [0 === mt_rand(0, 1) ? "R1: {$made} {$sc} in MR" : "Rnd 1. ch 2, {$made} {$sc} in 2nd ch from hook [{$made}]"];
        for ($round = 2, $last = mt_rand(3, 14); $round < $last; ++$round) {
            $times = mt_rand(1, min(6, $made));
            $each = intdiv($made, $times);
            $rest = $made - $each * $times;
            $plus = 0 === $rest ? '' : ", {$rest} {$sc}";
            $plain = $each - 1;
            [$text, $made] = match (mt_rand(0, 5)) {
                0 => ["R{$round}: inc around", 2 * $made],
                1 => ['Round '.$round.' - '.(0 === $plain ? "inc x{$times}" : "[{$plain} {$sc}, inc] × {$times}").$plus, $made + $times],
                2 => $each >= 3 ? ["R{$round}: (".($each - 2)." {$sc}, inv dec) {$times} times{$plus}", $made - $times] : ["R{$round}: {$sc} around", $made],
                3 => ["R{$round}: {$sc} in each st around ({$made})", $made],
                4 => $made > 4 ? ["{$round}: 2 {$sc}, ({$sc}, ch 1, sk 1) x1, {$sc} around", $made] : ["R{$round}: {$made}{$sc}", $made],
                default => ["R{$round}-".($round + 2).": {$sc} around", $made],
            };
            if (str_contains($text, '-'.($round + 2).':')) {
                $round += 2;
            }
            if ($made > 300) {
                break;
            }
            $lines[] = $text;
        }

        return [implode("\n", $lines), $terms];
    }
}
