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
     * @param int                $countedOn  rounds of another piece that the pattern counts before its first
     */
    public function __construct(
        public string $name,
        public int $copies,
        public Worked $worked,
        public array $lines,
        public Reading $reading,
        public ?SaidBeginning $begins = null,
        public ?FirstRound $firstRound = null,
        public int $countedOn = 0,
    ) {
    }

    /** The same, of which the pattern counts so many rounds of another before its first. */
    public function countedOn(int $rounds): self
    {
        return new self(
            name: $this->name, copies: $this->copies, worked: $this->worked, lines: $this->lines, reading: $this->reading, begins: $this->begins,
            firstRound: $this->firstRound, countedOn: $rounds,
        );
    }

    /** The same, as it is read on the pieces that it begins on; null: on none. */
    public function on(?SaidBeginning $begins, Reading $reading): self
    {
        return new self(
            name: $this->name, copies: $this->copies, worked: $this->worked, lines: $this->lines, reading: $reading, begins: $begins,
            firstRound: $this->firstRound, countedOn: $this->countedOn,
        );
    }
}
