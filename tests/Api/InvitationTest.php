<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Tests\ApiTestCase;
use Alternum\Server\Tests\LetsIn;

/** Links that let somebody into a workshop, to do so much and no more. */
final class InvitationTest extends ApiTestCase
{
    use LetsIn;

    protected function setUp(): void
    {
        parent::setUp();
        $this->forgetWhatWasCounted();
    }

    /** An invitation lets one in, once, within a week, and not after it was ended. */
    public function testAnInvitationOpensOnceAndSoon(): void
    {
        $owner = $this->cookie();
        $answer = $this->ask('POST', '/api/workshop/invitations', ['role' => 'read']);
        self::assertEqualsWithDelta(time() + 7 * 86400, strtotime(self::string($answer, 'endsAt')), 5);
        $secret = self::string($answer, 'secret');
        $ended = self::string($this->ask('POST', '/api/workshop/invitations', ['role' => 'edit']), 'secret');
        $out = self::at($this->ask('GET', '/api/workshop'), 'accounts', 'invitations');
        self::assertIsArray($out);
        self::assertSame(['read', 'edit'], array_column($out, 'role'));
        $this->ask('DELETE', '/api/workshop/invitations/'.self::string($out, 1, 'id'));
        $this->assertStatus(204);
        self::assertSame([403, 204, 403], [$this->opens($ended), $this->opens($secret), $this->opens($secret)]);
        $this->visit($owner);
        $late = self::string($this->ask('POST', '/api/workshop/invitations', ['role' => 'read']), 'secret');
        $this->connection()->executeStatement('UPDATE invitation SET ends_at = ?', ['2026-01-01 00:00:00']);
        self::assertSame([], self::at($this->ask('GET', '/api/workshop'), 'accounts', 'invitations'));
        self::assertSame(403, $this->opens($late));
        $this->visit($owner);
        for ($i = 0; $i < 20; ++$i) {
            $this->ask('POST', '/api/workshop/invitations', ['role' => 'make']);
        }
        $this->assertStatus(201);
        self::assertStringContainsString('20 invitations', self::string($this->ask('POST', '/api/workshop/invitations', ['role' => 'make']), 'detail'));
        $this->assertStatus(422);
    }

    /** A link that allows less takes nothing away; a pass hands on what its browser may, and nothing once that is signed out. */
    public function testALinkTakesNothingAwayAndHandsOnNoMore(): void
    {
        $less = self::string($this->ask('POST', '/api/workshop/invitations', ['role' => 'read']), 'secret');
        $this->ask('POST', '/api/workshop/open', ['secret' => $less]);
        self::assertSame('hold', $this->ask('GET', '/api/workshop')['may']);
        $owner = $this->cookie();

        $this->visit($this->invited('make'));
        $pass = self::string($this->ask('POST', '/api/workshop/pass'), 'secret');
        self::assertSame(204, $this->opens($pass));
        self::assertSame('make', $this->ask('GET', '/api/workshop')['may']);
        $this->visit($owner);
        $reader = $this->invited('read');
        $this->visit($reader);
        $pass = self::string($this->ask('POST', '/api/workshop/pass'), 'secret');
        $this->visit($owner);
        $browsers = $this->ask('GET', '/api/workshop')['browsers'];
        self::assertIsArray($browsers);
        $readers = array_keys(array_column($browsers, 'role', 'id'), 'read', true);
        self::assertCount(1, $readers);
        $this->ask('DELETE', "/api/workshop/browsers/{$readers[0]}");
        $this->assertStatus(204);
        self::assertSame(403, $this->opens($pass));
    }

    /** However many browsers a guest opens it in, who holds it is not signed out by that. */
    public function testGuestsSignOutNobodyWhoHoldsIt(): void
    {
        $owner = $this->cookie();
        $guest = $this->invited('read');
        for ($i = 0; $i < 32; ++$i) {
            $this->visit($guest);
            $pass = self::string($this->ask('POST', '/api/workshop/pass'), 'secret');
            self::assertSame(204, $this->opens($pass));
            $guest = $this->cookie();
        }
        $this->visit($owner);
        self::assertSame('hold', $this->ask('GET', '/api/workshop')['may']);
        $this->ask('DELETE', '/api/workshop/browsers');
        $this->assertStatus(204);
        $this->visit($guest);
        $this->ask('GET', '/api/shelf');
        $this->assertStatus(401);
    }

    /** Where no more people can be let in, the link is not used up by trying. */
    public function testAWorkshopIsFullOnce(): void
    {
        $secret = self::string($this->ask('POST', '/api/workshop/invitations', ['role' => 'make']), 'secret');
        $this->connection()->executeStatement(
            "INSERT INTO person (id, name, password_hash, begun_at) SELECT UNHEX(LPAD(HEX(seq), 32, '0')), CONCAT('Guest ', seq), '', NOW() FROM seq_1_to_50",
        );
        $this->connection()->executeStatement(
            "INSERT INTO member (workshop_id, person_id, role, opened_at) SELECT workshop_id, p.id, 'read', NOW() FROM invitation, person p",
        );
        $this->openWorkshop();
        $this->ask('POST', '/api/account', ['name' => 'Rosa', 'password' => 'lantern harbour mitten']);
        $full = $this->ask('POST', '/api/workshop/open', ['secret' => $secret]);
        $this->assertStatus(422);
        self::assertSame('A workshop can have 50 people, and this one does.', $full['detail']);
        $this->connection()->executeStatement("DELETE FROM person WHERE name = 'Guest 7'");
        $this->ask('POST', '/api/workshop/open', ['secret' => $secret]);
        $this->assertStatus(204);
        self::assertSame('make', $this->ask('GET', '/api/workshop')['may']);
    }
}
