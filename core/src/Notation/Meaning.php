<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** What one stretch of a typed line was taken for, in words. */
final readonly class Meaning
{
    public function __construct(public Span $span, public MeaningKind $kind, public string $says)
    {
    }
}
