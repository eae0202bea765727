<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Evenly;
use Alternum\Core\Notation\Node\Filling;
use Alternum\Core\Notation\Node\Freely;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;

/** Writes a line's stitches out one by one, as many as "around" needs to use the round below. */
final readonly class Expander
{
    /**
     * @param list<int>        $before what each of the line's items finds used by those before it
     * @param SyntaxError|null $odd    said where a repeat did not come out even and was finished with plain stitches
     */
    private function __construct(public Expansion $stitches, public array $before, public ?SyntaxError $odd)
    {
    }

    /**
     * @param int $below stitches that the round below made
     *
     * @throws SyntaxError where the line cannot be worked
     */
    public static function of(Line $line, int $below): self
    {
        $parts = $uses = [];
        $open = null;
        $used = 0;
        foreach ($line->items as $i => $item) {
            if (self::isOpen($item)) {
                if (null !== $open) {
                    throw self::error($item, Message::of('around.twice'));
                }
                $open = $i;
                $parts[] = Expansion::none();
                continue;
            }
            $parts[] = self::known($item);
            $uses[$i] = $parts[$i]->uses();
            $used += $uses[$i];
        }
        $odd = null;
        if (null !== $open) {
            [$parts[$open], $odd] = self::around($line->items[$open], $below - $used);
            $uses[$open] = $parts[$open]->uses();
        }
        $all = Expansion::none();
        $before = [];
        $used = 0;
        foreach ($parts as $i => $part) {
            $before[] = $used;
            $used += $uses[$i];
            if ($all->length() + $part->length() > Limits::STITCHES_IN_ROUND) {
                throw self::tooMany($all->length() + $part->length(), $line->items[$i]);
            }
            $all = $all->then($part);
        }

        // Laid flat, an odd number has one stitch in the fold that has no partner: it is left. Common practice, no source.
        return new self(1 === $below - $used && Stitch::areThroughBoth($all->codes) ? $all->then(self::skipped(1)) : $all, $before, $odd);
    }

    /** Whether it is worked as often as there is room. */
    public static function isOpen(Node $item): bool
    {
        return ($item instanceof Work || $item instanceof Repeat) && null === $item->times || $item instanceof Filling;
    }

    /** What an item comes to is the same wherever it is worked, so it is worked out once. */
    private static function known(Node $item): Expansion
    {
        /** @var \WeakMap<Node, Expansion>|null $known */
        static $known = null;
        $known ??= new \WeakMap();
        $before = $known[$item] ?? null;
        if (!$before instanceof Expansion) {
            $known[$item] = $before = self::item($item);
        }

        return $before;
    }

    /** A single item, with nothing for "around". */
    public static function item(Node $item): Expansion
    {
        return match (true) {
            $item instanceof Work => self::work($item),
            $item instanceof Repeat => self::often(self::list($item), $item->times ?? 0, $item)->in($item->loop)->inYarn($item->yarn),
            $item instanceof YarnPhrase => Expansion::yarn($item->yarn, $item->within, $item->way),
            default => Expansion::none(),
        };
    }

    private static function work(Work $work): Expansion
    {
        $skipped = $work->skipped();
        if (0 === $skipped) {
            return Expansion::of($work->stitch, $work->times ?? 0, $work->loop)->inYarn($work->yarn);
        }
        $all = self::skipped($skipped);
        foreach ($work->together() as $one) {
            $all = $all->then(Expansion::of($one->stitch, $one->times ?? 0, $one->loop)->inYarn($one->yarn));
        }

        return $all;
    }

    private static function skipped(int $chains): Expansion
    {
        return Expansion::of(Stitch::Skip, min($chains, Limits::STITCHES_IN_ROUND));
    }

    /** @return array{Expansion, SyntaxError|null} */
    private static function around(Node $item, int $rest): array
    {
        if ($item instanceof Evenly) {
            return [self::evenly($item, $rest), null];
        }
        if ($item instanceof Freely) {
            return [self::freely($item, $rest), null];
        }
        $once = match (true) {
            $item instanceof Repeat => self::list($item)->in($item->loop),
            $item instanceof Work => Expansion::of($item->stitch, 1, $item->loop),
            default => Expansion::none(),
        };
        $uses = $once->uses();
        if (0 === $uses) {
            throw self::error($item, Message::of('around.never'));
        }
        $whole = max(0, intdiv($rest, $uses));
        $left = $item instanceof Work && $item->stitch->isThroughBoth() ? 0 : max(0, $rest) % $uses;
        $skipped = $item instanceof Work ? self::skipped($item->skipped()) : Expansion::none();
        $yarn = $item instanceof Work || $item instanceof Repeat ? $item->yarn : null;
        $stitches = $skipped->then(self::often($once, $whole, $item)->inYarn($yarn))->then(Expansion::of(Stitch::Single, $left));
        $odd = 0 === $left
            ? null
            : self::error(
                $item,
                Message::of('around.uneven', below: $rest, uses: $uses, left: $left, whole: $whole),
            );

        return [$stitches, $odd];
    }

    private static function freely(Freely $freely, int $rest): Expansion
    {
        $all = Expansion::none();
        for ($i = 0; $i < min($rest, Limits::STITCHES_IN_ROUND); ++$i) {
            $all = $all->then(Expansion::of($freely->stitches[$i % \count($freely->stitches)], 1));
        }

        return $all;
    }

    /** A number of one stitch among plain ones, as far apart as may be. */
    private static function evenly(Evenly $evenly, int $rest): Expansion
    {
        $plain = $rest - $evenly->times * $evenly->stitch->uses();
        if ($plain < 0) {
            throw self::error(
                $evenly,
                Message::of('around.tooMany', times: $evenly->times, uses: $evenly->times * $evenly->stitch->uses(), below: $rest),
            );
        }
        $all = Expansion::none();
        for ($i = 0; $i < $evenly->times; ++$i) {
            $share = intdiv(($i + 1) * $plain, $evenly->times) - intdiv($i * $plain, $evenly->times);
            $all = $all->then(Expansion::of(Stitch::Single, $share))->then(Expansion::of($evenly->stitch, 1));
        }

        return $all;
    }

    private static function list(Repeat $repeat): Expansion
    {
        $all = Expansion::none();
        foreach ($repeat->items as $item) {
            if (self::isOpen($item)) {
                throw self::error($item, Message::of('around.inBracket'));
            }
            $all = $all->then(self::item($item));
            if ($all->length() > Limits::STITCHES_IN_ROUND) {
                throw self::tooMany($all->length(), $repeat);
            }
        }

        return $all;
    }

    /** @throws SyntaxError where a number of repeats is more than a round holds */
    private static function often(Expansion $stitches, int $times, Node $at): Expansion
    {
        if ($stitches->length() * $times > Limits::STITCHES_IN_ROUND) {
            throw self::tooMany($stitches->length() * $times, $at);
        }

        return $stitches->times($times);
    }

    private static function tooMany(int $stitches, Node $at): SyntaxError
    {
        return self::error(
            $at,
            Message::of('number.stitches', stitches: $stitches, most: Limits::STITCHES_IN_ROUND),
        );
    }

    private static function error(Node $at, Message $message): SyntaxError
    {
        return new SyntaxError($message, $at->span->from, max(1, $at->span->length()));
    }
}
