<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Form;

use Alternum\Core\Analysis;
use Alternum\Core\Form\Membrane;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Form\RoundEdge;
use Alternum\Core\Form\Skin;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** The shape of a whole piece: what it is stuffed with, how it begins and ends. */
final class PieceFormTest extends TestCase
{
    /** What a plan says of a piece is that shape: its volume by another way of summing, its size in the gauge's measures; what closes is stuffed firmly. */
    public function testThePieceSaysIt(): void
    {
        $form = self::form(self::ballOf(['gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20, 'hookMm' => 3.0]]));
        $counts = [6, 12, 18, 24, 30, ...array_fill(0, 8, 36), 30, 24, 18, 12, 6];
        $pole = 6 / (2 * \M_PI);
        $skin = new Skin([0.0, ...array_map(floatval(...), $counts), 0.0], [$pole, ...array_fill(0, \count($counts) - 1, 1.0), $pole]);
        $membrane = Membrane::of($skin, 1.0, 0.08);
        $shape = [$membrane->radii, $membrane->levels];
        self::assertNotEmpty($shape[0]);
        self::assertNotEmpty($shape[1]);
        self::assertEqualsWithDelta(2 * max($shape[0]) * 5.0, $form->width, 0.05);
        self::assertEqualsWithDelta((end($shape[1]) - $shape[1][0]) * 5.0, $form->height, 0.05);
        $volume = 0.0;
        for ($slice = 0, $end = 20000; $slice < $end; ++$slice) {
            $level = $shape[1][0] + (end($shape[1]) - $shape[1][0]) * ($slice + 0.5) / $end;
            $i = 1;
            while ($shape[1][$i] < $level) {
                ++$i;
            }
            $share = ($level - $shape[1][$i - 1]) / ($shape[1][$i] - $shape[1][$i - 1]);
            $volume += \M_PI * ($shape[0][$i - 1] + $share * ($shape[0][$i] - $shape[0][$i - 1])) ** 2;
        }
        self::assertEqualsWithDelta($volume * (end($shape[1]) - $shape[1][0]) / 20000 * 0.125, $form->volume, 0.05);
    }

    /** Firmer is wider; what is not stuffed is not pressed out. */
    public function testStuffingWidens(): void
    {
        $width = static fn (string $firmness): float => self::form(self::ballOf(['finish' => ['stuffing' => ['firmness' => $firmness]]]))->width;
        self::assertGreaterThan($width('usual'), $width('firm'));
        self::assertGreaterThan($width('light'), $width('usual'));
        self::assertGreaterThan($width('none'), $width('light'));
    }

    /** @param array<string, mixed> $with */
    private static function ballOf(array $with): Plan
    {
        $lines = ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', '(3 sc, inc) x6', '(4 sc, inc) x6', 'R7-13: sc around'];
        array_push($lines, '(4 sc, dec) x6', '(3 sc, dec) x6', '(2 sc, dec) x6', '(sc, dec) x6', 'dec x6');
        $gauge = $with['gauge'] ?? null;
        unset($with['gauge']);

        return Plans::of($lines, [], $with, null === $gauge ? [] : ['gauge' => $gauge]);
    }

    private static function form(Plan $plan): PieceForm
    {
        return Analysis::of($plan)->pieces[0]->stages->form;
    }

    /**
     * An oval base is as long as its chain more than it is deep; a longer chain makes it longer. Stuffed, it fills out towards a circle above the base. It
     * holds as much as slices of its outline, each two half circles and their straight parts, summed another way.
     */
    public function testAnOvalIsAsLongAsItsChainMoreThanDeep(): void
    {
        $form = static fn (int $chains, string $firmness): PieceForm => self::form(Plans::of([
            "R1: ch {$chains}, sc in 2nd ch from hook, ".($chains - 3).' sc, 3 sc in last ch, on the other side '.($chains - 3).' sc, 2 sc in last ch',
            'R2: sc around', 'R3: sc around', 'R4: sc around', 'R5: sc around', 'R6: sc around',
        ], [], ['finish' => ['stuffing' => ['firmness' => $firmness]]]));
        [$short, $empty, $long] = [$form(8, 'none'), $form(14, 'none'), $form(14, 'usual')];
        self::assertTrue($long->isOval);
        self::assertEqualsWithDelta(6 * 100 / 22, $short->width - $short->depth, 0.01, 'Seven chains are worked into: six widths between the two ends.');
        self::assertEqualsWithDelta(6 * 100 / 22, $empty->width - $short->width, 0.01, 'Six chains more.');
        self::assertEqualsWithDelta($short->depth, $empty->depth, 0.01);
        self::assertEqualsWithDelta($empty->width, $long->width, 5.0, 'The base stays as long.');
        self::assertGreaterThan($empty->depth + 3.0, $long->depth, 'Its sides bulge.');
        self::assertSame($long->outline[6]->straight, min([\INF, ...array_map(static fn (RoundEdge $edge): float => $edge->straight, $long->outline)]));
        $volume = 0.0;
        foreach ($long->outline as $i => $edge) {
            $below = $long->outline[$i - 1] ?? $edge;
            for ($slice = 0; $slice < 400; ++$slice) {
                $share = ($slice + 0.5) / 400;
                $radius = $below->radius + $share * ($edge->radius - $below->radius);
                $volume += ($edge->level - $below->level) / 400 * (\M_PI * $radius ** 2 + 2 * $radius * ($below->straight + $edge->straight) / 2);
            }
        }
        self::assertEqualsWithDelta($volume / 1000, $long->volume, 0.01 * $long->volume);
    }

    /** What is pressed flat at its end is there half as wide as it is around, and no thicker than nothing; a sewn edge stays as wide as its stitches lie. */
    public function testAnEndThatIsPressedFlatIsHalfAsWideAsAround(): void
    {
        $form = static fn (string $end): PieceForm => self::form(Plans::of(
            ['R1: 6 sc in MR', 'R2: inc x6', 'R3-14: sc around'],
            [],
            ['name' => 'Arm', 'finish' => ['end' => $end, 'stuffing' => ['firmness' => 'usual']]],
        ));
        $last = $form('flat')->outline[14];
        self::assertSame(0.0, $last->radius);
        self::assertEqualsWithDelta(12 * 100 / 22 / 2, $last->straight, 0.01);
        self::assertEqualsWithDelta($form('open')->width, $form('flat')->width, 0.5, 'How wide it is is said of where it is round.');
        self::assertEqualsWithDelta(12 * 100 / 22 / (2 * \M_PI), $form('sewn')->outline[14]->radius, 1e-6);
        self::assertGreaterThan($form('sewn')->outline[14]->radius, $form('open')->outline[14]->radius);
    }

    /** Rows lie flat: as wide as their stitches, as high as their rows, with nothing in them. */
    public function testRowsLieFlat(): void
    {
        $form = self::form(Plans::of(['Row 1: ch 11, sc in 2nd ch from hook and each ch across (10)', 'Row 2-6: sc across'], [], ['worked' => 'rows']));
        self::assertEqualsWithDelta(10 * 100 / 22, $form->width, 1e-6);
        self::assertEqualsWithDelta(6 * 100 / 24, $form->height, 1e-6);
        self::assertSame([0.0, 0.0, 0.0], [$form->depth, $form->girth, $form->volume]);
    }

    /** What holds no stuffing stands as its fabric does: the same before and after. */
    public function testWhatIsNotStuffedStaysAsItIs(): void
    {
        $form = self::form(self::ballOf(['finish' => ['stuffing' => ['firmness' => 'none']]]));
        self::assertSame($form->unstuffed, $form->outline);
        self::assertNotSame($form->unstuffed, self::form(self::ballOf([]))->outline);
    }
}
