<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;
use Doctrine\DBAL\Connection;
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

    /** The file is held to its schema by the contract; its plans come back in as they went out. */
    public function testTheWholeShelfGoesOutAsOneFile(): void
    {
        [$id] = $this->firstPlan();
        $this->save($id, 1, self::set(['title'], 'Łódź “buoy”'));
        $this->browser->request('GET', '/api/workshop/file');
        $file = json_decode($this->browser->getInternalResponse()->getContent(), true);
        self::assertIsArray($file);
        self::assertSame(['alternum-workshop', 3], [$file['format'], \count((array) $file['yarns'])]);
        $titles = ['Barrel cactus in a pot', 'Spotted mushroom', 'Otter in a striped jersey', 'Łódź “buoy”'];
        self::assertSame($titles, array_column((array) $file['plans'], 'title'));
        $this->openWorkshop();
        foreach ((array) $file['plans'] as $plan) {
            $begun = self::string($this->ask('POST', '/api/plans', (string) json_encode($plan)), 'id');
            $this->assertStatus(201);
            self::assertEquals($plan, $this->ask('GET', "/api/plans/{$begun}")['plan']);
        }
        foreach ((array) $file['yarns'] as $yarn) {
            $this->ask('POST', '/api/yarns', (string) json_encode($yarn));
            $this->assertStatus(201);
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
        $idle = $this->workshopOf(static fn (): array => []);
        $removed = $this->workshopOf(fn (string $id): array => $this->ask('DELETE', "/api/plans/{$id}"));
        $this->connection()->executeStatement('UPDATE workshop SET begun_at = begun_at - INTERVAL 40 DAY');
        $this->connection()->executeStatement('UPDATE saved_plan SET removed_at = removed_at - INTERVAL 40 DAY');
        $new = $this->workshopOf(static fn (): array => []);

        $command = new CommandTester((new Application(self::$kernel ?? throw new \LogicException()))->find('alternum:tidy'));
        $command->execute(['--dry-run' => true]);
        self::assertStringContainsString('Would clear 1 workshops that were never changed and 1 removed plans', $command->getDisplay());
        self::assertSame(7, $this->rows('workshop'));
        $command->execute([]);
        self::assertStringContainsString('Cleared 1 workshops', $command->getDisplay());
        self::assertSame([6, 23], [$this->rows('workshop'), $this->rows('saved_plan')], 'Six workshops of four plans, less the one removed.');
        self::assertSame(
            [true, true, true, true, false, true, true],
            array_map($this->exists(...), [$changed, $keyed, $stocked, $making, $idle, $removed, $new]),
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

    private function connection(): Connection
    {
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(Connection::class, $connection);

        return $connection;
    }
}
