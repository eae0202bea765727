<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Layer\Helix;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** Spiral stripes that a written pattern says, "Note: spiral stripes of A and B, rounds 2 to 7", laid again over the yarns that its words name. */
final class SaidHelix
{
    /** As PatternWords::helix() writes it. */
    private const SAID = '/^note: spiral stripes of (?<yarns>\p{L}(?:(?:, | and )\p{L})+), rounds (?<from>\d{1,3}) to (?<to>\d{1,3})/iu';

    /** The piece with them, where they are the yarns of its stitches as its words have them; else as it was. */
    public static function laid(Plan $plan, Piece $piece): Piece
    {
        foreach ($piece->rounds as $line) {
            $letters = 1 === preg_match(self::SAID, $line, $match) ? preg_split('/, | and /', $match['yarns']) : false;
            if (false === $letters || [] !== array_filter($letters, static fn (string $letter): bool => null === $plan->yarn($letter))) {
                continue;
            }
            $with = $piece->withColours([...$piece->colours, new LayerEntry(new Helix((int) $match['from'], (int) $match['to'], $letters))]);
            // A picture may lie over them; then the words alone are right.
            if (PieceStages::of($plan, $with)->colouring->rounds === PieceStages::of($plan, $piece)->colouring->rounds) {
                $piece = $with;
            }
        }

        return $piece;
    }
}
