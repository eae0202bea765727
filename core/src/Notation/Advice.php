<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Plan\Terms;

/** How to mend a round that does not fit the one below it, in the maker's words. */
final class Advice
{
    /** Increases or decreases in a round of single crochet that lies flat: common practice, no source. */
    private const USUAL = 6;
    /** A repeat that was miscounted is off by one or two. */
    private const NEAR = 2;

    /** @param string $codes the round's stitches as typed */
    public static function forLeftOver(Line $line, string $codes, int $below, int $left): string
    {
        return self::with("Add {$left} sc at the end", $line, $codes, $below);
    }

    /** @param string $codes the round's stitches as typed */
    public static function forTooMany(Line $line, string $codes, int $below, int $over): string
    {
        $stitches = 1 === $over ? 'stitch' : 'stitches';

        return self::with("Take off what uses {$over} {$stitches}", $line, $codes, $below);
    }

    /**
     * The stitches of the line written so that they fit, as near as may be to what she wrote; null where nothing is near.
     *
     * @param string $codes the round's stitches as typed
     */
    public static function rewritten(Line $line, string $codes, int $below): ?string
    {
        return self::sameRepeat($line, $below) ?? self::evenShaping($codes, $below);
    }

    private static function with(string $mend, Line $line, string $codes, int $below): string
    {
        $rewritten = self::rewritten($line, $codes, $below);

        return $mend.(null === $rewritten ? '.' : ", or write {$rewritten}.");
    }

    /** The bracket that she wrote, as often as it fits. */
    private static function sameRepeat(Line $line, int $below): ?string
    {
        $repeats = array_values(array_filter($line->items, static fn (Node $item): bool => $item instanceof Repeat && null !== $item->times));
        if (1 !== \count($repeats)) {
            return null;
        }
        [$repeat] = $repeats;
        $uses = self::uses($repeat->items);
        $times = 0 === $uses ? 0 : intdiv($below, $uses);
        $isNear = abs($times - ($repeat->times ?? 0)) <= self::NEAR || 1 === \count($line->items);

        return $times > 0 && 0 === $below % $uses && $isNear ? (new Printer(Terms::Us))->repeat($repeat, $times) : null;
    }

    /** @param list<Node> $items */
    private static function uses(array $items): int
    {
        $uses = 0;
        foreach ($items as $item) {
            $uses += match (true) {
                $item instanceof Work => $item->stitch->uses() * ($item->times ?? 0),
                $item instanceof Repeat => self::uses($item->items) * ($item->times ?? 0),
                default => 0,
            };
        }

        return $uses;
    }

    /** As many increases or decreases as she wrote, spread evenly, where that comes out even. */
    private static function evenShaping(string $codes, int $below): ?string
    {
        $increases = substr_count($codes, Stitch::Increase->code());
        $decreases = substr_count($codes, Stitch::Decrease->code()) + substr_count($codes, Stitch::InvisibleDecrease->code());
        $shaping = $increases > 0 ? Stitch::Increase : Stitch::Decrease;
        $times = max($increases, $decreases);
        if (0 === $increases + $decreases) {
            return 'sc around';
        }
        if (0 !== $below % $times && abs($times - self::USUAL) <= 2) {
            $times = self::USUAL;
        }
        if (min($increases, $decreases) > 0 || 0 !== $below % $times) {
            return null;
        }
        $plain = intdiv($below, $times) - $shaping->uses();

        return match (true) {
            $plain < 0 => null,
            0 === $plain => "{$shaping->value} x{$times}",
            1 === $plain => "(sc, {$shaping->value}) x{$times}",
            default => "({$plain} sc, {$shaping->value}) x{$times}",
        };
    }
}
