<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;

/** What is counted for who watches. */
final class WatchTest extends ApiTestCase
{
    public function testNumbersAreWrittenInPrometheusFormat(): void
    {
        $before = $this->numbers();
        self::assertSame(1.0, $before['alternum_database_up']);
        self::assertSame(0.0, $before['alternum_migrations_pending']);
        self::assertGreaterThan(0.0, $before['alternum_database_bytes']);
        self::assertArrayHasKey('alternum_rows{table="saved_plan"}', $before);

        [$id] = $this->firstPlan();
        $this->save($id, 1, self::set(['title'], 'Watched'));
        $this->assertStatus(200);
        $this->save($id, 1, self::set(['title'], 'Too late'));
        $this->assertStatus(412);
        $this->save($id, 2, self::set(['gauge', 'stitchesPer10cm'], -1));
        $this->assertStatus(200);
        $this->ask('GET', "/api/plans/{$id}");
        $this->ask('GET', '/api/plans/nowhere');

        $after = $this->numbers();
        $grown = static fn (string $name): float => ($after[$name] ?? 0.0) - ($before[$name] ?? 0.0);
        self::assertSame(1.0, $grown('alternum_operations_total{became="made"}'));
        self::assertSame(1.0, $grown('alternum_operations_total{became="refused"}'));
        self::assertSame(1.0, $grown('alternum_conflicts_total'));
        self::assertSame(2.0, $grown('alternum_requests_total{route="plan_save",status="200"}'));
        self::assertSame(1.0, $grown('alternum_requests_total{route="plan_save",status="412"}'));
        self::assertSame(1.0, $grown('alternum_requests_total{route="plan_open",status="404"}'));
        self::assertSame(3.0, $grown('alternum_request_seconds_count{kind="change"}'));
        self::assertSame(3.0, $grown('alternum_request_seconds_bucket{kind="change",le="+Inf"}'));
        self::assertGreaterThan(0.0, $grown('alternum_request_seconds_sum{kind="change"}'));
        self::assertLessThan(60.0, $grown('alternum_request_seconds_sum{kind="change"}'));
    }

    /** Somebody who guesses at keys is another matter than a page from elsewhere, though both are answered 403. */
    public function testARefusalIsCountedByItsReason(): void
    {
        $before = $this->numbers();
        $this->ask('POST', '/api/workshop/open', ['secret' => str_repeat('0', 64)]);
        $this->assertStatus(403);
        $this->ask('POST', '/api/yarns', [], ['HTTP_ORIGIN' => 'https://elsewhere.example', 'HTTP_SEC_FETCH_SITE' => 'cross-site']);
        $this->assertStatus(403);
        $after = $this->numbers();
        foreach (['key' => 1.0, 'origin' => 1.0, 'rate' => 0.0] as $why => $times) {
            $name = "alternum_refusals_total{why=\"{$why}\"}";
            self::assertSame($times, ($after[$name] ?? 0.0) - ($before[$name] ?? 0.0), $why);
        }
    }

    /** A histogram's parts never fall from one end to the next: the format's own rule. */
    public function testEachEndHasAtLeastWhatTheOneBeforeItHas(): void
    {
        $this->firstPlan();
        $parts = array_filter($this->numbers(), static fn (string $name): bool => str_contains($name, '_bucket{kind="read"'), \ARRAY_FILTER_USE_KEY);
        self::assertCount(9, $parts);
        $by = [];
        foreach ($parts as $name => $value) {
            self::assertSame(1, preg_match('/le="([^"]+)"/', $name, $end));
            $by['+Inf' === $end[1] ? \PHP_INT_MAX : $end[1]] = $value;
        }
        uksort($by, static fn (string|int $a, string|int $b): int => (float) $a <=> (float) $b);
        $before = 0.0;
        foreach ($by as $value) {
            self::assertGreaterThanOrEqual($before, $value);
            $before = $value;
        }
    }

    /** Titles, keys and addresses of makers are no one's to read there. */
    public function testNothingOfAWorkshopIsSaid(): void
    {
        [$id] = $this->firstPlan();
        $this->save($id, 1, self::set(['title'], 'Secret'));
        $this->browser->request('GET', '/metrics');
        $text = (string) $this->response()->getContent();
        self::assertStringNotContainsString('Secret', $text);
        self::assertStringNotContainsString($id, $text);
        self::assertStringNotContainsString('127.0.0.1', $text);
    }

    public function testARequestCarriesTheWordThatTheLogsHave(): void
    {
        $word = str_repeat('0a', 16);
        $this->ask('GET', '/api/shelf', server: ['HTTP_X_REQUEST_ID' => $word]);
        self::assertSame($word, $this->response()->headers->get('X-Request-Id'));
        $this->ask('GET', '/api/shelf', server: ['HTTP_X_REQUEST_ID' => "no word\r\nof ours"]);
        self::assertFalse($this->response()->headers->has('X-Request-Id'));
    }

    /** Bodies as W3C's CSP 3 and Reporting API have them. */
    public function testBreachesOfThePolicyAreCounted(): void
    {
        $before = $this->numbers();
        $send = function (string $type, mixed $body): int {
            $text = \is_string($body) ? $body : (string) json_encode($body);
            $this->browser->request('POST', '/policy-report', server: ['CONTENT_TYPE' => $type], content: $text);

            return $this->response()->getStatusCode();
        };
        $old = ['document-uri' => 'https://toys.example/', 'effective-directive' => 'img-src'];
        self::assertSame(204, $send('application/csp-report', ['csp-report' => $old]));
        $report = ['type' => 'csp-violation', 'body' => ['effectiveDirective' => 'script-src-elem', 'blockedURL' => 'https://elsewhere.example/a.js']];
        self::assertSame(204, $send('application/reports+json', [$report, ['type' => 'deprecation', 'body' => ['id' => 'x']]]));
        self::assertSame(204, $send('application/reports+json', 'no JSON'));
        self::assertSame(204, $send('application/csp-report', ['csp-report' => ['effective-directive' => "img-src\"} 1\nforged"]]));
        // Names that nobody's policy has would fill the memory that all share.
        self::assertSame(204, $send('application/csp-report', ['csp-report' => ['effective-directive' => 'made-up-src']]));
        self::assertSame(413, $send('application/csp-report', str_repeat('x', 20_001)));
        $after = $this->numbers();
        $grown = array_filter(
            array_map(static fn (string $name): float => $after[$name] - ($before[$name] ?? 0.0), array_combine(array_keys($after), array_keys($after))),
            static fn (float $by, string $name): bool => str_starts_with($name, 'alternum_csp') && $by > 0.0,
            \ARRAY_FILTER_USE_BOTH,
        );
        self::assertSame(['alternum_csp_reports_total{rule="img-src"}' => 1.0, 'alternum_csp_reports_total{rule="script-src-elem"}' => 1.0], $grown);
    }

    /** @return array<string, float> as a reader of the format reads them: comments apart, a name and a number a line */
    private function numbers(): array
    {
        $this->browser->request('GET', '/metrics');
        self::assertResponseIsSuccessful();
        self::assertSame('text/plain; version=0.0.4; charset=utf-8', $this->response()->headers->get('Content-Type'));
        $numbers = [];
        foreach (explode("\n", rtrim((string) $this->response()->getContent())) as $line) {
            if (str_starts_with($line, '#')) {
                self::assertMatchesRegularExpression('/^# (HELP [a-z_]+ .+|TYPE [a-z_]+ (counter|gauge|histogram))$/', $line);
                continue;
            }
            self::assertMatchesRegularExpression('/^[a-z_]+(\{[a-z]+="[^"\n]*"(,[a-z]+="[^"\n]*")*\})? [0-9.e+-]+$/', $line);
            [$name, $value] = explode(' ', $line);
            self::assertArrayNotHasKey($name, $numbers, 'No number is there twice.');
            $numbers[$name] = (float) $value;
        }

        return $numbers;
    }
}
