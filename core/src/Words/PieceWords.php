<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Change\BestFront;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Making\Beginning;
use Alternum\Core\Making\PatternLine;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Place\FaceCheck;
use Alternum\Core\Place\Harmony;
use Alternum\Core\Place\Pair;
use Alternum\Core\Place\PairTrouble;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\EdgeStretch;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** What is said of a piece as a whole. */
final class PieceWords
{
    /**
     * What the first round is worked into: "15 of Leg, 3 chains, 15 of Other leg, 3 chains".
     *
     * @param list<EdgeStretch> $edges
     *
     * @return string|null null where it is a ring, or chains of its own
     */
    public static function beginning(Plan $plan, Piece $piece, array $edges): ?string
    {
        $said = [];
        foreach ($edges as $edge) {
            $name = null === $edge->piece ? null : $plan->piece($edge->piece)->name ?? $edge->piece;
            $said[] = match (true) {
                null === $name => Counted::of($edge->count(), 'chain'),
                $edge->from > 1 => "stitches {$edge->from} to {$edge->to} of {$name}",
                default => "{$edge->count()} of {$name}",
            };
        }
        $spread = $piece->start->take->stitches ?? 0;

        return [] === $said ? null : ($spread > 0 ? "{$spread}, spread evenly, of the " : '').implode(', ', $said);
    }

    /**
     * How the piece is begun where its first line does not say it.
     *
     * @param list<EdgeStretch> $edges  what the first round is worked into
     * @param bool              $counts a chain stands for the first stitch of a round
     */
    public static function begin(Plan $plan, Piece $piece, array $edges, Terms $terms, bool $counts): Beginning
    {
        $begins = null;
        $said = [];
        if (null !== $piece->start) {
            $made = array_map(static fn (string $key): string => $plan->piece($key)->name ?? $key, $piece->start->pieces);
            $on = array_sum(array_map(static fn (EdgeStretch $edge): int => $edge->count(), $edges));
            $begins = BeginningWords::of($piece->start, $made).($piece->start->join->isThroughBoth()
                ? ', on '.Counted::of(intdiv($on, 2), 'stitch').' of each'
                : ", on {$on} stitches: ".self::beginning($plan, $piece, $edges));
        }
        if (Join::Bridge === $piece->start?->join) {
            $said[] = ucfirst(BeginningWords::bridge($piece->start, $made, Vocabulary::of($terms)->abbreviation(Stitch::Single))).'.';
        }
        if (true === $piece->start?->join->isThroughBoth()) {
            $said[] = 'Lay the ends between the two, and crochet over them.';
        }
        if (Join::SpiralLoops === $piece->start?->join) {
            $said[] = 'It follows the free loops once, so that it has two ends: leave the one it begins with outside, too.';
        }
        if ($counts && $piece->chainCounts && Worked::Spiral !== $piece->worked) {
            $said[] = "The chain at the beginning of each {$piece->worked->once()} counts as its first stitch.";
        }

        return new Beginning($begins, $said);
    }

    /**
     * Where the front is, as the maker can find it without the program: "Front: where stitch 14 of round 9 lies.".
     *
     * @return list<PatternLine> none where nothing depends on it
     */
    public static function frontPlace(Piece $piece, Frame $frame): array
    {
        $hasFace = null !== $piece->face && $piece->face->from <= $frame->rounds();
        $depends = [] !== $piece->placements || $hasFace
            || [] !== array_filter($piece->colours, static fn (LayerEntry $entry): bool => $entry->layer->facesFront());
        if ($frame->isFlat() || 0 === $frame->rounds() || !$depends) {
            return [];
        }
        $placed = array_filter($piece->placements, static fn (Placement $placement): bool => Anchor::Round === $placement->place->anchor);
        $widest = (int) array_search(max([0, ...$frame->counts]), $frame->counts, true) + 1;
        $round = max(1, min($piece->face->from ?? ([] === $placed ? $widest : reset($placed)->place->number), $frame->rounds()));
        $makes = $frame->makes($round);
        $along = $frame->along($round, 0.0);

        $stitch = (int) floor($along - floor($along / $makes) * $makes) + 1;

        return [PatternLine::named($frame->lies() ? 'Middle of the back' : 'Front', "where stitch {$stitch} of {$piece->worked->once()} {$round} lies.")];
    }

    public static function front(BestFront $front, bool $lies): string
    {
        $is = $lies ? 'middle of the back' : 'front';

        return match (true) {
            $front->isFixed && !$front->isBetter => "The two legs fix the {$is}: this is the better of its two sides.",
            $front->isFixed => "The two legs stand side by side, so the {$is} lies at {$front->degrees}° or opposite.",
            null === $front->nearest => "No colour change makes a jog, so any side can be the {$is}.",
            !$front->isBetter => ($front->isBest ? "This is the best {$is}" : "No other {$is} is better so that one would tell")
                .': the nearest jog is '.round($front->nearest).'° away.',
            default => "At {$front->degrees}° the nearest jog is ".round($front->nearest).'° away, farther than from any other side.',
        };
    }

    /** @return list<string> from the first round on */
    public static function face(FaceCheck $check, SideWords $sides): array
    {
        $remarks = [] === $check->parted
            ? []
            : [
                'The colour changes within the face in '.(1 === \count($check->parted)
                    ? "round {$check->parted[0]}"
                    : 'rounds '.implode(', ', $check->parted)).'.',
            ];

        return [...$remarks, ...array_map(static fn (int $round): string => "The jog after round {$round} lies in the face. "
            .($check->isAllAround ? 'Change the yarn outside it.' : "{$sides->choose}."), $check->steps)];
    }

    public static function pair(Pair $pair): ?string
    {
        return match ($pair->trouble) {
            PairTrouble::Alike => "{$pair->one} and {$pair->other} are so alike that what is worked in them will hardly show.",
            PairTrouble::AlikeToSome => "{$pair->one} and {$pair->other} look alike to colour-blind eyes.",
            PairTrouble::ShowsLittle => "{$pair->one} beside {$pair->other} will show only a little.",
            null => null,
        };
    }

    /** @return list<string> */
    public static function shine(Harmony $harmony): array
    {
        $said = [];
        foreach ($harmony->shine as $dark => $lights) {
            foreach (array_keys($lights) as $light) {
                $said[] = "{$dark} is much darker than {$light} and passes behind it. Crocheted over, it would lie inside the stitches and show most;"
                    .' left loose inside, it shows least. That holds for its tails too.';
            }
        }
        if ([] !== $harmony->dark) {
            $said[] = 'White stuffing can show through '.YarnWords::listed(...$harmony->dark).': work tightly, or stuff with dark wadding or scraps of yarn.';
        }
        if ([] !== $harmony->bleeds) {
            $said[] = YarnWords::listed(...$harmony->bleeds).' may bleed into the light yarn beside it, as red and navy do: wet a scrap and press it'
                .' on white cloth before you begin.';
        }

        return $said;
    }
}
