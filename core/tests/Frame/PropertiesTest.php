<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Frame;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\Resize;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What holds in the frame of any plan: shapes, layers, methods, hands and rows are chance's, from one seed. */
final class PropertiesTest extends TestCase
{
    private const TRIES = 150;
    private const METHODS = ['auto', 'plain', 'slip-stitch', 'drawn-loop'];

    protected function setUp(): void
    {
        mt_srand(9);
    }

    /** @return array{list<string>, array<string, mixed>} lines, and how they are worked */
    private static function shape(): array
    {
        $makes = 6 * mt_rand(3, 8);
        $rounds = mt_rand(8, 30);

        return match (mt_rand(0, 3)) {
            0 => [Plans::ball(mt_rand(4, 8)), []],
            1 => [["{$makes} sc in MR", "R2-{$rounds}: sc around"], []],
            2 => [["{$makes} sc in MR", "R2-{$rounds}: sc around"], ['worked' => 'joined', 'changes' => ['method' => 'auto']]],
            default => [
                ['Row 1: ch '.($makes + 1).', sc in 2nd ch from hook and across', "Row 2-{$rounds}: ch 1, turn, {$makes} sc"],
                ['worked' => 'rows', 'changes' => ['method' => 'auto']],
            ],
        };
    }

    /** @return iterable<array{Plan, float}> stripes with a mark of one stitch on them, and where it is set from the front */
    private static function plans(): iterable
    {
        for ($try = 0; $try < self::TRIES; ++$try) {
            [$lines, $worked] = self::shape();
            $isRows = 'rows' === ($worked['worked'] ?? '');
            // Rows are one turn wide; nothing lies beyond their edges.
            $fromFront = $isRows ? (float) mt_rand(-80, 80) : (float) mt_rand(-180, 179);
            $plan = Plans::of($lines, [], $worked);
            $last = \count(Analysis::of($plan)->pieces[0]->stages->reading->rounds);
            $stripes = Plans::stripes(1, $last, [['A', mt_rand(1, 4)], ['B', mt_rand(1, 4)]]);
            $mark = [
                'kind' => 'motif',
                'rows' => array_fill(0, mt_rand(1, 3), 'C'),
                'round' => mt_rand(2, $last - 4),
                'fromFront' => $fromFront,
                'straight' => true,
            ];
            yield [Plans::of($lines, [$stripes, $mark], $worked + [
                'changes' => ['method' => self::METHODS[mt_rand(0, 3)]], 'lean' => mt_rand(-6, 6) / 10,
                'front' => ['degrees' => $isRows ? 180 : mt_rand(0, 359)], 'firstRound' => ['top', 'bottom'][mt_rand(0, 1)],
                'placements' => [['key' => 'p', 'kind' => 'buttons', 'anchor' => 'round', 'number' => mt_rand(1, $last - 1), 'fromFront' => $fromFront]],
            ], [
                'hand' => ['right', 'left'][mt_rand(0, 1)], 'marker' => ['first', 'last'][mt_rand(0, 1)],
                'yarns' => array_map(
                    static fn (string $key): array => ['key' => $key, 'name' => '', 'hex' => '#808080', 'weight' => 'dk', 'metresPer100g' => 250],
                    ['A', 'B', 'C'],
                ),
            ]), $fromFront];
        }
    }

    private static function piece(Plan $plan): PieceAnalysis
    {
        $analysis = Analysis::of($plan);
        self::assertSame([], Problem::errors($analysis->problems));

        return $analysis->pieces[0];
    }

    /** Every mark lies within half a stitch of where it is set; so does what is placed. */
    private static function assertMarkLiesAt(float $fromFront, PieceAnalysis $piece, string $when): int
    {
        $frame = $piece->stages->frame;
        $marks = 0;
        foreach ($piece->stages->colouring->rounds as $i => $letters) {
            $round = $i + 1;
            for ($at = strpos($letters, 'C'); false !== $at; $at = strpos($letters, 'C', $at + 1)) {
                ++$marks;
                $off = abs($frame->fromFront($round, $at + 1) - $fromFront);
                self::assertLessThanOrEqual(
                    180 / $frame->makes($round) + 1e-6,
                    min($off, 360 - $off),
                    "{$when}, round {$round}, {$piece->piece->worked->value}",
                );
            }
        }
        foreach ($piece->placing->placed as $placed) {
            $degrees = $piece->piece->frontDegrees + $fromFront;
            self::assertEqualsWithDelta(0.0, abs(fmod($placed->degrees[0] - $degrees + 540.0, 360.0) - 180.0), 1e-6, $when);
            $after = $frame->along($placed->round, $fromFront) / $frame->makes($placed->round);
            self::assertEqualsWithDelta($after - floor($after), $placed->after[0] / $frame->makes($placed->round), 1e-6, $when);
        }

        return $marks;
    }

    public function testARoundsRunsSumToItsCount(): void
    {
        foreach (self::plans() as [$plan]) {
            $piece = self::piece($plan);
            foreach ($piece->stages->reading->rounds as $i => $round) {
                self::assertSame($round->makes, array_sum(array_column(Colouring::runs($piece->stages->colouring->rounds[$i]), 'stitches')));
            }
        }
    }

    public function testWhatIsSetAtTheFrontLiesThere(): void
    {
        foreach (self::plans() as [$plan, $fromFront]) {
            self::assertGreaterThan(0, self::assertMarkLiesAt($fromFront, self::piece($plan), 'as it is'));
        }
    }

    public function testItStaysThereWhateverBecomesOfThePiece(): void
    {
        foreach (self::plans() as [$plan, $fromFront]) {
            foreach (self::METHODS as $method) {
                self::assertMarkLiesAt($fromFront, self::piece(self::with($plan, ['pieces', 'body', 'changes', 'method'], $method)), $method);
            }
            foreach (['left', 'right'] as $hand) {
                self::assertMarkLiesAt($fromFront, self::piece(self::with($plan, ['hand'], $hand)), $hand);
            }
            if (Worked::Rows !== $plan->pieces[0]->worked) {
                self::assertMarkLiesAt($fromFront, self::piece((new Resize('body', 0, 2))->apply($plan)), 'longer');
                self::assertMarkLiesAt($fromFront, self::piece((new Resize('body', 1, 0))->apply($plan)), 'wider');
            }
        }
    }

    /** @param list<string> $at */
    private static function with(Plan $plan, array $at, string $value): Plan
    {
        return EditKinds::read(['do' => 'set', 'values' => [['at' => $at, 'value' => $value]]], '')->apply($plan);
    }
}
