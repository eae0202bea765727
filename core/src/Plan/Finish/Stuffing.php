<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Finish;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;

/** How a piece is to be stuffed. */
final readonly class Stuffing
{
    private const MOST_GOES = 9;

    /**
     * @param Firmness|null $firmness null: as it is usual for such a piece
     * @param int|null      $goes     in how many goes; null: as its height needs
     * @param string        $clear    what is kept clear of stuffing, in the maker’s words: "the neck"; '' for nothing
     */
    public function __construct(public ?Firmness $firmness = null, public ?int $goes = null, public string $clear = '')
    {
    }

    public static function read(Fields $fields): self
    {
        $stuffing = new self(
            $fields->has('firmness') ? $fields->oneOf('firmness', Firmness::class) : null,
            $fields->has('goes') ? $fields->whole('goes', 1, self::MOST_GOES) : null,
            $fields->has('clear') ? $fields->line('clear', Limits::NAME) : '',
        );
        $fields->close();

        return $stuffing;
    }

    /** @return array<string, int|string> in the plan's format; empty where nothing is said */
    public function values(): array
    {
        return (null === $this->firmness ? [] : ['firmness' => $this->firmness->value])
            + (null === $this->goes ? [] : ['goes' => $this->goes])
            + ('' === $this->clear ? [] : ['clear' => $this->clear]);
    }

    /** This, and what it leaves open as another has it. */
    public function or(self $other): self
    {
        return new self($this->firmness ?? $other->firmness, $this->goes ?? $other->goes, '' === $this->clear ? $other->clear : $this->clear);
    }
}
