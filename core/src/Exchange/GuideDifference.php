<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Words\YarnWords;

/** What is to be made otherwise once a plan was changed: said of what the maker follows, round by round and step by step. */
final class GuideDifference
{
    /** @return list<string> a sentence each; none: nothing is made otherwise */
    public static function between(Analysis $was, Analysis $is): array
    {
        $says = [];
        foreach ($is->pieces as $piece) {
            $before = $was->piece($piece->piece->key);
            $name = '' === $piece->piece->name ? $piece->piece->key : $piece->piece->name;
            if (null === $before) {
                $says[] = "{$name} is new.";
                continue;
            }
            if ($before->piece->copies->count !== $piece->piece->copies->count) {
                $says[] = "{$name} is made {$piece->piece->copies->count} times, not {$before->piece->copies->count}.";
            }
            array_push($says, ...self::ofPiece($was, $before, $is, $piece, $name));
        }
        foreach ($was->pieces as $piece) {
            if (null === $is->piece($piece->piece->key)) {
                $says[] = "{$piece->piece->name} is not made any more.";
            }
        }

        return $says;
    }

    /** @return list<string> */
    private static function ofPiece(Analysis $was, PieceAnalysis $before, Analysis $is, PieceAnalysis $after, string $name): array
    {
        [$old, $new] = [GuideWriter::piece($was->plan, $before), GuideWriter::piece($is->plan, $after)];
        $rounds = self::others(self::listed($old['rounds'], ['makes', 'groups']), self::listed($new['rounds'], ['makes', 'groups']));
        $steps = self::others(self::told($old['stops']), self::told($new['stops']));
        $once = $after->piece->worked->once();

        return [
            ...[] === $rounds ? [] : ["{$name}: other stitches or yarns in ".(1 === \count($rounds) ? $once : "{$once}s").' '.self::spans($rounds).'.'],
            ...[] === $steps ? [] : ["{$name}: other steps around ".(1 === \count($steps) ? $once : "{$once}s").' '.self::spans($steps).'.'],
        ];
    }

    /**
     * @param list<string> $fields
     *
     * @return array<int, string> by round
     */
    private static function listed(mixed $rounds, array $fields): array
    {
        $listed = [];
        foreach (\is_array($rounds) ? array_values($rounds) : [] as $i => $round) {
            $listed[$i + 1] = (string) json_encode(array_intersect_key(\is_array($round) ? $round : [], array_flip($fields)));
        }

        return $listed;
    }

    /** @return array<int, string> what is told and asked, by round */
    private static function told(mixed $stops): array
    {
        $told = [];
        foreach (\is_array($stops) ? $stops : [] as $stop) {
            if (\is_array($stop) && \is_int($stop['round'] ?? null)) {
                $told[$stop['round']] = ($told[$stop['round']] ?? '').json_encode([$stop['text'] ?? '', $stop['told'] ?? []]);
            }
        }

        return $told;
    }

    /**
     * @param array<int, string> $was
     * @param array<int, string> $is
     *
     * @return list<int> rounds in which they differ
     */
    private static function others(array $was, array $is): array
    {
        $others = [];
        foreach (array_keys($was + $is) as $round) {
            if (($was[$round] ?? '') !== ($is[$round] ?? '')) {
                $others[] = $round;
            }
        }
        sort($others);

        return $others;
    }

    /** @param list<int> $rounds "3 to 5 and 8" */
    private static function spans(array $rounds): string
    {
        $spans = [];
        foreach ($rounds as $i => $round) {
            if ($round - 1 === ($rounds[$i - 1] ?? null)) {
                $first = explode(' ', array_pop($spans) ?? '')[0];
                $spans[] = "{$first} to {$round}";
            } else {
                $spans[] = (string) $round;
            }
        }

        return YarnWords::listed(...$spans);
    }
}
