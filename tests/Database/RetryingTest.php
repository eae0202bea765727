<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Database;

use Alternum\Server\Database\CleanConnection;
use Alternum\Server\Database\Retrying;
use Alternum\Server\Tests\CountersInMemory;
use Doctrine\DBAL\Driver\AbstractException;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Exception\DeadlockException;
use PHPUnit\Framework\TestCase;

/** Writings that the database undid: MariaDB's handbook says of 1213 (ER_LOCK_DEADLOCK) to try the transaction anew; Galera answers it to the second of two. */
final class RetryingTest extends TestCase
{
    public function testAWritingThatWasUndoneIsDoneAgain(): void
    {
        $counters = new CountersInMemory();
        $tries = 0;
        $made = (new Retrying($counters))->do(static function () use (&$tries): string {
            return ++$tries < 3 ? throw new DeadlockException(self::error(1213), null) : 'made';
        });
        self::assertSame(['made', 3], [$made, $tries]);
        self::assertSame(['alternum_database_retries_total' => 2], $counters->all());
    }

    public function testItGivesUpWithTheDatabasesOwnWord(): void
    {
        self::assertSame([DeadlockException::class, 5], self::told(new DeadlockException(self::error(1213), null)));
    }

    public function testAnotherErrorIsToldAtOnce(): void
    {
        self::assertSame([\LogicException::class, 1], self::told(new \LogicException('of its own')));
    }

    /** @return array{class-string|null, int} what is told of a writing that always fails so, and how often it was tried */
    private static function told(\Exception $failure): array
    {
        $tries = 0;
        $told = null;
        try {
            (new Retrying(new CountersInMemory()))->do(static function () use (&$tries, $failure): void {
                ++$tries;
                throw $failure;
            });
        } catch (\Exception $error) {
            $told = $error::class;
        }

        return [$told, $tries];
    }

    public function testWhatAFailedCommitLeavesOpenIsUndone(): void
    {
        $failed = self::error(1205);
        $connection = $this->createMock(Connection::class);
        $connection->expects(self::once())->method('commit')->willThrowException($failed);
        $connection->expects(self::once())->method('exec')->with('ROLLBACK')->willReturn(0);
        $this->expectExceptionObject($failed);
        (new CleanConnection($connection))->commit();
    }

    public function testWhereTheConnectionIsGoneTooTheFirstErrorIsTold(): void
    {
        $failed = self::error(1205);
        $connection = $this->createMock(Connection::class);
        $connection->method('commit')->willThrowException($failed);
        $connection->method('exec')->willThrowException(self::error(2006));
        $this->expectExceptionObject($failed);
        (new CleanConnection($connection))->commit();
    }

    private static function error(int $code): AbstractException
    {
        return new class("error {$code}", 'HY000', $code) extends AbstractException {
        };
    }
}
