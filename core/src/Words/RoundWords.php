<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Change\Ways;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Making\Segments;
use Alternum\Core\Making\WorkedRounds;
use Alternum\Core\Notation\Closed;
use Alternum\Core\Notation\LiftingChains;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Spelling;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Closing;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** The rounds of one piece written out with their yarns, as one of its copies is made. */
final readonly class RoundWords
{
    /** Of the stitches that go into one. */
    public const ORDINALS = ['first', 'second', 'third', 'fourth', 'fifth'];

    private Printer $printer;

    public function __construct(
        private Piece $piece,
        private Reading $reading,
        private Colouring $colouring,
        private YarnWords $yarns,
        Terms $terms,
        private Spelling $spelling,
        private bool $isNeedleJoined = false,
    ) {
        $this->printer = new Printer($terms, $piece->worked, $spelling);
    }

    /** The number of the last round. */
    public function last(): int
    {
        return \count($this->reading->rounds);
    }

    /** "R4: (2 sc, inc) x6; change to B in last st, keep A (24)" */
    public function text(WorkedRounds $worked): string
    {
        return $this->line($worked, ' '.$this->spelling->count($worked->makes), []);
    }

    /**
     * The rounds as a written pattern has them: what is done with them before their count, which stands last.
     *
     * @param list<string> $with sentences
     */
    public function patternLine(WorkedRounds $worked, array $with): string
    {
        return $this->line($worked, '', [...array_map(static fn (string $one): string => rtrim($one, '. '), $with), $this->spelling->count($worked->makes)]);
    }

    /** @return list<string> the yarn that the rounds begin in, as a heading over them; none where it is in hand */
    public function yarnHeading(WorkedRounds $worked): array
    {
        $letters = $this->colouring->rounds[$worked->from - 1];
        $first = $letters[0];
        // A round in several yarns names each of them on its line.
        $isPlain = strspn($letters, $first) === \strlen($letters);

        return $first === $worked->inHand || !$isPlain ? [] : ["With {$this->yarns->letter($first)}"];
    }

    /**
     * @param string       $count where it stands before what closes the round
     * @param list<string> $with  sentences after it
     */
    private function line(WorkedRounds $worked, string $count, array $with): string
    {
        $round = $this->reading->rounds[$worked->from - 1];
        $head = $this->printer->head($worked->from, $worked->to);
        if (!$round->readable) {
            return $this->piece->rounds[$round->line - 1] ?? "{$head}:";
        }
        $stitches = $this->stitches(
            $this->reading->syntax->worked()[$worked->from - 1]->bare(),
            [] === $worked->slips ? $round : $round->slippedAt($worked->slips),
            $this->colouring->rounds[$worked->from - 1],
            Spelling::Pattern === $this->spelling ? $this->named($this->colouring->rounds[$worked->from - 1]) : $worked->inHand,
            [] !== $worked->slips,
        );

        return "{$head}: ".implode('. ', [$stitches.$this->change($worked).$count.$this->closing($round, $worked), ...$with]);
    }

    /** The yarn that is named above a round in a pattern; '' where its line names all of its own. */
    private function named(string $letters): string
    {
        return strspn($letters, $letters[0]) === \strlen($letters) ? $letters[0] : '';
    }

    /** @return list<string> the letters of the yarns that its rounds are worked in, in working order, as this copy has them */
    public function yarns(WorkedRounds $worked): array
    {
        $letters = [];
        foreach (Colouring::runs($this->colouring->rounds[$worked->from - 1]) as $run) {
            $letters[$run->yarn] = $this->yarns->letter($run->yarn);
        }

        return array_values(array_unique($letters));
    }

    /** @return list<array{yarn: string, text: string}> the stitches of its rounds, a group for each stretch in one yarn */
    public function groups(WorkedRounds $worked): array
    {
        $round = $this->reading->rounds[$worked->from - 1];
        if (!$round->readable) {
            return [];
        }
        $letters = $this->colouring->rounds[$worked->from - 1];
        $round = [] === $worked->slips ? $round : $round->slippedAt($worked->slips);
        [$before, $after] = $this->around($round);
        // The maker stops short for a change, so it is said with the stitches, not after them.
        $after .= $this->change($worked).$this->closing($round, $worked);
        if (strspn($letters, $letters[0]) === \strlen($letters)) {
            return [[
                'yarn' => $this->yarns->letter($letters[0]),
                'text' => $before.$this->whole($this->reading->syntax->worked()[$worked->from - 1]->bare(), $round, [] !== $worked->slips).$after,
            ]];
        }
        $parts = $this->parts($round, $letters, $before, $after);

        return array_map(fn (array $part): array => [
            'yarn' => implode('', array_map($this->yarns->letter(...), array_unique('' === $part[0] ? [] : str_split($part[0])))),
            'text' => $part[1],
        ], $parts);
    }

    /** @return list<array{string, string}> stretches of a round in one yarn, with what begins and ends it: the yarns as planned, the stitches */
    private function parts(Round $round, string $letters, string $before, string $after): array
    {
        $parts = [];
        foreach (Segments::of($round->codes, $letters) as $segment) {
            // The chain that stands for the first stitch is said as the chain.
            $skip = 0 === $segment->from && $round->chainIsFirst ? 1 : 0;
            $codes = substr($round->codes, $segment->from + $skip, $segment->stitches - $skip);
            $loops = substr($round->loops, $segment->from + $skip, $segment->stitches - $skip);
            $part = $this->printer->shortest($codes, $loops);
            if (\strlen($segment->yarns) > 1) {
                $part .= ': '.$this->tops($segment->yarns, $this->printer->codes(Stitch::ofCode($round->codes[$segment->from])->tops()[0]));
            }
            $parts[] = [
                $segment->yarns,
                (0 === $segment->from ? rtrim($before, '' === $part ? ', ' : '') : '').$part
                    .($segment->from + $segment->stitches === \strlen($round->codes) ? $after : ''),
            ];
        }

        return $parts;
    }

    /** The stitches of an increase in several yarns: "first sc with A, second with B", "first sc with A, the others with B". */
    private function tops(string $yarns, string $stitch): string
    {
        $said = [];
        for ($i = 0, $end = \strlen($yarns); $i < $end; ++$i) {
            $areAlike = $i > 0 && $i < $end - 1 && strspn($yarns, $yarns[$i], $i) === $end - $i;
            $said[] = match (true) {
                0 === $i => "first {$stitch}",
                $areAlike => 'the others',
                default => self::ORDINALS[$i],
            }." with {$this->yarns->letter($yarns[$i])}";
            $i = $areAlike ? $end : $i;
        }

        return implode(', ', $said);
    }

    /** @return array{string, string} the chains and the turn before a round's stitches, and the chains after them */
    private function around(Round $round): array
    {
        $lifts = $this->lifts($round);
        $turn = Worked::Rows === $this->piece->worked && $round->number > 1 ? 'turn, ' : '';

        return [
            0 === $lifts ? '' : "{$this->chains($lifts)}, {$turn}",
            0 === $round->lifting->after ? '' : ', '.$this->chains($round->lifting->after),
        ];
    }

    /** The change at the end of the last of the rounds, before which the maker stops short: "; change to B in last st, keep A". */
    private function change(WorkedRounds $worked): string
    {
        $change = $worked->ends;
        if (null === $change) {
            return '';
        }
        [$from, $to] = [$this->yarns->letter($change->yarns->from), $this->yarns->letter($change->yarns->to)];
        $where = $worked->from === $worked->to ? 'in last st' : 'at end of '.$this->printer->head($worked->to, $worked->to);

        return Ways::of($change->treatment->method)->inRound($from, $to, $this->printer->codes(Stitch::Single->code())) ?? match (true) {
            null === $change->yarns->takenFrom => "; attach {$to} {$where}",
            default => "; change to {$to} {$where}",
        }.match (true) {
            OldYarn::Cut === $change->yarns->old => ", cut {$from}",
            OldYarn::Carry === $change->yarns->old => ", keep {$from}",
            default => '',
        };
    }

    private function closing(Round $round, WorkedRounds $worked): string
    {
        $change = $worked->ends;
        $isJoined = Worked::Joined === $this->piece->worked;
        $isMany = $worked->to > $worked->from;
        $joins = $isMany ? 'join each' : 'join';
        $isPlain = null !== $change && null === Ways::of($change->treatment->method)->inRound('', '', '');
        $in = $isPlain ? $this->yarns->letter($change->yarns->to) : null;
        $back = Closing::BackLoop === $this->piece->closing ? 'back loop of ' : '';

        // Where the chain stands for the first stitch, that is joined in its top.
        $first = $round->chainIsFirst && '' === $back ? "top of ch {$this->lifts($round)}" : "{$back}first st";
        $others = $isMany ? ", join all but the last with sl st in {$first}" : '';

        return match (true) {
            // The needle joins it instead.
            $this->isNeedleJoined && $worked->to === \count($this->reading->rounds) => $others,
            !$isJoined => null === $round->closed ? '' : ", {$round->closed->value}",
            // So does the standing start of the next.
            null !== $change && $change->place->isJog && Ways::of($change->treatment->method)->parts() => $others,
            null !== $in && !$isMany => "; sl st to {$first} in {$in}",
            $round->chainIsFirst && '' === $back, Closed::ToBackLoop !== $round->closed => ", {$joins} with sl st in {$first}",
            default => ", {$round->closed->value}",
        };
    }

    /** The round's stitches, with their yarns where they are not the one in hand. */
    private function stitches(Line $line, Round $round, string $letters, string $inHand, bool $slips): string
    {
        [$before, $after] = $this->around($round);
        if (strspn($letters, $letters[0]) === \strlen($letters)) {
            return ($letters[0] === $inHand ? '' : $this->with($letters[0])).$before.$this->whole($line, $round, $slips).$after;
        }
        $said = [];
        $first = $line->items[0] ?? null;
        $parts = $this->parts($round, $letters, $before, $after);
        $again = RepeatedRuns::in($parts);
        foreach ($parts as $i => [$yarns, $text]) {
            if (null !== $again && $i === $again->from) {
                $once = array_map(fn (array $part): string => $this->with($part[0]).$part[1], \array_slice($parts, $i, $again->long));
                $said[] = '('.implode('; ', $once).')'.$this->spelling->times($again->times);
            } elseif (null === $again || $i < $again->from || $i >= $again->end()) {
                $said[] = ($inHand === $yarns || \strlen($yarns) > 1 ? '' : $this->with($yarns)).$text;
            }
            $inHand = $yarns[\strlen($yarns) - 1];
        }

        return ($first instanceof Foundation ? $this->printer->foundation($first).', ' : '').implode('; ', $said);
    }

    private function with(string $yarns): string
    {
        return $this->yarns->with($yarns, Spelling::Pattern === $this->spelling);
    }

    /** The stitches of a round in one yarn, as typed; one that starts with a slip stitch is written anew. */
    private function whole(Line $line, Round $round, bool $slips): string
    {
        return $slips ? $this->printer->shortest($round->codes, $round->loops) : $this->printer->stitches($line);
    }

    /** Chains that the round is begun with; a ring is not lifted. */
    private function lifts(Round $round): int
    {
        return $round->chainIsFirst || (1 === $round->number && 0 === $this->reading->on)
            ? $round->lifting->before
            : LiftingChains::usual($this->piece->worked, $round, $this->reading->rounds[$round->number - 2] ?? null, $this->piece->lift);
    }

    private function chains(int $count): string
    {
        return $this->printer->codes(str_repeat(Stitch::Chain->code(), $count));
    }
}
