<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Assembly;

/** What is in hand for a join: changing it costs time. */
enum Tool: string
{
    case Needle = 'a yarn needle';
    case Hook = 'the hook';
    case Glue = 'fabric glue';
    case None = '';
}
