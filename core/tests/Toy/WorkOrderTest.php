<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\ToyWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\ContractedPlan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Pieces first, part by part, or twins side by side: makers differ. */
final class WorkOrderTest extends TestCase
{
    /** A body on two legs, with two ears and four fins that are put on two by two, and a bow on each ear. */
    private static function plan(string $workOrder): Plan
    {
        $leg = ['6 sc in MR', 'inc x6', 'R3-6: sc around'];
        $at = static fn (int $round): array => ['anchor' => 'round', 'number' => $round, 'apart' => 6];

        return Plans::of([], [], [], ['workOrder' => $workOrder, 'keepOrder' => true, 'pieces' => [
            Plans::piece('leg', ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-9: sc around'], ['name' => 'Leg']),
            Plans::piece('body', ['R1-12: sc around', '(sc, dec) x6'], [
                'name' => 'Body', 'start' => ['join' => 'opening', 'pieces' => ['leg']],
            ]),
            Plans::piece('ear', $leg, ['name' => 'Ear', 'copies' => 2]),
            Plans::piece('fin', $leg, ['name' => 'Fin', 'copies' => 4]),
            Plans::piece('bow', ['6 sc in MR'], ['name' => 'Bow', 'copies' => [['name' => 'Left bow'], ['name' => 'Right bow']]]),
            Plans::piece('idea', [], ['name' => 'Idea']),
        ], 'assembly' => [
            ['key' => 'ears', 'part' => 'ear', 'onto' => 'body', 'at' => $at(9)],
            ['key' => 'fins', 'part' => 'fin', 'onto' => 'body', 'at' => $at(3)],
            ['key' => 'tail-fins', 'part' => 'fin', 'copy' => 3, 'onto' => 'body', 'at' => $at(6)],
            ['key' => 'bows', 'part' => 'bow', 'onto' => 'ear', 'edge' => 'closed', 'at' => ['anchor' => 'round', 'number' => 3, 'apart' => 4]],
        ]]);
    }

    /** @return list<string> */
    private static function order(string $workOrder): array
    {
        $plan = self::plan($workOrder);
        self::assertTrue(ContractedPlan::isValid($plan->values()));
        self::assertSame([], Analysis::of($plan)->problems);

        return array_map(
            static fn (array $task): string => null === $task['joint'] ? $task['text'] : "join {$task['joint']}",
            ToyWriter::order(Analysis::of($plan), Terms::Us),
        );
    }

    /** What another begins on comes before it; what has no rounds is not made. The bows are on the ears before the ears are on. */
    public function testPiecesFirst(): void
    {
        self::assertSame([
            'Make Leg', 'Make Body', 'Make Ear (both)', 'Make Fin (all 4)', 'Make Left bow and Right bow', 'join fins', 'join tail-fins', 'join bows',
            'join ears',
        ], self::order('pieces'));
    }

    /** Each part is put on as soon as it is made, and only as many copies are made as are put on; the ears wait for their bows. */
    public function testPartByPart(): void
    {
        self::assertSame([
            'Make Leg', 'Make Body', 'Make Fin 1 and 2', 'join fins', 'Make Fin 3 and 4', 'join tail-fins', 'Make Ear (both)', 'Make Left bow and Right bow',
            'join bows', 'join ears',
        ], self::order('parts'));
        $pattern = WrittenPattern::text(Analysis::of(self::plan('parts')), Terms::Us);
        self::assertStringContainsString(
            "\nORDER OF WORK\n1. Make Leg.\n2. Make Body.\n3. Make Fin 1 and 2.\n4. Assembly, step 1.\n5. Make Fin 3 and 4.",
            $pattern,
        );
        self::assertStringContainsString("\n10. Assembly, step 4.\n", $pattern);
        self::assertStringNotContainsString('ORDER OF WORK', WrittenPattern::text(Analysis::of(self::plan('pieces')), Terms::Us));
    }

    public function testTwinsSideBySide(): void
    {
        $alike = 'side by side, a round of each in turn, so that they come out alike';
        self::assertSame(
            ['Make Leg', 'Make Body', "Make Ear (both) {$alike}", "Make Fin (all 4) {$alike}", "Make Left bow and Right bow {$alike}"],
            \array_slice(self::order('twins'), 0, 5),
        );
    }
}
