<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Start;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** Writes rounds in one spelling. What it writes, the reader reads back as the same rounds. */
final class Printer
{
    private readonly Vocabulary $vocabulary;

    public function __construct(Terms $terms, private readonly Worked $worked = Worked::Spiral)
    {
        $this->vocabulary = Vocabulary::of($terms);
    }

    /** A whole line: "R4-7: sc around (18)". */
    public function line(int $from, int $to, string $stitches, int $makes): string
    {
        return $this->head($from, $to).": {$stitches} ({$makes})";
    }

    public function head(int $from, int $to): string
    {
        return $this->worked->head().$from.($to > $from ? "-{$to}" : '');
    }

    /** The stitches of a line, without its head and its count. */
    public function stitches(Line $line): string
    {
        $loops = array_unique(array_map(static fn (Node $item): ?Loop => $item instanceof Work || $item instanceof Repeat ? $item->loop : null, $line->items), \SORT_REGULAR);
        if (1 === \count($loops) && null !== $loops[0] && \count($line->items) > 1) {
            return "in {$loops[0]->value}: ".implode(', ', array_map(fn (Node $item): string => $this->item($item, false), $line->items));
        }

        return $this->items($line->items);
    }

    /**
     * Stitches by their codes, like ones gathered: "5 sc, inc, 3 sc in BLO".
     *
     * @param string $codes one byte a stitch
     * @param string $loops see Round::$loops
     */
    public function codes(string $codes, string $loops = ''): string
    {
        $said = [];
        for ($at = 0, $end = \strlen($codes); $at < $end; $at += $times) {
            $times = strspn($codes, $codes[$at], $at);
            $loop = $loops[$at] ?? ' ';
            $times = '' === $loops ? $times : min($times, strspn($loops, $loop, $at));
            $said[] = $this->work(Stitch::ofCode($codes[$at]), $times).match ($loop) {
                Loop::Back->code() => ' in BLO',
                Loop::Front->code() => ' in FLO',
                default => '',
            };
        }

        return implode(', ', $said);
    }

    /** @param list<Node> $items */
    private function items(array $items): string
    {
        return implode(', ', array_map(fn (Node $item): string => $this->item($item), $items));
    }

    private function item(Node $item, bool $withLoop = true): string
    {
        $loop = $withLoop && ($item instanceof Work || $item instanceof Repeat) && null !== $item->loop ? " in {$item->loop->value}" : '';

        return match (true) {
            $item instanceof Start => ($item->ring ? '' : 'ch 2, ')."{$item->times} {$this->vocabulary->abbreviation($item->stitch)} in ".($item->ring ? 'MR' : '2nd ch from hook'),
            $item instanceof Foundation => $this->foundation($item),
            $item instanceof Work => $this->work($item->stitch, $item->times),
            $item instanceof Repeat => $this->repeat($item, $item->times),
            default => '',
        }.$loop;
    }

    /** "into MR", "ch 6, starting in 2nd ch from hook". */
    public function foundation(Foundation $foundation): string
    {
        $nth = match ($foundation->from) {
            2 => '2nd',
            3 => '3rd',
            default => "{$foundation->from}th",
        };

        return 0 === $foundation->chains ? 'into MR' : "ch {$foundation->chains}, starting in {$nth} ch from hook";
    }

    private function all(): string
    {
        return Worked::Rows === $this->worked ? 'across' : 'around';
    }

    /** A bracket, repeated as often as is said here. */
    public function repeat(Repeat $repeat, ?int $times): string
    {
        return '('.$this->items($repeat->items).')'.match ($times) {
            null => ' '.$this->all(),
            1 => '',
            default => " x{$times}",
        };
    }

    private function work(Stitch $stitch, ?int $times): string
    {
        $name = $this->vocabulary->abbreviation($stitch);

        return match (true) {
            1 === $times => $name,
            $this->vocabulary->isPhrase($stitch) => "[{$name}]".(null === $times ? ' '.$this->all() : " x{$times}"),
            null === $times => "{$name} {$this->all()}",
            1 < $stitch->uses() || 1 < $stitch->makes() => "{$name} x{$times}",
            Stitch::Chain === $stitch, Stitch::Skip === $stitch => "{$name} {$times}",
            default => "{$times} {$name}",
        };
    }
}
