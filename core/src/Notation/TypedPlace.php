<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Across;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Place;

/** A place as it is said of what is placed, typed over: "second round of stripe 3, 4 stitches on from the middle". */
final class TypedPlace
{
    private const ROUND = '/^(?<how>in |between |after )?(?:rounds?|rnds?|r)\.? ?(?<from>\d{1,3})(?: ?(?:and|&|-) ?(?:rounds?|rnds?|r)?\.? ?(?<to>\d{1,3}))?$/';
    private const ON = '/^(?:(?<rounds>\d{1,3}) rounds? (?<way>above|below) |at |in line with )?(?:the |its )?(?<of>.+)$/';
    private const BAND = '/^(?<nth>[a-z]+|\d{1,3}(?:st|nd|rd|th)) round of stripe (?<stripe>\d{1,3})$/';

    /**
     * @param array<string, string> $named keys of other places by what they are called, in small letters
     * @param int                   $up    rounds that go up by one: 1 or -1
     * @param Place                 $was   what is not said stays as it was: only a round itself is told from what is between two
     *
     * @return Place|null null: it says none
     */
    public static function read(string $words, array $named, int $up, Place $was): ?Place
    {
        $parts = array_map(trim(...), explode(',', mb_strtolower(trim($words, " \t.,"))));
        $along = self::along(array_shift($parts), $named, $up, $was);
        if (null === $along) {
            return null;
        }
        $across = Across::front();
        $degrees = $stitches = 0.0;
        $apart = null;
        foreach ($parts as $part) {
            $from = self::across($part, $named);
            if (null !== $from) {
                $across = $from;
            } elseif (1 === preg_match('/^(?<many>\d+(?:\.\d+)?) ?(?:°|degrees?) (?<way>on|back)\b/u', $part, $said)) {
                $degrees = 'on' === $said['way'] ? (float) $said['many'] : -(float) $said['many'];
            } elseif (1 === preg_match('/^(?<many>\d+(?:\.\d+)?) (?:stitch(?:es)?|sts?) (?<way>on|back|apart)\b/', $part, $said)) {
                $many = (float) $said['many'];
                [$stitches, $apart] = match ($said['way']) {
                    'apart' => [$stitches, $many],
                    'on' => [$many, $apart],
                    default => [-$many, $apart],
                };
            } elseif ('on both sides of it' !== $part) {
                return null;
            }
        }

        return new Place(
            anchor: $along->anchor, number: $along->number, of: $along->of, offset: $along->offset, isWithin: $along->isWithin, fromFront: $degrees,
            stitches: $stitches, apart: $apart, across: $across,
        );
    }

    /** @param array<string, string> $named */
    private static function along(string $words, array $named, int $up, Place $was): ?Place
    {
        if (1 === preg_match(self::ROUND, $words, $said)) {
            return new Place(Anchor::Round, max(1, (int) $said['from']), isWithin: \in_array($said['how'], ['', 'in '], true) && !isset($said['to']));
        }
        if (1 === preg_match(self::BAND, $words, $said)) {
            $nth = Tokens::ORDINAL_WORDS[$said['nth']] ?? (int) $said['nth'];

            return $nth < 1 ? null : new Place(Anchor::Band, (int) $said['stripe'], offset: $nth - 1, isWithin: $was->isWithin);
        }
        if (1 !== preg_match(self::ON, $words, $said)) {
            return null;
        }
        $offset = '' === $said['rounds'] ? 0 : (int) $said['rounds'] * ('above' === $said['way'] ? $up : -$up);
        $of = $said['of'];
        $is = static fn (Anchor $anchor, int $number = 1, string $of = ''): Place => new Place(
            $anchor, $number, $of, $offset, $was->isWithin,
        );

        return match (true) {
            1 === preg_match('/^colour change (?<number>\d{1,3})$/', $of, $change) => $is(Anchor::Change, (int) $change['number']),
            1 === preg_match('/^stripe (?<number>\d{1,3})$/', $of, $stripe) => $is(Anchor::Band, (int) $stripe['number']),
            'widest' === $of => $is(Anchor::Widest),
            'edge' === $of => $is(Anchor::Edge),
            'middle of its beginning' === $of => $is(Anchor::Pole, 1),
            'middle of its end' === $of => $is(Anchor::Pole, 2),
            isset($named[$of]) => $is(Anchor::Placement, 1, $named[$of]),
            default => null,
        };
    }

    /** @param array<string, string> $named */
    private static function across(string $words, array $named): ?Across
    {
        if ('opposite the seam' === $words) {
            return Across::seam();
        }
        if (1 === preg_match('/^at the (?<nth>[a-z]+|\d{1,4}(?:st|nd|rd|th)) increase of its round$/', $words, $said)) {
            $nth = Tokens::ORDINAL_WORDS[$said['nth']] ?? (int) $said['nth'];

            return $nth < 1 ? null : Across::increase($nth);
        }
        if (1 !== preg_match('/^(?<how>from the middle of|mirrored from) the (?<of>.+)$/', $words, $said)) {
            return null;
        }
        $key = $named[$said['of']] ?? null;

        return null === $key ? null : ('mirrored from' === $said['how'] ? Across::mirror($key) : Across::beside($key));
    }
}
