<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Form\Openings;
use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\LineCue;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;

/** What the maker’s words set from inside when no fingers get in any more. */
final readonly class LateCues
{
    public function __construct(private Reading $reading, private Openings $openings)
    {
    }

    /** Whether words that are said after a round come too late for what they set. */
    public function isLate(int $after, LineCue|Cue $words): bool
    {
        $deadline = $this->openings->deadline(1);

        return CueKind::Eyes === $words->kind && null !== $deadline && $after > $deadline && $words->meaning()->setsFromInside;
    }

    /** @return list<Problem> each at its line */
    public function problems(): array
    {
        $problems = [];
        foreach ($this->reading->rounds as $round) {
            foreach ($round->cues as $cue) {
                if ($this->isLate($round->number, $cue)) {
                    $problems[] = $this->problem($round->line, $cue->span->from + 1, max(1, $cue->span->length()), $round->number);
                }
            }
        }
        foreach ($this->reading->said as $said) {
            if ($this->isLate($said->after, $said)) {
                $problems[] = $this->problem($said->line, 1, max(1, mb_strlen($said->text)), $said->after);
            }
        }

        return $problems;
    }

    private function problem(int $line, int $column, int $length, int $round): Problem
    {
        return Problem::inLine(
            $line,
            $column,
            $length,
            $round,
            0 === $this->openings->deadline(1)
                ? Message::of('cue.eyesNarrow')
                : Message::of('cue.eyesLate', deadline: (int) $this->openings->deadline(1), round: $round),
        );
    }
}
