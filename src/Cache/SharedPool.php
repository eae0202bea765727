<?php

declare(strict_types=1);

namespace Alternum\Server\Cache;

use Psr\Cache\CacheItemPoolInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\Cache\Adapter\RedisAdapter;

/** Where requests are counted and browsers remembered: in the machine's own memory, or in a store that several machines share. */
final class SharedPool
{
    /** Seconds for which a store that is away is waited for; it is then as if nothing had been counted or remembered. */
    private const WAITS = 0.5;

    /** @param string $shared redis://…, or '' */
    public static function of(CacheItemPoolInterface $own, string $shared, LoggerInterface $logger): CacheItemPoolInterface
    {
        if ('' === $shared) {
            return $own;
        }
        $connection = RedisAdapter::createConnection($shared, ['lazy' => true, 'timeout' => self::WAITS, 'read_timeout' => self::WAITS]);
        $pool = new RedisAdapter($connection, 'alternum');
        $pool->setLogger($logger);

        return $pool;
    }
}
