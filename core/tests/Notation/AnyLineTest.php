<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Whatever is typed is read, or told: no line stops a plan. */
final class AnyLineTest extends TestCase
{
    private const WORDS = [
        'sc', 'inc', 'dec', 'hdc', 'dc', 'ch', 'sl st', 'sk', 'bob', '(sc, inc)', '(sc, dec)', '(ch 3, sl st in same st)',
        '[sc, (inc, dec) x 3]', '*sc, inc;', 'rep from *', 'around', 'in each st', 'evenly', 'BLO', 'in MR', 'ch 1, turn', 'join',
        'fasten off', 'stuff', 'rem', 'to last 3 sts', 'with B,', 'in B', 'change to A', 'R2:', 'Rnd 3-5:', 'R400:', '(12)', '(2000)',
        '[18]', '#', 'rep R2', 'rep R1-2 7 more times', 'until 30 sts', 'together', 'sc2tog', '3 sc in next st', 'skip 3',
        'leave last 2 sts unworked', 'ch 7, sc in 2nd ch from hook', 'x', '*', '(', ')', '—', '…', '°', "\u{1F9F6}", "\u{202E}",
        'Ears (make 2)', 'close',
    ];
    private const NUMBERS = [0, 1, 2, 3, 6, 12, 40, 399, 400, 401, 1000, 1500, 2000, 2001, 60000, 999999, 99999999];

    /** @return iterable<string, array{string}> lines that name an end of the work and more stitches than a round holds */
    public static function endings(): iterable
    {
        $lines = ['(sc, inc) x 1500, fasten off', '(sc, inc) x 1500, stuff', 'fasten off, (ch 3, sl st) x 900', '[(sc, inc) x 300] x 300, close'];
        foreach ([...$lines, 'rep R2 x 1500, fasten off'] as $line) {
            yield $line => [$line];
        }
    }

    #[DataProvider('endings')]
    public function testAnEndWithMoreStitchesThanARoundHoldsIsTold(string $line): void
    {
        $analysis = Analysis::of(Plans::of(['6 sc in MR', 'inc x6', $line]));
        self::assertSame([6, 12], \array_slice(array_column($analysis->pieces[0]->stages->reading->rounds, 'makes'), 0, 2));
        self::assertNotSame([], $analysis->problems);
        self::assertSame(3, $analysis->problems[0]->line);
    }

    public function testChanceLinesAreReadOrTold(): void
    {
        mt_srand(20261130);
        for ($i = 0; $i < 800; ++$i) {
            $lines = [self::pick(['6 sc in MR', '12 sc', 'ch 9', 'MR', '']), self::pick(['inc x6', 'sc around', '(sc, inc) x6'])];
            for ($line = mt_rand(1, 4); $line > 0; --$line) {
                $text = '';
                for ($word = mt_rand(1, 7); $word > 0; --$word) {
                    $text .= match (mt_rand(0, 3)) {
                        0 => self::pick(self::NUMBERS).' '.self::pick(self::WORDS),
                        1 => self::pick(self::WORDS).self::pick([' x ', 'x', '*', ' times ', '-']).self::pick(self::NUMBERS),
                        default => self::pick(self::WORDS),
                    }.self::pick([', ', ' ', '; ', '. ']);
                }
                $lines[] = trim($text);
            }
            try {
                $plan = Plans::of($lines, [], ['worked' => self::pick(['spiral', 'joined', 'rows'])]);
                $analysis = Analysis::of($plan);
                AnalysisWriter::values($analysis);
                StepsWriter::values($plan, $analysis->pieces[0], Terms::from(self::pick(['us', 'uk'])));
            } catch (\Throwable $error) {
                self::fail($error::class." ({$error->getMessage()}, {$error->getFile()}:{$error->getLine()}) on\n".implode("\n", $lines));
            }
        }
        $this->addToAssertionCount(1);
    }

    /** @param non-empty-list<int|string> $of */
    private static function pick(array $of): string
    {
        return (string) $of[mt_rand(0, \count($of) - 1)];
    }
}
