<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Saving;

use Alternum\Server\Saving\Thinning;
use PHPUnit\Framework\TestCase;

final class ThinningTest extends TestCase
{
    private const ROOM = 8_000_000;

    private static function now(): \DateTimeImmutable
    {
        return new \DateTimeImmutable('2026-03-10 12:00:00 UTC');
    }

    /**
     * @param list<string> $ago
     *
     * @return list<array{number: int, savedAt: \DateTimeImmutable, bytes: int}> the newest first, behind so many that are a minute old
     */
    private static function listed(array $ago, int $before = Thinning::KEPT, int $bytes = 100): array
    {
        $listed = [];
        foreach ([...array_fill(0, $before, '1 minute'), ...$ago] as $i => $one) {
            $listed[] = ['number' => 9000 - $i, 'savedAt' => self::now()->modify("-{$one}"), 'bytes' => $bytes];
        }

        return $listed;
    }

    /**
     * @param list<int> $gone
     *
     * @return list<int> behind the newest
     */
    private static function at(array $gone): array
    {
        return array_map(static fn (int $number): int => 9000 - $number - Thinning::KEPT, $gone);
    }

    public function testOldOnesThinOut(): void
    {
        $ago = [
            '1 minute', '59 minutes', '3 hours 5 minutes', '3 hours 50 minutes', '4 hours 10 minutes', '2 days 1 hour', '2 days 11 hours', '3 days',
            '400 days',
        ];
        self::assertSame([3, 6], self::at(Thinning::tooMany(self::listed($ago), self::now(), self::ROOM)));
    }

    /** A clock that jumps a year ahead, or back, makes none of the last ones old. */
    public function testAJumpedClockThinsNothingOut(): void
    {
        $listed = self::listed(array_map(static fn (int $i): string => "{$i} minutes", range(1, 100)), 50);
        self::assertSame([], Thinning::tooMany($listed, self::now()->modify('+1 year'), self::ROOM));
        self::assertSame([], Thinning::tooMany($listed, self::now()->modify('-1 year'), self::ROOM));
        self::assertSame([], Thinning::tooMany(self::listed([]), self::now()->modify('+9 years'), self::ROOM));
    }

    /** What takes more room than there is goes from the oldest on; the newest twenty stay. */
    public function testLargeOnesThinOutBySize(): void
    {
        $gone = Thinning::tooMany(self::listed([], 50, 200_000), self::now(), self::ROOM);
        self::assertSame(range(9000 - 40, 9000 - 49, -1), $gone);
        self::assertSame(range(9000 - 20, 9000 - 49, -1), Thinning::tooMany(self::listed([], 50, 200_000), self::now(), 1_000_000));
    }
}
