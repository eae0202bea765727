<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

/** A layer that names rounds, or stitches by their count. The methods of change are chosen from these. */
interface RoundLayer extends Layer
{
    public function lay(Cloth $cloth): void;
}
