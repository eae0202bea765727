<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

/**
 * Which old versions of a plan can go: all of the last hour are kept, one an hour of the last day, one a day before that. The last ones are
 * kept whatever the clock says, as it may have jumped. What takes more room than there is goes from the oldest on.
 */
final class Thinning
{
    /** So many of the newest are no question of time. */
    public const KEPT = 200;
    /** So many of the newest are no question of room either. */
    public const LEAST = 20;
    private const HOUR = 3600;
    private const DAY = 86400;

    /**
     * @param list<array{number: int, savedAt: \DateTimeImmutable, bytes: int}> $listed the newest first
     * @param int                                                               $room   bytes that they may take in all
     *
     * @return list<int> the numbers of those that can go: of each hour, and of each day, the newest stays
     */
    public static function tooMany(array $listed, \DateTimeImmutable $now, int $room): array
    {
        $kept = $gone = [];
        foreach ($listed as $i => $version) {
            $slot = $i < self::KEPT ? "newest {$i}" : self::slot($version['savedAt']->getTimestamp(), $now->getTimestamp(), $version['number']);
            if ($i >= self::LEAST && (isset($kept[$slot]) || $version['bytes'] > $room)) {
                $gone[] = $version['number'];
                continue;
            }
            $room -= $version['bytes'];
            $kept[$slot] = true;
        }

        return $gone;
    }

    private static function slot(int $at, int $now, int $number): string
    {
        return match (true) {
            $now - $at < self::HOUR => "all {$number}",
            $now - $at < self::DAY => 'hour '.intdiv($at, self::HOUR),
            default => 'day '.intdiv($at, self::DAY),
        };
    }
}
