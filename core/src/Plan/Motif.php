<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** A small picture in stitches, set at a round and at degrees from the front. */
final readonly class Motif implements Layer
{
    /** A cell that leaves what lies below. */
    public const CLEAR = '.';

    /**
     * @param non-empty-list<non-empty-string> $rows       a yarn's letter or CLEAR for each cell; all are as long. The first is in the first round
     * @param int                              $round      the first round that it covers
     * @param float                            $fromFront  degrees from the front to its middle, in the working direction
     * @param bool                             $isStraight each row is set by degrees, against the lean; else in counted columns
     */
    public function __construct(public array $rows, public int $round, public float $fromFront = 0.0, public bool $isStraight = true)
    {
    }

    public function yarns(): array
    {
        $letters = str_replace(self::CLEAR, '', (string) count_chars(implode('', $this->rows), 3));

        return '' === $letters ? [] : str_split($letters);
    }

    public function width(): int
    {
        return \strlen($this->rows[0]);
    }

    public function height(): int
    {
        return \count($this->rows);
    }

    public function at(int $round): self
    {
        return new self($this->rows, $round, $this->fromFront, $this->isStraight);
    }
}
