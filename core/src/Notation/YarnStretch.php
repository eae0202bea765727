<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Tops of a round that follow one another in one yarn, as the words name it. */
final readonly class YarnStretch
{
    /** @param string|null $yarn letter, or the name as typed; null where none was named */
    public function __construct(public ?string $yarn, public int $tops)
    {
    }
}
