<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Form;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Form\FinishPart;
use Alternum\Core\Form\FinishReason;
use Alternum\Core\Form\Role;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is stuffed, how firmly, and why. All of it is common practice, no source. */
final class PieceFillingTest extends TestCase
{
    private const DISC = ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', '(3 sc, inc) x6', '(4 sc, inc) x6'];
    private const LIMB = ['6 sc in MR', 'inc x6', 'R3-14: sc around'];

    /** @return iterable<string, array{list<array<string, mixed>>, int, Firmness, FinishReason}> pieces, which of them, and what is to become of it */
    public static function pieces(): iterable
    {
        $head = ['key' => 'head', 'name' => 'Head', 'rounds' => Plans::ball(6)];
        yield 'a ball' => [[['rounds' => Plans::ball(6)]], 0, Firmness::Firm, FinishReason::Closes];
        yield 'a disc' => [[['rounds' => self::DISC]], 0, Firmness::None, FinishReason::Flat];
        yield 'a disc that is sewn on' => [[['rounds' => self::DISC], $head], 0, Firmness::None, FinishReason::Flat];
        yield 'a lid' => [[['rounds' => [...self::DISC, 'R7-8: sc around']]], 0, Firmness::None, FinishReason::Flat];
        yield 'a cup' => [[['rounds' => [...self::DISC, 'R7-14: sc around']]], 0, Firmness::None, FinishReason::Cup];
        yield 'a muzzle, though it is a cup' => [
            [['name' => 'Muzzle', 'rounds' => [...self::DISC, 'R7-10: sc around']], $head],
            0, Firmness::Usual, FinishReason::Open,
        ];
        yield 'a hat' => [[['name' => 'Sun hat', 'rounds' => [...self::DISC, 'R7-14: sc around']], $head], 0, Firmness::None, FinishReason::Worn];
        yield 'a cap of a mushroom, that comes in again' => [
            [['name' => 'Cap', 'rounds' => [...self::DISC, 'R7-9: sc around', '(4 sc, dec) x6', '(3 sc, dec) x6', '(2 sc, dec) x6']], $head],
            0, Firmness::Usual, FinishReason::Open,
        ];
        yield 'a wing, though it is closed' => [[['name' => 'Left wing', 'rounds' => Plans::ball(4)], $head], 0, Firmness::None, FinishReason::Named];
        yield 'a leaf' => [[['name' => 'Leaf', 'rounds' => Plans::ball(3)], $head], 0, Firmness::None, FinishReason::Named];
        yield 'a basket, open' => [[['rounds' => [...self::DISC, 'R7-30: sc around']]], 0, Firmness::None, FinishReason::LeftOpen];
        yield 'an arm' => [[['name' => 'Arm', 'rounds' => self::LIMB], $head], 0, Firmness::Light, FinishReason::Limb];
        yield 'an ear' => [[['name' => 'Ears', 'rounds' => self::LIMB], $head], 0, Firmness::Light, FinishReason::Limb];
        yield 'a leg' => [[['name' => 'Hind leg', 'rounds' => self::LIMB], $head], 0, Firmness::Firm, FinishReason::Bears];
        yield 'a leg warmer' => [[['name' => 'Leg warmer', 'rounds' => self::LIMB], $head], 0, Firmness::None, FinishReason::Worn];
        yield 'a limb without a telling name' => [[['rounds' => self::LIMB], $head], 0, Firmness::Light, FinishReason::Narrow];
        yield 'an ear, pressed flat' => [
            [['name' => 'Ear', 'rounds' => ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-6: sc around'], 'finish' => ['end' => 'flat']], $head],
            0, Firmness::None, FinishReason::Flattened,
        ];
        yield 'an arm, pressed flat' => [
            [['name' => 'Arm', 'rounds' => self::LIMB, 'finish' => ['end' => 'flat']], $head],
            0, Firmness::Light, FinishReason::Limb,
        ];
        yield 'rows' => [[['worked' => 'rows', 'rounds' => ['ch 11', 'sk 1, 10 sc', 'Rows 2-9: sc across']]], 0, Firmness::None, FinishReason::Flat];
        yield 'a thread of four stitches' => [[['rounds' => ['4 sc in MR', 'R2-30: sc around']]], 0, Firmness::None, FinishReason::TooNarrow];
        yield 'a frill on an opening' => [
            [['rounds' => self::LIMB], ['key' => 'on', 'start' => ['join' => 'opening', 'pieces' => ['body']], 'rounds' => ['inc x12', 'sc around']]],
            1, Firmness::None, FinishReason::Frill,
        ];
        yield 'a skirt in loops that were left free' => [
            [
                ['rounds' => ['6 sc in MR', 'inc x6', 'sc around', 'sc around in BLO', 'R5-9: sc around']],
                ['key' => 'on', 'start' => ['join' => 'loops', 'pieces' => ['body'], 'round' => 3], 'rounds' => ['(2 sc, inc) x4', 'R2-6: sc around']],
            ],
            1, Firmness::None, FinishReason::StandsOff,
        ];
        yield 'one of two layers' => [self::layers(), 0, Firmness::None, FinishReason::Layer];
        yield 'what works them together' => [self::layers(), 1, Firmness::Light, FinishReason::Between];
        yield 'two legs that a body goes on from' => [
            [
                ['key' => 'one', 'name' => 'Part', 'copies' => 2, 'rounds' => self::LIMB],
                [
                    'start' => ['join' => 'bridge', 'pieces' => ['one', 'one'], 'across' => 2],
                    'rounds' => ['R1-20: sc around', '(2 sc, dec) x7', '(sc, dec) x7', 'dec x7'],
                ],
            ],
            0, Firmness::Firm, FinishReason::Bears,
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function layers(): array
    {
        return [
            ['copies' => 2, 'rounds' => self::DISC],
            ['key' => 'seam', 'name' => 'Rim', 'start' => ['join' => 'layers', 'pieces' => ['body', 'body']], 'rounds' => ['sc around']],
        ];
    }

    /** @param list<array<string, mixed>> $pieces */
    #[DataProvider('pieces')]
    public function testWhatIsStuffed(array $pieces, int $at, Firmness $firmness, FinishReason $why): void
    {
        $piece = ['key' => 'body', 'name' => 'Thing', 'copies' => 1, 'worked' => 'spiral', 'front' => ['degrees' => 180], 'colours' => [],
            'changes' => ['method' => 'auto']];
        $plan = PlanReader::values(['pieces' => array_map(static fn (array $fields): array => $fields + $piece, $pieces)] + Plans::values([]));
        $finishing = Analysis::of($plan)->pieces[$at]->finishing;
        self::assertSame([$firmness, $why], [$finishing->firmness, $finishing->reasons[FinishPart::Stuffing->value]]);
    }

    #[TestWith(['Left hind leg', Role::Bears])]
    #[TestWith(['Feet', Role::Bears])]
    #[TestWith(['Body and head', Role::Filled])]
    #[TestWith(['Hat brim', Role::Flat])]
    #[TestWith(['Leg warmer', Role::Worn])]
    #[TestWith(['Tail', Role::Light])]
    #[TestWith(['Learner', Role::Unknown])]
    #[TestWith(['', Role::Unknown])]
    public function testWhatANameTells(string $name, Role $role): void
    {
        self::assertSame($role, Role::of($name));
    }
}
