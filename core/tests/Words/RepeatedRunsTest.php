<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Words;

use Alternum\Core\Analysis;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use Alternum\Core\Words\RepeatedRuns;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Runs of yarns that come again are written once, as a published pattern has them. */
final class RepeatedRunsTest extends TestCase
{
    /** @param array{int, int, int}|null $found */
    #[TestWith(['ABABAB', [0, 2, 3]])]
    #[TestWith(['CABABABD', [1, 2, 3]])]
    #[TestWith(['ABCABC', [0, 3, 2]])]
    // As much in fewer words; of two alike the first.
    #[TestWith(['ABABABAB', [0, 2, 4]])]
    #[TestWith(['ABABCDCD', [0, 2, 2]])]
    #[TestWith(['ABABCDCDCD', [4, 2, 3]])]
    #[TestWith(['ABAB', [0, 2, 2]])]
    #[TestWith(['ABA', null])]
    #[TestWith(['ABCD', null])]
    #[TestWith(['', null])]
    public function testFindsWhatComesAgain(string $runs, ?array $found): void
    {
        $again = RepeatedRuns::in(array_map(static fn (string $yarn): array => [$yarn, 'sc'], '' === $runs ? [] : str_split($runs)));
        self::assertSame($found, null === $again ? null : [$again->from, $again->long, $again->times]);
        self::assertSame(null === $found ? null : $found[0] + $found[1] * $found[2], $again?->end());
    }

    public function testRunsOfOtherStitchesAndOfSeveralYarnsAreOthers(): void
    {
        self::assertNull(RepeatedRuns::in([['A', '2 sc'], ['B', 'sc'], ['A', '3 sc'], ['B', 'sc']]));
        self::assertNull(RepeatedRuns::in([['AB', 'inc'], ['A', 'sc'], ['AB', 'inc'], ['A', 'sc']]));
    }

    /** What is written so is read as what it was written for. */
    public function testItIsReadBack(): void
    {
        $lines = ['12 sc in MR', 'inc x12', 'sc around', '(3 sc, inc) x6', 'sc around'];
        $spots = [
            ['kind' => 'spots', 'yarn' => 'B', 'from' => 3, 'to' => 3, 'step' => 4, 'count' => 6, 'wide' => 1, 'tall' => 1],
            ['kind' => 'spots', 'yarn' => 'B', 'from' => 4, 'to' => 4, 'step' => 4, 'count' => 5, 'wide' => 2, 'tall' => 1],
        ];
        $plan = Plans::of($lines, $spots);
        $rounds = Analysis::of($plan)->pieces[0]->stages->colouring->rounds;
        $written = array_column(WrittenSteps::rounds($plan), 'text');
        self::assertMatchesRegularExpression('/\(with [AB] \w+: .*\) x\d/', $written[2]);
        $read = Analysis::of(Plans::of($written));
        self::assertSame($rounds, $read->pieces[0]->stages->colouring->rounds);
    }
}
