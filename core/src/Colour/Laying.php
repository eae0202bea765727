<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Plan\Band;
use Alternum\Core\Plan\Blend;
use Alternum\Core\Plan\Fill;
use Alternum\Core\Plan\HandSet;
use Alternum\Core\Plan\Layer;
use Alternum\Core\Plan\Motif;
use Alternum\Core\Plan\Panel;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Spots;
use Alternum\Core\Plan\StitchRun;
use Alternum\Core\Plan\Stripes;

/** Lays one layer after another over a piece's stitches. A round is a string with a yarn's letter for each. */
final class Laying
{
    /** Each round of a blend begins its even spread so far on, so that its stitches do not line up: the golden section. */
    private const ON = 0.618034;

    private readonly Places $places;
    /** @var list<int> */
    private readonly array $counts;

    /**
     * @param array<int, string> $rounds  by number − 1
     * @param string             $letters of the plan's yarns: others are not laid
     */
    public function __construct(Piece $piece, Fabric $fabric, private array $rounds, private readonly string $letters)
    {
        $this->places = new Places($piece, $fabric);
        $this->counts = $fabric->counts();
    }

    /** @return list<string> */
    public function rounds(): array
    {
        return array_values($this->rounds);
    }

    public function lay(Layer $layer): void
    {
        match (true) {
            $layer instanceof Fill => $this->whole(1, \count($this->rounds), $layer->yarn),
            $layer instanceof Band => $this->whole(...[...$layer->reach->in($this->counts), $layer->yarn]),
            $layer instanceof Stripes => $this->stripes($layer),
            $layer instanceof StitchRun => $this->run($layer),
            $layer instanceof Spots => $this->spots($layer),
            $layer instanceof Motif => $this->motif($layer),
            $layer instanceof Panel => $this->panel($layer),
            $layer instanceof Blend => $this->blend($layer),
            $layer instanceof HandSet => $this->handSet($layer),
            default => throw new \LogicException('This layer cannot be laid: '.$layer::class),
        };
    }

    /** @param list<string> $named a letter for each stitch, a blank where none is named */
    public function layNamed(array $named): void
    {
        foreach ($named as $i => $letters) {
            for ($at = 0, $end = min(\strlen($letters), $this->counts[$i] ?? 0); $at < $end; ++$at) {
                if (' ' !== $letters[$at]) {
                    $this->set($i + 1, $at + 1, $letters[$at]);
                }
            }
        }
    }

    private function whole(int $from, int $to, string $yarn): void
    {
        for ($round = max(1, $from); $round <= min($to, \count($this->rounds)) && str_contains($this->letters, $yarn); ++$round) {
            $this->rounds[$round - 1] = str_repeat($yarn, $this->counts[$round - 1]);
        }
    }

    private function stripes(Stripes $stripes): void
    {
        foreach ($stripes->rounds() as $round => $yarn) {
            if ($round > \count($this->rounds)) {
                return;
            }
            $this->whole($round, $round, $yarn);
        }
    }

    private function run(StitchRun $run): void
    {
        $makes = $this->counts[$run->round - 1] ?? 0;
        if ($run->from > $makes) {
            return;
        }
        $length = min($run->to, $makes) - $run->from + ($run->to < $run->from ? $makes : 0);
        for ($i = 0; $i <= $length; ++$i) {
            $this->set($run->round, $run->from + $i, $run->yarn);
        }
    }

    private function spots(Spots $spots): void
    {
        $spotted = 0;
        for ($first = $spots->from; $first <= min($spots->to, \count($this->rounds)); $first += max(1, $spots->step), ++$spotted) {
            $middle = min(\count($this->rounds), $first + intdiv($spots->tall - 1, 2));
            $makes = $this->counts[$middle - 1];
            $count = $spots->count > 0 ? min($spots->count, $makes) : intdiv($makes, max(1, $spots->every));
            // Counted by stitches, what does not come out even is left behind the last of them.
            $apart = 360.0 * ($spots->count > 0 ? 1 / max(1, $count) : max(1, $spots->every) / $makes);
            $moved = $spots->isStaggered && 1 === $spotted % 2 ? $apart / 2 : 0.0;
            for ($spot = 0; $spot < $count; ++$spot) {
                for ($row = 0; $row < $spots->tall && $first + $row <= \count($this->rounds); ++$row) {
                    $this->row($first + $row, $spots->fromFront + $moved + $spot * $apart, str_repeat($spots->yarn, $spots->wide));
                }
            }
        }
    }

    private function motif(Motif $motif): void
    {
        $from = $motif->round;
        $counted = null;
        foreach ($motif->rows as $i => $row) {
            $round = $from + $i;
            if ($round > \count($this->rounds)) {
                return;
            }
            $this->row($round, $motif->fromFront, $row, $motif->isStraight ? null : $counted);
            // In counted columns, every row begins at the stitch where the first one does.
            $counted ??= $this->places->begin($round, $motif->fromFront, $motif->width());
        }
    }

    /** An oval's width at a round follows from how far that is from its middle. */
    private function panel(Panel $panel): void
    {
        $middle = ($panel->from + $panel->to) / 2;
        $half = ($panel->to - $panel->from + 1) / 2;
        for ($round = max(1, $panel->from); $round <= min($panel->to, \count($this->rounds)); ++$round) {
            $wide = $panel->degrees * sqrt(max(0.0, 1 - (($round - $middle) / $half) ** 2));
            $stitches = min($this->counts[$round - 1], max(1, (int) round($wide / 360.0 * $this->counts[$round - 1])));
            $this->row($round, $panel->fromFront, str_repeat($panel->yarn, $stitches));
        }
    }

    private function blend(Blend $blend): void
    {
        $rounds = $blend->to - $blend->from + 1;
        for ($round = max(1, $blend->from); $round <= min($blend->to, \count($this->rounds)); ++$round) {
            $share = ($round - $blend->from + 1) / ($rounds + 1);
            $on = fmod($round * self::ON, 1.0);
            for ($stitch = 1; $stitch <= $this->counts[$round - 1]; ++$stitch) {
                if (floor($stitch * $share + $on) > floor(($stitch - 1) * $share + $on)) {
                    $this->set($round, $stitch, $blend->yarn);
                }
            }
        }
    }

    private function handSet(HandSet $hand): void
    {
        foreach ($hand->rounds as $round => $stitches) {
            for ($i = 0, $end = min(\strlen($stitches), $this->counts[$round - 1] ?? 0); $i < $end; ++$i) {
                if (Motif::CLEAR !== $stitches[$i]) {
                    $this->set($round, $i + 1, $stitches[$i]);
                }
            }
        }
    }

    /**
     * Sets a row of cells with its middle at a place.
     *
     * @param int|null $begin the first cell's stitch; null: what is nearest to the place
     */
    private function row(int $round, float $fromFront, string $cells, ?int $begin = null): void
    {
        $begin ??= $this->places->begin($round, $fromFront, \strlen($cells));
        $cells = $this->places->isBack($round) ? strrev($cells) : $cells;
        for ($i = 0, $end = min(\strlen($cells), $this->counts[$round - 1]); $i < $end; ++$i) {
            if (Motif::CLEAR !== $cells[$i]) {
                $this->set($round, $begin + $i, $cells[$i]);
            }
        }
    }

    private function set(int $round, int $stitch, string $yarn): void
    {
        $makes = $this->counts[$round - 1];
        if (str_contains($this->letters, $yarn)) {
            $this->rounds[$round - 1][(($stitch - 1) % $makes + $makes) % $makes] = $yarn;
        }
    }
}
