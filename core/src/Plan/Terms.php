<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Which country's stitch words a text is read or written in; the core itself always means US ones. */
enum Terms: string
{
    case Us = 'us';
    case Uk = 'uk';

    public function other(): self
    {
        return self::Us === $this ? self::Uk : self::Us;
    }
}
