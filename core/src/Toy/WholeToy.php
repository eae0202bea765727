<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/**
 * All pieces where they are on the toy: parts on the stuffed surface, what is worked on from an edge going on from there, legs under their body. What
 * stands by itself stands on the ground, beside the others.
 */
final class WholeToy
{
    /** So many copies of a piece stand by themselves, or go on from another; more of them look the same. */
    private const ALIKE = 12;
    /** A piece is measured at so many levels. */
    private const LEVELS = 24;
    /** mm between what stands by itself. */
    private const BESIDE = 20.0;

    /** @var array<string, list<PosedPiece>> by piece, as they are found */
    private array $found = [];
    /** @var array<string, true> what is being looked for */
    private array $asked = [];

    /**
     * @param array<string, Solid>           $solids by piece
     * @param array<string, list<LaidJoint>> $joints by the piece that is put on
     */
    private function __construct(private readonly Plan $plan, private readonly array $solids, private readonly array $joints)
    {
    }

    /**
     * @param array<string, PieceAsPart> $parts  by piece
     * @param list<LaidJoint>            $joints
     *
     * @return list<PosedPiece> each copy of each piece that has rounds; of many alike some
     */
    public static function of(Plan $plan, array $parts, array $joints): array
    {
        $solids = $byPart = [];
        foreach ($parts as $key => $part) {
            if (null !== $part->solid) {
                $solids[$key] = $part->solid;
            }
        }
        foreach ($joints as $laid) {
            $byPart[$laid->joint->part][] = $laid;
        }
        $toy = new self($plan, $solids, $byPart);
        foreach ($plan->pieces as $piece) {
            $toy->find($piece);
        }

        return $toy->standing();
    }

    /** @return list<PosedPiece> on this piece's own parent, not yet on the ground; the first pose is what is on it counts from */
    private function find(Piece $piece): array
    {
        if (isset($this->found[$piece->key]) || isset($this->asked[$piece->key]) || !isset($this->solids[$piece->key])) {
            return $this->found[$piece->key] ?? [];
        }
        $this->asked[$piece->key] = true;
        $posed = [...$this->put($piece), ...$this->worked($piece)];
        $copies = array_map(static fn (PosedPiece $one): int => $one->copy, $posed);
        // What lies on its underside lies, and so does what is flat.
        $own = $this->solids[$piece->key]->lies || $this->solids[$piece->key]->isFlat ? Pose::lying() : Pose::upright();
        for ($copy = 1, $alike = 0; $copy <= $piece->copies->count && $alike < self::ALIKE; ++$copy) {
            if (!\in_array($copy, $copies, true)) {
                ++$alike;
                $posed[] = new PosedPiece($piece->key, $copy, $own);
            }
        }
        usort($posed, static fn (PosedPiece $one, PosedPiece $other): int => $one->copy <=> $other->copy);

        return $this->found[$piece->key] = $posed;
    }

    /** @return list<PosedPiece> what joints put on others */
    private function put(Piece $piece): array
    {
        $posed = [];
        foreach ($this->joints[$piece->key] ?? [] as $laid) {
            $onto = $this->plan->piece($laid->joint->onto);
            $below = null === $onto ? null : $this->find($onto)[0] ?? null;
            if (null === $below) {
                continue;
            }
            foreach ($laid->spot->degrees as $i => $degrees) {
                $pose = Seat::of($laid, $this->solids[$laid->joint->part], $this->solids[$laid->joint->onto], $degrees, 1 === $i)->on($below->pose);
                $posed[] = new PosedPiece($piece->key, $laid->joint->copy + $i, $pose, $laid->joint->onto);
            }
        }

        return $posed;
    }

    /** @return list<PosedPiece> what goes on from the edge of another, and what comes together in another that goes on from it */
    private function worked(Piece $piece): array
    {
        $begun = $piece->start;
        if (null !== $begun && 1 === \count(array_unique($begun->pieces)) && 1 === $begun->join->pieces()[1]) {
            $from = $this->plan->piece($begun->pieces[0]);
            $below = null === $from ? null : $this->find($from)[0] ?? null;

            return null === $below || null === $from || [] !== ($this->joints[$piece->key] ?? []) ? [] : array_map(
                fn (int $copy): PosedPiece => new PosedPiece($piece->key, $copy, $this->goingOn($piece, $from)->on($below->pose), $from->key),
                range(1, min(self::ALIKE, $piece->copies->count)),
            );
        }
        foreach ($this->plan->pieces as $next) {
            if (\in_array($piece->key, $next->start->pieces ?? [], true) && \in_array($next->start?->join, [Join::Bridge, Join::Seam], true)) {
                return $this->under($piece, $next);
            }
        }

        return [];
    }

    private function goingOn(Piece $piece, Piece $from): Pose
    {
        [$own, $other] = [$this->solids[$piece->key], $this->solids[$from->key]];
        $join = $piece->start->join ?? Join::Opening;
        if ($other->isFlat) {
            // Around a flat piece it lies in the same plane.
            return Pose::along([0.0, 0.0, 1.0], [0.0, 1.0, 0.0])->with([0.0, $own->height(0.0), 0.0], [0.0, 0.0, 0.0]);
        }
        $down = [0.0, (float) -$other->up, 0.0];
        if (Join::Side === $join) {
            $level = (($piece->start->round ?? 1) + ($piece->start->to ?? $piece->start->round ?? 1)) / 2;
            $out = $other->outwards($level, $from->frontDegrees);

            return Pose::along([-$out[0] * $own->up, -$out[1] * $own->up, -$out[2] * $own->up], [0.0, 0.0, 1.0])
                ->with([0.0, $own->height(0.0), 0.0], $other->point($level, $from->frontDegrees));
        }
        $level = Join::Loops === $join ? (float) ($piece->start->round ?? 1) : $other->end();
        // From its beginning on it goes the way that the other went; a brim is folded back.
        $way = Join::Rim === $join ? -$down[1] : $down[1];
        $pose = Pose::along([0.0, -$way * $own->up, 0.0], [0.0, 0.0, 1.0]);

        return $pose->with([0.0, $own->height(0.0), 0.0], [0.0, $other->height($level), 0.0]);
    }

    /** @return list<PosedPiece> side by side under the beginning of what is worked on from them */
    private function under(Piece $piece, Piece $next): array
    {
        $body = $this->find($next)[0] ?? null;
        $above = $this->solids[$next->key] ?? null;
        if (null === $body || null === $above || null === $next->start) {
            return [];
        }
        $gap = Join::Bridge === $next->start->join ? $next->start->across * $this->plan->gaugeOf($next)->stitchWidthMm() : 0.0;
        $wide = array_map(fn (string $key): float => 2 * ($this->solids[$key] ?? $above)->radius($this->solids[$key]->end() ?? 0.0), $next->start->pieces);
        $across = -(array_sum($wide) + $gap * (\count($wide) - 1)) / 2;
        $out = [0.0, (float) $above->up, 0.0];
        $own = $this->solids[$piece->key];
        $posed = [];
        foreach ($next->start->pieces as $i => $key) {
            if ($key === $piece->key) {
                $pose = Pose::along([0.0, $out[1] * $own->up, 0.0], [0.0, 0.0, 1.0])
                    ->with([0.0, $own->height($own->end()), 0.0], [$across + $wide[$i] / 2, $above->height(0.0), 0.0]);
                $posed[] = new PosedPiece($piece->key, \count($posed) + 1, $pose->on($body->pose), $next->key);
            }
            $across += $wide[$i] + $gap;
        }

        return $posed;
    }

    /** @return list<PosedPiece> with what stands by itself side by side on the ground */
    private function standing(): array
    {
        $groups = [];
        foreach ($this->plan->pieces as $piece) {
            foreach ($this->found[$piece->key] ?? [] as $one) {
                $groups[$this->root($one)][] = $one;
            }
        }
        uasort($groups, static fn (array $one, array $other): int => \count($other) <=> \count($one));
        $posed = [];
        $right = null;
        foreach ($groups as $group) {
            $boxes = array_map($this->box(...), $group);
            $left = min(array_map(static fn (array $box): float => $box[0], $boxes));
            $low = min(array_map(static fn (array $box): float => $box[2], $boxes));
            $by = [null === $right ? 0.0 : $right + self::BESIDE - $left, -$low, 0.0];
            $right = $by[0] + max(array_map(static fn (array $box): float => $box[1], $boxes));
            foreach ($group as $one) {
                $posed[] = new PosedPiece($one->piece, $one->copy, $one->pose->moved($by), $one->on);
            }
        }

        return $posed;
    }

    /** What a piece is on in the end, and which copy of it. */
    private function root(PosedPiece $one): string
    {
        $seen = [];
        while (null !== $one->on && !isset($seen[$one->piece])) {
            $seen[$one->piece] = true;
            $one = $this->found[$one->on][0] ?? $one;
        }

        return "{$one->piece} {$one->copy}";
    }

    /** @return array{float, float, float} how far it reaches to the left, to the right and down */
    private function box(PosedPiece $one): array
    {
        $solid = $this->solids[$one->piece];
        [$left, $right, $low] = [\INF, -\INF, \INF];
        for ($level = 0.0, $end = $solid->end(), $step = max(1.0, $end / self::LEVELS); $level < $end + $step; $level += $step) {
            for ($degrees = 0; $degrees < 360; $degrees += 30) {
                [$x, $y] = $one->pose->point($solid->point(min($level, $end), (float) $degrees));
                [$left, $right, $low] = [min($left, $x), max($right, $x), min($low, $y)];
            }
        }

        return [$left, $right, $low];
    }
}
