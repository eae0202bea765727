<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Fill;
use Alternum\Core\Plan\Laid;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Typed;

/** Shows the yarns that the words name among the piece's layers, where they lie already: right above the fill. */
final class TypedLayer
{
    public static function shown(Piece $piece, Reading $reading): Piece
    {
        $isShown = [] !== array_filter($piece->colours, static fn (Laid $laid): bool => $laid->layer instanceof Typed);
        if ($isShown || !$reading->namesYarns()) {
            return $piece;
        }
        $at = 0;
        while (($piece->colours[$at] ?? null)?->layer instanceof Fill) {
            ++$at;
        }

        return $piece->withColours([...\array_slice($piece->colours, 0, $at), new Laid(new Typed()), ...\array_slice($piece->colours, $at)]);
    }
}
