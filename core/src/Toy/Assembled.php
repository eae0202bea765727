<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Place\Spot;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;

/** How the pieces of a plan come together. */
final readonly class Assembled
{
    /**
     * @param list<LaidJoint>    $joints     in the plan's order
     * @param list<Problem>      $problems   of those that cannot be
     * @param bool               $keepsOrder the order is the maker's, as far as that can be
     * @param array<string, int> $loose      copies that nothing puts anywhere yet, by piece
     */
    private function __construct(public array $joints, public array $problems, public array $loose, private bool $keepsOrder)
    {
    }

    /** @param array<string, PieceAsPart> $parts by piece */
    public static function of(Plan $plan, array $parts): self
    {
        $laid = $problems = [];
        $circular = JointOrder::circular($plan->assembly);
        $taken = [];
        foreach ($plan->assembly as $i => $joint) {
            $problem = self::problem($plan, $joint, $parts, \in_array($joint->key, $circular, true));
            if (null !== $problem) {
                $problems[] = Problem::atPath("assembly[{$i}].{$problem[0]}", $problem[1]);
                continue;
            }
            $copies = $plan->piece($joint->part)->copies->count ?? 1;
            for ($copy = $joint->copy; $copy < $joint->copy + $joint->count(); ++$copy) {
                if ($copy > $copies || isset($taken[$joint->part][$copy])) {
                    $problems[] = Problem::atPath("assembly[{$i}].copy", Message::of(
                        $copy > $copies ? 'joint.noCopy' : 'joint.twice',
                        part: $parts[$joint->part]->name, copy: $copy, copies: $copies,
                    ));
                    continue 2;
                }
            }
            $taken[$joint->part] = ($taken[$joint->part] ?? []) + array_fill($joint->copy, $joint->count(), true);
            $spot = $parts[$joint->onto]->spots[$joint->key] ?? null;
            if ($spot instanceof Spot) {
                $laid[] = self::laid($joint, $parts[$joint->part], $parts[$joint->onto], $spot, self::others($plan, $joint, $parts));
            }
        }

        return new self($laid, $problems, self::loose($plan, $parts, $taken), $plan->keepsOrder);
    }

    /**
     * Copies that nothing puts anywhere: not of what begins on another piece, nor of what another begins on.
     *
     * @param array<string, PieceAsPart>      $parts
     * @param array<string, array<int, true>> $taken
     *
     * @return array<string, int>
     */
    private static function loose(Plan $plan, array $parts, array $taken): array
    {
        $begun = array_merge([], ...array_map(static fn (Piece $piece): array => $piece->start->pieces ?? [], $plan->pieces));
        $loose = [];
        foreach ($plan->pieces as $piece) {
            $left = $piece->copies->count - \count($taken[$piece->key] ?? []);
            if ($left > 0 && null === $piece->start && !\in_array($piece->key, $begun, true) && [] !== ($parts[$piece->key]->counts ?? [])) {
                $loose[$piece->key] = $left;
            }
        }

        return $loose;
    }

    /** @return list<LaidJoint> what is put on a piece */
    public function onto(string $piece): array
    {
        return array_values(array_filter($this->joints, static fn (LaidJoint $laid): bool => $laid->joint->onto === $piece));
    }

    /** @return list<LaidJoint> in the order in which they are made */
    public function ordered(): array
    {
        return $this->keepsOrder ? JointOrder::kept($this->joints) : JointOrder::of($this->joints);
    }

    /**
     * @param array<string, PieceAsPart> $parts
     *
     * @return array{string, Message}|null the field that it is about, and what is wrong
     */
    private static function problem(Plan $plan, Joint $joint, array $parts, bool $isCircular): ?array
    {
        [$part, $onto] = [$parts[$joint->part] ?? null, $parts[$joint->onto] ?? null];
        $spot = $onto->spots[$joint->key] ?? null;

        return match (true) {
            null === $part => ['part', Message::of('joint.noPiece', piece: $joint->part)],
            null === $onto => ['onto', Message::of('joint.noPiece', piece: $joint->onto)],
            $joint->part === $joint->onto => ['onto', Message::of('joint.onItself', part: $part->name)],
            $isCircular => ['onto', Message::of('joint.circle', part: $part->name, onto: $onto->name)],
            [] === $part->counts => self::unworked($plan, $part, 'part'),
            [] === $onto->counts => self::unworked($plan, $onto, 'onto'),
            $spot instanceof Message => ['at', $spot],
            !$joint->hold->fits($joint->edge) => ['hold', Message::of('joint.unfitHold', hold: $joint->hold->label(), edge: $joint->edge->inWords())],
            null !== $joint->stretch && ($joint->stretch->isEmpty() || $joint->stretch->to > \count($part->counts)) => [
                'stretch.to', Message::of('joint.noStretch', part: $part->name, to: $joint->stretch->to, last: \count($part->counts)),
            ],
            $joint->stuffsThen && !\in_array($joint->edge, [PartEdge::Open, PartEdge::Gathered, PartEdge::Flat], true) => [
                'stuffedThen', Message::of('joint.closedBefore', part: $part->name),
            ],
            default => null,
        };
    }

    /** @return array{string, Message}|null null: what is wrong is told in its lines */
    private static function unworked(Plan $plan, PieceAsPart $part, string $field): ?array
    {
        return [] === ($plan->piece($part->key)->rounds ?? []) ? [$field, Message::of('joint.noRounds', piece: $part->name)] : null;
    }

    /**
     * @param array<string, PieceAsPart> $parts
     *
     * @return list<SeatMark> where other parts are on the same piece
     */
    private static function others(Plan $plan, Joint $joint, array $parts): array
    {
        $marks = [];
        foreach ($plan->assembly as $other) {
            $spot = $other->onto === $joint->onto && $other->key !== $joint->key ? $parts[$joint->onto]->spots[$other->key] ?? null : null;
            if ($spot instanceof Spot && !$other->hold->isRemovable() && Anchor::Edge !== $other->place->anchor) {
                foreach ($spot->degrees as $degrees) {
                    $marks[] = new SeatMark($parts[$other->part]->name ?? $other->part, (float) $spot->round, $degrees);
                }
            }
        }

        return $marks;
    }

    /** @param list<SeatMark> $others where other parts are on the same piece */
    private static function laid(Joint $joint, PieceAsPart $part, PieceAsPart $onto, Spot $spot, array $others): LaidJoint
    {
        $edgeCount = $part->counts[\count($part->counts) - 1] ?? 0;
        // A flat edge shows half its stitches, and a whole round is joined only where its edge meets another's edge.
        $ontoCount = Anchor::Edge === $joint->place->anchor ? $onto->counts[\count($onto->counts) - 1] ?? 0 : 0;

        return new LaidJoint(
            joint: $joint,
            part: $part,
            onto: $onto,
            spot: $spot,
            seamMm: $joint->hold->takes() > 0.0 ? $part->touching($joint) : 0.0,
            needsMm: PartTail::needs($joint, $part),
            easing: $joint->hold->isStitchByStitch() && min($edgeCount, $ontoCount) > 0 ? Easing::of($edgeCount, $ontoCount) : null,
            hides: self::hidden($joint, $part, $onto, $spot),
            over: self::over($joint, $part, $onto, $spot, $others),
        );
    }

    /** @return float mm from the middle of where a part is sewn to its seam */
    private static function out(Joint $joint, PieceAsPart $part): float
    {
        return match ($joint->edge) {
            PartEdge::Open, PartEdge::Gathered, PartEdge::Closed, PartEdge::Around => $part->edge($joint->edge) / (2 * \M_PI),
            PartEdge::Flat, PartEdge::Side, PartEdge::Middle => $part->touching($joint) / 2,
        };
    }

    /** @return list<int> rounds at whose end a jog lies under it */
    private static function hidden(Joint $joint, PieceAsPart $part, PieceAsPart $onto, Spot $spot): array
    {
        $around = $onto->aroundMm[$joint->key] ?? 0.0;
        $out = self::out($joint, $part);
        $under = array_filter($onto->jogs, static fn (array $jog): bool => $onto->isUnder($spot, $around, $out, (float) $jog[0], $jog[1]));

        return array_values(array_unique(array_map(static fn (array $jog): int => $jog[0], $under)));
    }

    /**
     * @param list<SeatMark> $others where other parts are on the same piece
     *
     * @return list<string> names of what it lies over and should not; what is slipped on comes off again
     */
    private static function over(Joint $joint, PieceAsPart $part, PieceAsPart $onto, Spot $spot, array $others): array
    {
        $around = $onto->aroundMm[$joint->key] ?? 0.0;
        $out = self::out($joint, $part);
        $under = array_filter(
            $joint->hold->isRemovable() || Anchor::Edge === $joint->place->anchor ? [] : [...$onto->marks, ...$others],
            static fn (SeatMark $mark): bool => $onto->isUnder($spot, $around, $out, $mark->round, $mark->degrees),
        );

        return array_values(array_unique(array_map(static fn (SeatMark $mark): string => $mark->name, $under)));
    }
}
