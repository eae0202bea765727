<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a password must be, how it is kept, and how often it is tried. */
final class PasswordTest extends ApiTestCase
{
    private const PASSWORD = 'lantern harbour mitten';
    private const OTHER = 'thimble orchard gravel';

    protected function setUp(): void
    {
        parent::setUp();
        $this->forgetWhatWasCounted();
    }

    /** It is no plain text anywhere, and no other hash than Argon2id's: OWASP's password storage notes (from memory). */
    public function testAPasswordIsKeptAsArgon2idAlone(): void
    {
        $this->begin('Rosa');
        $hash = $this->connection()->fetchOne('SELECT password_hash FROM person WHERE name = ?', ['Rosa']);
        self::assertIsString($hash);
        self::assertSame('argon2id', password_get_info($hash)['algoName']);
        self::assertTrue(password_verify(self::PASSWORD, $hash));
        self::assertFalse(password_verify(self::OTHER, $hash));
    }

    /** @return iterable<string, array{string, string}> a password, and what is said of it */
    public static function weak(): iterable
    {
        yield 'short' => ['Mitten7!abc', 'This password is short: it has 11 characters.'];
        yield 'one key' => ['aaaaaaaaaaaaaaaa', 'among the first that are tried'];
        yield 'a few keys' => ['abcabcabcabcabc', 'among the first that are tried'];
        yield 'counted' => ['abcdefghijklmn', 'among the first that are tried'];
        yield 'along the keys' => ['qwertyuiopas', 'among the first that are tried'];
        yield 'digits in turn' => ['12345678901234', 'among the first that are tried'];
        yield 'the name' => ['Rosamunde1234', 'little more than your name'];
        yield 'long' => [str_repeat('mitten harbour ', 9), 'This password has 135 characters.'];
    }

    #[DataProvider('weak')]
    public function testWhatWouldBeGuessedIsNotTaken(string $password, string $says): void
    {
        $answer = $this->ask('POST', '/api/account', ['name' => 'Rosamunde', 'password' => $password]);
        $this->assertStatus(422);
        self::assertStringContainsString($says, self::string($answer, 'detail'));
        self::assertSame('password', self::at($answer, 'problems', 0, 'path'));
        self::assertSame(0, $this->connection()->fetchOne('SELECT COUNT(*) FROM person'));
    }

    /** What a password is made of is the maker's own: no sign is asked for, and letters of any script count. */
    public function testAnyLongWordsAreTaken(): void
    {
        foreach (['korb mütze hafen' => 'Uwe', 'лампа гавань варежка' => 'Ада', '🧶🧵🪡📌🧷🪢🧶🧵🪡📌🧷🪢' => 'Io'] as $password => $name) {
            $this->openWorkshop();
            $this->ask('POST', '/api/account', ['name' => $name, 'password' => $password]);
            $this->assertStatus(201);
            $this->openWorkshop();
            $this->signIn($name, $password);
            $this->assertStatus(204);
        }
    }

    /** Whether there is such a name is not said, and it is not tried for ever: not of one name, and soon again for whoever was right. */
    public function testTryingIsSlowedDown(): void
    {
        $this->begin('Rosa');
        $this->openWorkshop();
        $said = $this->signIn('Rosa', self::OTHER);
        $this->assertStatus(403);
        self::assertSame($said, $this->signIn('Nobody', self::OTHER));
        $this->signIn('Rosa', self::PASSWORD);
        $this->assertStatus(204);
        for ($i = 0; $i < 10; ++$i) {
            $this->signIn('rosa', self::OTHER);
            $this->assertStatus(403);
        }
        $this->signIn('Rosa', self::PASSWORD);
        $this->assertStatus(429);
        self::assertGreaterThan(600, (int) $this->response()->headers->get('Retry-After'));
        $this->signIn('Nobody', self::PASSWORD);
        $this->assertStatus(403);
    }

    /** Ways to write a name that are one name here are one name where tries are counted, too. */
    public function testAnotherWayToWriteANameIsNotAnotherTry(): void
    {
        $this->begin('Rosa');
        $this->forgetWhatWasCounted();
        foreach (['rosa', 'ROSA', 'Rósa', 'rosà', 'Rösa', 'röSà', 'RÓSA', 'Rosá', 'rôsa', 'rosâ'] as $name) {
            $this->signIn($name, self::OTHER);
            $this->assertStatus(403);
        }
        $this->signIn('Rosa', self::PASSWORD);
        $this->assertStatus(429);
    }

    public function testANameCanBeSeen(): void
    {
        foreach ([' ', "\u{200B}\u{200B}", '—'] as $name) {
            $answer = $this->ask('POST', '/api/account', ['name' => $name, 'password' => self::PASSWORD]);
            $this->assertStatus(422);
            self::assertSame('name', self::at($answer, 'problems', 0, 'path'), $name);
        }
    }

    /** Neither who tried nor with what, whether it was right, wrong or too much. */
    public function testNothingOfItIsInTheLog(): void
    {
        $name = 'Rosalinde-'.bin2hex(random_bytes(4));
        $this->begin($name);
        for ($i = 0; $i < 12; ++$i) {
            $this->signIn($name, self::OTHER);
        }
        $this->assertStatus(429);
        $this->ask('PUT', '/api/account/password', ['password' => self::OTHER, 'other' => 7]);
        $this->assertStatus(422);
        foreach ((array) glob(\dirname(__DIR__, 2).'/var/log/*.log') as $file) {
            $log = (string) file_get_contents((string) $file);
            foreach ([$name, self::PASSWORD, self::OTHER] as $secret) {
                self::assertStringNotContainsString($secret, $log, (string) $file);
            }
        }
    }

    private function begin(string $name): void
    {
        $this->ask('POST', '/api/account', ['name' => $name, 'password' => self::PASSWORD]);
        $this->assertStatus(201);
    }

    /** @return array<string, mixed> */
    private function signIn(string $name, string $password): array
    {
        return $this->ask('POST', '/api/account/sign-in', ['name' => $name, 'password' => $password]);
    }
}
