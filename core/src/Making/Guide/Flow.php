<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Guide;

use Alternum\Core\Making\GoesWithRounds;
use Alternum\Core\Making\Segments;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\Step\WorkRounds;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\Steps;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\WorkedRounds;
use Alternum\Core\Notation\Stitch;

/** How one piece is made beside the hands: its rounds and steps as stops, in the order of the work. */
final class Flow
{
    /** @var list<Stop> */
    private array $stops = [];
    /** @var list<Told> what the next stop tells */
    private array $told = [];

    /** @param array<int, GuidedRound> $rounds by number */
    private function __construct(private readonly StepSite $site, private array $rounds = [])
    {
    }

    public static function of(StepSite $site): Guide
    {
        $flow = new self($site);
        $steps = Steps::of($site);
        $within = self::within($steps, $site);
        foreach ($steps as $step) {
            match (true) {
                $step instanceof WorkRounds => $flow->rounds($step->worked, $within),
                $step instanceof GoesWithRounds => null,
                default => $flow->after($step),
            };
        }
        if ([] !== $flow->told) {
            $flow->stop(null, $site->last(), 0, 0, null);
        }

        return new Guide($flow->rounds, self::limited($flow->stops));
    }

    /**
     * What is done while a round is worked is told with it: before its stitch, its first or its last.
     *
     * @param list<Step> $steps
     *
     * @return array<int, list<Told>> by round, in the order of its stitches
     */
    private static function within(array $steps, StepSite $site): array
    {
        $within = [];
        foreach ($steps as $step) {
            if ($step instanceof GoesWithRounds) {
                $round = $step->leads() ? $step->at->from : $step->at->to;
                $makes = $site->fabric->rounds[$round - 1]->makes;
                $within[$round][] = new Told($step, min($makes, $step->at->first ?? ($step->leads() ? 0 : $makes)));
            }
        }
        foreach ($within as &$of) {
            usort($of, static fn (Told $one, Told $other): int => $one->at <=> $other->at);
        }

        return $within;
    }

    /** @param array<int, list<Told>> $within */
    private function rounds(WorkedRounds $worked, array $within): void
    {
        $inHand = $worked->inHand;
        for ($number = $worked->from; $number <= $worked->to; ++$number) {
            $letters = $this->site->colouring->rounds[$number - 1];
            $round = $this->site->reading->rounds[$number - 1];
            $slips = $number === $worked->from ? $worked->slips : [];
            $round = [] === $slips ? $round : $round->slippedAt($slips);
            $segments = Segments::of($round->codes, $letters);
            $ends = [];
            $made = 0;
            foreach ($segments as $segment) {
                for ($i = $segment->from; $i < $segment->from + $segment->stitches; ++$i) {
                    $made += Stitch::ofCode($round->codes[$i])->makes();
                }
                $ends[] = $made;
            }
            $this->rounds[$number] = new GuidedRound(
                round: $round,
                worked: new WorkedRounds(
                    from: $number, to: $number, makes: $worked->makes, inHand: $inHand, slips: $slips, ends: $number === $worked->to ? $worked->ends : null,
                ),
                segments: $segments,
                ends: $ends,
                first: $worked->from,
                last: $worked->to,
            );
            $this->round($this->rounds[$number], $within[$number] ?? []);
            $inHand = '' === $letters ? $inHand : $letters[-1];
        }
    }

    /** @param list<Told> $within what is told or done while it is worked, in the order of its stitches */
    private function round(GuidedRound $round, array $within): void
    {
        $from = 0;
        $makes = $round->worked->makes;
        foreach ($round->ends as $group => $end) {
            while ([] !== $within && $within[0]->at <= $end) {
                $told = array_shift($within);
                if (!$told->step->waits()) {
                    $this->told[] = $told;
                    continue;
                }
                // Its stitches come first, then the rest of the stretch.
                if ($told->at > $from) {
                    $this->stop($group, $round->worked->from, $from, $told->at, null);
                }
                $this->stop(null, $round->worked->from, $told->at, $told->at, $told->step);
                $from = $told->at;
            }
            if ($end > $from || 0 === $makes) {
                $this->stop($group, $round->worked->from, $from, $end, null);
                $from = $end;
            }
        }
    }

    /** What stands after a round: it waits, or is told before what comes next. */
    private function after(Step $step): void
    {
        if ($step->waits()) {
            $this->stop(null, $step->at->to, $this->makes($step->at->to), $this->makes($step->at->to), $step);
        } else {
            $this->told[] = new Told($step, 0);
        }
    }

    private function makes(int $round): int
    {
        return ($this->site->fabric->rounds[$round - 1] ?? null)->makes ?? 0;
    }

    private function stop(?int $group, int $round, int $from, int $to, ?Step $step): void
    {
        $this->stops[] = new Stop(round: $round, from: $from, to: $to, group: $group, step: $step, told: $this->told);
        $this->told = [];
    }

    /**
     * The last moment of what waits: before a round after which it is out of reach, or before the piece is closed.
     *
     * @param list<Stop> $stops
     *
     * @return list<Stop>
     */
    private static function limited(array $stops): array
    {
        $closed = null;
        foreach ($stops as $i => $stop) {
            $closed ??= StepKind::Close === $stop->step?->kind() ? $i : null;
        }
        foreach ($stops as $i => $stop) {
            $stops[$i] = match ($stop->step?->kind()) {
                StepKind::Stuff, StepKind::Eyes => $stop->until(self::pastRound($stops, $i, $stop->step->lastRound()) ?? $closed),
                default => $stop,
            };
        }

        return $stops;
    }

    /**
     * @param list<Stop> $stops
     * @param int|null   $round null: none is the last
     *
     * @return int|null the first stop at which a round after this one is worked, behind another stop; null: none is
     */
    private static function pastRound(array $stops, int $behind, ?int $round): ?int
    {
        foreach (null === $round ? [] : $stops as $i => $stop) {
            if ($i > $behind && null !== $stop->group && $stop->round > $round) {
                return $i;
            }
        }

        return null;
    }
}
