<?php

declare(strict_types=1);

namespace Alternum\Server\Database;

use Alternum\Server\Watch\Counters;
use Doctrine\DBAL\Exception\RetryableException;

/**
 * Does a writing again that the database undid as a whole, since another had changed the same rows: two transactions that wait for one another, or, with
 * several databases in a cluster, two that were written at once in two of them (MariaDB's error 1213, in both cases).
 */
final readonly class Retrying
{
    private const TRIES = 5;
    /** Microseconds before the second try; each further one waits twice as long, and by chance a little less. */
    private const WAITS = 10_000;

    public function __construct(private Counters $counters)
    {
    }

    /**
     * @template T
     *
     * @param \Closure(): T $writing all of it is undone where it fails
     *
     * @return T
     *
     * @throws RetryableException where it was undone each time
     * @throws \Throwable         whatever else the writing throws, at once
     */
    public function do(\Closure $writing): mixed
    {
        for ($try = 1;; ++$try) {
            try {
                return $writing();
            } catch (RetryableException $undone) {
                if (self::TRIES === $try) {
                    throw $undone;
                }
                $this->counters->add('alternum_database_retries_total');
                usleep(random_int(intdiv(self::WAITS, 2), self::WAITS) * 2 ** ($try - 1));
            }
        }
    }
}
