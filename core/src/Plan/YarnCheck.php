<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What yarns are held together of, and where a gauge of a yarn's own does nothing. */
final class YarnCheck
{
    /** @return list<Problem> at the yarns and at the copies */
    public static function problems(Plan $plan): array
    {
        $problems = [];
        foreach ($plan->yarns as $i => $yarn) {
            array_push($problems, ...self::held($plan, $yarn, "yarns[{$i}]"));
            if (null !== $yarn->gauge && !self::isWorked($plan, $yarn)) {
                $problems[] = Problem::atPath("yarns[{$i}].gauge", Message::of('unfit.yarnGauge', yarn: $yarn->key))->asNote();
            }
        }
        foreach ($plan->pieces as $i => $piece) {
            $problem = self::copies($plan, $piece);
            if (null !== $problem) {
                $problems[] = $problem->ofPiece($piece->key, "pieces[{$i}].copies");
            }
        }

        return $problems;
    }

    /** @return iterable<Problem> */
    private static function held(Plan $plan, Yarn $yarn, string $path): iterable
    {
        foreach ($yarn->held as $i => $held) {
            $other = $plan->yarn($held->yarn);
            $wrong = match (true) {
                null === $other => Message::of('held.none', yarn: $yarn->key, other: $held->yarn),
                [] !== $other->held => Message::of('held.held', yarn: $yarn->key, other: $held->yarn),
                1 === $i && $held->yarn === $yarn->held[0]->yarn => Message::of('held.same', yarn: $yarn->key, other: $held->yarn),
                default => null,
            };
            if (null !== $wrong) {
                yield Problem::atPath("{$path}.held[{$i}].yarn", $wrong);
            }
        }
        if ([] !== $yarn->held && null !== $yarn->onHandGrams) {
            yield Problem::atPath("{$path}.onHandGrams", Message::of('held.onHand', yarn: $yarn->key))->asNote();
        }
    }

    /** Whether a piece takes its gauge. */
    private static function isWorked(Plan $plan, Yarn $yarn): bool
    {
        foreach ($plan->pieces as $piece) {
            if (null === $piece->gauge && $yarn->key === $plan->groundOf($piece)->key) {
                return true;
            }
        }

        return false;
    }

    /** A copy in a yarn of another gauge comes out in another size, and a piece has one. */
    private static function copies(Plan $plan, Piece $piece): ?Problem
    {
        $ground = $plan->groundOf($piece)->key;
        foreach (null === $piece->gauge ? $piece->copies->groups() : [] as $group) {
            $instead = $plan->yarn($group->yarns[$ground] ?? $ground);
            $gauge = $instead->gauge ?? $plan->gauge;
            if (null !== $instead && abs($gauge->stitchesPer10cm - $plan->gaugeOf($piece)->stitchesPer10cm) > 0.01) {
                return Problem::atPath('copies', Message::of('unfit.copyGauge', copy: $group->names[0] ?? '', yarn: $instead->key))->asNote();
            }
        }

        return null;
    }
}
