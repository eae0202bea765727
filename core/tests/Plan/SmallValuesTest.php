<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Plan;

use Alternum\Core\Plan\Across;
use Alternum\Core\Plan\AcrossFrom;
use Alternum\Core\Plan\EndsChoice;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Layer\Stripe;
use Alternum\Core\Plan\Layer\Stripes;
use Alternum\Core\Plan\OldYarnChoice;
use Alternum\Core\Plan\PickUp;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\SoldSize;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\WeightCategory;
use Alternum\Core\Plan\YarnCheck;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What small values of a plan answer, held against what the trade knows of them; each by hand. */
final class SmallValuesTest extends TestCase
{
    /** A piece that is drawn through its loops, or crocheted or sewn flat, has no opening left: common practice, no source. */
    public function testAnEndClosesOrLeavesAnOpening(): void
    {
        $closing = array_values(array_filter(PieceEnd::cases(), static fn (PieceEnd $end): bool => $end->closes()));
        self::assertSame([PieceEnd::FrontLoops, PieceEnd::EverySecond, PieceEnd::Twice, PieceEnd::Flat], $closing);
    }

    /** At the edge of two categories, and just beside it: as labels say, from memory. */
    #[TestWith([550.0, WeightCategory::Lace])]
    #[TestWith([549.0, WeightCategory::Fingering])]
    #[TestWith([350.0, WeightCategory::Fingering])]
    #[TestWith([349.0, WeightCategory::Sport])]
    #[TestWith([280.0, WeightCategory::Sport])]
    #[TestWith([279.0, WeightCategory::Dk])]
    #[TestWith([180.0, WeightCategory::Dk])]
    #[TestWith([179.0, WeightCategory::Worsted])]
    #[TestWith([125.0, WeightCategory::Worsted])]
    #[TestWith([124.0, WeightCategory::Bulky])]
    public function testAYarnWorksUpLikeThatOfItsMetres(float $metres, WeightCategory $like): void
    {
        self::assertSame($like, WeightCategory::ofMetres($metres));
    }

    public function testWhatBeginsAtFaceOrTailLies(): void
    {
        self::assertSame(
            [false, false, true, true],
            array_map(static fn (FirstRound $first): bool => $first->lies(), [FirstRound::Top, FirstRound::Bottom, FirstRound::Face, FirstRound::Tail]),
        );
    }

    /** Hooks are sold in these sizes; of two as near the smaller makes the firmer fabric. */
    #[TestWith([2.9, 3.0])]
    #[TestWith([3.6, 3.5])]
    #[TestWith([4.3, 4.5])]
    #[TestWith([0.1, 0.6])]
    #[TestWith([99.0, 30.0])]
    public function testAHookIsTheNextThatIsSold(float $mm, float $sold): void
    {
        self::assertSame($sold, SoldSize::hook($mm));
    }

    public function testEyesAreSoldFromFourMillimetresOn(): void
    {
        self::assertSame([4.0, 5.0, 6.0, 7.0, 8.0], \array_slice(SoldSize::EYES, 0, 5));
    }

    /** Each size that is sold is a step from the one before, never more than a third of it: common practice, no source. */
    public function testSoldSizesRiseInSmallSteps(): void
    {
        $hooks = array_map(static fn (int $tenths): float => SoldSize::hook($tenths / 10), range(6, 300));
        foreach (['hooks' => array_values(array_unique($hooks)), 'eyes' => SoldSize::EYES, 'buttons' => SoldSize::BUTTONS] as $what => $sizes) {
            foreach (\array_slice($sizes, 1) as $i => $size) {
                self::assertGreaterThan($sizes[$i], $size, $what);
                self::assertLessThanOrEqual($sizes[$i] * 4 / 3, $size, "{$what}: {$size} mm");
            }
        }
    }

    /**
     * What is picked up of an edge of 18: 6 spread evenly, from 4 to 9, or from 16 on past the marker to 3; by hand.
     *
     * @param array<string, int> $said
     */
    #[TestWith([['stitches' => 6], 6])]
    #[TestWith([['from' => 4, 'to' => 9], 6])]
    #[TestWith([['from' => 16, 'to' => 3], 6])]
    #[TestWith([['from' => 17, 'to' => 19], 19])]
    public function testStitchesArePickedUp(array $said, int $of): void
    {
        self::assertSame($of, PickUp::read(Fields::of($said))->of(18));
    }

    /** Bands of one yarn that touch are one band, from the lower to the upper; two yarns stay two, and so do bands apart. */
    public function testBandsThatTouchAreOne(): void
    {
        $band = static fn (int $from, int $to, string $yarn): Stripes => new Stripes($from, $to, [new Stripe($yarn, $to - $from + 1)]);
        $joined = static function (Stripes $one, Stripes $other): ?array {
            $both = $one->joined($other);

            return null === $both ? null : [$both->from, $both->to, $both->sequence[0]->yarn, $both->sequence[0]->rounds];
        };
        self::assertSame([2, 7, 'B', 6], $joined($band(2, 4, 'B'), $band(5, 7, 'B')));
        self::assertSame([2, 7, 'B', 6], $joined($band(5, 7, 'B'), $band(2, 4, 'B')));
        self::assertNull($joined($band(2, 4, 'B'), $band(6, 7, 'B')));
        self::assertNull($joined($band(6, 7, 'B'), $band(2, 4, 'B')));
        self::assertNull($joined($band(2, 4, 'B'), $band(5, 7, 'C')));
        self::assertNull($joined($band(2, 4, 'B'), new Stripes(5, 8, [new Stripe('B', 1), new Stripe('B', 1)])));
    }

    /** Two yarns that are held together are two that are there, each plain, and not the same. */
    public function testYarnsHeldTogetherAreTold(): void
    {
        $told = static function (array $held): array {
            $plan = Plans::of(['6 sc in MR'], plan: ['yarns' => [
                ['key' => 'A', 'name' => 'Chalk', 'hex' => '#F2EDE4', 'weight' => 'dk', 'metresPer100g' => 250],
                ['key' => 'B', 'name' => 'Brick', 'hex' => '#A04030', 'weight' => 'dk', 'metresPer100g' => 250],
                ['key' => 'C', 'name' => 'Both', 'hex' => '#BB8877', 'weight' => 'dk', 'metresPer100g' => 125, 'held' => $held],
                ['key' => 'D', 'name' => 'Marl', 'hex' => '#CC9988', 'weight' => 'dk', 'metresPer100g' => 125, 'held' => [
                    ['yarn' => 'A', 'strands' => 1], ['yarn' => 'B', 'strands' => 1],
                ]],
            ]]);
            $problems = array_filter(YarnCheck::problems($plan), static fn (Problem $problem): bool => str_starts_with($problem->message->code, 'held.'));

            return array_values(array_map(static fn (Problem $problem): array => [$problem->message->code, $problem->path], $problems));
        };
        $of = static fn (string $one, string $other): array => [['yarn' => $one, 'strands' => 1], ['yarn' => $other, 'strands' => 1]];
        self::assertSame([], $told($of('A', 'B')));
        self::assertSame([['held.none', 'yarns[2].held[1].yarn']], $told($of('A', 'X')));
        self::assertSame([['held.held', 'yarns[2].held[0].yarn']], $told($of('D', 'B')));
        self::assertSame([['held.same', 'yarns[2].held[1].yarn']], $told($of('A', 'A')));
    }

    /** One of the two tails can be said without the other. */
    public function testEndsAreReadEachForItself(): void
    {
        $read = static function (array $values): array {
            $choice = EndsChoice::read(Fields::of($values));

            return [$choice->oldTail, $choice->newTail];
        };
        self::assertSame([Tail::Knot, null], $read(['tails' => ['old' => 'knot']]));
        self::assertSame([null, Tail::Weave], $read(['tails' => ['new' => 'weave']]));
        self::assertSame([null, null], $read([]));
    }

    /** Three rounds of a motif from round 5 on are 5, 6 and 7. */
    public function testAMotifTakesItsRounds(): void
    {
        $motif = ['kind' => 'motif', 'rows' => ['B.B', '.B.', 'B.B'], 'round' => 5, 'fromFront' => 0];
        $layer = Plans::of(['24 sc in MR', 'R2-9: sc around'], [$motif])->pieces[0]->colours[0]->layer;
        self::assertInstanceOf(Motif::class, $layer);
        self::assertSame([5, 7], [$layer->range()->from, $layer->range()->to]);
    }

    /** Where rounds were not counted a tenth more of them than stitches fit in the same length, to a tenth of a round: by hand, 21.3 × 1.1 = 23.43. */
    public function testRoundsThatWereNotCountedFollowTheStitches(): void
    {
        self::assertSame([23.4, 22.0], [(new Gauge(21.3, null))->roundsPer10cm, (new Gauge(21.3, 22.0))->roundsPer10cm]);
    }

    /** What is left to the program is no choice, said or not. */
    public function testTheOldYarnIsChosenOrNot(): void
    {
        $read = static fn (array $values): ?OldYarnChoice => EndsChoice::read(Fields::of($values))->oldYarn;
        self::assertSame([null, null, OldYarnChoice::Cut], [$read([]), $read(['oldYarn' => 'auto']), $read(['oldYarn' => 'cut'])]);
    }

    /** Plans of earlier versions say "off the seam" by itself. */
    public function testAcrossIsReadFromBothFormats(): void
    {
        $read = static fn (array $values): AcrossFrom => Across::read(Fields::of($values))->from;
        self::assertSame(
            [AcrossFrom::Front, AcrossFrom::Front, AcrossFrom::Seam],
            [$read([]), $read(['offSeam' => false]), $read(['offSeam' => true])],
        );
        $both = Fields::of(['offSeam' => true, 'across' => ['from' => 'increase', 'number' => 2]]);
        Across::read($both);
        $this->expectExceptionMessage('field.notBeside');
        $both->done();
    }
}
