<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

/**
 * What a skin of revolution holds, see MembraneSolver: half the stiffness times the square of its stretch for each hoop and strip, less the pressure times
 * what it encloses. A round that is no circle has two straight parts, which stay as long as they are: the stretch is that of the whole hoop, and there is
 * a prism more inside.
 */
final class MembraneEnergy
{
    /** @var list<float> length of each hoop's one straight part */
    private readonly array $straights;
    /** @var list<float> area at rest of each hoop */
    private readonly array $skins;

    /**
     * @param Skin  $skin     in stitch widths
     * @param float $slack    stiffness where it is pressed, against that where it is stretched
     * @param float $pressure against that stiffness
     */
    public function __construct(private readonly Skin $skin, public float $slack = 1.0, public float $pressure = 0.0)
    {
        $skins = $straights = [];
        foreach ($skin->hoops as $i => $hoop) {
            $skins[] = $hoop * (($skin->strips[$i - 1] ?? 0.0) + ($skin->strips[$i] ?? 0.0)) / 2.0;
            $straights[] = $skin->straights[$i] ?? 0.0;
        }
        $this->skins = $skins;
        $this->straights = $straights;
    }

    /**
     * @param list<float> $r
     * @param list<float> $z
     */
    public function of(array $r, array $z): float
    {
        $energy = 0.0;
        foreach ($this->skin->hoops as $i => $length) {
            if ($length > 0.0) {
                $e = (2 * \M_PI * $r[$i] + 2 * $this->straights[$i]) / $length - 1.0;
                $energy += 0.5 * ($e > 0.0 ? 1.0 : $this->slack) * $e * $e * $this->skins[$i];
            }
        }
        $volume = 0.0;
        foreach ($this->skin->strips as $i => $length) {
            [$a, $b] = [$r[$i], $r[$i + 1]];
            $rise = $z[$i + 1] - $z[$i];
            $e = sqrt(($b - $a) ** 2 + $rise ** 2) / $length - 1.0;
            $energy += 0.5 * ($e > 0.0 ? 1.0 : $this->slack) * $e * $e * $length * ($this->skin->hoops[$i] + $this->skin->hoops[$i + 1]) / 2.0;
            $volume += $rise * (\M_PI / 3.0 * ($a * $a + $a * $b + $b * $b) + ($this->straights[$i] + $this->straights[$i + 1]) / 2.0 * ($a + $b));
        }

        return $energy - $this->pressure * $volume;
    }

    /**
     * @param list<float> $r
     * @param list<float> $z
     *
     * @return list<float> the gradient, beside the matrix of second derivatives: of each node its radius, then its level
     */
    public function slopes(array $r, array $z, BandMatrix $band): array
    {
        [$main, $one, $two, $three] = $band->rows;
        $gradient = array_fill(0, \count($main), 0.0);
        foreach ($this->skin->hoops as $i => $length) {
            if ($length > 0.0) {
                $out = 2 * \M_PI / $length;
                $e = $out * $r[$i] + 2 * $this->straights[$i] / $length - 1.0;
                $k = ($e > 0.0 ? 1.0 : $this->slack) * $this->skins[$i];
                $gradient[2 * $i] += $k * $e * $out;
                $main[2 * $i] += $k * $out * $out;
            }
        }
        $p = $this->pressure * \M_PI / 3.0;
        foreach ($this->skin->strips as $i => $length) {
            [$a, $b] = [$r[$i], $r[$i + 1]];
            [$x, $y] = [$b - $a, $z[$i + 1] - $z[$i]];
            $l = max(1e-9, sqrt($x * $x + $y * $y));
            $e = $l / $length - 1.0;
            $k = ($e > 0.0 ? 1.0 : $this->slack) * ($this->skin->hoops[$i] + $this->skin->hoops[$i + 1]) / 2.0;
            // Along the strip it is as stiff as it is, across it by its tension.
            $pull = $k * $e;
            $along = $k / $length;
            $across = $pull / $l;
            [$cx, $cy] = [$x / $l, $y / $l];
            $xx = $along * $cx * $cx + $across * $cy * $cy;
            $yy = $along * $cy * $cy + $across * $cx * $cx;
            $xy = ($along - $across) * $cx * $cy;
            // How much more volume a step out at either end brings, and a step up.
            $q = $this->pressure * ($this->straights[$i] + $this->straights[$i + 1]) / 2.0;
            $byA = $p * (2 * $a + $b) + $q;
            $byB = $p * ($a + 2 * $b) + $q;
            $byRise = $p * ($a * $a + $a * $b + $b * $b) + $q * ($a + $b);
            [$at, $to] = [2 * $i, 2 * $i + 2];
            $gradient[$at] -= $pull * $cx + $y * $byA;
            $gradient[$at + 1] -= $pull * $cy - $byRise;
            $gradient[$to] += $pull * $cx - $y * $byB;
            $gradient[$to + 1] += $pull * $cy - $byRise;
            $main[$at] += $xx - 2 * $p * $y;
            $main[$at + 1] += $yy;
            $main[$to] += $xx - 2 * $p * $y;
            $main[$to + 1] += $yy;
            // Radius and level of one node, and of the two with each other.
            $one[$at + 1] += $xy + $byA;
            $one[$to + 1] += $xy - $byB;
            $one[$to] += -$xy + $byB;
            $two[$to] += -$xx - $p * $y;
            $two[$to + 1] += -$yy;
            $three[$to + 1] += -$xy - $byA;
        }
        $band->rows = [$main, $one, $two, $three];

        return array_values($gradient);
    }
}
