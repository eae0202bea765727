<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** The stitch of each round that the maker puts the marker in. */
enum Marker: string
{
    case First = 'first';
    case Last = 'last';
}
