<?php

declare(strict_types=1);

namespace Alternum\Core\Yarn;

use Alternum\Core\Change\Ways;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\Changes;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\YarnUse;

/**
 * What one copy of a piece takes of each of its yarns, before it is known how long a stitch of each is: stitches in
 * single crochets' worth, and lengths of tails and of what passes inside.
 */
final readonly class PieceLengths
{
    /**
     * @param array<string, int>   $stitches made, by yarn
     * @param array<string, float> $worth    the same in single crochets' worth of yarn
     * @param array<string, float> $joins    chains and slip stitches that begin, lift, close or bridge, in single crochets' worth
     * @param array<string, float> $tails    mm
     * @param array<string, float> $carries  mm
     * @param array<string, float> $floats   mm
     * @param string|null          $sewn     the yarn whose tail sews the piece on; null: it is worked on, or has no stitches
     * @param float                $sewingCm how long that tail is
     * @param float                $changed  mm of the tails that changes make
     * @param float                $left     ends that are still to be hidden when the piece is worked, but for the one that sews it on
     */
    private function __construct(
        public array $stitches,
        public array $worth,
        public array $joins,
        public array $tails,
        public array $carries,
        public array $floats,
        public ?string $sewn,
        public float $sewingCm,
        private float $changed,
        private float $left,
    ) {
    }

    /**
     * @param Joins $joins chains and slip stitches that are not among the rounds' stitches
     */
    public static function of(Fabric $fabric, Frame $frame, Colouring $colouring, Changes $changes, Gauge $gauge, Joins $joins, Ends $ends, YarnUse $use): self
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
        $changed = $left = 0.0;
        if (null !== $inHand) {
            $tails[$inHand] = $ends->beginning * $ends->startCm * 10.0;
            $left = $ends->isHidden ? $ends->beginning : 0.0;
            $attached[$inHand] = true;
        }
        foreach ($changes->all as $change) {
            if (OldYarn::Cut === $change->yarns->old) {
                $tail = $change->yarns->oldTail->cm($use) * 10.0;
                $tails[$change->yarns->from] = ($tails[$change->yarns->from] ?? 0.0) + $tail;
                $changed += $tail;
                $left += $change->yarns->oldTail->isLeft() ? 1.0 : 0.0;
                unset($attached[$change->yarns->from]);
            } elseif (OldYarn::Carry === $change->yarns->old) {
                $carries[$change->yarns->from] = ($carries[$change->yarns->from] ?? 0.0) + self::carried($change, $fabric, $frame);
            } elseif (OldYarn::Over === $change->yarns->old) {
                $floats[$change->yarns->from] = ($floats[$change->yarns->from] ?? 0.0) + self::over($change, $frame) * $gauge->stitchWidthMm();
            } elseif (OldYarn::Float === $change->yarns->old) {
                $floats[$change->yarns->from] = ($floats[$change->yarns->from] ?? 0.0) + $change->yarns->passes * $gauge->stitchWidthMm();
            }
            if (!isset($attached[$change->yarns->to])) {
                $tail = $change->yarns->newTail->cm($use) * 10.0;
                $tails[$change->yarns->to] = ($tails[$change->yarns->to] ?? 0.0) + $tail;
                $changed += $tail;
                $left += $change->yarns->newTail->isLeft() ? 1.0 : 0.0;
                $attached[$change->yarns->to] = true;
            }
            if ($change->place->isJog) {
                $way = Ways::of($change->treatment->method);
                $first = Stitch::ofCode($fabric->rounds[$change->place->treated]->tops[0]);
                $worth[$change->yarns->from] = ($worth[$change->yarns->from] ?? 0.0) + $way->oldYarn($frame->isJoined());
                $worth[$change->yarns->to] = ($worth[$change->yarns->to] ?? 0.0) + $way->newYarn($frame->isJoined(), $first);
            }
            $inHand = $change->yarns->to;
        }
        if (null !== $inHand) {
            $tails[$inHand] += $ends->isSewn ? 0.0 : $ends->end * $ends->endCm * 10.0;
            $left += $ends->isSewn ? 0.0 : $ends->end;
        }

        return new self(
            stitches: $stitches, worth: $worth, joins: $joined, tails: $tails, carries: $carries, floats: $floats,
            sewn: $ends->isSewn ? $inHand : null,
            sewingCm: $ends->isSewn ? $ends->endCm : 0.0,
            changed: $changed,
            left: $left,
        );
    }

    /** Ends of one copy that are to be hidden, the one that sews it on among them. */
    public function ends(): int
    {
        return (int) round($this->left) + (null === $this->sewn ? 0 : 1);
    }

    /**
     * Yarn that the changes of one copy take beside the stitches: their tails, what is carried and what floats.
     *
     * @return float mm
     */
    public function onChanging(): float
    {
        return $this->changed + array_sum($this->carries) + array_sum($this->floats);
    }

    private static function worth(string $tops): float
    {
        $worth = 0.0;
        foreach (count_chars($tops, 1) as $byte => $times) {
            $worth += $times * Stitch::ofCode(\chr($byte))->yarnFactor();
        }

        return $worth;
    }

    /** @return int stitches that are worked over a yarn until it comes back */
    public static function over(Change $change, Frame $frame): int
    {
        $back = $change->yarns->backRound ?? $change->place->round;
        $stitches = ($change->yarns->backStitch ?? 1) - 1 - $change->place->stitch;
        for ($round = $change->place->round; $round < $back; ++$round) {
            $stitches += $frame->makes($round);
        }

        return max(0, $stitches);
    }

    /** The straight way, in mm, up inside from where a yarn is left to where it is taken up. */
    public static function carried(Change $change, Fabric $fabric, Frame $frame): float
    {
        $back = $change->yarns->backRound ?? $change->place->round;
        $up = 0.0;
        for ($round = $change->place->round + 1; $round < $back || ($round === $back && !$change->place->isAtEnd); ++$round) {
            $up += $fabric->rounds[$round - 1]->height;
        }
        $place = $frame->degrees($back, ($change->yarns->backStitch ?? 1) - 1);
        $along = $frame->isFlat() ? 0.0 : Turn::apart($place, $change->place->degrees) / 360.0 * 2 * \M_PI * $fabric->rounds[$back - 1]->radius;

        return hypot($up, $along);
    }
}
