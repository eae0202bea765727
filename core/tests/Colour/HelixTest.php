<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Colour;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\HelixCosts;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\Helix;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\LayerKinds;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Tests\WrittenSteps;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Several yarns in one spiral: each climbs as many rounds in a turn as there are yarns. Common practice, no source. */
final class HelixTest extends TestCase
{
    private const YARNS = 'ABCDEF';

    /**
     * @param list<string>         $rounds
     * @param array<string, mixed> $piece
     */
    private static function plan(array $rounds, int $from, int $to, int $yarns, array $piece = []): Plan
    {
        $named = array_map(static fn (string $key): array => [
            'key' => $key, 'name' => "Yarn {$key}", 'hex' => '#808080', 'weight' => 'dk', 'metresPer100g' => 250,
        ], str_split(self::YARNS));

        return Plans::of(
            $rounds,
            [['kind' => 'fill', 'yarn' => 'F'], ['kind' => 'helix', 'from' => $from, 'to' => $to, 'yarns' => str_split(substr(self::YARNS, 0, $yarns))]],
            $piece,
            ['yarns' => $named],
        );
    }

    private static function piece(Plan $plan): PieceAnalysis
    {
        return Analysis::of($plan)->pieces[0];
    }

    /** Three yarns on a tube of twelve, by hand: each section of four goes on in the next section, one round higher. */
    public function testLiesAsWorkedByHand(): void
    {
        $rounds = self::piece(self::plan(['12 sc in MR', 'R2-6: sc around'], 2, 5, 3))->stages->colouring->rounds;
        self::assertSame(['FFFFFFFFFFFF', 'AAAABBBBCCCC', 'CCCCAAAABBBB', 'BBBBCCCCAAAA', 'AAAABBBBCCCC', 'FFFFFFFFFFFF'], $rounds);
    }

    /** In a round that grows, a loop waits over the stitch where it was left: (sc, inc) x6 on twelve makes eighteen, nine over six. */
    public function testLoopsWaitWhereTheyWereLeft(): void
    {
        $piece = self::piece(self::plan(['6 sc in MR', 'inc x6', '(sc, inc) x6', '(dec, 2 sc) x4, dec'], 1, 4, 2));
        self::assertSame(
            ['AAABBB', 'BBBBBBAAAAAA', 'AAAAAAAAABBBBBBBBB', 'BBBBBBBAAAAAA'],
            $piece->stages->colouring->rounds,
            'The loop after nine lies amid a decrease, which is worked before it.',
        );
    }

    /** @return iterable<string, array{Plan, int, int, int}> */
    public static function pieces(): iterable
    {
        mt_srand(20261126);
        for ($try = 0; $try < 60; ++$try) {
            $lines = Plans::ball(mt_rand(3, 7));
            $yarns = mt_rand(2, 6);
            $from = mt_rand(1, 5);
            $to = mt_rand($from + 2, \count($lines) - 1);
            yield "{$yarns} yarns, try {$try}" => [self::plan($lines, $from, $to, $yarns, ['lean' => mt_rand(-6, 6) / 10]), $from, $to, $yarns];
        }
    }

    /** The yarns lie in turn at every place, none meets another at a round's end, and each has as many stitches but for a round at most. */
    #[DataProvider('pieces')]
    public function testTheYarnsGoOnSmoothlyInTurn(Plan $plan, int $from, int $to, int $yarns): void
    {
        $piece = self::piece($plan);
        $colours = $piece->stages->colouring->rounds;
        for ($round = $from; $round < $to; ++$round) {
            self::assertSame($colours[$round - 1][-1], $colours[$round][0], "The yarn goes on past the end of round {$round}.");
            $turn = static fn (string $letter): int => (int) strpos(self::YARNS, $letter);
            $next = '';
            foreach (str_split($colours[$round - 1]) as $letter) {
                $next .= self::YARNS[($turn($letter) + $yarns - 1) % $yarns];
            }
            self::assertSame(self::order($next), self::order($colours[$round]), "Round {$round} has above each yarn the one that follows it.");
        }
        $made = array_values(count_chars(implode('', \array_slice($colours, $from - 1, $to - $from + 1)), 1));
        sort($made);
        self::assertLessThanOrEqual(\strlen($colours[\count($colours) >> 1]), $made[\count($made) - 1] - $made[0]);
        $within = array_filter($piece->changes->all, static fn (Change $change): bool => null !== $change->yarns->helix);
        self::assertSame([], array_filter($within, static fn (Change $change): bool => $change->place->isAtEnd || $change->place->isJog));
        foreach ($within as $change) {
            self::assertSame($change->place->round < $to, OldYarn::Wait === $change->yarns->old, "round {$change->place->round}");
        }
    }

    /** Four yarns have eight ends, however many rounds there are: no end at a change. Nothing passes inside. */
    public function testHasTwoEndsForEachYarn(): void
    {
        foreach ([8, 30] as $rounds) {
            $plan = self::plan(['24 sc in MR', "R2-{$rounds}: sc around"], 1, $rounds, 4);
            $analysis = Analysis::of($plan);
            self::assertSame(8, $analysis->lengths[0]->ends());
            self::assertSame([[], []], [$analysis->lengths[0]->carries, $analysis->lengths[0]->floats]);
        }
    }

    /** Cut at each of nineteen changes, stripes of one round have two ends there and two more; in the spiral two yarns have four. */
    public function testIsComparedWithStripes(): void
    {
        $plan = Plans::of(['24 sc in MR', 'R2-20: sc around']);
        $costs = HelixCosts::of($plan, $plan->pieces[0], new Helix(1, 20, ['A', 'B']));
        self::assertSame([4, 40, 4], [$costs->helix->ends, $costs->cut->ends, $costs->carried->ends]);
        self::assertSame([0, 19, 19], [$costs->helix->jogs, $costs->cut->jogs, $costs->carried->jogs]);
        self::assertGreaterThan($costs->carried->mm, $costs->cut->mm);
        self::assertGreaterThan($costs->helix->mm, $costs->carried->mm);
    }

    public function testSaysHowItIsBegunHowItGoesOnAndHowItEnds(): void
    {
        $plan = self::plan(['12 sc in MR', 'R2-8: sc around'], 2, 7, 2);
        $told = WrittenSteps::told($plan, 'change');
        self::assertSame([1, 2, 3, 7], array_keys($told), 'Once where they begin, once where they go on, and where they end.');
        self::assertStringContainsString(
            'In round 2, at stitch 6: put A’s loop on a marker, where it waits. Begin B in the next stitch, with a sl st',
            $told[2][0],
        );
        self::assertStringContainsString('In round 3, at stitch 6: stop at A’s loop. Put B’s loop on a marker, pick up A where it waits', $told[3][0]);
        self::assertStringContainsString('In round 7, at stitch 6: end B at A’s loop with a sl st in place of its last stitch', $told[7][0]);
        self::assertStringContainsString('Rnd 4: with A: 6 sc; with B: 6 sc. [12]', WrittenPattern::text(Analysis::of($plan), Terms::Us));
    }

    /** A picture over it takes its stitches; where a yarn is covered, it does not wait there. */
    public function testWhatIsCoveredDoesNotWait(): void
    {
        $plan = self::plan(['12 sc in MR', 'R2-8: sc around'], 2, 7, 2);
        $values = Plans::values(['12 sc in MR', 'R2-8: sc around'], [
            ['kind' => 'helix', 'from' => 2, 'to' => 7, 'yarns' => ['A', 'B']],
            ['kind' => 'run', 'round' => 5, 'from' => 5, 'to' => 8, 'yarn' => 'A'],
        ]);
        self::assertCount(6, array_filter(self::piece($plan)->changes->all, static fn (Change $change): bool => null !== $change->yarns->helix));
        $covered = self::piece(PlanReader::values($values))->changes->all;
        self::assertSame([], array_filter($covered, static fn (Change $change): bool => 5 === $change->place->round && null !== $change->yarns->helix));
    }

    /** @param string $letters of a round */
    private static function order(string $letters): string
    {
        return (string) preg_replace('/(.)\1+/', '$1', $letters);
    }

    /** The written pattern brings it back as what it is, with its loops; and not where something lies over it. */
    public function testComesBackFromTheWrittenPattern(): void
    {
        $plan = self::plan(['12 sc in MR', 'R2-8: sc around'], 2, 7, 2);
        $text = WrittenPattern::text(Analysis::of($plan), Terms::Us);
        self::assertStringContainsString('Note: spiral stripes of A and B, rounds 2 to 7.', $text);
        $pasted = (new Paste('', $text))->apply($plan->withPieces([]));
        self::assertSame(self::piece($plan)->stages->colouring->rounds, self::piece($pasted)->stages->colouring->rounds);
        $layers = array_map(static fn (LayerEntry $entry): array => $entry->values(), $pasted->pieces[0]->colours);
        self::assertContains(['kind' => 'helix', 'from' => 2, 'to' => 7, 'yarns' => ['A', 'B']], $layers);
        $where = static fn (Plan $plan): array => array_map(
            static fn (Change $change): array => [
                $change->place->round, $change->place->stitch, $change->yarns->from, $change->yarns->to, $change->yarns->helix,
            ],
            self::piece($plan)->changes->all,
        );
        self::assertSame($where($plan), $where($pasted));
        $run = ['kind' => 'run', 'round' => 4, 'from' => 1, 'to' => 9, 'yarn' => 'B'];
        $over = $plan->withPiece($plan->pieces[0]->withColours([...$plan->pieces[0]->colours, LayerKinds::read(Fields::of($run))]));
        $again = (new Paste('', WrittenPattern::text(Analysis::of($over), Terms::Us)))->apply($plan->withPieces([]));
        self::assertSame(self::piece($over)->stages->colouring->rounds, self::piece($again)->stages->colouring->rounds);
    }
}
