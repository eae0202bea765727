<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Gauge;

/** How large a form is to be, said in measures or in counts, and turned into counts. */
final readonly class FormSize
{
    /**
     * @param float|null $widthMm  across, when done; null where the stitches around are said
     * @param int|null   $stitches around at the widest
     * @param float|null $heightMm along the axis; null where the rounds are said, or where it comes as it does; 0: the same
     * @param int|null   $rounds   in all
     * @param float|null $degrees  the angle of a cone's tip
     * @param float|null $growth   stitches that each round of a cone grows by
     */
    public function __construct(
        public ?float $widthMm = null,
        private ?int $stitches = null,
        private ?float $heightMm = null,
        private ?int $rounds = null,
        private ?float $degrees = null,
        private ?float $growth = null,
    ) {
    }

    /** @return float|null mm along the axis; null: as it comes */
    public function high(): ?float
    {
        return 0.0 === $this->heightMm ? null : $this->heightMm;
    }

    /** @return int stitches around at the widest */
    public function around(Gauge $gauge): int
    {
        return max(1, $this->stitches ?? (int) round(\M_PI * ($this->widthMm ?? 0.0) / $gauge->stitchWidthMm()));
    }

    /** @return int rounds of a form that goes straight up */
    public function upright(Gauge $gauge): int
    {
        return $this->rounds ?? (int) round(($this->heightMm ?? 0.0) / $gauge->roundHeightMm());
    }

    /**
     * Rounds of a cone. Its side is as long as the rounds are high together; a round that is h high and leans by half the tip's
     * angle goes out by h sin(angle/2), which is 2π times that in stitches around.
     *
     * @param int $start stitches in the first round
     */
    public function slanting(Gauge $gauge, int $start): int
    {
        $around = $this->around($gauge);
        $grows = $this->growth ?? (null === $this->degrees
            ? null
            : 2 * \M_PI * $gauge->roundHeightMm() * sin(deg2rad($this->degrees) / 2) / $gauge->stitchWidthMm());
        if (null !== $grows) {
            return 1 + (int) round(max(0, $around - $start) / max($grows, 1e-6));
        }
        if (null !== $this->rounds) {
            return $this->rounds;
        }
        $out = ($around - $start) * $gauge->stitchWidthMm() / (2 * \M_PI);

        return 1 + (int) round(hypot($this->heightMm ?? 0.0, $out) / $gauge->roundHeightMm());
    }
}
