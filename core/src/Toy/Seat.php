<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Assembly\PartEdge;

/** How a part sits on another piece, in that piece's own space. */
final class Seat
{
    /** An edge that is pressed flat hangs more than it stands off: from memory. */
    private const HANGS = 1.6;
    /** So steep a seat is above rather than at the side. */
    private const ABOVE = 0.55;
    /** mm that a hat lies above what it is slipped onto. */
    private const OVER = 1.5;

    /** @param bool $isTwin the second of a pair, which is the mirror image of the first */
    public static function of(LaidJoint $laid, Solid $part, Solid $onto, float $degrees, bool $isTwin): Pose
    {
        $joint = $laid->joint;
        $isEdge = Anchor::Edge === $joint->place->anchor;
        $level = $isEdge ? (float) \count($laid->onto->counts) : $laid->spot->level();
        $isAxial = $isEdge || $laid->spot->isPole;
        $beginsFar = $level < $onto->end() / 2;
        $out = match (true) {
            $isEdge => [0.0, (float) -$onto->up, 0.0],
            $laid->spot->isPole => [0.0, (float) ($beginsFar ? $onto->up : -$onto->up), 0.0],
            default => $onto->outwards($level, $degrees),
        };
        $at = $isAxial ? [0.0, $onto->height($laid->spot->isPole && !$beginsFar ? $onto->end() : $level), 0.0] : $onto->point($level, $degrees);
        if ($part->isFlat) {
            // A flat piece lies on the fabric.
            $pose = Pose::along(self::across($out), $out);

            return $pose->turnedAbout($out, self::turn($joint->turned, $isTwin))->with([0.0, 0.0, 0.0], Pose::plus($at, $out, 1.0));
        }
        if ($joint->hold->isRemovable()) {
            return self::slipped($part, $onto, $isAxial, $level, $at, $out);
        }
        // A disc that is sewn on by its middle lies on the fabric; what is longer is held across it.
        $isDisc = PartEdge::Middle === $joint->edge && $part->long() < $part->radius($part->widest());
        $isAlong = !$isDisc && (PartEdge::Side === $joint->edge || PartEdge::Middle === $joint->edge);
        $axis = match (true) {
            PartEdge::Side === $joint->edge => self::across($out),
            $isAlong => Pose::unit(Pose::cross(self::across($out), $out)),
            PartEdge::Flat === $joint->edge && !$isAxial && abs($out[1]) < self::ABOVE => Pose::unit(Pose::plus($out, [0.0, -1.0, 0.0], self::HANGS)),
            default => $out,
        };
        // Its edge lies at the end, so its beginning points away.
        $pose = Pose::along([$axis[0] * $part->up, $axis[1] * $part->up, $axis[2] * $part->up], $isAlong ? $out : [0.0, 0.0, 1.0], [0.0, -1.0, 0.0])
            ->turnedAbout($isAlong ? $out : $axis, self::turn($joint->turned, $isTwin));
        if ($isAlong) {
            return $pose->with([0.0, 0.0, 0.0], Pose::plus($at, $out, $part->radius($part->widest()) * 0.9));
        }
        if ($isDisc) {
            return $pose->with([0.0, $part->height($part->end()), 0.0], Pose::plus($at, $out, self::OVER));
        }
        $edge = PartEdge::Around === $joint->edge ? $part->widest() : (PartEdge::Closed === $joint->edge ? $part->end() : (float) \count($laid->part->counts));
        $sinks = $isEdge ? 0.0 : self::sinks($part->radius($edge), $laid->spot->isPole ? $onto->radius($onto->widest()) : $onto->radius($level));

        return $pose->with([0.0, $part->height($edge), 0.0], Pose::plus($at, $out, -$sinks));
    }

    /**
     * Put over an end its crown lies on that; put on elsewhere it goes around.
     *
     * @param array{float, float, float} $at
     * @param array{float, float, float} $out
     */
    private static function slipped(Solid $part, Solid $onto, bool $isAxial, float $level, array $at, array $out): Pose
    {
        $axis = $isAxial ? [0.0, $out[1] * $part->up, 0.0] : [0.0, 1.0, 0.0];
        $pose = Pose::along($axis, [0.0, 0.0, 1.0]);

        return $isAxial
            ? $pose->with([0.0, $part->height(0.0), 0.0], Pose::plus($at, $out, self::rides($part, $onto, $out[1] * $onto->up > 0.0)))
            : $pose->with([0.0, 0.0, 0.0], [0.0, $onto->height($level), 0.0]);
    }

    /** @return float mm that a hat rides above an end, so that nothing of that is wider than the hat there */
    private static function rides(Solid $hat, Solid $onto, bool $isBeginning): float
    {
        $depths = [];
        for ($level = 0.0; $level <= $onto->end(); ++$level) {
            $depths[] = [abs($onto->height($level) - $onto->height($isBeginning ? 0.0 : $onto->end())), $onto->radius($level)];
        }
        usort($depths, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
        $rides = 0.0;
        for ($level = 1.0; $level <= $hat->end(); ++$level) {
            $deep = abs($hat->height($level) - $hat->height(0.0));
            foreach ($depths as [$down, $radius]) {
                if ($radius > $hat->radius($level)) {
                    // From there on it is too wide: the hat's edge stays above.
                    $rides = max($rides, $deep - $down);
                    break;
                }
            }
        }

        return self::OVER + $rides;
    }

    /** How deep a round edge sinks into a rounded surface, for all of it to lie on that. */
    private static function sinks(float $edge, float $surface): float
    {
        $edge = min($edge, 0.9 * $surface);

        return $surface - sqrt(max(0.0, $surface ** 2 - $edge ** 2));
    }

    /** The second of a pair is the mirror image of the first. */
    private static function turn(float $degrees, bool $isTwin): float
    {
        return $isTwin ? -$degrees : $degrees;
    }

    /**
     * Up along the fabric.
     *
     * @param array{float, float, float} $out
     *
     * @return array{float, float, float}
     */
    private static function across(array $out): array
    {
        $up = abs($out[1]) > 0.95 ? [0.0, 0.0, -1.0] : [0.0, 1.0, 0.0];

        return Pose::unit(Pose::plus($up, $out, -Pose::dot($up, $out)));
    }
}
