<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Change\Treatments;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** What a change is, what to do there and why, in the maker's words. */
final readonly class ChangeWords
{
    private Vocabulary $vocabulary;

    public function __construct(private Plan $plan, private Piece $piece, private Fabric $fabric, private YarnWords $yarns, Terms $terms)
    {
        $this->vocabulary = Vocabulary::of($terms);
    }

    /** "after stitch 24 of round 7: B → A, at 214°, one round high, hidden at the back". */
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
            Method::Plain => 'one round high',
            Method::SlipStitch => 'half a round high',
            Method::DrawnLoop => 'a third of a round high',
            Method::ClosedRound => 'a seam line rather than a step',
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
            $change->fromFront >= Treatments::BACK_FROM => 'hidden at the back',
            default => "hidden at the side, {$apart}",
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
            )} up to its last pull-through, then pull {$this->yarns->named($change->to)} through.",
        ];
        if (null !== $change->takenFrom) {
            $steps[] = $change->takenFrom === $change->round
                ? null
                : "Take {$this->yarns->letter($change->to)} up from where it was left in {$this->once()} {$change->takenFrom}.";
        }
        $next = $change->round + 1;
        $steps[] = match ($change->method) {
            Method::Plain => null,
            Method::SlipStitch => "Make the first stitch of {$this->once()} {$next} a {$this->vocabulary->abbreviation(
                Stitch::SlipStitch,
            )}; later work into it as into any other.",
            Method::DrawnLoop => 'Take the loop off the hook, put the hook through the next stitch and draw the loop through.'
                ." Round {$next} begins after it: move the marker one stitch on.",
            Method::ClosedRound => 'Close the round with a '.$this->vocabulary->abbreviation(Stitch::SlipStitch).' in the new yarn, then chain up.',
        };
        $steps[] = match ($change->oldYarn) {
            OldYarn::Cut => "Cut {$from}, leaving {$this->yarns->length($this->plan->yarnUse->tailCm)}.",
            OldYarn::Carry => "Leave {$from} hanging inside; take it up again in {$this->once()} {$change->backRound}, without pulling.",
            OldYarn::Float => "Let {$from} lie behind; it comes back at stitch {$change->backStitch} of {$this->once()} {$change->backRound}.",
        };
        if ([] !== $change->catches) {
            $steps[] = "Catch {$from} behind at stitch ".YarnWords::listed(...array_map(
                strval(...),
                $change->catches,
            )).", as it passes {$change->passes()} stitches.";
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
            !$change->isJog && $change->isAtEnd => 'A row ends at an edge, where no step is seen.',
            !$change->isJog => "A change within a {$this->once()} leaves no step.",
            Method::ClosedRound === $change->method => 'Joined rounds are closed, so the colours meet at the seam.',
            $change->isChosen => 'You chose it.',
            Method::Plain === $change->method => "The step lies {$away}, where it is not seen: the plain swap is quickest.",
            Method::DrawnLoop === $change->method => "The step would show, {$away}; a drawn loop leaves the least of it.",
            $change->isOfPlaces => "The step would show, {$away}; a drawn loop would move the picture that makes it, so a slip stitch halves it.",
            default => "The step would show, {$away}; a stripe of one round cannot hold a drawn loop down, so a slip stitch halves it.",
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
            default => "{$from} comes back only {$after}, too far to carry: two tails.",
        };
    }

    private function whyJoined(Change $change): string
    {
        return match ($change->typed) {
            YarnWay::Over => 'Your words say to work over its tail.',
            YarnWay::Standing => "Your words say to begin {$this->yarns->letter($change->to)} with a standing stitch.",
            default => '',
        };
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
