<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** What an edit made of the plan that was seen, brought into the plan as it is by now: both count, field by field, and line by line. */
final class MergedPlan
{
    /**
     * @param bool $isTyped the lines that it changed are words of the maker’s: they come back where the plan has them no longer
     *
     * @throws EditRefused|InvalidFields where nothing is left of what was changed
     */
    public static function of(Plan $seen, Plan $made, Plan $now, bool $isTyped): Plan
    {
        [$before, $hasChanged, $lines] = [self::values($now), self::values($seen) !== self::values($made), false];
        if ($before === self::values($seen)) {
            return $made;
        }
        foreach ($seen->pieces as $piece) {
            [$edited, $there] = [$made->piece($piece->key), $now->piece($piece->key)];
            if (null === $edited || null === $there || self::values($edited) === self::values($piece)) {
                continue;
            }
            if ($edited->rounds !== $piece->rounds) {
                $merged = MergedLines::of($piece->rounds, $edited->rounds, $there->rounds, self::said($now, $piece), $isTyped);
                $lines = $lines || $merged !== $there->rounds;
                $isNumbered = !$isTyped && self::isNumbered($made, $edited) && self::isNumbered($now, $there);
                $now = (new Retype($piece->key, $merged))->apply($now);
                $now = $isNumbered ? (new Renumber($piece->key))->apply($now) : $now;
                $there = $now->piece($piece->key) ?? $there;
            }
            $seen = self::onLines($seen, $piece, $there->rounds);
            $made = self::onLines($made, $edited, $there->rounds);
        }
        if ($hasChanged && !$lines && self::values($seen) === self::values($made)) {
            throw EditRefused::because('edit.gone');
        }
        $both = MergedValue::of(self::values($seen), self::values($made), self::values($now));

        return Plan::read(Fields::of(\is_array($both) ? $both : []));
    }

    /**
     * The plan with a piece that has these lines, and all that is said of its rounds on the rounds that they are there.
     *
     * @param list<string> $lines
     */
    public static function onLines(Plan $plan, Piece $piece, array $lines): Plan
    {
        $there = $piece->withRounds($lines);

        return $lines === $piece->rounds ? $plan->withPiece($piece) : $plan->carried($there, Retype::moves($plan, $piece, $there));
    }

    /** @return \Closure(list<string>): list<string> what lines of a piece say apart from their numbers */
    private static function said(Plan $plan, Piece $piece): \Closure
    {
        return static fn (array $lines): array => Retype::said($plan, $piece, array_values(array_filter($lines, \is_string(...))));
    }

    /** Whether every line that has a number has that of its round. */
    private static function isNumbered(Plan $plan, Piece $piece): bool
    {
        return (new Renumber($piece->key))->apply($plan)->piece($piece->key)?->rounds === $piece->rounds;
    }

    /** In the plan's format, as it is read. */
    private static function values(Plan|Piece $of): mixed
    {
        return Json::decode(Json::encode($of->values()), 'plan');
    }
}
