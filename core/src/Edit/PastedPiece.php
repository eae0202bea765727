<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Worked;

/** One piece of a pasted pattern, as it was understood. */
final readonly class PastedPiece
{
    /**
     * @param string             $name       '' where nothing stands above it
     * @param list<string>       $lines      as pasted
     * @param SaidBeginning|null $begins     the others that its words begin it on
     * @param FirstRound|null    $firstRound which end its heading says that it begins at
     */
    public function __construct(
        public string $name,
        public int $copies,
        public Worked $worked,
        public array $lines,
        public Reading $reading,
        public ?SaidBeginning $begins = null,
        public ?FirstRound $firstRound = null,
    ) {
    }

    /** The same, as it is read on the pieces that it begins on; null: on none. */
    public function on(?SaidBeginning $begins, Reading $reading): self
    {
        return new self(
            name: $this->name, copies: $this->copies, worked: $this->worked, lines: $this->lines, reading: $reading, begins: $begins,
            firstRound: $this->firstRound,
        );
    }
}
