<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Stitches that the maker coloured one by one. */
final readonly class HandSet implements Layer
{
    /** @param array<int, non-empty-string> $rounds by number, from 1: a yarn's letter for each stitch, Motif::CLEAR for one that is left */
    public function __construct(public array $rounds)
    {
    }

    public function yarns(): array
    {
        $letters = str_replace(Motif::CLEAR, '', (string) count_chars(implode('', $this->rounds), 3));

        return '' === $letters ? [] : str_split($letters);
    }

    /**
     * With stitches of a round in a yarn, or cleared.
     *
     * @param int    $makes stitches of the round
     * @param string $yarn  letter, or Motif::CLEAR
     */
    public function painted(int $round, int $from, int $to, string $yarn, int $makes): self
    {
        $now = str_pad(substr($this->rounds[$round] ?? '', 0, $makes), $makes, Motif::CLEAR);
        for ($stitch = $from;; $stitch = $stitch % $makes + 1) {
            $now[$stitch - 1] = $yarn;
            if ($stitch === $to) {
                break;
            }
        }
        $rounds = $this->rounds;
        $now = rtrim($now, Motif::CLEAR);
        if ('' === $now) {
            unset($rounds[$round]);
        } else {
            $rounds[$round] = $now;
        }
        ksort($rounds);

        return new self($rounds);
    }
}
