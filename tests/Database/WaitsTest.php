<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Database;

use Doctrine\DBAL\Connection;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;

/** Who waits for whom, and for how long: bin/lib/database.sh as it was run, and bin/lib/templates/php.ini. */
final class WaitsTest extends KernelTestCase
{
    /** Every request is answered in so many seconds. */
    private const ALL = 5;

    public function testALockIsToldBeforeTheDatabaseIsTakenToBeAway(): void
    {
        $template = (string) file_get_contents(\dirname(__DIR__, 2).'/bin/lib/templates/php.ini');
        self::assertSame(1, preg_match('/^mysqlnd\.net_read_timeout = (\d+)$/m', $template, $found));
        $waits = (int) $found[1];
        self::assertLessThan($waits, self::variable('innodb_lock_wait_timeout'));
        // A kept connection is tried first, then one is made anew.
        self::assertLessThan(self::ALL, 2 * $waits);
    }

    /** One that was frozen, and its asker gone, held a plan for as long as its connection was open. */
    public function testATransactionWhoseAskerHasGoneEnds(): void
    {
        self::assertGreaterThan(0, self::variable('idle_transaction_timeout'));
        self::assertLessThanOrEqual(self::ALL, self::variable('idle_transaction_timeout'));
    }

    private static function variable(string $name): int
    {
        $database = self::getContainer()->get(Connection::class);
        self::assertInstanceOf(Connection::class, $database);
        $value = $database->fetchOne("SELECT @@global.{$name}");
        self::assertTrue(is_numeric($value));

        return (int) $value;
    }
}
