<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Stitches written out one by one, packed: a byte for each, and a byte for the loop that each is worked in. */
final readonly class Expansion
{
    /**
     * @param string $codes see Stitch::code()
     * @param string $loops as long as the codes; a blank for both loops
     * @param string $dyes  two bytes a stitch: the yarn named before it, and before its second top; blanks where none is
     */
    private function __construct(public string $codes, public string $loops, public string $dyes)
    {
    }

    public static function none(): self
    {
        return new self('', '', '');
    }

    public static function of(Stitch $stitch, int $times, ?Loop $loop = null): self
    {
        return new self(str_repeat($stitch->code(), $times), str_repeat($loop?->code() ?? ' ', $times), str_repeat('  ', $times));
    }

    public function then(self $next): self
    {
        return new self($this->codes.$next->codes, $this->loops.$next->loops, $this->dyes.$next->dyes);
    }

    public function times(int $times): self
    {
        return new self(str_repeat($this->codes, $times), str_repeat($this->loops, $times), str_repeat($this->dyes, $times));
    }

    /** In one loop, where nothing else was said. */
    public function in(?Loop $loop): self
    {
        return null === $loop ? $this : new self($this->codes, strtr($this->loops, ' ', $loop->code()), $this->dyes);
    }

    /** With a yarn named before the first stitch. */
    public function dyed(?Dye $dye): self
    {
        return null === $dye || '' === $this->codes ? $this : new self($this->codes, $this->loops, $dye->yarn.('' === $dye->within ? ' ' : $dye->within).substr($this->dyes, 2));
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
