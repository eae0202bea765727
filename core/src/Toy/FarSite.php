<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Form\PieceForm;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Place\Locator;

/** Another piece, as far as a thread that ends on it asks. */
final readonly class FarSite
{
    /** @param Locator $locator which has found the piece's placements */
    public function __construct(public Frame $frame, public PieceForm $form, public Locator $locator)
    {
    }
}
