<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Database;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Nobody comes into the database without a password: bin/lib/templates/init.sql, as it was run. */
final class PasswordsTest extends TestCase
{
    private static function port(): int
    {
        $url = getenv('DATABASE_URL');

        return (int) parse_url(false === $url ? '' : $url, \PHP_URL_PORT);
    }

    /** @return iterable<string, array{string, string}> */
    public static function strangers(): iterable
    {
        foreach (['127.0.0.1', '::1', 'localhost', (string) gethostname()] as $host) {
            foreach (['root', '', 'mysql', 'alternum', (string) gethostname()] as $user) {
                yield "“{$user}” at {$host}" => [$host, $user];
            }
        }
    }

    #[DataProvider('strangers')]
    public function testNobodyComesInWithoutAPassword(string $host, string $user): void
    {
        $this->expectException(\PDOException::class);
        new \PDO('mysql:host='.('localhost' === $host ? '127.0.0.1' : $host).';port='.self::port(), $user, '', [\PDO::ATTR_TIMEOUT => 2]);
    }

    /** An install leaves root with an empty password at the machine's own name, at 127.0.0.1 and at ::1. */
    public function testRootHasOneAccountAndAPasswordOfItsOwn(): void
    {
        $password = getenv('ALTERNUM_DB_ROOT_PASSWORD');
        self::assertIsString($password, 'bin/test says it.');
        $database = new \PDO('mysql:host=127.0.0.1;port='.self::port(), 'root', $password);
        $accounts = $database->query("SELECT CONCAT(User, '@', Host), Priv FROM mysql.global_priv ORDER BY 1");
        self::assertNotFalse($accounts);
        $open = $names = [];
        foreach ($accounts->fetchAll(\PDO::FETCH_NUM) as $account) {
            self::assertIsArray($account);
            [$name, $privileges] = $account;
            $names[] = $name;
            $read = json_decode(\is_string($privileges) ? $privileges : '', true);
            if (!\is_array($read) || '' === ($read['authentication_string'] ?? '') && true !== ($read['account_locked'] ?? false)) {
                $open[] = $name;
            }
        }
        self::assertSame([], $open);
        self::assertSame(['alternum@127.0.0.1', 'alternum@localhost', 'mariadb.sys@localhost', 'root@localhost'], $names);
        self::assertNotSame($password, parse_url((string) getenv('DATABASE_URL'), \PHP_URL_PASS));
    }
}
