<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Resize;
use Alternum\Core\Edit\ResizeTo;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Layer\Run;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class ResizeTest extends TestCase
{
    private const BALL = [
        'Rnd 1. 6 sc in MR [6]', 'R2: inc x6 (12)', '# growing', 'R3: *sc, inc* x6 (18)', 'R4-7: sc around (18)', 'stuff now',
        'R8: (sc, dec) x6 (12)', 'R9: dec x6 (6)',
    ];

    /** @return list<int> */
    private static function counts(Plan $plan): array
    {
        $analysis = Analysis::of($plan);
        self::assertSame([], $analysis->problems);

        return array_map(static fn (Round $round): int => $round->makes, $analysis->pieces[0]->stages->reading->rounds);
    }

    /** The trade's balls of 18, 24 and 30 are the same ball by one increase round more each: common practice, no source. */
    #[TestWith([3, 1])]
    #[TestWith([3, 2])]
    #[TestWith([5, -1])]
    #[TestWith([5, 2])]
    #[TestWith([7, -4])]
    public function testABallStaysABall(int $k, int $wider): void
    {
        $resized = (new Resize('body', $wider, 0))->apply(Plans::of(Plans::ball($k)));
        $expected = array_map(static fn (Round $round): int => $round->makes, Reader::read(Plans::ball($k + $wider), Terms::Us)->rounds);
        $counts = self::counts($resized);
        self::assertSame(max(0, ...$expected), max(0, ...$counts));
        self::assertEqualsWithDelta(\count($expected), \count($counts), 1.0);
        self::assertSame(array_values(array_unique($expected)), array_values(array_unique($counts)));
    }

    /**
     * A body with a neck and a head as wide: the body changes, the neck and the head stay as they are.
     *
     * @param list<int> $body its rounds, up to the neck
     */
    #[TestWith([0, 2, [6, 12, 18, 24, 24, 24, 24, 24, 18]])]
    #[TestWith([0, -1, [6, 12, 18, 24, 24, 18]])]
    #[TestWith([1, 0, [6, 12, 18, 24, 30, 30, 30, 24, 18]])]
    #[TestWith([-1, 0, [6, 12, 18, 18, 18]])]
    public function testAPieceThatWidensAgainKeepsItsNeck(int $wider, int $longer, array $body): void
    {
        $growing = ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', 'R5-6: sc around', '(2 sc, dec) x6'];
        $head = ['R8: (sc, dec) x6', 'R9: (sc, inc) x6', '(2 sc, inc) x6', 'R11-14: sc around', '(2 sc, dec) x6', '(sc, dec) x6', 'dec x6'];
        $resized = (new Resize('body', $wider, $longer))->apply(Plans::of([...$growing, ...$head]));
        self::assertSame([...$body, 12, 18, 24, 24, 24, 24, 24, 18, 12, 6], self::counts($resized));
    }

    public function testLongerPutsInEvenRoundsAndLeavesTheRestAsTyped(): void
    {
        $resized = (new Resize('body', 0, 3))->apply(Plans::of(self::BALL));
        self::assertSame(
            [
                'Rnd 1. 6 sc in MR [6]', 'R2: inc x6 (12)', '# growing', 'R3: *sc, inc* x6 (18)', 'R4-10: sc around (18)',
                'stuff now', 'R11: (sc, dec) x6 (12)', 'R12: dec x6 (6)',
            ],
            $resized->pieces[0]->rounds,
        );
    }

    public function testThereAndBackAgain(): void
    {
        $plan = Plans::of(self::BALL, [Plans::stripes(4, 7, [['B', 2], ['A', 2]])]);
        $back = (new Resize('body', -2, 0))->apply((new Resize('body', 2, 0))->apply($plan));
        self::assertSame(self::counts($plan), self::counts($back));
    }

    /** A stripe over the upper half of the even part stays over its upper half. */
    public function testStripesKeepTheirShareOfTheHeight(): void
    {
        $letters = static fn (Plan $plan): string => implode(
            '',
            array_map(static fn (string $round): string => $round[0], Analysis::of($plan)->pieces[0]->stages->colouring->rounds),
        );
        $plan = Plans::of(self::BALL, [Plans::stripes(6, 9, [['B', 4]])]);
        self::assertSame('AAAAABBBB', $letters($plan));
        self::assertSame('AAAAAAABBBBBB', $letters((new Resize('body', 0, 4))->apply($plan)));
        self::assertSame('AAAABBB', $letters((new Resize('body', 0, -2))->apply($plan)));
        $striped = Plans::of(self::BALL, [Plans::stripes(4, 7, [['B', 1], ['A', 1]])]);
        self::assertSame('AAABBAABBAAAA', $letters((new Resize('body', 0, 4))->apply($striped)));
    }

    /** A spot opposite the beginning stays opposite the beginning. */
    public function testSpotsKeepTheirPlaceAround(): void
    {
        $plan = Plans::of(self::BALL, [['kind' => 'run', 'round' => 5, 'from' => 9, 'to' => 10, 'yarn' => 'B']]);
        $layer = (new Resize('body', 1, 0))->apply($plan)->pieces[0]->colours[0]->layer;
        self::assertInstanceOf(Run::class, $layer);
        self::assertSame([12, 13, 'B'], [$layer->from, $layer->to, $layer->yarn]);
        self::assertSame(24, Analysis::of((new Resize('body', 1, 0))->apply($plan))->pieces[0]->stages->reading->rounds[$layer->round - 1]->makes);
    }

    /** @param list<string> $rounds */
    #[TestWith([['6 sc in MR', 'inc x6', 'R3-4: sc around', 'dec x6'], 0, -3, 'resize.short'])]
    #[TestWith([['6 sc in MR', 'inc x6', 'R3-4: sc around', 'dec x6'], -2, 0, 'resize.narrow'])]
    #[TestWith([['6 sc in MR', 'inc x6', 'hdc around', 'dec x6'], 0, 1, 'resize.notPlain'])]
    #[TestWith([['6 sc in MR', 'inc x5'], 0, 1, 'edit.fixFirst'])]
    #[TestWith([[], 1, 0, 'edit.noRounds'])]
    #[TestWith([['6 sc in MR', 'inc x6'], 400, 0, 'resize.wide'])]
    public function testSaysWhyNot(array $rounds, int $wider, int $longer, string $why): void
    {
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage($why);
        (new Resize('body', $wider, $longer))->apply(Plans::of($rounds));
    }

    /** A circle of N stitches is N·w/π across; an even round is as high as its stitches are: DESIGN §4. */
    public function testResizesToASize(): void
    {
        $plan = Plans::of(Plans::ball(5), [Plans::stripes(6, 11, [['B', 2], ['A', 1]])], plan: ['gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20]]);
        $size = static fn (Plan $plan): PieceForm => Analysis::of($plan)->pieces[0]->stages->form;
        $wide = (new ResizeTo('body', 80.0, null))->apply($plan);
        self::assertSame([], Analysis::of($wide)->problems);
        self::assertEqualsWithDelta(80.0, $size($wide)->width, 6 * 5.0 / \M_PI / 2 + 1e-9);
        $tall = (new ResizeTo('body', null, 110.0))->apply($plan);
        self::assertEqualsWithDelta(110.0, $size($tall)->height, 2.5 + 1e-9);
        self::assertEqualsWithDelta($size($plan)->width, $size($tall)->width, 1.0);
        $both = (new ResizeTo('body', 60.0, 120.0))->apply($plan);
        self::assertEqualsWithDelta(60.0, $size($both)->width, 6 * 5.0 / \M_PI / 2 + 1e-9);
        self::assertEqualsWithDelta(120.0, $size($both)->height, 2.5 + 1e-9);
        self::assertEquals($plan, (new ResizeTo('body', $size($plan)->width, $size($plan)->height))->apply($plan));
    }

    /** A piece that begins on others goes longer and shorter by its even rounds; as wide as they are it stays. */
    public function testAPieceOnOthersGetsLonger(): void
    {
        $piece = static fn (string $key, array $lines, array $more): array => [
            'key' => $key, 'name' => ucfirst($key), 'copies' => 1, 'worked' => 'spiral', 'rounds' => $lines,
            'front' => ['degrees' => 180], 'colours' => [], 'changes' => ['method' => 'auto'],
        ] + $more;
        $plan = Plans::of([], plan: ['pieces' => [
            ['copies' => 2] + $piece('leg', ['6 sc in MR', 'inc x6', 'R3-5: sc around'], []),
            $piece('body', ['R1-4: sc around (24)', 'R5: (2 sc, dec) x6 (18)'], ['start' => ['join' => 'bridge', 'pieces' => ['leg', 'leg'], 'across' => 0]]),
        ]]);
        self::assertSame(['R1-6: sc around (24)', 'R7: (2 sc, dec) x6 (18)'], (new Resize('body', 0, 2))->apply($plan)->pieces[1]->rounds);
        self::assertSame(['R1-2: sc around (24)', 'R3: (2 sc, dec) x6 (18)'], (new Resize('body', 0, -2))->apply($plan)->pieces[1]->rounds);
        $this->expectException(EditRefused::class);
        $this->expectExceptionMessage('resize.begins');
        (new Resize('body', 1, 0))->apply($plan);
    }

    /** A round in back loops at which a flat end turns stays where it is: even rounds come and go after it. */
    public function testARoundThatTurnsACornerStays(): void
    {
        $bowl = Plans::of(['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4: sc around in BLO (18)', 'R5-7: sc around (18)']);
        $longer = (new Resize('body', 0, 1))->apply($bowl)->pieces[0]->rounds;
        self::assertSame('R4: sc around in BLO (18)', $longer[3]);
        self::assertStringStartsWith('R5-8: sc around', $longer[4]);
        $shorter = (new Resize('body', 0, -2))->apply($bowl)->pieces[0]->rounds;
        self::assertSame('R4: sc around in BLO (18)', $shorter[3]);
        self::assertStringStartsWith('R5: sc around', $shorter[4]);
    }
}
