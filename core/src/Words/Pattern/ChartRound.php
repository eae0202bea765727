<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Pattern;

use Alternum\Core\Frame\Frame;

/** One round of a printed chart: its yarns from its first stitch to its last, as they are counted. */
final readonly class ChartRound
{
    /**
     * @param int                      $number from 1
     * @param list<array{string, int}> $runs   a yarn's letter, and how many stitches, in working order
     * @param int|null                 $front  the stitch that faces the viewer, from 1; null: it has no front
     */
    private function __construct(public int $number, public array $runs, public ?int $front)
    {
    }

    /**
     * @param list<string>          $rounds  a yarn's letter for each stitch of each round
     * @param array<string, string> $instead a letter to the one that is taken instead
     *
     * @return list<self> none where no round changes its yarn within
     */
    public static function all(array $rounds, Frame $frame, array $instead): array
    {
        $all = [];
        $changes = false;
        foreach ($rounds as $i => $letters) {
            $runs = [];
            for ($at = 0, $end = \strlen($letters); $at < $end; $at += $stitches) {
                $stitches = strspn($letters, $letters[$at], $at);
                $runs[] = [$instead[$letters[$at]] ?? $letters[$at], $stitches];
            }
            $changes = $changes || \count($runs) > 1;
            $front = $frame->isFlat() || '' === $letters ? null : $frame->stitch($i + 1, $frame->along($i + 1, 0.0));
            $all[] = new self($i + 1, $runs, $front);
        }

        return $changes ? $all : [];
    }
}
