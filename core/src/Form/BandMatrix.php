<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

/** A symmetric matrix that is nothing beyond the third place from its diagonal. */
final class BandMatrix
{
    /**
     * Of each row the entry on the diagonal, then one, two and three before it.
     *
     * @var array{array<int, float>, array<int, float>, array<int, float>, array<int, float>}
     */
    public array $rows;

    public function __construct(int $size)
    {
        $none = array_fill(0, max(1, $size), 0.0);
        $this->rows = [$none, $none, $none, $none];
    }

    /** The greatest entry of its diagonal. */
    public function scale(): float
    {
        return max([1e-12, ...array_map(abs(...), $this->rows[0])]);
    }

    /**
     * Holds one unknown where it is.
     */
    public function fix(int $at): void
    {
        $this->rows[0][$at] = 1.0;
        for ($away = 1; $away < 4; ++$away) {
            $this->rows[$away][$at] = 0.0;
            if (isset($this->rows[$away][$at + $away])) {
                $this->rows[$away][$at + $away] = 0.0;
            }
        }
    }

    /**
     * Cholesky's way on a band, of the matrix with so much more on its diagonal.
     *
     * @param array<int, float> $right
     *
     * @return array<int, float>|null what gives that; null where the matrix is not positive
     */
    public function solved(array $right, float $more): ?array
    {
        [$main, $one, $two, $three] = $this->rows;
        $size = \count($main);
        $l0 = $l1 = $l2 = $l3 = $y = [];
        for ($i = 0; $i < $size; ++$i) {
            $c = $i > 2 ? $three[$i] / $l0[$i - 3] : 0.0;
            $b = $i > 1 ? ($two[$i] - ($i > 2 ? $c * $l1[$i - 2] : 0.0)) / $l0[$i - 2] : 0.0;
            $a = $i > 0 ? ($one[$i] - ($i > 1 ? $b * $l1[$i - 1] : 0.0) - ($i > 2 ? $c * $l2[$i - 1] : 0.0)) / $l0[$i - 1] : 0.0;
            $rest = $main[$i] + $more - $a * $a - $b * $b - $c * $c;
            if ($rest <= 1e-14) {
                return null;
            }
            $l0[$i] = sqrt($rest);
            [$l1[$i], $l2[$i], $l3[$i]] = [$a, $b, $c];
            $y[$i] = ($right[$i] - ($i > 0 ? $a * $y[$i - 1] : 0.0) - ($i > 1 ? $b * $y[$i - 2] : 0.0) - ($i > 2 ? $c * $y[$i - 3] : 0.0)) / $l0[$i];
        }
        $x = [];
        for ($i = $size - 1; $i >= 0; --$i) {
            $sum = $y[$i];
            $sum -= $i + 1 < $size ? $l1[$i + 1] * $x[$i + 1] : 0.0;
            $sum -= $i + 2 < $size ? $l2[$i + 2] * $x[$i + 2] : 0.0;
            $sum -= $i + 3 < $size ? $l3[$i + 3] * $x[$i + 3] : 0.0;
            $x[$i] = $sum / $l0[$i];
        }

        return $x;
    }
}
