<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

/** A layer that can be taken hold of on the chart. */
interface MovableLayer extends PlaceLayer
{
    /** The rounds that it covers, whether the piece has them or not. */
    public function range(): RoundRange;

    /** @param float $degrees on from where it is, in the working direction */
    public function moved(int $rounds, float $degrees): self;

    /**
     * Its far edge moved: higher, and wider about its middle. A kind of fixed size stays as it is.
     *
     * @param int   $rounds  higher
     * @param float $degrees wider, on each side
     */
    public function stretched(int $rounds, float $degrees): self;
}
