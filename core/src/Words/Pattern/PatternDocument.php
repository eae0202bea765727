<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Pattern;

/** A written pattern, whatever it is written as. */
final readonly class PatternDocument
{
    /** @param list<PatternSection> $sections */
    public function __construct(public string $title, public array $sections)
    {
    }
}
