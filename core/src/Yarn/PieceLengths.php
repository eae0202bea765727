<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\Changes;
use Alternum\Core\Place\OldYarn;
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
     * @param array<string, float> $joins    chains and slip stitches that begin, lift, close or bridge, in single crochets' worth
     * @param array<string, float> $tails    ends to weave in
     * @param array<string, float> $carries  mm
     * @param array<string, float> $floats   mm
     * @param string|null          $sewn     the yarn whose tail sews the piece on; null: it is worked on, or has no stitches
     */
    private function __construct(
        public array $stitches,
        public array $worth,
        public array $joins,
        public array $tails,
        public array $carries,
        public array $floats,
        public ?string $sewn,
    ) {
    }

    /**
     * @param Joins $joins chains and slip stitches that are not among the rounds' stitches
     */
    public static function of(Fabric $fabric, Frame $frame, Colouring $colouring, Changes $changes, Gauge $gauge, Joins $joins, Ends $ends): self
    {
        $stitches = $worth = $joined = $tails = $carries = $floats = [];
        foreach ($fabric->rounds as $i => $round) {
            $letters = $colouring->rounds[$i];
            foreach (count_chars($letters, 1) as $byte => $made) {
                $stitches[\chr($byte)] = ($stitches[\chr($byte)] ?? 0) + $made;
            }
            $at = 0;
            foreach (Colouring::runs($letters) as $run) {
                $worth[$run->yarn] = ($worth[$run->yarn] ?? 0.0) + self::worth(substr($round->tops, $at, $run->stitches));
                $at += $run->stitches;
            }
            foreach ($round->besides as $top => $besides) {
                $yarn = $letters[min($top, $round->makes - 1)];
                $worth[$yarn] = ($worth[$yarn] ?? 0.0) + $besides;
            }
            // What lifts a round is worked in its first yarn, what closes it in its last.
            $joined[$letters[0]] = ($joined[$letters[0]] ?? 0.0) + $joins->before[$i];
            $joined[$letters[$round->makes - 1]] = ($joined[$letters[$round->makes - 1]] ?? 0.0) + $joins->after[$i];
        }
        $first = $colouring->rounds[0] ?? '';
        $inHand = '' === $first ? null : $first[0];
        $attached = [];
        if (null !== $inHand) {
            $tails[$inHand] = $ends->beginning;
            $attached[$inHand] = true;
        }
        foreach ($changes->all as $change) {
            if (OldYarn::Cut === $change->oldYarn) {
                $tails[$change->from] = ($tails[$change->from] ?? 0.0) + 1.0;
                unset($attached[$change->from]);
            } elseif (OldYarn::Carry === $change->oldYarn) {
                $carries[$change->from] = ($carries[$change->from] ?? 0.0) + self::carried($change, $fabric, $frame);
            } else {
                $floats[$change->from] = ($floats[$change->from] ?? 0.0) + $change->passes * $gauge->stitchWidthMm();
            }
            if (!isset($attached[$change->to])) {
                $tails[$change->to] = ($tails[$change->to] ?? 0.0) + 1.0;
                $attached[$change->to] = true;
            }
            if (Method::SlipStitch === $change->method) {
                $replaced = Stitch::ofCode($fabric->rounds[$change->round]->tops[0]);
                $worth[$change->to] = ($worth[$change->to] ?? 0.0) + Stitch::SlipStitch->yarnFactor() - $replaced->yarnFactor();
            }
            $inHand = $change->to;
        }
        if (null !== $inHand) {
            $tails[$inHand] += $ends->end;
        }

        return new self(
            stitches: $stitches, worth: $worth, joins: $joined, tails: $tails, carries: $carries, floats: $floats,
            sewn: $ends->isSewn ? $inHand : null,
        );
    }

    private static function worth(string $tops): float
    {
        $worth = 0.0;
        foreach (count_chars($tops, 1) as $byte => $times) {
            $worth += $times * Stitch::ofCode(\chr($byte))->yarnFactor();
        }

        return $worth;
    }

    /** The straight way, in mm, up inside from where a yarn is left to where it is taken up. */
    private static function carried(Change $change, Fabric $fabric, Frame $frame): float
    {
        $back = $change->backRound ?? $change->round;
        $up = 0.0;
        for ($round = $change->round + 1; $round < $back || ($round === $back && !$change->isAtEnd); ++$round) {
            $up += $fabric->rounds[$round - 1]->height;
        }
        $place = $frame->degrees($back, ($change->backStitch ?? 1) - 1);
        $along = $frame->isFlat() ? 0.0 : Turn::apart($place, $change->degrees) / 360.0 * 2 * \M_PI * $fabric->rounds[$back - 1]->radius;

        return hypot($up, $along);
    }
}
