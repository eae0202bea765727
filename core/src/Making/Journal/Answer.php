<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Journal;

/** What is said of a step that cannot be undone. */
enum Answer: string
{
    case Done = 'done';
    case Later = 'later';
    case Left = 'left';
}
