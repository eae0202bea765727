<?php

declare(strict_types=1);

namespace Alternum\Server\Tests;

use Doctrine\DBAL\Connection;
use Psr\Cache\CacheItemPoolInterface;
use Symfony\Bundle\FrameworkBundle\KernelBrowser;
use Symfony\Bundle\FrameworkBundle\Test\WebTestCase;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** Speaks to the server as its page does, and holds every response to the contract. */
abstract class ApiTestCase extends WebTestCase
{
    private static ?Contract $contract = null;
    private static int $operations = 0;

    protected KernelBrowser $browser;

    protected function setUp(): void
    {
        parent::setUp();
        $this->browser = self::createClient();
        $this->browser->disableReboot();
        $this->openWorkshop();
    }

    protected static function contract(): Contract
    {
        return self::$contract ??= new Contract();
    }

    /** Forgets the cookie and opens the page, as a first visit does. */
    protected function openWorkshop(): void
    {
        $this->browser->getCookieJar()->clear();
        $this->browser->request('GET', '/');
        self::assertResponseIsSuccessful();
    }

    /**
     * @param array<string, mixed>|string|null $body
     * @param array<string, string>            $server more headers, as HTTP_…
     *
     * @return array<string, mixed>
     */
    protected function ask(string $method, string $path, array|string|null $body = null, array $server = []): array
    {
        $server += ['HTTP_ORIGIN' => 'http://localhost', 'HTTP_X_CSRF_TOKEN' => 'csrf-token'] + (null === $body ? [] : ['CONTENT_TYPE' => 'application/json']);
        $this->browser->request($method, $path, server: $server, content: \is_array($body) ? (string) json_encode($body) : $body);
        self::contract()->assertHeld($this->browser->getRequest(), $this->response());
        $values = json_decode((string) $this->response()->getContent(), true);

        /** @var array<string, mixed> $values */
        $values = \is_array($values) ? $values : [];

        return $values;
    }

    protected function response(): Response
    {
        $response = $this->browser->getResponse();

        // What is streamed has gone to the browser.
        return $response instanceof StreamedResponse
            ? new Response($this->browser->getInternalResponse()->getContent(), $response->getStatusCode(), $response->headers->all())
            : $response;
    }

    protected function assertStatus(int $status): void
    {
        self::assertSame($status, $this->response()->getStatusCode(), (string) $this->response()->getContent());
    }

    /** What this browser holds. */
    protected function cookie(): Cookie
    {
        return $this->browser->getCookieJar()->all()[0];
    }

    /** Goes on as the browser that holds this. */
    protected function visit(Cookie $cookie): void
    {
        $this->browser->getCookieJar()->clear();
        $this->browser->getCookieJar()->set($cookie);
    }

    /** That too much is refused is tried elsewhere. */
    protected function forgetWhatWasCounted(): void
    {
        $counted = self::getContainer()->get(CacheItemPoolInterface::class);
        self::assertInstanceOf(CacheItemPoolInterface::class, $counted);
        $counted->clear();
    }

    protected function connection(): Connection
    {
        $connection = self::getContainer()->get('doctrine.dbal.default_connection');
        self::assertInstanceOf(Connection::class, $connection);

        return $connection;
    }

    /** @return array{string, array<string, mixed>} the first plan's id, and the plan */
    protected function firstPlan(): array
    {
        $shelf = $this->ask('GET', '/api/shelf');
        $id = self::string($shelf, 'plans', 0, 'id');
        $plan = $this->ask('GET', "/api/plans/{$id}")['plan'];
        self::assertIsArray($plan);

        /** @var array<string, mixed> $plan */
        return [$id, $plan];
    }

    /**
     * Saves edits as operations of one group each, as the page does.
     *
     * @param array<string, mixed> ...$edits
     *
     * @return array<string, mixed>
     */
    protected function save(string $id, int $base, array ...$edits): array
    {
        return $this->operations($id, $base, ...array_map(static fn (array $edit): array => self::operation($edit), $edits));
    }

    /**
     * @param array<string, mixed> ...$operations
     *
     * @return array<string, mixed>
     */
    protected function operations(string $id, int $base, array ...$operations): array
    {
        return $this->ask('POST', "/api/plans/{$id}/operations", ['base' => $base, 'operations' => array_values($operations)]);
    }

    /**
     * @param array<string, mixed> $edit
     *
     * @return array{id: string, group: string, edit: array<string, mixed>}
     */
    protected static function operation(array $edit, ?string $group = null): array
    {
        $number = ++self::$operations;

        return ['id' => "operation-{$number}", 'group' => $group ?? "group-of-{$number}", 'edit' => $edit];
    }

    /**
     * @param list<string> $at
     *
     * @return array<string, mixed> an edit that sets one field
     */
    protected static function set(array $at, mixed $value): array
    {
        return ['do' => 'set', 'values' => [['at' => $at, 'value' => $value]]];
    }

    /** @param array<array-key, mixed> $values */
    protected static function at(array $values, string|int ...$keys): mixed
    {
        $at = $values;
        foreach ($keys as $key) {
            self::assertIsArray($at);
            self::assertArrayHasKey($key, $at);
            $at = $at[$key];
        }

        return $at;
    }

    /** @param array<array-key, mixed> $values */
    protected static function string(array $values, string|int ...$keys): string
    {
        $value = self::at($values, ...$keys);
        self::assertIsString($value);

        return $value;
    }
}
