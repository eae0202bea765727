<?php

declare(strict_types=1);

namespace Alternum\Server\Watch;

/** In memory that all PHP processes share and that ends with them: whoever watches knows how a counter begins anew. */
final class ApcuCounters implements Counters
{
    private const PREFIX = 'count ';

    public function add(string $name, int $by = 1): void
    {
        apcu_inc(self::PREFIX.$name, $by);
    }

    public function all(): array
    {
        $all = [];
        /** @var array{key: string, value: int} $counter */
        foreach (new \APCUIterator('/^'.self::PREFIX.'/', \APC_ITER_KEY | \APC_ITER_VALUE) as $counter) {
            $all[substr($counter['key'], \strlen(self::PREFIX))] = $counter['value'];
        }
        ksort($all);

        return $all;
    }
}
