<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Practice;

use Alternum\Core\Making\Guide\Guide;
use Alternum\Core\Making\Guide\Stop;
use Alternum\Core\Making\StepKind;

/** Where on the small ball each thing comes for the first time. */
final class Lessons
{
    /** @return array<int, Lesson> by the stop at which it is explained; behind the last stop: when all is done */
    public static function in(Guide $guide): array
    {
        $lessons = [];
        $changes = 0;
        $isAfterChange = false;
        foreach ($guide->stops as $i => $stop) {
            $isChange = self::changes($stop);
            $changes += $isChange ? 1 : 0;
            $lesson = match (true) {
                null === $stop->group => self::ofStep($stop->step?->kind()),
                $isChange => 1 === $changes ? Lesson::Change : Lesson::DrawnLoop,
                $isAfterChange => 1 === $changes ? Lesson::PlainJog : null,
                default => [1 => Lesson::Ring, 2 => Lesson::Marker, 3 => Lesson::Counting][$stop->round] ?? null,
            };
            $isAfterChange = $isChange;
            if (null !== $lesson && !\in_array($lesson, $lessons, true)) {
                $lessons[$i] = $lesson;
            }
        }

        return $lessons + [\count($guide->stops) => Lesson::Tails];
    }

    private static function changes(Stop $stop): bool
    {
        foreach ($stop->told as $told) {
            if (StepKind::Change === $told->step->kind()) {
                return true;
            }
        }

        return false;
    }

    private static function ofStep(?StepKind $kind): ?Lesson
    {
        return match ($kind) {
            StepKind::Stuff => Lesson::Stuffing,
            StepKind::FastenOff => Lesson::Closing,
            default => null,
        };
    }
}
