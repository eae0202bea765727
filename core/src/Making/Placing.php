<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\Changes;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Layer\WhichRounds;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\Problem;

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
    public static function of(Piece $piece, Frame $frame, Colouring $colouring, Changes $changes, PieceForm $form): self
    {
        $openings = $form->openings;
        $jogs = $changes->jogs();
        $placed = [];
        $problems = [];
        $rounds = [];
        foreach ($piece->placements as $i => $placement) {
            $path = "placements[{$i}]";
            $round = self::round($placement, $frame, $jogs, $rounds);
            $rounds[$placement->key] = $round;
            if (null === $round || $round < 1 || $round > $frame->rounds()) {
                $problems[] = self::nowhere($placement, $round, $frame->rounds(), $path);
                continue;
            }
            $makes = $frame->makes($round);
            if (null !== $placement->apart && $placement->apart >= $makes) {
                $problems[] = Problem::atPath(
                    "{$path}.apart",
                    Message::of('placing.tooFarApart', named: $placement->named(), apart: $placement->apart, round: $round, makes: $makes),
                    round: $round,
                );
                continue;
            }
            $middle = $frame->along($round, $placement->fromFront);
            $after = null === $placement->apart ? [$middle] : [$middle - $placement->apart / 2, $middle + $placement->apart / 2];
            $after = array_map(static fn (float $at): float => $at - floor($at / $makes) * $makes, $after);
            $degrees = array_map(static fn (float $at): float => $frame->degrees($round, $at), $after);
            $steps = self::steps($round, $degrees, $makes, $jogs);
            $one = new Placed(
                placement: $placement,
                round: $round,
                isAtEdge: $round === $frame->rounds(),
                degrees: $degrees,
                after: $after,
                apartMm: null === $placement->apart ? null : $placement->apart / $makes * $form->around($round),
                steps: $placement->kind->covers() ? [] : $steps,
                hides: $placement->kind->covers() ? $steps : [],
                isOnEdge: self::isOnEdge($round, $after, $makes, $colouring),
                deadline: $placement->kind->hasWasher() ? $openings->deadline($round) : null,
            );
            if ($one->isOutOfReach()) {
                $problems[] = Problem::atPath(
                    "{$path}.number",
                    0 === $one->deadline ? Message::of('placing.tooNarrow', named: $placement->named()) : Message::of(
                        'placing.outOfReach',
                        named: $placement->named(),
                        round: $round,
                        deadline: (int) $one->deadline,
                        deepest: (int) $openings->deepest(),
                    ),
                    round: $round,
                );
            }
            $placed[] = $one;
        }

        return new self($placed, $problems);
    }

    /**
     * @param list<Change>            $jogs
     * @param array<string, int|null> $rounds of the placements before, by their key
     */
    private static function round(Placement $placement, Frame $frame, array $jogs, array $rounds): ?int
    {
        if (Anchor::Widest === $placement->anchor) {
            $range = WhichRounds::fromWidest($placement->offset, 1)->in($frame->counts);

            return $range->isEmpty() ? null : $range->from;
        }
        $from = match ($placement->anchor) {
            Anchor::Round => $placement->number,
            Anchor::Change => ($jogs[$placement->number - 1] ?? null)?->place->round,
            Anchor::Placement => $rounds[$placement->of] ?? null,
        };

        return null === $from ? null : $from + $placement->offset;
    }

    private static function nowhere(Placement $placement, ?int $round, int $last, string $path): Problem
    {
        $named = $placement->named();

        return Problem::atPath(Anchor::Widest === $placement->anchor ? "{$path}.offset" : "{$path}.number", match (true) {
            null !== $round => Message::of('placing.afterEnd', named: $named, round: $round, last: $last),
            Anchor::Change === $placement->anchor => Message::of('placing.noChange', named: $named, number: $placement->number),
            Anchor::Widest === $placement->anchor => Message::of('placing.noWidest', named: $named, offset: $placement->offset),
            default => Message::of('placing.noOther', named: $named),
        });
    }

    /**
     * @param list<float>  $degrees
     * @param list<Change> $jogs
     *
     * @return list<int>
     */
    private static function steps(int $round, array $degrees, int $makes, array $jogs): array
    {
        $steps = [];
        foreach ($jogs as $change) {
            foreach ($degrees as $at) {
                if (abs($change->place->round - $round) <= 1 && Turn::apart($change->place->degrees, $at) <= self::NEAR * 360.0 / $makes) {
                    $steps[] = $change->place->round;
                }
            }
        }

        return array_values(array_unique($steps));
    }

    /** @param list<float> $after */
    private static function isOnEdge(int $round, array $after, int $makes, Colouring $colouring): bool
    {
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
                return true;
            }
        }

        return false;
    }
}
