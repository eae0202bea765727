<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\Uid\Ulid;

/** Where a workshop is open, what opens it elsewhere, and how that is ended. */
final class BrowsersTest extends ApiTestCase
{
    /** A key that opens once is used up; one that is ended opens nothing. */
    public function testAKeyCanOpenOnceAndBeEnded(): void
    {
        $once = self::string($this->ask('POST', '/api/workshop/key', ['opensOnce' => true]), 'secret');
        self::assertSame([true, true], [self::at($this->ask('GET', '/api/workshop'), 'hasKey'), self::at($this->ask('GET', '/api/workshop'), 'keyOpensOnce')]);
        [$id] = $this->firstPlan();
        $this->browser->getCookieJar()->clear();
        $this->ask('POST', '/api/workshop/open', ['secret' => $once]);
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(200);
        self::assertFalse($this->ask('GET', '/api/workshop')['hasKey']);
        $this->ask('POST', '/api/workshop/open', ['secret' => $once]);
        $this->assertStatus(403);
        $key = self::string($this->ask('POST', '/api/workshop/key'), 'secret');
        $this->ask('DELETE', '/api/workshop/key');
        $this->assertStatus(204);
        $this->ask('POST', '/api/workshop/open', ['secret' => $key]);
        $this->assertStatus(403);
    }

    /** What a phone scans opens the workshop once, within ten minutes, and leaves the maker's own link as it is. */
    public function testAPassOpensOnceAndSoon(): void
    {
        $key = self::string($this->ask('POST', '/api/workshop/key'), 'secret');
        [$id] = $this->firstPlan();
        $pass = $this->ask('POST', '/api/workshop/pass');
        $this->assertStatus(201);
        self::assertEqualsWithDelta(time() + 600, strtotime(self::string($pass, 'endsAt')), 5);
        $this->browser->getCookieJar()->clear();
        $this->ask('POST', '/api/workshop/open', ['secret' => self::string($pass, 'secret')]);
        $this->assertStatus(204);
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(200);
        $this->ask('POST', '/api/workshop/open', ['secret' => self::string($pass, 'secret')]);
        $this->assertStatus(403);

        $late = self::string($this->ask('POST', '/api/workshop/pass'), 'secret');
        $this->connection()->executeStatement('UPDATE workshop SET pass_ends_at = ? WHERE pass_hash IS NOT NULL', ['2026-01-01 00:00:00']);
        $this->openWorkshop();
        $this->ask('POST', '/api/workshop/open', ['secret' => $late]);
        $this->assertStatus(403);
        $this->ask('POST', '/api/workshop/open', ['secret' => $key]);
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(200);
    }

    /** Erased is erased: no row of it is left in any table, and no browser and no key open it. */
    public function testAWorkshopIsErasedAsAWhole(): void
    {
        $tables = ['workshop', 'browser', 'saved_plan', 'plan_version', 'making', 'making_event', 'making_plan', 'yarn_at_hand'];
        $rows = fn (): array => array_map(fn (string $table): mixed => $this->connection()->fetchOne("SELECT COUNT(*) FROM {$table}"), $tables);
        $before = $rows();
        $this->openWorkshop();
        $key = self::string($this->ask('POST', '/api/workshop/key'), 'secret');
        [$id] = $this->firstPlan();
        $this->save($id, 1, self::set(['title'], 'To be erased'), self::set(['title'], 'Soon'));
        $making = self::string($this->ask('POST', "/api/plans/{$id}/makings"), 'id');
        $stop = ['id' => '01KBC0000000000000000000B1', 'n' => 1, 'at' => 1_764_600_000_000, 'kind' => 'worked'];
        $stop += ['piece' => 'float', 'copy' => 1, 'round' => 1, 'stitch' => 6];
        $this->ask('POST', "/api/makings/{$making}/events", ['events' => [$stop]]);
        $this->assertStatus(200);
        $took = ['id' => '01KBC0000000000000000000B2', 'n' => 2, 'at' => 1_764_600_000_000, 'kind' => 'took', 'revision' => 3, 'from' => 'round'];
        $this->ask('POST', "/api/makings/{$making}/plan", $took);
        $this->assertStatus(200);
        $owner = $this->browser->getCookieJar()->all()[0];
        $this->browser->getCookieJar()->clear();
        $this->ask('POST', '/api/workshop/open', ['secret' => $key]);
        $this->assertStatus(204);
        $guest = $this->browser->getCookieJar()->all()[0];
        $this->browser->getCookieJar()->set($owner);
        $this->ask('DELETE', '/api/workshop');
        $this->assertStatus(204);
        self::assertSame([], $this->browser->getCookieJar()->all());
        self::assertSame($before, $rows());
        foreach ([$owner, $guest] as $cookie) {
            $this->browser->getCookieJar()->set($cookie);
            $this->ask('GET', '/api/shelf');
            $this->assertStatus(401);
        }
        $this->browser->getCookieJar()->clear();
        $this->ask('POST', '/api/workshop/open', ['secret' => $key]);
        $this->assertStatus(403);
    }

    public function testEachBrowserHasARowAndTheOthersCanBeSignedOut(): void
    {
        $secret = self::string($this->ask('POST', '/api/workshop/key'), 'secret');
        [$id] = $this->firstPlan();
        $first = $this->browser->getCookieJar()->all()[0];
        $cookies = [];
        foreach (['Mozilla/5.0 (X11; Linux x86_64; rv:140.0) Gecko/20100101 Firefox/140.0', 'curl/8'] as $agent) {
            $this->browser->getCookieJar()->clear();
            $this->ask('POST', '/api/workshop/open', ['secret' => $secret], ['HTTP_USER_AGENT' => $agent]);
            $cookies[] = $this->browser->getCookieJar()->all()[0];
        }
        $browsers = (array) $this->ask('GET', '/api/workshop')['browsers'];
        $names = array_column($browsers, 'name');
        sort($names);
        self::assertSame(['A browser', 'A browser', 'Firefox on Linux'], $names);
        self::assertCount(1, array_keys(array_column($browsers, 'isThis'), true, true));
        $with = function (Cookie $cookie) use ($id): int {
            $this->browser->getCookieJar()->clear();
            $this->browser->getCookieJar()->set($cookie);
            $this->ask('GET', "/api/plans/{$id}");

            return $this->response()->getStatusCode();
        };
        self::assertSame([200, 200, 200], [$with($first), $with($cookies[0]), $with($cookies[1])]);
        foreach ($browsers as $browser) {
            if (\is_array($browser) && 'Firefox on Linux' === $browser['name'] && \is_string($browser['id'])) {
                $this->ask('DELETE', "/api/workshop/browsers/{$browser['id']}");
                $this->assertStatus(204);
            }
        }
        self::assertSame([200, 401, 200], [$with($first), $with($cookies[0]), $with($cookies[1])]);
        $with($first);
        $this->ask('DELETE', '/api/workshop/browsers');
        $this->assertStatus(204);
        self::assertSame([200, 401], [$with($first), $with($cookies[1])]);
        $this->browser->request('GET', '/');
        self::assertStringContainsString('<meta name="workshop" content="in-place">', (string) $this->response()->getContent());
        $this->browser->request('GET', '/');
        self::assertStringNotContainsString('in-place', (string) $this->response()->getContent());
    }

    /** A cookie of before browsers had rows opens its workshop, until the page gives it one of its own, or the others are signed out. */
    public function testACookieOfBeforeOpensItsWorkshop(): void
    {
        [$id] = $this->firstPlan();
        $bytes = Ulid::fromString($id)->toBinary();
        $workshop = $this->connection()->fetchOne('SELECT workshop_id FROM saved_plan WHERE id = ?', [$bytes]);
        self::assertIsString($workshop);
        $this->connection()->executeStatement('UPDATE workshop SET has_old_cookies = 1 WHERE id = ?', [$workshop]);
        $name = Ulid::fromBinary($workshop)->toBase32();
        $secret = self::getContainer()->getParameter('kernel.secret');
        self::assertIsString($secret);
        $old = new Cookie('alternum_workshop', $name.'.'.hash_hmac('sha256', "workshop {$name}", $secret));
        $open = function () use ($id, $old): int {
            $this->browser->getCookieJar()->clear();
            $this->browser->getCookieJar()->set($old);
            $this->ask('GET', "/api/plans/{$id}");

            return $this->response()->getStatusCode();
        };
        self::assertSame(200, $open());
        $this->browser->request('GET', '/');
        self::assertStringNotContainsString('in-place', (string) $this->response()->getContent());
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(200);
        self::assertSame(200, $open());
        $this->ask('DELETE', '/api/workshop/browsers');
        $this->ask('GET', "/api/plans/{$id}");
        $this->assertStatus(200);
        self::assertSame(401, $open());
    }
}
