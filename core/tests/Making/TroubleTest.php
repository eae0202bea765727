<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\ToyWriter;
use Alternum\Core\Making\Trouble;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\TroubleWords;
use PHPUnit\Framework\TestCase;

/** What often goes wrong is told where it may first, with what helps. Common practice, no source. */
final class TroubleTest extends TestCase
{
    /** @return array<string, list<string>> by the key of the step, what is told there */
    private static function told(string $file, string $piece): array
    {
        $plan = PlanReader::json((string) file_get_contents(\dirname(__DIR__, 3)."/demo/{$file}.json"));
        $analysis = Analysis::of($plan)->piece($piece);
        self::assertNotNull($analysis);
        $told = [];
        foreach (StepsWriter::values($plan, $analysis, Terms::Us)['steps'] as $step) {
            if ([] !== $step['mayGoWrong']) {
                $told[$step['key']] = array_column($step['mayGoWrong'], 'trouble');
            }
        }

        return $told;
    }

    private static function said(Trouble $trouble): string
    {
        return TroubleWords::of($trouble)['trouble'];
    }

    /** The otter: its legs leave a hole where they meet, it is to stand, it is stuffed in several goes, in a dark brown, and drawn shut. */
    public function testEachAtItsStepAndOnce(): void
    {
        $told = self::told('otter-in-a-striped-jersey', 'body');
        self::assertSame([self::said(Trouble::HoleBetweenLegs)], $told['begin.0']);
        self::assertSame([self::said(Trouble::LumpyStuffing), self::said(Trouble::CaughtFibre), self::said(Trouble::TipsOver)], $told['stuff.16']);
        self::assertSame([self::said(Trouble::StuffingShows)], $told['stuff.30'], 'What was told at the first go is not told again.');
        self::assertSame([self::said(Trouble::HoleLeft), self::said(Trouble::WeakYarn)], $told['draw-shut.31']);
        $all = array_merge(...array_values($told));
        self::assertSame($all, array_unique($all));
        $leg = self::told('otter-in-a-striped-jersey', 'leg');
        self::assertSame([self::said(Trouble::TightBeginning)], $leg['begin.0']);
    }

    /** Tar is so dark that stitches are hard to see, chalk and red are not; it is told where the dark begins. */
    public function testADarkYarn(): void
    {
        $told = self::told('harbour-buoy', 'float');
        $dark = array_keys(array_filter($told, static fn (array $said): bool => \in_array(self::said(Trouble::DarkYarn), $said, true)));
        self::assertSame(['work-rounds.16'], $dark);
    }

    /** In a plush yarn, be it dark, stitches are lost in its pile; they are told once, where it begins. */
    public function testAFluffyYarn(): void
    {
        $yarns = [
            ['key' => 'A', 'name' => 'Chalk', 'hex' => '#F2EDE4', 'weight' => 'dk', 'metresPer100g' => 250],
            ['key' => 'B', 'name' => 'Velvet', 'hex' => '#101418', 'weight' => 'bulky', 'metresPer100g' => 120, 'texture' => 'plush'],
        ];
        $plan = Plans::of(Plans::ball(4), [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(4, 8, [['B', 2], ['A', 2]])], plan: ['yarns' => $yarns]);
        $piece = Analysis::of($plan)->pieces[0];
        $told = [];
        foreach (StepsWriter::values($plan, $piece, Terms::Us)['steps'] as $step) {
            foreach ($step['mayGoWrong'] as ['trouble' => $trouble]) {
                $told[$trouble][] = $step['key'];
            }
        }
        self::assertSame(['work-rounds.4'], $told[self::said(Trouble::FluffyYarn)] ?? []);
        self::assertArrayNotHasKey(self::said(Trouble::DarkYarn), $told);
    }

    /** Of joins once, however many there are; what is slipped on cannot sit wrong. */
    public function testWhereItIsPutTogether(): void
    {
        $plan = PlanReader::json((string) file_get_contents(\dirname(__DIR__, 3).'/demo/otter-in-a-striped-jersey.json'));
        $steps = ToyWriter::assembly(Analysis::of($plan), Terms::Us);
        self::assertSame(
            [[self::said(Trouble::SitsWrong)], [self::said(Trouble::Wobbles)], []],
            array_map(static fn (array $step): array => array_column($step['mayGoWrong'], 'trouble'), $steps),
        );
    }

    /** Asked for in several answers, the later ones do not tell again what the first told. */
    public function testLaterAnswersDoNotTellAgain(): void
    {
        $plan = Plans::of(Plans::ball(6), [['kind' => 'fill', 'yarn' => 'A']]);
        $piece = Analysis::of($plan)->pieces[0];
        $all = StepsWriter::values($plan, $piece, Terms::Us)['steps'];
        $later = StepsWriter::values($plan, $piece, Terms::Us, 0, 5)['steps'];
        self::assertSame(\array_slice($all, -\count($later)), $later);
        self::assertNotSame(\count($all), \count($later));
    }

    public function testEveryOneHasWords(): void
    {
        foreach (Trouble::cases() as $trouble) {
            ['trouble' => $said, 'remedy' => $helps] = TroubleWords::of($trouble);
            self::assertMatchesRegularExpression('/^[A-Z].*\?$/', $said);
            self::assertMatchesRegularExpression('/^[A-Z].*\.$/', $helps);
        }
    }
}
