<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Change\Ways;
use Alternum\Core\Making\Placed;
use Alternum\Core\Notation\Reading;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Words\ChangeWords;
use Alternum\Core\Words\Drawing\Drawings;
use Alternum\Core\Words\PlacingWords;
use Alternum\Core\Words\YarnWords;

/** A colour change as values for JSON: contract/analysis.schema.json, Change. */
final readonly class ChangeWriter
{
    /** @param array<int, Placed> $covers what hides the jog at a round's end */
    private function __construct(private ChangeWords $words, private Reading $reading, private array $covers)
    {
    }

    public static function of(Plan $plan, PieceAnalysis $analysis): self
    {
        $stages = $analysis->stages;

        return new self(new ChangeWords(
            plan: $plan,
            piece: $analysis->piece,
            fabric: $stages->fabric,
            reading: $stages->reading,
            finishing: $analysis->finishing,
            yarns: new YarnWords($plan),
            terms: $plan->terms,
            covers: array_map(PlacingWords::it(...), $analysis->covers()),
        ), $stages->reading, $analysis->covers());
    }

    /** @return array<string, mixed> */
    public function values(Change $change): array
    {
        $cover = $change->isJog ? $this->covers[$change->treated] ?? null : null;

        return [
            'round' => $change->round,
            'stitch' => $change->stitch,
            'from' => $change->from,
            'to' => $change->to,
            'degrees' => Rounded::of($change->degrees) < 360.0 ? Rounded::of($change->degrees) : 0.0,
            'fromFront' => Rounded::of($change->fromFront),
            'jog' => $change->isJog,
            'method' => $change->method->value,
            'methodLabel' => Ways::of($change->method)->label(),
            'methodShort' => Ways::of($change->method)->short(),
            'chosen' => $change->isChosen,
            'stepRounds' => Ways::of($change->method)->needsCover() && null === $cover ? 1.0 : $change->step,
            'shows' => $change->shows() && null === $cover,
            'coveredBy' => null === $cover ? null : PlacingWords::it($cover),
            'onward' => $change->onward,
            'toBack' => null === $cover ? $change->toBack : null,
            'canBeCrisp' => $change->isJog && ($this->reading->rounds[$change->treated] ?? null)?->loops === '',
            'treated' => $change->treated,
            'onLine' => null !== $change->line,
            'oldYarn' => $change->oldYarn->value,
            'newEnd' => null === $change->takenFrom,
            'drawings' => Drawings::ofChange($change),
            'backRound' => $change->backRound,
            'summary' => $this->words->summary($change).(null === $cover ? '' : ', hidden under '.PlacingWords::it($cover)),
            'toDo' => $this->words->toDo($change),
            'why' => $this->words->why($change),
        ];
    }
}
