<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Alternum\Server\Entity\Workshop;
use Symfony\Component\HttpFoundation\Cookie;
use Symfony\Component\HttpFoundation\Request;

/** The signed cookie that holds a workshop's id. */
final readonly class WorkshopCookie
{
    private const NAME = 'alternum_workshop';
    /** Browsers keep none for longer; it is renewed at each visit. */
    private const LASTS = '+400 days';

    public function __construct(#[\SensitiveParameter] private string $secret)
    {
    }

    public function of(Workshop $workshop, bool $secure): Cookie
    {
        $id = $workshop->id()->toBase32();

        return Cookie::create(self::NAME, "{$id}.{$this->sign($id)}", self::LASTS, '/', null, $secure, true, false, Cookie::SAMESITE_LAX);
    }

    /** @return string|null the workshop's id; null where there is no cookie or its signature is wrong */
    public function read(Request $request): ?string
    {
        $parts = explode('.', $request->cookies->getString(self::NAME), 2);

        return 2 === \count($parts) && hash_equals($this->sign($parts[0]), $parts[1]) ? $parts[0] : null;
    }

    private function sign(string $id): string
    {
        return hash_hmac('sha256', "workshop {$id}", $this->secret);
    }
}
