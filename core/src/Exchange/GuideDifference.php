<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Words\DifferenceWords;

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
                $says[] = DifferenceWords::isNew($name);
                continue;
            }
            if ($before->piece->copies->count !== $piece->piece->copies->count) {
                $says[] = DifferenceWords::copies($name, $piece->piece->copies->count, $before->piece->copies->count);
            }
            array_push($says, ...self::ofPiece($was, $before, $is, $piece, $name));
        }
        foreach ($was->pieces as $piece) {
            if (null === $is->piece($piece->piece->key)) {
                $says[] = DifferenceWords::isGone($piece->piece->name);
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
            ...[] === $rounds ? [] : [DifferenceWords::rounds($name, $once, $rounds)],
            ...[] === $steps ? [] : [DifferenceWords::steps($name, $once, $steps)],
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
}
