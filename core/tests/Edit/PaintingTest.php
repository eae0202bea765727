<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\Shapes;
use Alternum\Core\Edit\AddMotif;
use Alternum\Core\Edit\Bobbles;
use Alternum\Core\Edit\BrushStroke;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Paint;
use Alternum\Core\Edit\PaintStitches;
use Alternum\Core\Edit\StripeSequence;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Layer\Stripe;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Stitches by hand, motifs, and stripes as makers say them. */
final class PaintingTest extends TestCase
{
    private const TUBE = ['24 sc in MR', 'R2-12: sc around'];

    /** @return list<string> */
    private static function rounds(Plan $plan): array
    {
        $analysis = Analysis::of($plan);
        self::assertSame([], $analysis->problems);

        return $analysis->pieces[0]->stages->colouring->rounds;
    }

    public function testStitchesLieInOneLayerAndAreClearedAgain(): void
    {
        $plan = (new PaintStitches('body', [new BrushStroke(3, 2, 4), new BrushStroke(4, 24, 1)], 'B', false))->apply(Plans::of(self::TUBE));
        $plan = (new PaintStitches('body', [new BrushStroke(3, 3, 3)], 'A', false))->apply($plan);
        self::assertCount(1, $plan->pieces[0]->colours);
        self::assertSame('ABABAAAAAAAAAAAAAAAAAAAA', self::rounds($plan)[2]);
        self::assertSame('BAAAAAAAAAAAAAAAAAAAAAAB', self::rounds($plan)[3]);
        $cleared = (new PaintStitches('body', [new BrushStroke(3, 1, 24), new BrushStroke(4, 1, 24)], Motif::CLEAR, false))->apply($plan);
        self::assertSame([], $cleared->pieces[0]->colours);
        $this->expectException(EditRefused::class);
        (new PaintStitches('body', [new BrushStroke(3, 25, 25)], 'B', false))->apply($plan);
    }

    /** By hand: without lean the front at 180° lies between stitches 12 and 13 of 24, so that stitch 10 is opposite stitch 15. */
    public function testAMirroredPair(): void
    {
        $plan = (new PaintStitches('body', [new BrushStroke(3, 10, 11)], 'B', true))->apply(Plans::of(self::TUBE, piece: ['lean' => 0]));
        self::assertSame('AAAAAAAAABBAABBAAAAAAAAA', self::rounds($plan)[2]);
    }

    public function testEveryShapeFitsItsGridAndIsSet(): void
    {
        foreach (Shapes::names() as $name) {
            $rows = Shapes::named($name, 'B') ?? [];
            self::assertCount(1, array_unique(array_map(strlen(...), $rows)), $name);
            $plan = AddMotif::shape('body', $name, 'B', 6, 0.0)->apply(Plans::of(self::TUBE));
            self::assertSame(substr_count(implode('', $rows), 'B'), substr_count(implode('', self::rounds($plan)), 'B'), $name);
        }
        self::assertNull(Shapes::named('nothing', 'B'));
    }

    /** Every letter and digit has a form of its own. */
    public function testLettersAreUnlikeOneAnother(): void
    {
        $forms = array_map(
            static fn (string $letter): string => implode('/', Shapes::letters($letter, 'B') ?? []),
            [...range('A', 'Z'), ...array_map(strval(...), range(0, 9))],
        );
        self::assertCount(36, array_unique($forms));
        self::assertSame(5 + 1 + 5, \strlen((Shapes::letters('ab', 'B') ?? [''])[0]));
        self::assertNull(Shapes::letters('é', 'B'));
        self::assertNull(Shapes::letters('  ', 'B'));
        $this->expectException(EditRefused::class);
        AddMotif::letters('body', 'no!', 'B', null, 0.0)->apply(Plans::of(self::TUBE));
    }

    public function testAMotifKeepsOnThePiece(): void
    {
        $layer = AddMotif::shape('body', 'heart', 'B', 12, 0.0)->apply(Plans::of(self::TUBE))->pieces[0]->colours[0]->layer;
        self::assertInstanceOf(Motif::class, $layer);
        self::assertSame(12 - 6 + 1, $layer->round);
        $this->expectExceptionMessage('motif.higher');
        AddMotif::shape('body', 'heart', 'B', null, 0.0)->apply(Plans::of(['6 sc in MR', 'sc around']));
    }

    /**
     * By hand.
     *
     * @param non-empty-list<array{string, int}> $stripes
     */
    #[TestWith([[['A', 1], ['B', 2], ['C', 1]], 12, true, 0, 'ABBCBBABBCBB'])]
    #[TestWith([[['A', 1], ['B', 1]], 12, false, 1, 'ABAABBAAABBB'])]
    #[TestWith([[['A', 3], ['B', 1]], 10, false, -1, 'AAABAABABA'])]
    #[TestWith([[['A', 2], ['B', 2]], 5, true, 0, 'AABBA'])]
    public function testSequencesAreMirroredAndGrow(array $stripes, int $rounds, bool $isMirrored, int $growth, string $letters): void
    {
        $sequence = array_map(static fn (array $stripe): Stripe => new Stripe($stripe[0], $stripe[1]), $stripes);
        self::assertSame(
            $letters,
            implode(
                '',
                array_map(
                    static fn (Stripe $stripe): string => str_repeat($stripe->yarn, $stripe->rounds),
                    StripeSequence::of($sequence, $rounds, $isMirrored, $growth),
                ),
            ),
        );
    }

    /** By hand: of 24 stitches every sixth becomes a bobble; the line of twelve rounds is parted, and what was said after it stays. */
    public function testSpotsAreWorkedAsBobbles(): void
    {
        $plan = Plans::of(
            ['24 sc in MR', 'R2-12: sc around (24). Stuff lightly.'],
            [['kind' => 'spots', 'yarn' => 'B', 'from' => 5, 'count' => 4]],
            ['lean' => 0],
        );
        $bobbled = (new Bobbles('body', 0))->apply($plan);
        self::assertSame(
            ['24 sc in MR', 'R2-4: sc around (24)', 'R6-12: sc around (24). Stuff lightly'],
            array_values(array_diff($bobbled->pieces[0]->rounds, [$bobbled->pieces[0]->rounds[2]])),
        );
        self::assertStringStartsWith('R5: ', $bobbled->pieces[0]->rounds[2]);
        $rounds = Analysis::of($bobbled)->pieces[0]->stages->reading->rounds;
        self::assertSame([], Analysis::of($bobbled)->problems);
        self::assertSame(4, substr_count($rounds[4]->codes, 'b'));
        $letters = self::rounds($bobbled)[4];
        self::assertSame(strpos($letters, 'B'), strpos($rounds[4]->codes, 'b'), 'The bobbles are the spots.');
        $this->expectExceptionMessage('bobbles.none');
        (new Bobbles('body', 0))->apply(Plans::of(['12 sc in MR', 'inc around'], [['kind' => 'spots', 'yarn' => 'B', 'from' => 2, 'count' => 4]]));
    }

    /** By hand: at 24 rounds in 10 cm a round is 4.17 mm high, so that 10 mm are two rounds, 17 mm four and 1 mm still one. */
    public function testStripesByTheirHeight(): void
    {
        $stripes = [new Stripe('A', 9), new Stripe('B', 9), new Stripe('A', 9)];
        $plan = Paint::stripes('body', 1, 12, $stripes, heights: [10.0, 17.0, 1.0])->apply(Plans::of(self::TUBE));
        self::assertSame('AABBBBAAABBB', implode('', array_map(static fn (string $round): string => $round[0], self::rounds($plan))));
        $read = EditKinds::read(
            [
                'do' => 'stripes',
                'piece' => 'body',
                'from' => 1,
                'to' => 12,
                'sequence' => [['yarn' => 'A', 'rounds' => 1], ['yarn' => 'B', 'rounds' => 1]],
                'heightsMm' => [10, 17],
            ],
            'edits[0]',
        );
        self::assertSame(
            'AABBBBAABBBB',
            implode('', array_map(static fn (string $round): string => $round[0], self::rounds($read->apply(Plans::of(self::TUBE))))),
        );
        $this->expectException(InvalidFields::class);
        EditKinds::read(
            ['do' => 'stripes', 'piece' => 'body', 'from' => 1, 'to' => 12, 'sequence' => [['yarn' => 'A', 'rounds' => 1]], 'heightsMm' => [10, 17]],
            'edits[0]',
        );
    }

    /** Lines that say no count are written anew as well. */
    public function testBobblesOnLinesWithoutACount(): void
    {
        $plan = Plans::of(self::TUBE, [['kind' => 'motif', 'rows' => ['B'], 'round' => 4, 'fromFront' => 0]], ['lean' => 0]);
        $bobbled = (new Bobbles('body', 0))->apply($plan);
        self::assertSame(['24 sc in MR', 'R2-3: sc around (24)', 'R4: 12 sc, bob, 11 sc (24)', 'R5-12: sc around (24)'], $bobbled->pieces[0]->rounds);
    }
}
