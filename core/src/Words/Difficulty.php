<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

/** How hard a pattern is, as patterns say it: common practice, no source. */
enum Difficulty
{
    case Easy;
    case Intermediate;
    case Advanced;

    /**
     * @param int  $inARound  the most changes of yarn within one round
     * @param bool $isJoined  pieces are worked on from one another
     * @param bool $hasShaped it has stitches that stand out, or others than those that every maker knows
     */
    public static function of(int $inARound, bool $isJoined, bool $hasShaped): self
    {
        return match (true) {
            $inARound > 4 => self::Advanced,
            $inARound > 0, $isJoined, $hasShaped => self::Intermediate,
            default => self::Easy,
        };
    }

    public function inWords(): string
    {
        return match ($this) {
            self::Easy => 'easy',
            self::Intermediate => 'intermediate: some rounds need attention',
            self::Advanced => 'advanced: many changes of yarn in a round',
        };
    }
}
