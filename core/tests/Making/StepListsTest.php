<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Plan\CopyGroup;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\TestCase;

/**
 * Whole plans with the steps that a maker follows, from the first to the last. Each list was read line by line as one would who has a hook in
 * hand and only these words; ALTERNUM_ANSWERS=write writes them anew, to be read again.
 */
final class StepListsTest extends TestCase
{
    private const DISC = ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', '(3 sc, inc) x6', '(4 sc, inc) x6'];
    private const LIMB = ['6 sc in MR', 'inc x6', 'R3-10: sc around'];
    private const BEAD = ['(sc, inc) x6', '(2 sc, inc) x6', 'R5-7: sc around', '(2 sc, dec) x6', '(sc, dec) x6'];

    /** @return array<string, list<array<string, mixed>>> the pieces of each plan */
    private static function plans(): array
    {
        $stripes = static fn (int $from, int $to): array => [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes($from, $to, [['B', 1], ['A', 2]])];
        $two = [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(4, 6, [['B', 3]])];
        $head = ['key' => 'head', 'name' => 'Head', 'rounds' => Plans::ball(5)];
        $tube = ['12 sc in MR', 'R2-8: sc around'];
        $changed = static fn (array $changes): array => [['rounds' => ['24 sc in MR', 'R2-9: sc around'], 'colours' => $two, 'changes' => $changes]];
        $mixed = [...self::BEAD];

        return [
            'a disc' => [['rounds' => self::DISC, 'name' => 'Spot'], $head],
            'a lid' => [['rounds' => [...self::DISC, 'R7-8: sc around'], 'name' => 'Lid']],
            'a cup with a rim' => [
                ['rounds' => [...self::DISC, 'R7-14: sc around'], 'name' => 'Cup'],
                ['key' => 'rim', 'name' => 'Rim', 'start' => ['join' => 'rim', 'pieces' => ['body']], 'rounds' => ['R1-2: sc around']],
            ],
            'a hat in joined rounds, with a needle join' => [[
                'rounds' => [...self::DISC, 'R7-9: sc around'], 'name' => 'Hat', 'worked' => 'joined', 'colours' => [['kind' => 'fill', 'yarn' => 'A'],
                    Plans::stripes(8, 8, [['B', 1]])], 'finish' => ['end' => 'needle-join'],
            ]],
            'joined rounds with a chain that counts' => [[
                'rounds' => ['R1: ch 3, 11 dc in MR (12)', 'R2: ch 3, dc in same st, (2 dc in next st) x11 (24)', 'R3: ch 3, 23 dc (24)'],
                'worked' => 'joined', 'lift' => 'counted', 'name' => 'Base',
            ]],
            'joined rounds with a chain that does not count' => [['rounds' => ['12 sc in MR', 'R2-4: sc around'], 'worked' => 'joined', 'lift' => 'chain']],
            'a frill on an opening' => [
                ['rounds' => self::LIMB],
                ['key' => 'on', 'name' => 'Frill', 'start' => ['join' => 'opening', 'pieces' => ['body']], 'rounds' => ['inc x12', 'sc around']],
            ],
            'a skirt in free loops' => [
                ['rounds' => ['6 sc in MR', 'inc x6', 'sc around', 'sc around in BLO', 'R5-9: sc around', 'dec x6'], 'name' => 'Doll'],
                [
                    'key' => 'on', 'name' => 'Skirt', 'start' => ['join' => 'loops', 'pieces' => ['body'], 'round' => 3],
                    'rounds' => ['(2 sc, inc) x4', 'R2-6: sc around'],
                ],
            ],
            'a leaf' => [['rounds' => ['ch 8', 'sc in 2nd ch from hook, 5 sc, 3 sc in last ch, 5 sc, inc'], 'name' => 'Leaf'], $head],
            'two layers worked together' => [
                ['rounds' => self::DISC, 'copies' => 2, 'name' => 'Side'],
                ['key' => 'seam', 'name' => 'Seam', 'start' => ['join' => 'layers', 'pieces' => ['body', 'body']], 'rounds' => ['sc around']],
            ],
            'a body and head with a neck' => [[
                'rounds' => [...\array_slice(Plans::ball(6), 0, 15), '(2 sc, dec) x6', '(2 sc, inc) x6', '(3 sc, inc) x6', 'R19-23: sc around',
                    '(3 sc, dec) x6',
                    '(2 sc, dec) x6', '(sc, dec) x6', 'dec x6'],
                'placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => 20, 'apart' => 5]],
                'name' => 'Body and head',
            ]],
            'a string of four balls' => [['rounds' => [
                '6 sc in MR', 'inc x6', ...$mixed, 'R10: (sc, inc) x6', 'R11: (2 sc, inc) x6',
                'R12-14: sc around', 'R15: (2 sc, dec) x6', 'R16: (sc, dec) x6',
                ...['R17: (sc, inc) x6', 'R18: (2 sc, inc) x6', 'R19-21: sc around', 'R22: (2 sc, dec) x6', 'R23: (sc, dec) x6', 'R24: dec x6'],
            ], 'name' => 'Beads']],
            'a tube of nine' => [['rounds' => ['9 sc in MR', 'R2-20: sc around', '(sc, dec) x3'], 'name' => 'Stalk']],
            'a tube of four, though firm in five stages was chosen' => [[
                'rounds' => ['4 sc in MR', 'R2-20: sc around'], 'name' => 'Feeler', 'finish' => ['stuffing' => ['firmness' => 'firm', 'goes' => 5]],
            ]],
            'eyes on a tube too narrow for them' => [[
                'rounds' => ['9 sc in MR', 'R2-12: sc around'], 'placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => 4, 'apart' => 3]],
            ]],
            'a standing start' => $changed(['method' => 'standing-start']),
            'a standing start in joined rounds' => [['worked' => 'joined'] + $changed(['method' => 'standing-start'])[0]],
            'a drawn loop' => $changed(['method' => 'drawn-loop']),
            'a drawn loop a stitch later' => $changed(['method' => 'drawn-loop-after']),
            'a slip stitch first' => $changed(['method' => 'slip-stitch']),
            'a closed round' => $changed(['method' => 'closed-round']),
            'levelled' => $changed(['method' => 'levelled']),
            'ends knotted' => $changed(['method' => 'plain', 'oldYarn' => 'cut', 'tails' => ['old' => 'knot', 'new' => 'knot']]),
            'ends crocheted over' => $changed(['method' => 'plain', 'oldYarn' => 'cut', 'tails' => ['old' => 'over', 'new' => 'over']]),
            'a helix in and out' => [[
                'rounds' => $tube, 'colours' => [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'helix', 'from' => 3, 'to' => 6, 'yarns' => ['A', 'B']]],
            ]],
            'a spot within rounds' => [[
                'rounds' => $tube, 'colours' => [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'run', 'round' => 4, 'from' => 5, 'to' => 7, 'yarn' => 'B'],
                    ['kind' => 'run', 'round' => 5, 'from' => 5, 'to' => 7, 'yarn' => 'B']],
            ]],
            'two legs into a body' => [
                ['key' => 'leg', 'name' => 'Leg', 'copies' => 2, 'rounds' => self::LIMB],
                ['start' => ['join' => 'bridge', 'pieces' => ['leg', 'leg'], 'across' => 3], 'rounds' => ['R1-12: sc around (30)', '(3 sc, dec) x6',
                    '(2 sc, dec) x6', '(sc, dec) x6', 'dec x6'], 'name' => 'Body', 'colours' => $stripes(3, 8)],
            ],
            'a chain loop' => [['rounds' => ['ch 20, sl st in first ch'], 'name' => 'Loop'], $head],
            'a strap of one row' => [['rounds' => ['ch 31', 'sc in 2nd ch from hook and across'], 'worked' => 'rows', 'name' => 'Strap'], $head],
            'an arm, pressed flat, of an odd number' => [
                ['rounds' => ['7 sc in MR', 'R2-12: sc around'], 'name' => 'Arm', 'finish' => ['end' => 'flat']],
                $head,
            ],
            'an arm that is as long as it takes' => [
                [
                    'rounds' => ['6 sc in MR', 'inc x6', 'R3-9: sc around, about 7 rounds; stop when it reaches round 4 of the head', 'R10-12: sc around until '
                        .'the cuff is 1.5 cm long. Stuff lightly.', 'dec x6'],
                    'name' => 'Arm', 'copies' => 2, 'colours' => $two,
                ],
                $head,
            ],
            'an ear with remarks at its end' => [[
                'rounds' => ['6 sc in MR', 'inc x6', 'R3-6: sc around', '# glue a felt patch inside', 'Sew to the head between rounds 4 and 5.'],
                'name' => 'Ear',
            ], $head],
            'a cushion with a drawn-in top' => [['rounds' => Plans::ball(6), 'finish' => ['drawn' => ['segments' => 6, 'base' => true]], 'name' => 'Cushion']],
            'a panel with an edging' => [
                ['rounds' => ['ch 11', 'sk 1, 10 sc', 'Rows 2-8: sc across'], 'worked' => 'rows', 'name' => 'Panel', 'colours' => $stripes(3, 6)],
                ['key' => 'edging', 'name' => 'Edging', 'worked' => 'joined', 'start' => ['join' => 'edge', 'pieces' => ['body']], 'rounds' => ['sc around']],
            ],
            'an animal that lies, from nose to tail' => [[
                'rounds' => [
                    '# Worked from nose to tail.', '6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-9: sc around',
                    '# 6 mm safety eyes between rounds 4 and 5, 6 sts apart', '(sc, dec) x6', 'dec x6',
                ],
                'name' => 'Vole', 'colours' => $stripes(5, 8),
            ]],
            'a fin in the side of a tube' => [
                ['rounds' => ['6 sc in MR', 'inc x6', 'R3-14: sc around', 'dec x6'], 'name' => 'Fish'],
                [
                    'key' => 'fin', 'name' => 'Fin', 'worked' => 'rows', 'rounds' => ['3 sc', 'dec, sc'],
                    'start' => ['join' => 'side', 'pieces' => ['body'], 'round' => 4, 'to' => 6, 'oneSide' => true],
                ],
            ],
            'a cord among rounds' => [['rounds' => ['ch 20, sl st in 2nd ch from hook and in each ch across', 'Sew it to the body.'], 'name' => 'Tail'], $head],
            'a wing, folded and closed' => [
                ['rounds' => ['6 sc in MR', 'inc x6', 'fold in half and sc through both sides (6)', 'Fasten off.'], 'name' => 'Wing', 'copies' => 2],
                $head,
            ],
        ];
    }

    public function testTheStepsAreThoseThatWereRead(): void
    {
        $file = __DIR__.'/step-lists.txt';
        $lists = implode("\n", array_map(self::list(...), array_keys(self::plans()), self::plans()));
        if ('write' === getenv('ALTERNUM_ANSWERS')) {
            file_put_contents($file, $lists);
        }
        self::assertSame((string) file_get_contents($file), $lists);
    }

    /** @param list<array<string, mixed>> $pieces */
    private static function list(string $name, array $pieces): string
    {
        $piece = ['key' => 'body', 'name' => 'Thing', 'copies' => 1, 'worked' => 'spiral', 'front' => ['degrees' => 180], 'colours' => [],
            'changes' => ['method' => 'auto']];
        $plan = PlanReader::values(['pieces' => array_map(static fn (array $fields): array => $fields + $piece, $pieces)] + Plans::values([]));
        $analysis = Analysis::of($plan);
        $lines = ["=== {$name}"];
        foreach ($analysis->problems as $problem) {
            $lines[] = "! {$problem->severity->value}: ".MessageWords::says($problem->message);
        }
        foreach ($analysis->pieces as $made) {
            // The head is there for something to be sewn on.
            if (1 === \count($pieces) || 'head' !== $made->piece->key) {
                $lines[] = "{$made->piece->name} ({$made->piece->copies->count})";
                foreach (StepsWriter::steps($plan, $made, new CopyGroup(1, [], []), Terms::Us) as $step) {
                    $lines[] = "  {$step['text']}".(null === $step['trouble'] ? '' : " ! {$step['trouble']}");
                }
            }
        }
        self::assertSame([], 'eyes on a tube too narrow for them' === $name ? [] : Problem::errors($analysis->problems), $name);

        return implode("\n", $lines)."\n";
    }
}
