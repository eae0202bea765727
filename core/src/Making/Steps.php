<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Change\Changes;
use Alternum\Core\Change\Fate;
use Alternum\Core\Change\Words;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Notation\Closed;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** One piece written out to be worked from: its rounds with their yarns, and the changes where they come. */
final readonly class Steps
{
    private Printer $printer;

    private function __construct(private Plan $plan, Piece $piece, Terms $terms)
    {
        $this->printer = new Printer($terms, $piece->worked);
    }

    /** @return list<Step> rounds that are alike in stitches and yarn are one step */
    public static function of(Plan $plan, Piece $piece, Reading $reading, Fabric $fabric, Colouring $colouring, Changes $changes, Placing $placing, Terms $terms): array
    {
        $self = new self($plan, $piece, $terms);
        $words = new Words($plan, $piece, $fabric, $terms);
        $then = [];
        foreach ($changes->changes as $change) {
            // Within a round the line itself says which yarn is next; a yarn that is cut is worth a word anywhere.
            if ($change->isJog || Fate::Cut === $change->fate) {
                $then[$change->round][] = "After stitch {$change->stitch}: ".lcfirst($words->toDo($change));
            }
        }
        foreach ($placing->placed as $placed) {
            // It is set once the round above it is worked, while the opening still lets a hand in.
            $then[min(\count($reading->rounds), $placed->round + 1)][] = "Set now: {$placed->summary}";
        }
        $steps = [];
        $rounds = $reading->rounds;
        $inHand = '';
        for ($i = 0, $end = \count($rounds); $i < $end; $i = $last + 1) {
            $round = $rounds[$i];
            $last = $i;
            // A change ends a step, so that it is told where it comes.
            while (!isset($then[$last + 1]) && [] === $reading->cuesOf($last + 1) && isset($rounds[$last + 1]) && self::areAlike($rounds[$last + 1], $round) && $colouring->rounds[$last + 1] === $colouring->rounds[$i]) {
                ++$last;
            }
            $runs = Colouring::runs($colouring->rounds[$i]);
            $head = $self->printer->head($i + 1, $last + 1);
            $text = $round->readable
                ? "{$head}: ".$self->stitches($reading->worked[$i]->bare(), $round, $runs, $inHand)." ({$round->makes})".self::closing($piece, $round)
                : "# {$head} could not be read as typed";
            $steps[] = new Step($i + 1, $last + 1, $text, $round->makes, array_values(array_unique(array_column($runs, 0))), $then[$last + 1] ?? [], $reading->cuesOf($last + 1));
            $inHand = [] === $runs ? $inHand : $runs[\count($runs) - 1][0];
        }

        return $steps;
    }

    private static function closing(Piece $piece, Round $round): string
    {
        return match (true) {
            Worked::Joined === $piece->worked && Closed::ToBackLoop !== $round->closed => ", {$piece->closing->inWords()}",
            null !== $round->closed => ", {$round->closed->value}",
            default => '',
        };
    }

    private static function areAlike(Round $one, Round $other): bool
    {
        return $one->codes === $other->codes && $one->loops === $other->loops && $one->closed === $other->closed && $one->turning->before === $other->turning->before && $one->turning->after === $other->turning->after && $one->below === $other->below && $one->readable === $other->readable;
    }

    /**
     * The round's stitches, with their yarns where they are not the one in hand.
     *
     * @param list<array{string, int}> $runs
     */
    private function stitches(Line $line, Round $round, array $runs, string $inHand): string
    {
        $before = 0 === $round->turning->before ? '' : $this->printer->codes(str_repeat(Stitch::Chain->code(), $round->turning->before)).', ';
        $after = 0 === $round->turning->after ? '' : ', '.$this->printer->codes(str_repeat(Stitch::Chain->code(), $round->turning->after));
        if (1 === \count($runs)) {
            return ($runs[0][0] === $inHand ? '' : $this->with($runs[0][0])).$before.$this->printer->stitches($line).$after;
        }
        $said = [];
        $first = $line->items[0] ?? null;
        foreach (Segments::of($round->codes, $runs) as [$yarns, $from, $stitches]) {
            // The chain that stands for the first stitch is said as the chain.
            $skip = 0 === $from && $round->stands ? 1 : 0;
            $part = $this->printer->codes(substr($round->codes, $from + $skip, $stitches - $skip), substr($round->loops, $from + $skip, $stitches - $skip));
            $lead = 0 === $from ? rtrim($before, '' === $part ? ', ' : '') : '';
            $said[] = ([$inHand] === $yarns ? '' : $this->with(...$yarns)).$lead.$part;
            $inHand = $yarns[\count($yarns) - 1];
        }

        return ($first instanceof Foundation ? $this->printer->foundation($first).', ' : '').implode('; ', $said).$after;
    }

    private function with(string ...$yarns): string
    {
        $named = array_map(function (string $key): string {
            // The name stands before a colon, so it can have none of its own.
            $name = trim(str_replace([':', '(', ')', '[', ']'], ' ', $this->plan->yarn($key)->name ?? ''));

            return '' === $name ? $key : "{$key} {$name}";
        }, $yarns);

        return 'with '.implode(' then ', $named).': ';
    }
}
