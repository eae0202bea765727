<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\EdgeStretch;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\JoinedStart;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Worked;

/** Reads pieces as parts of their plan: in its words, and on the pieces that they begin on. */
final class PieceReading
{
    /**
     * All pieces of a plan, in its order.
     *
     * @param array<string, mixed>|null $only by piece; null: all. With a piece those are to be among them that it begins on.
     *
     * @return array{array<string, Reading>, list<Problem>} the readings by piece, and what is wrong with where pieces begin, at its path
     */
    public static function all(Plan $plan, ?array $only = null): array
    {
        $readings = [];
        $problems = [];
        $left = Limits::STITCHES;
        foreach ($plan->pieces as $i => $piece) {
            if (null !== $only && !isset($only[$piece->key])) {
                continue;
            }
            [$on, $problem] = null === $piece->start ? [0, null] : self::beginning($plan, $piece->start, $readings, "pieces[{$i}].start");
            if (null !== $problem) {
                $problems[] = $problem->ofPiece($piece->key, $problem->path ?? '');
            }
            $readings[$piece->key] = self::read($plan, $piece, $left, $on);
            $left -= $readings[$piece->key]->stitches();
        }

        return [$readings, $problems];
    }

    /** One piece of a plan; of the others only those are read that it begins on. */
    public static function of(Plan $plan, Piece $piece): Reading
    {
        $needed = self::needed($plan, $piece);
        $made = [];
        foreach ($plan->pieces as $other) {
            if ($other->key === $piece->key) {
                break;
            }
            if (isset($needed[$other->key])) {
                [$on] = null === $other->start ? [0] : self::beginning($plan, $other->start, $made, '');
                $made[$other->key] = self::read($plan, $other, Limits::STITCHES, $on);
            }
        }
        [$on] = null === $piece->start ? [0] : self::beginning($plan, $piece->start, $made, '');

        return self::read($plan, $piece, Limits::STITCHES, $on);
    }

    /** @return array<string, true> the keys of the pieces that a piece begins on, those that they begin on, and so on */
    private static function needed(Plan $plan, Piece $piece): array
    {
        $needed = array_fill_keys($piece->start->pieces ?? [], true);
        // A piece begins on those before it only.
        foreach (array_reverse($plan->pieces) as $other) {
            if (isset($needed[$other->key])) {
                $needed += array_fill_keys($other->start->pieces ?? [], true);
            }
        }

        return $needed;
    }

    private static function read(Plan $plan, Piece $piece, int $left, int $on): Reading
    {
        $yarns = YarnNames::of($plan->yarns);
        $read = static fn (int $left): Reading => Reader::read($piece->rounds, $plan->terms, $piece->worked, $left, $on, $yarns, $piece->chainCounts);
        // What the pieces before it leave room for matters only where that is too little: so it is remembered without.
        $whole = $read(Limits::STITCHES);

        return $whole->stitches() > $left ? $read($left) : $whole;
    }

    /**
     * @param array<string, Reading> $made the pieces before
     * @param string                 $path where the beginning stands in the plan
     *
     * @return array{int, Problem|null} stitches to begin on, and what is wrong where they do not come together
     */
    private static function beginning(Plan $plan, JoinedStart $beginning, array $made, string $path): array
    {
        foreach ($beginning->pieces as $i => $key) {
            if ([] === ($made[$key]->rounds ?? [])) {
                return [
                    0,
                    Problem::atPath(
                        "{$path}.pieces[{$i}]",
                        Message::of('start.notMade', piece: $plan->piece($key)->name ?? $key),
                    ),
                ];
            }
        }
        foreach ($beginning->pieces as $i => $key) {
            $isFlat = Worked::Rows === $plan->piece($key)?->worked;
            if (!$isFlat && (Join::Edge === $beginning->join || Join::Edges === $beginning->join)) {
                return [
                    0,
                    Problem::atPath(
                        "{$path}.pieces[{$i}]",
                        Message::of('start.notFlat', piece: $plan->piece($key)->name ?? $key),
                    ),
                ];
            }
        }
        $openings = self::openings($beginning, $made);
        if (0 === $openings[0] && Join::Side === $beginning->join) {
            $rounds = \count($made[$beginning->pieces[0]]->rounds ?? []);

            return [
                0,
                Problem::atPath(
                    "{$path}.to",
                    Message::of('start.side', rounds: $rounds, last: $rounds - 1),
                ),
            ];
        }
        if (0 === $openings[0]) {
            $name = $plan->piece($beginning->pieces[0])->name ?? $beginning->pieces[0];

            return [
                0,
                Problem::atPath(
                    "{$path}.round",
                    Message::of('start.noLoops', round: (int) $beginning->round, piece: $name, next: ($beginning->round ?? 0) + 1),
                ),
            ];
        }
        if ($beginning->join->isThroughBoth() && $openings[0] !== ($openings[1] ?? null)) {
            return [
                $openings[0],
                Problem::atPath(
                    $path,
                    Message::of('start.layers', one: $openings[0], other: $openings[1] ?? 0),
                ),
            ];
        }
        if (null !== $beginning->take && $beginning->take->of($openings[0]) > $openings[0]) {
            return [$openings[0], Problem::atPath("{$path}.take", Message::of('start.take', edge: $openings[0]))];
        }
        $on = $beginning->stitches($openings);
        $isTooWide = Join::Seam === $beginning->join && $beginning->across >= min($openings);

        return $on < 1 || $isTooWide
            ? [max(0, $on), Problem::atPath("{$path}.across", Message::of('start.seam'))]
            : [$on, self::tooFew($plan, $beginning, "{$path}.pieces")];
    }

    /** That a piece is joined to itself more often than it is made. */
    private static function tooFew(Plan $plan, JoinedStart $beginning, string $path): ?Problem
    {
        foreach (array_count_values($beginning->pieces) as $key => $times) {
            $piece = $plan->piece((string) $key);
            $copies = $piece->copies->count ?? 1;
            if ($copies < $times) {
                return Problem::atPath(
                    $path,
                    Message::of('start.copies', piece: $piece->name ?? (string) $key, times: $times, copies: $copies),
                );
            }
        }

        return null;
    }

    /**
     * What a piece's first round is worked into; nothing where it begins on its own.
     *
     * @param array<string, Reading> $made the pieces before
     *
     * @return list<EdgeStretch>
     */
    public static function edges(Piece $piece, array $made): array
    {
        if (null === $piece->start || 0 === ($made[$piece->key]->on ?? 0)) {
            return [];
        }

        return $piece->start->edges(self::openings($piece->start, $made));
    }

    /**
     * @param array<string, Reading> $made the pieces before
     *
     * @return non-empty-list<int> stitches in the edge of each piece that is begun on
     */
    private static function openings(JoinedStart $beginning, array $made): array
    {
        return array_map(static function (string $key) use ($beginning, $made): int {
            $rounds = $made[$key]->rounds ?? [];
            $from = $beginning->round ?? 0;
            $to = $beginning->to ?? $from;

            return match ($beginning->join) {
                Join::Loops, Join::SpiralLoops => array_sum(array_map(
                    static fn (Round $round): int => $round->freeLoopsBelow(),
                    \array_slice($rounds, $from, $to - $from + 1),
                )),
                // After the last round there is no space, but its edge.
                Join::Side => $to < \count($rounds) ? ($beginning->isOneSide ? 1 : 2) * ($to - $from + 1) : 0,
                Join::Edge, Join::Edges => ($made[$key] ?? null)?->around() ?? 0,
                default => ($rounds[\count($rounds) - 1] ?? null)->makes ?? 0,
            };
        }, $beginning->pieces);
    }
}
