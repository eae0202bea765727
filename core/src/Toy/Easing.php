<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

/** How two edges of unlike counts are joined stitch by stitch: where two stitches of the longer one go on one of the shorter, spread evenly. */
final readonly class Easing
{
    private function __construct(public int $shorter, public int $longer)
    {
    }

    public static function of(int $one, int $other): self
    {
        return new self(min($one, $other), max($one, $other));
    }

    public function isEven(): bool
    {
        return $this->shorter === $this->longer;
    }

    /**
     * How many stitches of the longer edge go on each of the shorter, in working order: what is over is spread as evenly as whole stitches can.
     *
     * @return list<int>
     */
    public function takes(): array
    {
        $takes = [];
        for ($i = 1; $i <= $this->shorter; ++$i) {
            $takes[] = intdiv($i * $this->longer, $this->shorter) - intdiv(($i - 1) * $this->longer, $this->shorter);
        }

        return $takes;
    }

    /** @return list<int> the stitches of the shorter edge, from 1, that take one more than the others; none where they all take as many */
    public function extra(): array
    {
        $least = intdiv($this->longer, max(1, $this->shorter));

        return array_map(
            static fn (int $i): int => $i + 1,
            array_keys(array_filter($this->takes(), static fn (int $takes): bool => $takes > $least)),
        );
    }

    /** @return int|null every so many-th stitch of the shorter edge takes one more; null: they do not come evenly, or there are none */
    public function every(): ?int
    {
        $extra = $this->extra();
        $every = $extra[0] ?? null;
        foreach ($extra as $i => $stitch) {
            if ($stitch !== ($i + 1) * (int) $every) {
                return null;
            }
        }

        return $every;
    }
}
