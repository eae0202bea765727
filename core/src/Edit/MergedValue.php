<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/**
 * A value of the plan's format that was set while another took the place of the one that was seen. Both count: field by field, and thing by
 * thing of a list. Where both changed the same, what was set stands.
 */
final class MergedValue
{
    /**
     * @param mixed $saw    what the maker began from, as decoded
     * @param mixed $edited what the maker made of it
     * @param mixed $now    what it has become meanwhile
     */
    public static function of(mixed $saw, mixed $edited, mixed $now): mixed
    {
        if (self::isSame($saw, $edited) || self::isSame($saw, $now)) {
            return self::isSame($saw, $edited) ? $now : $edited;
        }
        // Something of another kind has taken its place.
        if (!\is_array($saw) || !\is_array($edited) || !\is_array($now) || ($saw['kind'] ?? null) !== ($now['kind'] ?? null)) {
            return $edited;
        }
        if (!array_is_list($saw) || !array_is_list($edited) || !array_is_list($now)) {
            return self::fields($saw, $edited, $now);
        }
        $keyed = array_map(self::byKey(...), [$saw, $edited, $now]);

        return \in_array(null, $keyed, true) ? self::things($saw, $edited, $now) : array_values(self::fields(...$keyed));
    }

    /**
     * @param array<mixed> $saw
     * @param array<mixed> $edited
     * @param array<mixed> $now
     *
     * @return array<mixed> in the edited order; what was put in meanwhile follows what it was put behind
     */
    private static function fields(array $saw, array $edited, array $now): array
    {
        $merged = [];
        foreach ($edited as $name => $value) {
            if (!\array_key_exists($name, $saw)) {
                $merged[$name] = $value;
            } elseif (\array_key_exists($name, $now)) {
                $merged[$name] = self::of($saw[$name], $value, $now[$name]);
            } elseif (!self::isSame($saw[$name], $value)) {
                $merged[$name] = $value;
            }
        }
        $before = null;
        foreach ($now as $name => $value) {
            if (!\array_key_exists($name, $saw) && !\array_key_exists($name, $edited)) {
                $at = null === $before ? 0 : 1 + (int) array_search($before, array_keys($merged), true);
                $merged = \array_slice($merged, 0, $at, true) + [$name => $value] + $merged;
            }
            $before = \array_key_exists($name, $merged) ? $name : $before;
        }

        return $merged;
    }

    /**
     * @param list<mixed> $saw
     * @param list<mixed> $edited
     * @param list<mixed> $now
     *
     * @return list<mixed>
     */
    private static function things(array $saw, array $edited, array $now): array
    {
        $old = array_map(self::text(...), $saw);

        return (new MergedList(
            saw: $saw,
            edited: $edited,
            now: $now,
            kept: LineDifference::pairs($old, array_map(self::text(...), $edited)),
            theirs: LineDifference::pairs($old, array_map(self::text(...), $now)),
            both: self::of(...),
            isSame: self::isSame(...),
        ))->merged();
    }

    /**
     * @param list<mixed> $list
     *
     * @return array<string, mixed>|null null: its things are not known by keys
     */
    private static function byKey(array $list): ?array
    {
        $keyed = [];
        foreach ($list as $thing) {
            $key = \is_array($thing) ? $thing['key'] ?? null : null;
            if (!\is_string($key)) {
                return null;
            }
            // A key that looks like a number would be one.
            $keyed["key {$key}"] = $thing;
        }

        return $keyed;
    }

    private static function isSame(mixed $one, mixed $other): bool
    {
        return $one === $other || self::text($one) === self::text($other);
    }

    /** The value as text, whatever the order of its fields. */
    private static function text(mixed $value): string
    {
        if (!\is_array($value)) {
            return json_encode(\is_int($value) ? (float) $value : $value, \JSON_THROW_ON_ERROR);
        }
        if (!array_is_list($value)) {
            ksort($value);
        }
        $parts = [];
        foreach ($value as $name => $inside) {
            $parts[] = (\is_string($name) ? "{$name}:" : '').self::text($inside);
        }

        return '['.implode(',', $parts).']';
    }
}
