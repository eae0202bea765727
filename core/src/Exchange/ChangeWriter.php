<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Change\Ways;
use Alternum\Core\Making\Placed;
use Alternum\Core\Notation\Reading;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Toy\LaidJoint;
use Alternum\Core\Words\ChangeWords;
use Alternum\Core\Words\Drawing\Drawings;
use Alternum\Core\Words\PlacingWords;
use Alternum\Core\Words\SideWords;
use Alternum\Core\Words\YarnWords;

/** A colour change as values for JSON: contract/analysis.schema.json, Change. */
final readonly class ChangeWriter
{
    /** @param array<int, Placed|LaidJoint> $covers what hides the jog at a round's end */
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
            sides: SideWords::of($stages->frame->lies()),
            terms: $plan->terms,
            covers: array_map(PlacingWords::it(...), $analysis->covers()),
        ), $stages->reading, $analysis->covers());
    }

    /** @return array<string, mixed> */
    public function values(Change $change): array
    {
        $cover = $change->place->isJog ? $this->covers[$change->place->treated] ?? null : null;

        return [
            'round' => $change->place->round,
            'stitch' => $change->place->stitch,
            'from' => $change->yarns->from,
            'to' => $change->yarns->to,
            'degrees' => Rounded::of($change->place->degrees) < 360.0 ? Rounded::of($change->place->degrees) : 0.0,
            'fromFront' => Rounded::of($change->place->fromFront),
            'jog' => $change->place->isJog,
            'method' => $change->treatment->method->value,
            'methodLabel' => Ways::of($change->treatment->method)->label(),
            'methodShort' => Ways::of($change->treatment->method)->short(),
            'chosen' => $change->treatment->isChosen,
            'stepRounds' => Ways::of($change->treatment->method)->needsCover() && null === $cover ? 1.0 : $change->treatment->step,
            'shows' => $change->shows() && null === $cover,
            'coveredBy' => null === $cover ? null : PlacingWords::it($cover),
            'onward' => $change->treatment->onward,
            'toBack' => null === $cover ? $change->place->toBack : null,
            'canBeCrisp' => $change->place->isJog && ($this->reading->rounds[$change->place->treated] ?? null)?->loops === '',
            'treated' => $change->place->treated,
            'onLine' => null !== $change->treatment->line,
            'oldYarn' => $change->yarns->old->value,
            'newEnd' => null === $change->yarns->takenFrom,
            'drawings' => Drawings::ofChange($change),
            'backRound' => $change->yarns->backRound,
            'summary' => $this->words->summary($change).(null === $cover ? '' : ', hidden under '.PlacingWords::it($cover)),
            'toDo' => $this->words->toDo($change),
            'why' => $this->words->why($change),
        ];
    }
}
