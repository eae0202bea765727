<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Change\Sight;
use Alternum\Core\Change\Treatment;
use Alternum\Core\Change\Treatments;
use Alternum\Core\Change\Ways;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Expansion;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\OldYarnChoice;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Worked;

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
    public static function of(Piece $piece, Frame $frame, ShiftedChanges $shifted, Treatments $treatments, Reading $reading, int $floats): self
    {
        $ways = self::ways($reading);
        $swaps = self::swaps($shifted->colouring);
        $backs = self::comingBack($swaps);
        $parts = self::parts($swaps, $shifted, $treatments);
        $helices = Helices::of($piece, $reading);
        $ended = array_fill_keys(array_column(array_filter($swaps, static fn (YarnSwap $swap): bool => $swap->isAtEnd), 'round'), true);
        $changes = [];
        $hanging = $waiting = [];
        foreach ($swaps as $i => $swap) {
            [$round, $stitch, $from, $to, $atEnd] = [$swap->round, $swap->stitch, $swap->from, $swap->to, $swap->isAtEnd];
            $treated = $shifted->treated($round, $stitch) ?? ($atEnd ? $round : null);
            $isJog = null !== $treated && !$frame->isFlat();
            $degrees = match (true) {
                $frame->isFlat() => 0.0,
                $isJog && $atEnd => $frame->degrees($round + 1, 0.0),
                default => $frame->degrees($round, $stitch),
            };
            $treatment = $isJog ? $treatments->at[$treated] ?? Treatments::unmoving(
                $piece,
                $treated,
                $frame->makes($treated),
                $degrees,
                Stitch::ofCode($reading->rounds[$treated]->codes[0]),
                isset($ended[$treated - 1]) || isset($ended[$treated + 1]),
            ) : null;
            // The loop is drawn where the yarn is swapped; the marker moves on from there.
            $degrees = null !== $treatment && $atEnd ? $treatment->degrees : $degrees;
            $back = $backs[$i] ?? null;
            $way = [] === $ways ? null : $ways["{$round} {$stitch}"] ?? null;
            $ends = $piece->changes->endsAfter($treated ?? $round);
            // Where a yarn begins with a standing stitch, it does not hang until then.
            $isParted = null !== $treatment && Ways::of($treatment->method)->parts()
                || [] !== $parts && null !== $back && isset($parts["{$back->round} {$back->stitch}"]);
            $chosenYarn = null === $ends->oldYarn ? null : self::asChosen($ends->oldYarn, $round, $atEnd, $back, $frame->isFlat());
            $oldYarn = match (true) {
                $isParted => OldYarn::Cut,
                $helices->waits($swap, $back) => OldYarn::Wait,
                default => self::asTyped($way, null !== $back) ?? $chosenYarn ?? self::oldYarn($round, $atEnd, $back, $frame->isFlat()),
            };
            $takenFrom = $hanging[$to] ?? $waiting[$to] ?? null;
            $helix = $helices->part($swap);
            $passes = OldYarn::Float === $oldYarn && null !== $back ? $back->stitch - 1 - ($atEnd ? 0 : $stitch) : 0;
            // At a round's end it hangs beside the next round's last stitch as well as beside its first.
            $around = $isJog && $atEnd && null !== $back ? $frame->makes($back->round) - $passes : $passes;
            $passesBack = $around < $passes;
            $across = OldYarn::Carry === $oldYarn && null !== $back ? Passing::across($frame, $degrees, $back) : 0;
            unset($hanging[$to], $waiting[$to]);
            $change = new Change(
                new ChangePlace(
                    round: $round,
                    stitch: $stitch,
                    isAtEnd: $atEnd,
                    isJog: $isJog,
                    isOfPlaces: $isJog && !isset($treatments->at[$treated]),
                    treated: $treated ?? $round,
                    degrees: $degrees,
                    fromFront: $frame->awayFromFront($degrees),
                    toBack: $atEnd && false === $treatment?->followsFront() && Worked::Spiral === $piece->worked
                        ? self::toBack($frame, $degrees, $round)
                        : null,
                ),
                new ChangeTreatment(
                    method: $treatment->method ?? Method::Plain,
                    isChosen: $treatment->isChosen ?? false,
                    step: null === $treatment ? 0.0 : Ways::of($treatment->method)->step(),
                    line: $treatment?->line,
                    isStacked: $treatment->isStacked ?? false,
                    onward: $isJog && $atEnd ? Treatments::onward($piece, $round) : 0,
                ),
                new ChangeYarns(
                    from: $from,
                    to: $to,
                    old: $oldYarn,
                    backRound: $back?->round,
                    backStitch: $back?->stitch,
                    waits: null === $back ? null : max(0, $back->round - $round - 1),
                    takenFrom: $takenFrom,
                    hanging: implode('', array_keys($hanging)),
                    catches: match (true) {
                        null === $back => [],
                        $across > 0 => Passing::catches($frame, $back->round, $back->stitch - 1 - $across, $back, $floats),
                        $passes > 0 && !$passesBack => Passing::catches($frame, $round, $atEnd ? 0 : $stitch, $back, $floats),
                        default => [],
                    },
                    passes: min($passes, $around),
                    passesBack: $passesBack,
                    across: $across,
                    isChosen: !$isParted && null !== $ends->oldYarn && null !== $back && $oldYarn === $chosenYarn,
                    oldTail: $ends->oldTail ?? Tail::Weave,
                    newTail: YarnWay::Over === $way ? Tail::Over : $ends->newTail ?? Tail::Weave,
                    typed: $way,
                    helix: $helix,
                    slips: self::slips($helix, $reading->rounds[$round - 1], $stitch),
                ),
            );
            if (OldYarn::Wait === $oldYarn) {
                $waiting[$from] = $round;
            } elseif (OldYarn::Cut !== $oldYarn) {
                $hanging[$from] = $round;
            }
            $changes[] = $change;
        }

        return new self($changes);
    }

    /** @return int|null stitches of a round from a place on to opposite the front; null where it is at the back already */
    private static function toBack(Frame $frame, float $degrees, int $round): ?int
    {
        if (Sight::isAtBack($frame->awayFromFront($degrees))) {
            return null;
        }

        return max(1, (int) round($frame->turnsToBack($degrees) * $frame->makes($round)));
    }

    /**
     * Where a yarn begins with a standing stitch.
     *
     * @param list<YarnSwap> $swaps
     *
     * @return array<string, true> by "round stitch"
     */
    private static function parts(array $swaps, ShiftedChanges $shifted, Treatments $treatments): array
    {
        $parting = array_filter($treatments->at, static fn (Treatment $treatment): bool => Ways::of($treatment->method)->parts());
        $parts = [];
        foreach ([] === $parting ? [] : $swaps as $swap) {
            if (isset($parting[$shifted->treated($swap->round, $swap->stitch) ?? 0])) {
                $parts["{$swap->next()->round} {$swap->next()->stitch}"] = true;
            }
        }

        return $parts;
    }

    /** @return list<Change> those at the end of a round, where a step is seen */
    public function jogs(): array
    {
        return array_values(array_filter($this->all, static fn (Change $change): bool => $change->place->isJog));
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
                    $tops = Stitch::sumMakes(substr($round->codes, 0, intdiv($place, Expansion::TOPS)));
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

    /** What the maker wants, where it can be: what never comes back is cut, and what hangs at a row's other edge is not carried. */
    private static function asChosen(OldYarnChoice $choice, int $round, bool $atEnd, ?StitchPlace $back, bool $isFlat): ?OldYarn
    {
        if (null === $back) {
            return null;
        }
        $isAway = $isFlat && $atEnd && 1 === $back->stitch && 0 === ($back->round - $round) % 2;

        return match ($choice) {
            OldYarnChoice::Cut => OldYarn::Cut,
            OldYarnChoice::Over => OldYarn::Over,
            OldYarnChoice::Carry, OldYarnChoice::Float => match (true) {
                $isAway => null,
                $back->round === ($atEnd ? $round + 1 : $round) => OldYarn::Float,
                default => OldYarn::Carry,
            },
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

    /** Where yarns begin in one spiral the new one rises from a slip stitch, and where they end the old one sinks to one. */
    private static function slips(?HelixPart $helix, Round $round, int $stitch): ?int
    {
        $top = match ($helix) {
            HelixPart::Begins => $stitch,
            HelixPart::Ends => $stitch - 1,
            default => null,
        };

        return null !== $top && $round->canSlip($top) ? $top : null;
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
