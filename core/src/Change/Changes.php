<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Worked;

/**
 * All colour changes of one piece, found by walking its stitches in working order, each with its place and treatment.
 *
 * A drawn loop moves the marker one stitch on, and with it the beginning of every round from there; starts() has the
 * markers with that counted in.
 */
final readonly class Changes
{
    /** Degrees from the front within which a jog shows. */
    public const SHOWS_WITHIN = 60.0;
    /** Degrees from the front from which on a jog is at the back. */
    public const BACK_FROM = 120.0;
    /** Yarn is carried up inside over as many rounds of another: common practice, no source. */
    public const CARRIED_OVER = 3;

    /**
     * @param list<Change> $changes
     * @param list<float>  $starts  where each round begins, in turns
     */
    private function __construct(public array $changes, public array $starts, public Front $bestFront)
    {
    }

    public static function of(Piece $piece, Fabric $fabric, Colouring $colouring, ?Reading $reading = null): self
    {
        $ways = null === $reading ? [] : self::ways($reading);
        $places = self::places($colouring);
        $backs = self::comingBack($places);
        $starts = array_map(static fn ($course): float => $course->start, $fabric->courses);

        [$changes, $moved] = self::treat($piece, $fabric, $places, $backs, $starts, $piece->frontDegrees, $ways);

        return new self($changes, $moved, self::front($piece, $fabric, $places, $backs, $starts));
    }

    /** Where a change's place is, in words: "shows, 38° from the front". */
    public static function seen(Change $change): string
    {
        $apart = round($change->fromFront).'° from the front';

        return match (true) {
            !$change->isJog => 'within the round',
            $change->shows() => "shows, {$apart}",
            $change->fromFront >= self::BACK_FROM => 'hidden at the back',
            default => "hidden at the side, {$apart}",
        };
    }

    /**
     * The best front is sought as if automatic changes were plain: once the steps lie at the back, they need no treatment.
     *
     * @param list<array{int, int, string, string, bool}> $places
     * @param array<int, array{int, int}>                 $backs
     * @param list<float>                                 $starts
     */
    private static function front(Piece $piece, Fabric $fabric, array $places, array $backs, array $starts): Front
    {
        if (Worked::Rows === $piece->worked) {
            return Front::best([], $piece->frontDegrees);
        }
        [$changes] = self::treat($piece, $fabric, $places, $backs, $starts, null);
        $jogs = [];
        foreach ($changes as $change) {
            if ($change->isJog) {
                $jogs[] = [$change->degrees, $change->step];
            }
        }

        return Front::best($jogs, $piece->frontDegrees);
    }

    /**
     * @param list<array{int, int, string, string, bool}> $places
     * @param array<int, array{int, int}>                 $backs
     * @param list<float>                                 $starts
     * @param float|null                                  $front  null: as if no jog showed
     * @param array<string, YarnWay>                      $ways   what the words say, by round and stitch
     *
     * @return array{list<Change>, list<float>}
     */
    private static function treat(Piece $piece, Fabric $fabric, array $places, array $backs, array $starts, ?float $front, array $ways = []): array
    {
        $changes = [];
        $moved = 0;
        $upTo = 0;
        foreach ($places as $i => [$round, $stitch, $from, $to, $atEnd]) {
            // Rounds begun before this change have all the moves so far.
            for (; $upTo < $round; ++$upTo) {
                $starts[$upTo] += $moved / $fabric->courses[$upTo]->makes;
            }
            $isJog = $atEnd && Worked::Rows !== $piece->worked;
            $degrees = Worked::Rows === $piece->worked ? 0.0 : Turn::degrees($atEnd ? $starts[$round] + $moved / $fabric->courses[$round]->makes : $starts[$round - 1] + $stitch / $fabric->courses[$round - 1]->makes);
            $fromFront = Turn::apart($degrees, $front ?? $piece->frontDegrees);
            $chosen = $isJog ? $piece->changes->afterRound($round) : null;
            $method = match (true) {
                !$isJog => Method::Plain,
                Worked::Joined === $piece->worked => Method::ClosedRound,
                default => $chosen ?? (null !== $front && $fromFront <= self::SHOWS_WITHIN ? self::fitting($places, $i) : Method::Plain),
            };
            if (Method::DrawnLoop === $method) {
                ++$moved;
            }
            $back = $backs[$i] ?? null;
            $changes[] = new Change($round, $stitch, $from, $to, $degrees, $isJog, $method, null !== $chosen && $method === $chosen, $isJog ? $method->stepRounds() : 0.0, $fromFront, self::typedFate($ways["{$round} {$stitch}"] ?? null, $back) ?? self::fate($round, $stitch, $atEnd, $back), $back[0] ?? null, $back[1] ?? null, $ways["{$round} {$stitch}"] ?? null);
        }
        for ($end = \count($starts); $upTo < $end; ++$upTo) {
            $starts[$upTo] += $moved / $fabric->courses[$upTo]->makes;
        }

        return [$changes, array_values($starts)];
    }

    /**
     * The method for a jog that shows: a drawn loop, which leaves least, where a second round of the new yarn holds it down.
     *
     * @param list<array{int, int, string, string, bool}> $places
     */
    private static function fitting(array $places, int $i): Method
    {
        $next = $places[$i + 1] ?? null;

        return null === $next || $next[0] > $places[$i][0] + 1 ? Method::DrawnLoop : Method::SlipStitch;
    }

    /**
     * What the words say of each change, by the round and the stitch after which it comes.
     *
     * @return array<string, YarnWay>
     */
    private static function ways(Reading $reading): array
    {
        $ways = [];
        foreach ($reading->rounds as $i => $round) {
            foreach ($round->named as $place => $yarn) {
                if (null !== $yarn->way) {
                    $tops = Stitch::sumMakes(substr($round->codes, 0, intdiv($place, 2)));
                    $ways[0 === $tops && $i > 0 ? ($round->number - 1).' '.$reading->rounds[$i - 1]->makes : "{$round->number} {$tops}"] = $yarn->way;
                }
            }
            if (null !== $round->then?->way) {
                $ways["{$round->number} {$round->makes}"] = $round->then->way;
            }
        }

        return $ways;
    }

    /** @param array{int, int}|null $back */
    private static function typedFate(?YarnWay $way, ?array $back): ?Fate
    {
        return match ($way) {
            YarnWay::Cut => Fate::Cut,
            YarnWay::Carry => null === $back ? null : Fate::Carry,
            YarnWay::Float => null === $back ? null : Fate::Float,
            default => null,
        };
    }

    /** @param array{int, int}|null $back */
    private static function fate(int $round, int $stitch, bool $atEnd, ?array $back): Fate
    {
        if (null === $back) {
            return Fate::Cut;
        }
        if ($back[0] === $round || ($atEnd && $back[0] === $round + 1)) {
            return Fate::Float;
        }
        $between = $back[0] - $round - ($atEnd ? 1 : 0);

        return $between <= self::CARRIED_OVER ? Fate::Carry : Fate::Cut;
    }

    /** @return list<array{int, int, string, string, bool}> round, stitch, old yarn, new yarn, and whether it is at the round's end */
    private static function places(Colouring $colouring): array
    {
        $places = [];
        $inHand = null;
        $lastStitch = 0;
        foreach ($colouring->rounds as $i => $round) {
            $at = 0;
            foreach (Colouring::runs($round) as [$yarn, $length]) {
                if (null !== $inHand && $yarn !== $inHand) {
                    $places[] = 0 === $at ? [$i, $lastStitch, $inHand, $yarn, true] : [$i + 1, $at, $inHand, $yarn, false];
                }
                $inHand = $yarn;
                $at += $length;
            }
            $lastStitch = $at;
        }

        return $places;
    }

    /**
     * For each change, the round and stitch where its old yarn is next used.
     *
     * @param list<array{int, int, string, string, bool}> $places
     *
     * @return array<int, array{int, int}>
     */
    private static function comingBack(array $places): array
    {
        $backs = [];
        $next = [];
        for ($i = \count($places) - 1; $i >= 0; --$i) {
            [$round, $stitch, $from, $to, $atEnd] = $places[$i];
            $next[$to] = $atEnd ? [$round + 1, 1] : [$round, $stitch + 1];
            if (isset($next[$from])) {
                $backs[$i] = $next[$from];
            }
        }

        return $backs;
    }
}
