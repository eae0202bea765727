<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\PieceDependence;
use Alternum\Core\Exchange\PlanAnswer;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\ShelfSummary;
use Alternum\Core\Notation\Remembered;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Notation\WrittenMemory;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** What is remembered of a plan's pieces is what the whole analysis says of them, whatever was done in between. */
final class PlanAnswerTest extends TestCase
{
    protected function setUp(): void
    {
        Remembered::by(new WrittenMemory());
    }

    protected function tearDown(): void
    {
        Remembered::by(null);
    }

    private static function assertIsWholeAnswer(Plan $plan, string $inHand, string $says): void
    {
        $answer = PlanAnswer::of($plan, $inHand);
        $analysis = Analysis::of($plan);
        $whole = Json::decode(Json::encode(AnalysisWriter::values($analysis)), 'an analysis');
        $told = Json::decode($answer->json($inHand), 'an analysis');
        self::assertIsArray($whole);
        self::assertIsArray($told);
        self::assertIsArray($whole['pieces']);
        self::assertIsArray($told['pieces']);
        $byKey = array_column($whole['pieces'], null, 'key');
        foreach ($told['pieces'] as $piece) {
            self::assertIsArray($piece);
            self::assertIsString($piece['key']);
            self::assertEquals($byKey[$piece['key']], $piece, $says);
        }
        unset($whole['pieces'], $told['pieces']);
        self::assertEquals($whole, $told, $says);
        self::assertEquals(ShelfSummary::values($analysis), $answer->onShelf(), $says);
    }

    /** Edits of all kinds by chance, from one seed, on plans whose pieces stand alone and begin on one another; the piece in hand is another each time. */
    public function testItIsTheAnswerOfTheWholeAnalysis(): void
    {
        mt_srand(24);
        foreach (Plans::demoFiles() as $file) {
            $plan = PlanReader::json((string) file_get_contents($file));
            for ($i = 0; $i < 40; ++$i) {
                $piece = $plan->pieces[mt_rand(0, \count($plan->pieces) - 1)];
                $edit = self::edit($plan, $piece->key);
                try {
                    $plan = EditKinds::read($edit, '')->apply($plan);
                } catch (EditRefused|InvalidFields) {
                    continue;
                }
                self::assertIsWholeAnswer($plan, 0 === $i % 3 ? 'none of them' : $piece->key, basename($file).' '.json_encode($edit));
            }
        }
    }

    /** @return array<string, mixed> */
    private static function edit(Plan $plan, string $piece): array
    {
        $own = $plan->piece($piece);
        $lines = $own->rounds ?? [];
        $line = mt_rand(0, max(0, \count($lines) - 1));
        $yarn = $plan->yarns[mt_rand(0, \count($plan->yarns) - 1)]->key;
        $set = static fn (array $at, mixed $value): array => ['do' => 'set', 'values' => [['at' => $at, 'value' => $value]]];

        return [
            ['do' => 'paint', 'piece' => $piece, 'rounds' => [mt_rand(1, 8)], 'yarn' => $yarn],
            ['do' => 'resize', 'piece' => $piece, 'wider' => 0, 'longer' => mt_rand(-1, 2)],
            ['do' => 'retype', 'piece' => $piece, 'rounds' => [...\array_slice($lines, 0, $line), 'sc around', ...\array_slice($lines, $line)]],
            ['do' => 'retype', 'piece' => $piece, 'rounds' => [...\array_slice($lines, 0, $line), ...\array_slice($lines, $line + 1)]],
            ['do' => 'front', 'piece' => $piece, 'degrees' => mt_rand(0, 359)],
            $set(['title'], 'Title '.mt_rand()),
            $set(['gauge', 'stitchesPer10cm'], mt_rand(18, 26)),
            $set(['yarns', $yarn, 'hex'], \sprintf('#%06X', mt_rand(0, 0xFFFFFF))),
            $set(['pieces', $piece, 'name'], 'Name '.mt_rand(0, 99)),
            $set(['pieces', $piece, 'copies'], mt_rand(1, 3)),
            $set(['pieces', $piece, 'changes', 'method'], ['auto', 'plain', 'slip-stitch', 'drawn-loop'][mt_rand(0, 3)]),
            ['do' => 'copy', 'piece' => $piece, 'key' => 'copy-'.mt_rand(0, 999), 'name' => 'Copy'],
            ['do' => 'words', 'terms' => 'us' === $plan->terms->value ? 'uk' : 'us'],
        ][mt_rand(0, 12)];
    }

    /** Pieces of 300 rounds: beside the one in hand there is room for one, and another comes when another is in hand. */
    public function testWhatThereWasNoRoomForIsToldWhenItIsInHand(): void
    {
        $lines = ['6 sc in MR', 'R2-300: sc around'];
        $plan = Plans::of([], plan: ['pieces' => array_map(static fn (string $key): array => Plans::piece($key, $lines), ['one', 'two', 'three'])]);
        foreach (['one' => ['one', 'two'], 'three' => ['one', 'three'], 'two' => ['one', 'two']] as $inHand => $told) {
            self::assertIsWholeAnswer($plan, $inHand, $inHand);
            $values = Json::decode(PlanAnswer::of($plan, $inHand)->json($inHand), 'an analysis');
            self::assertIsArray($values);
            self::assertIsArray($values['pieces']);
            self::assertSame($told, array_column($values['pieces'], 'key'));
        }
    }

    /** A leg, a body on two of it, a hat: what is done to the hat leaves the others remembered, and what is done to the leg the hat. */
    public function testItIsRememberedByWhatItDependsOn(): void
    {
        $plan = static fn (string $leg, string $hat, string $title = 'Trial'): Plan => Plans::of([], plan: ['title' => $title, 'pieces' => [
            Plans::piece('leg', ['6 sc in MR', $leg], ['copies' => 2]),
            Plans::piece('body', ['sc around'], ['start' => ['join' => 'bridge', 'pieces' => ['leg', 'leg'], 'across' => 2]]),
            Plans::piece('hat', ['6 sc in MR', $hat]),
        ]]);
        $keys = PieceDependence::keys($plan('inc x6', 'inc x6'));
        self::assertSame(array_diff_key($keys, ['hat' => 1]), array_diff_key(PieceDependence::keys($plan('inc x6', 'sc around')), ['hat' => 1]));
        self::assertNotSame($keys['hat'], PieceDependence::keys($plan('inc x6', 'sc around'))['hat']);
        $other = PieceDependence::keys($plan('sc around', 'inc x6'));
        self::assertSame($keys['hat'], $other['hat']);
        self::assertNotSame($keys['leg'], $other['leg']);
        self::assertNotSame($keys['body'], $other['body'], 'It begins on what was changed.');
        self::assertSame($keys, PieceDependence::keys($plan('inc x6', 'inc x6', 'Another title')));
    }

    /** What puts a piece on another is said of those two alone: moving it leaves what is remembered of the others. */
    public function testAJointIsOfTheTwoPiecesThatItJoins(): void
    {
        $plan = static fn (int $round): Plan => Plans::of([], [], [], [
            'pieces' => array_map(static fn (string $key): array => Plans::piece($key, ['6 sc in MR', 'inc x6', 'R3-6: sc around']), ['body', 'ear', 'tail']),
            'assembly' => [['key' => 'j1', 'part' => 'ear', 'onto' => 'body', 'at' => ['anchor' => 'round', 'number' => $round]]],
        ]);
        [$keys, $moved] = [PieceDependence::keys($plan(2)), PieceDependence::keys($plan(3))];
        self::assertSame($keys['tail'], $moved['tail']);
        self::assertNotSame($keys['body'], $moved['body']);
        self::assertNotSame($keys['ear'], $moved['ear']);
    }
}
