<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Frame;

use Alternum\Core\Analysis;
use Alternum\Core\Frame\EndReason;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Which end of a piece is up where nobody has said it. That eyes lie above noses, ears above eyes and legs low: common knowledge. */
final class StandingEndTest extends TestCase
{
    /** @return iterable<string, array{list<array{string, int}>, FirstRound, EndReason}> a ball of fifteen rounds, and what is set on it */
    public static function heads(): iterable
    {
        yield 'nothing' => [[], FirstRound::Top, EndReason::Usual];
        yield 'eyes in the middle of a head' => [[['eyes', 9]], FirstRound::Top, EndReason::Usual];
        yield 'a nose further on' => [[['eyes', 7], ['nose', 9]], FirstRound::Top, EndReason::EyesAboveNose];
        yield 'a nose before the eyes' => [[['eyes', 9], ['nose', 7]], FirstRound::Bottom, EndReason::EyesAboveNose];
        yield 'ears before the eyes' => [[['eyes', 9], ['ears', 3]], FirstRound::Top, EndReason::EarsAboveEyes];
        yield 'ears after the eyes' => [[['eyes', 8], ['ears', 13]], FirstRound::Bottom, EndReason::EarsAboveEyes];
        yield 'ears late' => [[['ears', 12]], FirstRound::Bottom, EndReason::EarsHigh];
        yield 'legs early' => [[['legs', 4]], FirstRound::Bottom, EndReason::LegsLow];
        yield 'legs late' => [[['legs', 12]], FirstRound::Top, EndReason::LegsLow];
        yield 'eyes late' => [[['eyes', 12]], FirstRound::Bottom, EndReason::LateEyes];
    }

    /** @param list<array{string, int}> $set */
    #[DataProvider('heads')]
    public function testGuessesFromWhatIsSetOnIt(array $set, FirstRound $end, EndReason $reason): void
    {
        $placements = array_map(static fn (array $one): array => ['kind' => $one[0], 'anchor' => 'round', 'number' => $one[1]], $set);
        $piece = Analysis::of(Plans::of(Plans::ball(5), [], ['placements' => $placements]))->pieces[0];
        self::assertSame([$end, $reason], [$piece->stages->end->firstRound, $piece->stages->end->reason]);
        self::assertSame(FirstRound::Top === $end, $piece->stages->frame->beginsAtTop());
        self::assertSame([] !== $set, $piece->asksEnd(), 'She is asked where something stands by it.');
    }

    public function testWhatSheSaysHolds(): void
    {
        $ears = [['kind' => 'ears', 'anchor' => 'round', 'number' => 12]];
        $piece = Analysis::of(Plans::of(Plans::ball(5), [], ['placements' => $ears, 'firstRound' => 'top']))->pieces[0];
        self::assertTrue($piece->stages->frame->beginsAtTop());
        self::assertFalse($piece->asksEnd(), 'Asked once.');
    }

    public function testLegsAndTheBodyOnThemStandOnTheGround(): void
    {
        $rounds = ['6 sc in MR', 'inc x6', 'sc around'];
        $plan = Plans::of([], [], [], ['pieces' => [
            Plans::piece('leg', $rounds, ['copies' => 2]),
            Plans::piece('trunk', ['sc around (28)'], ['start' => ['join' => 'bridge', 'pieces' => ['leg', 'leg'], 'across' => 2]]),
            Plans::piece('cap', $rounds, ['firstRound' => 'bottom']),
            Plans::piece('neck', ['sc around'], ['start' => ['join' => 'opening', 'pieces' => ['cap']]]),
        ]]);
        $ends = array_map(static fn (PieceAnalysis $one): EndReason => $one->stages->end->reason, Analysis::of($plan)->pieces);
        self::assertSame([EndReason::IsLeg, EndReason::OnLegs, EndReason::Said, EndReason::GoesOn], $ends);
    }
}
