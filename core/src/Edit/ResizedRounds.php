<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Layer\RoundMoves;
use Alternum\Core\Plan\Layer\RoundRange;

/** The rounds of a piece in another size: what grows, what stays and what shrinks each keep their share of the height. */
final readonly class ResizedRounds implements RoundMoves
{
    /** @var list<int> for each edge between old rounds, from 0, the edge between new rounds */
    private array $edges;

    /**
     * @param list<Round> $oldRounds
     * @param list<Round> $newRounds
     * @param int|null    $deepest   the last of them that a hand reaches through an opening; null: any
     */
    public function __construct(
        ShapePhases $old,
        ShapePhases $new,
        private array $oldRounds,
        private array $newRounds,
        private ?int $deepest,
    ) {
        $edges = [0];
        $newEdge = 0;
        $phases = [
            [$old->grown, $new->grown],
            [$old->even, $new->even],
            [\count($oldRounds) - $old->grown - $old->even, \count($newRounds) - $new->grown - $new->even],
        ];
        foreach ($phases as [$oldHeight, $newHeight]) {
            for ($round = 1; $round <= $oldHeight; ++$round) {
                $edges[] = $newEdge + (int) round($round * $newHeight / $oldHeight);
            }
            $newEdge += $newHeight;
        }
        $this->edges = $edges;
    }

    public function isResize(): bool
    {
        return true;
    }

    public function last(): int
    {
        return \count($this->oldRounds);
    }

    public function deepest(): ?int
    {
        return $this->deepest;
    }

    public function newLast(): int
    {
        return \count($this->newRounds);
    }

    public function range(RoundRange $range): RoundRange
    {
        $first = min($this->newLast(), $this->edge($range->from - 1) + 1);
        $beyond = max(0, $range->to - $this->last());

        return new RoundRange($first, max($first, min($this->newLast(), $this->edge($range->to))) + $beyond);
    }

    /** Its middle stays at its share of the height. */
    public function block(int $first, int $height): int
    {
        $middle = ($this->edge($first - 1) + $this->edge($first + $height - 1)) / 2;

        return max(1, min($this->newLast() - $height + 1, (int) round($middle - $height / 2) + 1));
    }

    public function end(int $round): int
    {
        return max(1, $this->edge($round));
    }

    public function source(int $round): ?int
    {
        foreach ($this->edges as $old => $edge) {
            if ($edge >= $round) {
                return $old;
            }
        }

        return null;
    }

    public function along(int $from, int $to, int $stitch, int $length): int
    {
        $old = $this->oldRounds[$from - 1]->makes ?? 0;
        $new = $this->makes($to);
        if ($old === $new || 0 === $old || 0 === $new) {
            return $stitch;
        }
        $begin = (int) round(($stitch - 1 + $length / 2) / $old * $new - $length / 2);

        return ($begin % $new + $new) % $new + 1;
    }

    public function apart(int $from, int $to, float $stitches): float
    {
        $old = $this->oldRounds[$from - 1]->makes ?? 0;
        $new = $this->makes($to);

        return 0 === $old || 0 === $new ? $stitches : max(1.0, round($stitches * $new / $old));
    }

    public function makes(int $round): int
    {
        return $this->newRounds[$round - 1]->makes ?? 0;
    }

    private function edge(int $old): int
    {
        return $this->edges[$old] ?? $old + $this->newLast() - $this->last();
    }
}
