<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\Console\Tester\CommandTester;
use Symfony\Component\Uid\Ulid;

/** A workshop's key, its file, and what is tidied away. */
final class WorkshopTest extends ApiTestCase
{
    /** Browsers cap a cookie at 400 days, so each visit begins them anew. */
    public function testTheCookieIsRenewedAtEachVisit(): void
    {
        $this->browser->request('GET', '/');
        $cookies = $this->response()->headers->getCookies();
        self::assertCount(1, $cookies);
        self::assertEqualsWithDelta(400 * 86400, $cookies[0]->getMaxAge(), 10);
        $before = $this->ask('GET', '/api/shelf');
        $this->browser->request('GET', '/plan/01ARZ3NDEKTSV4RRFFQ69G5FAV');
        self::assertCount(1, $this->response()->headers->getCookies());
        self::assertSame($before, $this->ask('GET', '/api/shelf'), 'It is the same workshop.');
    }

    public function testTheKeyOpensItInAnotherBrowserUntilItIsReplaced(): void
    {
        self::assertFalse($this->ask('GET', '/api/workshop')['hasKey']);
        $first = self::string($this->ask('POST', '/api/workshop/key'), 'secret');
        $this->assertStatus(201);
        self::assertTrue($this->ask('GET', '/api/workshop')['hasKey']);
        self::assertMatchesRegularExpression('/^[0-9a-f]{64}$/D', $first);
        self::assertSame([], $this->connection()->fetchFirstColumn('SELECT id FROM workshop WHERE key_hash = ?', [$first]), 'Only a hash is kept.');
        [$id] = $this->firstPlan();

        $this->browser->getCookieJar()->clear();
        $this->ask('POST', '/api/workshop/open', ['secret' => $first]);
        $this->assertStatus(204);
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(200);

        $second = self::string($this->ask('POST', '/api/workshop/key'), 'secret');
        $this->openWorkshop();
        foreach ([$first, strtoupper($second), 'nonsense', ''] as $wrong) {
            $this->ask('POST', '/api/workshop/open', ['secret' => $wrong]);
            $this->assertStatus(403);
        }
        $this->ask('POST', '/api/workshop/open', ['secret' => $second]);
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(200);
    }

    /** What is asked of a workshop that was tidied away is told, also while its browser is still remembered. */
    public function testAWorkshopThatIsGoneIsTold(): void
    {
        [, $plan] = $this->firstPlan();
        $this->connection()->executeStatement('DELETE FROM workshop');
        $this->ask('POST', '/api/plans', $plan);
        $this->assertStatus(401);
        self::assertStringContainsString('This workshop is no longer here.', (string) $this->response()->getContent());
        foreach (['/api/shelf', '/api/workshop'] as $path) {
            $this->ask('GET', $path);
            self::assertContains($this->response()->getStatusCode(), [200, 404], $path);
        }
        self::assertInstanceOf(CacheItemPoolInterface::class, $cache = self::getContainer()->get('cache.app'));
        $cache->clear();
        $this->ask('POST', '/api/plans', $plan);
        $this->assertStatus(401);
    }

    public function testAShelfHoldsSoManyPlansAndYarns(): void
    {
        [$id, $plan] = $this->firstPlan();
        $copies = 'INSERT INTO saved_plan (id, workshop_id, revision, title, body, summary, saved_at, removed_at, begun_at, undo_group, says, results, writes)'
            ." SELECT UNHEX(MD5(seq)), workshop_id, 1, title, body, summary, saved_at, NULL, begun_at, '', '', '{}', 0"
            .' FROM saved_plan, seq_1_to_296 WHERE id = ?';
        $this->connection()->executeStatement($copies, [Ulid::fromString($id)->toBinary()]);
        $this->ask('POST', '/api/plans', $plan);
        $this->assertStatus(422);
        self::assertStringContainsString('300 plans', (string) $this->response()->getContent());
        $this->ask('DELETE', "/api/plans/{$id}");
        $this->ask('POST', '/api/plans', $plan);
        $this->assertStatus(201);
        $this->connection()->executeStatement('INSERT INTO yarn_at_hand (id, workshop_id, name, hex, weight, metres_per100g, grams)'
            .' SELECT UNHEX(MD5(seq)), (SELECT workshop_id FROM saved_plan WHERE id = ?), "x", "#000000", "dk", 1, 1 FROM seq_1_to_497', [
                Ulid::fromString($id)->toBinary(),
            ]);
        $this->ask('POST', '/api/yarns', ['name' => 'x', 'hex' => '#000000', 'weight' => 'dk', 'metresPer100g' => 1, 'grams' => 1]);
        $this->assertStatus(422);
    }

    public function testGuessingIsSlowedDown(): void
    {
        for ($i = 0; $i < 60; ++$i) {
            $this->ask('POST', '/api/workshop/open', ['secret' => "guess {$i}"]);
        }
        $this->ask('POST', '/api/workshop/open', ['secret' => 'one more']);
        $this->assertStatus(429);
    }

    /** The file is held to its schema by the contract. Brought in elsewhere, all of it goes out again as it came: but for when it was written. */
    public function testAWholeWorkshopGoesOutAsOneFileAndComesBackAlike(): void
    {
        [$id] = $this->firstPlan();
        $this->save($id, 1, self::set(['title'], 'Łódź “buoy”'), self::set(['terms'], 'uk'));
        $making = self::string($this->ask('POST', "/api/plans/{$id}/makings"), 'id');
        $this->save($id, 3, self::set(['title'], 'Later'));
        $event = ['at' => 1_764_600_000_000, 'n' => 1];
        $took = ['id' => '01KBC0000000000000000000A1', 'kind' => 'took', 'revision' => 4, 'from' => 'round'] + $event;
        $this->ask('POST', "/api/makings/{$making}/plan", $took);
        $this->assertStatus(200);
        $worked = ['id' => '01KBC0000000000000000000A2', 'kind' => 'worked', 'piece' => 'float', 'copy' => 1, 'round' => 1, 'stitch' => 6] + $event;
        $this->ask('POST', "/api/makings/{$making}/events", ['events' => [$worked]]);
        $this->ask('POST', "/api/plans/{$id}/archive");
        $file = $this->file();
        self::assertSame(['alternum-workshop', 2, 3], [$file['format'], $file['version'], \count((array) $file['yarns'])]);
        self::assertSame('Later', self::at($file, 'plans', 3, 'title'));
        self::assertSame([1, 2, 3], array_column((array) self::at($file, 'kept', 3, 'versions'), 'number'));
        self::assertSame([4, true], [self::at($file, 'kept', 3, 'revision'), self::at($file, 'kept', 3, 'archived')]);
        self::assertSame([4], array_column((array) self::at($file, 'kept', 3, 'makings', 0, 'later'), 'revision'));
        self::assertCount(2, (array) self::at($file, 'kept', 3, 'makings', 0, 'events'));

        $this->openWorkshop();
        foreach ((array) $this->ask('GET', '/api/shelf')['plans'] as $demo) {
            self::assertIsArray($demo);
            $this->ask('DELETE', '/api/plans/'.self::string($demo, 'id'));
        }
        foreach ((array) $this->ask('GET', '/api/shelf')['yarns'] as $yarn) {
            self::assertIsArray($yarn);
            $this->ask('DELETE', '/api/yarns/'.self::string($yarn, 'id'));
        }
        $this->bringIn($file);
        $again = $this->file();
        unset($file['writtenAt'], $file['sha256'], $again['writtenAt'], $again['sha256']);
        self::assertSame($file, $again);
    }

    /** What is made on a plan that was brought in goes on from where it was, and nothing is put behind a plan that somebody works on. */
    public function testWhatWasKeptGoesBehindAPlanOnWhichNothingWasDone(): void
    {
        [$id, $plan] = $this->firstPlan();
        $time = '2026-11-01T10:00:00+00:00';
        $version = ['number' => 2, 'savedAt' => $time, 'says' => 'before', 'plan' => $plan];
        $kept = ['revision' => 5, 'savedAt' => $time, 'says' => 'Title changed', 'archived' => false, 'versions' => [$version]];
        $this->ask('POST', "/api/plans/{$id}/kept", $kept);
        $this->assertStatus(204);
        $this->ask('POST', "/api/plans/{$id}/kept", ['versions' => [['number' => 3] + $version]] + $kept);
        $this->assertStatus(204);
        self::assertSame([5, 3, 2], array_column((array) $this->ask('GET', "/api/plans/{$id}/versions")['versions'], 'number'));
        $this->save($id, 5, self::set(['title'], 'Gone on with'));
        $this->assertStatus(200);
        self::assertSame([6, 5, 3, 2], array_column((array) $this->ask('GET', "/api/plans/{$id}/versions")['versions'], 'number'));
        $this->ask('POST', "/api/plans/{$id}/kept", $kept);
        $this->assertStatus(422);
        // What is no plan, or no version of before, is refused with its place, and nothing is kept of it.
        [$other] = [self::string($this->ask('POST', '/api/plans', $plan), 'id')];
        $answer = $this->ask('POST', "/api/plans/{$other}/kept", ['versions' => [$version, ['plan' => ['title' => 'none']] + $version]] + $kept);
        $this->assertStatus(422);
        self::assertStringStartsWith('versions[1].plan', self::string($answer, 'problems', 0, 'path'));
        $this->ask('POST', "/api/plans/{$other}/kept", ['versions' => [['number' => 5] + $version]] + $kept);
        $this->assertStatus(422);
        self::assertCount(1, (array) $this->ask('GET', "/api/plans/{$other}/versions")['versions']);
    }

    /** @return array<string, mixed> all of the workshop, whose sum is that of what is before it */
    private function file(): array
    {
        $this->ask('GET', '/api/workshop/file');
        $text = (string) $this->response()->getContent();
        $file = json_decode($text, true);
        self::assertIsArray($file);
        self::assertSame(hash('sha256', substr($text, 0, (int) strrpos($text, ',"sha256"'))), $file['sha256']);

        /** @var array<string, mixed> $file */
        return $file;
    }

    /** @param array<string, mixed> $file as web/src/shelf/workshopFile.ts brings it in */
    private function bringIn(array $file): void
    {
        foreach ((array) $file['yarns'] as $yarn) {
            $this->ask('POST', '/api/yarns', (string) json_encode($yarn));
            $this->assertStatus(201);
        }
        foreach ((array) $file['plans'] as $i => $plan) {
            $id = self::string($this->ask('POST', '/api/plans', (string) json_encode($plan)), 'id');
            /** @var array{versions: array<mixed>, makings: list<array<string, mixed>>} $kept */
            $kept = self::at($file, 'kept', (int) $i);
            ['makings' => $makings] = $kept;
            unset($kept['makings']);
            $this->ask('POST', "/api/plans/{$id}/kept", (string) json_encode($kept));
            $this->assertStatus(204);
            foreach ($makings as $making) {
                ['later' => $later, 'events' => $events] = $making;
                unset($making['later'], $making['events']);
                $begun = self::string($this->ask('POST', "/api/plans/{$id}/makings/kept", (string) json_encode($making)), 'id');
                foreach ((array) $later as $revision) {
                    $this->ask('POST', "/api/makings/{$begun}/kept", (string) json_encode($revision));
                    $this->assertStatus(204);
                }
                $this->ask('POST', "/api/makings/{$begun}/events", (string) json_encode(['events' => $events]));
                $this->assertStatus(200);
            }
        }
    }

    public function testWhatNobodyMissesIsTidiedAway(): void
    {
        $this->connection()->executeStatement('DELETE FROM workshop');
        $changed = $this->workshopOf(fn (string $id): array => $this->save($id, 1, self::set(['title'], 'Mine')));
        $keyed = $this->workshopOf(fn (): array => $this->ask('POST', '/api/workshop/key'));
        $stocked = $this->workshopOf(fn (): array => $this->ask(
            'POST',
            '/api/yarns',
            ['name' => 'x', 'hex' => '#000000', 'weight' => 'dk', 'metresPer100g' => 1, 'grams' => 1],
        ));
        // Nothing is changed in it, but its first plan is being made: the journal is missed.
        $making = $this->workshopOf(fn (string $id): array => $this->ask('POST', "/api/plans/{$id}/makings"));
        // Somebody signs in to it, however little is in it.
        $peopled = $this->workshopOf(fn (): array => $this->ask('POST', '/api/account', ['name' => 'Rosa', 'password' => 'lantern harbour mitten']));
        $this->ask('POST', '/api/workshop/invitations', ['role' => 'read']);
        $this->ask('POST', '/api/workshop/invitations', ['role' => 'make']);
        $this->connection()->executeStatement("UPDATE invitation SET ends_at = ends_at - INTERVAL 40 DAY WHERE role = 'read'");
        $idle = $this->workshopOf(static fn (): array => []);
        $removed = $this->workshopOf(fn (string $id): array => $this->ask('DELETE', "/api/plans/{$id}"));
        $this->connection()->executeStatement('UPDATE workshop SET begun_at = begun_at - INTERVAL 40 DAY');
        $this->connection()->executeStatement('UPDATE saved_plan SET removed_at = removed_at - INTERVAL 40 DAY');
        $new = $this->workshopOf(static fn (): array => []);

        $command = new CommandTester((new Application(self::$kernel ?? throw new \LogicException()))->find('alternum:tidy'));
        $command->execute(['--dry-run' => true]);
        self::assertStringContainsString('Would clear 1 workshops that were never changed and 1 removed plans', $command->getDisplay());
        self::assertSame([8, 2], [$this->rows('workshop'), $this->rows('invitation')]);
        $command->execute([]);
        self::assertStringContainsString('Cleared 1 workshops', $command->getDisplay());
        self::assertStringContainsString('; 1 invitations that were over.', $command->getDisplay());
        self::assertSame([7, 27], [$this->rows('workshop'), $this->rows('saved_plan')], 'Seven workshops of four plans, less the one removed.');
        self::assertSame(1, $this->rows('invitation'));
        self::assertSame(
            [true, true, true, true, true, false, true, true],
            array_map($this->exists(...), [$changed, $keyed, $stocked, $making, $peopled, $idle, $removed, $new]),
        );
        self::assertSame(2, $command->execute(['--days' => 'many']));
    }

    /**
     * @param \Closure(string): array<string, mixed> $do with the id of the first plan
     *
     * @return string its first plan's id
     */
    private function workshopOf(\Closure $do): string
    {
        $this->openWorkshop();
        $ids = array_column((array) $this->ask('GET', '/api/shelf')['plans'], 'id');
        self::assertIsString($ids[0]);
        $do($ids[0]);
        self::assertIsString($ids[1]);

        return $ids[1];
    }

    /** However long the plans are, the shelf asks the database for none of them. */
    public function testTheShelfReadsNoPlanBodies(): void
    {
        $before = $this->ask('GET', '/api/shelf');
        self::assertGreaterThan(0, $this->connection()->executeStatement('UPDATE saved_plan SET body = REPEAT("x", 1000000)'));
        $sent = $this->sent();
        self::assertSame($before, $this->ask('GET', '/api/shelf'));
        self::assertLessThan(200_000, $this->sent() - $sent);
    }

    /** @return int bytes that the database sent to this connection */
    private function sent(): int
    {
        $sent = $this->connection()->fetchNumeric('SHOW SESSION STATUS LIKE "Bytes_sent"');

        return false === $sent || !is_numeric($sent[1]) ? -1 : (int) $sent[1];
    }

    private function exists(string $plan): bool
    {
        return [] !== $this->connection()->fetchFirstColumn(
            'SELECT id FROM saved_plan WHERE id = ?',
            [Ulid::fromString($plan)->toBinary()],
        );
    }

    private function rows(string $table): int
    {
        $count = $this->connection()->fetchOne("SELECT COUNT(*) FROM {$table}");

        return is_numeric($count) ? (int) $count : -1;
    }
}
