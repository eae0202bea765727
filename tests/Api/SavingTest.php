<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Repository\SavedPlans;
use Alternum\Server\Tests\ApiTestCase;
use Doctrine\DBAL\Connection;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\TestWith;
use Symfony\Component\Uid\Ulid;

/** Saving by operations: each is made once, a group is one version, and what is typed loses nothing. */
final class SavingTest extends ApiTestCase
{
    private const BALL = ['R1: 6 sc in MR', 'R2: inc x6', 'R3: (sc, inc) x6', 'R4-7: sc around', 'R8: (sc, dec) x6', 'R9: dec x6'];

    /** @return string the id of a plan with a ball, striped over rounds 4 to 7, with a face over rounds 5 and 6 */
    private function ball(): string
    {
        [, $plan] = $this->firstPlan();
        $plan['pieces'] = [[
            'key' => 'body', 'name' => 'Body', 'copies' => 1, 'worked' => 'spiral', 'rounds' => self::BALL, 'front' => ['degrees' => 180],
            'colours' => [['kind' => 'stripes', 'from' => 4, 'to' => 7, 'sequence' => [['yarn' => 'B', 'rounds' => 1], ['yarn' => 'A', 'rounds' => 1]]]],
            'changes' => ['method' => 'auto'], 'face' => ['from' => 5, 'to' => 6, 'degrees' => 90],
        ]];

        return self::string($this->ask('POST', '/api/plans', $plan), 'id');
    }

    /**
     * @param list<string> $rounds
     *
     * @return array<string, mixed>
     */
    private static function typed(array $rounds): array
    {
        return ['do' => 'retype', 'piece' => 'body', 'rounds' => $rounds];
    }

    /** A lost answer is no conflict: what comes again is answered as it was, and what is new is made on it. */
    public function testAnOperationThatComesAgainIsMadeOnce(): void
    {
        $id = $this->ball();
        $wider = self::operation(['do' => 'resize', 'piece' => 'body', 'wider' => 1, 'longer' => 0]);
        $first = $this->operations($id, 1, $wider);
        self::assertSame(2, $first['revision']);
        $again = $this->operations($id, 1, $wider);
        $this->assertStatus(200);
        self::assertSame([$first['plan'], $first['revision'], $first['results']], [$again['plan'], $again['revision'], $again['results']]);
        $more = $this->operations($id, 1, $wider, self::operation(self::set(['title'], 'On and on')));
        self::assertSame([2, 3], array_column((array) $more['results'], 'revision'));
        self::assertSame('On and on', self::at($more, 'plan', 'title'));
        $this->save($id, 3, self::set(['title'], 'Another window'));
        $this->operations($id, 1, $wider, self::operation(self::set(['title'], 'Late')));
        $this->assertStatus(412);
        self::assertSame('Another window', self::at($this->ask('GET', "/api/plans/{$id}"), 'plan', 'title'));
    }

    public function testARefusedOperationIsSetAsideAlone(): void
    {
        $id = $this->ball();
        $shorter = self::operation(['do' => 'resize', 'piece' => 'body', 'wider' => 0, 'longer' => -40]);
        $saved = $this->operations(
            $id,
            1,
            self::operation(self::set(['title'], 'Before')),
            $shorter,
            self::operation(['do' => 'nonsense']),
            self::operation(['do' => 'paint', 'piece' => 'body', 'rounds' => [1], 'yarn' => 'C']),
        );
        $this->assertStatus(200);
        self::assertSame(
            [null, true, true, null],
            array_map(static fn (mixed $why): ?bool => null === $why ? null : true, array_column((array) $saved['results'], 'refused')),
        );
        self::assertStringContainsString('no even rounds left', self::string($saved, 'results', 1, 'refused', 'detail'));
        self::assertSame(
            [3, 'Before', 'C6'],
            [$saved['revision'], self::at($saved, 'plan', 'title'), self::at($saved, 'analysis', 'pieces', 0, 'rounds', 0, 'runs')],
        );
        // It is refused again as it was, and changes nothing.
        self::assertEquals(self::at($saved, 'results', 1), self::at($this->operations($id, 2, $shorter), 'results', 0));
    }

    /** @return iterable<string, array{list<list<string>>}> what the lines are one after the other, as the maker types */
    public static function detours(): iterable
    {
        $with = static fn (string $line): array => [...\array_slice(self::BALL, 0, 3), $line, ...\array_slice(self::BALL, 4)];
        yield 'a range taken apart and put together' => [[$with('R4-'), $with('R4-9'), $with('R4-9: sc'), $with('R4-9: sc around')]];
        yield 'a line cleared and typed anew' => [[$with('R4-7:'), $with(''), $with('R'), $with('R4-7: s'), $with('R4-7: sc around')]];
        yield 'all cleared' => [[[], self::BALL]];
    }

    /**
     * Typing is worked out against the text at the beginning of its undo group, so that a detour loses no stripe and no face.
     *
     * @param list<list<string>> $texts
     */
    #[DataProvider('detours')]
    public function testADetourWhileTypingLosesNothing(array $texts): void
    {
        $id = $this->ball();
        $saved = [];
        foreach ($texts as $i => $rounds) {
            $saved = $this->operations($id, $i + 1, self::operation(self::typed($rounds), 'group-of-typing'));
            $this->assertStatus(200);
        }
        self::assertSame(['from' => 5, 'to' => 6], array_intersect_key((array) self::at($saved, 'plan', 'pieces', 0, 'face'), ['from' => 1, 'to' => 1]));
        self::assertSame(['from' => 4, 'to' => 7], array_intersect_key((array) self::at($saved, 'plan', 'pieces', 0, 'colours', 0), ['from' => 1, 'to' => 1]));
        self::assertSame(
            ['B18', 'A18', 'B18', 'A18'],
            array_map(static fn (int $i): mixed => self::at($saved, 'analysis', 'pieces', 0, 'rounds', $i, 'runs'), [3, 4, 5, 6]),
        );
    }

    /**
     * @param list<string> $lines
     *
     * @return array<string, mixed> seen of the lines
     */
    private static function lines(array $lines): array
    {
        return ['values' => [['at' => ['pieces', 'body', 'rounds'], 'value' => $lines]]];
    }

    /** What was typed before "wider" was answered is put into what it made, also where a page of an earlier version says so in its way. */
    #[TestWith([false])]
    #[TestWith([true])]
    public function testTypingIsRebasedOnWhatAnEditMade(bool $isEarlier): void
    {
        $id = $this->ball();
        $seen = self::BALL;
        $typed = [...\array_slice($seen, 0, 5), 'R9: dec x6 (6)', '# close it'];
        $saved = $this->operations(
            $id,
            1,
            self::operation(['do' => 'resize', 'piece' => 'body', 'wider' => 1, 'longer' => 0]),
            $isEarlier ? self::operation(self::typed($typed) + ['saw' => $seen]) : ['seen' => self::lines($seen)] + self::operation(self::typed($typed)),
        );
        $this->assertStatus(200);
        $rounds = (array) self::at($saved, 'plan', 'pieces', 0, 'rounds');
        self::assertContains('R4: (2 sc, inc) x6 (24)', $rounds);
        self::assertContains('# close it', $rounds);
        self::assertContains('R9: dec x6 (6)', $rounds, 'Hers stands where both changed a line.');
        self::assertCount(9, $rounds, 'Six lines, two shaping rounds more, and hers.');
    }

    /** The old terms and the old rounds were seen: it is done in the words, and on the round, that were meant; what cannot be read is named. */
    public function testWhatIsDoneIsDoneOnWhatWasSeen(): void
    {
        $id = $this->ball();
        $seen = (array) self::at($this->ask('GET', "/api/plans/{$id}"), 'plan', 'pieces', 0);
        $longer = [self::BALL[0], self::BALL[1], 'R3: sc around', 'R4: (sc, inc) x6', 'R5-8: sc around', 'R9: (sc, dec) x6', 'R10: dec x6'];
        $early = self::operation(self::set(['pieces', 'body', 'changes', 'at'], [['round' => 5, 'method' => 'early']]));
        $saved = $this->operations(
            $id,
            1,
            self::operation(['do' => 'words', 'terms' => 'uk']),
            ['seen' => ['terms' => 'us'] + self::lines(self::BALL)] + self::operation(self::typed($longer)),
            ['seen' => ['terms' => 'us', 'values' => [['at' => ['pieces', 'body'], 'value' => $seen]]]] + $early,
            ['seen' => ['terms' => 'fr']] + self::operation(self::set(['title'], 'Other')),
        );
        $this->assertStatus(200);
        $piece = (array) self::at($saved, 'plan', 'pieces', 0);
        self::assertSame('R3: dc around', self::at($piece, 'rounds', 2));
        self::assertSame('R4: (dc, inc) x6', self::at($piece, 'rounds', 3));
        self::assertSame(6, self::at($piece, 'changes', 'at', 0, 'round'));
        self::assertSame(6, self::at($piece, 'face', 'from'), 'What she typed moved the face, and what she set later left it there.');
        self::assertStringStartsWith('operations[3].seen.terms', self::string((array) self::at($saved, 'results', 3, 'refused', 'problems', 0), 'path'));
    }

    /** One version for each group, not for each letter; looked at, and taken back. */
    public function testTheHistory(): void
    {
        $id = $this->ball();
        foreach (['R10: 6 sc', 'R10: sc around', 'R10: sc around (6)'] as $i => $line) {
            $this->operations($id, $i + 1, self::operation(self::typed([...self::BALL, $line]), 'group-of-letters'));
        }
        $this->save($id, 4, ['do' => 'paint', 'piece' => 'body', 'rounds' => [1, 2], 'yarn' => 'C']);
        $versions = (array) $this->ask('GET', "/api/plans/{$id}/versions")['versions'];
        self::assertSame(
            [[5, 'Rounds 1–2 in C'], [4, 'Rounds typed'], [1, 'Begun']],
            array_map(static fn (mixed $version): array => [self::at((array) $version, 'number'), self::at((array) $version, 'says')], $versions),
        );
        $first = $this->ask('GET', "/api/plans/{$id}/versions/1");
        self::assertSame(self::BALL, self::at($first, 'plan', 'pieces', 0, 'rounds'));
        self::assertCount(9, (array) self::at($first, 'analysis', 'pieces', 0, 'rounds'));
        $back = $this->save($id, 5, ['do' => 'take', 'plan' => $first['plan'], 'says' => 'An earlier version taken back']);
        self::assertSame($first['plan'], $back['plan']);
        self::assertCount(4, (array) $this->ask('GET', "/api/plans/{$id}/versions")['versions']);
        $this->ask('GET', "/api/plans/{$id}/versions/3");
        $this->assertStatus(404);
        $anew = $this->ask('POST', '/api/plans', (string) json_encode($first['plan']));
        $this->assertStatus(201);
        self::assertNotSame($id, $anew['id']);
    }

    /** Work that was done offline comes in one message: what each of its groups began from is kept, in order, and nothing twice. */
    public function testTheGroupsOfOneMessageAreVersionsEach(): void
    {
        $id = $this->ball();
        $title = static fn (string $title, string $group): array => self::operation(self::set(['title'], $title), $group);
        $this->operations($id, 1, $title('One', 'group-one'));
        $this->operations(
            $id,
            2,
            $title('One again', 'group-one'),
            $title('Two', 'group-two'),
            $title('Two again', 'group-two'),
            $title('Three', 'group-three'),
        );
        $this->assertStatus(200);
        $numbers = array_column((array) $this->ask('GET', "/api/plans/{$id}/versions")['versions'], 'number');
        self::assertSame([6, 5, 3, 1], $numbers);
        self::assertSame(
            ['Two again', 'One again'],
            array_map(fn (int $number): mixed => self::at($this->ask('GET', "/api/plans/{$id}/versions/{$number}"), 'plan', 'title'), [5, 3]),
        );
    }

    /** Nobody holds a plan while it is worked out: who comes second, or after it was deleted, is told that it was written meanwhile. */
    public function testWhatWasReadBeforeAnotherWroteIsNotWritten(): void
    {
        $id = $this->ball();
        $plans = self::getContainer()->get(SavedPlans::class);
        $database = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(SavedPlans::class, $plans);
        self::assertInstanceOf(Connection::class, $database);
        $workshop = $database->fetchOne('SELECT workshop_id FROM saved_plan WHERE id = ?', [Ulid::fromString($id)->toBinary()]);
        self::assertIsString($workshop);
        $read = $plans->state(Ulid::fromBinary($workshop), $id);
        $late = $read->changed('Late', $read->body, 'group-late', 'Late', $read->savedAt);
        $this->save($id, 1, self::set(['title'], 'First'));
        self::assertFalse($plans->write(Ulid::fromString($id), [$late], null));
        self::assertFalse($plans->write(Ulid::fromString($id), [$late, $late], null));
        self::assertSame('First', self::at($this->ask('GET', "/api/plans/{$id}"), 'plan', 'title'));
        $now = $plans->state(Ulid::fromBinary($workshop), $id);
        $this->ask('DELETE', "/api/plans/{$id}");
        self::assertFalse($plans->write(Ulid::fromString($id), [$now->changed('Too late', $now->body, 'group-late', 'Late', $now->savedAt)], null));
    }

    /** Ownership comes before anything is worked out, even where the message is nonsense. */
    public function testAnotherWorkshopsPlanIsNotFound(): void
    {
        $id = $this->ball();
        $this->openWorkshop();
        $this->ask('POST', "/api/plans/{$id}/operations", 'nonsense');
        $this->assertStatus(404);
        $this->ask('GET', "/api/plans/{$id}/versions");
        $this->assertStatus(404);
    }

    /** What lies within a round is asked for when it is looked at; the steps, too, in each copy's yarns. */
    public function testWhatIsAskedForWhenItIsLookedAt(): void
    {
        $id = $this->ball();
        $saved = $this->save(
            $id,
            1,
            ['do' => 'stitches', 'piece' => 'body', 'cells' => [['round' => 3, 'from' => 5, 'to' => 6]], 'yarn' => 'C'],
            self::set(['pieces', 'body', 'copies'], [['name' => 'One'], ['name' => 'Two', 'yarns' => ['B' => 'C']], ['name' => 'Three']]),
        );
        self::assertSame([null, null], array_column((array) $saved['results'], 'refused'));
        $opened = $this->ask('GET', "/api/plans/{$id}");
        self::assertSame([['round' => 3, 'changes' => 2]], self::at($opened, 'analysis', 'pieces', 0, 'changesWithin'));
        $within = $this->ask('GET', "/api/plans/{$id}/changes?piece=body&round=3");
        self::assertCount(2, (array) $within['changes']);
        self::assertStringContainsString('within the round', self::string($within, 'changes', 0, 'summary'));
        $steps = $this->ask('GET', "/api/plans/{$id}/steps?piece=body");
        self::assertSame('body', $steps['piece']);
        $copies = (array) $steps['copies'];
        self::assertSame([['One', 'Three'], ['Two']], array_column($copies, 'names'));
        foreach (['with B ', 'with C '] as $group => $said) {
            $steps = $this->ask('GET', "/api/plans/{$id}/steps?piece=body&group={$group}");
            self::assertSame($group, $steps['group']);
            $texts = array_filter(array_column((array) $steps['steps'], 'text'), is_string(...));
            $fourth = array_filter($texts, static fn (string $text): bool => str_starts_with($text, 'R4'));
            self::assertStringContainsString($said, implode('', $fourth));
        }
        $this->ask('GET', "/api/plans/{$id}/steps?piece=nose");
        $this->assertStatus(404);
    }
}
