<?php

declare(strict_types=1);

namespace Alternum\Server\Cache;

use Alternum\Core\Notation\Memory;

/** What was read, in memory that all PHP processes share and that ends with them. */
final class ApcuMemory implements Memory
{
    private const LASTS = 86400;

    public function recall(string $key): ?object
    {
        $known = apcu_fetch(self::of($key));

        return \is_object($known) ? $known : null;
    }

    public function keep(string $key, object $value): void
    {
        apcu_store(self::of($key), $value, self::LASTS);
    }

    private static function of(string $key): string
    {
        return 'read '.hash('xxh128', $key);
    }
}
