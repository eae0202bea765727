<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\FollowCue;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\SaidJoint;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Making\CueOffer;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Words that put one piece on another. */
final class SaidJointTest extends TestCase
{
    private static function plan(): Plan
    {
        $tube = ['6 sc in MR', 'inc x6', 'R3-6: sc around'];

        return Plans::of([], [], [], ['pieces' => [
            Plans::piece('head', Plans::ball(6), ['name' => 'Head', 'firstRound' => 'top']),
            Plans::piece('ear', $tube, ['name' => 'Ears', 'copies' => 2]),
            Plans::piece('arm', $tube, ['name' => 'Arm', 'copies' => [['name' => 'Left arm'], ['name' => 'Right arm']]]),
            Plans::piece('tail', $tube, ['name' => 'Tail']),
        ]]);
    }

    private static function said(Joint $joint): string
    {
        $place = $joint->place;

        return "{$joint->part} {$joint->copy}, {$joint->onto} {$place->anchor->value} {$place->number}, apart ".($place->apart ?? '-')
            .", {$place->fromFront}, {$joint->edge->value} ".$joint->hold::kind().($joint->isWithNew ? ', new' : '');
    }

    #[TestWith(['Sew the ears to the head between rounds 5 and 6, 8 sts apart.', 'ear 1, head round 5, apart 8, 0, open whip'])]
    #[TestWith(['Sew ears onto head between R5 and R9', 'ear 1, head round 6, apart 12, 0, open whip'])]
    #[TestWith(['Attach the tail to the back of the head at round 12.', 'tail 1, head round 12, apart -, 180, open whip'])]
    #[TestWith(['Glue the tail to the head on round 8', 'tail 1, head round 8, apart -, 180, open glue'])]
    #[TestWith(['Whip stitch the tail to the head on top, with a new thread.', 'tail 1, head pole 1, apart -, 0, open whip, new'])]
    #[TestWith(['Sew Left arm and Right arm to Head between rounds 9 and 10, with mattress stitch along the edge, pressed flat',
        'arm 1, head round 9, apart 18, 0, flat mattress'])]
    public function testIsUnderstood(string $line, string $says): void
    {
        self::assertSame([$says], array_map(self::said(...), (new SaidJoint(self::plan()))->in($line)));
    }

    /** @param list<string> $says */
    #[TestWith(['Sew the ears to the head at round 6, the tail to the back of the head over round 12.',
        ['ear 1, head round 6, apart 12, 0, open whip', 'tail 1, head round 12, apart -, 180, open whip']])]
    #[TestWith(['Sew ears to head at round 6, tail at the back between rounds 12 and 13.',
        ['ear 1, head round 6, apart 12, 0, open whip', 'tail 1, head round 12, apart -, 180, open whip']])]
    #[TestWith(['Sew the ears to the head between rounds 5 and 6 and the tail to the head at round 9',
        ['ear 1, head round 5, apart 12, 0, open whip', 'tail 1, head round 9, apart -, 180, open whip']])]
    #[TestWith(['Sew the ears to the head, 8 sts apart, between rounds 5 and 6.', ['ear 1, head round 5, apart 8, 0, open whip']])]
    // Half of a sentence would be a word lost.
    #[TestWith(['Sew the ears to the head at round 6, the tail to the wall.', []])]
    public function testASentenceThatPutsOnSeveral(string $line, array $says): void
    {
        self::assertSame($says, array_map(self::said(...), (new SaidJoint(self::plan()))->in($line)));
    }

    /**
     * A body that is begun below and left open gets its head on that edge, and stands on its ring; the head's tail is hidden, so a new thread sews it on. Said
     * otherwise, it begins at its top. Common practice, no source.
     *
     * @param list<string> $says
     */
    #[TestWith(['Body', ['head 1, body edge 1, apart -, 0, closed whip, new'], FirstRound::Bottom])]
    #[TestWith(['Body (from the top down)', ['head 1, body pole 1, apart -, 0, closed whip, new'], FirstRound::Top])]
    public function testAHeadGoesOnTheNeckOfItsBody(string $heading, array $says, FirstRound $first): void
    {
        $text = "Head\n6 sc in MR\ninc x6\nR3-5: sc around\ndec x6\nClose it and hide the tail.\n\n"
            ."{$heading}\n6 sc in MR\ninc x6\nR3-6: sc around\nFO with a long tail for sewing.\n\nAssembly\nSew the head to the body.\n";
        $plan = (new Paste('', $text, true))->apply(Usual::plan()->withPieces([]));
        self::assertSame($says, array_map(self::said(...), $plan->assembly));
        self::assertSame($first, $plan->piece('body')?->firstRound);
    }

    /** What is said to go on top of something that is left open goes on that edge; where it says that it begins there, it does. */
    #[TestWith(['Sew the lamp room to the top of the tower.', 'lamp-room 1, tower edge 1, apart -, 0, open whip', FirstRound::Bottom])]
    #[TestWith(['Sew Lamp room to Tower in the middle of where it begins, with whip stitch.', 'lamp-room 1, tower pole 1, apart -, 0, open whip', null])]
    public function testTheTopOfWhatIsLeftOpenIsItsEdge(string $line, string $says, ?FirstRound $first): void
    {
        $text = "Tower\n6 sc in MR\ninc x6\nR3-9: sc around\nleave open\n\n"
            ."Lamp room\n6 sc in MR\ninc x6\nsc around\nleave a long tail\n\nAssembly\n{$line}\n";
        $plan = (new Paste('', $text, true))->apply(Usual::plan()->withPieces([]));
        self::assertSame([$says], array_map(self::said(...), $plan->assembly));
        self::assertSame($first, $plan->piece('tower')?->firstRound);
    }

    /** As many as there are, each at its own place: a fourth of the way around from one to the next. */
    public function testWhatIsSpacedEvenlyLiesAllAround(): void
    {
        $plan = Plans::of([], [], [], ['pieces' => [
            Plans::piece('shell', Plans::ball(6), ['name' => 'Shell']),
            Plans::piece('feet', ['6 sc in MR', 'R2-3: sc around'], ['name' => 'Feet', 'copies' => 4]),
        ]]);
        self::assertSame(
            [
                'feet 1, shell round 3, apart -, 45, open whip', 'feet 2, shell round 3, apart -, 135, open whip',
                'feet 3, shell round 3, apart -, -135, open whip', 'feet 4, shell round 3, apart -, -45, open whip',
            ],
            array_map(self::said(...), (new SaidJoint($plan))->in('Sew the feet to the shell, evenly spaced between Rounds 3 and 4.')),
        );
    }

    /** What names no piece of the plan, or puts nothing on anything, says nothing of the kind. */
    #[TestWith(['Sew the wings to the head'])]
    #[TestWith(['Sew the ears to the wall'])]
    #[TestWith(['Weave in all ends of the ears'])]
    #[TestWith(['Stuff the head firmly'])]
    #[TestWith(['Sew the head to the head'])]
    public function testOtherWordsAreNot(string $line): void
    {
        self::assertSame([], (new SaidJoint(self::plan()))->in($line));
    }

    /** A pasted pattern's own assembly is put together; what is not understood stays as a remark, and makes no round. */
    public function testAPastedAssemblyIsPutTogether(): void
    {
        $text = "Head\nR1: 6 sc in MR (6)\nR2: inc x6 (12)\nR3-6: sc around (12)\n\nEars (make 2)\nR1: 6 sc in MR (6)\nR2-3: sc around (6)\n\nAssembly:\n"
            ."1. Sew the ears to the head between rounds 3 and 4, 4 sts apart.\n2. Admire it for a while.";
        $plan = (new Paste('', $text))->apply(Plans::of([], [], [], ['pieces' => []]));
        self::assertSame(['ears 1, head round 3, apart 4, 0, open whip'], array_map(self::said(...), $plan->assembly));
        self::assertSame('# Assembly: Admire it for a while.', $plan->pieces[1]->rounds[\count($plan->pieces[1]->rounds) - 1]);
        self::assertSame([], Analysis::of($plan)->problems);
    }

    /** What is written of a demo plan's assembly comes back with its places, edges and holds, where its pieces come back as one. */
    public function testAWrittenAssemblyComesBack(): void
    {
        foreach (['barrel-cactus-in-a-pot', 'harbour-buoy', 'spotted-mushroom'] as $name) {
            $plan = PlanReader::json((string) file_get_contents(\dirname(__DIR__, 3)."/demo/{$name}.json"));
            $text = WrittenPattern::text(Analysis::of($plan), Terms::Us);
            $back = (new Paste('', $text, true))->apply($plan->withPieces([])->withAssembly([]));
            self::assertSame(array_map(self::said(...), $plan->assembly), array_map(self::said(...), $back->assembly));
        }
    }

    /**
     * Words in a piece's own lines offer to put it where they say, or others on it; taken, they offer nothing any more, and one edit did it.
     *
     * @param array<string, string> $words by piece, after its rounds
     */
    #[TestWith([['ear' => 'Sew to the head between rounds 5 and 6, 8 sts apart.'], 'ear', 'ear 1, head round 5, apart 8, 0, open whip'])]
    #[TestWith([['head' => 'Sew the ears between R5 and R9.'], 'head', 'ear 1, head round 6, apart 12, 0, open whip'])]
    #[TestWith([['tail' => 'Sew the tail to the back of the head at round 12.'], 'tail', 'tail 1, head round 12, apart -, 180, open whip'])]
    public function testTypedWordsOfferThemselves(array $words, string $key, string $says): void
    {
        $plan = self::plan();
        foreach ($words as $piece => $line) {
            $is = $plan->piece($piece);
            self::assertNotNull($is);
            $plan = $plan->withPiece($is->withRounds([...$is->rounds, $line]));
        }
        $offers = static fn (Plan $of): array => Analysis::of($of)->piece($key)?->offers($of) ?? [];
        $joint = array_values(array_filter($offers($plan), static fn (CueOffer $offer): bool => [] !== $offer->joints));
        self::assertCount(1, $joint);
        $heeded = (new FollowCue($key, $joint[0]->line, $joint[0]->text))->apply($plan);
        self::assertSame([$says], array_map(self::said(...), $heeded->assembly));
        self::assertSame([], array_filter($offers($heeded), static fn (CueOffer $offer): bool => [] !== $offer->joints));
    }

    /**
     * Each sentence of an assembly puts on its own part; a body hangs from the neck of its head, a "Head and body" has a body, and whose back it is goes
     * without saying.
     *
     * @param list<string> $says
     */
    #[TestWith(['Body', 'Sew body to head. Sew the tail at the back of the body at round 4.', [
        'body 1, head pole 2, apart -, 0, closed whip', 'tail 1, body round 4, apart -, 180, open whip',
    ]])]
    #[TestWith(['Body', 'Pin and sew the tail to the back over round 4. Then admire it.', ['tail 1, body round 4, apart -, 180, open whip']])]
    #[TestWith(['Neck and body', 'Sew the tail between rounds 3 and 4 of the body.', ['tail 1, neck-and-body round 3, apart -, 180, open whip']])]
    public function testEachSentencePutsOnItsPart(string $body, string $assembly, array $says): void
    {
        $ball = "R1: 6 sc in MR (6)\nR2: inc x6 (12)\nR3-6: sc around (12)\nR7: dec x6 (6)\n\n";
        $plan = (new Paste('', "Head\n{$ball}{$body}\n{$ball}Tail\nR1: 6 sc in MR (6)\nR2-3: sc around (6)\n\nAssembly\n{$assembly}"))
            ->apply(Plans::of([], [], [], ['pieces' => []]));
        self::assertSame($says, array_map(self::said(...), $plan->assembly));
    }
}
