<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What becomes of the old yarn and of each end: for the plan, a piece or one change. Common practice, no source. */
final class EndsChoiceTest extends TestCase
{
    /**
     * A tube of 20, in stripes of so many rounds.
     *
     * @param array<string, mixed> $changes of the piece
     * @param array<string, mixed> $plan
     * @param array<string, mixed> $piece
     */
    private static function plan(int $high, array $changes = [], array $plan = [], array $piece = []): Plan
    {
        return Plans::of(
            ['20 sc in MR', 'R2-24: sc around'],
            [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(1, 24, [['A', $high], ['B', $high]])],
            ['changes' => $changes + ['method' => 'plain']] + $piece,
            $plan,
        );
    }

    /** @return list<Change> */
    private static function changes(Plan $plan): array
    {
        return Analysis::of($plan)->pieces[0]->changes->all;
    }

    /** A body in closed rounds that changes n times and is cut has 2 n + 2 ends; carried, two yarns have four. */
    public function testTheEndsOfAStripedBody(): void
    {
        foreach ([2 => 11, 3 => 7, 4 => 5] as $high => $times) {
            $joined = static fn (string $oldYarn): Analysis => Analysis::of(self::plan($high, ['oldYarn' => $oldYarn], piece: ['worked' => 'joined']));
            self::assertCount($times, $joined('cut')->pieces[0]->changes->all);
            self::assertSame(2 * $times + 2, $joined('cut')->lengths[0]->ends(), "{$times} changes, cut");
            self::assertSame(4, $joined('carry')->lengths[0]->ends(), "{$times} changes, carried");
        }
    }

    public function testTheRuleWhereNothingIsSaid(): void
    {
        $first = static fn (int $high): OldYarn => self::changes(self::plan($high))[0]->yarns->old;
        self::assertSame([OldYarn::Carry, OldYarn::Cut], [$first(3), $first(5)], 'Stripes of 3 + 3 are carried, of 5 + 5 cut.');
    }

    public function testThePlanThePieceAndOneChange(): void
    {
        $plan = self::plan(
            3,
            ['at' => [['round' => 3, 'oldYarn' => 'cut'], ['round' => 9, 'tails' => ['old' => 'keep']]], 'tails' => ['new' => 'inside']],
            ['changes' => ['oldYarn' => 'over', 'tails' => ['old' => 'knot', 'new' => 'knot']]],
        );
        $changes = self::changes($plan);
        self::assertSame([OldYarn::Cut, OldYarn::Over], [$changes[0]->yarns->old, $changes[1]->yarns->old]);
        self::assertSame([Tail::Knot, Tail::Inside], [$changes[0]->yarns->oldTail, $changes[0]->yarns->newTail]);
        self::assertSame([Tail::Keep, Tail::Inside], [$changes[2]->yarns->oldTail, $changes[2]->yarns->newTail]);
        self::assertTrue($changes[0]->yarns->isChosen);
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
    }

    /** By hand: from the end of round 3 to the beginning of round 7 lie three rounds of twenty stitches, each 100/22 mm wide. */
    public function testCrochetingOverTakesTheWayAlongTheStitches(): void
    {
        $lengths = Analysis::of(self::plan(3, ['at' => [['round' => 3, 'oldYarn' => 'over']]]))->lengths[0];
        self::assertEqualsWithDelta(60 * 100 / 22, $lengths->floats['A'], 1e-6);
    }

    /** @return iterable<string, array{Tail, string, float}> with what is said, and how long it is by the plan's 15 and 40 cm */
    public static function tails(): iterable
    {
        yield 'woven in' => [Tail::Weave, 'Cut A, leaving 15 cm.', 15];
        yield 'knotted' => [Tail::Knot, 'Cut A, leaving 8 cm, and knot it to B’s end inside', 8];
        yield 'left inside' => [Tail::Inside, 'Cut A, leaving 15 cm, and leave it inside with the stuffing.', 15];
        yield 'crocheted over' => [Tail::Over, 'Cut A, leaving 10 cm, and crochet over it for the next three or four stitches.', 10];
        yield 'sewn with' => [Tail::Sew, 'Cut A, leaving 40 cm to sew with.', 40];
        yield 'kept' => [Tail::Keep, 'Cut A, leaving 15 cm, and keep it outside, to hang the piece by.', 15];
    }

    #[DataProvider('tails')]
    public function testEachTailIsSaidAndTakesItsYarn(Tail $tail, string $says, float $cm): void
    {
        $plan = self::plan(12, ['tails' => ['old' => $tail->value]]);
        $analysis = Analysis::of($plan);
        $words = Plans::changeWords($plan, $analysis->pieces[0], Terms::Us);
        self::assertStringContainsString($says, $words->toDo($analysis->pieces[0]->changes->all[0]));
        // Its own tail, and the one that it began with.
        self::assertEqualsWithDelta(10 * ($cm + 15), $analysis->lengths[0]->tails['A'], 1e-9);
    }

    public function testWarnsOfWhatShows(): void
    {
        self::assertStringContainsString('A is much darker than B: crocheted over, it lies inside the stitches', self::why(['oldYarn' => 'over']));
        self::assertStringNotContainsString('darker', self::why(['oldYarn' => 'over'], '#E8E0D0'));
        self::assertStringContainsString('The piece is left open: a knot inside it shows.', self::why(['oldYarn' => 'cut', 'tails' => ['old' => 'knot']]));
    }

    #[TestWith(['open', true])]
    #[TestWith(['needle-join', true])]
    #[TestWith(['sewn', false])]
    #[TestWith(['twice', false])]
    #[TestWith(['flat', false])]
    public function testAPieceIsLeftOpenAsItsFinishSays(string $end, bool $isOpen): void
    {
        $why = self::why(['oldYarn' => 'cut', 'tails' => ['old' => 'knot']], piece: ['finish' => ['end' => $end]]);
        self::assertSame($isOpen, str_contains($why, 'The piece is left open: a knot inside it shows.'));
    }

    public function testWhatNeverComesBackIsCut(): void
    {
        $last = self::changes(self::plan(3, ['oldYarn' => 'carry']));
        self::assertSame(OldYarn::Cut, $last[\count($last) - 1]->yarns->old);
        self::assertFalse($last[\count($last) - 1]->yarns->isChosen);
    }

    /**
     * @param array<string, mixed> $changes of stripes of three rounds, the first in a yarn of this colour, the other nearly white
     * @param array<string, mixed> $piece
     */
    private static function why(array $changes, string $hex = '#202020', array $piece = []): string
    {
        $plan = self::plan(3, $changes, ['yarns' => [
            ['key' => 'A', 'name' => '', 'hex' => $hex, 'weight' => 'dk', 'metresPer100g' => 250],
            ['key' => 'B', 'name' => '', 'hex' => '#F2EDE4', 'weight' => 'dk', 'metresPer100g' => 250],
        ]], $piece);
        $made = Analysis::of($plan)->pieces[0];

        return Plans::changeWords($plan, $made, Terms::Us)->why($made->changes->all[0]);
    }
}
