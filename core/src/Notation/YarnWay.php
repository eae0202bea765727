<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** How words say that a yarn is joined, or what becomes of the one before it. */
enum YarnWay: string
{
    case Cut = 'cut';
    case Carry = 'carry';
    case Float = 'float';
    case Over = 'over';
    case Standing = 'standing';
}
