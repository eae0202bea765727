<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Http;

use Alternum\Server\Http\DatabaseAway;
use DAMA\DoctrineTestBundle\Doctrine\DBAL\StaticDriver;
use Doctrine\DBAL\Connection;
use Doctrine\DBAL\Driver\AbstractException;
use Doctrine\DBAL\Exception\ConnectionLost;
use Doctrine\DBAL\Exception\DeadlockException;
use Doctrine\DBAL\Exception\DriverException;
use Doctrine\DBAL\Exception\LockWaitTimeoutException;
use Doctrine\DBAL\Result;
use Psr\Cache\CacheItemPoolInterface;
use Psr\Log\NullLogger;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\Cache\Adapter\ArrayAdapter;
use Symfony\Component\Clock\MockClock;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpKernel\Event\ExceptionEvent;
use Symfony\Component\HttpKernel\Event\RequestEvent;
use Symfony\Component\HttpKernel\HttpKernelInterface;

/** The database away is a 503 that says when to come again, and one line in the log. */
final class DatabaseAwayTest extends WebTestCase
{
    private const NOBODY = 'mysql://nobody@127.0.0.1:1/nothing?serverVersion=10.11.0-MariaDB&charset=utf8mb4';

    private string $url = '';

    protected function setUp(): void
    {
        $this->url = \is_string($_SERVER['DATABASE_URL'] ?? null) ? $_SERVER['DATABASE_URL'] : '';
    }

    protected function tearDown(): void
    {
        self::cache()->clear();
        $this->connectTo($this->url);
        StaticDriver::setKeepStaticConnections(true);
        parent::tearDown();
    }

    public function testItIsSaidOnceAndTheBrowserComesAgain(): void
    {
        $first = self::createClient();
        $first->request('GET', '/');
        $cookies = $first->getCookieJar()->all();
        self::assertCount(1, $cookies);
        self::ensureKernelShutdown();
        // The tests' lasting connection would go on answering.
        StaticDriver::setKeepStaticConnections(false);
        $this->connectTo(self::NOBODY);
        $browser = self::createClient();
        $browser->getCookieJar()->set($cookies[0]);
        self::cache()->clear();
        $before = self::errors();
        foreach (['/api/shelf', '/api/plans/01ARZ3NDEKTSV4RRFFQ69G5FAV', '/api/shelf'] as $path) {
            $browser->request('GET', $path);
            $response = $browser->getResponse();
            self::assertSame(503, $response->getStatusCode(), $path);
            self::assertGreaterThan(0, (int) $response->headers->get('Retry-After'));
            self::assertStringContainsString('database does not answer', (string) $response->getContent());
        }
        self::assertSame('application/problem+json', $browser->getResponse()->headers->get('Content-Type'));
        $said = \array_slice(self::errors(), \count($before));
        self::assertCount(1, $said, implode("\n", $said));
        self::assertStringContainsString('Alternum’s database does not answer', $said[0]);
    }

    /** MariaDB's error numbers are its handbook's: 1021 the disk is full, 1114 a table is full, 1205 a lock was waited for, 1213 two waited for one another. */
    public function testAFullDiskAndABusyDatabaseAreToldApart(): void
    {
        self::createClient();
        $listener = self::getContainer()->get(DatabaseAway::class);
        self::assertInstanceOf(DatabaseAway::class, $listener);
        $kernel = self::$kernel ?? self::fail('There is no kernel.');
        $answer = static function (\Throwable $error) use ($listener, $kernel): array {
            $event = new ExceptionEvent($kernel, Request::create('/api/plans'), HttpKernelInterface::MAIN_REQUEST, new \RuntimeException('a save', 0, $error));
            $listener->failed($event);

            return [$event->getResponse()?->getStatusCode(), $event->getResponse()?->headers->get('Retry-After')];
        };
        $of = static fn (int $code): AbstractException => new class('no', 'HY000', $code) extends AbstractException {
        };
        self::assertSame([507, '60'], $answer(new DriverException($of(1021), null)));
        self::assertSame([507, '60'], $answer(new DriverException($of(1114), null)));
        self::assertSame([503, '1'], $answer(new LockWaitTimeoutException($of(1205), null)));
        self::assertSame([503, '1'], $answer(new DeadlockException($of(1213), null)));
        // One that has lost the others of its cluster knows no command: 1047.
        self::assertSame([503, '3'], $answer(new DriverException($of(1047), null)));
        self::assertSame([null, null], $answer(new DriverException($of(1064), null)));
    }

    /** The figures are the promise of the class: a second of rest, one that asks, and five for its answer. */
    public function testNobodyWaitsForADatabaseThatIsKnownToBeAwayButTheOneThatAsks(): void
    {
        self::createClient();
        $kernel = self::$kernel ?? self::fail('There is no kernel.');
        $clock = new MockClock();
        [$cache, $logger] = [new ArrayAdapter(), new NullLogger()];
        $request = Request::create('/api/shelf');
        $gone = new ConnectionLost(new class('gone', 'HY000', 2006) extends AbstractException {
        }, null);
        $database = $this->createMock(Connection::class);
        $database->expects(self::exactly(2))->method('executeQuery')
            ->willReturnOnConsecutiveCalls(self::throwException($gone), self::createStub(Result::class));
        $away = new DatabaseAway($cache, $logger, $clock, $database);
        $status = static function () use ($away, $kernel, $request): ?int {
            $event = new RequestEvent($kernel, $request, HttpKernelInterface::MAIN_REQUEST);
            try {
                $away->asked($event);
            } catch (ConnectionLost $lost) {
                $away->failed(new ExceptionEvent($kernel, $request, HttpKernelInterface::MAIN_REQUEST, $lost));

                return 503;
            }

            return $event->getResponse()?->getStatusCode();
        };

        self::assertNull($status(), 'it is not known yet');
        $away->failed(new ExceptionEvent($kernel, $request, HttpKernelInterface::MAIN_REQUEST, $gone));
        self::assertSame([503, 503], [$status(), $status()], 'nobody asks');
        $clock->sleep(1.5);
        self::assertSame([503, 503], [$status(), $status()], 'one asks, and hears that it is away');
        $clock->sleep(1.5);
        self::assertSame([null, null], [$status(), $status()], 'one asks, and it is back for all');
    }

    private static function cache(): CacheItemPoolInterface
    {
        $cache = self::getContainer()->get('cache.app');
        self::assertInstanceOf(CacheItemPoolInterface::class, $cache);

        return $cache;
    }

    private function connectTo(string $url): void
    {
        $_ENV['DATABASE_URL'] = $_SERVER['DATABASE_URL'] = $url;
    }

    /** @return list<string> of the log, that are errors */
    private static function errors(): array
    {
        $log = '';
        foreach ((array) glob(\dirname(__DIR__, 2).'/var/log/test-*.log') as $file) {
            $log .= file_get_contents((string) $file);
        }
        preg_match_all('/^.*\.(?:ERROR|CRITICAL): .*$/m', $log, $found);

        return $found[0];
    }
}
