<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Finish;

/** When a magic ring is drawn quite tight. */
enum RingDrawn: string
{
    case AtOnce = 'at-once';
    case AfterSecondRound = 'after-round-2';
}
