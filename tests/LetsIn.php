<?php

declare(strict_types=1);

namespace Alternum\Server\Tests;

use Symfony\Component\BrowserKit\Cookie;

/** Opens a workshop in other browsers than the one that holds it. */
trait LetsIn
{
    /** A browser that was let into the workshop that is open, as it is found open again after. */
    private function invited(string $role): Cookie
    {
        $host = $this->cookie();
        $secret = self::string($this->ask('POST', '/api/workshop/invitations', ['role' => $role]), 'secret');
        self::assertSame(204, $this->opens($secret));
        $guest = $this->cookie();
        $this->visit($host);

        return $guest;
    }

    /** In a browser that holds nothing. */
    private function opens(string $secret): int
    {
        $this->browser->getCookieJar()->clear();
        $this->ask('POST', '/api/workshop/open', ['secret' => $secret]);

        return $this->response()->getStatusCode();
    }
}
