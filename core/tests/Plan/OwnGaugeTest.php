<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Plan;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\WhatIsNeeded;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\TestCase;

/** A gauge of a piece's own, or of a yarn's. */
final class OwnGaugeTest extends TestCase
{
    private const TUBE = ['24 sc in MR', 'R2-6: sc around'];
    private const PLANS = ['gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20, 'hookMm' => 3]];
    private const FINE = ['stitchesPer10cm' => 40, 'roundsPer10cm' => 40, 'hookMm' => 1.75];

    /** @param array<string, mixed> $plan */
    private static function both(mixed $gauge, array $plan = []): Plan
    {
        $values = Plans::values(self::TUBE, plan: $plan + self::PLANS);
        $wing = Plans::piece('wing', self::TUBE, ['name' => 'Wing'] + (null === $gauge ? [] : ['gauge' => $gauge]));

        return PlanReader::values(['pieces' => [...\is_array($values['pieces']) ? $values['pieces'] : [], $wing]] + $values);
    }

    /** By hand: stitches half as wide and as high make a piece that measures half as much before it is stuffed, and takes half the yarn. */
    public function testAPieceIsAsLargeAsItsOwnGaugeMakesIt(): void
    {
        [$body, $wing] = Analysis::of(self::both(self::FINE))->pieces;
        self::assertEqualsWithDelta(24 * 5 / (2 * \M_PI), $body->stages->fabric->rounds[3]->radius, 1e-9);
        self::assertEqualsWithDelta(24 * 2.5 / (2 * \M_PI), $wing->stages->fabric->rounds[3]->radius, 1e-9);
        self::assertSame([5.0, 2.5], [$body->stages->fabric->rounds[3]->height, $wing->stages->fabric->rounds[3]->height]);
        self::assertSame(2.5, $wing->part->roundMm);
        $plain = Plans::of(self::TUBE, plan: self::PLANS + ['yarnUse' => ['basis' => 'guess', 'sparePercent' => 0, 'tailCm' => 0, 'sewingTailCm' => 0]]);
        self::assertEqualsWithDelta(144 * 8 * 0.005, Analysis::of($plain)->amounts->amounts[0]->parts['stitches'], 1e-9);
    }

    /** By hand: 144 sc of 8 × 5 mm and 144 of 8 × 2.5 mm are 8.64 m; and the ledger's lengths are the same sum. */
    public function testYarnIsCountedInTheGaugeOfEachPiece(): void
    {
        $analysis = Analysis::of(self::both(self::FINE));
        self::assertEqualsWithDelta(8.64, $analysis->amounts->amounts[0]->parts['stitches'], 1e-9);
        $stitches = 0.0;
        foreach ($analysis->ledger()->lengths() as $length) {
            $stitches += 'stitches' === $length->purpose->value ? $length->mean : 0.0;
        }
        self::assertEqualsWithDelta(8640.0, $stitches, 1e-6);
    }

    /** By hand: 43 mm a stitch were unravelled in stitches 5 mm wide; in stitches 2.5 mm wide that is 21.5 mm. */
    public function testWhatWasMeasuredInOneGaugeIsScaledToAnother(): void
    {
        $measured = ['basis' => 'unravelled', 'unravelled' => ['stitches' => 20, 'cm' => 86]];
        $use = ['yarnUse' => $measured + ['sparePercent' => 0, 'tailCm' => 0, 'sewingTailCm' => 0]];
        self::assertEqualsWithDelta(144 * (0.043 + 0.0215), Analysis::of(self::both(self::FINE, $use))->amounts->amounts[0]->parts['stitches'], 1e-9);
    }

    public function testAPieceTakesTheGaugeOfTheYarnThatItIsMadeOf(): void
    {
        $yarns = [
            ['key' => 'A', 'name' => 'Chalk', 'hex' => '#F2EDE4', 'weight' => 'dk', 'metresPer100g' => 250],
            ['key' => 'B', 'name' => 'Down', 'hex' => '#A04030', 'weight' => 'fingering', 'metresPer100g' => 400, 'gauge' => self::FINE],
        ];
        $values = Plans::values(self::TUBE, plan: ['yarns' => $yarns] + self::PLANS);
        $fine = Plans::piece('wing', self::TUBE, ['colours' => [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'fill', 'yarn' => 'B']]]);
        $hidden = Plans::piece('fin', self::TUBE, ['colours' => [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'fill', 'yarn' => 'B', 'hidden' => true]]]);
        $own = Plans::piece('ear', self::TUBE, ['colours' => [['kind' => 'fill', 'yarn' => 'B']], 'gauge' => ['stitchesPer10cm' => 30]]);
        $plan = PlanReader::values(['pieces' => [$fine, $hidden, $own]] + $values);
        self::assertSame(
            [2.5, 5.0, 10 / 3],
            array_map(static fn (object $piece): float => $plan->gaugeOf($piece)->stitchWidthMm(), $plan->pieces),
        );
        self::assertSame($plan->values(), PlanReader::values($plan->values())->values());
    }

    /** @return list<string> what is said, at its path */
    private static function told(Plan $plan): array
    {
        return array_map(
            static fn (Problem $problem): string => "{$problem->path}: ".MessageWords::says($problem->message),
            array_values(array_filter(
                Analysis::of($plan)->problems,
                static fn (Problem $one): bool => 1 === preg_match('/yarns|gauge|copies/', (string) $one->path),
            )),
        );
    }

    public function testAGaugeThatDoesNothingIsTold(): void
    {
        $yarns = [
            ['key' => 'A', 'name' => 'Chalk', 'hex' => '#F2EDE4', 'weight' => 'dk', 'metresPer100g' => 250],
            ['key' => 'B', 'name' => 'Down', 'hex' => '#A04030', 'weight' => 'dk', 'metresPer100g' => 250, 'gauge' => ['stitchesPer10cm' => 26]],
        ];
        $copies = ['copies' => [['name' => 'left'], ['name' => 'right', 'yarns' => ['A' => 'B']]]];
        self::assertSame(
            [
                'yarns[1].gauge: No piece takes the gauge of yarn B: a piece takes that of the yarn that all of it is made of, or its own.',
                'pieces[0].copies: right in yarn B comes out in another size, as that has a gauge of its own; all sizes here are those of the first.',
            ],
            self::told(Plans::of(self::TUBE, piece: $copies, plan: ['yarns' => $yarns] + self::PLANS)),
        );
        // A gauge of the piece's own holds for all its copies.
        $own = $copies + ['gauge' => ['stitchesPer10cm' => 20]];
        self::assertCount(1, self::told(Plans::of(self::TUBE, piece: $own, plan: ['yarns' => $yarns] + self::PLANS)));
        // What no yarn gives is told at the piece that has it.
        $wrong = Plans::of(self::TUBE, piece: ['gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 60]], plan: self::PLANS);
        self::assertStringStartsWith('pieces[0].gauge: 20 stitches and 60 rounds in 10 cm do not belong together', self::told($wrong)[0] ?? '');
    }

    public function testThePatternSaysWhichPieceTakesWhichHook(): void
    {
        $plan = self::both(self::FINE);
        $needed = array_column((new WhatIsNeeded(Analysis::of($plan), Terms::Us))->values(), 'text', 'name');
        self::assertSame('3 mm; 1.75 mm for Wing', $needed['Hook']);
        self::assertSame('20 sc and 20 rnds in 10 cm; 40 sc and 40 rnds in 10 cm for Wing', $needed['Gauge']);
        $text = WrittenPattern::text(Analysis::of($plan), Terms::Us);
        self::assertMatchesRegularExpression('/BODY.*\nHook: 3 mm\n/', $text);
        self::assertMatchesRegularExpression('/WING.*\nHook: 1\.75 mm\n/', $text);
        // With one hook for all there is nothing to be minded.
        self::assertSame(1, substr_count(WrittenPattern::text(Analysis::of(self::both(null)), Terms::Us), 'Hook:'));
    }

    /** It begins with what holds for it, wherever that comes from, with how far the fabric gives: until it is changed nothing is another size. */
    public function testAGaugeOfItsOwnBeginsAsTheOneThatHolds(): void
    {
        $stretch = ['piece' => 'Body', 'measure' => 'width', 'mm' => 60, 'stitchesPer10cm' => 40, 'times' => 3];
        $gauge = self::FINE + ['stretch' => $stretch];
        $yarns = [['key' => 'A', 'name' => 'Down', 'hex' => '#F2EDE4', 'weight' => 'dk', 'metresPer100g' => 250, 'gauge' => $gauge]];
        $plan = Plans::of(Plans::ball(6), [['kind' => 'fill', 'yarn' => 'A']], plan: ['yarns' => $yarns] + self::PLANS);
        $own = EditKinds::read(['do' => 'own-gauge', 'piece' => 'body'], 'edit')->apply($plan);
        self::assertEquals($plan->yarns[0]->gauge, $own->pieces[0]->gauge);
        self::assertSame(Analysis::of($plan)->pieces[0]->form->width, Analysis::of($own)->pieces[0]->form->width);
        $ofYarn = EditKinds::read(['do' => 'own-gauge', 'yarn' => 'A'], 'edit')->apply(Plans::of(['6 sc in MR'], plan: self::PLANS));
        self::assertEquals($ofYarn->gauge, $ofYarn->yarns[0]->gauge);
        $this->expectException(EditRefused::class);
        EditKinds::read(['do' => 'own-gauge', 'yarn' => 'Z'], 'edit')->apply($plan);
    }

    /** A rim that goes on from an edge of other stitches is told, whosever the gauge is; one of the same is not. */
    public function testAPieceThatGoesOnInAnotherGaugeIsTold(): void
    {
        $plan = static function (array $rim): Plan {
            $values = Plans::values(self::TUBE, plan: self::PLANS);
            $rim = Plans::piece('rim', ['sc around'], ['name' => 'Rim', 'start' => ['join' => 'opening', 'pieces' => ['body']]] + $rim);

            return PlanReader::values(['pieces' => [...\is_array($values['pieces']) ? $values['pieces'] : [], $rim]] + $values);
        };
        $told = static fn (Plan $plan): array => array_values(array_filter(
            Analysis::of($plan)->problems,
            static fn (Problem $one): bool => 'gauge.begins' === $one->message->code,
        ));
        self::assertSame([], $told($plan([])));
        self::assertSame([], $told($plan(['gauge' => ['stitchesPer10cm' => 20.5]])));
        [$problem] = $told($plan(['gauge' => ['stitchesPer10cm' => 26]]));
        self::assertSame(['pieces[1].start', false], [$problem->path, $problem->isError()]);
        self::assertSame(
            'Rim has 26 stitches in 10 cm, and goes on from Body, which has 20: the edge between them draws in or ruffles.',
            MessageWords::says($problem->message),
        );
    }
}
