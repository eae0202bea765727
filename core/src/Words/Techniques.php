<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Form\Finishing;
use Alternum\Core\Notation\Loop;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Placement;

/** What one has to know how to do for a piece, as patterns list it. */
final class Techniques
{
    /**
     * @param list<Change> $changes
     *
     * @return list<string> in the order in which they come up
     */
    public static function of(Piece $piece, Reading $reading, array $changes, Finishing $finishing): array
    {
        $codes = $loops = '';
        foreach ($reading->rounds as $round) {
            $codes .= (string) count_chars($round->codes, 3);
            $loops .= (string) count_chars($round->loops, 3);
        }
        $isUsed = static fn (Stitch $stitch): bool => str_contains($codes, $stitch->code());
        $has = static fn (Stitch ...$stitches): bool => [] !== array_filter($stitches, $isUsed);
        $changing = static fn (callable $is): bool => [] !== array_filter($changes, $is);

        return array_keys(array_filter([
            'a magic ring' => null !== $finishing->ring,
            'beginning on another piece' => null !== $piece->start && Join::Edge !== $piece->start->join && Join::Edges !== $piece->start->join,
            'edging a flat piece' => Join::Edge === $piece->start?->join || Join::Edges === $piece->start?->join,
            'increasing' => $has(Stitch::Increase),
            'decreasing' => $has(Stitch::Decrease, Stitch::InvisibleDecrease),
            'working in one loop' => str_contains($loops, Loop::Back->code()) || str_contains($loops, Loop::Front->code()),
            'bobbles' => $has(Stitch::Bobble),
            'stitches along a chain' => $has(Stitch::ChainOut),
            'changing yarn at a round’s end' => $changing(static fn (Change $change): bool => $change->place->isAtEnd && null === $change->yarns->helix),
            'changing yarn within a round' => $changing(static fn (Change $change): bool => !$change->place->isAtEnd && null === $change->yarns->helix),
            'several yarns in one spiral' => $changing(static fn (Change $change): bool => null !== $change->yarns->helix),
            'carrying yarn inside' => $changing(static fn (Change $change): bool => OldYarn::Carry === $change->yarns->old),
            'setting eyes' => [] !== array_filter($piece->placements, static fn (Placement $placement): bool => $placement->kind->hasWasher()),
            'stuffing' => Firmness::None !== $finishing->firmness,
            'drawing closed through the loops' => \in_array($finishing->end, [PieceEnd::FrontLoops, PieceEnd::EverySecond, PieceEnd::Twice], true),
            'working through both sides' => PieceEnd::Flat === $finishing->end,
            'a needle join' => PieceEnd::NeedleJoin === $finishing->end,
            'drawing a piece in' => !$finishing->drawn->isNothing(),
            'sewing on' => PieceEnd::Sewn === $finishing->end,
            'embroidery' => [] !== $piece->threads,
        ]));
    }
}
