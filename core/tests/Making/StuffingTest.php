<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Making\StuffingGoes;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** When a piece is stuffed: the last of it at twelve stitches, a neck before it narrows. Common practice, no source. */
final class StuffingTest extends TestCase
{
    /** @return iterable<string, array{list<string>, array<string, mixed>, list<int>}> */
    public static function pieces(): iterable
    {
        yield 'a ball of 36 from 24 on' => [Plans::ball(6), [], [15, 17]];
        yield 'a ball of 18 while fingers fit, and at 12' => [Plans::ball(3), [], [7, 8]];
        yield 'an open cup through its opening' => [['R1: 6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', 'R5-9: sc around'], [], [9]];
        yield 'a narrow tube, pushed in every 4 cm' => [['R1: 9 sc in MR', 'R2-24: sc around'], [], [10, 20, 24]];
        yield 'a waist before what is above it' => [
            [...\array_slice(Plans::ball(6), 0, 15), '(2 sc, inc) x6', '(3 sc, inc) x6', ...array_fill(0, 5, 'sc around'),
                '(4 sc, dec) x6', '(3 sc, dec) x6', '(2 sc, dec) x6', '(sc, dec) x6', 'dec x6'],
            [],
            [15, 24, 26],
        ];
        yield 'in four goes' => [Plans::ball(6), ['stuffing' => ['goes' => 4]], [14, 15, 16, 17]];
        yield 'not at all' => [Plans::ball(6), ['stuffing' => ['firmness' => 'none']], []];
        yield 'half full, in one go' => [Plans::ball(6), ['stuffing' => ['firmness' => 'half']], [17]];
        yield 'as she says' => [[...Plans::ball(6), 'Stuff.'], [], []];
        $bead = ['(sc, inc) x6', '(2 sc, inc) x6', 'sc around', 'sc around', 'sc around', '(2 sc, dec) x6', '(sc, dec) x6'];
        yield 'a string of eight balls with necks of twelve, each as it is shut off' => [
            ['6 sc in MR', 'inc x6', ...array_merge(...array_fill(0, 8, $bead))],
            ['end' => 'front-loops'],
            [9, 16, 23, 30, 37, 44, 51, 58],
        ];
        yield 'a neck of six, while a tool still passes' => [
            ['6 sc in MR', 'inc x6', ...$bead, 'dec x6', 'sc around', 'inc x6', ...$bead, 'dec x6'],
            [],
            [9, 19],
        ];
        yield 'a tube of nine, before it narrows' => [['9 sc in MR', 'R2-12: sc around', '(sc, dec) x3'], [], [10, 12]];
        yield 'a tube of four takes none' => [['4 sc in MR', 'R2-30: sc around'], ['stuffing' => ['firmness' => 'firm', 'goes' => 5]], []];
        yield 'a long leg, as far as fingers reach' => [['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', 'R5-45: sc around'], [], [18, 36, 45]];
        yield 'flat in its last round, before that' => [
            ['6 sc in MR', 'inc x6', 'R3-12: sc around', '6 sc through both sides'],
            ['stuffing' => ['firmness' => 'light']],
            [10, 12],
        ];
        yield 'flat across both sides at the very end' => [Plans::ball(6), ['end' => 'flat'], [15, 18]];
    }

    /**
     * @param list<string>         $lines
     * @param array<string, mixed> $finish
     * @param list<int>            $rounds
     */
    #[DataProvider('pieces')]
    public function testAfterWhichRounds(array $lines, array $finish, array $rounds): void
    {
        $piece = Analysis::of(Plans::of($lines, [], ['finish' => $finish]))->pieces[0];
        self::assertSame($rounds, array_keys(StuffingGoes::goes($piece->stages->fabric, $piece->stages->form, $piece->finishing)));
    }

    public function testTheWords(): void
    {
        $plan = Plans::of(Plans::ball(6), [], ['finish' => ['stuffing' => ['goes' => 3, 'firmness' => 'light', 'clear' => 'the tip']]]);
        self::assertSame(['Begin stuffing lightly, leave the tip empty', 'Stuff more', 'Finish stuffing'], array_merge(...WrittenSteps::told($plan, 'stuff')));
    }

    /** Light 25, usual 35, firm 55 g in a litre: from memory. */
    public function testTheGrams(): void
    {
        $size = Analysis::of(Plans::of(Plans::ball(6)))->pieces[0]->stages->form;
        $grams = static fn (Firmness $firmness): float => StuffingGoes::grams($size, $firmness);
        self::assertEqualsWithDelta(55 / 25, $grams(Firmness::Firm) / $grams(Firmness::Light), 1e-9);
        self::assertEqualsWithDelta(35 / 25, $grams(Firmness::Usual) / $grams(Firmness::Light), 1e-9);
        self::assertEqualsWithDelta($grams(Firmness::Usual) / 2, $grams(Firmness::Half), 1e-9);
        self::assertSame(0.0, $grams(Firmness::None));
    }
}
