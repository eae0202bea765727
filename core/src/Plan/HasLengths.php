<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What has lengths of its own in it, beside stitches and rounds: in a thicker yarn they are longer. */
interface HasLengths extends PieceSetting
{
    /** @param float $times so many times as long as they are */
    public function scaled(float $times): self;
}
