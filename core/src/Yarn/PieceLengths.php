<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Change\Change;
use Alternum\Core\Change\Changes;
use Alternum\Core\Change\Fate;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Method;

/**
 * What one copy of a piece takes of each of its yarns, before it is known how long a stitch of each is: stitches in
 * single crochets' worth, numbers of tails, and lengths passed inside.
 */
final readonly class PieceLengths
{
    /**
     * @param array<string, int>   $stitches made, by yarn
     * @param array<string, float> $worth    the same in single crochets' worth of yarn
     * @param array<string, int>   $tails    ends to weave in
     * @param array<string, float> $carries  mm
     * @param array<string, float> $floats   mm
     * @param string|null          $last     the yarn that the piece ends with, whose tail sews it on
     */
    private function __construct(
        public array $stitches,
        public array $worth,
        public array $tails,
        public array $carries,
        public array $floats,
        public ?string $last,
    ) {
    }

    public static function of(Fabric $fabric, Colouring $colouring, Changes $changes, Gauge $gauge): self
    {
        $stitches = $worth = $tails = $carries = $floats = [];
        foreach ($fabric->courses as $i => $course) {
            $at = 0;
            foreach (Colouring::runs($colouring->rounds[$i]) as [$yarn, $length]) {
                $stitches[$yarn] = ($stitches[$yarn] ?? 0) + $length;
                $worth[$yarn] = ($worth[$yarn] ?? 0.0) + self::worth(substr($course->tops, $at, $length));
                $at += $length;
            }
            foreach ($course->besides as $top => $besides) {
                $yarn = $colouring->rounds[$i][min($top, $course->makes - 1)];
                $worth[$yarn] = ($worth[$yarn] ?? 0.0) + $besides;
            }
        }
        $first = $colouring->rounds[0] ?? '';
        $inHand = '' === $first ? null : $first[0];
        $attached = [];
        if (null !== $inHand) {
            $tails[$inHand] = 1;
            $attached[$inHand] = true;
        }
        foreach ($changes->changes as $change) {
            if (Fate::Cut === $change->fate) {
                $tails[$change->from] = ($tails[$change->from] ?? 0) + 1;
                unset($attached[$change->from]);
            } elseif (Fate::Carry === $change->fate) {
                $carries[$change->from] = ($carries[$change->from] ?? 0.0) + self::carried($change, $fabric, $changes);
            } else {
                $floats[$change->from] = ($floats[$change->from] ?? 0.0) + self::passed($change) * $gauge->stitchWidthMm();
            }
            if (!isset($attached[$change->to])) {
                $tails[$change->to] = ($tails[$change->to] ?? 0) + 1;
                $attached[$change->to] = true;
            }
            if (Method::SlipStitch === $change->method) {
                $replaced = Stitch::ofCode($fabric->courses[$change->round]->tops[0]);
                $worth[$change->to] = ($worth[$change->to] ?? 0.0) + Stitch::SlipStitch->yarnFactor() - $replaced->yarnFactor();
            }
            $inHand = $change->to;
        }

        return new self($stitches, $worth, $tails, $carries, $floats, $inHand);
    }

    private static function worth(string $tops): float
    {
        $worth = 0.0;
        foreach (count_chars($tops, 1) as $byte => $times) {
            $stitch = Stitch::ofCode(\chr($byte));
            $worth += $times * $stitch->yarnFactor();
        }

        return $worth;
    }

    /** Stitches that a float passes. */
    private static function passed(Change $change): int
    {
        $back = $change->backStitch ?? 1;

        return $back - 1 - ($change->isJog || $change->backRound !== $change->round ? 0 : $change->stitch);
    }

    /** The straight way, in mm, up inside from where a yarn is left to where it is taken up. */
    private static function carried(Change $change, Fabric $fabric, Changes $changes): float
    {
        $back = $change->backRound ?? $change->round;
        $up = 0.0;
        for ($round = $change->round + 1; $round < $back || ($round === $back && !$change->isJog); ++$round) {
            $up += $fabric->courses[$round - 1]->height;
        }
        $course = $fabric->courses[$back - 1];
        $place = Turn::degrees($changes->starts[$back - 1] + (($change->backStitch ?? 1) - 1) / $course->makes);
        $along = Turn::apart($place, $change->degrees) / 360.0 * 2 * \M_PI * $course->radius;

        return hypot($up, $along);
    }
}
