<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Colour\Places;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Plan\Face;
use Alternum\Core\Plan\Piece;

/** What comes into a face that is to stay plain. */
final class FaceCheck
{
    /** @return list<string> what is to be said of it, from the first round on */
    public static function of(Piece $piece, Fabric $fabric, Colouring $colouring, Changes $changes): array
    {
        $face = $piece->face;
        if (null === $face) {
            return [];
        }
        $remarks = [];
        $places = new Places($piece, $fabric, $changes->starts);
        $parted = [];
        for ($round = $face->from; $round <= min($face->to, $places->rounds()); ++$round) {
            if (self::isParted($places, $round, $face, $colouring->rounds[$round - 1])) {
                $parted[] = $round;
            }
        }
        if ([] !== $parted) {
            $remarks[] = 'The colour changes within the face in '.(1 === \count($parted) ? "round {$parted[0]}" : 'rounds '.implode(', ', $parted)).'.';
        }
        foreach ($changes->changes as $change) {
            if ($change->isJog && $change->round >= $face->from - 1 && $change->round <= $face->to && Turn::apart($change->degrees, $piece->frontDegrees) <= $face->degrees / 2) {
                $remarks[] = "The step after round {$change->round} lies in the face. Turn the front.";
            }
        }

        return $remarks;
    }

    private static function isParted(Places $places, int $round, Face $face, string $letters): bool
    {
        $makes = $places->makes($round);
        $stitches = max(1, min($makes, (int) round($face->degrees / 360.0 * $makes)));
        $begin = ($places->begin($round, 0.0, $stitches) - 1 + $makes) % $makes;
        $seen = substr($letters.$letters, $begin, $stitches);

        return strspn($seen, $seen[0]) < \strlen($seen);
    }
}
