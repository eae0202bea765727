<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\TestCase;

final class RowsTest extends TestCase
{
    public function testRowsBeginWithChains(): void
    {
        $reading = Reader::read(['Row 1: ch 10', 'Row 2: 10 sc', 'Row 3: 9 sc'], Terms::Us, Worked::Rows);
        self::assertStringStartsWith('Row 3 uses 9 of the 10', MessageWords::says($reading->problems[0]->message));
        self::assertCount(1, $reading->problems);
    }

    /** A row's turning chain and a joined round's seam are no stitches of it: common practice, no source. */
    public function testRowsAndJoinedRounds(): void
    {
        $counts = static fn (Worked $worked, string ...$lines): array => [
            array_map(static fn (Round $round): int => $round->makes, ($reading = Reader::read(array_values($lines), Terms::Us, $worked))->rounds),
            $reading->problems,
        ];
        self::assertSame([[11, 10, 10, 9, 9], []], $counts(
            Worked::Rows,
            'Row 1: ch 11',
            'Row 2: sc in 2nd ch from hook and in each ch across, turn (10)',
            'Row 3: ch 1, sc across, turn (10)',
            'Row 4: Ch 1, turn, 8 sc, dec (9)',
            'Row 5: sc in each st across, ch 1, turn (9)',
        ));
        self::assertSame([[6, 12, 18, 18], []], $counts(
            Worked::Joined,
            'Rnd 1: 6 sc in MR, join with sl st to first sc (6)',
            'Rnd 2: ch 1, 2 sc in each st around, sl st to first st to join. (12)',
            'Rnd 3: Ch 1, (sc, inc) x6, sl st in first sc (18)',
            'Rnd 4: ch 1. Sc around. Join. (18)',
        ));
        self::assertSame([[6, 8], []], $counts(Worked::Joined, '6 sc in MR', '6 sc, ch 2'), 'Chains at the end of a joined round are stitches.');
        self::assertSame([[6, 9], []], $counts(Worked::Spiral, '6 sc in MR', '(ch 1, 2 sc) x3'));
    }

    public function testLimits(): void
    {
        $long = Reader::read([...['6 sc in MR'], ...array_fill(0, 500, 'sc around')], Terms::Us);
        self::assertCount(Limits::ROUNDS, $long->rounds);
        self::assertCount(1, $long->problems);
        self::assertStringContainsString('400', MessageWords::says($long->problems[0]->message));
        $wide = Reader::read(['1000 sc in MR', 'inc around', 'inc around'], Terms::Us);
        self::assertStringContainsString('2,000', MessageWords::says($wide->problems[0]->message));
        $full = Reader::read(['1000 sc in MR', 'R2-90: sc around'], Terms::Us);
        self::assertSame(Limits::STITCHES, $full->stitches());
        self::assertStringContainsString('60,000', MessageWords::says($full->problems[0]->message));
        $line = Reader::read([str_repeat('sc, ', 100_000)], Terms::Us);
        self::assertStringContainsString('longer', MessageWords::says($line->problems[0]->message));
    }
}
