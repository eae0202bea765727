<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

/** What was seen, as pages of before 2026-12 say it: what such a page still sends, or has kept unsaved, is made as it was meant. */
final class EarlierSeen
{
    /**
     * @param mixed $edit as decoded; its own `saw` names the lines, or the value, that it was made from
     * @param mixed $seen as decoded; its `piece` is that piece
     *
     * @return array{mixed, mixed} both as they are said now
     */
    public static function now(mixed $edit, mixed $seen): array
    {
        $before = \is_array($seen) ? $seen : [];
        $values = [];
        if (\is_array($before['piece'] ?? null)) {
            $values[] = ['at' => ['pieces', $before['piece']['key'] ?? ''], 'value' => $before['piece']];
            unset($before['piece']);
        }
        if (\is_array($edit) && \array_key_exists('saw', $edit)) {
            $values[] = ['at' => ['pieces', $edit['piece'] ?? '', 'rounds'], 'value' => $edit['saw']];
            unset($edit['saw']);
        }
        if (\is_array($edit) && \is_array($edit['values'] ?? null)) {
            [$edit['values'], $saw] = self::set($edit['values']);
            $values = [...$values, ...$saw];
        }

        return [] === $values ? [$edit, $seen] : [$edit, $before + ['values' => $values]];
    }

    /**
     * @param array<mixed> $sets
     *
     * @return array{array<mixed>, list<array{at: mixed, value: mixed}>} without what was seen, and that
     */
    private static function set(array $sets): array
    {
        $values = [];
        foreach ($sets as $i => $set) {
            if (\is_array($set) && \array_key_exists('saw', $set)) {
                $values[] = ['at' => $set['at'] ?? [], 'value' => $set['saw']];
                unset($set['saw']);
                $sets[$i] = $set;
            }
        }

        return [$sets, $values];
    }
}
