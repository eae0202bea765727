<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

/** What is worked over all stitches that the rest of the line leaves, in a way of its own. */
abstract readonly class Filling extends Node
{
}
