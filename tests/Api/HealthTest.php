<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;
use Doctrine\DBAL\Connection;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Component\Console\Tester\CommandTester;

/** What is asked from outside: by who watches, and by who spreads makers over machines. */
final class HealthTest extends ApiTestCase
{
    private const LATEST = 'SELECT version FROM doctrine_migration_versions ORDER BY version DESC LIMIT 1';

    public function testItIsAliveAndReadyWithoutAWorkshop(): void
    {
        $this->browser->getCookieJar()->clear();
        foreach (['/health', '/ready'] as $path) {
            self::assertSame(['ok' => true], $this->ask('GET', $path));
            $this->assertStatus(200);
            self::assertFalse($this->response()->headers->has('Set-Cookie'), 'A watchman opens no workshop.');
            self::assertTrue($this->response()->headers->hasCacheControlDirective('no-cache'));
        }
    }

    /** A database of an earlier program is alive and not ready; once it is migrated it is. */
    public function testItIsNotReadyBeforeItsMigrations(): void
    {
        $latest = $this->database()->fetchOne(self::LATEST);
        $row = $this->database()->fetchAssociative('SELECT * FROM doctrine_migration_versions WHERE version = ?', [$latest]);
        self::assertIsArray($row);
        $this->database()->delete('doctrine_migration_versions', ['version' => $latest]);
        try {
            $said = $this->ask('GET', '/ready');
            $this->assertStatus(503);
            self::assertSame('The database has not all tables of this program yet: migrations to be made: 1.', $said['detail']);
            self::assertSame(1, $this->asked()->getStatusCode());
            $this->ask('GET', '/health');
            $this->assertStatus(200);
        } finally {
            $this->database()->insert('doctrine_migration_versions', $row);
        }
        $this->ask('GET', '/ready');
        $this->assertStatus(200);
    }

    public function testItsStatusIsSaidInWords(): void
    {
        $this->openWorkshop();
        $status = $this->asked();
        self::assertSame(0, $status->getStatusCode());
        self::assertMatchesRegularExpression(
            '/^The database answers: .*MariaDB.*\.\nWorkshops: \d+\nPlans: \d+\nEarlier versions: \d+\nToys being made: \d+\nOn the disk: [\d.]+ MB\n'
                .'Saved last at .* UTC\.\n$/',
            $status->getDisplay(),
        );
        $plans = $this->database()->fetchOne('SELECT COUNT(*) FROM saved_plan');
        self::assertIsScalar($plans);
        self::assertStringContainsString("\nPlans: {$plans}\n", $status->getDisplay());
    }

    private function asked(): CommandTester
    {
        $command = new CommandTester((new Application(self::$kernel ?? throw new \LogicException()))->find('alternum:status'));
        $command->execute([]);

        return $command;
    }

    private function database(): Connection
    {
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(Connection::class, $connection);

        return $connection;
    }
}
