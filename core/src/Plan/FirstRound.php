<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Which end of a piece its round 1 is, as the finished piece stands. */
enum FirstRound: string
{
    case Top = 'top';
    case Bottom = 'bottom';
}
