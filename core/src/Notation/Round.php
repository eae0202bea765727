<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** One round's stitches in working order. */
final readonly class Round
{
    /**
     * @param int    $number   from 1
     * @param int    $line     the typed line it comes from, from 1
     * @param string $codes    one byte a stitch, see Stitch::code()
     * @param int    $below    stitches that the round below made, 0 for the first
     * @param int    $uses     how many of those it is worked into
     * @param int    $makes    how many tops it leaves
     * @param bool   $readable false: the line could not be read, and plain stitches stand in for it
     */
    public function __construct(
        public int $number,
        public int $line,
        public string $codes,
        public int $below,
        public int $uses,
        public int $makes,
        public bool $readable = true,
    ) {
    }

    public function isComplete(): bool
    {
        return $this->readable && $this->uses === $this->below;
    }

    /** @return list<string> the stitches under their US abbreviations */
    public function stitches(): array
    {
        return array_map(static fn (string $code): string => Stitch::ofCode($code)->value, '' === $this->codes ? [] : str_split($this->codes));
    }
}
