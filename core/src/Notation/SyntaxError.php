<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Count;
use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Plan\Fix;

/** A typed line that cannot be read, with the place, and with as much of the line as was understood. */
final class SyntaxError extends \RuntimeException
{
    /**
     * @param int $position the character, from 0
     * @param int $length   in characters
     */
    public function __construct(
        string $message,
        public readonly string $mend,
        public readonly int $position,
        public readonly int $length,
        public readonly ?Head $head = null,
        public readonly ?Count $count = null,
        public readonly ?Fix $fix = null,
    ) {
        parent::__construct($message);
    }

    public function fixedBy(Fix $fix): self
    {
        return new self($this->getMessage(), $this->mend, $this->position, $this->length, $this->head, $this->count, $fix);
    }

    public function within(?Head $head, ?Count $count): self
    {
        return new self($this->getMessage(), $this->mend, $this->position, $this->length, $head, $count, $this->fix);
    }
}
