<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Units;
use Alternum\Core\Plan\Worked;

/** What a change is, what to do there and why, in the maker's words. */
final readonly class Words
{
    private Vocabulary $vocabulary;

    public function __construct(private Plan $plan, private Piece $piece, private Fabric $fabric, Terms $terms)
    {
        $this->vocabulary = Vocabulary::of($terms);
    }

    /** "after stitch 24 of round 7: B → A, at 214°, one round high, hidden at the back". */
    public function summary(Change $change): string
    {
        $place = "after stitch {$change->stitch} of {$this->once()} {$change->round}: {$change->from} → {$change->to}";
        if (Worked::Rows === $this->piece->worked) {
            return $place;
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

        return "{$place}, {$high}, ".Changes::seen($change);
    }

    /** What to do, a sentence a step. */
    public function toDo(Change $change): string
    {
        $course = $this->fabric->courses[$change->round - 1];
        $last = Stitch::ofCode($course->tops[$change->stitch - 1]);
        $name = $this->vocabulary->abbreviation($last);
        $next = $change->isJog ? $change->round + 1 : $change->round;
        $steps = ["Work the last {$name} in {$this->yarn($change->from)} up to its last pull-through, then pull {$this->yarn($change->to)} through."];
        $steps[] = match ($change->method) {
            Method::Plain => null,
            Method::SlipStitch => "Make the first stitch of {$this->once()} {$next} a {$this->vocabulary->abbreviation(Stitch::SlipStitch)}; later work into it as into any other.",
            Method::DrawnLoop => "Take the loop off the hook, put the hook through the next stitch and draw the loop through. Round {$next} begins after it: move the marker one stitch on.",
            Method::ClosedRound => 'Close the round with a '.$this->vocabulary->abbreviation(Stitch::SlipStitch).' in the new yarn, then chain up.',
        };
        $tail = $this->length($this->plan->yarnUse->tailCm);
        $steps[] = match ($change->fate) {
            Fate::Cut => "Cut {$change->from}, leaving {$tail}.",
            Fate::Carry => "Leave {$change->from} hanging inside; take it up again in {$this->once()} {$change->backRound}, without pulling.",
            Fate::Float => "Let {$change->from} lie behind; it comes back at stitch {$change->backStitch} of {$this->once()} {$change->backRound}.",
        };

        return implode(' ', array_filter($steps));
    }

    /** Why this method, and why the old yarn is cut or kept. */
    public function why(Change $change): string
    {
        $round = $this->once();
        $method = match (true) {
            !$change->isJog => 'A change within a round leaves no step.',
            Method::ClosedRound === $change->method => 'Joined rounds are closed, so the colours meet at the seam.',
            $change->chosen => 'You chose it.',
            Method::Plain === $change->method => 'The step lies '.round($change->fromFront).'° from the front, where it is not seen: the plain swap is quickest.',
            Method::DrawnLoop === $change->method => 'The step would show, '.round($change->fromFront).'° from the front; a drawn loop leaves the least of it.',
            default => 'The step would show, '.round($change->fromFront)."° from the front; a stripe of one {$round} cannot hold a drawn loop down, so a slip stitch halves it.",
        };
        $back = $change->backRound ?? 0;
        $between = $back - $change->round - 1;
        $yarn = match (true) {
            \in_array($change->typed, [YarnWay::Cut, YarnWay::Carry, YarnWay::Float], true) && $change->fate->value === $change->typed->value => "Your words say to {$change->typed->value} {$change->from}.",
            Fate::Float === $change->fate => "{$change->from} comes back in the same {$round}.",
            Fate::Carry === $change->fate => "{$change->from} comes back after ".$this->rounds(max(1, $between)).', near enough to carry.',
            null === $change->backRound => "{$change->from} is not used again.",
            default => "{$change->from} comes back only after ".$this->rounds($between).', too far to carry: two tails.',
        };

        $joined = match ($change->typed) {
            YarnWay::Over => ' Your words say to work over its tail.',
            YarnWay::Standing => " Your words say to begin {$change->to} with a standing stitch.",
            default => '',
        };

        return "{$method} {$yarn}{$joined}";
    }

    private function rounds(int $rounds): string
    {
        return $rounds.' '.$this->once().(1 === $rounds ? '' : 's');
    }

    private function once(): string
    {
        return $this->piece->worked->once();
    }

    private function yarn(string $key): string
    {
        $yarn = $this->plan->yarn($key);

        return null === $yarn || '' === $yarn->name ? $key : "{$key} ({$yarn->name})";
    }

    private function length(float $cm): string
    {
        return Units::Metric === $this->plan->units ? round($cm).' cm' : round($cm / 2.54).' in';
    }
}
