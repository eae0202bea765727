<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Finish;

/** How firmly a piece is stuffed. */
enum Firmness: string
{
    case Firm = 'firm';
    case Usual = 'usual';
    case Light = 'light';
    /** Half full, so that it gives. */
    case Half = 'half';
    case None = 'none';
}
