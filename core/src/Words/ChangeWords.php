<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Change\Treatments;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\Changes;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** What a change is, what to do there and why, in the maker's words. */
final readonly class ChangeWords
{
    /** A float of more stitches is a separate length, or something that is not worked in: common practice, no source. */
    private const FAR = 10;

    private Vocabulary $vocabulary;

    public function __construct(
        private Plan $plan,
        private Piece $piece,
        private Fabric $fabric,
        private Reading $reading,
        private YarnWords $yarns,
        Terms $terms,
    ) {
        $this->vocabulary = Vocabulary::of($terms);
    }

    /** "after stitch 24 of round 7: B → A, at 214°, a jog of one round, at the back". */
    public function summary(Change $change): string
    {
        $place = "after stitch {$change->stitch} of {$this->once()} {$change->round}: {$this->yarns->letter(
            $change->from,
        )} → {$this->yarns->letter($change->to)}";
        if (Worked::Rows === $this->piece->worked) {
            return $place.($change->isAtEnd ? ', at the edge' : ', within the row');
        }
        $place .= ', at '.((int) round($change->degrees) % 360).'°';
        if (!$change->isJog) {
            return "{$place}, within the round";
        }
        $high = match ($change->method) {
            Method::Plain => 'a jog of one round',
            Method::SlipStitch => 'a jog of about ½ round',
            Method::DrawnLoop => 'a jog of about ⅓ round',
            Method::ClosedRound => 'a seam line rather than a jog',
        };

        return "{$place}, {$high}, ".self::seen($change);
    }

    /** Where its place is: "shows, 38° from the front". */
    public static function seen(Change $change): string
    {
        $apart = round($change->fromFront).'° from the front';

        return match (true) {
            !$change->isJog => $change->isAtEnd ? 'at the edge' : 'within the round',
            $change->shows() => "shows, {$apart}",
            $change->fromFront >= Treatments::BACK_FROM => 'at the back',
            default => "at the side, {$apart}",
        };
    }

    /** What to do, a sentence a step. */
    public function toDo(Change $change): string
    {
        $last = Stitch::ofCode($this->fabric->rounds[$change->round - 1]->tops[$change->stitch - 1]);
        $from = $this->yarns->letter($change->from);
        $steps = [
            "Work the last {$this->vocabulary->abbreviation($last)} in {$this->yarns->named(
                $change->from,
            )} to the last yarn over; finish with {$this->yarns->named($change->to)}.",
        ];
        if (null !== $change->takenFrom) {
            $steps[] = $change->takenFrom === $change->round
                ? null
                : "Take {$this->yarns->letter($change->to)} up from {$this->once()} {$change->takenFrom}, where it hangs.";
        }
        $next = $change->round + 1;
        $steps[] = match ($change->method) {
            Method::Plain => null,
            Method::SlipStitch => $this->slipped($next),
            Method::DrawnLoop => 'Drop the loop. Insert the hook from front to back under both loops of the next stitch, the first of round '
                ."{$change->round}, pull the loop through and snug it. Round {$next} starts in the stitch after it and ends in the one the loop was"
                .' pulled through: move the marker one stitch on.',
            Method::ClosedRound => "Join with a {$this->vocabulary->abbreviation(Stitch::SlipStitch)} in {$this->yarns->letter($change->to)}.",
        };
        $steps[] = match ($change->oldYarn) {
            OldYarn::Cut => "Cut {$from}, leaving {$this->yarns->length($this->plan->yarnUse->tailCm)}.",
            OldYarn::Carry => $change->isAtEnd
                ? "Leave {$from} hanging inside; take it up again in {$this->once()} {$change->backRound}, without pulling."
                : "Leave {$from} hanging inside; in {$this->once()} {$change->backRound} bring it loosely across to stitch {$change->backStitch}.",
            OldYarn::Float => $change->passesBack
                ? "Leave {$from} hanging at the marker; at stitch {$change->backStitch} of {$this->once()} {$change->backRound} bring it back loosely"
                    ." across {$this->stitches($change->passes)}."
                : "Carry {$from} loosely across the inside; it comes back at stitch {$change->backStitch} of {$this->once()} {$change->backRound}.",
        };
        if ([] !== $change->catches) {
            $steps[] = "Catch {$from} behind at stitch ".YarnWords::listed(...array_map(
                strval(...),
                $change->catches,
            )).", as it passes {$change->passes} stitches."
                .($change->passes > self::FAR ? ' That is far for one float: a separate length for each spot, a bobble, or a circle sewn on shows less.' : '');
        }
        if ('' !== $change->hanging) {
            $letters = array_map($this->yarns->letter(...), str_split($change->hanging));
            $steps[] = YarnWords::listed(...$letters).(1 === \count($letters) ? ' goes on hanging inside.' : ' go on hanging inside.');
        }

        return implode(' ', array_filter($steps, static fn (?string $step): bool => null !== $step));
    }

    /** Why this method, and why the old yarn is cut or kept. */
    public function why(Change $change): string
    {
        return rtrim("{$this->whyMethod($change)} {$this->whyYarn($change)} {$this->whyJoined($change)}");
    }

    private function whyMethod(Change $change): string
    {
        $away = round($change->fromFront).'° from the front';

        return match (true) {
            !$change->isJog && $change->isAtEnd => 'A row ends at an edge, where no jog is seen.',
            !$change->isJog => "A change within a {$this->once()} leaves no jog.",
            Method::ClosedRound === $change->method => 'Joined rounds are closed, so the colours meet at the seam.',
            $change->isChosen && Method::SlipStitch === $change->method && $change->isStacked => 'You chose it. Slip stitches stacked over stripes of one'
                .' round pucker: nine of them are six rounds short. A plain change at the back shows less.',
            $change->isChosen => 'You chose it.',
            Method::Plain === $change->method && !$change->shows() => "The jog lies {$away}, where it is not seen: a plain change is quickest.",
            Method::Plain === $change->method && $change->isStacked => "The jog shows, {$away}; slip stitches stacked over stripes of one round would pucker,"
                .' so the change stays plain. Turn the front, so that it lies at the back.',
            Method::Plain === $change->method => "The jog shows, {$away}; the next {$this->once()} does not start with a single stitch, so a slip stitch"
                .' cannot stand for it. Turn the front, so that it lies at the back.',
            Method::DrawnLoop === $change->method => "The jog would show, {$away}; pulling the loop through leaves about a third of it.",
            $change->isOfPlaces => "The jog would show, {$away}; pulling the loop through would move the picture that makes it, so a slip stitch halves it.",
            default => "The jog would show, {$away}; a stripe of one round cannot hold the loop down, so a slip stitch halves it.",
        };
    }

    private function whyYarn(Change $change): string
    {
        $from = $this->yarns->letter($change->from);
        if (\in_array($change->typed, [YarnWay::Cut, YarnWay::Carry, YarnWay::Float], true) && $change->oldYarn->value === $change->typed->value) {
            return "Your words say to {$change->typed->value} {$from}.";
        }
        $after = 0 === $change->waits ? "in the next {$this->once()}" : "after {$this->rounds($change->waits ?? 0)}";

        return match (true) {
            OldYarn::Float === $change->oldYarn => "{$from} comes back in the same {$this->once()}.",
            OldYarn::Carry === $change->oldYarn => "{$from} comes back {$after}, near enough to carry.",
            null === $change->backRound => "{$from} is not used again.",
            ($change->waits ?? 0) <= Changes::CARRIED_OVER => "{$from} hangs at the other edge when it is wanted: two tails, or take three yarns in turn.",
            default => "{$from} comes back only {$after}, too far to carry: two tails.",
        };
    }

    /** How a round starts that a slip stitch begins: it keeps its count. */
    private function slipped(int $round): string
    {
        $slip = $this->vocabulary->abbreviation(Stitch::SlipStitch);
        $single = $this->vocabulary->abbreviation(Stitch::Single);

        return $this->reading->rounds[$round - 1]->startsWith(Stitch::Increase)
            ? "Start {$this->once()} {$round} with a {$slip} and a {$single} in the same stitch: they are its first increase."
            : "Start {$this->once()} {$round} with a {$slip} in the first stitch, in place of its {$single}: it counts as one.";
    }

    private function whyJoined(Change $change): string
    {
        return match ($change->typed) {
            YarnWay::Over => 'Your words say to work over its tail.',
            YarnWay::Standing => "Your words say to begin {$this->yarns->letter($change->to)} with a standing stitch.",
            default => '',
        };
    }

    private function stitches(int $stitches): string
    {
        return $stitches.(1 === $stitches ? ' stitch' : ' stitches');
    }

    private function rounds(int $rounds): string
    {
        return $rounds.' '.$this->once().(1 === $rounds ? '' : 's');
    }

    private function once(): string
    {
        return $this->piece->worked->once();
    }
}
