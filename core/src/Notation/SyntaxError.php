<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Message;

/** A typed line that cannot be read, with the place. */
final class SyntaxError extends \RuntimeException
{
    /**
     * @param int $position the character, from 0
     * @param int $length   in characters
     */
    public function __construct(
        public readonly Message $says,
        public readonly int $position,
        public readonly int $length,
        public readonly ?Fix $fix = null,
    ) {
        parent::__construct($says->code);
    }

    public function fixedBy(Fix $fix): self
    {
        return new self($this->says, $this->position, $this->length, $fix);
    }

    public function span(): Span
    {
        return new Span($this->position, $this->position + $this->length);
    }
}
