<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What wants a hand inside, or fabric that folds, comes before the stuffing. Common practice, no source. */
final class InsideFirstTest extends TestCase
{
    private const TUBE = ['6 sc in MR', 'inc x6', 'R3-14: sc around', 'dec x6'];
    private const HEAD = ['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-9: sc around', '(sc, dec) x6', 'dec x6'];

    /** @return list<string> kinds and texts */
    private static function steps(Plan $plan, int $piece = 0): array
    {
        $analysis = Analysis::of($plan)->pieces[$piece];

        return array_map(
            static fn (array $step): string => "{$step['kind']}: {$step['text']}",
            StepsWriter::steps($plan, $analysis, $analysis->piece->copies->groups()[0], Terms::Us),
        );
    }

    /** @param list<string> $steps */
    private static function at(array $steps, string $begin): int
    {
        foreach ($steps as $i => $step) {
            if (str_starts_with($step, $begin)) {
                return $i;
            }
        }
        self::fail("{$begin} is not among ".implode("\n", $steps));
    }

    #[TestWith(['# safety eyes between rounds 5 and 6, 6 sts apart'])]
    #[TestWith(['Place the safety eyes.'])]
    public function testEyesThatTheWordsNameComeBeforeTheStuffing(string $words): void
    {
        $lines = self::HEAD;
        array_splice($lines, 4, 0, [$words]);
        $steps = self::steps(Plans::of($lines));
        self::assertLessThan(self::at($steps, 'stuff: Begin'), self::at($steps, 'eyes: '));
        self::assertStringContainsString('2 safety eyes', WrittenPattern::text(Analysis::of(Plans::of($lines)), Terms::Us));
    }

    /** Set at a place, they are counted there. */
    public function testEyesAreListedOnce(): void
    {
        $lines = self::HEAD;
        array_splice($lines, 4, 0, ['# 8 mm safety eyes between rounds 5 and 6']);
        $plan = Plans::of($lines, [], ['copies' => 2, 'placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => 5, 'apart' => 6]]]);
        self::assertSame(1, substr_count(WrittenPattern::text(Analysis::of($plan), Terms::Us), '4 safety eyes (8 mm)'));
    }

    /** @param array<string, mixed> $fin */
    private static function withFin(array $fin, string $firmness = 'firm'): Plan
    {
        return Plans::of([], plan: ['pieces' => [
            Plans::piece('body', self::TUBE, ['name' => 'Body', 'finish' => ['stuffing' => ['firmness' => $firmness]]]),
            Plans::piece('fin', ['3 sc', 'dec, sc'], $fin + [
                'name' => 'Fin', 'worked' => 'rows', 'start' => ['join' => 'side', 'pieces' => ['body'], 'round' => 4, 'to' => 6, 'oneSide' => true],
            ]),
        ]]);
    }

    public function testWhatBeginsInTheSideIsWorkedThereBeforeTheStuffing(): void
    {
        $steps = self::steps(self::withFin([]));
        $part = self::at($steps, 'part: Put the loop on a marker and work Fin into the side, in the spaces after rounds 4 to 6, before it is stuffed');
        self::assertStringStartsWith('round: R3-7', $steps[$part - 1]);
        self::assertLessThan(self::at($steps, 'stuff: '), $part);
        self::assertStringContainsString(
            'Put the loop on a marker and work 2 × Fin into the side, in the spaces after rounds 4 to 6, while it is open',
            implode("\n", self::steps(self::withFin(['copies' => 2], 'none'))),
        );
        self::assertStringContainsString('work Fin into the side', WrittenPattern::text(Analysis::of(self::withFin([])), Terms::Us));
    }

    /** Worked on, it is joined: nothing is left to sew with. */
    public function testItNeedsNoTailToSew(): void
    {
        $steps = self::steps(self::withFin([]), 1);
        self::assertContains('fasten-off: Fasten off, 15 cm tail', $steps);
        // Made for itself it is sewn on.
        self::assertContains('fasten-off: Fasten off, 40 cm tail to sew with', self::steps(Plans::of([], plan: ['pieces' => [
            Plans::piece('body', self::TUBE, []), Plans::piece('fin', ['ch 4, 3 sc', 'dec, sc'], ['worked' => 'rows']),
        ]]), 1));
    }
}
