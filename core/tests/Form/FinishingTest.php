<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Form;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Form\Finishing;
use Alternum\Core\Form\FinishPart;
use Alternum\Core\Form\FinishReason;
use Alternum\Core\Plan\Finish\Drawn;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Finish\RingDrawn;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use Alternum\Core\Words\FinishWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** How a piece begins and ends. The defaults are common practice, no source. */
final class FinishingTest extends TestCase
{
    private const LONG = ['12 sc in MR', 'R2-20: sc around'];
    private const TUBE = ['R1: 6 sc in MR', 'R2: inc x6', 'R3-9: sc around'];

    private static function finishing(Plan $plan, int $piece = 0): Finishing
    {
        return Analysis::of($plan)->pieces[$piece]->finishing;
    }

    public function testABallIsDrawnClosedAndStuffedFirmly(): void
    {
        $ball = self::finishing(Plans::of(Plans::ball(5)));
        self::assertSame([PieceEnd::FrontLoops, Firmness::Firm, 15.0], [$ball->end, $ball->firmness, $ball->tailCm]);
        self::assertSame([RingDrawn::AtOnce, Tail::Weave, 0], [$ball->ring, $ball->start, $ball->turned]);
        self::assertSame(FinishReason::Closes, $ball->reasons[FinishPart::End->value]);
        $short = Plans::of(Plans::ball(5), [], [], ['yarnUse' => ['basis' => 'guess', 'sparePercent' => 0, 'tailCm' => 5, 'sewingTailCm' => 30]]);
        self::assertSame(12.0, self::finishing($short)->tailCm, 'A closing tail is 12 cm or more.');
    }

    public function testAnOpenTubeStaysOpenOrIsSewnOn(): void
    {
        $alone = self::finishing(Plans::of(self::TUBE));
        self::assertSame([PieceEnd::Open, 15.0], [$alone->end, $alone->tailCm]);
        $pieces = Plans::values(self::TUBE)['pieces'];
        self::assertIsArray($pieces);
        $two = Plans::of([], plan: ['pieces' => [[...(array) $pieces[0], 'key' => 'arm'], ...$pieces]]);
        self::assertSame([PieceEnd::Sewn, 40.0], [self::finishing($two)->end, self::finishing($two)->tailCm]);
        $rows = self::finishing(Plans::of(['ch 9', 'sk 1, 8 sc', '8 sc'], [], ['worked' => 'rows']));
        self::assertSame([PieceEnd::Open, Firmness::None, null], [$rows->end, $rows->firmness, $rows->ring]);
    }

    public function testWhatAnotherGoesOnFromIsNotCut(): void
    {
        $pieces = Plans::values(self::TUBE)['pieces'];
        self::assertIsArray($pieces);
        $on = ['key' => 'on', 'start' => ['join' => 'opening', 'pieces' => ['body']], 'rounds' => ['sc around']];
        $leg = self::finishing(Plans::of([], plan: ['pieces' => [...$pieces, [...(array) $pieces[0], ...$on]]]));
        self::assertSame([null, 0.0, FinishReason::GoesOn], [$leg->end, $leg->tailCm, $leg->reasons[FinishPart::End->value]]);
    }

    /** @return iterable<string, array{0: string, 1: array<string, mixed>, 2?: list<string>}> */
    public static function words(): iterable
    {
        yield 'closed' => [
            'Fasten off, 20 cm tail. Thread through the front loops of the 12 sts, pull closed, hide the end.',
            ['end' => 'front-loops', 'tailCm' => 20],
        ];
        yield 'every second' => ['Fasten off. Thread the tail through every second stitch and pull tight.', ['end' => 'every-second']];
        yield 'twice' => ['Weave the tail through the front loops twice and close the hole.', ['end' => 'twice']];
        yield 'flat' => ['Flatten the opening and work 6 sc through both sides.', ['end' => 'flat']];
        yield 'sewn' => ['Fasten off, leaving a 12-inch tail for sewing.', ['end' => 'sewn', 'tailCm' => 30.5]];
        yield 'open' => ['Leave the end open.', ['end' => 'open'], Plans::ball(3)];
        yield 'needle' => ['Finish with an invisible join.', ['end' => 'needle-join']];
        yield 'light' => ['Stuff lightly.', ['stuffing' => ['firmness' => 'light']], Plans::ball(3)];
        yield 'medium' => ['Stuff to medium firmness.', ['stuffing' => ['firmness' => 'usual']]];
        yield 'none' => ['Do not stuff.', ['stuffing' => ['firmness' => 'none']], Plans::ball(3)];
        yield 'half' => ['Stuff half of it.', ['stuffing' => ['firmness' => 'half']]];
        yield 'clear' => ['Stuff firmly, leave the neck empty.', ['stuffing' => ['firmness' => 'firm', 'clear' => 'the neck']]];
        yield 'turned' => ['Turn it right side out.', ['turned' => 3]];
        yield 'hung' => ['Leave the starting tail outside, to hang it by.', ['start' => 'keep']];
        yield 'over' => ['Crochet over the starting tail.', ['start' => 'over']];
        yield 'drawn' => ['Take the tail through the middle from pole to pole 6 times, pull each in.', ['drawn' => ['segments' => 6]], Plans::ball(3)];
        yield 'base' => ['Draw the base flat with the tail.', ['drawn' => ['segments' => 0, 'base' => true]], Plans::ball(3)];
    }

    /**
     * @param array<string, mixed> $finish
     * @param list<string>         $lines
     */
    #[DataProvider('words')]
    public function testTypedWordsSayIt(string $words, array $finish, array $lines = ['R1: 6 sc in MR', 'R2: inc x6', 'R3: sc around']): void
    {
        $said = self::finishing(Plans::of([...$lines, $words]));
        $plan = Plans::of($lines, [], ['finish' => $finish]);
        self::assertEquals(self::facts(self::finishing($plan)), self::facts($said));
        self::assertNotEquals(self::facts(self::finishing(Plans::of($lines))), self::facts($said), 'It is not so anyway.');
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
    }

    /** @return list<mixed> */
    private static function facts(Finishing $finishing): array
    {
        return [
            $finishing->ring, $finishing->start, $finishing->end, $finishing->tailCm, $finishing->sews, $finishing->turned,
            $finishing->firmness, $finishing->clear, $finishing->drawn,
        ];
    }

    /** What was chosen holds against what was typed. */
    public function testHerChoiceHolds(): void
    {
        $lines = [...self::TUBE, 'Stuff firmly. Fasten off, 30 cm tail.'];
        $finishing = self::finishing(Plans::of($lines, [], ['finish' => ['tailCm' => 50, 'stuffing' => ['firmness' => 'half']]]));
        self::assertSame([50.0, Firmness::Half], [$finishing->tailCm, $finishing->firmness]);
        self::assertFalse($finishing->isTyped(FinishPart::Tail));
        $told = WrittenSteps::told(Plans::of($lines, [], ['finish' => ['tailCm' => 50]]), 'fasten-off');
        self::assertSame('Fasten off, 50 cm tail', $told[9][1] ?? null, 'It is said beside her words.');
        self::assertCount(1, WrittenSteps::told(Plans::of($lines), 'fasten-off')[9] ?? []);
        $clear = implode(' ', array_merge(...WrittenSteps::told(Plans::of($lines, [], ['finish' => ['stuffing' => ['clear' => 'the tip']]]), 'stuff')));
        self::assertStringContainsString('leave the tip empty', $clear, 'What she wants clear is not lost beside her words.');
    }

    /** Cues on the way are about that place, not about the end. */
    public function testAPartSewnOnOnTheWayIsNotTheEnd(): void
    {
        $ball = Plans::ball(5);
        array_splice($ball, 6, 0, ['Sew the ears to the head.']);
        self::assertSame(PieceEnd::FrontLoops, self::finishing(Plans::of($ball))->end);
    }

    /**
     * By hand, on a tube of twelve of 20 rounds, where a round is 100/24 mm high: once through and once over is twice its height and the
     * ring that the first round closes, and that so often as there are segments.
     */
    public function testTheThreadThatDrawsItIn(): void
    {
        $plan = Plans::of(self::LONG, [], ['finish' => ['end' => 'front-loops']]);
        $size = Analysis::of($plan)->pieces[0]->stages->form;
        $once = Finishing::thread($size, new Drawn(1));
        self::assertEqualsWithDelta(2 * 20 * 100 / 24, $once, 12.0, 'Corners are rounded off.');
        self::assertEqualsWithDelta(6 * $once, Finishing::thread($size, new Drawn(6)), 1e-6);
        $tail = static fn (array $finish): float => self::finishing(Plans::of(self::LONG, [], ['finish' => $finish + ['end' => 'front-loops']]))->tailCm;
        self::assertSame($tail([]) + ceil(6 * $once / 10), $tail(['drawn' => ['segments' => 6]]));
        $metres = static fn (array $finish): float => Analysis::of(Plans::of(self::LONG, [], ['finish' => $finish + ['end' => 'front-loops']]))
            ->amounts->amounts[0]->parts['tails'];
        $short = self::finishing(Plans::of(self::LONG, [], ['finish' => ['end' => 'front-loops', 'tailCm' => 20, 'drawn' => ['segments' => 6]]]));
        self::assertTrue($short->isTooShort());
        self::assertSame('Too short: drawing the piece in alone takes '.ceil(6 * $once / 10).' cm.', FinishWords::whyTail($short));
        self::assertEqualsWithDelta(ceil(6 * $once / 10) / 100, $metres(['drawn' => ['segments' => 6]]) - $metres([]), 1e-9, 'The yarn knows it.');
    }
}
