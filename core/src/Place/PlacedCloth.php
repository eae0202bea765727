<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Colour\StitchCloth;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Layer\FramedCloth;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Layer\PlaceLayer;
use Alternum\Core\Plan\Layer\RoundLayer;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** A piece's stitches while all of its layers are laid over them, those too that name places around it. */
final class PlacedCloth implements FramedCloth
{
    private function __construct(private readonly StitchCloth $stitches, private readonly Frame $frame)
    {
    }

    /** The final yarn of every stitch. */
    public static function colours(Plan $plan, Piece $piece, Fabric $fabric, Reading $reading, Frame $frame): Colouring
    {
        $stitches = StitchCloth::of($plan, $fabric, $reading);
        $cloth = new self($stitches, $frame);
        foreach (Colouring::shown($piece, $reading) as $entry) {
            self::lay($entry, $cloth);
        }

        return $stitches->colouring();
    }

    /**
     * The stitches that one layer colours.
     *
     * @return list<string> by round, a letter for each stitch that it colours, Motif::CLEAR for the others
     */
    public static function colouredBy(LayerEntry $entry, Plan $plan, Fabric $fabric, Reading $reading, Frame $frame): array
    {
        $stitches = StitchCloth::bare($plan, $fabric, $reading);
        self::lay($entry, new self($stitches, $frame));

        return $stitches->colouring()->rounds;
    }

    /**
     * The stitches that any layer at places colours, in its letter; Motif::CLEAR for the others.
     *
     * @return list<string> by round
     */
    public static function pictures(Plan $plan, Piece $piece, Fabric $fabric, Reading $reading, Frame $frame): array
    {
        $stitches = StitchCloth::bare($plan, $fabric, $reading);
        $cloth = new self($stitches, $frame);
        foreach (Colouring::shown($piece, $reading) as $entry) {
            if ($entry->layer instanceof PlaceLayer) {
                $entry->layer->lay($cloth);
            }
        }

        return $stitches->colouring()->rounds;
    }

    private static function lay(LayerEntry $entry, self $cloth): void
    {
        $entry->layer instanceof RoundLayer ? $entry->layer->lay($cloth->stitches) : $entry->layer->lay($cloth);
    }

    public function counts(): array
    {
        return $this->stitches->counts();
    }

    public function whole(int $from, int $to, string $yarn): void
    {
        $this->stitches->whole($from, $to, $yarn);
    }

    public function letters(int $round, int $stitch, string $letters): void
    {
        $this->stitches->letters($round, $stitch, $letters);
    }

    public function loops(int $from, int $to, int $strands): array
    {
        return $this->stitches->loops($from, $to, $strands);
    }

    public function typed(): void
    {
        $this->stitches->typed();
    }

    public function beginsAtTop(): bool
    {
        return $this->frame->beginsAtTop();
    }

    public function column(int $round, float $fromFront, int $cells): int
    {
        return $this->frame->column($round, $fromFront, $cells);
    }

    public function row(int $round, float $fromFront, string $cells, ?int $column = null): void
    {
        $wide = \strlen($cells);
        $column ??= $this->frame->column($round, $fromFront, $wide);
        $cells = $this->frame->runsLeft($round) ? strrev($cells) : $cells;
        if (!$this->frame->isFlat()) {
            $this->letters($round, $column, $cells);

            return;
        }
        $makes = $this->frame->makes($round);
        $first = $this->frame->isBack($round) ? $makes - ($column + $wide - 1) + 1 : $column;
        $left = max(0, 1 - $first);
        $this->letters($round, $first + $left, substr($cells, $left, max(0, min($wide - $left, $makes - $first - $left + 1))));
    }

    public function rows(int $round, float $fromFront, float $apart, int $count, string $cells): void
    {
        if ($this->frame->isFlat()) {
            for ($i = 0; $i < $count; ++$i) {
                $this->row($round, $fromFront + $i * $apart, $cells);
            }

            return;
        }
        // Thousands may lie on a round: its letters are put together first.
        $makes = $this->frame->makes($round);
        $wide = min(\strlen($cells), $makes);
        $letters = str_repeat(Motif::CLEAR, $makes);
        $first = $this->frame->along($round, $fromFront) - $wide / 2 + 0.5 + 1e-9;
        $step = $apart / 360.0 * $makes;
        if ($count > 0 && (int) ceil($step) <= $wide && strspn($cells, $cells[0]) === \strlen($cells)) {
            $this->letters(
                $round,
                (int) floor($first) + 1,
                str_repeat($cells[0], min($makes, (int) floor($first + ($count - 1) * $step) - (int) floor($first) + $wide)),
            );

            return;
        }
        for ($i = 0; $i < $count; ++$i) {
            $at = (int) floor($first + $i * $step);
            for ($cell = 0; $cell < $wide; ++$cell) {
                $letters[(($at + $cell) % $makes + $makes) % $makes] = $cells[$cell];
            }
        }
        $this->letters($round, 1, $letters);
    }
}
