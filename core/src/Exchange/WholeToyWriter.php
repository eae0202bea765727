<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Toy\PosedPiece;

/** The whole toy as values for JSON: contract/openapi.yaml, WholeToy. */
final class WholeToyWriter
{
    /** So many stitches, of all copies together, are drawn: of the pieces in the plan's order each that still fits. */
    private const STITCHES = 12_000;

    /** @return array<string, mixed> */
    public static function values(Analysis $analysis): array
    {
        $poses = $analysis->wholeToy();
        $pieces = [];
        $stitches = $copies = 0;
        foreach ($analysis->pieces as $i => $piece) {
            $own = array_sum($piece->part->counts) * $piece->piece->copies->count;
            $copies += $own > 0 ? $piece->piece->copies->count : 0;
            if ($own > 0 && $stitches + $own <= self::STITCHES) {
                $stitches += $own;
                $pieces[$piece->piece->key] = PieceWriter::values($analysis->plan, $piece, $analysis->lengths[$i]);
            }
        }
        $shown = array_values(array_filter($poses, static fn (PosedPiece $one): bool => isset($pieces[$one->piece])));

        return [
            'poses' => array_map(self::pose(...), $shown),
            'pieces' => array_values($pieces),
            'isWhole' => \count($shown) === $copies,
        ];
    }

    /** @return array<string, mixed> */
    private static function pose(PosedPiece $one): array
    {
        return [
            'piece' => $one->piece,
            'copy' => $one->copy,
            'on' => $one->on,
            'axes' => array_map(static fn (float $of): float => round($of, 4), array_merge(...$one->pose->axes)),
            'at' => array_map(static fn (float $of): float => round($of, 2), $one->pose->at),
        ];
    }
}
