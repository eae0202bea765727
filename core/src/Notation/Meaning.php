<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Plan\Message;

/** What one stretch of a typed line was taken for. */
final readonly class Meaning
{
    public function __construct(public Span $span, public MeaningKind $kind, public Node|Message $about)
    {
    }
}
