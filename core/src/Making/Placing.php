<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Place\Locator;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Toy\Surface;

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
    public static function of(Piece $piece, Frame $frame, Colouring $colouring, Locator $locator, PieceForm $form): self
    {
        $openings = $form->openings;
        $placed = [];
        $problems = [];
        foreach ($piece->placements as $i => $placement) {
            $path = "placements[{$i}]";
            $place = $placement->place;
            $spot = $locator->find($placement->key, $placement->named(), $place);
            if ($spot instanceof Message) {
                $problems[] = Problem::atPath("{$path}.".self::field($spot, $place), $spot);
                continue;
            }
            $makes = $frame->makes(max(1, $spot->round));
            $steps = $locator->jogsAt($spot, self::NEAR);
            $one = new Placed(
                placement: $placement,
                spot: $spot,
                round: max(1, $spot->round),
                isAtEdge: $spot->round === $frame->rounds(),
                degrees: $spot->degrees,
                after: $spot->after,
                apartMm: null === $place->apart ? null : $place->apart / $makes * $form->around(max(1, $spot->round)),
                steps: $placement->kind->covers() ? [] : $steps,
                hides: $placement->kind->covers() ? $steps : [],
                isOnEdge: self::isOnEdge(max(1, $spot->round), $spot->after, $makes, $colouring),
                deadline: $placement->kind->hasWasher() ? $openings->deadline(max(1, $spot->round)) : null,
            );
            if ($one->isOutOfReach()) {
                $problems[] = Problem::atPath(
                    "{$path}.number",
                    0 === $one->deadline ? Message::of('placing.tooNarrow', named: $placement->named()) : Message::of(
                        'placing.outOfReach',
                        named: $placement->named(),
                        round: $one->round,
                        deadline: (int) $one->deadline,
                        deepest: (int) $openings->deepest(),
                    ),
                    round: $one->round,
                );
            }
            $placed[$i] = $one;
        }

        $surface = Surface::stuffed($form, $form->isOval ? 0.0 : $piece->frontDegrees + 90.0);

        return new self(array_values($placed), [...$problems, ...Overlaps::among($placed, $surface)]);
    }

    /** The field of a place that a message is about. */
    public static function field(Message $said, Place $place): string
    {
        return match (true) {
            'placing.tooFarApart' === $said->code => 'apart',
            \in_array($said->code, ['placing.noIncrease', 'placing.noAcross'], true) => 'across',
            Anchor::Widest === $place->anchor => 'offset',
            $place->anchor->isNumbered() => 'number',
            default => 'anchor',
        };
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
