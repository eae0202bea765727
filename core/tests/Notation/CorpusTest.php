<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\TestCase;

/** Written lines in many habits: nearly all are read, with the right count, and none is read wrongly without a word. */
final class CorpusTest extends TestCase
{
    /** @return list<array{int, int, Terms, string}> stitches below, stitches made, words, line */
    private static function lines(): array
    {
        $lines = [];
        foreach (explode("\n", (string) file_get_contents(__DIR__.'/corpus.txt')) as $line) {
            if (1 === preg_match('/^(\d+) (\d+) (us|uk) \| (.*)$/', $line, $match)) {
                $lines[] = [(int) $match[1], (int) $match[2], Terms::from($match[3]), $match[4]];
            }
        }

        return $lines;
    }

    /**
     * The line on a round of so many stitches.
     *
     * @return list<string>
     */
    private static function onto(int $below, Terms $terms, string $line): array
    {
        $single = Terms::Us === $terms ? 'sc' : 'dc';
        $body = (string) preg_replace('/^\s*(?:(?:r|rnd|round)\s*(?:\d+|three)\s*[-–:.)]?|\[\d\]|\d\w*(?: round)?[:.)])\s*[-–]?\s*/iu', '', $line);

        return 0 === $below ? [$line] : ["{$below} {$single} in MR", 'R2: '.$body];
    }

    public function testReadsNearlyAll(): void
    {
        $lines = self::lines();
        self::assertGreaterThanOrEqual(150, \count($lines));
        $missed = [];
        foreach ($lines as [$below, $makes, $terms, $line]) {
            $reading = Reader::read(self::onto($below, $terms, $line), $terms);
            $last = $reading->rounds[\count($reading->rounds) - 1] ?? null;
            $isRight = [] === $reading->problems && null !== $last && $last->readable && $last->makes === $makes && (0 === $below || $last->uses === $below);
            if (!$isRight) {
                $read = 'read as '.(null === $last ? 'nothing' : $last->makes);
                $missed[] = "{$line}  →  ".([] === $reading->problems ? $read : MessageWords::says($reading->problems[0]->message));
                self::assertNotSame([], $reading->problems, "Read wrongly without a word: {$line}");
            }
        }
        self::assertLessThanOrEqual((int) (0.05 * \count($lines)), \count($missed), implode("\n", $missed));
    }

    /** Heads are read, too: each line under its own number. */
    public function testReadsTheHeads(): void
    {
        foreach (self::lines() as [$below, , $terms, $line]) {
            $head = Reader::read([$line], $terms)->syntax->heads()[0];
            if (1 === preg_match('/^\D{0,6}(\d+)[\s.:)\]-]/u', $line, $match) && 0 !== $below) {
                self::assertSame((int) $match[1], $head?->from, $line);
            }
        }
    }

    /** What is read is printed, in either country's words, and read again as the same stitches. */
    public function testPrintsWhatItReads(): void
    {
        foreach (self::lines() as [$below, , $terms, $line]) {
            $reading = Reader::read(self::onto($below, $terms, $line), $terms);
            foreach (Terms::cases() as $other) {
                $printer = new Printer($other);
                $printed = [];
                foreach ($reading->syntax->lines() as $i => $node) {
                    [$from, $to] = [$reading->spans[$i]->from ?? 0, $reading->spans[$i]->to ?? 0];
                    $printed[] = $node instanceof Line ? $printer->head($from, $to).': '.$printer->stitches($node) : '';
                }
                $again = Reader::read($printed, $other);
                self::assertSame([], $again->problems, "{$line}  →  ".implode(' / ', $printed));
                // Yarns that the line names are colours of the plan, which the written steps name, not its stitches.
                $worked = static fn (Round $round): array => [$round->codes, $round->loops, $round->uses, $round->makes];
                self::assertSame(array_map($worked, $reading->rounds), array_map($worked, $again->rounds), "{$line}  →  ".implode(' / ', $printed));
            }
        }
    }

    /** Every stitch that is known is written and read back, alone and among others. */
    public function testEveryStitchIsReadBack(): void
    {
        foreach (Terms::cases() as $terms) {
            $printer = new Printer($terms);
            foreach (Stitch::cases() as $stitch) {
                if ($stitch->isOut() || $stitch->isInLoop()) {
                    // Along a chain, or in its loop, it stands with that chain: see ChainsTest.
                    continue;
                }
                foreach ([1, 3] as $times) {
                    $codes = 's'.str_repeat($stitch->code(), $times).'s';
                    $below = Stitch::sumUses($codes);
                    $lines = [$below.(Terms::Us === $terms ? ' sc' : ' dc').' in MR', $printer->codes($codes)];
                    $reading = Reader::read($lines, $terms);
                    self::assertSame([], $reading->problems, $lines[1]);
                    self::assertSame($codes, $reading->rounds[1]->codes, $lines[1]);
                }
            }
        }
    }

    public function testLoopsAreKept(): void
    {
        $round = Reader::read(['6 sc in MR', '2 sc in BLO, sc, 2 hdc in FLO, sc'], Terms::Us)->rounds[1];
        self::assertSame(['BLO sc', 'BLO sc', 'sc', 'FLO hdc', 'FLO hdc', 'sc'], $round->stitches());
        self::assertSame('bb ff ', $round->loops);
        self::assertSame('bbbbbb', Reader::read(['6 sc in MR', 'working in back loops only, sc around'], Terms::Us)->rounds[1]->loops);
    }

    /** Generated nonsense never stops the reader, and 10 kB of it is read quickly; the time itself is for bin/bench. */
    public function testNonsenseIsRead(): void
    {
        mt_srand(11);
        $words = [
            'R1:', '6', 'sc', 'in', 'MR', '(', ')', '[', ']', 'x6', 'inc', 'dec', ',', 'around', '-', '🧶', "\u{202E}", '12', '*',
            'with', ':', "\t", 'ch 2', 'each', 'st', 'next', 'same', 'BLO', 'rep from *', 'twice', '5-loop', 'bob', '=', 'stuff',
            '.', 'sc3tog', 'to', 'end', 'through both layers', 'ch 6, sc in 2nd ch from hook', 'starting in 2nd ch', 'other side',
            'change to B', 'B:', 'over the tail', 'into MR:',
        ];
        for ($i = 0; $i < 3000; ++$i) {
            $text = implode(' ', array_map(static fn (): string => $words[mt_rand(0, \count($words) - 1)], range(0, mt_rand(1, 30))));
            $reading = Reader::read(['6 sc in MR', $text], Terms::Us);
            foreach ($reading->problems as $problem) {
                self::assertGreaterThanOrEqual(1, $problem->column);
                self::assertLessThanOrEqual(mb_strlen($text) + 1, $problem->column, $text);
            }
        }
        self::assertNotSame([], Reader::read([str_repeat('(sc * [', 1400)], Terms::Us)->problems);
    }
}
