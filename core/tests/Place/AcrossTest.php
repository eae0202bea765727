<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Place;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Making\Placed;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\ContractedPlan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\WhereWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Around a piece something is counted from the front, the seam, another place, its mirror image, or an increase. */
final class AcrossTest extends TestCase
{
    /**
     * @param list<array<string, mixed>> $placements
     * @param array<string, mixed>       $piece
     */
    private static function plan(array $placements, array $piece = []): Plan
    {
        return Plans::of(Plans::ball(6), [], ['placements' => $placements] + $piece);
    }

    /** @return list<float> degrees of the first point of each from the front */
    private static function degrees(Plan $plan): array
    {
        $analysis = Analysis::of($plan)->pieces[0];

        return array_map(
            static fn (Placed $placed): float => round($analysis->stages->frame->signedFromFront($placed->degrees[0]), 6),
            $analysis->placing->placed,
        );
    }

    private static function said(Plan $plan, int $of): string
    {
        $analysis = Analysis::of($plan)->pieces[0];

        return WhereWords::said($plan, $analysis->piece->key, $analysis->piece->placements[$of]->place, -1);
    }

    /** One arm as far to the left as the other is to the right; whichever way the front is turned, and however far out the first is. */
    #[TestWith([180.0, 4.0])]
    #[TestWith([20.0, 4.0])]
    #[TestWith([180.0, -7.5])]
    public function testMirrored(float $front, float $out): void
    {
        $plan = self::plan([
            ['key' => 'left', 'kind' => 'other', 'name' => 'Left fin', 'anchor' => 'round', 'number' => 9, 'stitches' => $out],
            ['key' => 'right', 'kind' => 'other', 'anchor' => 'placement', 'of' => 'left', 'across' => ['from' => 'mirror', 'of' => 'left']],
        ], ['front' => ['degrees' => $front]]);
        self::assertTrue(ContractedPlan::isValid($plan->values()));
        [$left, $right] = self::degrees($plan);
        // A round of 36: ten degrees a stitch.
        self::assertEqualsWithDelta($out * 10.0, $left, 1e-6);
        self::assertEqualsWithDelta(-$left, $right, 1e-6);
        self::assertSame('in line with the left fin, mirrored from the left fin', self::said($plan, 1));
    }

    /** Between the two of a pair, and so many stitches on from there. */
    public function testBesideAPair(): void
    {
        $plan = self::plan([
            ['key' => 'eyes', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 9, 'apart' => 6, 'fromFront' => 30],
            ['key' => 'nose', 'kind' => 'nose', 'anchor' => 'placement', 'of' => 'eyes', 'offset' => 1, 'across' => ['from' => 'beside', 'of' => 'eyes']],
            ['key' => 'spot', 'kind' => 'other', 'anchor' => 'round', 'number' => 8, 'stitches' => 2, 'across' => ['from' => 'beside', 'of' => 'eyes']],
        ]);
        [$eye, $nose, $spot] = self::degrees($plan);
        self::assertEqualsWithDelta(30.0, $eye + 30.0, 1e-6);
        self::assertEqualsWithDelta(30.0, $nose, 1e-6);
        self::assertEqualsWithDelta(50.0, $spot, 1e-6);
        self::assertSame('between rounds 8 and 9, from the middle of the eyes, 2 stitches on', self::said($plan, 2));
    }

    /** Round 4 of a ball is (2 sc, inc) × 6: its second increase is stitches 7 and 8, and a pair 2 apart has one of them on each side. */
    public function testOnAnIncrease(): void
    {
        $plan = self::plan([['kind' => 'ears', 'anchor' => 'round', 'number' => 4, 'apart' => 2, 'across' => ['from' => 'increase', 'number' => 2]]]);
        self::assertSame([6.0, 8.0], array_map(static fn (float $at): float => round($at, 6), Analysis::of($plan)->pieces[0]->placing->placed[0]->after));
        self::assertSame('between rounds 4 and 5, at the second increase of its round, 2 stitches apart, on both sides of it', self::said($plan, 0));
    }

    /** It stays on its increase when the piece is worked larger before it. */
    public function testStaysTrueWhenResized(): void
    {
        $places = [['kind' => 'other', 'anchor' => 'round', 'number' => 4, 'across' => ['from' => 'increase', 'number' => 2]]];
        $wide = Plans::of(['8 sc in MR', 'inc x8', '(sc, inc) x8', '(2 sc, inc) x8', 'R5-8: sc around'], [], ['placements' => $places]);
        self::assertSame(7.0, Analysis::of($wide)->pieces[0]->placing->placed[0]->after[0]);
        self::assertSame(32, Analysis::of($wide)->pieces[0]->stages->frame->makes(4));
    }

    public function testWhatIsNotThereIsTold(): void
    {
        $told = static fn (array $across): array => array_map(
            static fn ($problem): string => "{$problem->path} {$problem->message->code}",
            Analysis::of(self::plan([['kind' => 'other', 'anchor' => 'round', 'number' => 8, 'across' => $across]]))->problems,
        );
        self::assertSame(['pieces[0].placements[0].across placing.noIncrease'], $told(['from' => 'increase', 'number' => 7]));
        self::assertSame(['pieces[0].placements[0].across placing.noAcross'], $told(['from' => 'mirror', 'of' => 'gone']));
        self::assertSame(['pieces[0].placements[0].across placing.noAcross'], $told(['from' => 'beside', 'of' => 'p1']));
    }

    /** What is said beside the seam is read by nobody: it is an error, here and in the contract. */
    public function testIsNotCountedFromTwoThings(): void
    {
        $values = Plans::values(Plans::ball(6), [], ['placements' => [
            ['kind' => 'other', 'anchor' => 'round', 'number' => 8, 'offSeam' => true, 'across' => ['from' => 'increase', 'number' => 1]],
        ]]);
        self::assertFalse(ContractedPlan::isValid($values));
        $this->expectException(InvalidFields::class);
        PlanReader::values($values);
    }
}
