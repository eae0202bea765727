<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Place\Change;
use Alternum\Core\Words\ChangeWords;

/** A colour change as values for JSON: contract/analysis.schema.json, Change. */
final readonly class ChangeWriter
{
    public function __construct(private ChangeWords $words)
    {
    }

    /** @return array<string, mixed> */
    public function values(Change $change): array
    {
        return [
            'round' => $change->round,
            'stitch' => $change->stitch,
            'from' => $change->from,
            'to' => $change->to,
            'degrees' => Rounded::of($change->degrees) < 360.0 ? Rounded::of($change->degrees) : 0.0,
            'fromFront' => Rounded::of($change->fromFront),
            'jog' => $change->isJog,
            'method' => $change->method->value,
            'methodLabel' => $change->method->label(),
            'chosen' => $change->isChosen,
            'stepRounds' => $change->step,
            'shows' => $change->shows(),
            'oldYarn' => $change->oldYarn->value,
            'backRound' => $change->backRound,
            'summary' => $this->words->summary($change),
            'toDo' => $this->words->toDo($change),
            'why' => $this->words->why($change),
        ];
    }
}
