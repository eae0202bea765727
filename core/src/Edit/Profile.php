<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/**
 * How many stitches each round of a form makes.
 *
 * The ball is the trade's own: k rounds growing by as many as it begins with, k + 1 even, k − 1 shrinking (common practice, no source).
 * The others are put together from its parts: a flat beginning grows by the start count in every round, which lies flat for six.
 */
final class Profile
{
    /**
     * @param int $start  stitches in the first round
     * @param int $steps  rounds that grow, the first among them; the widest round has start × steps
     * @param int $length rounds in all, for the forms that have a length of their own, of a drum the even ones; those that have not go without,
     *                    and a ball without has as many as the trade's
     *
     * @return non-empty-list<int>
     */
    public static function of(Form $form, int $start, int $steps, int $length): array
    {
        $steps = max(1, $steps);
        $grow = array_map(static fn (int $step): int => $start * $step, range(1, $steps));
        $widest = $start * $steps;
        $shrink = array_reverse(\array_slice($grow, 0, -1));
        $even = static fn (int $rounds): array => array_fill(0, max(0, $rounds), $widest);

        return match ($form) {
            Form::Ball => [...$grow, ...$even($length > 0 ? max(1, $length - 2 * $steps + 1) : $steps + 1), ...$shrink],
            Form::Capsule => [...$grow, ...$even(max($steps + 1, $length - 2 * $steps + 1)), ...$shrink],
            Form::Egg => [...self::slowly($grow), ...$even(intdiv($steps, 2) + 1), ...$shrink],
            Form::Circle => $grow,
            Form::Dome => [...$grow, ...$even(intdiv($steps + 1, 2))],
            Form::Bowl, Form::Tube => [...$grow, ...$even(max(1, $length - $steps))],
            Form::Drum => [...$grow, ...$even(max(1, $length)), ...$shrink],
            Form::Cone => self::cone($start, $widest, $length),
        };
    }

    /**
     * The rounds in which a form turns from a flat end to its side, or back: worked into the back loops only, they make a sharp edge. Common
     * practice, no source.
     *
     * @param non-empty-list<int> $counts as of() gives them
     *
     * @return list<int> from 1
     */
    public static function turns(Form $form, array $counts): array
    {
        if (Form::Bowl !== $form && Form::Drum !== $form) {
            return [];
        }
        $even = array_keys($counts, max($counts), true);
        if (\count($even) < 2) {
            return [];
        }

        // Counts are numbered from 0: the first even round after the growing ones, and the round after the last even one.
        return Form::Bowl === $form ? [$even[1] + 1] : [$even[1] + 1, $even[\count($even) - 1] + 2];
    }

    /**
     * Each step kept for a second round once the tip is past: an egg's pointed end.
     *
     * @param non-empty-list<int> $grow
     *
     * @return non-empty-list<int>
     */
    private static function slowly(array $grow): array
    {
        $rounds = [];
        foreach ($grow as $i => $stitches) {
            $rounds[] = $stitches;
            if ($i > 0 && $i < \count($grow) - 1) {
                $rounds[] = $stitches;
            }
        }

        return $rounds;
    }

    /** @return non-empty-list<int> from start to widest in even steps; where those are less than a stitch, some rounds stay even */
    public static function cone(int $start, int $widest, int $rounds): array
    {
        $counts = [$start];
        for ($round = 1; $round < max(2, $rounds); ++$round) {
            $counts[] = $start + (int) round((max($widest, $start) - $start) * $round / (max(2, $rounds) - 1));
        }

        return $counts;
    }
}
