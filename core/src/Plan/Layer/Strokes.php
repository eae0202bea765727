<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;

/** Layers as plans of earlier versions hold them: each stroke of the brush a run of its own, up to two thousand. */
final class Strokes
{
    /**
     * @param list<Piece> $pieces
     * @param string      $letters of the plan's yarns
     *
     * @return list<Piece> those with more layers than are written have their strokes in one
     */
    public static function inPieces(array $pieces, string $letters): array
    {
        return array_map(static fn (Piece $piece): Piece => \count($piece->colours) > Limits::LAYERS
            ? $piece->withColours(self::together($piece->colours, $letters))
            : $piece, $pieces);
    }

    /**
     * Runs that lie right above one another, as one layer of stitches set by hand that gives every stitch the same yarn. What has a name, is
     * hidden, wraps past its round's end or names no yarn of the plan stays as it is.
     *
     * @param list<LayerEntry> $entries from below
     * @param string           $letters of the plan's yarns
     *
     * @return list<LayerEntry> the same colours
     */
    public static function together(array $entries, string $letters): array
    {
        $kept = $rounds = [];
        foreach ([...$entries, null] as $entry) {
            $stroke = null === $entry ? null : self::stroke($entry, $letters.Motif::CLEAR);
            if (null === $stroke && [] !== $rounds) {
                ksort($rounds);
                $kept[] = new LayerEntry(new HandSet($rounds));
                $rounds = [];
            }
            if (null === $stroke && null !== $entry) {
                $kept[] = $entry;
            }
            foreach ($stroke->rounds ?? [] as $round => $over) {
                $rounds[$round] = self::over($rounds[$round] ?? $over, $over);
            }
        }

        return $kept;
    }

    private static function stroke(LayerEntry $entry, string $letters): ?HandSet
    {
        $layer = $entry->layer;
        $stroke = match (true) {
            '' !== $entry->name || $entry->isHidden => null,
            $layer instanceof HandSet => $layer,
            $layer instanceof Run && $layer->to >= $layer->from => (new HandSet([]))->painted(
                $layer->round,
                $layer->from,
                $layer->to,
                $layer->yarn,
                $layer->to,
            ),
            default => null,
        };
        $named = implode('', $stroke->rounds ?? []);

        return \strlen($named) === strspn($named, $letters) ? $stroke : null;
    }

    /**
     * @param non-empty-string $under
     * @param non-empty-string $over
     *
     * @return non-empty-string
     */
    private static function over(string $under, string $over): string
    {
        $all = str_pad($under, \strlen($over), Motif::CLEAR);
        for ($i = 0, $end = \strlen($over); $i < $end; ++$i) {
            if (Motif::CLEAR !== $over[$i]) {
                $all[$i] = $over[$i];
            }
        }

        return $all;
    }
}
