<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Change\Change;
use Alternum\Core\Change\Changes;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Colour\Places;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\Size;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Reach;

/** Finds where eyes, ears and limbs come to lie, how far apart, and what is in their way. */
final readonly class Placing
{
    /** Nearer to a step than so many stitches, it shows beside what is set there. */
    private const NEAR = 1.5;

    /**
     * @param list<Placed>  $placed
     * @param list<Problem> $problems
     */
    private function __construct(public array $placed, public array $problems)
    {
    }

    /** What can be placed, in the order of the piece's placements. What cannot is among the problems, at its path within the piece. */
    public static function of(Piece $piece, Fabric $fabric, Colouring $colouring, Changes $changes, Gauge $gauge): self
    {
        $places = new Places($piece, $fabric, $changes->starts);
        $size = Size::of($fabric);
        $placed = [];
        $problems = [];
        $rounds = [];
        foreach ($piece->placements as $i => $placement) {
            $round = self::round($placement, $fabric, $changes, $rounds);
            $last = \count($fabric->courses);
            $rounds[] = $round;
            if (null === $round || $round < 1 || $round > $last) {
                $problems[] = self::nowhere($placement, $round, $last, "placements[{$i}]");
                continue;
            }
            $makes = $fabric->courses[$round - 1]->makes;
            if (null !== $placement->apart && $placement->apart >= $makes) {
                $problems[] = Problem::atPath("placements[{$i}].apart", self::named($placement)." are to be {$placement->apart} stitches apart, but round {$round} has {$makes}.", 'Set them nearer to one another.', round: $round);
                continue;
            }
            $middle = $places->along($round, $placement->fromFront);
            $after = null === $placement->apart ? [$middle] : [$middle - $placement->apart / 2, $middle + $placement->apart / 2];
            $after = array_map(static fn (float $at): float => $at - floor($at / $makes) * $makes, $after);
            $degrees = array_map(static fn (float $at): float => Turn::degrees($at / $makes + $places->start($round)), $after);
            $placed[] = new Placed(
                $placement,
                $round,
                $degrees,
                $after,
                null === $placement->apart ? null : $placement->apart * $gauge->stitchWidthMm(),
                self::summary($placement, $round, $last, $after),
                self::remarks($placement, $round, $degrees, $after, $makes, $colouring, $changes, $size),
            );
        }

        return new self($placed, $problems);
    }

    /** @param list<int|null> $rounds of the placements before */
    private static function round(Placement $placement, Fabric $fabric, Changes $changes, array $rounds): ?int
    {
        if (Anchor::Widest === $placement->anchor) {
            [$from, $to] = Reach::fromWidest($placement->offset, 1)->in($fabric->counts());

            return $to < $from ? null : $from;
        }
        $from = match ($placement->anchor) {
            Anchor::Round => $placement->number,
            Anchor::Change => (array_values(array_filter($changes->changes, static fn (Change $change): bool => $change->isJog))[$placement->number - 1] ?? null)?->round,
            Anchor::Placement => $rounds[$placement->number - 1] ?? null,
        };

        return null === $from ? null : $from + $placement->offset;
    }

    private static function nowhere(Placement $placement, ?int $round, int $last, string $path): Problem
    {
        return Problem::atPath(Anchor::Widest === $placement->anchor ? "{$path}.offset" : "{$path}.number", self::named($placement).match (true) {
            null !== $round => " come after round {$round}, but the piece has rounds 1 to {$last}.",
            Anchor::Change === $placement->anchor => " are placed by colour change {$placement->number}, which the piece does not have.",
            Anchor::Widest === $placement->anchor => " are placed {$placement->offset} rounds on from the widest, where the piece has none.",
            default => ' are placed by another placement, which does not come before them.',
        }, 'Name another, or a round.');
    }

    private static function named(Placement $placement): string
    {
        return '' === $placement->name ? ucfirst($placement->kind->value) : $placement->name;
    }

    /** @param list<float> $after */
    private static function summary(Placement $placement, int $round, int $last, array $after): string
    {
        $where = $round < $last ? "between rounds {$round} and ".($round + 1) : "at the edge of round {$round}";
        $stitches = implode(' and ', array_map(static fn (float $at): string => (string) (int) round($at), $after));

        return self::named($placement).": {$where}, after stitch {$stitches}".(null === $placement->apart ? '' : ", {$placement->apart} stitches apart");
    }

    /**
     * @param list<float> $degrees
     * @param list<float> $after
     *
     * @return list<string>
     */
    private static function remarks(Placement $placement, int $round, array $degrees, array $after, int $makes, Colouring $colouring, Changes $changes, Size $size): array
    {
        $remarks = [];
        foreach ($changes->changes as $change) {
            foreach ($degrees as $at) {
                if ($change->isJog && abs($change->round - $round) <= 1 && Turn::apart($change->degrees, $at) <= self::NEAR * 360.0 / $makes) {
                    $remarks['step'] = "The step of the change after round {$change->round} lies beside it. Turn the front, or move it.";
                }
            }
        }
        foreach ($after as $at) {
            $letters = '';
            foreach ([$round, $round + 1] as $beside) {
                $stitches = $colouring->rounds[$beside - 1] ?? '';
                $count = \strlen($stitches);
                // On a round of another width the same share of the way around lies beside it.
                $here = 0 === $count ? 0 : (int) floor($at / $makes * $count);
                $letters .= 0 === $count ? '' : $stitches[(($here - 1) % $count + $count) % $count].$stitches[$here % $count];
            }
            if (\strlen((string) count_chars($letters, 3)) > 1) {
                $remarks['edge'] = 'It lies on the edge of a colour.';
            }
        }
        if ($placement->kind->hasWasher() && null !== $size->lastReach) {
            $remarks['reach'] = $round >= $size->lastReach
                ? "After round {$size->lastReach} the opening is too small to reach through: sew it on, or embroider it."
                : "Put it in by round {$size->lastReach}, while a hand still gets in.";
        }

        return array_values($remarks);
    }
}
