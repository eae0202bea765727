<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Something that a maker must know of, at its place, with the mend. Never a reason to lose what she typed. */
final readonly class Problem
{
    /**
     * @param string|null $piece       the piece's key
     * @param string|null $path        the place in the plan's JSON, as "pieces[0].colours[1].yarn"
     * @param int|null    $line        the typed line, from 1
     * @param int|null    $column      the character in that line, from 1
     * @param int|null    $length      how many characters it is about
     * @param int|null    $round       the round, from 1
     * @param list<Fix>   $fixes       mends that can be made at once
     * @param bool        $isNumbering numbering the lines anew mends it
     */
    private function __construct(
        public string $message,
        public string $mend,
        public ?string $piece = null,
        public ?string $path = null,
        public ?int $line = null,
        public ?int $column = null,
        public ?int $length = null,
        public ?int $round = null,
        public array $fixes = [],
        public bool $isNumbering = false,
    ) {
    }

    public static function inLine(int $line, int $column, int $length, ?int $round, string $message, string $mend): self
    {
        return new self($message, $mend, line: $line, column: $column, length: $length, round: $round);
    }

    public function fixedBy(Fix ...$fixes): self
    {
        return new self($this->message, $this->mend, $this->piece, $this->path, $this->line, $this->column, $this->length, $this->round, [...$this->fixes, ...array_values($fixes)], $this->isNumbering);
    }

    /** The same, mended by numbering the lines anew. */
    public function ofNumbering(): self
    {
        return new self($this->message, $this->mend, $this->piece, $this->path, $this->line, $this->column, $this->length, $this->round, $this->fixes, true);
    }

    public static function atPath(string $path, string $message, string $mend, ?string $piece = null, ?int $round = null): self
    {
        return new self($message, $mend, $piece, $path, round: $round);
    }

    public function ofPiece(string $piece, string $path): self
    {
        return new self($this->message, $this->mend, $piece, $path, $this->line, $this->column, $this->length, $this->round, $this->fixes, $this->isNumbering);
    }
}
