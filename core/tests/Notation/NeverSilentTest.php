<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Yarns, loops and rounds that words say are read, or told: never lost without a word. Common practice, no source. */
final class NeverSilentTest extends TestCase
{
    /** A yarn is said once for where it is worked: what goes around after it is the rest, and no repeat of it. */
    #[TestWith(['3 sc in A, 3 sc in B, remaining sts in A (12)', 'AAABBBAAAAAA'])]
    #[TestWith(['3 sc in A, 3 sc in B, rest in A', 'AAABBBAAAAAA'])]
    #[TestWith(['3 sc in A, 3 sc in B, … rest in B', 'AAABBBBBBBBB'])]
    #[TestWith(['1 sc in B, sc around in A', 'BAAAAAAAAAAA'])]
    #[TestWith(['(with B: sc, with A: sc) around', 'BABABABABABA'])]
    #[TestWith(['6 sc, finishing the last st with B, 6 sc', 'AAAAAABBBBBB'])]
    public function testYarnsAreRead(string $line, string $yarns): void
    {
        $analysis = Analysis::of(Plans::of(['12 sc in MR', $line]));
        self::assertSame([], Problem::errors($analysis->problems));
        self::assertSame($yarns, $analysis->pieces[0]->stages->colouring->rounds[1]);
    }

    /** What is left for what follows is as many as it uses. */
    #[TestWith(['sc around to the last 2 sts, sc in next 2 sts'])]
    #[TestWith(['sc in each st to last 4 sts, (sc, dec), sc'])]
    #[TestWith(['(sc, inc) to last 2 sts, sc 2'])]
    #[TestWith(['sc until 3 sts remain, dec, sc'])]
    #[TestWith(['sc to last st, 2 sc in last st'])]
    #[TestWith(['sc to last 2 sts, dec'])]
    #[TestWith(['sc to the last two sts, dec'])]
    #[TestWith(['sc to last 2 sts, leave last 2 sts unworked'])]
    #[TestWith(['dec until 6 sts remain'])]
    public function testWhatIsSaidToBeLeftIs(string $line): void
    {
        self::assertSame([], Problem::errors(Analysis::of(Plans::of(['12 sc in MR', $line]))->problems));
    }

    /** @param list<string> $lines */
    #[TestWith([['12 sc in MR', '6 sc, from here on in B, 6 sc'], 'yarn.unread'])]
    #[TestWith([['12 sc in MR', '6 sc, in the next st change to B, 6 sc'], 'yarn.unread'])]
    #[TestWith([['12 sc in MR', 'R2-4: sc around, change to B at the end of R3', 'sc around'], 'yarn.withinSpan'])]
    #[TestWith([['12 sc in MR', 'R2: sc around', 'R3-6: repeat round 2, changing to B at the end of round 4'], 'yarn.withinSpan'])]
    #[TestWith([['12 sc in MR', 'Continue increasing 2 sts every other rnd until there are 24 sts.', 'sc around'], 'round.shapingUnread'])]
    #[TestWith([['12 sc in MR', 'Continue in stripes, changing colour every 2 rounds, alternating A and B.', 'R2-6: sc around'], 'yarn.unread'])]
    #[TestWith([['12 sc in MR', 'From here on work in stripes of 2 rounds each.', 'R2-6: sc around'], 'yarn.unreadLine'])]
    #[TestWith([['12 sc in MR', 'R2-6 (alternate 1 round A, 1 round B): sc around'], 'yarn.unread'])]
    #[TestWith([['Stripe 2 rounds of each colour: A, B', '12 sc in MR', 'R2-6: sc around'], 'yarn.unreadLine'])]
    #[TestWith([['12 sc in MR', 'ch 1, sc around (13)'], 'round.miscount'])]
    #[TestWith([['12 sc in MR', '6 sc, turn, 6 sc'], 'round.turns'])]
    #[TestWith([['12 sc in MR', '4 x sc around'], 'round.leftOver'])]
    #[TestWith([['12 sc in MR', 'dec, sc around'], 'line.severalWays'])]
    #[TestWith([['12 sc in MR', 'inc, sc around'], 'line.severalWays'])]
    #[TestWith([['12 sc in MR', '#1: sc around'], 'head.number'])]
    #[TestWith([['12 sc in MR', 'R2 & R4: sc around'], 'head.gap'])]
    #[TestWith([['12 sc in MR', 'Rounds 2 and 4: sc around'], 'head.gap'])]
    #[TestWith([['12 sc in MR', 'sc around to the last 3 sts, sc in next 2 sts'], 'around.otherRest'])]
    #[TestWith([['12 sc in MR', 'sc in each st to last 4 sts, 3 sc'], 'around.otherRest'])]
    #[TestWith([['12 sc in MR', '(sc, inc) to last 2 sts, sc 4'], 'around.otherRest'])]
    #[TestWith([['12 sc in MR', 'sc until 2 sts remain, dec, sc'], 'around.otherRest'])]
    #[TestWith([['12 sc in MR', 'sc until there are 2 sts left'], 'around.otherRest'])]
    #[TestWith([['12 sc in MR', 'sc to last st, 2 sc'], 'around.otherRest'])]
    #[TestWith([['12 sc in MR', 'sc around to the last two sts, 3 sc'], 'around.otherRest'])]
    #[TestWith([['12 sc in MR', 'dec until 5 sts remain'], 'around.otherRest'])]
    public function testWhatIsNotReadIsTold(array $lines, string $code): void
    {
        self::assertContains($code, array_map(
            static fn (Problem $problem): string => $problem->message->code,
            Problem::errors(Analysis::of(Plans::of($lines))->problems),
        ));
    }

    /**
     * What is done with a yarn beside the stitches is no change of it; a remark is one.
     *
     * @param list<string> $lines
     */
    #[TestWith([['12 sc in MR', 'sc around. Embroider the nose with B.']])]
    #[TestWith([['12 sc in MR', 'R2-4: sc around; change to B at the end of R4', 'sc around']])]
    #[TestWith([['12 sc in MR', 'R2-6: sc around. Start stuffing at R4, attach the ears on R5.']])]
    #[TestWith([['# Stripe sequence: 2 rounds A, 1 round B', '12 sc in MR', 'sc around']])]
    #[TestWith([['12 sc in MR', 'dec, sc, around']])]
    #[TestWith([['12 sc in MR', 'sc, inc around']])]
    #[TestWith([['12 sc in MR', 'sc around', '#1: a photograph']])]
    #[TestWith([['12 sc in MR', 'sc around. Work to the second marker.']])]
    public function testNothingElseIsTold(array $lines): void
    {
        self::assertSame([], Problem::errors(Analysis::of(Plans::of($lines))->problems));
    }

    #[TestWith(['with B, BLO: sc around', 'b'])]
    #[TestWith(['With B in the back loops only: sc 12', 'b'])]
    #[TestWith(['BLO: sc around', 'b'])]
    #[TestWith(['sc around, working in back loops only', 'b'])]
    #[TestWith(['sc around, BLO (12)', 'b'])]
    #[TestWith(['sc around - FLO', 'f'])]
    #[TestWith(['(sc, dec) x4, in front loops only', 'f'])]
    #[TestWith(['sc around. Work this round in back loops only.', 'b'])]
    #[TestWith(['work in FLO this round: sc around', 'f'])]
    #[TestWith(['sc around. Leave the front loops for the frill.', ''])]
    #[TestWith(['sc around', ''])]
    public function testALoopHoldsForTheLineWhereverItIsSaid(string $line, string $loop): void
    {
        $round = Analysis::of(Plans::of(['12 sc in MR', $line]))->pieces[0]->stages->reading->rounds[1];
        self::assertSame($loop, count_chars($round->loops, 3));
    }

    /** Two in each stitch, though its first word names a taller stitch, too. */
    public function testDoubleEachStitchIsTwoInEach(): void
    {
        self::assertSame(24, Analysis::of(Plans::of(['12 sc in MR', 'double each st']))->pieces[0]->stages->reading->rounds[1]->makes);
        self::assertSame(12, Analysis::of(Plans::of(['12 sc in MR', 'double crochet in each st']))->pieces[0]->stages->reading->rounds[1]->makes);
    }

    /** All around, said inside a bracket and after it. */
    public function testAroundIsSaidTwice(): void
    {
        $round = Analysis::of(Plans::of(['12 sc in MR', 'in FLO, (3 dc in each st) around (36)']))->pieces[0]->stages->reading->rounds[1];
        self::assertSame([12, 36, 'f'], [$round->uses, $round->makes, count_chars($round->loops, 3)]);
    }
}
