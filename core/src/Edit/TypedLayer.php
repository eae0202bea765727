<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\Typed;
use Alternum\Core\Plan\Piece;

/** Shows the yarns that the words name among the piece's layers, where they lie already: right above the fill. */
final class TypedLayer
{
    public static function shown(Piece $piece, Reading $reading): Piece
    {
        $place = Typed::place($piece->colours);
        if (null === $place || !$reading->namesYarns()) {
            return $piece;
        }

        return $piece->withColours([...\array_slice($piece->colours, 0, $place), new LayerEntry(new Typed()), ...\array_slice($piece->colours, $place)]);
    }
}
