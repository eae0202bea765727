<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Exchange\PlanAnswer;
use Alternum\Core\Exchange\ToyWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Notation\Remembered;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\ContractedPlan;
use Alternum\Core\Tests\Notation\WrittenMemory;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** A strand from one piece over the seam to another. */
final class StrandTest extends TestCase
{
    /**
     * Two tubes of 20 stitches of 5 mm, the second on the edge of the first, neither of them stuffed: a straight wall.
     *
     * @param array<string, mixed> $thread
     * @param array<string, mixed> $hood
     * @param array<string, mixed> $joint
     */
    private static function plan(array $thread = [], array $hood = [], array $joint = []): Plan
    {
        $tube = static fn (string $key, array $fields): array => Plans::piece($key, ['R1: 20 sc in MR', 'R2-20: sc around'], $fields + [
            'name' => ucfirst($key), 'front' => ['degrees' => 0], 'lean' => 0, 'finish' => ['stuffing' => ['firmness' => 'none']],
        ]);
        $strand = $thread + [
            'key' => 't1', 'kind' => 'strand', 'yarn' => 'B', 'at' => ['anchor' => 'round', 'number' => 16],
            'to' => ['piece' => 'hood', 'at' => ['anchor' => 'round', 'number' => 12]],
        ];

        return Plans::of([], [], [], [
            'gauge' => ['stitchesPer10cm' => 20, 'roundsPer10cm' => 20],
            'pieces' => [$tube('hull', ['thread' => [$strand]]), $tube('hood', $hood)],
            'assembly' => [] === $joint ? [] : [$joint + ['key' => 'j1', 'part' => 'hood', 'onto' => 'hull', 'at' => ['anchor' => 'edge']]],
        ]);
    }

    /**
     * By hand: from after round 16 of 20 up to the edge is four rounds of 5 mm, from the edge of the hood, its last round, down to after round 12 eight: 60 mm
     * of strand, and two tails of 15 cm. The walls of such tubes stand straight from their second round on.
     */
    public function testItsLengthIsItsWay(): void
    {
        $plan = self::plan([], [], ['hold' => 'whip']);
        self::assertTrue(ContractedPlan::isValid($plan->values()));
        $analysis = Analysis::of($plan);
        self::assertSame([], $analysis->problems);
        $laid = $analysis->pieces[0]->threads->all[0];
        self::assertEqualsWithDelta(60.0, $laid->seenMm, 0.5);
        self::assertSame(36.0, $laid->cutCm());
        self::assertEqualsWithDelta($laid->mm() / 1000 * 1.1, $analysis->amounts->amounts[1]->metres(), 1e-9, 'It is in the sums.');
    }

    /** Aside it is longer: both ends three stitches to the right and the left of the same line lie 15 mm off it on each piece. */
    public function testASlantingOneIsLonger(): void
    {
        $plan = self::plan(
            ['at' => ['anchor' => 'round', 'number' => 16, 'stitches' => 2]],
            [],
            ['hold' => 'whip', 'part' => 'hull', 'onto' => 'hood', 'at' => ['anchor' => 'round', 'number' => 20]],
        );
        $laid = Analysis::of($plan)->pieces[0]->threads->all[0];
        // The hull is what is put on now: up its own wall, then from the seat's middle, straight down.
        self::assertEqualsWithDelta(20.0 + 40.0, $laid->seenMm, 0.5);
        $aside = self::plan(
            ['to' => ['piece' => 'hood', 'at' => ['anchor' => 'round', 'number' => 12, 'stitches' => 4]]],
            [],
            ['hold' => 'whip', 'part' => 'hull', 'onto' => 'hood', 'at' => ['anchor' => 'round', 'number' => 20]],
        );
        // Four stitches of 5 mm across and 40 mm down: on the flat wall √(20² + 40²); around the tube a way no shorter.
        self::assertEqualsWithDelta(20.0 + hypot(20.0, 40.0), Analysis::of($aside)->pieces[0]->threads->all[0]->seenMm, 0.6);
    }

    /** It is laid after the two are joined, and says where it ends; neither piece's own steps have it. */
    public function testItComesAfterTheSeam(): void
    {
        $plan = self::plan(['name' => 'Stay'], [], ['hold' => 'whip']);
        $steps = ToyWriter::assembly(Analysis::of($plan), Terms::Us);
        self::assertSame(['j1', null], array_column($steps, 'joint'));
        self::assertStringStartsWith(
            'Lay a strand (Stay), in B (Brick): between rounds 16 and 17, its middle before stitch 1 of round 16, to Hood between rounds 12 and 13,'
            .' before stitch 1 of round 12. Cut 36 cm. Come up where it begins',
            $steps[1]['text'],
        );
        $pattern = WrittenPattern::text(Analysis::of($plan), Terms::Us);
        self::assertSame(1, substr_count($pattern, 'Lay a strand'));
        self::assertStringContainsString("\n2. Lay a strand (Stay)", $pattern);
    }

    public function testWhatCannotBeIsTold(): void
    {
        $told = static fn (Plan $plan): array => array_map(
            static fn ($problem): string => "{$problem->path} {$problem->message->code}",
            Analysis::of($plan)->problems,
        );
        self::assertSame(['pieces[0].thread[0].to thread.notJoined'], $told(self::plan()));
        $to = static fn (string $piece, int $round): array => ['to' => ['piece' => $piece, 'at' => ['anchor' => 'round', 'number' => $round]]];
        self::assertSame(['pieces[0].thread[0].to thread.noOther'], $told(self::plan($to('gone', 2), [], ['hold' => 'whip'])));
        self::assertSame(['pieces[0].thread[0].to thread.noOther'], $told(self::plan($to('hull', 2), [], ['hold' => 'whip'])));
        self::assertSame(['pieces[0].thread[0].to placing.afterEnd'], $told(self::plan($to('hood', 30), [], ['hold' => 'whip'])));
        $this->expectException(InvalidFields::class);
        self::plan(['open' => true]);
    }

    /** From the tray it goes to the piece that is joined, and what is remembered of a piece minds where its strand ends. */
    public function testItIsPutAndRemembered(): void
    {
        $plan = EditKinds::read(['do' => 'put', 'piece' => 'hood', 'what' => 'strand'], '')->apply(self::plan([], [], ['hold' => 'whip']));
        self::assertSame('hull', $plan->pieces[1]->threads[0]->kind->farEnd()?->piece);
        self::assertSame([], Analysis::of($plan)->problems);
        Remembered::by(new WrittenMemory());
        try {
            foreach ([[], ['rounds' => ['R1: 20 sc in MR', 'R2-30: sc around']]] as $hood) {
                $now = self::plan([], $hood, ['hold' => 'whip']);
                $cm = Analysis::of($now)->pieces[0]->threads->all[0]->cutCm();
                self::assertStringContainsString("\"cm\":{$cm},\"summary\":\"Strand", PlanAnswer::of($now, 'hood')->json('hood'));
            }
        } finally {
            Remembered::by(null);
        }
    }
}
