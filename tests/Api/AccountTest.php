<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;

/** A name and a password that open workshops: begun, signed in with, forgotten, changed, ended. */
final class AccountTest extends ApiTestCase
{
    private const PASSWORD = 'lantern harbour mitten';
    private const OTHER = 'thimble orchard gravel';

    protected function setUp(): void
    {
        parent::setUp();
        $this->forgetWhatWasCounted();
    }

    public function testWhoHasAnAccountOpensTheirWorkshopAnywhere(): void
    {
        [$plan] = $this->firstPlan();
        $codes = $this->begin('Rosa');
        self::assertCount(8, $codes);
        foreach ($codes as $code) {
            self::assertMatchesRegularExpression('/^[0-9A-HJKMNP-TV-Z]{5}(-[0-9A-HJKMNP-TV-Z]{5}){3}$/D', $code);
        }
        $accounts = (array) $this->ask('GET', '/api/workshop')['accounts'];
        self::assertSame(['Rosa', 8], [$accounts['name'], $accounts['codes']]);
        self::assertSame([['Rosa', 'hold', true]], $this->people());
        $this->openWorkshop();
        $this->ask('GET', "/api/plans/{$plan}");
        $this->assertStatus(404);
        $this->signIn('rosa', self::PASSWORD);
        $this->assertStatus(204);
        $this->ask('GET', "/api/plans/{$plan}");
        $this->assertStatus(200);
        $this->ask('POST', '/api/account/sign-out');
        $this->assertStatus(204);
        self::assertSame([], $this->browser->getCookieJar()->all());
    }

    public function testANameIsOnePersons(): void
    {
        $this->begin('Rosa');
        $this->ask('POST', '/api/account', ['name' => 'Ada', 'password' => self::PASSWORD]);
        $this->assertStatus(409);
        $this->openWorkshop();
        $answer = $this->ask('POST', '/api/account', ['name' => ' ROSA ', 'password' => self::OTHER]);
        $this->assertStatus(422);
        self::assertSame('name', self::at($answer, 'problems', 0, 'path'));
        self::assertSame(1, $this->connection()->fetchOne('SELECT COUNT(*) FROM person'));
    }

    /** A code is used up, the password before opens nothing, and whoever was signed in elsewhere is not any more. */
    public function testAForgottenPasswordIsReplacedByACode(): void
    {
        [$plan] = $this->firstPlan();
        $codes = $this->begin('Rosa');
        $elsewhere = $this->cookie();
        $this->openWorkshop();
        $recover = fn (string $name, string $code, string $password): array => $this->ask('POST', '/api/account/recover', compact('name', 'code', 'password'));
        $recover('Rosa', str_replace('0', '1', strrev($codes[0])), self::OTHER);
        $this->assertStatus(403);
        $recover('Nobody', $codes[0], self::OTHER);
        $this->assertStatus(403);
        $recover('Rosa', $codes[0], 'short');
        $this->assertStatus(422);
        // As one writes it from paper.
        $recover('rosa', ' '.strtolower(str_replace(['-', '0', '1'], [' ', 'o', 'l'], $codes[0])), self::OTHER);
        $this->assertStatus(204);
        $this->ask('GET', "/api/plans/{$plan}");
        $this->assertStatus(200);
        self::assertSame(7, self::at($this->ask('GET', '/api/workshop'), 'accounts', 'codes'));
        $recover('Rosa', $codes[0], self::PASSWORD);
        $this->assertStatus(403);
        $this->signIn('Rosa', self::PASSWORD);
        $this->assertStatus(403);
        $this->signIn('Rosa', self::OTHER);
        $this->assertStatus(204);
        $this->visit($elsewhere);
        $this->ask('GET', '/api/shelf');
        $this->assertStatus(401);
    }

    public function testAnotherPasswordSignsOutElsewhere(): void
    {
        $this->begin('Rosa');
        $first = $this->cookie();
        $this->openWorkshop();
        $this->signIn('Rosa', self::PASSWORD);
        $this->ask('PUT', '/api/account/password', ['password' => self::OTHER, 'other' => self::OTHER]);
        $this->assertStatus(403);
        $answer = $this->ask('PUT', '/api/account/password', ['password' => self::PASSWORD, 'other' => 'qwertyuiopas']);
        self::assertSame('other', self::at($answer, 'problems', 0, 'path'));
        $this->ask('PUT', '/api/account/password', ['password' => self::PASSWORD, 'other' => self::OTHER]);
        $this->assertStatus(204);
        $this->ask('GET', '/api/shelf');
        $this->assertStatus(200);
        $this->visit($first);
        $this->ask('GET', '/api/shelf');
        $this->assertStatus(401);
        $this->openWorkshop();
        $this->signIn('Rosa', self::PASSWORD);
        $this->assertStatus(403);
    }

    public function testNewCodesEndThoseBefore(): void
    {
        $before = $this->begin('Rosa');
        $this->ask('POST', '/api/account/codes', ['password' => self::OTHER]);
        $this->assertStatus(403);
        $codes = $this->ask('POST', '/api/account/codes', ['password' => self::PASSWORD])['codes'];
        self::assertIsArray($codes);
        $codes = array_values(array_filter($codes, is_string(...)));
        self::assertSame([], array_intersect($before, $codes));
        $this->ask('POST', '/api/account/recover', ['name' => 'Rosa', 'code' => $before[3], 'password' => self::OTHER]);
        $this->assertStatus(403);
        $this->ask('POST', '/api/account/recover', ['name' => 'Rosa', 'code' => $codes[3], 'password' => self::OTHER]);
        $this->assertStatus(204);
    }

    /** What a browser held by itself is not lost where somebody signs in there and says so. */
    public function testWhatIsOpenHereCanBeKept(): void
    {
        [$first] = $this->firstPlan();
        $this->begin('Rosa');
        $this->openWorkshop();
        [$second] = $this->firstPlan();
        $this->signIn('Rosa', self::PASSWORD, ['keeps' => true]);
        $this->ask('GET', "/api/plans/{$first}");
        $this->assertStatus(200);
        $workshops = self::at($this->ask('GET', '/api/workshop'), 'accounts', 'workshops');
        self::assertIsArray($workshops);
        self::assertSame([true, false], array_column($workshops, 'isOpen'));
        self::assertSame([['Rosa'], ['Rosa']], array_column($workshops, 'holders'));
        $this->connection()->executeStatement('UPDATE member SET opened_at = opened_at - INTERVAL 1 MINUTE');
        $this->ask('POST', '/api/account/workshops/'.self::string($workshops, 1, 'id').'/open');
        $this->assertStatus(204);
        $this->ask('GET', "/api/plans/{$second}");
        $this->assertStatus(200);
        $this->openWorkshop();
        $this->signIn('Rosa', self::PASSWORD);
        $this->ask('GET', "/api/plans/{$second}");
        $this->assertStatus(200);
        self::assertCount(2, (array) self::at($this->ask('GET', '/api/workshop'), 'accounts', 'workshops'));
    }

    /** An account ends and leaves the workshop to this browser; or nothing ends, where a workshop would be left to nobody. */
    public function testAnAccountIsErased(): void
    {
        [$plan] = $this->firstPlan();
        $this->begin('Rosa');
        $elsewhere = $this->cookie();
        $this->openWorkshop();
        $this->signIn('Rosa', self::PASSWORD, ['keeps' => true]);
        $this->ask('POST', '/api/account/erase', ['password' => self::PASSWORD]);
        $this->assertStatus(409);
        $workshops = self::at($this->ask('GET', '/api/workshop'), 'accounts', 'workshops');
        self::assertIsArray($workshops);
        $this->ask('POST', '/api/account/workshops/'.self::string($workshops, 1, 'id').'/open');
        $this->ask('DELETE', '/api/workshop');
        $this->assertStatus(204);
        $this->signIn('Rosa', self::PASSWORD);
        $this->ask('POST', '/api/account/erase', ['password' => self::OTHER]);
        $this->assertStatus(403);
        $this->ask('POST', '/api/account/erase', ['password' => self::PASSWORD]);
        $this->assertStatus(204);
        foreach (['person', 'member', 'recovery_code'] as $table) {
            self::assertSame(0, $this->connection()->fetchOne("SELECT COUNT(*) FROM {$table}"), $table);
        }
        $this->ask('GET', "/api/plans/{$plan}");
        $this->assertStatus(200);
        self::assertSame('hold', $this->response()->headers->get('Alternum-May'));
        self::assertNull(self::at($this->ask('GET', '/api/workshop'), 'accounts', 'name'));
        $this->visit($elsewhere);
        $this->ask('GET', '/api/shelf');
        $this->assertStatus(401);
        $this->openWorkshop();
        $this->signIn('Rosa', self::PASSWORD);
        $this->assertStatus(403);
    }

    /** Without the option there is nothing of it: not asked, not shown, and no one is told apart. */
    public function testWhereItIsOffThereIsNone(): void
    {
        $this->begin('Rosa');
        $out = self::string($this->ask('POST', '/api/workshop/invitations', ['role' => 'read']), 'secret');
        $_SERVER['ALTERNUM_ACCOUNTS'] = $_ENV['ALTERNUM_ACCOUNTS'] = 'off';
        try {
            self::ensureKernelShutdown();
            $this->browser = self::createClient();
            $this->openWorkshop();
            self::assertStringNotContainsString('name="accounts"', (string) $this->response()->getContent());
            self::assertNull($this->ask('GET', '/api/workshop')['accounts']);
            $this->ask('POST', '/api/workshop/open', ['secret' => $out]);
            $this->assertStatus(403);
            foreach (self::contract()->operations() as [$method, $path]) {
                if (1 === preg_match('~^/api/(account|workshop/(invitations|people))~', $path)) {
                    $sent = \in_array($method, ['POST', 'PUT'], true) ? ['name' => 'Rosa', 'password' => self::PASSWORD] : null;
                    $answer = $this->ask($method, str_replace('{id}', '01ARZ3NDEKTSV4RRFFQ69G5FAV', $path), $sent);
                    self::assertSame([404, 'There are no accounts here.'], [$this->response()->getStatusCode(), $answer['detail']], "{$method} {$path}");
                }
            }
        } finally {
            unset($_SERVER['ALTERNUM_ACCOUNTS'], $_ENV['ALTERNUM_ACCOUNTS']);
        }
    }

    public function testNobodyIsWithoutAWorkshop(): void
    {
        $this->begin('Rosa');
        $this->ask('DELETE', '/api/workshop');
        self::assertSame(1, $this->connection()->fetchOne('SELECT COUNT(*) FROM person'));
        self::assertSame(0, $this->connection()->fetchOne('SELECT COUNT(*) FROM member'));
        $this->openWorkshop();
        $this->signIn('Rosa', self::PASSWORD);
        $this->assertStatus(204);
        self::assertNotSame([], $this->ask('GET', '/api/shelf')['plans']);
        self::assertSame([['Rosa', 'hold', true]], $this->people());
    }

    /** @return list<string> recovery codes */
    private function begin(string $name): array
    {
        $codes = $this->ask('POST', '/api/account', ['name' => $name, 'password' => self::PASSWORD])['codes'] ?? null;
        $this->assertStatus(201);
        self::assertIsArray($codes);

        return array_values(array_filter($codes, is_string(...)));
    }

    /**
     * @param array<string, bool> $more
     *
     * @return array<string, mixed>
     */
    private function signIn(string $name, string $password, array $more = []): array
    {
        return $this->ask('POST', '/api/account/sign-in', ['name' => $name, 'password' => $password] + $more);
    }

    /** @return list<array{mixed, mixed, mixed}> name, role, whether it is who asks */
    private function people(): array
    {
        $people = self::at($this->ask('GET', '/api/workshop'), 'accounts', 'people');
        self::assertIsArray($people);

        return array_values(array_map(
            static fn (mixed $one): array => \is_array($one) ? [$one['name'], $one['role'], $one['isYou']] : [null, null, null],
            $people,
        ));
    }
}
