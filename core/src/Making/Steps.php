<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Change\Treatments;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\Finishing;
use Alternum\Core\Fabric\FinishPart;
use Alternum\Core\Fabric\FinishReason;
use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\LineCue;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\Changes;
use Alternum\Core\Place\HelixPart;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Finish\RingDrawn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Worked;

/** One piece in the steps that it is worked in: its rounds, gathered where they are alike, and all else where it belongs. */
final readonly class Steps
{
    /** Two rounds are counted in one go up to so many stitches. */
    private const COUNTED_ON = 48;
    /** Two flat pieces are stuffed when so much of their edges is closed. */
    private const MOST_OF_THE_WAY = 0.75;

    private function __construct(
        private Piece $piece,
        private Reading $reading,
        private Fabric $fabric,
        private Colouring $colouring,
        private Changes $changes,
        private Placing $placing,
        private Finishing $finishing,
    ) {
    }

    /** @return list<Step> in the order of the work; rounds that are alike in stitches and yarn are one step, and whatever is done between them parts them */
    public static function of(
        Piece $piece,
        Reading $reading,
        Fabric $fabric,
        Colouring $colouring,
        Changes $changes,
        Placing $placing,
        Finishing $finishing,
    ): array {
        $steps = new self(
            piece: $piece, reading: $reading, fabric: $fabric, colouring: $colouring, changes: $changes, placing: $placing, finishing: $finishing,
        );

        return [] === $reading->rounds ? [] : [...$steps->beginning(), ...$steps->rounds(), ...$steps->ending()];
    }

    /** @return list<Step> */
    private function beginning(): array
    {
        $steps = [Step::after(0, StepKind::Start)];
        foreach ($this->reading->said as $said) {
            if (0 === $said->after) {
                $steps[] = $this->hers(0, $said);
            }
        }

        return $steps;
    }

    /** @return list<Step> */
    private function rounds(): array
    {
        $rounds = $this->reading->rounds;
        [$told, $slips] = $this->told();
        $after = $this->afterRounds();
        $steps = [];
        $inHand = '';
        for ($i = 0, $end = \count($rounds); $i < $end; $i = $last + 1) {
            $last = $i;
            while ($i > 0 && !isset($slips[$i]) && !isset($told[$last + 1]) && !isset($after[$last + 1]) && isset($rounds[$last + 1])
                && self::areAlike($rounds[$last + 1], $rounds[$i]) && $this->colouring->rounds[$last + 1] === $this->colouring->rounds[$i]) {
                ++$last;
            }
            $changes = $told[$last + 1] ?? [];
            $steps[] = Step::rounds(new WorkedRounds(
                from: $i + 1,
                to: $last + 1,
                makes: $rounds[$i]->makes,
                inHand: $inHand,
                slips: isset($slips[$i]),
                ends: array_values(array_filter($changes, static fn (Change $change): bool => $change->isAtEnd && 0 === $change->onward))[0] ?? null,
            ));
            array_push(
                $steps,
                ...array_map(Step::change(...), $changes),
                ...$this->checks($i + 1, $last + 1),
                // It parts no rounds that are worked alike.
                ...$i < 2 && $last > 0 ? $this->ringTight() : [],
                ...$after[$last + 1] ?? [],
            );
            $letters = $this->colouring->rounds[$last];
            $inHand = '' === $letters ? $inHand : $letters[\strlen($letters) - 1];
        }

        return $steps;
    }

    /**
     * The changes that need a word, and the rounds from 0 that start with a slip stitch for one.
     *
     * @return array{array<int, list<Change>>, array<int, true>}
     */
    private function told(): array
    {
        $told = $slips = [];
        foreach ($this->changes->all as $change) {
            if (Method::SlipStitch === $change->method) {
                $slips[$change->treated] = true;
            }
            // How several yarns go on side by side is said in the first round in which they do. Within a round the line itself says which
            // yarn is next; only a short float behind the stitches needs no word.
            if (HelixPart::GoesOn !== $change->helix && ($change->isAtEnd || $change->isJog || OldYarn::Float !== $change->oldYarn
                || $change->passesBack || [] !== $change->catches)) {
                $told[$change->round][] = $change;
            }
        }

        return [$told, $slips];
    }

    /** @return array<int, non-empty-list<Step>> what is done once a round is worked and its yarn changed */
    private function afterRounds(): array
    {
        $last = \count($this->reading->rounds);
        $after = [];
        foreach (array_keys($this->piece->changes->at) as $round) {
            $onward = Treatments::onward($this->piece, $round);
            if ($round < $last && $onward > 0 && !$this->moves($round)) {
                $after[$round][] = Step::at($round, $round, Moment::MarkerMoves, $onward);
            }
        }
        foreach ($this->placing->placed as $placed) {
            if ($placed->placement->kind->hasWasher()) {
                // It is set once the round above it is worked, while the opening still lets a hand in.
                $after[min($last, $placed->round + 1)][] = Step::after(
                    min($last, $placed->round + 1),
                    $placed->isOutOfReach() ? StepKind::Thread : StepKind::Eyes,
                    $placed,
                );
            }
        }
        $reach = Worked::Rows === $this->piece->worked ? null : $this->fabric->openings()->deadline(1);
        if (null !== $reach && $reach < $last) {
            $after[$reach][] = Step::at($reach, $reach, Moment::FingersNoLongerFit);
        }
        if ($this->finishing->turned > 0 && !$this->finishing->isTyped(FinishPart::Turned)) {
            $after[$this->finishing->turned][] = Step::after($this->finishing->turned, StepKind::Turn);
        }
        $throughBoth = true === $this->piece->start?->join->isThroughBoth();
        foreach ($throughBoth ? [] : StuffingGoes::goes($this->fabric, $this->finishing) as $round => $go) {
            $after[$round][] = Step::after($round, StepKind::Stuff, $go);
        }
        if ($throughBoth && Firmness::None !== $this->finishing->firmness && !$this->finishing->isTyped(FinishPart::Stuffing)) {
            $stitch = (int) round(self::MOST_OF_THE_WAY * $this->reading->rounds[0]->makes);
            $after[1] = [Step::at(1, 1, Moment::StuffBetween, stitch: max(1, $stitch)), ...$after[1] ?? []];
        }
        foreach ($this->reading->rounds as $round) {
            foreach ($round->cues as $cue) {
                $after[$round->number][] = $this->hers($round->number, $cue);
            }
        }
        foreach ($this->reading->said as $said) {
            if ($said->after > 0) {
                $after[$said->after][] = $this->hers($said->after, $said);
            }
        }

        return $after;
    }

    /** @return list<Step> */
    private function ringTight(): array
    {
        return RingDrawn::AfterSecondRound === $this->finishing->ring && !$this->finishing->isTyped(FinishPart::Ring)
            ? [Step::at(2, 2, Moment::RingTight)]
            : [];
    }

    private function moves(int $round): bool
    {
        return [] !== array_filter($this->changes->all, static fn (Change $change): bool => $change->round === $round && $change->onward > 0);
    }

    /** @return list<Step> what the stitches of rounds that are worked alike tell at their end */
    private function checks(int $from, int $to): array
    {
        $round = $this->reading->rounds[$from - 1];
        $codes = $round->codes;
        if (!$round->readable || '' === $codes) {
            return [];
        }
        if ($from === $to) {
            $last = Stitch::ofCode($codes[\strlen($codes) - 1]);
            $isMixed = strspn($codes, $codes[0]) < \strlen($codes);

            return match (true) {
                !$isMixed || $last->makes() === $last->uses() => [],
                $last->makes() > $last->uses() && $last->uses() > 0 => [Step::at($from, $to, Moment::LastIsIncrease)],
                $last->makes() > 0 && $last->makes() < $last->uses() => [Step::at($from, $to, Moment::LastIsDecrease)],
                default => [],
            };
        }

        return $to === $from + 1 && Worked::Spiral === $this->piece->worked && 2 * $round->makes <= self::COUNTED_ON
            ? [Step::at($from, $to, Moment::CountOn, 2 * $round->makes)]
            : [];
    }

    /** @return list<Step> */
    private function ending(): array
    {
        $last = \count($this->reading->rounds);
        $end = $this->finishing->end;
        // That it stays empty is worth a word only where it is her choice.
        $isKeptEmpty = Firmness::None === $this->finishing->firmness && FinishReason::Chosen === $this->finishing->reasons[FinishPart::Stuffing->value];
        $steps = $isKeptEmpty ? [Step::after($last, StepKind::Stuff)] : [];
        $closes = !$this->finishing->isTyped(FinishPart::End) && (true === $end?->closes() || PieceEnd::NeedleJoin === $end);
        if ($closes && PieceEnd::Flat === $end) {
            $steps[] = Step::after($last, StepKind::Close);
        }
        if (!$this->finishing->fastened || FinishReason::Chosen === $this->finishing->reasons[FinishPart::Tail->value]) {
            $steps[] = Step::after($last, StepKind::FastenOff);
        }
        if ($closes && PieceEnd::Flat !== $end) {
            $steps[] = Step::after($last, StepKind::Close);
        }
        if (!$this->finishing->drawn->isNothing() && !$this->finishing->isTyped(FinishPart::Drawn)) {
            $steps[] = Step::at($last, $last, Moment::DrawIn);
        }
        if (null !== $end && !$end->closes() && (Tail::Weave === $this->finishing->start || PieceEnd::Sewn !== $end)) {
            $steps[] = Step::at($last, $last, Moment::WeaveIn);
        }
        foreach ($this->placing->placed as $placed) {
            if (!$placed->placement->kind->hasWasher()) {
                $steps[] = Step::after($last, StepKind::Part, $placed);
            }
        }

        return $steps;
    }

    /** Her own words. What closes a ring closes no piece, and what a remark says of stuffing is to be done as if it were a cue. */
    private function hers(int $round, LineCue|Cue $words): Step
    {
        [$kind, $text] = [$words->kind, $words->text];
        $isLast = $round === \count($this->reading->rounds);

        return Step::after($round, 1 === preg_match('/\bglue\b/i', $text) ? StepKind::Glue : match ($kind) {
            CueKind::Stuff => StepKind::Stuff,
            CueKind::Eyes => StepKind::Eyes,
            CueKind::Tail => StepKind::Tail,
            CueKind::FastenOff => StepKind::FastenOff,
            CueKind::Turn => StepKind::Turn,
            CueKind::Sew => 1 === preg_match('/\bembroider/i', $text) ? StepKind::Thread : StepKind::Sew,
            CueKind::Close => $isLast ? StepKind::Close : StepKind::Note,
            CueKind::Marker => StepKind::Check,
            CueKind::Part => StepKind::Part,
            CueKind::Yarn, CueKind::Note => \in_array($round, $this->finishing->stuffed, true) && 1 === preg_match('/^\W*(?:re)?stuff/i', $text)
                ? StepKind::Stuff
                : StepKind::Note,
        }, $words);
    }

    private static function areAlike(Round $one, Round $other): bool
    {
        return $one->codes === $other->codes && $one->loops === $other->loops && $one->closed === $other->closed
            && $one->lifting->before === $other->lifting->before && $one->lifting->after === $other->lifting->after
            && $one->below === $other->below && $one->readable === $other->readable;
    }
}
