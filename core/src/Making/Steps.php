<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Making\Step\WorkRounds;
use Alternum\Core\Notation\Round;
use Alternum\Core\Place\Change;

/** One piece in the steps that it is worked in: its rounds, gathered where they are alike, and all else where it belongs. */
final class Steps
{
    /** @return list<Step> in the order of the work; rounds that are alike in stitches and yarn are one step, and whatever is done between them parts them */
    public static function of(StepSite $site): array
    {
        if (0 === $site->last()) {
            return [];
        }
        $after = [];
        foreach (StepKinds::AFTER_ROUND as $kind) {
            foreach ($kind::on($site) as $step) {
                $after[$step->at->to][] = $step;
            }
        }
        $steps = $after[0] ?? [];
        foreach (self::gathered($site, $after) as $worked) {
            $leading = $following = [];
            foreach (StepKinds::WITH_ROUNDS as $kind) {
                foreach ($kind::with($site, $worked) as $step) {
                    $step->leads() ? $leading[] = $step : $following[] = $step;
                }
            }
            $rounds = new WorkRounds($site->along($worked), $worked, $site->reading->rounds[$worked->from - 1]->readable);
            array_push($steps, ...$leading, ...[$rounds], ...$following, ...$after[$worked->to] ?? []);
        }

        return $steps;
    }

    /**
     * @param array<int, list<Step>> $after
     *
     * @return iterable<WorkedRounds>
     */
    private static function gathered(StepSite $site, array $after): iterable
    {
        $rounds = $site->reading->rounds;
        $colours = $site->colouring->rounds;
        $joined = array_fill_keys(array_map(static fn (JoinedPart $part): int => $part->round, $site->joined), true);
        $inHand = '';
        for ($i = 0, $end = \count($rounds); $i < $end; $i = $last + 1) {
            $last = $i;
            while ($i > 0 && !isset($site->slips[$i + 1]) && !isset($site->told[$last + 1]) && !isset($after[$last + 1]) && !isset($site->slips[$last + 2])
                && !isset($joined[$i + 1]) && !isset($joined[$last + 2]) && isset($rounds[$last + 1])
                && self::areAlike($rounds[$last + 1], $rounds[$i]) && $colours[$last + 1] === $colours[$i]) {
                ++$last;
            }
            yield new WorkedRounds(
                from: $i + 1,
                to: $last + 1,
                makes: $rounds[$i]->makes,
                inHand: $inHand,
                slips: $site->slips[$i + 1] ?? [],
                ends: self::ends($site->told[$last + 1] ?? []),
            );
            $inHand = '' === $colours[$last] ? $inHand : $colours[$last][-1];
        }
    }

    /** @param list<Change> $changes */
    private static function ends(array $changes): ?Change
    {
        foreach ($changes as $change) {
            if ($change->place->isAtEnd && 0 === $change->treatment->onward) {
                return $change;
            }
        }

        return null;
    }

    private static function areAlike(Round $one, Round $other): bool
    {
        return $one->codes === $other->codes && $one->loops === $other->loops && $one->closed === $other->closed
            && $one->lifting->before === $other->lifting->before && $one->lifting->after === $other->lifting->after
            && $one->below === $other->below && $one->readable === $other->readable;
    }
}
