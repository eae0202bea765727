<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Http;

use Alternum\Server\Tests\ApiTestCase;
use Symfony\Component\HttpFoundation\Request;

/** Behind a proxy that speaks TLS to the browser: it is believed where it is named, and nobody else is. */
final class ProxyTest extends ApiTestCase
{
    private const ASKED = ['HTTP_X_FORWARDED_PROTO' => 'https', 'HTTP_X_FORWARDED_HOST' => 'toys.example.org', 'HTTP_X_FORWARDED_PORT' => '443'];

    protected function setUp(): void
    {
        $_SERVER['ALTERNUM_HOSTS'] = '^(localhost|toys\.example\.org)$';
        $_SERVER['ALTERNUM_PROXIES'] = '10.0.0.2';
        parent::setUp();
    }

    protected function tearDown(): void
    {
        unset($_SERVER['ALTERNUM_HOSTS'], $_SERVER['ALTERNUM_PROXIES']);
        parent::tearDown();
        Request::setTrustedProxies([], 0);
        Request::setTrustedHosts([]);
    }

    /** @param array<string, string> $more */
    private function saved(string $from, array $more = []): int
    {
        $shelf = $this->ask('GET', '/api/shelf');
        $sent = ['REMOTE_ADDR' => $from, 'HTTP_ORIGIN' => 'https://toys.example.org', 'HTTP_REFERER' => 'https://toys.example.org/'];
        $this->ask('POST', '/api/plans', (string) json_encode($shelf['usual']), $more + $sent + ['CONTENT_TYPE' => 'application/json'] + self::ASKED);

        return $this->response()->getStatusCode();
    }

    public function testWhatComesThroughTheProxyIsSaved(): void
    {
        self::assertSame(201, $this->saved('10.0.0.2'));
    }

    public function testWhoIsNoProxyCannotSayHowItWasAsked(): void
    {
        self::assertSame(403, $this->saved('10.0.0.3'));
    }

    public function testFromElsewhereNothingIsSavedThroughTheProxyEither(): void
    {
        self::assertSame(403, $this->saved('10.0.0.2', ['HTTP_ORIGIN' => 'https://elsewhere.example.org', 'HTTP_REFERER' => 'https://elsewhere.example.org/']));
    }

    public function testANameThatIsNotItsOwnIsRefused(): void
    {
        self::assertSame(400, $this->saved('10.0.0.2', ['HTTP_X_FORWARDED_HOST' => 'other.example.org']));
    }
}
