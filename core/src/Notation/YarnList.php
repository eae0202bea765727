<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** A line apart from the rounds that says which of them take which yarn: "R1-2: A / R3-4: B", "Stripe sequence: 2 rounds A, 1 round B". */
final readonly class YarnList
{
    /**
     * @param non-empty-list<ListedRounds> $rounds     as typed
     * @param bool                         $isLabelled it says that it is one
     * @param bool                         $isSequence it counts rounds and names none: it goes on from the first round to the last, again and again
     */
    public function __construct(public array $rounds, public bool $isLabelled, public bool $isSequence)
    {
    }

    /**
     * @param int $count rounds that the piece has
     *
     * @return list<ListedRounds> by the piece's own rounds
     */
    public function over(int $count): array
    {
        $long = $this->rounds[\count($this->rounds) - 1]->to;
        $over = [];
        for ($done = 0; $this->isSequence ? $done < $count : 0 === $done; $done += $long) {
            foreach ($this->rounds as $rounds) {
                if (!$this->isSequence || $done + $rounds->from <= $count) {
                    $over[] = new ListedRounds($done + $rounds->from, $done + $rounds->to, $rounds->yarn);
                }
            }
        }

        return $over;
    }

    /** The same, said to be a list where it counts rounds before any is worked. */
    public function standing(bool $isBefore): self
    {
        return new self($this->rounds, $this->isLabelled || $this->isSequence && $isBefore, $this->isSequence);
    }

    /** @param list<array{int, int}> $headed first and last round of lines with stitches */
    public function isBeside(array $headed): bool
    {
        if ($this->isLabelled || [] === $headed) {
            return true;
        }
        if ($this->isSequence) {
            return false;
        }
        $isLast = true;
        foreach ($headed as [$from, $to]) {
            if ($from <= $this->rounds[0]->from && $this->rounds[0]->from <= $to) {
                return true;
            }
            $isLast = $isLast && $to < $this->rounds[0]->from;
        }

        // Alone, and between others, it is a round whose stitches are missing.
        return $isLast || \count($this->rounds) > 1;
    }
}
