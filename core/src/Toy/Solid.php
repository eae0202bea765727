<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Form\PieceForm;
use Alternum\Core\Form\RoundEdge;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Plan\Hand;

/** A piece as it is looked at by itself: its middle in the middle, its axis upright, its front towards the viewer; as Pose has space. */
final readonly class Solid
{
    private const LEVEL = 0.2;
    private const DEGREES = 4.0;

    /**
     * @param list<RoundEdge> $outline as the form has it
     * @param int             $up      1 where round 1 is above, else -1
     * @param int             $side    1 where degrees grow to the viewer's right
     * @param bool            $isFlat  it is worked in rows
     * @param bool            $lies    on its underside
     */
    private function __construct(
        private Surface $surface,
        public array $outline,
        public int $up,
        private int $side,
        private float $frontDegrees,
        public bool $isFlat,
        public bool $lies,
    ) {
    }

    public static function of(PieceForm $form, Frame $frame, float $frontDegrees, Hand $hand): self
    {
        $up = $frame->beginsAtTop() ? 1 : -1;

        return new self(
            surface: Surface::stuffed($form, $form->isOval ? 0.0 : $frontDegrees + 90.0),
            outline: $form->outline,
            up: $up,
            side: Hand::Left === $hand ? -$up : $up,
            frontDegrees: $frontDegrees,
            isFlat: $frame->isFlat(),
            lies: $frame->lies(),
        );
    }

    /**
     * @param float $level rounds from its beginning, between two of them in parts of one
     *
     * @return float mm above its middle
     */
    public function height(float $level): float
    {
        return $this->point($level, 0.0)[1];
    }

    /** @return float mm, of the round at a level; an oval's the short way */
    public function radius(float $level): float
    {
        $last = \count($this->outline) - 1;
        $i = (int) max(0, min($last - 1, floor($level)));
        $share = max(0.0, min(1.0, $level - $i));
        [$below, $above] = [$this->outline[$i] ?? new RoundEdge(0.0, 0.0), $this->outline[$i + 1] ?? $this->outline[$i] ?? new RoundEdge(0.0, 0.0)];

        return $below->radius + $share * ($above->radius - $below->radius);
    }

    /** @return float rounds from the beginning to where it is widest */
    public function widest(): float
    {
        $radii = [0.0, ...array_map(static fn (RoundEdge $edge): float => $edge->radius, $this->outline)];

        return max(0.0, (int) array_search(max($radii), $radii, true) - 1.0);
    }

    /** @return float degrees to the viewer's right by which it is turned for a place on it to be in the middle */
    public function turnedTo(float $degrees): float
    {
        return fmod($this->side * ($this->frontDegrees - $degrees), 360.0);
    }

    /** The last level of its outline: its pole where it is drawn shut. */
    public function end(): float
    {
        return (float) (\count($this->outline) - 1);
    }

    /** @return float mm along its axis */
    public function long(): float
    {
        return abs($this->height(0.0) - $this->height($this->end()));
    }

    /** @return array{float, float, float} */
    public function point(float $level, float $degrees): array
    {
        [$x, $y, $z] = $this->surface->point($level, $degrees);
        $top = $this->outline[\count($this->outline) - 1]->level ?? 0.0;
        $high = ($top / 2 - $z) * $this->up;
        if ($this->isFlat) {
            return [$this->side * $x, $high, 0.0];
        }
        [$c, $s] = [cos(deg2rad($this->frontDegrees)), sin(deg2rad($this->frontDegrees))];

        return [$this->side * ($y * $c - $x * $s), $high, $x * $c + $y * $s];
    }

    /** @return array{float, float, float} outwards from the fabric, of length 1 */
    public function outwards(float $level, float $degrees): array
    {
        if ($this->isFlat) {
            return [0.0, 0.0, 1.0];
        }
        $at = $this->point($level, $degrees);
        $up = Pose::plus($this->point($level + self::LEVEL, $degrees), $this->point($level - self::LEVEL, $degrees), -1.0);
        $across = Pose::plus($this->point($level, $degrees + self::DEGREES), $this->point($level, $degrees - self::DEGREES), -1.0);
        $out = Pose::cross($up, $across);
        if (Pose::length($out) < 1e-6) {
            return [0.0, $level < $this->end() / 2 ? (float) $this->up : (float) -$this->up, 0.0];
        }
        // Away from the axis, or from the middle where it lies flat there.
        $from = [$at[0], 0.15 * $at[1], $at[2]];

        return Pose::unit(Pose::dot($out, $from) < 0.0 ? [-$out[0], -$out[1], -$out[2]] : $out);
    }
}
