<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;
use Symfony\Component\BrowserKit\Cookie;

final class PrivacyTest extends ApiTestCase
{
    /** On every route that names a thing, another workshop's thing is a 404, and so is a made-up one. */
    public function testAnotherWorkshopsThingsDoNotExist(): void
    {
        [$plan] = $this->firstPlan();
        $yarn = self::string($this->ask('GET', '/api/shelf'), 'yarns', 0, 'id');
        $this->openWorkshop();
        $named = array_filter(self::contract()->operations(), static fn (array $operation): bool => str_contains($operation[1], '{id}'));
        self::assertCount(50, $named);
        foreach ($named as [$method, $path]) {
            $isYarn = str_starts_with($path, '/api/yarns');
            $sent = 'PUT' === $method ? ['role' => 'read'] : null;
            $sent = 'PUT' === $method && $isYarn ? ['name' => 'x', 'hex' => '#000000', 'weight' => 'dk', 'metresPer100g' => 1, 'grams' => 1] : $sent;
            foreach ([$isYarn ? $yarn : $plan, '01ARZ3NDEKTSV4RRFFQ69G5FAV', 'nonsense'] as $id) {
                $this->ask($method, str_replace(['{id}', '{number}', '{key}', '{piece}'], [$id, '1', 'float', 'float'], $path), $sent);
                self::assertSame(404, $this->response()->getStatusCode(), "{$method} {$path} {$id}");
            }
        }
    }

    public function testWithoutACookieThereIsNoWorkshop(): void
    {
        $this->browser->getCookieJar()->clear();
        foreach (self::contract()->operations() as [$method, $path]) {
            $this->ask(
                $method,
                str_replace(
                    ['{id}', '{number}', '{key}', '{piece}', '{name}'],
                    ['01ARZ3NDEKTSV4RRFFQ69G5FAV', '1', 'float', 'float', 'harbour-buoy'],
                    $path,
                ),
                'GET' === $method || 'DELETE' === $method ? null : [],
            );
            // A key is what a browser without a workshop has to show.
            $open = ['/health' => 200, '/ready' => 200, '/api/ping' => 200];
            $open += array_fill_keys(['/api/workshop/open', '/api/account/sign-in', '/api/account/recover'], 422);
            self::assertSame($open[$path] ?? 401, $this->response()->getStatusCode(), "{$method} {$path}");
        }
    }

    /** A POST is a POST, whatever its headers or fields say. */
    public function testNoMethodIsAnother(): void
    {
        [$id] = $this->firstPlan();
        foreach (['HTTP_X_HTTP_METHOD_OVERRIDE' => 'DELETE', 'HTTP_X_METHOD_OVERRIDE' => 'DELETE'] as $header => $method) {
            $this->browser->request('POST', "/api/plans/{$id}?_method=DELETE", ['_method' => 'DELETE'], [], [
                $header => $method, 'HTTP_ORIGIN' => 'http://localhost', 'HTTP_X_CSRF_TOKEN' => 'csrf-token', 'CONTENT_TYPE' => 'application/json',
            ], '{}');
            self::assertSame(405, $this->response()->getStatusCode());
        }
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(200);
    }

    public function testTheCookieIsSignedAndClosed(): void
    {
        $this->browser->getCookieJar()->clear();
        $this->browser->request('GET', '/');
        $cookie = $this->response()->headers->getCookies()[0];
        self::assertTrue($cookie->isHttpOnly());
        self::assertSame('lax', $cookie->getSameSite());
        [$id, $signature] = explode('.', (string) $cookie->getValue());
        foreach (["{$id}.".strrev($signature), $id, "{$id}.", 'x'] as $forged) {
            $this->browser->getCookieJar()->clear();
            $this->browser->getCookieJar()->set(new Cookie($cookie->getName(), $forged));
            $this->ask('GET', '/api/shelf');
            $this->assertStatus(401);
        }
        $this->browser->getCookieJar()->clear();
        $this->browser->getCookieJar()->set(new Cookie($cookie->getName(), (string) $cookie->getValue()));
        $this->ask('GET', '/api/shelf');
        $this->assertStatus(200);
        // A second visit opens the same workshop.
        $this->browser->request('GET', '/');
        self::assertSame($cookie->getValue(), $this->response()->headers->getCookies()[0]->getValue());
    }

    public function testChangesComeFromTheOwnPageOnly(): void
    {
        [$id] = $this->firstPlan();
        $this->ask('DELETE', "/api/plans/{$id}", null, ['HTTP_ORIGIN' => 'http://elsewhere.test', 'HTTP_REFERER' => 'http://elsewhere.test/page']);
        $this->assertStatus(403);
        $this->ask('DELETE', "/api/plans/{$id}", null, ['HTTP_X_CSRF_TOKEN' => '']);
        $this->assertStatus(403);
        $this->ask('DELETE', "/api/plans/{$id}", null, ['HTTP_SEC_FETCH_SITE' => 'cross-site']);
        $this->assertStatus(403);
        $this->ask('POST', '/api/yarns', 'name=x', ['CONTENT_TYPE' => 'application/x-www-form-urlencoded']);
        $this->assertStatus(415);
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(200);
    }

    public function testTooManyChangesAreSlowedDown(): void
    {
        $taken = 0;
        do {
            $this->ask('DELETE', '/api/yarns/01ARZ3NDEKTSV4RRFFQ69G5FAV');
        } while (404 === $this->response()->getStatusCode() && ++$taken < 2000);
        $this->assertStatus(429);
        self::assertGreaterThanOrEqual(600, $taken);
        self::assertGreaterThanOrEqual(1, (int) $this->response()->headers->get('Retry-After'));
    }

    /** What is only looked at is worked out, too; the shelf is not. */
    public function testTooMuchLookingIsSlowedDown(): void
    {
        $seen = 0;
        do {
            $this->ask('GET', '/api/plans/01ARZ3NDEKTSV4RRFFQ69G5FAV');
        } while (404 === $this->response()->getStatusCode() && ++$seen < 3000);
        $this->assertStatus(429);
        self::assertGreaterThanOrEqual(900, $seen);
        self::assertGreaterThanOrEqual(1, (int) $this->response()->headers->get('Retry-After'));
        $this->ask('GET', '/api/shelf');
        $this->assertStatus(200);
    }

    public function testTheHeadersKeepThePageToItself(): void
    {
        $this->browser->request('GET', '/');
        $policy = (string) $this->response()->headers->get('Content-Security-Policy');
        self::assertStringContainsString("default-src 'none'", $policy);
        self::assertStringContainsString("script-src 'self';", $policy);
        self::assertStringNotContainsString('unsafe', $policy);
        self::assertMatchesRegularExpression('/nonce-([0-9a-f]{32})/', $policy);
        self::assertSame('nosniff', $this->response()->headers->get('X-Content-Type-Options'));
        self::assertSame('DENY', $this->response()->headers->get('X-Frame-Options'));
    }

    public function testAddressesOfThePage(): void
    {
        [$id] = $this->firstPlan();
        foreach (["/plan/{$id}", "/plan/{$id}/changes", "/plan/{$id}/make", '/make', '/bench', '/practice'] as $path) {
            $this->browser->request('GET', $path);
            self::assertResponseIsSuccessful();
        }
        $this->browser->request('GET', "/plan/{$id}/kitchen");
        $this->assertStatus(404);
    }
}
