<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Making\Placed;
use Alternum\Core\Making\Segments;
use Alternum\Core\Making\Step;
use Alternum\Core\Notation\Closed;
use Alternum\Core\Notation\LiftingChains;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\RepeatFinder;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** The steps of one piece written out to be worked from, as one of its copies is made. */
final readonly class StepWords
{
    private Printer $printer;

    public function __construct(
        private Piece $piece,
        private Reading $reading,
        private Colouring $colouring,
        private ChangeWords $changes,
        private YarnWords $yarns,
        Terms $terms,
    ) {
        $this->printer = new Printer($terms, $piece->worked);
    }

    /** The rounds written out, with their yarns. */
    public function text(Step $step): string
    {
        $round = $this->reading->rounds[$step->from - 1];
        $head = $this->printer->head($step->from, $step->to);

        return $round->readable
            ? "{$head}: ".$this->stitches(
                $this->reading->syntax->worked()[$step->from - 1]->bare(),
                $step->slips ? $round->slipped() : $round,
                $this->colouring->rounds[$step->from - 1],
                $step->inHand,
                $step->slips,
            ).$this->change($step)." ({$round->makes})".$this->closing($round)
            : "# {$head} could not be read as typed";
    }

    /** @return list<string> the letters of the yarns that it is worked in, in working order, as this copy has them */
    public function yarns(Step $step): array
    {
        $letters = [];
        foreach (Colouring::runs($this->colouring->rounds[$step->from - 1]) as $run) {
            $letters[$run->yarn] = $this->yarns->letter($run->yarn);
        }

        return array_values(array_unique($letters));
    }

    /**
     * @param bool $isBrief changes that the rounds' own words say in full are left out, and of others within a round it is said what the yarn does
     *
     * @return list<string> what to do once the rounds are worked: colour changes, parts to set
     */
    public function after(Step $step, bool $isBrief): array
    {
        $letters = $this->colouring->rounds[$step->to - 1];

        return [
            ...$step->onward > 0 ? [$this->changes->onward($step->onward, $letters[-1])] : [],
            ...array_map(
                fn (Change $change): string => "After stitch {$change->stitch}: ".lcfirst($this->toDo($change, $isBrief)),
                array_values(array_filter($step->changes, fn (Change $change): bool => !$isBrief || !$this->isSaid($change))),
            ),
            ...array_map(static fn (Placed $placed): string => PlacingWords::toDo($placed), $step->placed),
        ];
    }

    /** The change at the end of the last of the rounds, before which she stops short: "; change to B in last st, keep A". */
    private function change(Step $step): string
    {
        foreach ($step->changes as $change) {
            if ($change->isAtEnd && 0 === $change->onward) {
                [$from, $to] = [$this->yarns->letter($change->from), $this->yarns->letter($change->to)];
                $where = $step->from === $step->to ? 'in last st' : 'at end of '.$this->printer->head($step->to, $step->to);

                return match (true) {
                    Method::StandingStart === $change->method => "; cut {$from}, join {$to} with a standing st",
                    null === $change->takenFrom => "; join {$to} {$where}",
                    default => "; change to {$to} {$where}",
                }.match (true) {
                    Method::StandingStart === $change->method => '',
                    OldYarn::Cut === $change->oldYarn => ", cut {$from}",
                    OldYarn::Carry === $change->oldYarn => ", keep {$from}",
                    default => '',
                };
            }
        }

        return '';
    }

    private function toDo(Change $change, bool $isBrief): string
    {
        return $isBrief && Method::Plain === $change->method && null === $change->helix ? $this->changes->endsToDo($change) : $this->changes->toDo($change);
    }

    /** Whether the words in the round say all that there is to do. */
    private function isSaid(Change $change): bool
    {
        return $change->isAtEnd && 0 === $change->onward && [] === $change->catches
            && (Method::Plain === $change->method || (Method::ClosedRound === $change->method && Worked::Joined === $this->piece->worked))
            && (OldYarn::Carry === $change->oldYarn || (OldYarn::Cut === $change->oldYarn && Tail::Weave === $change->oldTail))
            && (null !== $change->takenFrom || Tail::Weave === $change->newTail);
    }

    private function closing(Round $round): string
    {
        return match (true) {
            Worked::Joined === $this->piece->worked && Closed::ToBackLoop !== $round->closed => ", {$this->piece->closing->inWords()}",
            null !== $round->closed => ", {$round->closed->value}",
            default => '',
        };
    }

    /** The round's stitches, with their yarns where they are not the one in hand. */
    private function stitches(Line $line, Round $round, string $letters, string $inHand, bool $slips): string
    {
        $lifts = $this->lifts($round);
        $before = 0 === $lifts ? '' : $this->chains($lifts).', '.(Worked::Rows === $this->piece->worked && $round->number > 1 ? 'turn, ' : '');
        $after = 0 === $round->lifting->after ? '' : ', '.$this->chains($round->lifting->after);
        if (strspn($letters, $letters[0]) === \strlen($letters)) {
            return ($letters[0] === $inHand ? '' : $this->yarns->with($letters[0])).$before.$this->whole($line, $round, $slips).$after;
        }
        $said = [];
        $first = $line->items[0] ?? null;
        foreach (Segments::of($round->codes, $letters) as $segment) {
            // The chain that stands for the first stitch is said as the chain.
            $skip = 0 === $segment->from && $round->chainIsFirst ? 1 : 0;
            $part = $this->printer->codes(
                substr($round->codes, $segment->from + $skip, $segment->stitches - $skip),
                substr($round->loops, $segment->from + $skip, $segment->stitches - $skip),
            );
            $lead = 0 === $segment->from ? rtrim($before, '' === $part ? ', ' : '') : '';
            $said[] = ($inHand === $segment->yarns ? '' : $this->yarns->with($segment->yarns)).$lead.$part;
            $inHand = $segment->yarns[\strlen($segment->yarns) - 1];
        }

        return ($first instanceof Foundation ? $this->printer->foundation($first).', ' : '').implode('; ', $said).$after;
    }

    /** The stitches of a round in one yarn, as typed; one that starts with a slip stitch is written anew. */
    private function whole(Line $line, Round $round, bool $slips): string
    {
        return match (true) {
            !$slips => $this->printer->stitches($line),
            '' === $round->loops => $this->printer->stitches(Line::of(RepeatFinder::of($round->codes))),
            default => $this->printer->codes($round->codes, $round->loops),
        };
    }

    /** Chains that the round is begun with; a ring is not lifted. */
    private function lifts(Round $round): int
    {
        return $round->chainIsFirst || (1 === $round->number && 0 === $this->reading->on)
            ? $round->lifting->before
            : LiftingChains::usual($this->piece->worked, $round, $this->reading->rounds[$round->number - 2] ?? null);
    }

    private function chains(int $count): string
    {
        return $this->printer->codes(str_repeat(Stitch::Chain->code(), $count));
    }
}
