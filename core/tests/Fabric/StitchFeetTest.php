<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Fabric;

use Alternum\Core\Exchange\Constants;
use Alternum\Core\Fabric\StitchFeet;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a picture of single stitches goes by. */
final class StitchFeetTest extends TestCase
{
    private static function last(string ...$lines): Round
    {
        $plan = Plans::of(array_values($lines));
        $rounds = PieceReading::of($plan, $plan->pieces[0])->rounds;

        return $rounds[\count($rounds) - 1];
    }

    /** @return iterable<string, array{list<string>, string}> */
    public static function rounds(): iterable
    {
        yield 'plain stitches stand straight' => [['12 sc in MR', 'sc around'], ''];
        // By hand: two tops on each stitch below: half a stitch on, half a stitch back; four eighths are four letters.
        yield 'two of an increase stand on one stitch' => [['6 sc in MR', 'inc x6'], 'qi'];
        // By hand: ¼, ¾ and −¼ of a stitch, of which the mean is ¼.
        yield 'beside a plain stitch, too' => [['6 sc in MR', 'inc x6', '(sc, inc) x6'], 'mqi'];
        // By hand: ½, −½, −⅓, −⅙, 0, ⅙ and ⅓ of a stitch; where nothing repeats, all of it is said.
        yield 'one increase' => [['6 sc in MR', 'inc, 5 sc'], 'qijlmnp'];
        yield 'decreases alone stand in the middle of two' => [['12 sc in MR', 'dec x6'], ''];
        // By hand: of 18 made 12: sc at ½ of 18 lies at ⅓ of 12, so −⅙; dec at 2 of 18 lies at 4/3 of 12, so −⅙: all of them alike.
        yield 'a round that shrinks evenly as a whole' => [['18 sc in MR', '(sc, dec) x6'], ''];
        yield 'the first round stands on nothing' => [['6 sc in MR'], ''];
        // Chains stand on nothing: a skipped stitch below each, so that the others stay where they are.
        yield 'chains' => [['12 sc in MR', '(sc, ch 1, sk 1) x6'], ''];
    }

    /** @param list<string> $lines */
    #[DataProvider('rounds')]
    public function testFeet(array $lines, string $signs): void
    {
        self::assertSame($signs, StitchFeet::signs(self::last(...$lines)));
    }

    public function testLoopsThatStayFreeAreARidge(): void
    {
        self::assertSame([[1, 12]], StitchFeet::ridges(self::last('12 sc in MR', 'BLO sc around')));
        self::assertSame([], StitchFeet::ridges(self::last('12 sc in MR', 'FLO sc around')));
        self::assertSame([[4, 6]], StitchFeet::ridges(self::last('12 sc in MR', '3 sc, BLO 3 sc, 6 sc')));
        // Of an increase both tops are above the loop.
        self::assertSame([[3, 4]], StitchFeet::ridges(self::last('12 sc in MR', '2 sc, BLO inc, 9 sc')));
    }

    /** Every stitch that makers see as something else than a V: facts of the trade, common practice, no source. */
    public function testLooks(): void
    {
        $constants = Constants::values(Plans::of(['6 sc in MR']));
        [$looks, $names] = [$constants['looks'], $constants['stitches']];
        self::assertIsArray($looks);
        self::assertIsArray($names);
        $named = ['tall' => []];
        foreach ($looks as $look => $signs) {
            $named[$look] = array_map(static fn (string $sign): mixed => $names[$sign] ?? '', str_split(\is_string($signs) ? $signs : ''));
        }
        self::assertSame(['sl st', 'ch', 'sl st through both sides', 'reverse sc'], $named['chain'] ?? []);
        self::assertContains('dc', $named['tall']);
        self::assertContains('hdc', $named['tall']);
        self::assertNotContains('esc', $named['tall']);
        self::assertSame(['bob', '3-loop bob', '4-loop bob', '6-loop bob', 'pop', '3-loop pop', '4-loop pop', '6-loop pop', 'puff'], $named['lump'] ?? []);
        self::assertSame(['loop st'], $named['loop'] ?? []);
        self::assertSame(['fpsc', 'fphdc', 'fpdc', 'fptr'], $named['ridge'] ?? []);
    }
}
