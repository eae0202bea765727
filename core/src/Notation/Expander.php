<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Start;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Plan\Limits;

/** Writes a line's stitches out one by one, as many as "around" needs to use the round below. */
final readonly class Expander
{
    /**
     * @param SyntaxError|null $odd said where a repeat did not come out even and was finished with plain stitches
     */
    private function __construct(public Expansion $stitches, public ?SyntaxError $odd)
    {
    }

    /**
     * @param int $below stitches that the round below made
     *
     * @throws SyntaxError where the line cannot be worked
     */
    public static function of(Line $line, int $below): self
    {
        $parts = [];
        $around = null;
        foreach ($line->items as $i => $item) {
            if (!self::isAround($item)) {
                $parts[] = self::item($item);
                continue;
            }
            if (null !== $around) {
                throw new SyntaxError('It says “around” twice.', 'Say how often one of the two is worked.', $item->position(), $item->length());
            }
            $around = $i;
            $parts[] = Expansion::none();
        }
        $odd = null;
        if (null !== $around) {
            $used = array_sum(array_map(static fn (Expansion $part): int => $part->uses(), $parts));
            [$parts[$around], $odd] = self::around($line->items[$around], $below - $used);
        }
        $all = array_reduce($parts, static fn (Expansion $sum, Expansion $part): Expansion => $sum->then($part), Expansion::none());

        return new self(self::withinRound($all, 1, $line->items[0]), $odd);
    }

    public static function isAround(Node $item): bool
    {
        return ($item instanceof Work || $item instanceof Repeat) && null === $item->times;
    }

    /** A single item, with nothing for "around". */
    public static function item(Node $item): Expansion
    {
        return match (true) {
            $item instanceof Start => Expansion::of($item->stitch, $item->times)->dyed($item->dye),
            $item instanceof Work => Expansion::of($item->stitch, $item->times ?? 0, $item->loop)->dyed($item->dye),
            $item instanceof Repeat => self::withinRound(self::list($item), $item->times ?? 0, $item)->in($item->loop)->dyed($item->dye),
            default => Expansion::none(),
        };
    }

    /** @return array{Expansion, SyntaxError|null} */
    private static function around(Node $item, int $rest): array
    {
        $once = match (true) {
            $item instanceof Repeat => self::list($item)->in($item->loop),
            $item instanceof Work => Expansion::of($item->stitch, 1, $item->loop),
            default => Expansion::none(),
        };
        $uses = $once->uses();
        if (0 === $uses) {
            throw new SyntaxError('This uses no stitch of the round below, so “around” would never end.', 'Say how often: x6.', $item->position(), $item->length());
        }
        $whole = max(0, intdiv($rest, $uses));
        $left = max(0, $rest) % $uses;
        $dye = $item instanceof Work || $item instanceof Repeat ? $item->dye : null;
        $stitches = self::withinRound($once, $whole, $item)->dyed($dye)->then(Expansion::of(Stitch::Single, $left));

        return [$stitches, 0 === $left ? null : new SyntaxError("{$rest} stitches below do not come out even in repeats of {$uses}: the last {$left} are worked plain.", "Write x{$whole}, then {$left} plain ones, if that is meant.", $item->position(), $item->length())];
    }

    private static function list(Repeat $repeat): Expansion
    {
        $all = Expansion::none();
        foreach ($repeat->items as $item) {
            if (self::isAround($item)) {
                throw new SyntaxError('“Around” inside a bracket does not say how often.', 'Put it after the bracket, or say x6.', $item->position(), $item->length());
            }
            if ($item instanceof Start) {
                throw new SyntaxError('A ring cannot be repeated.', 'Begin the round with it, before any bracket.', $item->position(), $item->length());
            }
            $all = self::withinRound($all->then(self::item($item)), 1, $repeat);
        }

        return $all;
    }

    /** @throws SyntaxError where a number of repeats is more than a round holds */
    private static function withinRound(Expansion $stitches, int $times, Node $at): Expansion
    {
        $count = $stitches->length() * $times;
        if ($count > Limits::STITCHES_IN_ROUND) {
            throw new SyntaxError('This is '.number_format($count).' stitches, and a round can have '.number_format(Limits::STITCHES_IN_ROUND).' at the most.', 'Mend the number of repeats.', $at->position(), $at->length());
        }

        return $stitches->times($times);
    }
}
