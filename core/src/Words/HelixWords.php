<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\HelixPart;
use Alternum\Core\Place\OldYarn;

/** Several yarns in one spiral: how they are begun, how they go on, how they end. Common practice, no source. */
final readonly class HelixWords
{
    public function __construct(private YarnWords $yarns, private Vocabulary $vocabulary)
    {
    }

    public function toDo(Change $change): string
    {
        [$from, $to] = [$this->yarns->letter($change->yarns->from), $this->yarns->letter($change->yarns->to)];
        $slip = $this->vocabulary->abbreviation(Stitch::SlipStitch);

        return match (true) {
            HelixPart::Begins === $change->yarns->helix => "Put {$from}’s loop on a marker, where it waits."
                ." Begin {$to} in the next stitch".(null === $change->yarns->slips
                    ? '.'
                    : ", with a {$slip} in place of the first stitch, so that it rises gently."),
            HelixPart::Ends !== $change->yarns->helix => "Stop at {$to}’s loop. Put {$from}’s loop on a marker, pick up {$to} where it waits,"
                .' and work it up to the next loop: nothing passes behind, and no yarn is pulled.',
            default => "End {$from} at {$to}’s loop".(null === $change->yarns->slips
                ? '.'
                : " with a {$slip} in place of its last stitch, so that the edge lies level.")
            .(OldYarn::Cut === $change->yarns->old ? '' : " Draw {$from}’s ball through its loop, so that it holds.")." Pick up {$to} where it waits.",
        };
    }
}
