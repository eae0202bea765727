<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** A layer of colour as it lies on a piece: it may have a name of the maker's, and be hidden. */
final readonly class Laid
{
    public function __construct(public Layer $layer, public string $name = '', public bool $isHidden = false)
    {
    }

    /** Another layer in its place, under the same name. */
    public function with(Layer $layer): self
    {
        return new self($layer, $this->name, $this->isHidden);
    }
}
