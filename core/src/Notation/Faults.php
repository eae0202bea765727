<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Worked;

/** What is wrong with a round as it lies on the round below, in the maker’s words. */
final readonly class Faults
{
    public function __construct(private Vocabulary $vocabulary, private Worked $worked)
    {
    }

    public static function tooLong(): Fault
    {
        $says = 'This line is longer than '.number_format(Limits::LINE).' characters.';

        return Fault::at(new Span(Limits::LINE, Limits::LINE + 1), $says, 'Split it into one line a round.');
    }

    public function noStitches(Span $span, int $round): Fault
    {
        $mend = $this->vocabulary->inWords('Write them after the number, as “sc around”.');

        return Fault::at($span, ucfirst($this->worked->once())." {$round} has no stitches.", $mend);
    }

    public function emptyRing(Span $span): Fault
    {
        return Fault::at($span, 'It does not say how many stitches go into the ring.', $this->vocabulary->inWords('Write 6 sc in MR.'));
    }

    public function tooManyRounds(): Fault
    {
        return Fault::at(Span::none(), 'A piece can have '.Limits::ROUNDS.' '.$this->worked->once().'s at the most.', 'Go on in another piece.');
    }

    public function of(Trial $trial, RoundBelow $ground, int $left): ?Fault
    {
        $once = $this->worked->once();
        $round = ucfirst($once)." {$ground->number}";
        $isFirst = 1 === $ground->number && 0 === $ground->on;
        $first = $this->firstOf($trial);
        if (null !== $trial->error) {
            return Fault::of($trial->error);
        }
        if ($isFirst && !$trial->starts) {
            $six = max(6, $trial->makes);

            return Fault::at(
                $first->span,
                "{$round} has nothing below it to work into.",
                Worked::Rows === $this->worked
                    ? 'Begin with a row of chains, as “ch 10”.'
                    : $this->vocabulary->inWords("Write {$six} sc in MR, or ch 2, {$six} sc in 2nd ch from hook."),
                FaultKind::NoStart,
            );
        }
        if (!$isFirst && $trial->starts) {
            return Fault::at(
                $first->span,
                "{$round} begins ".($ground->number > 1 ? 'a new piece.' : 'in a ring, but this piece begins on others.'),
                'Only the first round begins in a ring or in chains; give the new piece its own lines.',
            );
        }
        if (null !== $trial->place) {
            return Fault::of($trial->place);
        }
        if ($trial->uses < $trial->below && true !== Unworked::in($trial->line)?->allows($trial->below - $trial->uses)) {
            $rest = $trial->below - $trial->uses;

            return Fault::at(
                new Span($trial->line->end(), $trial->line->end() + 1),
                "{$round} uses {$trial->uses} of the ".$this->below($trial, $ground).": {$rest} left over.",
                '',
                FaultKind::LeftOver,
            );
        }
        if ($trial->uses > $trial->below) {
            $over = $trial->uses - $trial->below;
            $found = match (true) {
                $ground->number > 1 => "{$once} ".($ground->number - 1)." made {$trial->below}",
                $ground->on > 0 => "it begins on {$trial->below}",
                default => 'there are '.$this->below($trial, $ground),
            };

            return Fault::at($this->firstTooMany($trial), "{$round} uses {$trial->uses} stitches, but {$found}: {$over} too many.", '', FaultKind::TooMany);
        }

        return $this->ofMade($trial, $round, $first, $left);
    }

    private function ofMade(Trial $trial, string $round, Node $first, int $left): ?Fault
    {
        if (0 === $trial->makes) {
            return Fault::at($first->span, "{$round} makes no stitch to go on from.", 'Work at least one stitch in it.');
        }
        if ($trial->makes > Limits::STITCHES_IN_ROUND) {
            return Fault::at(
                $first->span,
                'A '.$this->worked->once().' can have '.number_format(Limits::STITCHES_IN_ROUND).' stitches at the most.',
                'Mend the number of repeats.',
            );
        }
        if ($trial->makes > $left) {
            return Fault::at($first->span, 'The plan is full: it can have '.number_format(Limits::STITCHES).' stitches.', 'Split it into two plans.');
        }
        foreach ($trial->line->counts as $count) {
            if ($count->stitches !== $trial->makes) {
                return Fault::at(
                    $count->span,
                    "{$round} makes {$trial->makes} ".(1 === $trial->makes ? 'stitch' : 'stitches').", but the line says {$count->stitches}.",
                    "Write ({$trial->makes}), or fix the stitches.",
                    FaultKind::Miscount,
                );
            }
        }

        return null;
    }

    /** What a round is worked into, in words. */
    private function below(Trial $trial, RoundBelow $ground): string
    {
        foreach ($trial->line->items as $item) {
            if ($item instanceof Foundation && 1 === $ground->number && $item->chains > 0) {
                return "{$trial->below} places along ".(Worked::Rows === $this->worked || $item->joined ? 'the chain' : 'both sides of the chain');
            }
        }

        return "{$trial->below} stitches below";
    }

    private function firstOf(Trial $trial): Node
    {
        return $trial->line->stitches()[0] ?? $trial->line;
    }

    /** The first item that finds no stitch left. */
    private function firstTooMany(Trial $trial): Span
    {
        $used = 0;
        $stitches = $trial->line->stitches();
        foreach ($stitches as $item) {
            $used += Expander::item($item)->uses();
            if ($used > $trial->below) {
                return $item->span;
            }
        }

        return [] === $stitches ? $trial->line->span : $stitches[\count($stitches) - 1]->span;
    }
}
