<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Frame;

use Alternum\Core\Analysis;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Marker;
use Alternum\Core\Plan\Method;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** One value says where everything on a piece is, whatever is asked of it. */
final class FrameTest extends TestCase
{
    private const TUBE = ['24 sc in MR', 'R2-24: sc around'];
    private const TWO_ROUND_STRIPES = [
        'kind' => 'stripes',
        'from' => 1,
        'to' => 24,
        'sequence' => [['yarn' => 'A', 'rounds' => 2], ['yarn' => 'B', 'rounds' => 2]],
    ];

    /**
     * @param list<string>               $lines
     * @param list<array<string, mixed>> $colours
     * @param array<string, mixed>       $piece
     * @param array<string, mixed>       $plan
     */
    private static function piece(array $lines, array $colours, array $piece = [], array $plan = []): PieceAnalysis
    {
        return Analysis::of(Plans::of($lines, $colours, $piece, $plan))->pieces[0];
    }

    /**
     * A drawn loop moves the marker on by a stitch of its round, 1/42 turn, and every later round by the same turn, not by a stitch of
     * its own: 360/42 = 8.57°, on the last round of six too, where a stitch is 60°.
     */
    public function testADrawnLoopMovesEveryLaterRoundByTheSameTurn(): void
    {
        $lines = Plans::ball(7);
        $change = (int) floor(\count($lines) / 2);
        $stripes = [Plans::stripes($change + 1, \count($lines), [['B', 30]])];
        $plain = self::piece($lines, $stripes, ['changes' => ['method' => 'plain']])->stages->frame;
        $drawn = self::piece($lines, $stripes, ['changes' => ['method' => 'drawn-loop']])->stages->frame;
        self::assertSame([42, 6], [max(0, ...$drawn->counts), $drawn->counts[\count($lines) - 1]]);
        for ($round = 1; $round <= \count($lines); ++$round) {
            self::assertEqualsWithDelta($round <= $change ? 0.0 : 360 / 42, 360 * ($drawn->start($round) - $plain->start($round)), 1e-9, "round {$round}");
        }
    }

    /** On a tube of 24 in stripes of two rounds, each begun with a drawn loop, motifs and eyes that are set at the same place lie there. */
    public function testMotifsAndEyesLieAtTheSamePlace(): void
    {
        $bar = ['kind' => 'motif', 'rows' => array_fill(0, 3, 'C'), 'round' => 20, 'fromFront' => 40];
        $eyes = ['placements' => [['kind' => 'nose', 'anchor' => 'round', 'number' => 21, 'fromFront' => 40]]];
        $three = [
            'yarns' => array_map(
                static fn (string $key): array => ['key' => $key, 'name' => $key, 'hex' => '#808080', 'weight' => 'dk', 'metresPer100g' => 250],
                ['A', 'B', 'C'],
            ),
        ];
        $piece = self::piece(self::TUBE, [self::TWO_ROUND_STRIPES, $bar], ['changes' => ['method' => 'drawn-loop'], 'lean' => 0.35] + $eyes, $three);
        self::assertGreaterThan(100.0, 360 * array_sum($piece->stages->treatments->moves), 'The loops have moved the marker far.');
        $stitch = (int) strpos($piece->stages->colouring->rounds[20], 'C') + 1;
        self::assertLessThanOrEqual(360 / 24 / 2 + 1e-9, abs($piece->stages->frame->fromFront(21, $stitch) - 40.0));
        self::assertEqualsWithDelta(220.0, $piece->placing->placed[0]->degrees[0], 1e-9);
    }

    /** Where a motif covers a change at a round's end, the change is found again with its method. */
    public function testAChangeUnderAMotifKeepsItsMethod(): void
    {
        $stripes = Plans::stripes(5, 24, [['B', 4], ['A', 4]]);
        $plain = self::piece(self::TUBE, [$stripes], ['changes' => ['method' => 'drawn-loop'], 'lean' => 0.0]);
        self::assertSame(Method::DrawnLoop, $plain->changes->all[0]->treatment->method);
        // Five cells about the marker, in the round before the change only.
        $at = $plain->changes->all[0]->place->degrees - 180.0;
        $covered = self::piece(
            self::TUBE,
            [$stripes, ['kind' => 'motif', 'rows' => ['BAAAB'], 'round' => 4, 'fromFront' => $at - 360 * floor(($at + 180) / 360)]],
            ['changes' => ['method' => 'drawn-loop'], 'lean' => 0.0],
        );
        $jog = $covered->changes->jogs()[0];
        self::assertSame([4, Method::DrawnLoop], [$jog->place->round, $jog->treatment->method]);
    }

    /** Where a motif covers both sides of a round's end, no loop is drawn there, and nothing is moved by one. */
    public function testNoLoopIsDrawnWhereTheYarnDoesNotChangeAfterAll(): void
    {
        $stripes = Plans::stripes(5, 24, [['B', 20]]);
        $free = self::piece(self::TUBE, [$stripes], ['changes' => ['method' => 'drawn-loop'], 'lean' => 0.0]);
        self::assertSame([4], array_keys($free->stages->treatments->moves));
        $block = ['kind' => 'motif', 'rows' => ['AAAAAAA', 'AAAAAAA', 'AAAAAAA'], 'round' => 4, 'fromFront' => 180];
        $covered = self::piece(self::TUBE, [$stripes, $block], ['changes' => ['method' => 'drawn-loop'], 'lean' => 0.0]);
        foreach (array_keys($covered->stages->treatments->moves) as $round) {
            self::assertNotEmpty(
                array_filter(
                    $covered->changes->jogs(),
                    static fn ($jog): bool => $jog->place->round === $round && Method::DrawnLoop === $jog->treatment->method,
                ),
                "A loop after round {$round} is one of the changes.",
            );
        }
        foreach ($covered->changes->jogs() as $jog) {
            self::assertSame(Method::DrawnLoop === $jog->treatment->method, isset($covered->stages->treatments->moves[$jog->place->round]));
        }
    }

    /**
     * By hand: right hands work to the left while the new round is above the old one. Turned over, with round 1 at the top, that runs to
     * the right; for left hands it is the other way about.
     */
    #[TestWith(['right', 'top', false])]
    #[TestWith(['right', 'bottom', true])]
    #[TestWith(['left', 'top', true])]
    #[TestWith(['left', 'bottom', false])]
    public function testLettersReadFromOutside(string $hand, string $firstRound, bool $runsLeft): void
    {
        $motif = ['kind' => 'motif', 'rows' => ['BB.', 'B..'], 'round' => 10];
        $piece = self::piece(self::TUBE, [$motif], ['firstRound' => $firstRound, 'lean' => 0.0], ['hand' => $hand]);
        self::assertSame($runsLeft, $piece->stages->frame->runsLeft(10));
        // As it is seen: from the left to the right, the upper round first.
        $seen = array_map(static function (int $round) use ($piece, $runsLeft): string {
            $letters = $piece->stages->colouring->rounds[$round - 1];
            $middle = $piece->stages->frame->stitch($round, $piece->stages->frame->along($round, 0.0)) - 1;
            $three = substr($letters, $middle - 1, 3);

            return strtr($runsLeft ? strrev($three) : $three, 'A', '.');
        }, 'top' === $firstRound ? [10, 11] : [11, 10]);
        self::assertSame(['BB.', 'B..'], $seen);
    }

    /** Rows are worked there and back; a picture on them keeps to its columns, and what would lie beside the fabric is left out. */
    #[TestWith([true])]
    #[TestWith([false])]
    public function testAMotifOnRowsStaysOnItsSide(bool $isStraight): void
    {
        $rows = ['Row 1: ch 21, sc in 2nd ch from hook and across', ...array_fill(0, 9, 'ch 1, turn, 20 sc')];
        $motif = ['kind' => 'motif', 'rows' => ['BBB.', 'B...', 'BB..'], 'round' => 3, 'fromFront' => -90, 'straight' => $isStraight];
        $piece = self::piece($rows, [$motif], ['worked' => 'rows']);
        $columns = [];
        foreach ([3, 4, 5] as $row) {
            $letters = $piece->stages->colouring->rounds[$row - 1];
            $columns[] = 0 === $row % 2 ? strrev($letters) : $letters;
        }
        self::assertSame(
            ['AAABBBAAAAAAAAAAAAAA', 'AAABAAAAAAAAAAAAAAAA', 'AAABBAAAAAAAAAAAAAAA'],
            $columns,
            'Seen from one side, and a quarter of the width in.',
        );
        $edge = self::piece($rows, [['fromFront' => -180] + $motif], ['worked' => 'rows']);
        foreach ([3, 4, 5] as $row) {
            $letters = $edge->stages->colouring->rounds[$row - 1];
            $columns = 0 === $row % 2 ? strrev($letters) : $letters;
            self::assertStringEndsWith('AAAAAAAAAAAAAAAAAA', $columns, 'Nothing comes out on the other side.');
        }
    }

    public function testTheMarkerStandsInTheFirstStitchOrInTheLast(): void
    {
        $frame = self::piece(self::TUBE, [])->stages->frame;
        self::assertEqualsWithDelta($frame->degrees(7, 0.0), $frame->markerDegrees(7, Marker::First), 1e-9);
        self::assertEqualsWithDelta(360 / 24, Turn::apart($frame->markerDegrees(7, Marker::First), $frame->markerDegrees(7, Marker::Last)), 1e-9);
    }

    public function testAStitchAndItsOppositeAreAsFarFromTheFront(): void
    {
        $frame = self::piece(Plans::ball(5), [], ['lean' => 0.4, 'front' => ['degrees' => 77]])->stages->frame;
        foreach ([[3, 2], [6, 11], [9, 30], [12, 1]] as [$round, $stitch]) {
            $opposite = $frame->opposite($round, $stitch);
            self::assertEqualsWithDelta(-$frame->fromFront($round, $stitch), $frame->fromFront($round, $opposite), 360 / $frame->makes($round) / 2 + 1e-6);
        }
    }
}
