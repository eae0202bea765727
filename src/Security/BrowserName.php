<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

/** What a browser calls itself, so that its owner knows it among others: "Firefox on Linux". */
final class BrowserName
{
    /** Words of a User-Agent header, in the order in which they decide: many browsers name others too. */
    private const BROWSERS = [
        'Firefox/' => 'Firefox', 'Edg' => 'Edge', 'OPR/' => 'Opera', 'Chrome/' => 'Chrome', 'Chromium/' => 'Chromium', 'Safari/' => 'Safari',
    ];
    private const SYSTEMS = [
        'iPhone' => 'an iPhone', 'iPad' => 'an iPad', 'Android' => 'Android', 'Windows' => 'Windows', 'Mac OS X' => 'macOS', 'Linux' => 'Linux',
    ];

    public static function of(string $header): string
    {
        $browser = self::first(self::BROWSERS, $header) ?? 'A browser';
        $system = self::first(self::SYSTEMS, $header);

        return null === $system ? $browser : "{$browser} on {$system}";
    }

    /** @param array<string, string> $names */
    private static function first(array $names, string $header): ?string
    {
        foreach ($names as $word => $name) {
            if (str_contains($header, $word)) {
                return $name;
            }
        }

        return null;
    }
}
