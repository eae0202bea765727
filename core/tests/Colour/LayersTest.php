<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Colour;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Renumber;
use Alternum\Core\Edit\Resize;
use Alternum\Core\Edit\Retype;
use Alternum\Core\Edit\TranslateTerms;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Layer\HandSet;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Layer\RoundGroup;
use Alternum\Core\Plan\Layer\WhichRounds;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** Layers that speak the trade, and where each of their stitches comes to lie. */
final class LayersTest extends TestCase
{
    private const BALL = ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', 'R5-9: sc around', '(2 sc, dec) x6', '(sc, dec) x6', 'dec x6'];
    private const TUBE = ['40 sc in MR', 'R2-20: sc around'];

    /**
     * @param list<string>         $lines
     * @param array<string, mixed> $layer
     * @param array<string, mixed> $piece
     */
    private static function piece(array $lines, array $layer, array $piece = []): PieceAnalysis
    {
        return Analysis::of(Plans::of($lines, [$layer], $piece))->pieces[0];
    }

    /**
     * By hand, on a ball of 12 rounds: 4 grow up to the widest (the fourth among them), 5 stay with it, 3 shrink.
     *
     * @param array<string, mixed> $where
     */
    #[TestWith([['part' => 'first', 'rounds' => 3], 'BBBAAAAAAAAA'])]
    #[TestWith([['part' => 'last', 'rounds' => 2], 'AAAAAAAAAABB'])]
    #[TestWith([['part' => 'growing'], 'BBBAAAAAAAAA'])]
    #[TestWith([['part' => 'even'], 'AAABBBBBBAAA'])]
    #[TestWith([['part' => 'shrinking'], 'AAAAAAAAABBB'])]
    #[TestWith([['part' => 'widest', 'offset' => 1, 'rounds' => 2], 'AAAAAAAAABBA'])]
    #[TestWith([['part' => 'widest', 'offset' => -1, 'rounds' => 1], 'AAAAAAABAAAA'])]
    #[TestWith([['part' => 'rounds', 'from' => 5, 'to' => 6], 'AAAABBAAAAAA'])]
    public function testBandsAreSaidByWhatTheyAre(array $where, string $letters): void
    {
        $rounds = self::piece(self::BALL, ['kind' => 'band', 'where' => $where, 'yarn' => 'B'])->stages->colouring->rounds;
        self::assertSame($letters, implode('', array_map(static fn (string $round): string => $round[0], $rounds)));
    }

    public function testAReachOfNothingIsEmpty(): void
    {
        self::assertTrue(WhichRounds::allThat(RoundGroup::Growing)->in([])->isEmpty());
        self::assertTrue(WhichRounds::allThat(RoundGroup::Shrinking)->in([6, 12, 12])->isEmpty());
    }

    /**
     * A bar of 12 rounds on a tube of 40 stitches with lean 0.5. Set by degrees it stays within half a stitch of upright; in counted
     * columns its end is 11 × 0.5 = 5.5 stitches off.
     */
    public function testABarStaysUpright(): void
    {
        $bar = static fn (bool $straight): array => ['kind' => 'motif', 'rows' => array_fill(0, 12, 'B'), 'round' => 4, 'straight' => $straight];
        foreach ([[true, 0.5], [false, 5.5]] as [$straight, $off]) {
            $plan = Plans::of(self::TUBE, [$bar($straight)], ['lean' => 0.5]);
            $piece = Analysis::of($plan)->pieces[0];
            $places = $piece->stages->frame;
            $away = [];
            for ($round = 4; $round < 16; ++$round) {
                $stitch = strpos($piece->stages->colouring->rounds[$round - 1], 'B');
                self::assertIsInt($stitch);
                $away[] = $places->fromFront($round, $stitch + 1) / 360 * 40;
            }
            if ($straight) {
                foreach ($away as $stitches) {
                    self::assertLessThanOrEqual($off + 1e-6, abs($stitches));
                }
            } else {
                self::assertEqualsWithDelta($off, abs($away[11] - $away[0]), 1e-6);
            }
        }
    }

    /** With increases and decreases the middle of a motif stays within one stitch of its place. */
    #[TestWith([0.0, 180.0])]
    #[TestWith([0.35, 180.0])]
    #[TestWith([0.6, 37.0])]
    #[TestWith([-0.4, 300.0])]
    public function testAMotifsMiddleStaysAtItsPlace(float $lean, float $front): void
    {
        $plan = Plans::of(
            self::BALL,
            [['kind' => 'motif', 'rows' => ['BBB', 'BBB', 'BBB', 'BBB', 'BBB', 'BBB', 'BBB', 'BBB'], 'round' => 3, 'fromFront' => 30]],
            ['lean' => $lean, 'front' => ['degrees' => $front]],
        );
        $piece = Analysis::of($plan)->pieces[0];
        $places = $piece->stages->frame;
        for ($round = 3; $round <= 10; ++$round) {
            $letters = $piece->stages->colouring->rounds[$round - 1];
            self::assertSame(3, substr_count($letters, 'B'));
            // The middle one of three neighbours, which may lie across the round's beginning.
            $doubled = strpos($letters.$letters, 'BBB');
            self::assertIsInt($doubled);
            $middle = ($doubled + 1) % \strlen($letters) + 1;
            self::assertLessThanOrEqual(360 / \strlen($letters), abs($places->fromFront($round, $middle) - 30), "round {$round}");
        }
    }

    /** By hand: half way up an oval of 90° of 40 stitches is 10 wide; it is symmetrical, and narrower at its ends. */
    public function testAPanelIsAnOval(): void
    {
        $rounds = self::piece(self::TUBE, ['kind' => 'panel', 'yarn' => 'B', 'from' => 5, 'to' => 13, 'degrees' => 90])->stages->colouring->rounds;
        $wide = array_map(static fn (string $round): int => substr_count($round, 'B'), $rounds);
        self::assertSame(10, $wide[8]);
        self::assertSame(\array_slice($wide, 4, 9), array_reverse(\array_slice($wide, 4, 9)));
        self::assertLessThan($wide[8], $wide[4]);
        self::assertSame([0, 0], [$wide[3], $wide[13]]);
    }

    /** An even spread: of 40 stitches in three rounds a quarter, a half, three quarters; gaps differ by one stitch at the most. */
    public function testABlendMixesEvenly(): void
    {
        $rounds = self::piece(self::TUBE, ['kind' => 'blend', 'yarn' => 'B', 'from' => 6, 'to' => 8])->stages->colouring->rounds;
        self::assertSame([10, 20, 30], array_map(static fn (string $round): int => substr_count($round, 'B'), \array_slice($rounds, 5, 3)));
        $gaps = array_map(strlen(...), \array_slice(explode('B', $rounds[5]), 1, -1));
        self::assertSame([3], array_values(array_unique($gaps)));
        self::assertSame(0, substr_count($rounds[4].$rounds[8], 'B'));
    }

    public function testStitchesSetByHandAndHiddenLayers(): void
    {
        $hand = ['kind' => 'hand', 'rounds' => ['6' => '..BB', '7' => 'B']];
        $rounds = self::piece(self::BALL, $hand)->stages->colouring->rounds;
        self::assertSame(['AABBAAAAAAAAAAAAAAAAAAAA', 'BAAAAAAAAAAAAAAAAAAAAAAA'], \array_slice($rounds, 5, 2));
        self::assertSame(0, substr_count(implode('', self::piece(self::BALL, $hand + ['hidden' => true])->stages->colouring->rounds), 'B'));
        $painted = (new HandSet([]))->painted(3, 11, 2, 'B', 12)->painted(3, 12, 12, Motif::CLEAR, 12);
        self::assertSame([3 => 'BB........B'], $painted->rounds);
        self::assertSame([], (new HandSet([]))->painted(3, 1, 1, 'B', 12)->painted(3, 1, 1, Motif::CLEAR, 12)->rounds);
    }

    /** Every other row is worked back, so a motif's columns come the other way round in them: it stands upright all the same. */
    public function testAMotifOnRowsStandsUpright(): void
    {
        $rounds = self::piece(
            ['ch 11', 'R2-8: 11 sc'],
            ['kind' => 'motif', 'rows' => ['B..', 'B..', 'B..'], 'round' => 3],
            ['worked' => 'rows'],
        )->stages->colouring->rounds;
        self::assertSame(strpos($rounds[2], 'B'), 10 - (int) strpos($rounds[3], 'B'));
        self::assertSame($rounds[2], $rounds[4]);
        // Three cells on fourteen stitches have no middle of their own: they take the same columns all the same.
        $even = self::piece(
            ['ch 14', 'R2-8: 14 sc'],
            ['kind' => 'motif', 'rows' => ['BBB', 'BBB'], 'round' => 3],
            ['worked' => 'rows'],
        )->stages->colouring->rounds;
        self::assertSame($even[2], strrev($even[3]));
    }

    /** @return iterable<string, array{array<string, mixed>}> one of each kind */
    public static function layers(): iterable
    {
        yield 'band' => [['kind' => 'band', 'where' => ['part' => 'widest', 'offset' => 1, 'rounds' => 2], 'yarn' => 'B', 'name' => 'Belt', 'hidden' => true]];
        yield 'band of rounds' => [['kind' => 'band', 'where' => ['part' => 'rounds', 'from' => 6, 'to' => 7], 'yarn' => 'B']];
        yield 'spots' => [
            [
                'kind' => 'spots', 'yarn' => 'B', 'from' => 5, 'to' => 8, 'step' => 3, 'count' => 5, 'wide' => 2, 'tall' => 1,
                'staggered' => true, 'fromFront' => -12.5,
            ],
        ];
        yield 'spots by stitches' => [
            [
                'kind' => 'spots', 'yarn' => 'B', 'from' => 5, 'to' => 5, 'step' => 1, 'every' => 4, 'wide' => 1, 'tall' => 1,
                'staggered' => false, 'fromFront' => 0,
            ],
        ];
        yield 'motif' => [['kind' => 'motif', 'rows' => ['.B.', 'BAB'], 'round' => 6, 'fromFront' => 10, 'straight' => true]];
        yield 'panel' => [['kind' => 'panel', 'yarn' => 'B', 'from' => 5, 'to' => 8, 'degrees' => 80, 'fromFront' => 0]];
        yield 'blend' => [['kind' => 'blend', 'yarn' => 'B', 'from' => 5, 'to' => 7]];
        yield 'helix' => [['kind' => 'helix', 'from' => 3, 'to' => 7, 'yarns' => ['B', 'A']]];
        yield 'hand' => [['kind' => 'hand', 'rounds' => ['6' => '..BB', '7' => 'B.A']]];
    }

    /**
     * Each kind survives saving, other words, lines put in and other sizes, and a round's runs always sum to its count.
     *
     * @param array<string, mixed> $layer
     */
    #[DataProvider('layers')]
    public function testEveryKindSurvives(array $layer): void
    {
        $plan = Plans::of(self::BALL, [$layer]);
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
        $changes = [
            $plan,
            (new TranslateTerms(Terms::Uk))->apply($plan),
            (new Retype('body', ['# a remark', ...self::BALL]))->apply($plan),
            (new Renumber('body'))->apply((new Retype('body', [...\array_slice(self::BALL, 0, 4), 'sc around', ...\array_slice(self::BALL, 4)]))->apply($plan)),
            (new Resize('body', 2, 0))->apply($plan),
            (new Resize('body', 0, 5))->apply($plan),
            (new Resize('body', -1, 1))->apply($plan),
        ];
        $bs = static fn (Plan $plan): int => substr_count(implode('', Analysis::of($plan)->pieces[0]->stages->colouring->rounds), 'B');
        foreach ($changes as $i => $changed) {
            $analysis = Analysis::of($changed);
            self::assertSame([], $analysis->problems, "change {$i}");
            self::assertCount(1, $changed->pieces[0]->colours);
            foreach ($analysis->pieces[0]->stages->reading->rounds as $n => $round) {
                self::assertSame($round->makes, \strlen($analysis->pieces[0]->stages->colouring->rounds[$n]));
            }
            if (!isset($layer['hidden'])) {
                self::assertGreaterThan(0, $bs($changed), "change {$i}");
            }
        }
        if (\in_array($layer['kind'], ['motif', 'hand'], true)) {
            self::assertSame($bs($plan), $bs($changes[4]), 'A picture keeps its stitches in another size.');
        }
        self::assertSame(
            [$layer['name'] ?? '', $layer['hidden'] ?? false],
            [$changes[4]->pieces[0]->colours[0]->name, $changes[4]->pieces[0]->colours[0]->isHidden],
        );
    }

    /** A round typed in above a motif moves it along with the lines that it is on. */
    public function testAMotifGoesWithItsLines(): void
    {
        $plan = Plans::of(self::BALL, [['kind' => 'motif', 'rows' => ['BB', 'BB'], 'round' => 10]]);
        $longer = (new Retype('body', [...\array_slice(self::BALL, 0, 4), 'R5-11: sc around', ...\array_slice(self::BALL, 5)]))->apply($plan);
        $layer = $longer->pieces[0]->colours[0]->layer;
        self::assertInstanceOf(Motif::class, $layer);
        self::assertSame(12, $layer->round);
    }

    /**
     * @param array<string, mixed> $layer
     */
    #[TestWith([['kind' => 'motif', 'rows' => ['B', 'B', 'B'], 'round' => 11], 'colours[0].round', 'needs rounds 11 to 13'])]
    #[TestWith([['kind' => 'motif', 'rows' => ['BBBBBBBB'], 'round' => 1], 'colours[0]', '8 stitches wide, but round 1 has 6'])]
    #[TestWith([['kind' => 'motif', 'rows' => ['Q'], 'round' => 1], 'colours[0].rows[0]', 'no yarn Q'])]
    #[TestWith([['kind' => 'panel', 'yarn' => 'B', 'from' => 9, 'to' => 4, 'degrees' => 90], 'colours[0].to', 'runs backwards'])]
    #[TestWith([['kind' => 'blend', 'yarn' => 'B', 'from' => 9, 'to' => 40], 'colours[0].to', 'goes to round 40'])]
    #[TestWith([['kind' => 'helix', 'yarns' => ['B', 'A'], 'from' => 9, 'to' => 40], 'colours[0].to', 'goes to round 40'])]
    #[TestWith([['kind' => 'helix', 'yarns' => ['B', 'B'], 'from' => 3, 'to' => 5], 'colours[0].yarns', 'twice'])]
    #[TestWith([['kind' => 'spots', 'yarn' => 'B', 'from' => 9, 'to' => 40, 'count' => 2], 'colours[0].to', 'These spots go to round 40'])]
    #[TestWith([['kind' => 'hand', 'rounds' => ['1' => '.......B']], 'colours[0].rounds', 'Stitch 8 of round 1'])]
    #[TestWith([['kind' => 'hand', 'rounds' => ['99' => 'B']], 'colours[0].rounds', 'does not have'])]
    #[TestWith([['kind' => 'band', 'where' => ['part' => 'rounds', 'from' => 30, 'to' => 31], 'yarn' => 'B'], 'colours[0]', 'does not have'])]
    public function testSaysWhatDoesNotFit(array $layer, string $path, string $message): void
    {
        $problems = Analysis::of(Plans::of(self::BALL, [$layer]))->problems;
        self::assertCount(1, $problems);
        self::assertSame("pieces[0].{$path}", $problems[0]->path);
        self::assertStringContainsString($message, MessageWords::says($problems[0]->message));
    }
}
