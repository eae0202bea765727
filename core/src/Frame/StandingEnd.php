<?php

declare(strict_types=1);

namespace Alternum\Core\Frame;

use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Plan;

/** Which end of a piece its round 1 is: as the maker says, or guessed from what it is joined to and from what is set on it. */
final readonly class StandingEnd
{
    /** Eyes that come later than this share of the rounds look out of a head that is worked last: from memory. */
    private const LATE_EYES = 0.7;

    private function __construct(public FirstRound $firstRound, public EndReason $reason)
    {
    }

    public static function of(Plan $plan, Piece $piece, Reading $reading): self
    {
        $typed = $reading->saidEnd();

        return match (true) {
            null !== $piece->firstRound => new self($piece->firstRound, EndReason::Said),
            null !== $typed => new self($typed, EndReason::Typed),
            default => self::joined($plan, $piece) ?? self::placed($piece, \count($reading->rounds)) ?? new self(FirstRound::Top, EndReason::Usual),
        };
    }

    private static function joined(Plan $plan, Piece $piece): ?self
    {
        if (Join::Bridge === $piece->start?->join) {
            return new self(FirstRound::Bottom, EndReason::OnLegs);
        }
        $before = Join::Opening === $piece->start?->join ? $plan->piece($piece->start->pieces[0]) : null;
        if (null !== $before && $before !== $piece && null !== $before->firstRound) {
            return new self($before->firstRound, EndReason::GoesOn);
        }
        foreach ($plan->pieces as $other) {
            if (Join::Bridge === $other->start?->join && \in_array($piece->key, $other->start->pieces, true)) {
                return new self(FirstRound::Bottom, EndReason::IsLeg);
            }
        }

        return null;
    }

    private static function placed(Piece $piece, int $rounds): ?self
    {
        $at = self::roundsOf($piece->placements);
        $middle = $rounds / 2;
        [$eyes, $nose, $ears, $legs] = array_map(
            static fn (PlacementKind $kind): ?int => $at[$kind->value] ?? null,
            [PlacementKind::Eyes, PlacementKind::Nose, PlacementKind::Ears, PlacementKind::Legs],
        );

        return match (true) {
            null !== $eyes && null !== $nose && $eyes !== $nose => new self(self::endAbove($eyes < $nose), EndReason::EyesAboveNose),
            null !== $eyes && null !== $ears && $eyes !== $ears => new self(self::endAbove($ears < $eyes), EndReason::EarsAboveEyes),
            null !== $ears => new self(self::endAbove($ears <= $middle), EndReason::EarsHigh),
            null !== $legs => new self(self::endAbove($legs > $middle), EndReason::LegsLow),
            null !== $eyes && $eyes > self::LATE_EYES * $rounds => new self(FirstRound::Bottom, EndReason::LateEyes),
            default => null,
        };
    }

    private static function endAbove(bool $isTop): FirstRound
    {
        return $isTop ? FirstRound::Top : FirstRound::Bottom;
    }

    /**
     * @param list<Placement> $placements
     *
     * @return array<string, int> the rounds after which they lie, of those that name one, by their kind
     */
    private static function roundsOf(array $placements): array
    {
        $at = [];
        foreach ($placements as $placement) {
            if (Anchor::Round === $placement->place->anchor) {
                $at[$placement->kind->value] = $placement->place->number + $placement->place->offset;
            }
        }

        return $at;
    }
}
