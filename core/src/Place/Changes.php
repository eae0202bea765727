<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Change\Treatments;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Piece;

/** All colour changes of one piece, found by walking its stitches in working order, each with its place and what becomes of the old yarn. */
final readonly class Changes
{
    /** Yarn is carried up inside over as many whole rounds of another: common practice, no source. */
    public const CARRIED_OVER = 3;

    /** @param list<Change> $all in working order */
    private function __construct(public array $all)
    {
    }

    /** @param int $floats stitches that a yarn passes behind before it is caught */
    public static function of(Piece $piece, Frame $frame, Colouring $colouring, Treatments $treatments, Reading $reading, int $floats): self
    {
        $ways = self::ways($reading);
        $swaps = self::swaps($colouring);
        $backs = self::comingBack($swaps);
        $changes = [];
        $hanging = [];
        foreach ($swaps as $i => $swap) {
            [$round, $stitch, $from, $to, $atEnd] = [$swap->round, $swap->stitch, $swap->from, $swap->to, $swap->isAtEnd];
            $isJog = $atEnd && !$frame->isFlat();
            $degrees = match (true) {
                $frame->isFlat() => 0.0,
                $isJog => $frame->degrees($round + 1, 0.0),
                default => $frame->degrees($round, $stitch),
            };
            $treatment = $isJog ? $treatments->at[$round] ?? Treatments::unmoving(
                $piece,
                $round,
                $degrees,
                Stitch::Single->code() === $reading->rounds[$round]->codes[0],
            ) : null;
            $back = $backs[$i] ?? null;
            $way = $ways["{$round} {$stitch}"] ?? null;
            $oldYarn = self::asTyped($way, null !== $back) ?? self::oldYarn($round, $atEnd, $back, $frame->isFlat());
            $takenFrom = $hanging[$to] ?? null;
            $passes = OldYarn::Float === $oldYarn && null !== $back ? $back->stitch - 1 - ($atEnd ? 0 : $stitch) : 0;
            // At a round's end it hangs beside the next round's last stitch as well as beside its first.
            $around = $isJog && null !== $back ? $frame->makes($back->round) - $passes : $passes;
            $passesBack = $around < $passes;
            unset($hanging[$to]);
            $change = new Change(
                round: $round,
                stitch: $stitch,
                from: $from,
                to: $to,
                isAtEnd: $atEnd,
                isJog: $isJog,
                isOfPlaces: $isJog && !isset($treatments->at[$round]),
                // The loop is drawn where the yarn is swapped; the marker moves on from there.
                degrees: $treatment->degrees ?? $degrees,
                fromFront: $frame->awayFromFront($treatment->degrees ?? $degrees),
                method: $treatment->method ?? Method::Plain,
                isChosen: $treatment->isChosen ?? false,
                step: $treatment?->method->stepRounds() ?? 0.0,
                oldYarn: $oldYarn,
                backRound: $back?->round,
                backStitch: $back?->stitch,
                waits: null === $back ? null : max(0, $back->round - $round - 1),
                takenFrom: $takenFrom,
                hanging: implode('', array_keys($hanging)),
                catches: $passes > 0 && !$passesBack && null !== $back ? self::catches($round, $atEnd ? 0 : $stitch, $back, $floats) : [],
                passes: min($passes, $around),
                passesBack: $passesBack,
                isStacked: $treatment->isStacked ?? false,
                typed: $way,
            );
            if (OldYarn::Cut !== $oldYarn) {
                $hanging[$from] = $round;
            }
            $changes[] = $change;
        }

        return new self($changes);
    }

    /** @return list<Change> those at the end of a round, where a step is seen */
    public function jogs(): array
    {
        return array_values(array_filter($this->all, static fn (Change $change): bool => $change->isJog));
    }

    /**
     * Where a float is caught: at even distances of a stitch less than it may pass, and a stitch on in every other round, so that the
     * places do not stand above one another. Common practice, no source.
     *
     * @param int $after the last stitch before it
     *
     * @return list<int>
     */
    private static function catches(int $round, int $after, StitchPlace $back, int $floats): array
    {
        $passes = $back->stitch - 1 - $after;
        if ($passes <= $floats) {
            return [];
        }
        $times = (int) ceil($passes / max(1, $floats - 1)) - 1;
        $on = 0 === $round % 2 ? 1 : 0;
        $catches = [];
        for ($i = 1; $i <= $times; ++$i) {
            $catches[] = min($back->stitch - 1, $after + (int) round($i * $passes / ($times + 1)) + $on);
        }

        return $catches;
    }

    /**
     * What the words say of each change, by the round and the stitch after which it comes.
     *
     * @return array<string, YarnWay>
     */
    private static function ways(Reading $reading): array
    {
        $ways = [];
        foreach ($reading->rounds as $i => $round) {
            foreach ($round->named as $place => $yarn) {
                if (null !== $yarn->way) {
                    $tops = Stitch::sumMakes(substr($round->codes, 0, intdiv($place, 2)));
                    $ways[0 === $tops && $i > 0 ? ($round->number - 1).' '.$reading->rounds[$i - 1]->makes : "{$round->number} {$tops}"] = $yarn->way;
                }
            }
            if (null !== $round->nextYarn?->way) {
                $ways["{$round->number} {$round->makes}"] = $round->nextYarn->way;
            }
        }

        return $ways;
    }

    private static function asTyped(?YarnWay $way, bool $comesBack): ?OldYarn
    {
        return match (true) {
            YarnWay::Cut === $way => OldYarn::Cut,
            YarnWay::Carry === $way && $comesBack => OldYarn::Carry,
            YarnWay::Float === $way && $comesBack => OldYarn::Float,
            default => null,
        };
    }

    private static function oldYarn(int $round, bool $atEnd, ?StitchPlace $back, bool $isFlat): OldYarn
    {
        return match (true) {
            null === $back => OldYarn::Cut,
            // A row ends at one edge and the next at the other: what hangs at the wrong one is not there when it is wanted.
            $isFlat && $atEnd && 1 === $back->stitch && 0 === ($back->round - $round) % 2 => OldYarn::Cut,
            $back->round === ($atEnd ? $round + 1 : $round) => OldYarn::Float,
            $back->round - $round - 1 <= self::CARRIED_OVER => OldYarn::Carry,
            default => OldYarn::Cut,
        };
    }

    /** @return list<YarnSwap> */
    private static function swaps(Colouring $colouring): array
    {
        $swaps = [];
        $inHand = null;
        $lastStitch = 0;
        foreach ($colouring->rounds as $i => $round) {
            for ($at = 0, $end = \strlen($round); $at < $end; $at += strspn($round, $inHand, $at)) {
                if (null !== $inHand && $round[$at] !== $inHand) {
                    $swaps[] = 0 === $at
                        ? new YarnSwap($i, $lastStitch, $inHand, $round[$at], true)
                        : new YarnSwap($i + 1, $at, $inHand, $round[$at], false);
                }
                $inHand = $round[$at];
            }
            $lastStitch = \strlen($round);
        }

        return $swaps;
    }

    /**
     * For each change, the round and stitch where its old yarn is next used.
     *
     * @param list<YarnSwap> $swaps
     *
     * @return array<int, StitchPlace>
     */
    private static function comingBack(array $swaps): array
    {
        $backs = [];
        $next = [];
        for ($i = \count($swaps) - 1; $i >= 0; --$i) {
            $next[$swaps[$i]->to] = $swaps[$i]->next();
            if (isset($next[$swaps[$i]->from])) {
                $backs[$i] = $next[$swaps[$i]->from];
            }
        }

        return $backs;
    }
}
