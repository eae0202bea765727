<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Close;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Evenly;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Freely;
use Alternum\Core\Notation\Node\Lift;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\OtherSide;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** Writes rounds in one spelling. What it writes, the reader reads back as the same rounds. */
final class Printer
{
    private readonly Vocabulary $vocabulary;
    private readonly StitchPrinter $stitches;

    public function __construct(Terms $terms, private readonly Worked $worked = Worked::Spiral, private readonly Spelling $spelling = Spelling::Bench)
    {
        $this->vocabulary = Vocabulary::of($terms);
        $this->stitches = new StitchPrinter($this->vocabulary, $this->all(), $spelling);
    }

    /** A whole line: "R4-7: sc around (18)". */
    public function line(int $from, int $to, string $stitches, int $makes): string
    {
        return $this->head($from, $to).": {$stitches} ({$makes})";
    }

    /** A whole line with all that it says: yarns, chains, closes and cues. */
    public function whole(Line $line, int $from, int $to, int $makes): string
    {
        $cues = array_map(static fn (Cue $cue): string => rtrim($cue->text, '. ').'.', $line->cues());

        return $this->line($from, $to, $this->stitches($line), $makes).([] === $cues ? '' : '. '.implode(' ', $cues));
    }

    public function head(int $from, int $to): string
    {
        return $this->spelling->head($this->worked, $from, $to);
    }

    /** The stitches of a line, with its yarns, chains and closes; without its head, its count and its cues. */
    public function stitches(Line $line): string
    {
        $items = array_values(array_filter($line->items, static fn (Node $item): bool => !$item instanceof Cue));
        $loops = array_unique(
            array_map(static fn (Node $item): ?Loop => $item instanceof Work || $item instanceof Repeat ? $item->loop : null, $items),
            \SORT_REGULAR,
        );
        if (1 === \count($loops) && null !== $loops[0] && \count($items) > 1) {
            return "in {$loops[0]->value}: ".$this->items($items, false);
        }

        return $this->items($items);
    }

    /**
     * Stitches by their codes in the shortest form that is easy to read: "(5 sc, inc) x6"; with loops, as codes() has them.
     *
     * @param string $codes one byte a stitch
     * @param string $loops see Round::$loops
     */
    public function shortest(string $codes, string $loops = ''): string
    {
        return '' === $loops ? $this->stitches(Line::of(RepeatFinder::of($codes))) : $this->codes($codes, $loops);
    }

    /**
     * Stitches by their codes, like ones gathered: "5 sc, inc, 3 sc in BLO".
     *
     * @param string $codes one byte a stitch
     * @param string $loops see Round::$loops
     */
    public function codes(string $codes, string $loops = ''): string
    {
        $items = [];
        for ($at = 0, $end = \strlen($codes); $at < $end; $at += $times) {
            $times = strspn($codes, $codes[$at], $at);
            $loop = $loops[$at] ?? ' ';
            $times = '' === $loops ? $times : min($times, strspn($loops, $loop, $at));
            $items[] = new Work(Stitch::ofCode($codes[$at]), $times, Span::none(), Loop::ofCode($loop));
        }

        return $this->items($items);
    }

    /** @param list<Node> $items */
    private function items(array $items, bool $withLoop = true): string
    {
        $said = '';
        $ring = $isJoined = false;
        for ($i = 0, $end = \count($items); $i < $end; ++$i) {
            $item = $items[$i];
            if ($item instanceof Foundation) {
                $isJoined = $item->joined;
                $next = $items[$i + 1] ?? null;
                $next = $next instanceof Lift ? $items[$i + 2] ?? null : $next;
                $isLone = $item->isPoint() && $next instanceof Work && null !== $next->times && !$this->vocabulary->isPhrase($next->stitch);
                $said .= $this->separated($said, 0 === $item->chains && $isLone ? '' : $this->foundation($item).($item->joined ? '' : ':'));
                $ring = $isLone && (0 === $item->chains || $item->joined);
                continue;
            }
            $passes = $item instanceof Work && !($items[$i - 1] ?? null) instanceof Foundation ? $item->skipped() : 0;
            [$text, $i] = $this->stitches->run($items, $i) ?? [
                $item instanceof Work && 0 < $passes ? $this->passing($item, $passes, $withLoop) : $this->item($item, $withLoop, $end > 1),
                $i,
            ];
            if ($ring && $item instanceof Work) {
                $text = $this->stitches->work($item->stitch, $item->times).' in '.($isJoined
                    ? 'ring'
                    : 'MR').$this->after($item, $withLoop);
                $ring = false;
            }
            $said .= $this->separated($said, $text);
        }

        return $said;
    }

    private function separated(string $before, string $text): string
    {
        return '' === $before || '' === $text ? $text : (str_ends_with($before, ':') ? ' ' : ', ').$text;
    }

    /** @param bool $isAmong other stitches stand in its list, which "around" must not seem to mean, too */
    private function item(Node $item, bool $withLoop, bool $isAmong): string
    {
        return match (true) {
            $item instanceof Work => $this->stitches->work($item->stitch, $item->times, $isAmong).$this->after($item, $withLoop),
            $item instanceof Repeat => $this->repeat($item, $item->times).$this->after($item, $withLoop),
            $item instanceof Evenly => "{$this->vocabulary->abbreviation($item->stitch)} {$item->times} evenly",
            $item instanceof Freely => implode(', ', array_map($this->vocabulary->abbreviation(...), $item->stitches)).' at random '.$this->all(),
            $item instanceof YarnPhrase => 'with '.implode(' then ', array_map(self::yarn(...), [$item->yarn, ...$item->within])).':',
            $item instanceof Close => $item->closed->value,
            $item instanceof Lift => "ch {$item->chains}".($item->chainIsFirst
                ? ' (counts as a stitch)'
                : (Worked::Spiral === $this->worked ? ' (does not count as a stitch)' : '')),
            $item instanceof OtherSide => 'on the other side of the chain:',
            default => '',
        };
    }

    /** Stitches, and before them the chains that they pass over: "sk 1, sc in each st across". */
    private function passing(Work $work, int $chains, bool $withLoop): string
    {
        $said = [$this->stitches->work(Stitch::Skip, $chains)];
        foreach ($work->together() as $one) {
            $said[] = $this->item($one, $withLoop, true);
        }

        return implode(', ', $said);
    }

    private function after(Work|Repeat $item, bool $withLoop): string
    {
        return ($withLoop && null !== $item->loop
            ? ' in '.(Loop::Third === $item->loop ? 'the ' : '').$item->loop->value
            : '').(null === $item->yarn ? '' : ' ('.self::yarn($item->yarn).')');
    }

    /** A yarn that goes by a number would be read as one. */
    private static function yarn(string $name): string
    {
        return ctype_digit($name) ? "colour {$name}" : $name;
    }

    /** "into MR", "ch 6, starting in 2nd ch from hook". */
    public function foundation(Foundation $foundation): string
    {
        $nth = match ($foundation->from) {
            1 => '1st',
            2 => '2nd',
            3 => '3rd',
            default => "{$foundation->from}th",
        };

        return match (true) {
            0 === $foundation->chains => 'into MR',
            $foundation->joined => "ch {$foundation->chains}, join with sl st to form a ring",
            default => "ch {$foundation->chains}, starting in {$nth} ch from hook",
        };
    }

    private function all(): string
    {
        return Worked::Rows === $this->worked ? 'across' : 'around';
    }

    /** A bracket, repeated as often as is said here. */
    public function repeat(Repeat $repeat, ?int $times): string
    {
        $items = array_values(array_filter($repeat->items, static fn (Node $item): bool => !$item instanceof Cue));

        return '('.$this->items($items).')'.match ($times) {
            null => ' '.$this->all(),
            1 => '',
            default => $this->spelling->times($times),
        };
    }
}
