<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Core\Exchange\JournalFile;
use Alternum\Server\Tests\ApiTestCase;

/** Toys that are being made, and their journals. */
final class MakingTest extends ApiTestCase
{
    private const FIRST = '01KBC0000000000000000000A1';
    private const SECOND = '01KBC0000000000000000000A2';

    public function testAToyIsBegunAndEachOfItsPiecesHasItsStops(): void
    {
        [$plan] = $this->firstPlan();
        $making = $this->ask('POST', "/api/plans/{$plan}/makings");
        $this->assertStatus(201);
        self::assertSame([], $making['events']);
        $tasks = self::at($making, 'toy', 'tasks');
        self::assertIsArray($tasks);
        foreach ($tasks as $task) {
            self::assertIsArray($task);
            if (\is_string($task['piece'] ?? null)) {
                $guide = $this->ask('GET', '/api/makings/'.self::string($making, 'id')."/guides/{$task['piece']}");
                $this->assertStatus(200);
                self::assertSame(1, self::at($guide, 'stops', 0, 'round'));
            }
        }
        self::assertSame(
            self::string($making, 'id'),
            self::string($this->ask('GET', "/api/plans/{$plan}/makings"), 'makings', 0, 'id'),
        );
    }

    public function testItIsMadeFromThePlanAsItWasWhenItWasBegun(): void
    {
        [$plan, $values] = $this->firstPlan();
        $making = $this->ask('POST', "/api/plans/{$plan}/makings");
        $revision = self::at($making, 'planRevision');
        self::assertIsInt($revision);
        $this->save($plan, $revision, self::set(['title'], 'Another name'));
        $again = $this->ask('GET', '/api/makings/'.self::string($making, 'id'));
        self::assertSame($values['title'], self::at($again, 'toy', 'title'));
        self::assertSame([$revision, $revision + 1], [$again['revision'], $again['planRevision']]);
    }

    public function testAnEventIsKeptOnceHoweverOftenItComes(): void
    {
        $id = $this->begun();
        $worked = $this->worked(self::FIRST, 1, 1, 6);
        $this->ask('POST', "/api/makings/{$id}/events", ['events' => [$worked]]);
        $this->assertStatus(200);
        $answer = $this->ask('POST', "/api/makings/{$id}/events", ['events' => [$worked, $this->worked(self::SECOND, 2, 2, 12), $worked]]);
        self::assertSame(2, $answer['next']);
        self::assertSame([$worked, $this->worked(self::SECOND, 2, 2, 12)], $answer['events']);
        $since = $this->ask('GET', "/api/makings/{$id}/events?since=1");
        self::assertSame([$this->worked(self::SECOND, 2, 2, 12)], $since['events']);
        self::assertSame(18, self::at($this->ask('GET', '/api/makings'), 'makings', 0, 'worked'));
    }

    public function testWhatIsNoEventIsRefusedWithItsPlace(): void
    {
        $id = $this->begun();
        $answer = $this->ask('POST', "/api/makings/{$id}/events", ['events' => [['stitch' => -3] + $this->worked(self::FIRST, 1, 1, 6)]]);
        $this->assertStatus(422);
        self::assertSame('events[0].stitch', self::string($answer, 'problems', 0, 'path'));
        self::assertSame([], $this->ask('GET', "/api/makings/{$id}/events")['events']);
    }

    public function testTheJournalIsAFileThatIsReadBack(): void
    {
        $id = $this->begun();
        $this->ask('POST', "/api/makings/{$id}/events", ['events' => [$this->worked(self::SECOND, 2, 2, 12), $this->worked(self::FIRST, 1, 1, 6)]]);
        $this->ask('GET', "/api/makings/{$id}/journal");
        $this->assertStatus(200);
        $journal = JournalFile::read((string) $this->response()->getContent());
        self::assertSame([self::FIRST, self::SECOND], array_column($journal->events, 'id'));
    }

    /** The plan is changed at the desk: what is otherwise is told, and followed from where the maker says. */
    public function testAPlanThatIsChangedMeanwhileIsFollowedWhereTheMakerSays(): void
    {
        [$plan, $values] = $this->firstPlan();
        $piece = self::string($values, 'pieces', 0, 'key');
        $making = $this->ask('POST', "/api/plans/{$plan}/makings");
        [$id, $revision] = [self::string($making, 'id'), self::at($making, 'revision')];
        self::assertIsInt($revision);
        self::assertSame([], $this->ask('GET', "/api/makings/{$id}/difference")['says']);
        $rounds = self::at($values, 'pieces', 0, 'rounds');
        self::assertIsArray($rounds);
        $this->save($plan, $revision, self::set(['pieces', $piece, 'rounds'], [...$rounds, 'sc around']));
        $difference = $this->ask('GET', "/api/makings/{$id}/difference");
        self::assertStringContainsString('other stitches or yarns in round', self::string($difference, 'says', 0));
        $before = $this->ask('GET', "/api/makings/{$id}/guides/{$piece}?revision=0");
        $of = self::at($this->ask('GET', '/api/makings'), 'makings', 0, 'of');
        $took = ['id' => self::FIRST, 'n' => 1, 'at' => 1_764_600_000_000, 'kind' => 'took', 'revision' => $revision, 'from' => 'round'];
        $this->ask('POST', "/api/makings/{$id}/plan", $took);
        $this->assertStatus(412);
        $this->ask('POST', "/api/makings/{$id}/plan", ['revision' => $revision + 1] + $took);
        $this->assertStatus(200);
        $after = $this->ask('GET', "/api/makings/{$id}/guides/{$piece}?revision=".($revision + 1));
        [$was, $is] = [self::at($before, 'rounds'), self::at($after, 'rounds')];
        self::assertIsArray($was);
        self::assertIsArray($is);
        self::assertCount(\count($was) + 1, $is);
        self::assertSame([], $this->ask('GET', "/api/makings/{$id}/difference")['says']);
        // The round that was added is among what there is to be made: as many as the last one has.
        self::assertIsInt($of);
        self::assertSame($of + 6, self::at($this->ask('GET', '/api/makings'), 'makings', 0, 'of'));
        // What was begun before is still there as it was.
        self::assertSame($was, self::at($this->ask('GET', "/api/makings/{$id}/guides/{$piece}"), 'rounds'));
    }

    public function testAnotherWorkshopFindsNoneOfIt(): void
    {
        $id = $this->begun();
        $this->openWorkshop();
        foreach (["/api/makings/{$id}", "/api/makings/{$id}/events", "/api/makings/{$id}/journal", "/api/makings/{$id}/guides/body"] as $path) {
            $this->ask('GET', $path);
            $this->assertStatus(404);
        }
        $this->ask('POST', "/api/makings/{$id}/events", ['events' => [$this->worked(self::FIRST, 1, 1, 6)]]);
        $this->assertStatus(404);
        self::assertSame([], $this->ask('GET', '/api/makings')['makings']);
    }

    public function testOneThatIsRemovedIsGoneWithItsJournal(): void
    {
        $id = $this->begun();
        $this->ask('POST', "/api/makings/{$id}/events", ['events' => [$this->worked(self::FIRST, 1, 1, 6)]]);
        $this->ask('DELETE', "/api/makings/{$id}");
        $this->assertStatus(204);
        $this->ask('GET', "/api/makings/{$id}");
        $this->assertStatus(404);
    }

    private function begun(): string
    {
        [$plan, $values] = $this->firstPlan();
        $this->piece = self::string($values, 'pieces', 0, 'key');

        return self::string($this->ask('POST', "/api/plans/{$plan}/makings"), 'id');
    }

    private string $piece = '';

    /** @return array<string, string|int> */
    private function worked(string $id, int $count, int $round, int $stitch): array
    {
        return [
            'id' => $id, 'n' => $count, 'at' => 1_764_600_000_000 + $count, 'kind' => 'worked',
            'piece' => $this->piece, 'copy' => 1, 'round' => $round, 'stitch' => $stitch,
        ];
    }
}
