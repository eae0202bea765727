<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Terms;

/** How to mend a round that does not fit the one below it, in the maker's own words. */
final readonly class Advice
{
    /** Increases or decreases in a round of single crochet that lies flat: common practice, no source. */
    private const USUAL = 6;
    /** A repeat that was miscounted is off by one or two. */
    private const NEAR = 2;

    private Printer $printer;
    private Vocabulary $vocabulary;

    public function __construct(Terms $terms)
    {
        $this->printer = new Printer($terms);
        $this->vocabulary = Vocabulary::of($terms);
    }

    /**
     * For a round that leaves stitches of the round below.
     *
     * @param string $codes the round's stitches as typed
     * @param int    $below stitches that the round below made
     * @param int    $left  how many of those it does not use
     *
     * @return array{string, non-empty-list<Fix>} the mend in words, and those that can be made at once
     */
    public function forLeftOver(Line $line, string $codes, int $below, int $left): array
    {
        $more = "{$left} {$this->vocabulary->abbreviation(Stitch::Single)}";
        [$words, $fixes] = $this->with("Add {$more} at the end", $line, $codes, $below);

        return [$words, [new Fix("Add {$more}", self::end($line), 0, ", {$more}"), ...$fixes]];
    }

    /**
     * For a round that wants more stitches than the round below made.
     *
     * @param string $codes the round's stitches as typed
     * @param int    $below stitches that the round below made
     * @param int    $over  how many are too many
     *
     * @return array{string, list<Fix>} the mend in words, and those that can be made at once
     */
    public function forTooMany(Line $line, string $codes, int $below, int $over): array
    {
        return $this->with("Take off what uses {$over} ".(1 === $over ? 'stitch' : 'stitches'), $line, $codes, $below);
    }

    /** @return int the character after the last item, from 0 */
    public static function end(Line $line): int
    {
        $last = $line->items[\count($line->items) - 1];

        return $last->position() + $last->length();
    }

    /** @return array{string, list<Fix>} */
    private function with(string $mend, Line $line, string $codes, int $below): array
    {
        // As near as may be to what she wrote.
        $rewritten = $this->sameRepeat($line, $below) ?? $this->evenShaping($codes, $below);
        if (null === $rewritten) {
            return ["{$mend}.", []];
        }
        $begin = $line->items[0]->position();

        return ["{$mend}, or write {$rewritten}.", [new Fix("Write {$rewritten}", $begin, self::end($line) - $begin, $rewritten)]];
    }

    /** The bracket that she wrote, as often as it fits. */
    private function sameRepeat(Line $line, int $below): ?string
    {
        $repeats = array_values(array_filter($line->items, static fn (Node $item): bool => $item instanceof Repeat && null !== $item->times));
        if (1 !== \count($repeats)) {
            return null;
        }
        [$repeat] = $repeats;
        $uses = self::uses($repeat->items);
        $times = 0 === $uses ? 0 : intdiv($below, $uses);
        $isNear = abs($times - ($repeat->times ?? 0)) <= self::NEAR || 1 === \count($line->items);

        return $times > 0 && 0 === $below % $uses && $isNear ? $this->printer->repeat($repeat, $times) : null;
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
    private function evenShaping(string $codes, int $below): ?string
    {
        $increases = substr_count($codes, Stitch::Increase->code());
        $decreases = substr_count($codes, Stitch::Decrease->code()) + substr_count($codes, Stitch::InvisibleDecrease->code());
        if (0 === $increases + $decreases) {
            return $this->vocabulary->inWords('sc around');
        }
        $shaping = $increases > 0 ? Stitch::Increase : Stitch::Decrease;
        $times = max($increases, $decreases);
        if (0 !== $below % $times && abs($times - self::USUAL) <= self::NEAR) {
            $times = self::USUAL;
        }
        $plain = intdiv($below, $times) - $shaping->uses();
        if (min($increases, $decreases) > 0 || 0 !== $below % $times || $plain < 0) {
            return null;
        }
        $each = $this->printer->codes(str_repeat(Stitch::Single->code(), $plain).$shaping->code());

        return (0 === $plain ? $each : "({$each})")." x{$times}";
    }
}
