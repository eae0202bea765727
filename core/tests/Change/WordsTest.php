<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Analysis;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What a maker is told at a change. */
final class WordsTest extends TestCase
{
    /**
     * @param list<array<string, mixed>> $colours
     * @param array<string, mixed>       $piece
     *
     * @return array{string, string, string} summary, what to do, why, of the first change
     */
    private static function told(array $colours, array $piece = [], Terms $terms = Terms::Us): array
    {
        $plan = Plans::of(['40 sc in MR', 'R2-20: sc around'], $colours, ['lean' => 0.5] + $piece);
        $analysis = Analysis::of($plan)->pieces[0];
        $words = Plans::changeWords($plan, $analysis, $terms);
        $change = $analysis->changes->all[0];

        return [$words->summary($change), $words->toDo($change), $words->why($change)];
    }

    /** @param int $nth of the first piece's changes, from 0 */
    public static function why(Plan $plan, int $nth): string
    {
        $piece = Analysis::of($plan)->pieces[0];

        return Plans::changeWords($plan, $piece, Terms::Us)->why($piece->changes->all[$nth]);
    }

    #[TestWith(['plain', 'a jog of one round', 'to the last yarn over; finish with B (Brick). Leave'])]
    #[TestWith(['slip-stitch', 'a jog of about ½ round', 'Start round 5 with a sl st in the first stitch, in place of its sc'])]
    #[TestWith(['drawn-loop', 'a jog of about ⅓ round', 'move the marker one stitch on'])]
    public function testEachMethod(string $method, string $summary, string $toDo): void
    {
        [$said, $do, $why] = self::told([Plans::stripes(5, 7, [['B', 3]])], ['changes' => ['method' => $method]]);
        self::assertStringContainsString($summary, $said);
        self::assertStringContainsString($toDo, $do);
        self::assertStringStartsWith('You chose it.', $why);
    }

    /** Where the chain stands for the first stitch, the round is joined in its top, with the new yarn as with the old. */
    public function testACountedChainIsJoinedInItsTop(): void
    {
        $rounds = ['Ch 3 (counts as first dc), 11 dc in MR, sl st in top of ch 3', 'ch 3, 11 dc, sl st in top of ch 3', 'ch 3, 11 dc, sl st in top of ch 3'];
        $plan = Plans::of($rounds, [Plans::stripes(3, 3, [['B', 1]])], ['worked' => 'joined', 'lift' => 'counted']);
        $written = array_column(WrittenSteps::rounds($plan), 'text');
        self::assertStringEndsWith('(12); sl st to top of ch 3 in B', $written[1]);
        self::assertStringEndsWith('(12), join with sl st in top of ch 3', $written[2]);
    }

    public function testJoinedRoundsCloseWithTheNewYarn(): void
    {
        [$said, $do, $why] = self::told([Plans::stripes(5, 20, [['B', 16]])], ['worked' => 'joined']);
        self::assertStringContainsString('a seam line rather than a jog', $said);
        self::assertStringContainsString('Join with a sl st in B, tugged tight so that no gap stays.', $do);
        self::assertStringContainsString('meet at the seam', $why);
    }

    public function testWithinARound(): void
    {
        [$said, $do, $why] = self::told([['kind' => 'run', 'round' => 3, 'from' => 5, 'to' => 8, 'yarn' => 'B']]);
        self::assertStringEndsWith('within the round', $said);
        self::assertStringContainsString('Carry A loosely across the inside; it comes back at stitch 9 of round 3.', $do);
        self::assertSame('A change within a round leaves no jog. A comes back in the same round.', $why);
    }

    public function testRowsHaveNoDegrees(): void
    {
        $plan = Plans::of(['Row 1: ch 10', '10 sc', '10 sc'], [Plans::stripes(3, 3, [['B', 1]])], ['worked' => 'rows']);
        $analysis = Analysis::of($plan)->pieces[0];
        self::assertSame(
            'after stitch 10 of row 2: A → B, at the edge',
            Plans::changeWords($plan, $analysis, Terms::Us)->summary($analysis->changes->all[0]),
        );
    }

    /** 90° and 120° from the front part "shows", "at the side" and "at the back". */
    #[TestWith([342.0, 'shows, 0° from the front'])]
    #[TestWith([252.0, 'shows, 90° from the front'])]
    #[TestWith([240.0, 'not seen from the front; shows from the side, 102° from the front'])]
    #[TestWith([222.0, 'at the back'])]
    public function testWhereItIsSeen(float $front, string $seen): void
    {
        self::assertStringContainsString($seen, self::told([Plans::stripes(5, 20, [['B', 16]])], ['front' => ['degrees' => $front]])[0]);
    }

    public function testWhyAYarnIsCut(): void
    {
        self::assertStringContainsString('A comes back only after 6 rounds, too far to carry: two tails.', self::told([Plans::stripes(5, 10, [['B', 6]])])[2]);
        self::assertStringContainsString('A is not used again.', self::told([Plans::stripes(5, 20, [['B', 16]])])[2]);
        self::assertStringContainsString('A comes back after 1 round, near enough to carry.', self::told([Plans::stripes(5, 5, [['B', 1]])])[2]);
    }

    public function testInEitherCountrysWords(): void
    {
        self::assertStringContainsString('last sc in A', self::told([Plans::stripes(5, 7, [['B', 3]])])[1]);
        self::assertStringContainsString('last dc in A', self::told([Plans::stripes(5, 7, [['B', 3]])], [], Terms::Uk)[1]);
    }
}
