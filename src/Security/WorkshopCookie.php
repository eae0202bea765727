<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Alternum\Server\Entity\Browser;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;

/** The signed cookie that says which browser it is; one of before browsers had rows says which workshop. */
final readonly class WorkshopCookie
{
    private const NAME = 'alternum_workshop';
    /** Browsers keep none for longer; it is renewed at each visit. */
    private const LASTS = '+400 days';
    public const BROWSER = 'browser';
    public const WORKSHOP = 'workshop';

    public function __construct(#[\SensitiveParameter] private string $secret)
    {
    }

    public function of(Browser $browser, bool $secure): Cookie
    {
        $id = $browser->id()->toBase32();

        return Cookie::create(self::NAME, "{$id}.{$this->sign(self::BROWSER, $id)}", self::LASTS, '/', null, $secure, true, false, Cookie::SAMESITE_LAX);
    }

    /** What takes it out of a browser. */
    public function none(bool $secure): Cookie
    {
        return Cookie::create(self::NAME, '', 1, '/', null, $secure, true, false, Cookie::SAMESITE_LAX);
    }

    /** Nothing but the cookie: 204. */
    public static function answer(Cookie $cookie): Response
    {
        $response = new Response(null, Response::HTTP_NO_CONTENT);
        $response->headers->setCookie($cookie);

        return $response;
    }

    /** @return string|null "browser ID" or "workshop ID"; null where there is no cookie or its signature is wrong */
    public function read(Request $request): ?string
    {
        $parts = explode('.', $request->cookies->getString(self::NAME), 2);
        foreach ([self::BROWSER, self::WORKSHOP] as $what) {
            if (2 === \count($parts) && hash_equals($this->sign($what, $parts[0]), $parts[1])) {
                return "{$what} {$parts[0]}";
            }
        }

        return null;
    }

    private function sign(string $what, string $id): string
    {
        return hash_hmac('sha256', "{$what} {$id}", $this->secret);
    }
}
