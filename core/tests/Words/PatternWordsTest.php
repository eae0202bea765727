<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Words;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\WhatIsNeeded;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\Abbreviations;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What stands before the pieces of a written pattern, and how short its changes are. Common practice, no source. */
final class PatternWordsTest extends TestCase
{
    private static function line(string $pattern, string $begins): string
    {
        preg_match('/^'.preg_quote($begins, '/').'.*$/m', $pattern, $match);

        return $match[0] ?? '';
    }

    /** A name may hold a full stop: what a piece begins on stays one line. */
    public function testWhatItBeginsOnIsOneLine(): void
    {
        $plan = Plans::of([], plan: ['pieces' => [
            Plans::piece('leg', ['6 sc in MR', 'inc x6'], ['name' => 'No. 1. Leg', 'copies' => 2]),
            Plans::piece('body', ['sc around'], ['start' => ['join' => 'bridge', 'pieces' => ['leg', 'leg'], 'across' => 2]]),
        ]]);
        self::assertStringContainsString(
            'on 28 stitches: 12 of No. 1. Leg, 2 chains, 12 of No. 1. Leg, 2 chains; from the second',
            self::line(WrittenPattern::text(Analysis::of($plan), Terms::Us), 'Begin:'),
        );
    }

    public function testSaysWhatIsNeeded(): void
    {
        $plan = Plans::of(Plans::ball(5), [], ['placements' => [
            ['key' => 'eyes', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 7, 'apart' => 5],
            ['key' => 'nose', 'kind' => 'nose', 'anchor' => 'round', 'number' => 8],
        ]]);
        $analysis = Analysis::of($plan);
        $pattern = WrittenPattern::text($analysis, Terms::Us);
        $high = $analysis->amounts->amounts[0];
        self::assertSame(
            'Yarn: A Chalk, DK (250 m/100 g): up to '.ceil($high->highMetres()).' m, '.ceil($high->grams($high->highMetres())).' g',
            self::line($pattern, 'Yarn:'),
            'The high figure, rounded up: who buys by it does not run short.',
        );
        self::assertSame('Notions: yarn needle, stitch marker, stuffing, up to 5 g, 2 safety eyes, 1 safety nose', self::line($pattern, 'Notions:'));
        self::assertMatchesRegularExpression('/^Size: about \d(?:\.\d)? cm high, \d\.\d cm wide, when stuffed$/m', $pattern);
        self::assertStringContainsString('BODY (make 1)', $pattern);
        self::assertGreaterThan(strpos($pattern, 'BODY ('), (int) strpos($pattern, 'Caution:'), 'Safety comes last.');
    }

    /** Where the maker’s words say how large the eyes are, in a remark or beside a round, so does the list of what is needed. */
    #[TestWith(['# set 8 mm safety eyes here', '2 safety eyes (8 mm)'])]
    #[TestWith(['Insert the 10.5mm eyes', '2 safety eyes (10.5 mm)'])]
    #[TestWith(['# set the safety eyes here; the tail is 8 mm. wide', '2 safety eyes'])]
    public function testSaysHowLargeTheEyesAre(string $line, string $says): void
    {
        $lines = Plans::ball(4);
        array_splice($lines, 7, 0, [$line]);
        $pattern = WrittenPattern::text(
            Analysis::of(Plans::of($lines, [], ['placements' => [['kind' => 'eyes', 'anchor' => 'round', 'number' => 6, 'apart' => 4]]])),
            Terms::Us,
        );
        self::assertStringEndsWith(", {$says}", self::line($pattern, 'Notions:'));
    }

    /** What has to be known, no more: the cactus is drawn in, its mat edged, its flower grown out of chains. */
    public function testListsTheTechniques(): void
    {
        $of = static function (Plan $plan): string {
            $said = array_column((new WhatIsNeeded(Analysis::of($plan), Terms::Us))->values(), 'text', 'name');

            return 'Techniques: '.($said['Techniques'] ?? '');
        };
        self::assertSame(
            'Techniques: a magic ring, increasing, decreasing, stuffing, drawing closed through the loops',
            $of(Plans::of(Plans::ball(5))),
        );
        $cactus = $of(PlanReader::json((string) file_get_contents(\dirname(__DIR__, 3).'/demo/barrel-cactus-in-a-pot.json')));
        foreach (['drawing a piece in', 'edging a flat piece', 'stitches along a chain', 'working in one loop', 'sewing on'] as $technique) {
            self::assertStringContainsString($technique, $cactus);
        }
        self::assertStringNotContainsString('bobbles', $cactus);
    }

    /** The maker finds the front by it: the stitch that it names lies within half a stitch of it. */
    public function testSaysWhereTheFrontIs(): void
    {
        $eyes = ['placements' => [['key' => 'eyes', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 7, 'apart' => 5]]];
        foreach ([0, 77, 180, 311] as $degrees) {
            $analysis = Analysis::of(Plans::of(Plans::ball(5), [], $eyes + ['front' => ['degrees' => $degrees]]));
            $line = self::line(WrittenPattern::text($analysis, Terms::Us), 'Front:');
            self::assertSame(1, preg_match('/^Front: where stitch (\d+) of round 7 lies\.$/', $line, $match), $line);
            self::assertLessThanOrEqual(180 / 30 + 1e-6, abs($analysis->pieces[0]->stages->frame->fromFront(7, (int) $match[1])));
        }
        self::assertSame('', self::line(WrittenPattern::text(Analysis::of(Plans::of(Plans::ball(5))), Terms::Us), 'Front:'), 'Nothing depends on it.');
    }

    /** Stuffing is reckoned for what is stuffed, as firmly as it is. */
    public function testAPieceThatIsKeptEmptyTakesNoStuffing(): void
    {
        $of = static fn (array $finish): string => self::line(
            WrittenPattern::text(Analysis::of(Plans::of(Plans::ball(8), [], ['finish' => $finish])), Terms::Us),
            'Notions:',
        );
        self::assertStringContainsString('stuffing, up to ', $of([]));
        self::assertStringNotContainsString('stuffing', $of(['stuffing' => ['firmness' => 'none']]));
    }

    public function testSaysItInInches(): void
    {
        $pattern = WrittenPattern::text(Analysis::of(Plans::of(Plans::ball(5), [], [], ['units' => 'imperial'])), Terms::Us);
        self::assertMatchesRegularExpression('/^Size: about [\d¼½¾]+ in high, [\d¼½¾]+ in wide, when stuffed$/mu', $pattern);
        self::assertMatchesRegularExpression('/^Yarn: A Chalk, DK \(273 yd\/100 g\): up to \d+ yd, \d+ g$/m', $pattern);
    }

    /** Only those that are used, each in the terms of the pattern: sc is dc in the UK, hdc htr, dc tr. */
    public function testExplainsTheAbbreviationsThatItUses(): void
    {
        $plan = Plans::of(['6 sc in MR', 'inc x6', '(hdc, dc) x6', '(inv dec) x6', '(bob, sc) x3']);
        $us = self::line(WrittenPattern::text(Analysis::of($plan), Terms::Us), 'Abbreviations');
        self::assertStringStartsWith(
            'Abbreviations (US terms): MR: magic ring (or ch 2, work into 2nd ch from hook); sc: single crochet; hdc: half double crochet;'
                .' dc: double crochet; inc: ',
            $us,
        );
        self::assertStringContainsString('inv dec: invisible decrease: two single crochet together, through their front loops', $us);
        self::assertStringContainsString('bob: bobble: 5 unfinished double crochet in one stitch, closed together; push it out', $us);
        self::assertStringNotContainsString('treble', $us);
        $uk = self::line(WrittenPattern::text(Analysis::of($plan), Terms::Uk), 'Abbreviations');
        self::assertStringContainsString('dc: double crochet; htr: half treble; tr: treble', $uk);
        $plain = self::line(WrittenPattern::text(Analysis::of(Plans::of(['ch 2, 6 sc in 2nd ch from hook'])), Terms::Us), 'Abbreviations');
        self::assertStringNotContainsString('inc', $plain);
    }

    /** A plain change is said in its round, and not once more below it; what else there is to do is. */
    public function testAPlainChangeIsSaidOnce(): void
    {
        $pattern = static fn (array $changes): string => WrittenPattern::text(
            Analysis::of(Plans::of(Plans::ball(5), [Plans::stripes(4, 9, [['A', 2], ['B', 2]])], ['changes' => $changes])),
            Terms::Us,
        );
        self::assertStringNotContainsString('Change: at stitch', $pattern(['method' => 'plain']));
        self::assertStringContainsString('; attach B in last st, keep A. [30]', $pattern(['method' => 'plain']));
        self::assertStringContainsString(
            '“pull the loop through”: finish the last stitch with the new yarn, and drop the loop.',
            $pattern(['method' => 'drawn-loop']),
        );
        self::assertStringContainsString('it is knotted to B’s other end when that is cut', $pattern(['method' => 'plain', 'tails' => ['new' => 'knot']]));
    }

    /** A round that is closed in a spiral for one change alone needs its slip stitch; joined rounds say theirs anyway. */
    public function testAClosedRoundInASpiralIsSaid(): void
    {
        $pattern = static fn (string $worked): string => WrittenPattern::text(Analysis::of(Plans::of(
            ['12 sc in MR', 'R2-6: sc around'],
            [Plans::stripes(4, 6, [['B', 3]])],
            ['worked' => $worked, 'changes' => ['method' => 'closed-round']],
        )), Terms::Us);
        self::assertStringContainsString('Change: “joined round”:', $pattern('spiral'));
        self::assertStringNotContainsString('Change: at stitch', $pattern('joined'));
    }

    public function testEveryStitchIsExplainedOrMadeOfThoseThatAre(): void
    {
        foreach (Stitch::cases() as $stitch) {
            $isMade = 1 === preg_match('/ (same|out|loop)$/', $stitch->value);
            foreach (Terms::cases() as $terms) {
                self::assertTrue($isMade || [] !== Abbreviations::of($stitch, $terms), "{$stitch->value} is explained.");
            }
        }
    }

    public function testEveryDemoPlanSaysEveryAbbreviation(): void
    {
        foreach (Plans::demoFiles() as $file) {
            $pattern = WrittenPattern::text(Analysis::of(PlanReader::json((string) file_get_contents($file))), Terms::Us);
            $words = self::line($pattern, 'Abbreviations');
            preg_match_all('/^Rnds? \d.*$/m', $pattern, $rounds);
            preg_match_all('/\b(sc|hdc|dc|inc|dec|inv dec|MR|ch|sl st|BLO|FLO)\b/', implode("\n", $rounds[0]), $used);
            foreach (array_diff(array_unique($used[1]), ['ch', 'sl st']) as $abbreviation) {
                self::assertMatchesRegularExpression("/[;)] {$abbreviation}: |: {$abbreviation}: /", $words, basename($file));
            }
        }
    }

    /** What is bought for is rounded once: the pattern and the page of yarn needed say the same. */
    public function testWhatIsToBeBoughtIsTheSameEverywhere(): void
    {
        foreach (Plans::demoFiles() as $file) {
            $analysis = Analysis::of(PlanReader::json((string) file_get_contents($file)));
            $yarns = AnalysisWriter::values($analysis)['yarns'];
            self::assertIsArray($yarns);
            $pattern = WrittenPattern::text($analysis, Terms::Us);
            foreach ($yarns as $yarn) {
                self::assertIsArray($yarn);
                self::assertIsString($yarn['key']);
                self::assertIsString($yarn['upTo']);
                if ($yarn['stitches'] > 0) {
                    self::assertMatchesRegularExpression('/^Yarn: '.$yarn['key'].' .*: '.preg_quote($yarn['upTo'], '/').'$/m', $pattern);
                }
            }
        }
    }
}
