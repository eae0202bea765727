<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

use Alternum\Core\Fabric\Fabric;

/** Until when a hand, or a washer, gets from the edge that is being worked to a round below it: as far as no round in between is too narrow. */
final readonly class Openings
{
    /** Fingers get through an opening of about so many mm around, 18 stitches of DK: common practice, no source. */
    public const REACH_MM = 80.0;

    /** So deep fingers reach into what is not much wider than they are: from memory. */
    public const DEEP_MM = 75.0;

    /** What is measured is not measured nearer than to a stitch. */
    private const SLACK = 0.5;

    /**
     * @param list<int> $counts  stitches that each round makes
     * @param float     $widthMm of a stitch
     * @param bool      $isFlat  it has no inside: a hand is at its back at any time
     */
    public function __construct(private array $counts, private float $widthMm, private bool $isFlat = false)
    {
    }

    /** Of a piece in rows. */
    public static function flat(): self
    {
        return new self([], 1.0, true);
    }

    public static function of(Fabric $fabric): self
    {
        $first = $fabric->rounds[0] ?? null;

        return new self($fabric->counts(), null === $first ? 1.0 : 2 * \M_PI * $first->radius / $first->makes);
    }

    /** The fewest stitches that fingers get through. */
    public function least(): int
    {
        return (int) ceil(self::REACH_MM / $this->widthMm - self::SLACK);
    }

    /**
     * The last round that may be worked before what lies between a round and the next is out of reach; earlier than that round itself
     * where it always is.
     *
     * @return int|null null: it stays in reach; 0: the piece is never wide enough to be reached into
     */
    public function deadline(int $round): ?int
    {
        if ($this->isFlat) {
            return null;
        }
        $least = $this->least();
        $isWide = static fn (int $makes): bool => $makes >= $least;
        $wide = array_keys(array_filter($this->counts, $isWide));
        if ([] === $wide) {
            return 0;
        }
        $from = max($round - 1, $wide[0]);
        if (!$isWide($this->counts[$from] ?? 0)) {
            return max([0, ...array_filter($wide, static fn (int $i): bool => $i < $from)]) + 1;
        }
        for ($i = $from + 1, $end = \count($this->counts); $i < $end; ++$i) {
            if (!$isWide($this->counts[$i])) {
                return $i;
            }
        }

        return null;
    }

    /** Whether what lies between a round and the next can be set from inside, which needs the next one worked. */
    public function reaches(int $round): bool
    {
        $deadline = $this->deadline($round);

        return null === $deadline || $deadline > $round;
    }

    /** The last round at which something can be set from inside; null: any. */
    public function deepest(): ?int
    {
        for ($round = \count($this->counts); $round > 0; --$round) {
            if ($this->reaches($round)) {
                return $round === \count($this->counts) ? null : $round;
            }
        }

        return null;
    }
}
