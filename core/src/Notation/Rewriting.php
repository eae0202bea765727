<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;

/** Writes a round that does not fit anew, as near as may be to what was typed. */
final readonly class Rewriting
{
    /** Increases or decreases in a round of single crochet that lies flat: common practice, no source. */
    private const USUAL = 6;
    /** A repeat that was miscounted is off by one or two. */
    private const NEAR = 2;

    public function __construct(private Printer $printer, private Vocabulary $vocabulary)
    {
    }

    /**
     * @param string   $codes the round's stitches as typed
     * @param int      $below stitches that the round below made
     * @param int|null $count what the round is said to make
     *
     * @return list<string> the nearest first
     */
    public function of(Line $line, string $codes, int $below, ?int $count): array
    {
        $texts = [$this->sameRepeat($line, $below), $this->evenShaping($codes, $below, null)];
        if (null !== $count) {
            array_unshift($texts, $this->evenShaping($codes, $below, $count));
        }

        return array_values(array_unique(array_filter($texts, is_string(...))));
    }

    /** The bracket that the maker wrote, as often as it fits. */
    private function sameRepeat(Line $line, int $below): ?string
    {
        $repeats = array_values(array_filter($line->items, static fn (Node $item): bool => $item instanceof Repeat && null !== $item->times));
        if (1 !== \count($repeats)) {
            return null;
        }
        [$repeat] = $repeats;
        try {
            $uses = Expander::item($repeat->withTimes(1, $repeat->span))->uses();
        } catch (SyntaxError) {
            return null;
        }
        $times = 0 === $uses ? 0 : intdiv($below, $uses);
        $isNear = abs($times - ($repeat->times ?? 0)) <= self::NEAR || 1 === \count($line->stitches());

        return $times > 0 && 0 === $below % $uses && $isNear ? $this->printer->repeat($repeat, $times) : null;
    }

    /** As many increases or decreases as the maker wrote, or as the count asks for, spread evenly, where that comes out even. */
    private function evenShaping(string $codes, int $below, ?int $count): ?string
    {
        $increases = substr_count($codes, Stitch::Increase->code());
        $decreases = substr_count($codes, Stitch::Decrease->code()) + substr_count($codes, Stitch::InvisibleDecrease->code());
        if (null !== $count) {
            $increases = max(0, $count - $below);
            $decreases = max(0, $below - $count);
        }
        if (0 === $increases + $decreases) {
            return $this->vocabulary->inWords('sc around');
        }
        $shaping = $increases > 0 ? Stitch::Increase : (str_contains($codes, Stitch::InvisibleDecrease->code()) ? Stitch::InvisibleDecrease : Stitch::Decrease);
        $times = max($increases, $decreases);
        if (null === $count && 0 !== $below % $times && abs($times - self::USUAL) <= self::NEAR) {
            $times = self::USUAL;
        }
        $plain = intdiv($below, $times) - $shaping->uses();
        if (min($increases, $decreases) > 0 || 0 !== $below % $times || $plain < 0) {
            return null;
        }
        $each = $this->printer->codes(str_repeat(Stitch::Single->code(), $plain).$shaping->code());

        return (0 === $plain ? $each : "({$each})").(1 === $times ? '' : " x{$times}");
    }
}
