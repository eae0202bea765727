<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Making\LateCues;
use Alternum\Core\Making\Moment;
use Alternum\Core\Making\Placed;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StuffGo;
use Alternum\Core\Notation\LineCue;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Worked;

/** The steps of one piece written out to be worked from, as one of its copies is made. */
final readonly class StepWords
{
    /**
     * @param list<string> $begin    how the piece is begun where its first line does not say it
     * @param float        $sewingCm a tail to sew with
     */
    public function __construct(
        private Piece $piece,
        private Reading $reading,
        private Colouring $colouring,
        public RoundWords $rounds,
        private ChangeWords $changes,
        private YarnWords $yarns,
        private FinishWords $finish,
        private array $begin,
        private LateCues $late,
        private float $sewingCm,
    ) {
    }

    /** What is to be done; of rounds, their stitches with their yarns. */
    public function text(Step $step, bool $isBrief): string
    {
        $about = $step->about;

        return match (true) {
            null !== $step->worked => $this->rounds->text($step->worked),
            $about instanceof Change => "At stitch {$about->stitch}: ".lcfirst($this->toDo($about, $isBrief)),
            $about instanceof Placed => PlacingWords::toDo($about),
            $about instanceof StuffGo => $this->finish->stuff($about),
            $about instanceof Moment => $this->moment($step, $about),
            $about instanceof LineCue, $about instanceof Cue => $about->text,
            default => match ($step->kind) {
                StepKind::Start => implode('. ', [...$this->begin, ...$isBrief ? [] : $this->ring(), ...$this->finish->start($this->sewingCm)]),
                StepKind::Turn => $this->finish->turn(),
                StepKind::FastenOff => $this->finish->fastenOff(),
                StepKind::Close => $this->finish->close(),
                StepKind::Stuff => 'Do not stuff it',
                default => '',
            },
        };
    }

    /** What is wrong with it, where it cannot be done. */
    public function trouble(Step $step): ?string
    {
        return match (true) {
            null !== $step->worked && !$this->reading->rounds[$step->from - 1]->readable => 'This line could not be read: plain stitches stand in for it.',
            $step->about instanceof Placed && $step->about->isOutOfReach() => "After round {$step->about->deadline} no fingers get in, so it cannot be set"
                .' from inside.',
            Moment::DrawIn === $step->about => $this->finish->drawingTrouble(),
            $step->about instanceof LineCue, $step->about instanceof Cue => $this->late->isLate($step->to, $step->about->kind, $step->about->text)
                ? 'No fingers get in any more, so they cannot be set from inside.'
                : null,
            default => null,
        };
    }

    /** @return list<string> what is needed for it beside hook and yarn */
    public function needs(Step $step): array
    {
        return match (true) {
            $step->about instanceof Placed => [strtolower($step->about->placement->named())],
            $step->about instanceof StuffGo => ['stuffing'.(1 === $step->about->go ? ', about '.max(1, (int) round($step->about->grams)).' g in all' : '')],
            StepKind::Close === $step->kind, StepKind::Tail === $step->kind => ['yarn needle'],
            default => [],
        };
    }

    /** Whether the rounds' own words say it in full, so that a pattern need not say it again. */
    public function isSaidByRounds(Step $step): bool
    {
        return match (true) {
            $step->about instanceof Change => $this->isSaid($step->about),
            $step->about instanceof Moment => !\in_array($step->about, [Moment::MarkerMoves, Moment::StuffBetween, Moment::WeaveIn, Moment::DrawIn], true),
            default => false,
        };
    }

    private function moment(Step $step, Moment $moment): string
    {
        return match ($moment) {
            Moment::LastIsIncrease => 'The last stitch is an increase',
            Moment::LastIsDecrease => 'The last stitch is a decrease',
            Moment::CountOn => "Or count on, to {$step->figure} over both {$this->piece->worked->once()}s",
            Moment::FingersNoLongerFit => "After {$this->piece->worked->once()} {$step->to} fingers no longer fit: what needs both sides is done by now,"
                .' and ends inside are woven in',
            Moment::RingTight => $this->finish->ringTight(),
            Moment::MarkerMoves => rtrim($this->changes->onward($step->figure, $this->lastYarn($step->to)), '.'),
            Moment::StuffBetween => "At stitch {$step->stitch}: {$this->finish->stuffBetween()}",
            Moment::WeaveIn => $this->finish->weaveIn(),
            Moment::DrawIn => $this->finish->drawIn(),
        };
    }

    /** @return list<string> */
    private function ring(): array
    {
        return [] === $this->begin && $this->reading->isRing
            ? ["A magic ring in {$this->yarns->named($this->colouring->rounds[0][0])}"]
            : [];
    }

    private function lastYarn(int $round): string
    {
        return $this->colouring->rounds[$round - 1][-1];
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
}
