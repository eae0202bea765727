<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** Writes counts as rounds: increases and decreases spread evenly, like rounds gathered into one line. */
final readonly class RoundWriter
{
    private Printer $printer;

    /**
     * @param Stitch $decrease plain or invisible
     */
    public function __construct(Terms $terms, private Spread $spread, private Stitch $decrease)
    {
        $this->printer = new Printer($terms, Worked::Spiral);
    }

    /**
     * @param non-empty-list<int> $counts stitches that each round makes; none more than twice or less than half the one before
     * @param list<int>           $turns  rounds in which the fabric turns a corner: they go into the back loops only
     *
     * @return list<string>
     */
    public function lines(array $counts, array $turns = []): array
    {
        $single = $this->printer->codes(Stitch::Single->code());

        return [$this->printer->line(1, 1, "{$counts[0]} {$single} in MR", $counts[0]), ...$this->between($counts[0], \array_slice($counts, 1), 2, $turns)];
    }

    /**
     * Rounds that go on from another.
     *
     * @param int       $below  stitches that it made
     * @param list<int> $counts stitches that each of them makes
     * @param int       $number the first one's
     * @param list<int> $turns  rounds in which the fabric turns a corner
     *
     * @return list<string>
     */
    public function between(int $below, array $counts, int $number = 2, array $turns = []): array
    {
        $lines = [];
        $isMoved = false;
        for ($i = 0, $end = \count($counts); $i < $end; $i = $last + 1) {
            $last = $i;
            $made = $counts[$i];
            $isTurn = \in_array($number + $i, $turns, true);
            if ($made === $below) {
                while (!$isTurn && $last + 1 < $end && $counts[$last + 1] === $made && !\in_array($number + $last + 1, $turns, true)) {
                    ++$last;
                }
                $stitches = $this->printer->codes(Stitch::Single->code()).' around';
            } else {
                $codes = $this->shaped($below, $made, Spread::Staggered === $this->spread && $isMoved);
                $stitches = $this->printer->shortest($codes);
                $isMoved = !$isMoved;
            }
            $lines[] = $this->printer->line($number + $i, $number + $last, $stitches.($isTurn ? ' in BLO' : ''), $made);
            $below = $made;
        }

        return $lines;
    }

    /** The round's stitches: a repeat's shaping stands at its end, or in its middle where it is moved. */
    private function shaped(int $below, int $made, bool $isMoved): string
    {
        $shaping = $made > $below ? Stitch::Increase : $this->decrease;
        $times = abs($made - $below);
        $codes = '';
        for ($i = 0; $i < $times; ++$i) {
            // Repeats differ by one stitch at the most where they do not come out even.
            $uses = intdiv(($i + 1) * $below, $times) - intdiv($i * $below, $times);
            $plain = max(0, $uses - $shaping->uses());
            $first = $isMoved ? intdiv($plain, 2) : $plain;
            $codes .= str_repeat(Stitch::Single->code(), $first).$shaping->code().str_repeat(Stitch::Single->code(), $plain - $first);
        }

        return $codes;
    }
}
