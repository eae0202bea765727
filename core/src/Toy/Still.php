<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Plan\PlacementKind;

/**
 * A piece or the whole toy as it is seen from one side, in flat shapes from behind to in front: for a picture where nothing can be turned. As a lens far
 * away sees it, with light from the front left.
 */
final class Still
{
    /** So many stitches are drawn one by one; of more, those of one yarn side by side as one, over so many degrees at the most. */
    private const STITCHES = 4000;
    private const DEGREES = 15.0;
    /** So many parts of rounds are drawn at the most: of the pieces in their order each that still fits. */
    private const PARTS = 9000;
    private const LIGHT = [-0.426, 0.585, 0.69];
    private const SHADE = 0.55;
    /** mm across of what no size is said of, and of a thread. */
    private const THING = 6.0;
    private const THREAD = 1.6;
    /** mm that what lies on the fabric lies before it. */
    private const BEFORE = 2.0;

    /** @var array{float, float} cosine and sine of how far it is turned */
    private array $turn;
    /** @var array{float, float} and of how far it is tipped */
    private array $tip;
    private bool $isFine;

    /** @var list<StillShape> */
    private array $shapes = [];

    private function __construct(float $degrees, float $tipped, int $stitches)
    {
        $this->turn = [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $this->tip = [cos(deg2rad($tipped)), sin(deg2rad($tipped))];
        $this->isFine = $stitches <= self::STITCHES;
    }

    /**
     * @param list<PosedPiece>                     $poses
     * @param array<string, StillPiece>            $pieces  by key; what is not among them is not drawn
     * @param array<string, array<string, string>> $instead yarns of copies, by piece and copy: "ear 2"
     * @param float                                $degrees that it is turned to the right
     * @param float                                $tipped  degrees towards the viewer: 90 from above
     *
     * @return list<StillShape> from behind to in front
     */
    public static function of(array $poses, array $pieces, array $instead, float $degrees, float $tipped): array
    {
        $stitches = 0;
        foreach ($poses as $posed) {
            $stitches += array_sum($pieces[$posed->piece]->frame->counts ?? []);
        }
        $still = new self($degrees, $tipped, $stitches);
        $room = self::PARTS;
        foreach ($poses as $posed) {
            $takes = isset($pieces[$posed->piece]) ? $still->takes($pieces[$posed->piece]) : 0;
            if ($takes > 0 && $takes <= $room) {
                $room -= $takes;
                $still->draw($posed->pose, $pieces[$posed->piece], $instead["{$posed->piece} {$posed->copy}"] ?? []);
            }
        }
        usort($still->shapes, static fn (StillShape $one, StillShape $other): int => $one->depth <=> $other->depth);

        return $still->shapes;
    }

    /** @return int into how many parts its rounds are parted */
    private function takes(StillPiece $piece): int
    {
        $parts = 0;
        foreach ($piece->colouring->rounds as $i => $letters) {
            $makes = $piece->frame->counts[$i] ?? 1;
            $parts += $this->isFine ? $makes : max(\count(Colouring::runs($letters)), (int) ceil($makes / $this->most($makes)));
        }

        return $parts;
    }

    /** @return int stitches that are drawn as one at the most */
    private function most(int $makes): int
    {
        return $this->isFine ? 1 : max(1, (int) floor(self::DEGREES / 360.0 * $makes));
    }

    /** @param array<string, string> $instead */
    private function draw(Pose $pose, StillPiece $piece, array $instead): void
    {
        $side = $this->outside($pose, $piece);
        $isSpiral = !$piece->frame->isFlat() && !$piece->frame->isJoined();
        foreach ($piece->frame->counts as $i => $makes) {
            $letters = $piece->colouring->rounds[$i] ?? '';
            $start = $piece->frame->isFlat() ? 0.0 : $piece->frame->degrees($i + 1, 0.0);
            $lower = $upper = null;
            foreach ($this->parts($letters, $makes) as [$to, $yarn]) {
                $share = $to / $makes;
                $degrees = $start + 360.0 * ($piece->frame->isBack($i + 1) ? 1.0 - $share : $share);
                $level = $i + ($isSpiral ? $share - 0.5 : 0.0);
                [$low, $high] = [$this->seen($pose, $piece->solid, $level, $degrees), $this->seen($pose, $piece->solid, $level + 1.0, $degrees)];
                if (null !== $lower && null !== $upper) {
                    $this->face([$lower, $low, $high, $upper], $instead[$yarn] ?? $yarn, $side);
                }
                [$lower, $upper] = [$low, $high];
            }
        }
        foreach ($piece->things as [$kind, $level, $degrees, $mm]) {
            $at = $this->seen($pose, $piece->solid, $level, $degrees);
            $isDark = PlacementKind::Eyes === $kind || PlacementKind::Nose === $kind;
            if ($this->turned($pose->turned($piece->solid->outwards($level, $degrees)))[2] > 0.0) {
                $ink = $isDark ? StillShape::DARK : StillShape::LIGHT;
                $this->shapes[] = new StillShape([[$at[0], -$at[1]]], $ink, 1.0, $at[2] + 2 * self::BEFORE, $mm ?? self::THING);
            }
        }
        foreach ($piece->threads as $laid) {
            $this->thread($pose, $piece->solid, $laid, $instead);
        }
    }

    /** @param array<string, string> $instead */
    private function thread(Pose $pose, Solid $solid, LaidThread $laid, array $instead): void
    {
        foreach ($laid->strokes as [$from, $to]) {
            $points = [];
            $depth = -\INF;
            $isSeen = true;
            for ($n = 0; $n <= 4; ++$n) {
                [$level, $degrees] = [$from[0] + ($to[0] - $from[0]) * $n / 4, $from[1] + ($to[1] - $from[1]) * $n / 4];
                $at = $this->seen($pose, $solid, $level, $degrees);
                $points[] = [$at[0], -$at[1]];
                $depth = max($depth, $at[2]);
                $isSeen = $isSeen && $this->turned($pose->turned($solid->outwards($level, $degrees)))[2] > 0.0;
            }
            if ($isSeen) {
                $yarn = $instead[$laid->thread->yarn] ?? $laid->thread->yarn;
                $this->shapes[] = new StillShape($points, $yarn, 1.0, $depth + self::BEFORE, self::THREAD);
            }
        }
    }

    /**
     * Where a round is parted: at each stitch, or where the yarn changes and at every few degrees.
     *
     * @return iterable<array{int, string}> stitches from the round's beginning, from 0, and the yarn before that
     */
    private function parts(string $letters, int $makes): iterable
    {
        yield [0, ''];
        $at = 0;
        $most = $this->most($makes);
        foreach (Colouring::runs($letters) as $run) {
            for ($left = $run->stitches; $left > 0; $left -= $most) {
                $at += min($most, $left);
                yield [$at, $run->yarn];
            }
        }
    }

    /** @return int 1 or -1: which way the corners of what faces the viewer follow one another; 0: both ways are seen */
    private function outside(Pose $pose, StillPiece $piece): int
    {
        if ($piece->solid->isFlat) {
            return 0;
        }
        // A cup is widest at its edge, above which there is nothing.
        $level = max(0.0, min($piece->solid->widest(), $piece->solid->end() - 1.0));
        $at = static fn (float $up, float $on): array => $pose->point($piece->solid->point($level + $up, $on));
        $normal = Pose::cross(Pose::plus($at(0.0, 5.0), $at(0.0, 0.0), -1.0), Pose::plus($at(1.0, 0.0), $at(0.0, 0.0), -1.0));

        return Pose::dot($normal, $pose->turned($piece->solid->outwards($level + 0.5, 2.5))) < 0.0 ? -1 : 1;
    }

    /**
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}, array{float, float, float}} $corners as they are
     *                                                                                                                                       seen
     */
    private function face(array $corners, string $yarn, int $side): void
    {
        [$a, $b, $c, $d] = $corners;
        $normal = Pose::cross(Pose::plus($c, $a, -1.0), Pose::plus($d, $b, -1.0));
        $long = Pose::length($normal);
        $facing = 0 === $side ? abs($normal[2]) : $side * $normal[2];
        if ($long < 1e-6 || $facing <= 0.0) {
            return;
        }
        $sign = $normal[2] < 0.0 ? -1.0 : 1.0;
        $light = max(0.0, $sign * Pose::dot($normal, self::LIGHT) / $long);
        $this->shapes[] = new StillShape(
            array_map(static fn (array $one): array => [$one[0], -$one[1]], $corners),
            $yarn,
            self::SHADE + (1.0 - self::SHADE) * $light,
            ($a[2] + $b[2] + $c[2] + $d[2]) / 4,
        );
    }

    /** @return array{float, float, float} */
    private function seen(Pose $pose, Solid $solid, float $level, float $degrees): array
    {
        return $this->turned($pose->point($solid->point(max(0.0, min($solid->end(), $level)), $degrees)));
    }

    /**
     * @param array{float, float, float} $at
     *
     * @return array{float, float, float} to the right, up, towards the viewer
     */
    private function turned(array $at): array
    {
        [$c, $s] = $this->turn;
        [$x, $z] = [$at[0] * $c + $at[2] * $s, $at[2] * $c - $at[0] * $s];
        [$c, $s] = $this->tip;

        return [$x, $at[1] * $c - $z * $s, $at[1] * $s + $z * $c];
    }
}
