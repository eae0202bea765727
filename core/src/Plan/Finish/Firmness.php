<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Finish;

/** How firmly a piece is stuffed. */
enum Firmness: string
{
    case Firm = 'firm';
    case Usual = 'usual';
    case Light = 'light';
    /** Firmly up to half its height. */
    case Half = 'half';
    case None = 'none';
}
