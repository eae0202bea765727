<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

/** A sign or a word that only joins what stands before and after it. */
final readonly class Glue extends Node
{
}
