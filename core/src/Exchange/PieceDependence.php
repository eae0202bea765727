<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/**
 * What is said of a piece depends on: all that holds for the plan but its title, which pieces there are, and, in full, itself and those
 * that begin on one another with it; and what puts it on others or others on it.
 */
final class PieceDependence
{
    /** @return array<string, string> by piece: the same where all that is the same */
    public static function keys(Plan $plan): array
    {
        $values = $plan->values();
        $pieces = array_column(\is_array($values['pieces']) ? $values['pieces'] : [], null, 'key');
        unset($values['pieces'], $values['title'], $values['assembly'], $values['keepOrder'], $values['workOrder']);
        // Words of one piece name the others.
        $called = array_map(static fn (Piece $piece): array => [$piece->key, $piece->name, $piece->copies->values()], $plan->pieces);
        $common = hash('xxh128', Json::encode([$values, $called]));
        $keys = [];
        foreach ($plan->pieces as $piece) {
            $own = array_intersect_key($pieces, array_fill_keys(self::with($plan, $piece), true));
            $joints = array_map(
                static fn (Joint $joint): array => [$joint->values(), $plan->piece($joint->part)->name ?? ''],
                array_values(array_filter($plan->assembly, static fn (Joint $joint): bool => isset($own[$joint->part]) || isset($own[$joint->onto]))),
            );
            $keys[$piece->key] = "{$common} {$piece->key} ".hash('xxh128', Json::encode([$own, $joints]));
        }

        return $keys;
    }

    /** @return list<string> the keys of all pieces that what is said of one depends on in full: threads of it may end on others */
    private static function with(Plan $plan, Piece $piece): array
    {
        $with = self::together($plan, $piece->key);
        foreach ($piece->threads as $thread) {
            $far = $thread->kind->farEnd();
            array_push($with, ...null === $far || null === $plan->piece($far->piece) ? [] : self::together($plan, $far->piece));
        }

        return $with;
    }

    /** @return non-empty-list<string> the keys of a piece, of those that it begins on or that begin on it, and so on */
    public static function together(Plan $plan, string $key): array
    {
        $together = [$key => true];
        do {
            $count = \count($together);
            foreach ($plan->pieces as $piece) {
                $starts = $piece->start->pieces ?? [];
                if (isset($together[$piece->key]) || [] !== array_intersect_key($together, array_flip($starts))) {
                    $together += [$piece->key => true] + array_fill_keys($starts, true);
                }
            }
        } while (\count($together) > $count);

        return array_map(strval(...), array_keys($together));
    }
}
