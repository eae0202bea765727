<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

/** How often something is worked. */
final readonly class HowOften
{
    /**
     * @param int|null $times    null: as often as there is room
     * @param bool     $more     beside the once that is written
     * @param bool     $toEnd    it says "to the end", not "around"
     * @param bool     $repeated it says "repeat", so it means all that stands before it
     */
    public function __construct(public ?int $times, public bool $more = false, public bool $repeated = false, public bool $toEnd = false)
    {
    }

    public function all(): ?int
    {
        return null === $this->times ? null : $this->times + ($this->more ? 1 : 0);
    }
}
