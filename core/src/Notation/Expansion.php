<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Stitches written out one by one, packed: a byte for each, and a byte for the loop that each is worked in. */
final readonly class Expansion
{
    /**
     * @param string $codes see Stitch::code()
     * @param string $loops as long as the codes; a blank for both loops
     */
    private function __construct(public string $codes, public string $loops)
    {
    }

    public static function none(): self
    {
        return new self('', '');
    }

    public static function of(Stitch $stitch, int $times, ?Loop $loop = null): self
    {
        return new self(str_repeat($stitch->code(), $times), str_repeat($loop?->code() ?? ' ', $times));
    }

    public function then(self $next): self
    {
        return new self($this->codes.$next->codes, $this->loops.$next->loops);
    }

    public function times(int $times): self
    {
        return new self(str_repeat($this->codes, $times), str_repeat($this->loops, $times));
    }

    /** In one loop, where nothing else was said. */
    public function in(?Loop $loop): self
    {
        return null === $loop ? $this : new self($this->codes, strtr($this->loops, ' ', $loop->code()));
    }

    public function length(): int
    {
        return \strlen($this->codes);
    }

    public function uses(): int
    {
        return Stitch::sumUses($this->codes);
    }
}
