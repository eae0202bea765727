<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Layer\Fill;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;

/** Layers of which nothing is seen, as others lie over all that they colour. */
final class CoveredLayers
{
    private const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'.Motif::CLEAR;
    private const BITS = "\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\xFF\x00";

    /** @return list<Problem> notes, at paths within the piece; a fill at the bottom is meant to be covered */
    public static function problems(Plan $plan, Piece $piece, Fabric $fabric, Reading $reading, Frame $frame): array
    {
        $problems = [];
        foreach (self::of($plan, $piece, $fabric, $reading, $frame) as $at) {
            $entry = $piece->colours[$at];
            $problems[] = Problem::atPath(
                "colours[{$at}]",
                Message::of('layer.covered', name: '' === $entry->name ? $entry->layer->inWords() : $entry->name),
            )->asNote();
        }

        return $problems;
    }

    /** @return list<int> their places among the piece's layers, from the bottom up */
    private static function of(Plan $plan, Piece $piece, Fabric $fabric, Reading $reading, Frame $frame): array
    {
        $shown = array_filter($piece->colours, static fn ($entry): bool => !$entry->isHidden);
        if (\count($shown) < 2) {
            return [];
        }
        // By round a byte for each stitch, FF where none of the layers above colours it; nothing where they colour all of it.
        $open = array_map(self::open(...), $fabric->counts());
        $covered = [];
        foreach (array_reverse($shown, true) as $at => $entry) {
            $colours = $isSeen = false;
            foreach (PlacedCloth::colouredBy($entry, $plan, $fabric, $reading, $frame) as $i => $letters) {
                // A letter is a byte of ones, what is left clear one of none.
                $bits = strtr($letters, self::LETTERS, self::BITS);
                $laid = '' !== trim($bits, "\x00");
                $colours = $colours || $laid;
                if ($laid && '' !== $open[$i]) {
                    $isSeen = $isSeen || '' !== trim($bits & $open[$i], "\x00");
                    $left = $open[$i] & ~$bits;
                    $open[$i] = '' === trim($left, "\x00") ? '' : $left;
                }
            }
            if ($colours && !$isSeen && !(0 === $at && $entry->layer instanceof Fill)) {
                $covered[] = $at;
            }
        }

        return array_reverse($covered);
    }

    private static function open(int $makes): string
    {
        return str_repeat("\xFF", $makes);
    }
}
