<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Whether something is a mistake, or only worth knowing. */
enum Severity: string
{
    case Error = 'error';
    case Note = 'note';
}
