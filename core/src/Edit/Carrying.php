<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Band;
use Alternum\Core\Plan\Blend;
use Alternum\Core\Plan\Face;
use Alternum\Core\Plan\HandSet;
use Alternum\Core\Plan\Laid;
use Alternum\Core\Plan\Layer;
use Alternum\Core\Plan\Motif;
use Alternum\Core\Plan\Panel;
use Alternum\Core\Plan\Part;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\Reach;
use Alternum\Core\Plan\Spots;
use Alternum\Core\Plan\StitchRun;
use Alternum\Core\Plan\Stripes;

/** Takes layers along where rounds move: each by what it is. What is said by its meaning stays as it is said. */
abstract readonly class Carrying
{
    /**
     * @param list<Laid> $colours
     *
     * @return list<Laid> without those whose rounds are all gone
     */
    final public function colours(array $colours): array
    {
        $kept = [];
        foreach ($colours as $laid) {
            $layer = $this->layer($laid->layer);
            if (null !== $layer) {
                $kept[] = $laid->with($layer);
            }
        }

        return $kept;
    }

    /**
     * @param list<Placement> $placements
     *
     * @return list<Placement> those said by a round go with it; the others by what they are
     */
    final public function placements(array $placements): array
    {
        return array_map(function (Placement $placement): Placement {
            $round = Anchor::Round === $placement->anchor ? $this->block($placement->number, 1) : $placement->number;

            return null === $round ? $placement : $placement->at($round, null === $placement->apart ? null : $this->apart($placement->number, $round, $placement->apart));
        }, $placements);
    }

    final public function face(?Face $face): ?Face
    {
        $range = null === $face ? null : $this->range($face->from, $face->to);

        return null === $face || null === $range ? null : $face->on(...$range);
    }

    private function layer(Layer $layer): ?Layer
    {
        if ($layer instanceof Stripes) {
            return $this->stripes($layer);
        }
        if ($layer instanceof StitchRun) {
            return $this->run($layer);
        }
        if ($layer instanceof Motif) {
            $round = $this->block($layer->round, $layer->height());

            return null === $round ? null : $layer->at($round);
        }
        if ($layer instanceof HandSet) {
            return $this->handSet($layer);
        }
        if ($layer instanceof Band) {
            if (Part::Rounds !== $layer->reach->part) {
                return $layer;
            }
            $range = $this->range($layer->reach->from, $layer->reach->from + $layer->reach->rounds - 1);

            return null === $range ? null : new Band(Reach::rounds(...$range), $layer->yarn);
        }
        if ($layer instanceof Panel || $layer instanceof Spots || $layer instanceof Blend) {
            $range = $this->range($layer->from, $layer->to);

            return null === $range ? null : $layer->on(...$range);
        }

        return $layer;
    }

    /** Rounds that follow one another are one picture, which keeps its form. */
    private function handSet(HandSet $hand): ?HandSet
    {
        $carried = [];
        $numbers = array_keys($hand->rounds);
        for ($i = 0, $end = \count($numbers); $i < $end; $i = $last + 1) {
            $last = $i;
            while ($last + 1 < $end && $numbers[$last] + 1 === $numbers[$last + 1]) {
                ++$last;
            }
            $first = $this->block($numbers[$i], $last - $i + 1);
            for ($at = $i; null !== $first && $at <= $last; ++$at) {
                $stitches = $this->stitches($numbers[$at], $first + $at - $i, $hand->rounds[$numbers[$at]]);
                if ('' !== $stitches) {
                    $carried[$first + $at - $i] = $stitches;
                }
            }
        }
        ksort($carried);

        return [] === $carried ? null : new HandSet($carried);
    }

    /** @return array{int, int}|null the first and last round of what was so many; null where none is left */
    abstract protected function range(int $from, int $to): ?array;

    /** The first round of a picture so many rounds high; null where none of them is left. */
    abstract protected function block(int $first, int $height): ?int;

    /** Stitches between two places of a round, on another. */
    protected function apart(int $from, int $to, float $stitches): float
    {
        return $stitches;
    }

    abstract protected function stripes(Stripes $stripes): ?Stripes;

    abstract protected function run(StitchRun $run): ?StitchRun;

    /** The letters of one round, on another. */
    abstract protected function stitches(int $from, int $to, string $letters): string;
}
