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
    private float $slack = 1.0;
    private float $pressure = 0.0;

    /** @var list<float> area at rest of each hoop */
    private readonly array $skins;

    /**
     * @param non-empty-list<float> $hoops  length at rest of each hoop, in stitch widths; 0: a pole
     * @param list<float>           $strips length at rest of each strip, one fewer
     * @param float                 $loose  stiffness where they are pressed, against that where they are stretched
     */
    public function __construct(private readonly array $hoops, private readonly array $strips, private readonly float $loose = self::SLACK)
    {
        $skins = [];
        foreach ($hoops as $i => $hoop) {
            $skins[] = $hoop * (($strips[$i - 1] ?? 0.0) + ($strips[$i] ?? 0.0)) / 2.0;
        }
        $this->skins = $skins;
        $this->r = array_map(static fn (float $length): float => $length / (2 * \M_PI), $hoops);
        $this->z = [0.0];
        foreach ($strips as $i => $length) {
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
        $widest = max($this->hoops) / (2 * \M_PI);
        $this->pressure = $widest > 0.0 ? min($pressure, self::BURSTS) / $widest : 0.0;

        return $this->settle() ? [$this->r, $this->z] : null;
    }

    private function settle(): bool
    {
        for ($try = 0; $try <= self::UNFOLDED; ++$try) {
            // Where pressing is as hard as stretching there is one minimum; from there to the true one it is not far.
            $this->slack = 1.0;
            $this->relax(self::REST_FIRST);
            $this->slack = $this->loose;
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
        foreach ($this->strips as $i => $length) {
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
        $energy = $this->energy($this->r, $this->z);
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
            $next = $this->energy($r, $z);
            if ($next <= $energy + self::FALLS * $share * $slope) {
                [$this->r, $this->z] = [$r, $z];

                return $next;
            }
        }

        return null;
    }

    /**
     * @param list<float> $r
     * @param list<float> $z
     */
    private function energy(array $r, array $z): float
    {
        $energy = 0.0;
        foreach ($this->hoops as $i => $length) {
            if ($length > 0.0) {
                $e = 2 * \M_PI * $r[$i] / $length - 1.0;
                $energy += 0.5 * ($e > 0.0 ? 1.0 : $this->slack) * $e * $e * $this->skins[$i];
            }
        }
        $volume = 0.0;
        foreach ($this->strips as $i => $length) {
            [$a, $b] = [$r[$i], $r[$i + 1]];
            $rise = $z[$i + 1] - $z[$i];
            $e = sqrt(($b - $a) ** 2 + $rise ** 2) / $length - 1.0;
            $energy += 0.5 * ($e > 0.0 ? 1.0 : $this->slack) * $e * $e * $length * ($this->hoops[$i] + $this->hoops[$i + 1]) / 2.0;
            $volume += $rise * ($a * $a + $a * $b + $b * $b);
        }

        return $energy - $this->pressure * \M_PI / 3.0 * $volume;
    }

    /**
     * @return array{list<float>, list<float>, float}|null the step of each radius and level, and how steeply the energy falls along it; null: there is none
     */
    private function newton(): ?array
    {
        $n = \count($this->r);
        $size = 2 * $n;
        $band = new BandMatrix($size);
        $gradient = $this->assemble($band);
        for ($i = 0; $i < $n; ++$i) {
            if ($this->hoops[$i] <= 0.0) {
                $band->fix(2 * $i);
                $gradient[2 * $i] = 0.0;
            }
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

    /** @return list<float> the gradient, beside the matrix: of each node its radius, then its level */
    private function assemble(BandMatrix $band): array
    {
        [$main, $one, $two, $three] = $band->rows;
        $gradient = array_fill(0, \count($main), 0.0);
        foreach ($this->hoops as $i => $length) {
            if ($length > 0.0) {
                $out = 2 * \M_PI / $length;
                $e = $out * $this->r[$i] - 1.0;
                $k = ($e > 0.0 ? 1.0 : $this->slack) * $this->skins[$i];
                $gradient[2 * $i] += $k * $e * $out;
                $main[2 * $i] += $k * $out * $out;
            }
        }
        $p = $this->pressure * \M_PI / 3.0;
        foreach ($this->strips as $i => $length) {
            [$a, $b] = [$this->r[$i], $this->r[$i + 1]];
            [$x, $y] = [$b - $a, $this->z[$i + 1] - $this->z[$i]];
            $l = max(1e-9, sqrt($x * $x + $y * $y));
            $e = $l / $length - 1.0;
            $k = ($e > 0.0 ? 1.0 : $this->slack) * ($this->hoops[$i] + $this->hoops[$i + 1]) / 2.0;
            // Along the strip it is as stiff as it is, across it by its tension.
            $pull = $k * $e;
            $along = $k / $length;
            $across = $pull / $l;
            [$cx, $cy] = [$x / $l, $y / $l];
            $xx = $along * $cx * $cx + $across * $cy * $cy;
            $yy = $along * $cy * $cy + $across * $cx * $cx;
            $xy = ($along - $across) * $cx * $cy;
            $sum = $a * $a + $a * $b + $b * $b;
            [$at, $to] = [2 * $i, 2 * $i + 2];
            $gradient[$at] -= $pull * $cx + $p * $y * (2 * $a + $b);
            $gradient[$at + 1] -= $pull * $cy - $p * $sum;
            $gradient[$to] += $pull * $cx - $p * $y * ($a + 2 * $b);
            $gradient[$to + 1] += $pull * $cy - $p * $sum;
            $main[$at] += $xx - 2 * $p * $y;
            $main[$at + 1] += $yy;
            $main[$to] += $xx - 2 * $p * $y;
            $main[$to + 1] += $yy;
            // Radius and level of one node, and of the two with each other.
            $one[$at + 1] += $xy + $p * (2 * $a + $b);
            $one[$to + 1] += $xy - $p * ($a + 2 * $b);
            $one[$to] += -$xy + $p * ($a + 2 * $b);
            $two[$to] += -$xx - $p * $y;
            $two[$to + 1] += -$yy;
            $three[$to + 1] += -$xy - $p * (2 * $a + $b);
        }
        $band->rows = [$main, $one, $two, $three];

        return array_values($gradient);
    }
}
