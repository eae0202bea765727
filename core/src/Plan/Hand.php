<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** The hand that holds the hook. Left-handed work is the mirror image on screen; the sums are the same. */
enum Hand: string
{
    case Right = 'right';
    case Left = 'left';
}
