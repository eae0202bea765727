<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

/** A layer that names places around the piece, which the Frame knows. */
interface PlaceLayer extends Layer
{
    public function lay(FramedCloth $cloth): void;
}
