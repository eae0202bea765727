<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Yarn;

use Alternum\Core\Analysis;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Yarn\Amount;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Yarn in what is worked besides the rounds' stitches. One centimetre a single crochet, so that it can be counted by hand. */
final class JoinsTest extends TestCase
{
    private const CENTIMETRE = [
        'yarnUse' => ['basis' => 'unravelled', 'unravelled' => ['stitches' => 1, 'cm' => 1], 'sparePercent' => 0, 'tailCm' => 15, 'sewingTailCm' => 40],
    ];

    /**
     * @param list<string>         $rounds
     * @param array<string, mixed> $piece
     */
    private static function amount(array $rounds, array $piece = []): Amount
    {
        return Analysis::of(Plans::of($rounds, [], $piece, self::CENTIMETRE))->amounts->amounts[0];
    }

    private static function centimetres(int $chains, int $slips = 0): float
    {
        return ($chains * Stitch::Chain->yarnFactor() + $slips * Stitch::SlipStitch->yarnFactor()) / 100;
    }

    /** By hand: four rounds of single crochet are each closed by one slip stitch and, where that is chosen, lifted by one chain; double crochet by three. */
    public function testChainsAndSlipStitchesOfJoinedRounds(): void
    {
        self::assertEqualsWithDelta(
            self::centimetres(4, 4),
            self::amount(['6 sc in MR', 'inc x6', 'R3-4: sc around'], ['worked' => 'joined', 'lift' => 'chain'])->parts['joins'],
            1e-9,
        );
        foreach ([[], ['lift' => 'none']] as $lift) {
            $bare = self::amount(['6 sc in MR', 'inc x6', 'R3-4: sc around'], ['worked' => 'joined'] + $lift);
            self::assertEqualsWithDelta(self::centimetres(0, 4), $bare->parts['joins'], 1e-9, 'No chain is worked that is neither typed nor chosen.');
        }
        self::assertEqualsWithDelta(
            self::centimetres(6, 2),
            self::amount(['12 dc in MR', 'dc around'], ['worked' => 'joined', 'lift' => 'chain'])->parts['joins'],
            1e-9,
        );
        self::assertSame(0.0, self::amount(['6 sc in MR', 'inc x6', 'R3-4: sc around'])->parts['joins'], 'A spiral is neither lifted nor closed.');
    }

    /** Of a small joined piece it is about a sixth: twelve stitches and three chains' worth a round. */
    public function testItIsMuchOfASmallJoinedPiece(): void
    {
        $joined = self::amount(['6 sc in MR', 'R2-6: sc around'], ['worked' => 'joined', 'lift' => 'chain']);
        self::assertGreaterThan(0.12, $joined->parts['joins'] / $joined->parts['stitches']);
    }

    /** The chain that counts as a stitch is among the stitches already. */
    public function testAChainThatCountsIsNotCountedTwice(): void
    {
        $counts = self::amount(['12 dc in MR', 'ch 3, 11 dc'], ['worked' => 'joined', 'chainCounts' => true]);
        self::assertEqualsWithDelta(self::centimetres(0, 2), $counts->parts['joins'], 1e-9);
    }

    /** By hand: eleven chains for ten stitches, and one to turn before each of the next two rows. */
    public function testFoundationAndTurningChains(): void
    {
        $typed = ['ch 11', 'Row 1: sc in 2nd ch from hook and across', 'Row 2-3: ch 1, turn, 10 sc'];
        self::assertEqualsWithDelta(self::centimetres(13), self::amount($typed, ['worked' => 'rows'])->parts['joins'], 1e-9);
        // Where the chains are a row of their own they are its stitches.
        $row = self::amount(['Row 1: ch 11', 'sk 1, 10 sc', 'Row 3-4: ch 1, turn, 10 sc'], ['worked' => 'rows']);
        self::assertEqualsWithDelta(self::centimetres(2), $row->parts['joins'], 1e-9);
        self::assertEqualsWithDelta(self::centimetres(11) + 30 / 100, $row->parts['stitches'], 1e-9);
        self::assertEqualsWithDelta(
            self::centimetres(5),
            self::amount(['ch 5, sc in 2nd ch from hook, 2 sc, 3 sc in last ch, 2 sc, inc'])->parts['joins'],
            1e-9,
        );
    }

    /** @param array<string, mixed> $start */
    #[TestWith([['join' => 'bridge', 'across' => 3], 3, 0])]
    #[TestWith([['join' => 'seam', 'across' => 3], 0, 3])]
    public function testWhatJoinsLegs(array $start, int $chains, int $singles): void
    {
        $piece = static fn (string $key, array $lines, array $more): array => [
            'key' => $key, 'name' => $key, 'copies' => 'leg' === $key ? 2 : 1, 'worked' => 'spiral', 'rounds' => $lines,
            'front' => ['degrees' => 180], 'colours' => [], 'changes' => ['method' => 'auto'],
        ] + $more;
        $plan = Plans::of([], plan: self::CENTIMETRE + ['pieces' => [
            $piece('leg', ['6 sc in MR', 'inc x6', 'R3-5: sc around'], []),
            $piece('body', ['R1-4: sc around'], ['start' => ['pieces' => ['leg', 'leg']] + $start]),
        ]]);
        $analysis = Analysis::of($plan);
        self::assertSame([], $analysis->problems);
        [$amount] = $analysis->amounts->amounts;
        self::assertEqualsWithDelta(self::centimetres($chains) + $singles / 100, $amount->parts['joins'], 1e-9);
        // Of two legs the first is cut and the second worked on; the body begins without a tail of its own and is sewn shut.
        self::assertEqualsWithDelta(0.40, $amount->parts['sewing'], 1e-9);
        self::assertEqualsWithDelta(3 * 0.15, $amount->parts['tails'], 1e-9);
    }
}
