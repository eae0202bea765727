<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Node\IntoStitch;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\SyntaxError;
use Alternum\Core\Notation\TokenType;
use Alternum\Core\Plan\Message;

/** Puts stitches where they are said to go: "2 sc in each of next 3 sts" is three increases. */
final class IntoStitches
{
    /** So many words may say how several in one are drawn together. */
    private const DRAWN = 16;

    /** @param int $from the first token of the whole */
    public static function of(Cursor $c, Stitch $stitch, ?int $number, Target $into, int $from): Work|Repeat
    {
        return match ($into->kind) {
            TargetKind::Ring => self::plain($c, $stitch, $number, $into, $from, IntoStitch::ring()),
            TargetKind::FromHook => self::plain($c, $stitch, $number, $into, $from, IntoStitch::fromHook((int) $into->places)),
            TargetKind::Nth => self::inOne($c, $stitch, $number ?? 1, 1, $from, IntoStitch::nth((int) $into->places)),
            TargetKind::LastChain => self::inOne($c, $stitch, $number ?? 1, 1, $from, IntoStitch::last()),
            TargetKind::Same => self::same($c, $stitch, $number ?? 1, $from),
            TargetKind::EveryNth => self::everyNth($c, $stitch, $number, (int) $into->places, $from),
            TargetKind::Space => self::space($c, $stitch, $number ?? 1, self::chains($c, $number ?? 1, (int) $into->places, $from), $from),
            TargetKind::Stitches => self::stitches($c, $stitch, $number, $into, $from),
        };
    }

    private static function plain(Cursor $c, Stitch $stitch, ?int $number, Target $into, int $from, IntoStitch $place): Work
    {
        return new Work(stitch: $stitch, times: $number ?? $into->twice, span: $c->span($from), loop: null, yarn: null, place: $place);
    }

    private static function stitches(Cursor $c, Stitch $stitch, ?int $number, Target $into, int $from): Work|Repeat
    {
        $place = match (true) {
            $into->chains => IntoStitch::chain(),
            $into->stitches => IntoStitch::stitch(),
            default => null,
        };
        $places = $into->places;
        if ($stitch->uses() > 1) {
            // A decrease names the stitches that it takes together.
            $uses = $stitch->uses();
            if (null !== $places && 1 !== $places && 0 !== $places % $uses) {
                throw $c->error(Message::of('into.uneven', uses: $uses, places: $places), $from);
            }

            return new Work(
                stitch: $stitch,
                times: null === $places ? null : ($number ?? 1) * max(1, intdiv($places, $uses)),
                span: $c->span($from),
                loop: null,
                yarn: null,
                place: $place,
                each: null === $places,
            );
        }
        if (2 === $stitch->makes() && $number === $places && null !== $places) {
            // "3 inc in next 3 sts"
            $number = 1;
        }
        $in = ($number ?? 1) * $into->twice;
        if (!$into->each && $in > 1 && null !== $places && $places > 1) {
            if ($in !== $places) {
                throw $c->error(
                    Message::of('into.shared', stitches: $in, places: $places, way: $c->vocabulary->inWords('2 sc in each of the next 3 sts')),
                    $from,
                );
            }
            $isEach = $in < 4 && 1 === $stitch->makes() && Assumption::AllInEach === $c->choose($from, [Assumption::SharedOut, Assumption::AllInEach]);
            $in = $isEach ? $in : 1;
        }
        if ($into->each && null !== $places && $in === $places && $in > 6) {
            // "18 sc in all 18 sts": one in each.
            $in = 1;
        }

        return self::inOne($c, $stitch, $in, $places, $from, $place, null === $places);
    }

    /** So many of a stitch in one, at a number of places; null: at all. */
    private static function inOne(Cursor $c, Stitch $stitch, int $in, ?int $places, int $from, ?IntoStitch $place, bool $each = false): Work|Repeat
    {
        $bobble = Stitch::Double === $stitch && $in > 2 ? self::drawnTogether($c, $in) : null;
        if (null !== $bobble) {
            return new Work(stitch: $bobble, times: $places, span: $c->span($from), loop: null, yarn: null, place: $place, each: $each);
        }
        $one = Stitch::inOne($stitch, $in);
        if (null !== $one) {
            return new Work(stitch: $one, times: $places, span: $c->span($from), loop: null, yarn: null, place: $place, each: $each);
        }
        $same = $stitch->same() ?? throw self::unknown($c, $stitch, $in, $from);

        return new Repeat(
            [new Work(stitch: $stitch, times: 1, span: $c->span($from), loop: null, yarn: null, place: $place), new Work($same, $in - 1, $c->span($from))],
            $places,
            $c->span($from),
        );
    }

    /** "5 dc in next st, closed together (bobble)", "5 dc in one st, pull them together for a popcorn": one stitch, said in words. */
    private static function drawnTogether(Cursor $c, int $loops): ?Stitch
    {
        $from = $c->at;
        for ($words = 0; $words < self::DRAWN && $c->has() && null === $c->number(); ++$words) {
            $name = $c->name();
            $stitch = null === $name ? null : match ($name->stitch) {
                Stitch::Bobble, Stitch::Popcorn => 5 === $loops ? $name->stitch : Stitch::tryFrom($name->stitch->value.$loops),
                default => null,
            };
            if (null !== $name && null !== $stitch) {
                $c->at += $name->tokens;
                $c->takeType(TokenType::Close);

                return $stitch;
            }
            if (null !== $name && !\in_array($c->value(-1), ['first', 'last', 'same', 'the', 'all'], true) || '.' === $c->value()) {
                break;
            }
            ++$c->at;
        }

        return $c->back($from);
    }

    private static function same(Cursor $c, Stitch $stitch, int $number, int $from): Work
    {
        $same = $stitch->same() ?? match (true) {
            Stitch::Chain === $stitch => $stitch,
            Stitch::Increase === $stitch => Stitch::SingleSame,
            default => throw self::unknown($c, $stitch, $number, $from),
        };

        return new Work($same, $number * (Stitch::Increase === $stitch ? 2 : 1), $c->span($from));
    }

    /** "inc in every 3rd st": two plain, then one of it, all around. */
    /** "inc in every 2nd st", "2 sc in every other st" */
    private static function everyNth(Cursor $c, Stitch $stitch, ?int $number, int $nth, int $from): Repeat
    {
        $c->check($nth, $from);
        $plain = new Work(Stitch::Single, $nth - 1, $c->span($from));
        $all = (new Work($stitch, $number ?? 1, $c->span($from)))->together();

        return new Repeat([$plain, ...$all], null, $c->span($from));
    }

    /** How many chains a space is under: said, or one, or as many as stitches go into it. */
    private static function chains(Cursor $c, int $number, int $said, int $from): int
    {
        return match (true) {
            $said > 0 => $said,
            1 === $number, Assumption::SpaceOfOne === $c->choose($from, [Assumption::SpaceOfOne, Assumption::SpaceOfAll]) => 1,
            default => $number,
        };
    }

    /** Into the space under chains: as many stitches as there are chains, those beyond beside the last, those lacking skipped. */
    private static function space(Cursor $c, Stitch $stitch, int $number, int $chains, int $from): Work|Repeat
    {
        $span = $c->span($from);
        if ($number === $chains) {
            return new Work($stitch, $number, $span);
        }
        $first = new Work($stitch, min($number, $chains), $span);
        $rest = $number < $chains
            ? new Work(Stitch::Skip, $chains - $number, $span)
            : new Work($stitch->same() ?? throw self::unknown($c, $stitch, $number, $from), $number - $chains, $span);

        return new Repeat([$first, $rest], 1, $span);
    }

    private static function unknown(Cursor $c, Stitch $stitch, int $number, int $from): SyntaxError
    {
        return $c->error(
            Message::of(
                'into.unknown',
                number: $number,
                stitch: $c->vocabulary->abbreviation($stitch),
                way: $c->vocabulary->inWords('3 sc in next st'),
            ),
            $from,
        );
    }
}
