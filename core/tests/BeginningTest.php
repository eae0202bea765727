<?php

declare(strict_types=1);

namespace Alternum\Core\Tests;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Form;
use Alternum\Core\Edit\FormSize;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Resize;
use Alternum\Core\Edit\Retype;
use Alternum\Core\Edit\Shape;
use Alternum\Core\Edit\Spread;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\EdgeStretch;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Words\MessageWords;
use Alternum\Core\Words\PieceWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Pieces that begin on others. */
final class BeginningTest extends TestCase
{
    private const LEG = ['5 sc in MR', 'inc x5', '(sc, inc) x5', 'R4-6: sc around'];

    /**
     * @param list<string>         $rounds
     * @param array<string, mixed> $start
     * @param list<string>         $other
     */
    private static function plan(array $rounds, array $start, array $other = self::LEG): Plan
    {
        $piece = static fn (string $key, array $lines, array $more): array => [
            'key' => $key, 'name' => ucfirst($key), 'copies' => 1, 'worked' => 'spiral', 'rounds' => $lines,
            'front' => ['degrees' => 180], 'colours' => [], 'changes' => ['method' => 'auto'],
        ] + $more;

        $legs = ['copies' => 3] + $piece('leg', self::LEG, []);

        return Plans::of([], plan: ['pieces' => [$legs, $piece('other', $other, []), $piece('body', $rounds, ['start' => $start])]]);
    }

    /**
     * By hand: two legs of 15 joined by 3 chains, worked along both sides: 15 + 3 + 15 + 3 = 36. Two domes of 15 worked together over 4: 30 − 8,
     * or 30 − 4 where the joined stitches count. The spaces after rounds 2, 3 and 4, up and down: 6. Loops of two rounds of 15: 30.
     *
     * @param array<string, mixed> $start
     * @param list<string>         $other
     */
    #[TestWith([['join' => 'bridge', 'pieces' => ['leg', 'leg'], 'across' => 3], 36])]
    #[TestWith([['join' => 'bridge', 'pieces' => ['leg', 'other'], 'across' => 0], 30])]
    #[TestWith([['join' => 'bridge', 'pieces' => ['leg', 'leg', 'leg'], 'across' => 2], 53])]
    #[TestWith([['join' => 'seam', 'pieces' => ['leg', 'other'], 'across' => 4], 22])]
    #[TestWith([['join' => 'opening', 'pieces' => ['leg']], 15])]
    #[TestWith([['join' => 'layers', 'pieces' => ['leg', 'other']], 15])]
    #[TestWith([['join' => 'rim', 'pieces' => ['leg']], 15])]
    #[TestWith([['join' => 'loops', 'pieces' => ['other'], 'round' => 3], 15, ['5 sc in MR', 'inc x5', '(sc, inc) x5', 'sc around in BLO', '(sc, dec) x5']])]
    #[TestWith([
        ['join' => 'loops', 'pieces' => ['other'], 'round' => 3],
        9,
        ['5 sc in MR', 'inc x5', '(sc, inc) x5', '6 sc, 5 sc in BLO, dec in BLO, dec in BLO', 'sc around'],
    ])]
    #[TestWith([['join' => 'opening', 'pieces' => ['leg'], 'take' => ['stitches' => 6]], 6])]
    #[TestWith([['join' => 'opening', 'pieces' => ['leg'], 'gap' => true], 16])]
    #[TestWith([['join' => 'seam', 'pieces' => ['leg', 'other'], 'across' => 4, 'counts' => true], 26])]
    #[TestWith([['join' => 'side', 'pieces' => ['leg'], 'round' => 2, 'to' => 4], 6])]
    #[TestWith([['join' => 'side', 'pieces' => ['leg'], 'round' => 2, 'to' => 4, 'oneSide' => true], 3])]
    #[TestWith([
        ['join' => 'spiral-loops', 'pieces' => ['other'], 'round' => 3, 'to' => 4],
        30,
        ['5 sc in MR', 'inc x5', '(sc, inc) x5', 'sc around in BLO', 'sc around in BLO', 'sc around'],
    ])]
    #[TestWith([['join' => 'opening', 'pieces' => ['leg'], 'take' => ['from' => 4, 'to' => 9]], 6])]
    #[TestWith([['join' => 'opening', 'pieces' => ['leg'], 'take' => ['from' => 14, 'to' => 3]], 5])]
    public function testBeginsOnAsManyStitches(array $start, int $stitches, array $other = self::LEG): void
    {
        $analysis = Analysis::of(self::plan(['R1: sc around', 'R2: sc around'], $start, $other));
        self::assertSame([], $analysis->problems);
        $rounds = $analysis->pieces[2]->stages->reading->rounds;
        self::assertSame([$stitches, $stitches], [$rounds[0]->uses, $rounds[0]->makes]);
        self::assertEqualsWithDelta($stitches * 100 / 22 / (2 * \M_PI), $analysis->pieces[2]->stages->fabric->begins, 1e-9);
        self::assertEqualsWithDelta(100 / 24, $analysis->pieces[2]->stages->fabric->rounds[0]->rise, 1e-9);
    }

    /** A body on two legs of which one is made: counted as it is to be, and told where the legs are chosen. */
    public function testAPieceIsMadeAsOftenAsItIsJoined(): void
    {
        $start = ['join' => 'bridge', 'pieces' => ['other', 'other'], 'across' => 3];
        $analysis = Analysis::of(self::plan(['sc around'], $start));
        self::assertSame(36, $analysis->pieces[2]->stages->reading->on);
        self::assertSame(
            ['This piece begins on 2 of “Other”, and only one is made.'],
            array_map(static fn (Problem $problem): string => MessageWords::says($problem->message), $analysis->problems),
        );
    }

    /**
     * By hand: of a leg between two others, one half comes on the way out and one on the way back; a seam over four keeps the first eleven
     * of the one and the last eleven of the other.
     *
     * @param array<string, mixed> $start
     */
    #[TestWith([['join' => 'bridge', 'pieces' => ['leg', 'other'], 'across' => 3], '15 of Leg, 3 chains, 15 of Other, 3 chains'])]
    #[TestWith([
        ['join' => 'bridge', 'pieces' => ['leg', 'other', 'leg'], 'across' => 1],
        '15 of Leg, 1 chain, 7 of Other, 1 chain, 15 of Leg, 1 chain, stitches 8 to 15 of Other, 1 chain',
    ])]
    #[TestWith([['join' => 'seam', 'pieces' => ['leg', 'other'], 'across' => 4], '11 of Leg, stitches 5 to 15 of Other'])]
    #[TestWith([['join' => 'opening', 'pieces' => ['leg'], 'take' => ['from' => 14, 'to' => 3]], 'stitches 14 to 15 of Leg, 3 of Leg'])]
    public function testKnowsItsGroundStitchByStitch(array $start, string $words): void
    {
        $plan = self::plan(['sc around'], $start);
        $analysis = Analysis::of($plan);
        self::assertSame($words, PieceWords::beginning($plan, $plan->pieces[2], $analysis->pieces[2]->edges));
        self::assertSame(
            $analysis->pieces[2]->stages->reading->on,
            array_sum(array_map(static fn (EdgeStretch $ground): int => $ground->count(), $analysis->pieces[2]->edges)),
        );
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
    }

    public function testSaysWhatIsSpreadEvenly(): void
    {
        $plan = self::plan(['sc around'], ['join' => 'opening', 'pieces' => ['leg'], 'take' => ['stitches' => 6]]);
        self::assertSame('6, spread evenly, of the 15 of Leg', PieceWords::beginning($plan, $plan->pieces[2], Analysis::of($plan)->pieces[2]->edges));
    }

    public function testTheFirstRoundIsCheckedLikeAnyOther(): void
    {
        $start = ['join' => 'bridge', 'pieces' => ['leg', 'leg'], 'across' => 3];
        self::assertStringStartsWith(
            'Round 1 uses 35 of the 36 stitches below: 1 left over.',
            MessageWords::says(Analysis::of(self::plan(['35 sc'], $start))->problems[0]->message),
        );
        self::assertSame(
            'Round 1 uses 40 stitches, but it begins on 36: 4 too many.',
            MessageWords::says(Analysis::of(self::plan(['40 sc'], $start))->problems[0]->message),
        );
        self::assertSame(
            'Round 1 begins in a ring, but this piece begins on others.',
            MessageWords::says(Analysis::of(self::plan(['36 sc in MR'], $start))->problems[0]->message),
        );
        self::assertSame([], Analysis::of(self::plan(['R1: (4 sc, dec) x6 (30)', 'R2: sc around'], $start))->problems);
    }

    /**
     * @param array<string, mixed> $start
     * @param list<string>         $other
     */
    #[TestWith([['join' => 'opening', 'pieces' => ['wing']], self::LEG, 'pieces[2].start.pieces[0]', '“wing”, which is not made before it'])]
    #[TestWith([['join' => 'opening', 'pieces' => ['body']], self::LEG, 'pieces[2].start.pieces[0]', 'not made before it'])]
    #[TestWith([['join' => 'opening', 'pieces' => ['other']], [], 'pieces[2].start.pieces[0]', 'not made before it'])]
    #[TestWith([['join' => 'layers', 'pieces' => ['leg', 'other']], ['6 sc in MR'], 'pieces[2].start', '15 and 6 stitches'])]
    #[TestWith([['join' => 'seam', 'pieces' => ['leg', 'other'], 'across' => 15], self::LEG, 'pieces[2].start.across', 'more stitches than'])]
    #[TestWith([['join' => 'loops', 'pieces' => ['other'], 'round' => 3], self::LEG, 'pieces[2].start.round', 'leaves no loop free'])]
    #[TestWith([
        ['join' => 'opening', 'pieces' => ['leg'], 'take' => ['stitches' => 16]],
        self::LEG,
        'pieces[2].start.take',
        'more stitches than the edge has, which is 15',
    ])]
    #[TestWith([
        ['join' => 'opening', 'pieces' => ['leg'], 'take' => ['from' => 10, 'to' => 16]],
        self::LEG,
        'pieces[2].start.take',
        'more stitches than the edge has',
    ])]
    public function testSaysWhatCannotBeBegunOn(array $start, array $other, string $path, string $message): void
    {
        $problem = Analysis::of(self::plan(['sc around'], $start, $other))->problems[0];
        self::assertSame([$path, 'body'], [$problem->path, $problem->piece]);
        self::assertStringContainsString($message, MessageWords::says($problem->message));
    }

    /** Edits know what the piece begins on: colours named in its words reach all its stitches, and typing keeps them. */
    public function testEditsKnowWhatItBeginsOn(): void
    {
        $plan = self::plan(['R1: with B: sc around', 'R2: 5 sc, with A: sc around'], ['join' => 'opening', 'pieces' => ['leg']]);
        self::assertSame([str_repeat('B', 15), 'BBBBB'.str_repeat('A', 10)], Analysis::of($plan)->pieces[2]->stages->colouring->rounds);
        $retyped = (new Retype('body', ['R1: with B: sc around', 'R2: sc around', 'R3: 5 sc, with A: sc around']))->apply($plan);
        self::assertSame('BBBBB'.str_repeat('A', 10), Analysis::of($retyped)->pieces[2]->stages->colouring->rounds[2]);
        foreach ([new Resize('body', 1, 0), new Shape('body', Form::Ball, 6, new FormSize(60.0), Spread::Stacked, Stitch::Decrease)] as $edit) {
            try {
                $edit->apply($plan);
                self::fail('It must be refused.');
            } catch (EditRefused $refused) {
                self::assertStringContainsString('begins on others', MessageWords::says($refused->says));
            }
        }
    }

    /**
     * By hand: six rows of 8 sc have 8 + 6 + 8 + 6 around; four rows of hdc are as high as six of sc.
     *
     * @param list<string> $rows
     */
    #[TestWith([['ch 9', 'sk 1, 8 sc', 'R2-6: sc across'], 28])]
    #[TestWith([['ch 9', 'sk 1, 8 hdc', 'R2-4: hdc across'], 28])]
    #[TestWith([['ch 9', 'sk 1, 8 dc', 'R2-3: dc across'], 28])]
    public function testAnEdgingFindsTheRowEnds(array $rows, int $stitches): void
    {
        $panel = ['key' => 'panel', 'name' => 'Panel', 'copies' => 2, 'worked' => 'rows', 'rounds' => $rows, 'front' => ['degrees' => 180], 'colours' => [],
            'changes' => ['method' => 'auto']];
        $edging = ['key' => 'edging', 'name' => 'Edging', 'worked' => 'joined', 'rounds' => ['sc around']] + $panel;
        foreach ([['join' => 'edge', 'pieces' => ['panel']], ['join' => 'edges', 'pieces' => ['panel', 'panel']]] as $start) {
            $plan = Plans::of([], plan: ['pieces' => [$panel, ['start' => $start] + $edging]]);
            $analysis = Analysis::of($plan);
            self::assertSame([], $analysis->problems);
            self::assertSame($stitches, $analysis->pieces[1]->stages->reading->rounds[0]->makes);
            self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
            $pasted = (new Paste('', WrittenPattern::text($analysis, Terms::Us), true))->apply($plan->withPieces([]));
            self::assertEquals($plan->pieces[1]->start, $pasted->pieces[1]->start, 'It is read back from the pattern.');
        }
        $around = ['start' => ['join' => 'edge', 'pieces' => ['panel']]] + $edging;
        $tube = Plans::of([], plan: ['pieces' => [['worked' => 'spiral', 'rounds' => self::LEG] + $panel, $around]]);
        self::assertStringContainsString('goes around a piece that is worked in rows', MessageWords::says(Analysis::of($tube)->problems[0]->message));
    }

    /** Through both panels it is stuffed when most of the way is closed: at three quarters of 28. */
    public function testTwoPanelsAreStuffedBeforeTheyAreClosed(): void
    {
        $panel = ['key' => 'panel', 'name' => 'Panel', 'copies' => 2, 'worked' => 'rows', 'rounds' => ['ch 9', 'sk 1, 8 sc', 'R2-6: sc across'],
            'front' => ['degrees' => 180], 'colours' => [Plans::stripes(1, 6, [['A', 2], ['B', 2]])], 'changes' => ['method' => 'auto']];
        $edging = ['key' => 'edging', 'copies' => 1, 'worked' => 'joined', 'rounds' => ['sc around'], 'colours' => []] + $panel;
        $plan = Plans::of([], plan: ['pieces' => [$panel, ['start' => ['join' => 'edges', 'pieces' => ['panel', 'panel']]] + $edging]]);
        $analysis = Analysis::of($plan);
        $steps = StepsWriter::values($plan, $analysis->pieces[1], Terms::Us)['steps'];
        $stuff = WrittenSteps::only($steps, 'stuff');
        self::assertSame([1, 21], [$stuff[0]['to'], $stuff[0]['stitch']]);
        self::assertSame('In round 1, at stitch 21: stuff lightly through the gap, then close the rest', $stuff[0]['text']);
        self::assertStringContainsString('Lay the ends between the two, and crochet over them', $steps[0]['text']);
        $rows = implode(' ', array_column(StepsWriter::values($plan, $analysis->pieces[0], Terms::Us)['steps'], 'text'));
        self::assertStringContainsString('carry it loosely up the edge. The edging hides it.', $rows);
    }

    public function testTheSideHasNoSpaceAfterTheLastRound(): void
    {
        $plan = self::plan(['R1: sl st around'], ['join' => 'side', 'pieces' => ['leg'], 'round' => 2, 'to' => 6]);
        self::assertSame(
            'That piece has 6 rounds, so the last space between two is after round 5.',
            MessageWords::says(Analysis::of($plan)->problems[0]->message),
        );
    }

    public function testIsKeptAndWrittenOut(): void
    {
        $plan = self::plan(['R1: sc around'], ['join' => 'bridge', 'pieces' => ['leg', 'leg'], 'across' => 3]);
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
        self::assertStringContainsString(
            'Begin: around both legs, joined by 3 chains, on 36 stitches',
            WrittenPattern::text(Analysis::of($plan), Terms::Us),
        );
    }

    /** A piece is called by one of it or by all; one of them is one. */
    #[TestWith(['Leg', 'from the second leg ch 3, join to the first leg with sc'])]
    #[TestWith(['Feet', 'Begin: around both feet, joined'])]
    #[TestWith(['Feet', 'from the second foot ch 3, join to the first foot with sc'])]
    public function testOneOfThePiecesIsOne(string $name, string $words): void
    {
        $plan = self::plan(['R1: sc around'], ['join' => 'bridge', 'pieces' => ['leg', 'leg'], 'across' => 3]);
        $plan = $plan->withPiece($plan->pieces[0]->named($name, $plan->pieces[0]->copies));
        self::assertStringContainsString($words, WrittenPattern::text(Analysis::of($plan), Terms::Us));
    }

    /** A frill needs a round that was worked in one loop only. */
    public function testSaysWhichPieceLeavesNoLoopFree(): void
    {
        $piece = static fn (string $key, array $lines, array $more): array => $more + [
            'key' => $key, 'name' => ucfirst($key), 'copies' => 1, 'worked' => 'spiral', 'rounds' => $lines, 'front' => ['degrees' => 180],
            'colours' => [], 'changes' => ['method' => 'auto'],
        ];
        $plan = Plans::of([], plan: ['pieces' => [
            $piece('body', ['6 sc in MR', 'inc x6', 'sc around'], []),
            $piece('frill', ['sc around'], ['start' => ['join' => 'loops', 'pieces' => ['body'], 'round' => 2]]),
        ]]);
        $problem = Analysis::of($plan)->problems[0];
        self::assertSame('Round 2 of “Body” leaves no loop free.', MessageWords::says($problem->message));
        self::assertStringContainsString('Work round 3 of it in one loop only', MessageWords::mend($problem->message));
    }

    /** By hand: 15 + 3 + 15 + 3 = 36. The chains' middles are at 16½ and 34½ of 36: 165° and 345°. */
    public function testJoinedLegsFixTheFront(): void
    {
        $plan = PlanReader::json((string) file_get_contents(\dirname(__DIR__, 2).'/demo/otter-in-a-striped-jersey.json'));
        $fronts = array_map(static fn (float $front): float => Analysis::of(
            $plan->withPiece(($plan->piece('body') ?? $plan->pieces[0])->withFront($front)),
        )->pieces[1]->bestFront()->degrees, [100.0, 200.0, 330.0]);
        self::assertSame([165.0, 165.0, 165.0], $fronts, 'The jogs lie nearer to 345°.');
    }
}
