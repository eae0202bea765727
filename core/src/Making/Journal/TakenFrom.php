<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Journal;

/** From when on a plan that was changed meanwhile is followed. */
enum TakenFrom: string
{
    case Round = 'round';
    /** What is begun is finished as it was begun. */
    case Copy = 'copy';
    case Never = 'never';
}
