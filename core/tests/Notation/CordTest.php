<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A cord or a strap: chains, and one row along one side of them, whatever the toy's other pieces are worked in. Common practice, no source. */
final class CordTest extends TestCase
{
    /** @param list<string> $lines */
    #[TestWith([['ch 20, sl st in 2nd ch from hook and in each ch across (19)'], 19])]
    #[TestWith([['Ch 20.', '19 sl st'], 19])]
    #[TestWith([['ch 20, sl st in 2nd ch from hook and in each ch across'], 19])]
    #[TestWith([['ch 21, sc in 2nd ch from hook, sc in next 19 ch'], 20])]
    #[TestWith([['R1: ch 12, starting in 2nd ch from hook, sc in each ch (11)'], 11])]
    public function testGoesAlongOneSide(array $lines, int $makes): void
    {
        foreach (Worked::cases() as $worked) {
            $read = Reader::read($lines, Terms::Us, $worked);
            self::assertSame([[], $makes], [$read->errors(), $read->stitches()], $worked->value);
            self::assertSame(Worked::Rows !== $worked, $read->isAlongOneSide);
        }
        // It is neither stuffed nor closed, and is written as it is read.
        $plan = Plans::of($lines);
        self::assertSame(['round', 'fasten-off', 'tail'], array_values(array_unique(array_keys(self::told($plan)))));
        self::assertStringStartsWith('Row 1: ', WrittenSteps::rounds($plan)[0]['text']);
        self::assertStringNotContainsString('work in a spiral', WrittenPattern::text(Analysis::of($plan), Terms::Us));
    }

    /** What stands beside a chain that is all of a piece is said once it is made; beside one that is worked into, before. */
    public function testNoWordBesideAChainIsLost(): void
    {
        $told = self::told(Plans::of(['ch 8, fasten off. Sew to the head.']));
        self::assertSame([['fasten off'], ['Sew to the head']], [$told['fasten-off'], $told['sew']]);
        $told = self::told(Plans::of(['Ch 8. Leave a 20 cm tail first.', '7 sc', 'sc around']));
        self::assertStringContainsString('Leave a 20 cm tail first', implode("\n", array_merge(...array_values($told))));
    }

    /** Where more rounds follow, or both sides are worked, it is an oval; and what fits neither stays wrong. */
    public function testAnOvalGoesAround(): void
    {
        $oval = Reader::read(['ch 7, starting in 2nd ch from hook: 5 sc, 3 sc in next st, 4 sc, inc'], Terms::Us);
        self::assertSame([[], 14, false], [$oval->errors(), $oval->stitches(), $oval->isAlongOneSide]);
        self::assertNotSame([], Reader::read(['ch 7, starting in 2nd ch from hook: 6 sc', 'sc around'], Terms::Us)->errors());
        self::assertNotSame([], Reader::read(['ch 7, starting in 2nd ch from hook: 4 sc'], Terms::Us)->errors());
        self::assertNotSame([], Reader::read(['ch 7, starting in 2nd ch from hook: 5 sc, 3 sc in last ch'], Terms::Us)->errors());
    }

    /** @return array<string, list<string>> by kind */
    private static function told(Plan $plan): array
    {
        $told = [];
        foreach (StepsWriter::steps($plan, Analysis::of($plan)->pieces[0], $plan->pieces[0]->copies->groups()[0], Terms::Us) as $step) {
            $told[$step['kind']][] = $step['text'];
        }

        return $told;
    }
}
