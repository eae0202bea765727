<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\LineCue;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Lists of colours apart from the rounds, as patterns have them above or below these. Common practice, no source. */
final class YarnListTest extends TestCase
{
    private const ROUNDS = ['R1: 6 sc in MR (6)', 'R2: inc x6 (12)', 'R3-6: sc around (12)'];

    /** @return iterable<string, array{list<string>, string}> the list, and the yarn of each round */
    public static function lists(): iterable
    {
        $lists = [
            'R1-2: A / R3-4: B / R5-6: A' => 'AABBAA',
            'R1-3 (A) R4 (B)' => 'AAABBB',
            'R1-2: A; R3-4: B; R5-6: A' => 'AABBAA',
            'R1-3: A (First), R4-6: B (Second)' => 'AAABBB',
            'Rounds 1 to 2: A. Rounds 3 to 6: B.' => 'AABBBB',
            'R1 and R2: A; R3 to R6: B' => 'AABBBB',
            'R1, R3, R5: A; R2, R4, R6: B' => 'ABABAB',
            'Rows 1-2 A; 3-6 B' => 'AABBBB',
            '1-3: A, 4-6: B' => 'AAABBB',
            'A: R1-2, R5; B: R3-4, R6' => 'AABBAB',
            'A (R1-2), B (R3-6)' => 'AABBBB',
            'Colours: R1-2 A, R3-6 B' => 'AABBBB',
            'Change colours as follows: R1-2: A, R3-6: B' => 'AABBBB',
            'Colour changes: A for rounds 1-2, B for rounds 3-6' => 'AABBBB',
            'Work rounds 1-2 in A and rounds 3-6 in B.' => 'AABBBB',
            'R1 A, R2 B, R3 A, R4 B, R5 A, R6 B' => 'ABABAB',
            'Stripe sequence: 2 rounds A, 1 round B' => 'AABAAB',
            'Stripes: 2 A, 1 B, repeat' => 'AABAAB',
            'Stripe pattern: *2 rnds A, 2 rnds B*, repeat throughout' => 'AABBAA',
            'Alternate 2 rounds A and 1 round B' => 'AABAAB',
            'Work 2 rounds in A, 1 round in B, repeat to end' => 'AABAAB',
        ];
        foreach ($lists as $list => $yarns) {
            yield $list => [[$list], $yarns];
        }
        yield 'a line each' => [['R1-2: A', 'R3-4: B', 'R5-6: A'], 'AABBAA'];
        yield 'under a label' => [['Colours:', 'Rnds 1-2: Yarn A', 'Rnds 3-6: Yarn B'], 'AABBBB'];
        yield 'by yarns' => [['Color A: rnds 1-2', 'Color B: rnds 3-6'], 'AABBBB'];
        yield 'in columns' => [['| Rounds | Colour |', '| 1-2 | A |', '| 3-6 | B |'], 'AABBBB'];
    }

    /** @param list<string> $list */
    #[DataProvider('lists')]
    public function testColoursTheRoundsThatItNames(array $list, string $yarns): void
    {
        foreach ([[...$list, ...self::ROUNDS], [...self::ROUNDS, ...$list]] as $lines) {
            $plan = Plans::of($lines);
            self::assertSame([], Problem::errors(Analysis::of($plan)->problems));
            self::assertSame($yarns, self::yarns($plan));
            $pasted = (new Paste('', implode("\n", $lines)))->apply(Usual::plan()->withPieces([]));
            self::assertCount(1, $pasted->pieces);
            self::assertSame($yarns, self::yarns($pasted));
            self::assertSame($lines, $pasted->pieces[0]->rounds);
        }
    }

    /** @return string the yarn that each round is worked in, by its first stitch */
    private static function yarns(Plan $plan): string
    {
        return implode('', array_map(static fn (string $letters): string => $letters[0], Analysis::of($plan)->pieces[0]->stages->colouring->rounds));
    }

    /** @param list<string> $lines */
    #[TestWith([['R1-9: B'], 'yarn.listBeyond'])]
    #[TestWith([['R9: B'], 'yarn.listBeyond'])]
    #[TestWith([['R1-3: A, R3-6: B'], 'yarn.listTwice'])]
    #[TestWith([['Stripe 2 rounds of each colour: A, B'], 'yarn.unreadLine'])]
    #[TestWith([['Stripe sequence: as you like, over rounds 2-6'], 'yarn.unreadLine'])]
    #[TestWith([['R1-3: teal, R4-6: B'], 'yarn.noName'])]
    public function testWhatCannotBeLaidIsTold(array $lines, string $code): void
    {
        self::assertContains($code, self::told([...$lines, ...self::ROUNDS]));
        self::assertContains($code, self::told([...self::ROUNDS, ...$lines]));
    }

    public function testARoundsOwnWordsGoBefore(): void
    {
        $lines = ['R1-2: A, R3-6: B', 'R1: 6 sc in MR', 'R2: inc x6', 'R3: with A, sc around', 'R4-6: sc around'];
        self::assertSame(['yarn.listOther'], self::told($lines));
        self::assertSame('AAAAAA', self::yarns(Plans::of($lines)));
    }

    public function testRoundsAlreadyWorkedAreNoSequence(): void
    {
        self::assertSame(['yarn.unreadLine'], self::told([...self::ROUNDS, '2 rounds A, 1 round B']));
        self::assertSame([], self::told([...self::ROUNDS, '# 2 rounds A, 1 round B']), 'What is said to be a remark is one.');
    }

    /** A round that stands between others, and names a yarn only, lacks its stitches. */
    public function testARoundWithoutStitchesIsNoList(): void
    {
        self::assertContains('head.missing', self::told(['R1: 6 sc in MR', 'R2: B', 'R3: sc around']));
    }

    #[TestWith(['Colour key: A = teal, B = cream'])]
    #[TestWith(['Colour table'])]
    #[TestWith(['Yarn A: 2 balls, yarn B: 1 ball'])]
    public function testOtherWordsOfColoursAreNoList(string $line): void
    {
        $reading = Analysis::of(Plans::of([$line, ...self::ROUNDS]))->pieces[0]->stages->reading;
        self::assertSame([$line], array_map(static fn (LineCue $cue): string => CueKind::Note === $cue->kind ? $cue->text : '', $reading->said));
        self::assertFalse($reading->namesYarns());
    }

    /**
     * A table's own column of yarns.
     *
     * @param list<string> $lines
     */
    #[TestWith([['1 | 6 sc in MR | 6 | A', '2 | inc x6 | 12 | A', '3 | sc around | 12 | B', '4 | sc around | 12 | A']])]
    #[TestWith([['| 1 | A | 6 sc in MR | 6 |', '| 2 | A | inc x6 | 12 |', '| 3 | B | sc around | 12 |', '| 4 | A | sc around | 12 |']])]
    #[TestWith([["1\tA\t6 sc in MR\t6", "2\tA\tinc x6\t12", "3\tB\tsc around\t12", "4\tA\tsc around\t12"]])]
    public function testAColumnOfYarnsIsRead(array $lines): void
    {
        self::assertSame([], self::told(['Rnd | Colour | Stitches | Total', ...$lines]));
        self::assertSame('AABA', self::yarns(Plans::of($lines)));
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string> codes of the mistakes
     */
    private static function told(array $lines): array
    {
        return array_map(static fn (Problem $problem): string => $problem->message->code, Problem::errors(Analysis::of(Plans::of($lines))->problems));
    }
}
