<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

/** "On the other side of the chain": from here on the far side is worked. */
final readonly class OtherSide extends Node
{
}
