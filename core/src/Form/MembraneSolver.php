<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

/**
 * A skin of revolution that is stuffed: every round a hoop, every rise between two a strip, both stiff against being stretched and giving way softly where
 * they are pressed, as fabric buckles and closes up; the stuffing presses outwards evenly. Its shape is where the energy.
 *
 *     sum of ½ k e² A  −  P V        e: how far a hoop or strip is stretched, A: its area at rest, V: the volume inside
 *
 * is least. Found by Newton's method: what belongs to a node touches its two neighbours alone, so that the matrix is a band of seven.
 *
 * Source of the form of the energy: the usual tension field of inextensible membranes, softened. Of the figures: from memory, to be judged by eye.
 */
final class MembraneSolver
{
    /** Against being pressed together, as a share of that against being stretched. */
    private const SLACK = 0.03;
    /** Steps at the most, in each of the two stages. */
    private const STEPS = 60;
    /** Where no step is longer than this, in stitches, it has come to rest. */
    private const REST = 1e-4;
    private const REST_FIRST = 0.05;
    /** A strip begins with at least this share of its length as its rise. */
    private const LEAST_RISE = 0.35;
    /** How often strips that turn down are unfolded. */
    private const UNFOLDED = 3;
    /** A strip that falls by more than this share of its length has turned down. */
    private const DOWN = -1e-3;
    /** Armijo's rule: so much of the fall that the slope promises, or the step is halved, so often. */
    private const FALLS = 1e-4;
    private const HALVED = 30;
    /** Steps no longer than this, in stitches, are near enough to rest where no more are taken. */
    private const NEARLY = 0.05;
    /** A tube bursts beyond this: pressure times radius against stiffness. */
    public const BURSTS = 0.31;

    /** @var non-empty-list<float> */
    private array $r;
    /** @var non-empty-list<float> */
    private array $z;
    private readonly MembraneEnergy $energy;
    /** @var list<int> nodes whose radius stays as it is */
    private readonly array $held;
    private bool $isNear = false;

    /**
     * @param Skin  $skin  in stitch widths
     * @param float $loose stiffness where it is pressed, against that where it is stretched
     */
    public function __construct(private readonly Skin $skin, private readonly float $loose = self::SLACK)
    {
        $this->energy = new MembraneEnergy($skin);
        $held = array_keys($skin->radii, 0.0, true);
        $this->held = $skin->isHeld ? [...$held, \count($skin->radii) - 1] : $held;
        $this->r = $skin->radii;
        $this->z = [0.0];
        foreach ($skin->strips as $i => $length) {
            $out = $this->r[$i + 1] - $this->r[$i];
            $this->z[] = $this->z[$i] + max(self::LEAST_RISE * $length, sqrt(max(0.0, $length ** 2 - $out ** 2)));
        }
    }

    /**
     * @param float $pressure times the largest radius at rest, against the stiffness
     *
     * @return array{non-empty-list<float>, non-empty-list<float>}|null radius and level of each node, in stitch widths; null: it comes to no rest
     */
    public function shape(float $pressure): ?array
    {
        $widest = max($this->skin->hoops) / (2 * \M_PI);
        $this->energy->pressure = $widest > 0.0 ? min($pressure, self::BURSTS) / $widest : 0.0;

        return $this->settle() ? [$this->r, $this->z] : null;
    }

    /**
     * Begins near what is looked for.
     *
     * @param non-empty-list<float> $radii  of each node
     * @param non-empty-list<float> $levels
     */
    public function from(array $radii, array $levels): self
    {
        [$this->r, $this->z, $this->isNear] = [$radii, $levels, true];

        return $this;
    }

    private function settle(): bool
    {
        for ($try = 0; $try <= self::UNFOLDED; ++$try) {
            // Where pressing is as hard as stretching there is one minimum; from there to the true one it is not far.
            $this->energy->slack = 1.0;
            if ($try > 0 || !$this->isNear) {
                $this->relax(self::REST_FIRST);
            }
            $this->energy->slack = $this->loose;
            if (!$this->relax(self::REST)) {
                return false;
            }
            if (!$this->unfold()) {
                break;
            }
        }
        foreach ([...$this->r, ...$this->z] as $value) {
            if (!is_finite($value)) {
                return false;
            }
        }

        return true;
    }

    /** A strip that turns down is a false minimum: it is stood up. */
    private function unfold(): bool
    {
        $up = 0.0;
        $levels = [$this->z[0]];
        foreach ($this->skin->strips as $i => $length) {
            $rise = $this->z[$i + 1] - $this->z[$i];
            $up += $rise < self::DOWN * $length ? self::LEAST_RISE * $length - $rise : 0.0;
            $levels[] = $this->z[$i + 1] + $up;
        }
        $this->z = $levels;

        return $up > 0.0;
    }

    /** @return bool whether it has come to rest */
    private function relax(float $rest): bool
    {
        $energy = $this->energy->of($this->r, $this->z);
        $longest = \INF;
        for ($step = 0; $step < self::STEPS && $longest >= $rest; ++$step) {
            $move = $this->newton();
            if (null === $move) {
                return false;
            }
            [$dr, $dz, $slope] = $move;
            $share = 1.0;
            $longest = 0.0;
            foreach ($this->r as $i => $radius) {
                // A radius stays one.
                if ($radius > 0.0 && $dr[$i] < -0.5 * $radius) {
                    $share = min($share, -0.5 * $radius / $dr[$i]);
                }
                $longest = max($longest, abs($dr[$i]), abs($dz[$i] - ($dz[$i - 1] ?? 0.0)));
            }
            $energy = $this->down($dr, $dz, $share, $slope, $energy);
            if (null === $energy) {
                // As low as figures tell.
                return true;
            }
        }

        return $longest < self::NEARLY;
    }

    /**
     * Goes as far along a step as the energy falls.
     *
     * @param list<float> $dr
     * @param list<float> $dz
     *
     * @return float|null the energy there; null: it falls no further
     */
    private function down(array $dr, array $dz, float $share, float $slope, float $energy): ?float
    {
        for ($try = 0; $try < self::HALVED; ++$try, $share *= 0.5) {
            $r = $z = [];
            foreach ($this->r as $i => $radius) {
                $r[] = $radius + $share * $dr[$i];
                $z[] = $this->z[$i] + $share * $dz[$i];
            }
            $next = $this->energy->of($r, $z);
            if ($next <= $energy + self::FALLS * $share * $slope) {
                [$this->r, $this->z] = [$r, $z];

                return $next;
            }
        }

        return null;
    }

    /**
     * @return array{list<float>, list<float>, float}|null the step of each radius and level, and how steeply the energy falls along it; null: there is none
     */
    private function newton(): ?array
    {
        $n = \count($this->r);
        $size = 2 * $n;
        $band = new BandMatrix($size);
        $gradient = $this->energy->slopes($this->r, $this->z, $band);
        foreach ($this->held as $i) {
            $band->fix(2 * $i);
            $gradient[2 * $i] = 0.0;
        }
        $band->fix(1);
        $gradient[1] = 0.0;
        $right = array_map(static fn (float $one): float => -$one, $gradient);
        $scale = $band->scale();
        for ($mu = 0.0; $mu < 1e3 * $scale; $mu = 0.0 === $mu ? 1e-8 * $scale : 8.0 * $mu) {
            $step = $band->solved($right, $mu);
            if (null === $step) {
                continue;
            }
            $slope = 0.0;
            $dr = $dz = [];
            for ($i = 0; $i < $n; ++$i) {
                $dr[] = $step[2 * $i];
                $dz[] = $step[2 * $i + 1];
                $slope += $gradient[2 * $i] * $step[2 * $i] + $gradient[2 * $i + 1] * $step[2 * $i + 1];
            }

            return [$dr, $dz, $slope];
        }

        return null;
    }
}
