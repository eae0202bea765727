<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Place\Spot;
use Alternum\Core\Plan\AcrossFrom;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\Number;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Plan;

/** Where something is on a piece: as its maker would say it, and by rounds and stitches as hands find it. */
final class WhereWords
{
    private const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth', 'sixth', 'seventh', 'eighth', 'ninth', 'tenth'];

    /**
     * "Second round of stripe 3, 4 stitches from the middle".
     *
     * @param string $piece on which it is, by its key
     * @param int    $up    rounds that go up by one, as the piece stands: 1 or -1
     */
    public static function said(Plan $plan, string $piece, Place $place, int $up): string
    {
        $of = self::named($plan, $piece, $place->of);
        $on = match (true) {
            0 === $place->offset => '',
            default => Counted::of(abs($place->offset), 'round').($place->offset * $up > 0 ? ' above ' : ' below '),
        };
        $where = match ($place->anchor) {
            Anchor::Round => $place->isWithin
                ? 'round '.($place->number + $place->offset)
                : 'between rounds '.($place->number + $place->offset).' and '.($place->number + $place->offset + 1),
            Anchor::Change => "{$on}colour change {$place->number}",
            Anchor::Widest => '' === $on ? 'at the widest' : "{$on}the widest",
            Anchor::Placement => '' === $on ? "in line with {$of}" : "{$on}{$of}",
            Anchor::Band => $place->offset >= 0
                ? self::ordinal($place->offset + 1)." round of stripe {$place->number}"
                : "{$on}stripe {$place->number}",
            Anchor::Pole => "{$on}the middle of its ".(1 === $place->number ? 'beginning' : 'end'),
            Anchor::Edge => '' === $on ? 'at its edge' : "{$on}its edge",
        };
        $from = self::across($plan, $piece, $place);
        $away = match (true) {
            0.0 !== $place->stitches => Counted::of(abs($place->stitches), 'stitch').($place->stitches > 0.0 ? ' on' : ' back'),
            default => '',
        };
        $turned = 0.0 === $place->fromFront ? '' : Number::plain(abs($place->fromFront)).'° '.($place->fromFront > 0.0 ? 'on' : 'back');
        $middle = '' === $from ? ' from the middle' : '';
        $across = array_filter([
            $from,
            '' === $turned ? '' : $turned.$middle,
            '' === $away ? '' : $away.$middle,
            match (true) {
                null === $place->apart => '',
                AcrossFrom::Increase === $place->across->from => Counted::of($place->apart, 'stitch').' apart, on both sides of it',
                default => Counted::of($place->apart, 'stitch').' apart',
            },
        ], static fn (string $part): bool => '' !== $part);

        return implode(', ', [$where, ...$across]);
    }

    private static function across(Plan $plan, string $piece, Place $place): string
    {
        $of = self::named($plan, $piece, $place->across->of);

        return match ($place->across->from) {
            AcrossFrom::Front => '',
            AcrossFrom::Seam => 'opposite the seam',
            AcrossFrom::Beside => "from the middle of {$of}",
            AcrossFrom::Mirror => "mirrored from {$of}",
            AcrossFrom::Increase => 'at the '.self::ordinal($place->across->increase).' increase of its round',
        };
    }

    /** "the eyes": what the maker calls a place that another names by its key; '' for none. */
    private static function named(Plan $plan, string $piece, string $key): string
    {
        if ('' === $key) {
            return '';
        }
        $on = $plan->piece($piece);
        $name = $on?->placement($key)?->named();
        foreach ($on->threads ?? [] as $thread) {
            $name ??= $thread->key === $key ? $thread->named() : null;
        }
        foreach ($plan->assembly as $joint) {
            $name ??= $joint->key === $key ? $plan->piece($joint->part)?->name : null;
        }

        return 'the '.mb_strtolower($name ?? $key);
    }

    /** "between rounds 10 and 11", "in round 10", "in the middle of where it begins". */
    public static function rounds(Spot $spot, int $last): string
    {
        return match (true) {
            $spot->isPole => 'in the middle of where it '.(0 === $spot->round ? 'begins' : 'ends'),
            $spot->isWithin => "in round {$spot->round}",
            $spot->round === $last => "at the edge of round {$last}",
            default => "between rounds {$spot->round} and ".($spot->round + 1),
        };
    }

    /** "after stitches 13 and 17", "before stitch 1 and after stitch 4": no stitch has the number 0. */
    public static function stitches(Spot $spot): string
    {
        $after = array_map(static fn (float $at): int => (int) round($at), $spot->after);
        $counted = array_filter($after, static fn (int $at): bool => 0 !== $at);

        return implode(' and ', [
            ...\count($counted) < \count($after) ? ['before stitch 1'] : [],
            ...[] === $counted ? [] : ['after '.YarnWords::nouns('stitch', 'stitches', ...array_map(strval(...), $counted))],
        ]);
    }

    private static function ordinal(int $number): string
    {
        return self::ORDINALS[$number - 1] ?? Counted::nth($number);
    }
}
