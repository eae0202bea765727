<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Slip;

/** What is seen at a look. */
enum LookResult: string
{
    case AllThere = 'all-there';
    case OneEmpty = 'one-empty';
    case TwoEmpty = 'two-empty';
    case LastEmpty = 'last-empty';
    case Beyond = 'beyond';
    case OnSlip = 'on-slip';
    case Fewer = 'fewer';
    case More = 'more';
}
