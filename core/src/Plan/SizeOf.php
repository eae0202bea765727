<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What of a finished piece a tape is laid to. */
enum SizeOf: string
{
    case Width = 'width';
    case Girth = 'girth';
    case Height = 'height';
}
