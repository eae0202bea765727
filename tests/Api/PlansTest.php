<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Core\Plan\Format\Json;
use Alternum\Server\Tests\ApiTestCase;

final class PlansTest extends ApiTestCase
{
    public function testANewWorkshopOpensWithPlansAndSomeYarn(): void
    {
        $shelf = $this->ask('GET', '/api/shelf');
        self::assertIsArray($shelf['plans']);
        self::assertSame(['Harbour buoy', 'Otter in a striped jersey', 'Spotted mushroom', 'Barrel cactus in a pot'], array_column($shelf['plans'], 'title'));
        self::assertIsArray($shelf['yarns']);
        self::assertCount(3, $shelf['yarns']);
        foreach ($shelf['plans'] as $plan) {
            self::assertIsArray($plan);
            $opened = $this->ask('GET', '/api/plans/'.self::string($plan, 'id'));
            self::assertSame([], self::at($opened, 'analysis', 'problems'));
        }
    }

    /** What the page begins a new plan with comes from the core. */
    public function testANewPlanIsBegunWithWhatTheShelfSays(): void
    {
        $usual = $this->ask('GET', '/api/shelf')['usual'];
        self::assertIsArray($usual);
        $begun = $this->ask('POST', '/api/plans', Json::encode($usual));
        $this->assertStatus(201);
        $opened = $this->ask('GET', '/api/plans/'.self::string($begun, 'id'));
        self::assertSame('First yarn', self::at($opened, 'plan', 'yarns', 0, 'name'));
    }

    public function testSavingBringsTheRevisionAndTheAnalysis(): void
    {
        [$id] = $this->firstPlan();
        $title = 'Buoy “Łódź” 🧶 <script>alert(1)</script>';
        $saved = $this->save($id, 1, self::set(['title'], $title));
        $this->assertStatus(200);
        self::assertSame(2, $saved['revision']);
        self::assertSame('"2"', $this->response()->headers->get('ETag'));
        $opened = $this->ask('GET', "/api/plans/{$id}");
        self::assertSame($title, self::at($opened, 'plan', 'title'));
        self::assertSame($saved['analysis'], $opened['analysis']);
    }

    public function testEditsAreMadeByTheCore(): void
    {
        [$id] = $this->firstPlan();
        $saved = $this->save(
            $id,
            1,
            ['do' => 'paint', 'piece' => 'float', 'rounds' => [2, 3], 'yarn' => 'C'],
            ['do' => 'front', 'piece' => 'float', 'degrees' => -10],
        );
        self::assertSame(
            ['C12', 'C18'],
            [self::at($saved, 'analysis', 'pieces', 0, 'rounds', 1, 'runs'), self::at($saved, 'analysis', 'pieces', 0, 'rounds', 2, 'runs')],
        );
        self::assertEquals(350, self::at($saved, 'analysis', 'pieces', 0, 'frontDegrees'));
    }

    /** Each stretch of a typed line says what it was taken for. */
    public function testHeightsOfStripesAndTheBestChangesAreAskedFor(): void
    {
        [$id] = $this->firstPlan();
        $drawings = (array) $this->ask('GET', '/api/drawings')['drawings'];
        self::assertContains('method drawn-loop', array_column($drawings, 'name'));
        $looks = (array) $this->ask('GET', "/api/plans/{$id}/looks?piece=float&round=4")['looks'];
        self::assertContains('drawn-loop', array_column($looks, 'method'));
        $this->ask('GET', "/api/plans/{$id}/looks?piece=float&round=1");
        $this->assertStatus(404);
        $costs = $this->ask('GET', "/api/plans/{$id}/helix?piece=float&from=1&to=18&yarns=AB");
        self::assertSame([0, 17], [self::at($costs, 'helix', 'jogs'), self::at($costs, 'cut', 'jogs')]);
        $this->ask('GET', "/api/plans/{$id}/helix?piece=float&from=1&to=18&yarns=A");
        $this->assertStatus(404);
        $fits = $this->ask('GET', "/api/plans/{$id}/fits?piece=float&from=1&to=18&sequence=B1A1");
        self::assertSame('9 stripes of 2 rounds, rounds 1–18', self::at($fits, 'fits', 0, 'says'));
        foreach (['piece=nose&from=1&to=18&sequence=B1A1', 'piece=float&from=1&to=18&sequence=nonsense'] as $query) {
            $this->ask('GET', "/api/plans/{$id}/fits?{$query}");
            $this->assertStatus(404);
        }
        $best = self::at($this->ask('GET', "/api/plans/{$id}/best?piece=float"), 'best');
        self::assertIsArray($best);
        self::assertSame(['ends', 'yarn', 'front'], array_column($best, 'minds'));
        $this->ask('GET', "/api/plans/{$id}/best?piece=nose");
        $this->assertStatus(404);
    }

    /** What an edit would make is told before it is made, and nothing is saved by asking; what cannot be is refused as it would be. */
    public function testWhatAnEditWouldMakeIsTold(): void
    {
        [$id] = $this->firstPlan();
        $ball = ['do' => 'shape', 'piece' => 'float', 'form' => 'ball', 'start' => 6, 'spread' => 'stacked', 'decrease' => 'dec', 'widthMm' => 60];
        $comes = $this->ask('POST', "/api/plans/{$id}/comes", ['piece' => 'float', 'edit' => $ball]);
        self::assertEqualsWithDelta(60.0, self::at($comes, 'piece', 'size', 'widthMm'), 5.0);
        self::assertEqualsWithDelta(60.0, self::at($comes, 'piece', 'size', 'heightMm'), 5.0);
        self::assertSame(['A', 'B', 'C'], array_column((array) $comes['yarns'], 'key'));
        self::assertSame(self::at($comes, 'piece', 'size'), self::at($this->save($id, 1, $ball), 'analysis', 'pieces', 0, 'size'));
        $refused = $this->ask('POST', "/api/plans/{$id}/comes", ['piece' => 'float', 'edit' => ['form' => 'drum', 'heightMm' => 20] + $ball]);
        $this->assertStatus(422);
        self::assertMatchesRegularExpression('/^That wide, this form comes out \d\.\d cm high and no nearer\./', self::string($refused, 'detail'));
        $this->ask('POST', "/api/plans/{$id}/comes", ['piece' => 'nose', 'edit' => $ball]);
        $this->assertStatus(404);
    }

    public function testALineSaysWhatItWasTakenFor(): void
    {
        [$id] = $this->firstPlan();
        $meanings = self::at($this->ask('GET', "/api/plans/{$id}/meanings?piece=float&line=3"), 'meanings');
        $this->assertStatus(200);
        self::assertIsArray($meanings);
        self::assertContains(['column' => 5, 'length' => 12, 'kind' => 'understood', 'says' => '6 repeats of: sc, then 2 sc in one stitch.'], $meanings);
        self::assertSame([], self::at($this->ask('GET', "/api/plans/{$id}/meanings?piece=float&line=900"), 'meanings'));
        $this->ask('GET', "/api/plans/{$id}/meanings?piece=nose&line=1");
        $this->assertStatus(404);
    }

    public function testAPastedPatternIsReadBeforeItIsTaken(): void
    {
        [$id] = $this->firstPlan();
        $read = $this->ask('POST', "/api/plans/{$id}/reading", ['text' => "Ear\nR1: 6 sc in MR (6)\nR2: wibble x6"]);
        $this->assertStatus(200);
        self::assertSame(['Ear', 1], [self::at($read, 'pieces', 0, 'name'), self::at($read, 'pieces', 0, 'problems')]);
        self::assertSame(6, self::at($read, 'pieces', 0, 'lines', 0, 'makes'));
        self::assertStringContainsString('wibble', self::string(['problem' => self::at($read, 'pieces', 0, 'lines', 1, 'problem')], 'problem'));
        self::assertSame(1, self::at($this->ask('GET', "/api/plans/{$id}"), 'revision'), 'Nothing is saved.');
        $this->ask('POST', "/api/plans/{$id}/reading", ['text' => str_repeat('x', 200_001)]);
        $this->assertStatus(422);
    }

    /** A PNG of four by two pixels, red beside clear; a table; and what is neither. */
    public function testAPictureBecomesRows(): void
    {
        [$id] = $this->firstPlan();
        $image = imagecreatetruecolor(4, 2);
        imagealphablending($image, false);
        imagesavealpha($image, true);
        imagefilledrectangle($image, 0, 0, 3, 1, 0x7F000000);
        imagefilledrectangle($image, 0, 0, 1, 1, 0x00C8372D);
        ob_start();
        imagepng($image);
        $png = base64_encode((string) ob_get_clean());
        $rows = self::at($this->ask('POST', "/api/plans/{$id}/picture", ['kind' => 'png', 'data' => $png, 'wide' => 4]), 'rows');
        self::assertIsArray($rows);
        self::assertSame('BB..', $rows[0]);
        self::assertSame(['rows' => ['A.B', '.C.']], $this->ask('POST', "/api/plans/{$id}/picture", ['kind' => 'csv', 'data' => "A,,B\n,C"]));
        foreach ([
            ['kind' => 'png', 'data' => base64_encode('no picture')],
            ['kind' => 'png', 'data' => substr($png, 0, 60)],
            ['kind' => 'csv', 'data' => 'A,Q'],
            ['kind' => 'csv', 'data' => ',,'],
            ['kind' => 'png', 'data' => base64_encode(str_repeat('x', 600_000))],
        ] as $bad) {
            $refused = $this->ask('POST', "/api/plans/{$id}/picture", $bad);
            $this->assertStatus(422);
            self::assertNotSame('', self::string($refused, 'mend'));
        }
    }

    /** By hand: on the twelve of round 2, (sc, inc) x6 makes its fifth and sixth stitch of the increase into the fourth. */
    public function testAStitchIsNamed(): void
    {
        [$id] = $this->firstPlan();
        $says = fn (int $round, int $stitch): string => self::string(
            $this->ask('GET', "/api/plans/{$id}/stitch?piece=float&round={$round}&stitch={$stitch}"),
            'says',
        );
        self::assertSame('inc into stitch 4 of round 2', $says(3, 6));
        self::assertSame('sc into the beginning', $says(1, 1));
        self::assertSame('dec into stitches 5 to 6 of round 13', $says(14, 5));
        $this->ask('GET', "/api/plans/{$id}/stitch?piece=float&round=3&stitch=99");
        $this->assertStatus(404);
    }

    public function testTheSecondOfTwoWindowsIsTold(): void
    {
        [$id] = $this->firstPlan();
        $this->save($id, 1, self::set(['title'], 'first window'));
        $told = $this->save($id, 1, self::set(['title'], 'second window'));
        $this->assertStatus(412);
        self::assertSame(2, $told['revision']);
        self::assertSame(2, $this->ask('GET', "/api/plans/{$id}/revision")['revision']);
        self::assertSame('first window', self::at($this->ask('GET', "/api/plans/{$id}"), 'plan', 'title'));
        $this->save($id, 2, self::set(['title'], 'second window'));
        $this->assertStatus(200);
    }

    public function testAWrongPlanIsRefusedAndNothingIsStored(): void
    {
        [$id] = $this->firstPlan();
        $refused = $this->save($id, 1, self::set(['colour'], 'red'));
        $this->assertStatus(200);
        self::assertSame('colour', self::at($refused, 'results', 0, 'refused', 'problems', 0, 'path'));
        self::assertNotNull(self::at($this->save($id, 1, ['do' => 'paint', 'piece' => 'wing', 'rounds' => [1], 'yarn' => 'A']), 'results', 0, 'refused'));
        foreach ([
            'nonsense',
            ['base' => 1],
            ['base' => 1, 'operations' => []],
            ['base' => 1, 'operations' => 'all'],
            ['base' => 1, 'operations' => [['id' => 'x']]],
        ] as $none) {
            $this->ask('POST', "/api/plans/{$id}/operations", $none);
            $this->assertStatus(422);
        }
        self::assertSame(1, $this->ask('GET', "/api/plans/{$id}")['revision']);

        $refused = $this->ask('POST', '/api/plans', ['title' => 'no plan']);
        $this->assertStatus(422);
        self::assertSame('format', self::at($refused, 'problems', 0, 'path'));
        self::assertCount(4, (array) $this->ask('GET', '/api/shelf')['plans']);
    }

    /** A plan with wrong rounds is kept all the same: what is typed is never lost. */
    public function testWrongRoundsAreKeptAndTold(): void
    {
        [$id] = $this->firstPlan();
        $rounds = ['R1: 6 sc in MR', 'R2: wobble 🧶 x100000', "R3:\tsc around", 'R4: ((('];
        $saved = $this->save($id, 1, ['do' => 'retype', 'piece' => 'float', 'rounds' => $rounds]);
        $this->assertStatus(200);
        self::assertSame($rounds, self::at($saved, 'plan', 'pieces', 0, 'rounds'));
        self::assertSame('pieces[0].rounds[1]', self::at($saved, 'analysis', 'problems', 0, 'path'));
    }

    public function testTwoMegabytesAreRefused(): void
    {
        [, $plan] = $this->firstPlan();
        $this->ask('POST', '/api/plans', ['title' => str_repeat('x', 2_100_000)] + $plan);
        $this->assertStatus(413);
        $this->ask('POST', '/api/plans', ['title' => str_repeat('x', 1_100_000)] + $plan);
        $this->assertStatus(422);
    }

    /** What could not be opened again is not stored: edits may make a plan larger than a plan may be. */
    public function testAPlanThatGrowsOverItsLimitIsRefused(): void
    {
        [$id] = $this->firstPlan();
        $saved = $this->save($id, 1, ['do' => 'retype', 'piece' => 'float', 'rounds' => array_fill(0, 700, '# '.str_repeat('x', 1600))]);
        self::assertStringContainsString('more than can be kept', self::string($saved, 'results', 0, 'refused', 'detail'));
        self::assertSame(1, $this->ask('GET', "/api/plans/{$id}")['revision']);
    }

    public function testAFileGoesOutAndComesInAgain(): void
    {
        [$id] = $this->firstPlan();
        $plan = $this->ask('GET', "/api/plans/{$id}/as/json");
        self::assertSame('attachment; filename=harbour-buoy.json', $this->response()->headers->get('Content-Disposition'));
        $begun = self::string($this->ask('POST', '/api/plans', $plan), 'id');
        $this->assertStatus(201);
        self::assertSame("/api/plans/{$begun}", $this->response()->headers->get('Location'));
        self::assertEquals($plan, $this->ask('GET', "/api/plans/{$begun}")['plan']);
        self::assertNotSame($id, $begun);
    }

    /** What the menu offers is what can be had. */
    public function testEveryFormatThatIsOfferedGoesOut(): void
    {
        [$id] = $this->firstPlan();
        $exports = (array) $this->ask('GET', '/api/exports')['exports'];
        self::assertCount(4, $exports, 'The pattern in two countries’ words, the plan, and a picture.');
        foreach ($exports as $export) {
            $format = self::string((array) $export, 'format');
            $this->ask('GET', "/api/plans/{$id}/as/{$format}");
            $this->assertStatus(200);
            self::assertStringStartsWith('attachment; filename=harbour-buoy.', (string) $this->response()->headers->get('Content-Disposition'));
        }
        $this->ask('GET', "/api/plans/{$id}/as/wax");
        $this->assertStatus(400);
    }

    public function testTheWrittenPattern(): void
    {
        [$id] = $this->firstPlan();
        $needed = (array) $this->ask('GET', "/api/plans/{$id}/needed")['needed'];
        self::assertContains(['name' => 'Hook', 'text' => '3 mm'], $needed);
        self::assertContains('Techniques', array_column($needed, 'name'));
        $this->ask('GET', "/api/plans/{$id}/as/text?terms=uk");
        $text = (string) $this->response()->getContent();
        self::assertStringContainsString("With A\nRnd 1: 6 dc in MR. [6]", $text);
        self::assertStringContainsString('B Signal red', $text);
        $this->ask('GET', "/api/plans/{$id}/as/text?terms=fr");
        $this->assertStatus(400);
    }

    public function testOffTheShelfAndBack(): void
    {
        [$id] = $this->firstPlan();
        $this->ask('DELETE', "/api/plans/{$id}");
        $this->assertStatus(204);
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(404);
        $this->ask('POST', "/api/plans/{$id}/restore");
        $this->assertStatus(204);
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(200);
    }
}
