<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Change\Treatment;
use Alternum\Core\Change\Treatments;
use Alternum\Core\Change\Ways;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Plan\Layer\Motif;

/**
 * Changes that do not fall at a round's end, though the rounds are of whole colours: at the change line, or a stitch before or after by
 * their method. The yarns go on as far as there; what layers at places have coloured stays.
 */
final readonly class ShiftedChanges
{
    /** @param array<int, array<int, int>> $rounds by round and the last stitch in the old yarn: the round at whose end it is treated */
    private function __construct(public Colouring $colouring, private array $rounds)
    {
    }

    /**
     * The round at whose end a change is treated; null where it only lies within a round.
     *
     * @param int $stitch the last one in the old yarn
     */
    public function treated(int $round, int $stitch): ?int
    {
        return $this->rounds[$round][$stitch] ?? null;
    }

    /** @param \Closure(): list<string> $pictures the stitches of layers at places, Motif::CLEAR for the others: asked for where yarns are moved */
    public static function of(Treatments $treatments, Frame $frame, Colouring $byRounds, Colouring $placed, \Closure $pictures): self
    {
        $letters = $placed->rounds;
        $rounds = $over = [];
        foreach ($treatments->at as $round => $treatment) {
            $offset = self::offset($round, $treatment, $frame);
            $makes = $frame->makes($round);
            $over = 0 === $offset || [] !== $over ? $over : $pictures();
            if ($offset < 0) {
                $from = $byRounds->rounds[$round - 1];
                $letters[$round - 1] = self::swapped(
                    $letters[$round - 1],
                    $over[$round - 1],
                    $makes + $offset,
                    $makes,
                    $from[-1],
                    $byRounds->rounds[$round][0],
                );
                $rounds[$round][$makes + $offset] = $round;
            } elseif ($offset > 0) {
                $from = $byRounds->rounds[$round];
                $letters[$round] = self::swapped($letters[$round], $over[$round], 0, $offset, $from[0], $byRounds->rounds[$round - 1][-1]);
                $rounds[$round + 1][$offset] = $round;
            } else {
                $rounds[$round][$makes] = $round;
            }
        }

        return new self(new Colouring(array_values($letters)), $rounds);
    }

    /** @return int stitches after the round's end, or before it where negative: the nearer way to the change line */
    private static function offset(int $round, Treatment $treatment, Frame $frame): int
    {
        if (null === $treatment->line) {
            return Ways::of($treatment->method)->offset();
        }
        $next = $frame->makes($round + 1);
        $after = (int) round($frame->along($round + 1, $treatment->line));
        $after = ($after % $next + $next) % $next;
        if (2 * $after <= $next) {
            return $after;
        }
        $makes = $frame->makes($round);
        $stitch = (int) round($frame->along($round, $treatment->line));

        return ($stitch % $makes + $makes) % $makes - $makes;
    }

    /**
     * @param string $letters the round as it is
     * @param string $over    what layers at places colour in it, which stays
     * @param string $old     letter that is replaced
     */
    private static function swapped(string $letters, string $over, int $from, int $to, string $old, string $new): string
    {
        for ($i = $from; $i < $to; ++$i) {
            if (Motif::CLEAR === $over[$i] && $letters[$i] === $old) {
                $letters[$i] = $new;
            }
        }

        return $letters;
    }
}
