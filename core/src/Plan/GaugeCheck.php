<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** Whether gauge, hook and yarn can belong together: what no hand works is a slip in one of them. The bounds are from memory, and wide. */
final class GaugeCheck
{
    /** So many times the label's most stitches, or the share of its least, that even stuffed work or loose work does not reach. */
    private const TIGHT = 2.0;
    private const LOOSE = 0.65;
    /** Rounds to a stitch's width: single crochet is a little wider than high, or about as wide. */
    private const FLAT = 1.8;
    private const TALL = 0.6;
    /** So many times as many stitches in 10 cm do not meet at an edge without being seen. */
    private const UNLIKE = 1.05;

    /** @return list<Problem> notes at each gauge */
    public static function problems(Plan $plan): array
    {
        $problems = self::of($plan->gauge, $plan->yarns[0], 'gauge');
        foreach ($plan->yarns as $i => $yarn) {
            array_push($problems, ...null === $yarn->gauge ? [] : self::of($yarn->gauge, $yarn, "yarns[{$i}].gauge"));
        }
        foreach ($plan->pieces as $i => $piece) {
            $begins = self::begins($plan, $piece);
            if (null !== $begins) {
                $problems[] = $begins->ofPiece($piece->key, "pieces[{$i}].start");
            }
            foreach (null === $piece->gauge ? [] : self::of($piece->gauge, $plan->groundOf($piece), 'gauge') as $problem) {
                $problems[] = $problem->ofPiece($piece->key, "pieces[{$i}].gauge");
            }
        }

        return $problems;
    }

    /** A note where a piece goes on from the edge of one whose stitches are of another width. */
    private static function begins(Plan $plan, Piece $piece): ?Problem
    {
        $own = $plan->gaugeOf($piece)->stitchesPer10cm;
        foreach ($piece->start->pieces ?? [] as $key) {
            $on = $plan->piece($key);
            $other = null === $on ? $own : $plan->gaugeOf($on)->stitchesPer10cm;
            if (null !== $on && max($own, $other) > self::UNLIKE * min($own, $other)) {
                return Problem::atPath('start', Message::of('gauge.begins', piece: $piece->name, stitches: $own, on: $on->name, other: $other))->asNote();
            }
        }

        return null;
    }

    /** @return list<Problem> */
    private static function of(Gauge $gauge, Yarn $yarn, string $path): array
    {
        $says = [];
        $ratio = $gauge->roundsPer10cm / $gauge->stitchesPer10cm;
        if ($ratio > self::FLAT || $ratio < self::TALL) {
            $says[] = Message::of('gauge.ratio', stitches: $gauge->stitchesPer10cm, rounds: $gauge->roundsPer10cm);
        }
        if (null !== $gauge->stretch && !$gauge->isMeasured()) {
            $says[] = Message::of('gauge.measuredElse', piece: $gauge->stretch->piece, stitches: $gauge->stretch->at);
        }
        $label = $yarn->worksUpLike()->labelStitches();
        if (null === $label) {
            return self::notes($says, $path);
        }
        $hook = $yarn->worksUpLike()->labelHookMm();
        $says[] = match (true) {
            $gauge->stitchesPer10cm > self::TIGHT * ($label->most ?? \INF), $gauge->stitchesPer10cm < self::LOOSE * $label->least => Message::of(
                'gauge.yarn',
                stitches: $gauge->stitchesPer10cm, yarn: $yarn->key, least: $label->least, most: $label->most ?? $label->least,
            ),
            null === $gauge->hookMm => null,
            $gauge->hookMm < $hook->least && $gauge->stitchesPer10cm < $label->least => Message::of(
                'gauge.hookSmall',
                stitches: $gauge->stitchesPer10cm, yarn: $yarn->key, hook: $gauge->hookMm, least: $hook->least,
            ),
            null !== $hook->most && $gauge->hookMm > $hook->most && $gauge->stitchesPer10cm > ($label->most ?? \INF) => Message::of(
                'gauge.hookLarge',
                stitches: $gauge->stitchesPer10cm, yarn: $yarn->key, hook: $gauge->hookMm, most: $hook->most,
            ),
            default => null,
        };

        return self::notes(array_values(array_filter($says)), $path);
    }

    /**
     * @param list<Message> $says
     *
     * @return list<Problem>
     */
    private static function notes(array $says, string $path): array
    {
        return array_map(static fn (Message $said): Problem => Problem::atPath($path, $said)->asNote(), $says);
    }
}
