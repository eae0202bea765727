<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Making\StripeFit;
use Alternum\Core\Making\StripeFits;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Layer\Stripe;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\FitWords;
use PHPUnit\Framework\TestCase;

/** Heights of stripes that come out even. All by hand, on a ball of fifteen rounds whose widest are rounds 5 to 11. */
final class StripeFitsTest extends TestCase
{
    /**
     * @param array<mixed> $piece
     *
     * @return list<StripeFit>
     */
    private static function fits(int $from, int $to, string $sequence, array $piece = []): array
    {
        $plan = Plans::of(Plans::ball(5), [['kind' => 'fill', 'yarn' => 'A']], $piece);
        $analysis = Analysis::of($plan)->pieces[0];

        return (new StripeFits($plan, $analysis->piece, $analysis->stages->frame, $analysis->placing->placed))->on(
            new RoundRange($from, $to),
            Stripe::sequence($sequence) ?? [new Stripe('A', 1)],
        );
    }

    public function testEachEndsOnAWholeStripe(): void
    {
        foreach ([[5, 10, 'B2A2'], [3, 13, 'B2A1'], [1, 15, 'A1B1'], [2, 14, 'A3B1']] as [$from, $to, $sequence]) {
            $fits = self::fits($from, $to, $sequence);
            self::assertNotSame([], $fits, "{$from} to {$to}");
            foreach ($fits as $fit) {
                $high = 0;
                for ($i = 0; $i < $fit->stripes; ++$i) {
                    $high += $fit->sequence[$i % \count($fit->sequence)]->rounds;
                }
                self::assertSame($fit->range->count(), $high, FitWords::of($fit));
                self::assertGreaterThanOrEqual(2, $fit->stripes);
            }
        }
    }

    /** Eleven rounds are prime: of two yarns, one or two are left out, or each is a single round. */
    public function testWhereNothingComesOutEvenRoundsAreLeftOut(): void
    {
        foreach (self::fits(3, 13, 'B2A2') as $fit) {
            self::assertTrue(1 === $fit->sequence[0]->rounds || $fit->shortened > 0, FitWords::of($fit));
        }
    }

    /** B A B on rounds 5 to 10, two each: their middle is within half a round of that of the widest, and the eyes lie in the middle one. */
    public function testTheBestIsMirroredWithTheEyesInside(): void
    {
        $eyes = ['placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => 7, 'apart' => 6]]];
        $best = self::fits(5, 10, 'B1A1', $eyes)[0];
        self::assertTrue($best->isMirrored);
        self::assertSame([2, 2, 3], [$best->sequence[0]->rounds, $best->sequence[1]->rounds, $best->stripes]);
        self::assertSame(['Eyes'], $best->inside);
        self::assertContains('alike on both sides of the widest round', FitWords::reasons($best));
        $across = array_filter(self::fits(5, 10, 'B1A1', $eyes), static fn (StripeFit $fit): bool => 3 === $fit->sequence[0]->rounds && 0 === $fit->shortened);
        self::assertSame([['Eyes']], array_values(array_column($across, 'across')), 'Three and three meet between rounds 7 and 8.');
    }

    public function testSleevesMatchTheBody(): void
    {
        $plan = Plans::of([], [], [], ['pieces' => [
            Plans::piece('body', Plans::ball(5), ['colours' => [Plans::stripes(5, 10, [['B', 3], ['A', 3]])]]),
            Plans::piece('sleeve', Plans::ball(5)),
        ]]);
        $sleeve = Analysis::of($plan)->pieces[1];
        $fits = (new StripeFits($plan, $sleeve->piece, $sleeve->stages->frame, []))->on(new RoundRange(1, 12), [new Stripe('A', 1), new Stripe('B', 1)]);
        foreach ($fits as $fit) {
            self::assertSame(3 === $fit->sequence[0]->rounds ? ['Body'] : [], $fit->like);
        }
        self::assertSame(3, $fits[0]->sequence[0]->rounds, 'Like the body, in whole repeats, and low enough to carry.');
    }
}
