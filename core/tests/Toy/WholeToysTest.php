<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\ToyWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/**
 * Ten toys from their parts to the last seam. Their steps of thread and assembly, in order, stand in whole-toys.txt, read as with needle in hand and only
 * these words; ALTERNUM_ANSWERS=write writes them anew, to be read again.
 */
final class WholeToysTest extends TestCase
{
    private const BALL = ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', 'R5-12: sc around', '(2 sc, dec) x6', '(sc, dec) x6', 'dec x6'];
    private const TUBE = ['6 sc in MR', 'inc x6', 'R3-9: sc around'];
    private const DISC = ['6 sc in MR', 'inc x6', '(sc, inc) x6'];
    private const BUD = ['6 sc in MR', 'inc x6', 'R3-4: sc around', 'dec x6'];

    /** @return array<string, Plan> */
    public static function toys(): array
    {
        $at = static fn (int $round, ?float $apart = null, float $front = 0.0): array => ['anchor' => 'round', 'number' => $round, 'fromFront' => $front]
            + (null === $apart ? [] : ['apart' => $apart]);
        $top = ['anchor' => 'pole', 'number' => 1];
        $edge = ['anchor' => 'edge'];
        $eyes = ['key' => 'eyes', 'kind' => 'eyes', 'mm' => 8] + $at(7, 6.0);
        $by = static fn (int $rounds, ?float $apart = null): array => ['anchor' => 'placement', 'of' => 'eyes', 'offset' => $rounds]
            + (null === $apart ? [] : ['apart' => $apart]);

        return [
            'Owl' => self::toy([
                'body' => [self::BALL, ['placements' => [$eyes], 'thread' => [
                    ['key' => 'beak', 'name' => 'Beak', 'kind' => 'bars', 'count' => 4, 'width' => 1.5, 'step' => 0.3, 'yarn' => 'B', 'at' => $by(1)],
                ]]],
                'wing' => [self::DISC, ['copies' => 2]], 'foot' => [self::BUD, ['copies' => 2]],
            ], [
                ['part' => 'wing', 'onto' => 'body', 'edge' => 'side', 'hold' => 'mattress', 'at' => $at(9, 14.0)],
                ['part' => 'foot', 'onto' => 'body', 'edge' => 'closed', 'at' => $at(13, 6.0)],
            ]),
            'Seal' => self::toy([
                'body' => [self::BALL, ['placements' => [$eyes], 'thread' => [
                    ['key' => 'mouth', 'name' => 'Mouth', 'kind' => 'smile', 'width' => 3, 'drop' => 1, 'yarn' => 'B', 'strands' => 1, 'at' => $by(2)],
                    [
                        'key' => 'whiskers', 'name' => 'Whiskers', 'kind' => 'lashes', 'count' => 3, 'length' => 2, 'spread' => 50, 'yarn' => 'B',
                        'at' => $by(1, 10.0),
                    ],
                ]]],
                'flipper' => [self::TUBE, ['copies' => 2]], 'fin' => [self::TUBE, []],
            ], [
                ['part' => 'flipper', 'onto' => 'body', 'edge' => 'flat', 'hold' => 'mattress', 'at' => $at(10, 12.0)],
                ['part' => 'fin', 'onto' => 'body', 'edge' => 'gathered', 'at' => $at(13, null, 180.0)],
            ]),
            'Robot' => self::toy([
                'body' => [['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-12: sc around'], []],
                'head' => [['8 sc in MR', 'inc x8', 'R3-8: sc around'], []],
                'aerial' => [self::BUD, []], 'arm' => [self::TUBE, ['copies' => 2]],
            ], [
                ['part' => 'head', 'onto' => 'body', 'hold' => 'loops', 'at' => $edge],
                ['part' => 'aerial', 'onto' => 'head', 'edge' => 'closed', 'hold' => 'tied', 'at' => $top],
                ['part' => 'arm', 'onto' => 'body', 'hold' => 'tied', 'at' => $at(8, 9.0)],
            ]),
            'Rocket' => self::toy([
                'hull' => [['18 sc in MR', 'R2-16: sc around'], ['thread' => [
                    ['key' => 'ring', 'name' => 'Window', 'kind' => 'backstitch', 'yarn' => 'B', 'at' => $at(7), 'points' => [
                        ['stitches' => -2, 'up' => 0], ['stitches' => 0, 'up' => 2], ['stitches' => 2, 'up' => 0], ['stitches' => 0, 'up' => -2],
                        ['stitches' => -2, 'up' => 0],
                    ]],
                ]]],
                'nose' => [['6 sc in MR', 'R2: (sc, inc) x3', 'R3: (2 sc, inc) x3', 'R4: (3 sc, inc) x3', 'R5: (4 sc, inc) x3'], []],
                'vane' => [self::DISC, ['copies' => 3]],
            ], [
                ['part' => 'nose', 'onto' => 'hull', 'hold' => 'crochet', 'at' => $edge],
                ['part' => 'vane', 'onto' => 'hull', 'edge' => 'side', 'at' => $at(3, 6.0)],
                ['part' => 'vane', 'copy' => 3, 'onto' => 'hull', 'edge' => 'side', 'at' => $at(3, null, 180.0)],
            ]),
            'Lighthouse' => self::toy([
                'tower' => [['18 sc in MR', 'R2-20: sc around'], ['thread' => [
                    ['key' => 'door', 'name' => 'Door', 'kind' => 'surface', 'yarn' => 'B', 'at' => $at(18), 'points' => [
                        ['stitches' => -2, 'up' => 0], ['stitches' => -2, 'up' => 4], ['stitches' => 2, 'up' => 4], ['stitches' => 2, 'up' => 0],
                    ]],
                ]]],
                'lantern' => [['12 sc in MR', 'R2-6: sc around'], []], 'roof' => [self::DISC, []],
            ], [
                ['part' => 'lantern', 'onto' => 'tower', 'hold' => 'loops', 'at' => $edge],
                ['part' => 'roof', 'onto' => 'lantern', 'hold' => 'slipped', 'at' => $top],
            ]),
            'Lamp' => self::toy([
                'stand' => [self::TUBE, []],
                'shade' => [['12 sc in MR', 'inc x12', 'R3-6: sc around'], ['thread' => [
                    ['key' => 'fringe', 'name' => 'Fringe', 'kind' => 'fringe', 'count' => 24, 'across' => 23, 'lengthMm' => 25, 'yarn' => 'B', 'at' => $edge],
                ]]],
            ], [['part' => 'shade', 'onto' => 'stand', 'hold' => 'slipped', 'at' => $edge]]),
            'Hedgehog' => self::toy([
                'body' => [self::BALL, ['placements' => [$eyes], 'thread' => [
                    ['key' => 'spines', 'name' => 'Spines', 'kind' => 'seeds', 'around' => 12, 'rows' => 4, 'step' => 2, 'across' => 220, 'yarn' => 'B',
                        'at' => $at(5, null, 180.0)],
                ]]],
                'ear' => [['6 sc in MR', 'sc around'], ['copies' => 2]], 'paw' => [self::BUD, ['copies' => 4]],
            ], [
                ['part' => 'ear', 'onto' => 'body', 'edge' => 'gathered', 'at' => $at(5, 7.0)],
                ['part' => 'paw', 'onto' => 'body', 'edge' => 'closed', 'at' => $at(13, 5.0)],
                ['part' => 'paw', 'copy' => 3, 'onto' => 'body', 'edge' => 'closed', 'at' => $at(13, 5.0, 180.0)],
            ]),
            'Chest' => self::toy([
                'box' => [['24 sc in MR', 'R2-9: sc around'], []], 'lid' => [['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6'], []],
                'strap' => [self::DISC, []],
            ], [
                ['part' => 'lid', 'onto' => 'box', 'edge' => 'side', 'hold' => 'hinge', 'at' => $at(9, null, 180.0)],
                ['part' => 'strap', 'onto' => 'lid', 'edge' => 'side', 'hold' => 'button', 'at' => $at(4)],
            ]),
            'Doll' => self::toy([
                'doll' => [self::BALL, ['placements' => [$eyes], 'thread' => [
                    [
                        'key' => 'cheeks', 'name' => 'Cheeks', 'kind' => 'bars', 'count' => 3, 'width' => 1.5, 'step' => 0.3, 'yarn' => 'B', 'open' => true,
                        'at' => $by(1, 10.0),
                    ],
                ]]],
                'dress' => [['30 sc in MR', 'R2-5: sc around'], []], 'bow' => [self::DISC, []],
            ], [
                ['part' => 'dress', 'onto' => 'doll', 'hold' => 'slipped', 'at' => $at(12)],
                ['part' => 'bow', 'onto' => 'doll', 'edge' => 'middle', 'hold' => 'glue', 'at' => $top],
            ]),
            'Boat' => self::toy([
                'hull' => [['24 sc in MR', 'R2-6: sc around'], []], 'mast' => [['4 sc in MR', 'R2-12: sc around'], []], 'sail' => [self::DISC, []],
                'flag' => [self::DISC, []],
            ], [
                ['part' => 'mast', 'onto' => 'hull', 'hold' => 'base', 'at' => $top],
                ['part' => 'sail', 'onto' => 'mast', 'edge' => 'side', 'at' => $at(5)],
                ['part' => 'flag', 'onto' => 'mast', 'edge' => 'side', 'hold' => 'tied', 'newThread' => true, 'at' => $at(11)],
            ]),
        ];
    }

    /**
     * @param array<string, array{list<string>, array<string, mixed>}> $pieces
     * @param list<array<string, mixed>>                               $joints
     */
    private static function toy(array $pieces, array $joints): Plan
    {
        return Plans::of([], [], [], [
            'pieces' => array_map(
                static fn (string $key): array => Plans::piece($key, $pieces[$key][0], $pieces[$key][1] + ['name' => ucfirst($key), 'firstRound' => 'top']),
                array_keys($pieces),
            ),
            'assembly' => array_map(static fn (array $joint, int $i): array => ['key' => 'j'.($i + 1)] + $joint, $joints, array_keys($joints)),
        ]);
    }

    /** What the panel says is to be cut is what pattern and steps say, to the centimetre. */
    public function testPanelAndPatternCutTheSame(): void
    {
        $demos = array_map(static fn (string $file): Plan => PlanReader::json((string) file_get_contents($file)), Plans::demoFiles());
        $checked = 0;
        foreach ([...array_values(self::toys()), ...array_values($demos)] as $plan) {
            $analysis = Analysis::of($plan);
            $pattern = WrittenPattern::text($analysis, Terms::Us, false);
            foreach ($analysis->pieces as $piece) {
                foreach ($piece->threads->all as $laid) {
                    $cm = ToyWriter::thread($plan, $piece, $laid)['cm'];
                    self::assertIsFloat($cm);
                    self::assertGreaterThanOrEqual($laid->mm() / 10.0, $cm);
                    self::assertStringContainsString("Cut {$cm} cm", $pattern, $laid->thread->named());
                    ++$checked;
                }
            }
            foreach ($analysis->assembled->joints as $laid) {
                $cm = ToyWriter::joint($plan, $laid)['cm'];
                self::assertIsFloat($cm);
                self::assertGreaterThanOrEqual($laid->needsMm / 10.0, $cm);
                if ($cm > 0.0 && null === $plan->piece($laid->joint->part)?->finish->tailCm) {
                    self::assertStringContainsString($laid->joint->isWithNew ? "Cut {$cm} cm" : "{$cm} cm tail", $pattern, $laid->part->name);
                    ++$checked;
                }
            }
        }
        self::assertGreaterThan(30, $checked);
    }

    public function testTheirStepsAreThoseThatWereRead(): void
    {
        $said = '';
        foreach (self::toys() as $name => $plan) {
            $analysis = Analysis::of($plan);
            self::assertSame([], array_map(static fn (Problem $told): string => $told->message->code, $analysis->assembled->problems), $name);
            self::assertCount(\count($plan->assembly), $analysis->assembled->joints, $name);
            $said .= "{$name}\n";
            foreach ($analysis->pieces as $piece) {
                foreach (StepsWriter::values($plan, $piece, Terms::Us)['steps'] as $step) {
                    if (\in_array($step['kind'], ['eyes', 'thread', 'fasten-off'], true)) {
                        $said .= "  {$piece->piece->name}: {$step['text']}\n";
                    }
                }
            }
            foreach (ToyWriter::assembly($analysis, Terms::Us) as $i => $step) {
                $said .= '  '.($i + 1).". {$step['text']}\n";
            }
        }
        $file = __DIR__.'/whole-toys.txt';
        if ('write' === getenv('ALTERNUM_ANSWERS')) {
            file_put_contents($file, $said);
        }
        self::assertSame((string) file_get_contents($file), $said);
    }
}
