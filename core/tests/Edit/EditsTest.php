<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\LineBlock;
use Alternum\Core\Edit\LineDifference;
use Alternum\Core\Edit\Paint;
use Alternum\Core\Edit\Renumber;
use Alternum\Core\Edit\Retype;
use Alternum\Core\Edit\TurnFront;
use Alternum\Core\Plan\ChangeAt;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\Run;
use Alternum\Core\Plan\Layer\Stripe;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class EditsTest extends TestCase
{
    private const BALL = ['R1: 6 sc in MR', 'R2: inc x6', 'R3: (sc, inc) x6', 'R4-7: sc around', 'R8: (sc, dec) x6', 'R9: dec x6'];

    /** The yarn of every round, one letter each. */
    private static function letters(Plan $plan): string
    {
        return implode('', array_map(static fn (string $round): string => $round[0], Analysis::of($plan)->pieces[0]->stages->colouring->rounds));
    }

    /** @return iterable<string, array{list<string>, string}> the new lines, and the yarn of every round then */
    public static function retypings(): iterable
    {
        $b = self::BALL;
        // Before: AAA BBAA BB A, that is rounds 4–5 and 8 striped, by "4 to 8, two B and two A".
        yield 'nothing' => [$b, 'AAABBAABA'];
        yield 'a line put in before the stripes' => [[$b[0], $b[1], $b[2], 'R4: (2 sc, inc) x6', 'R5-8: sc around', 'R9: (2 sc, dec) x6', $b[5]], 'AAAABBAABA'];
        yield 'a line taken out before the stripes' => [[$b[0], $b[1], $b[3], $b[4], $b[5]], 'AABBAABA'];
        yield 'rounds put in before them' => [
            [$b[0], $b[1], $b[2], 'R4: sc around', 'R5: (2 sc, inc) x6', 'R6-9: sc around', 'R10: (2 sc, dec) x6', $b[5]],
            'AAAAABBAABA',
        ];
        yield 'a round put in among the stripes' => [
            [$b[0], $b[1], $b[2], 'R4-7: sc around', 'R8: (2 sc, inc) x6', 'R9: (3 sc, dec) x6', $b[4], $b[5]],
            'AAABBAAAABA',
        ];
        yield 'another spelling' => [['Rnd 1. 6 sc in MR', ...\array_slice($b, 1)], 'AAABBAABA'];
        yield 'a shorter range' => [[$b[0], $b[1], $b[2], 'R4-6: sc around', 'R7: (sc, dec) x6', 'R8: dec x6'], 'AAABBABA'];
        yield 'only numbers differ' => [['6 sc in MR', 'inc x6', '(sc, inc) x6', 'R4-7: sc around', '(sc, dec) x6', 'dec x6'], 'AAABBAABA'];
        yield 'all gone' => [[], ''];
    }

    /** @param list<string> $lines */
    #[DataProvider('retypings')]
    public function testColoursStayWithTheirRounds(array $lines, string $letters): void
    {
        $plan = Plans::of(self::BALL, [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(4, 8, [['B', 2], ['A', 2]])]);
        self::assertSame('AAABBAABA', self::letters($plan));
        $retyped = (new Retype('body', $lines))->apply($plan);
        self::assertSame($lines, $retyped->pieces[0]->rounds);
        self::assertSame($letters, self::letters($retyped));
    }

    public function testRunsAndChoicesMoveToo(): void
    {
        $plan = Plans::of(
            self::BALL,
            [['kind' => 'run', 'round' => 4, 'from' => 2, 'to' => 5, 'yarn' => 'B'], ['kind' => 'run', 'round' => 2, 'from' => 1, 'to' => 1, 'yarn' => 'B']],
            ['changes' => ['method' => 'auto', 'at' => [['round' => 7, 'method' => 'plain']]]],
        );
        $piece = (new Retype('body', [self::BALL[0], ...\array_slice(self::BALL, 2)]))->apply($plan)->pieces[0];
        self::assertEquals([new LayerEntry(new Run(3, 2, 5, 'B'))], $piece->colours);
        self::assertEquals([6 => new ChangeAt(Method::Plain)], $piece->changes->at);
    }

    /** A line typed letter by letter, wrong in between, keeps the colours. */
    public function testTypingLetterByLetterLosesNothing(): void
    {
        $plan = Plans::of(self::BALL, [Plans::stripes(4, 7, [['B', 4]])]);
        $lines = self::BALL;
        foreach (['R3: (sc, in', 'R3: (sc, inc', 'R3: (sc, inc) x', 'R3: ', 'R3: (sc, inc) x6 (18)'] as $typed) {
            $lines[2] = $typed;
            $plan = (new Retype('body', $lines))->apply($plan);
            self::assertSame('AAABBBBAA', self::letters($plan), $typed);
        }
        self::assertSame([], Analysis::of($plan)->problems);
    }

    public function testPaintsRoundsAndTakesOutWhatIsCovered(): void
    {
        $plan = Plans::of(
            self::BALL,
            [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(4, 5, [['B', 2]]), ['kind' => 'run', 'round' => 4, 'from' => 1, 'to' => 2, 'yarn' => 'B']],
        );
        $painted = Paint::rounds('body', [6, 4, 5, 9], 'B')->apply($plan);
        self::assertSame('AAABBBAAB', self::letters($painted));
        self::assertCount(3, $painted->pieces[0]->colours);
        $again = Paint::rounds('body', [7], 'B')->apply(Paint::rounds('body', [4, 5, 6], 'B')->apply($plan));
        self::assertSame('AAABBBBAA', self::letters($again));
        self::assertCount(2, $again->pieces[0]->colours, 'Neighbouring bands of one yarn are one band.');
    }

    public function testRepeatsAStripeSequence(): void
    {
        $plan = Plans::of(self::BALL);
        self::assertSame('AABBABBAA', self::letters(Paint::stripes('body', 3, 8, [new Stripe('B', 2), new Stripe('A', 1)])->apply($plan)));
        self::assertSame('AABBABBAA', self::letters(Paint::stripes('body', 8, 3, [new Stripe('B', 2), new Stripe('A', 1)])->apply($plan)));
    }

    #[TestWith([-30.0, 330.0])]
    #[TestWith([360.0, 0.0])]
    #[TestWith([725.5, 5.5])]
    public function testTurnsTheFront(float $degrees, float $front): void
    {
        self::assertSame($front, (new TurnFront('body', $degrees))->apply(Plans::of(self::BALL))->pieces[0]->frontDegrees);
    }

    public function testRenumbersHeadsOnly(): void
    {
        $plan = Plans::of(['R1: 6 sc in MR', '# growing', '  Rnd 4.  inc x6', 'sc around', 'R9-12: sc wobble', 'R20: sc around']);
        $renumbered = (new Renumber('body'))->apply($plan)->pieces[0]->rounds;
        self::assertSame(['R1: 6 sc in MR', '# growing', '  R2.  inc x6', 'sc around', 'R4-7: sc wobble', 'R8: sc around'], $renumbered);
    }

    public function testLineDifferenceCoversBothLists(): void
    {
        self::assertSame([[0, 1, 0, 1], [1, 1, 1, 2], [1, 2, 2, 3]], self::blocks(['a', 'b'], ['a', 'x', 'b']));
        self::assertSame([[0, 3, 0, 3]], self::blocks(['a', 'b', 'c'], ['x', 'y', 'z']));
        self::assertSame([[0, 1, 0, 0], [1, 2, 0, 1], [2, 3, 1, 3], [3, 4, 3, 4]], self::blocks(['p', 'b', 'q', 'd'], ['b', 'x', 'y', 'd']));
    }

    public function testAPieceThatIsNotThere(): void
    {
        foreach ([new Retype('tail', []), new TurnFront('tail', 0), new Renumber('tail'), Paint::rounds('tail', [1], 'A')] as $edit) {
            try {
                $edit->apply(Plans::of(self::BALL));
                self::fail('It must be refused.');
            } catch (EditRefused $refused) {
                self::assertSame('The plan has no piece “tail”.', MessageWords::says($refused->says));
            }
        }
    }

    /** @param array<string, mixed> $values */
    #[TestWith([['do' => 'retype', 'piece' => 'body', 'rounds' => ['6 sc in MR']], null])]
    #[TestWith([['do' => 'paint', 'piece' => 'body', 'rounds' => [2, 3], 'yarn' => 'B'], null])]
    #[TestWith([['do' => 'stripes', 'piece' => 'body', 'from' => 2, 'to' => 5, 'sequence' => [['yarn' => 'B', 'rounds' => 1]]], null])]
    #[TestWith([['do' => 'front', 'piece' => 'body', 'degrees' => 12.5], null])]
    #[TestWith([['do' => 'renumber', 'piece' => 'body'], null])]
    #[TestWith([['do' => 'melt', 'piece' => 'body'], 'edits[0].do'])]
    #[TestWith([['do' => 'paint', 'piece' => 'body', 'rounds' => [], 'yarn' => 'B'], 'edits[0].rounds'])]
    #[TestWith([['do' => 'paint', 'piece' => 'body', 'rounds' => [401], 'yarn' => 'B'], 'edits[0].rounds'])]
    #[TestWith([['do' => 'front', 'piece' => 'body', 'degrees' => 'north'], 'edits[0].degrees'])]
    #[TestWith([['do' => 'renumber', 'piece' => 'body', 'extra' => 1], 'edits[0].extra'])]
    public function testReadsEdits(array $values, ?string $path): void
    {
        try {
            $plan = EditKinds::read($values, 'edits[0]')->apply(Plans::of(self::BALL));
            self::assertNull($path);
            self::assertSame(['body'], array_column($plan->pieces, 'key'));
        } catch (InvalidFields $refusal) {
            self::assertSame($path, $refusal->problems[0]->path);
        }
    }

    /**
     * @param list<string> $old
     * @param list<string> $new
     *
     * @return list<array{int, int, int, int}>
     */
    private static function blocks(array $old, array $new): array
    {
        return array_map(static fn (LineBlock $b): array => [$b->oldFrom, $b->oldTo, $b->newFrom, $b->newTo], LineDifference::of($old, $new));
    }
}
