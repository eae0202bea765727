<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\GoesWithRounds;
use Alternum\Core\Making\PatternLine;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\WorkedRounds;
use Alternum\Core\Place\Change;

/** A change of yarn that needs a word. */
final readonly class ChangeYarn extends Step implements GoesWithRounds
{
    private function __construct(StepAddress $at, public Change $change, private bool $isSaid, private string $once)
    {
        parent::__construct($at);
    }

    public static function with(StepSite $site, WorkedRounds $worked): iterable
    {
        foreach ($site->told[$worked->to] ?? [] as $change) {
            yield new self(
                $site->after($change->place->round, $change->place->stitch),
                $change,
                $change->isSaidInRound($site->piece->worked),
                $site->piece->worked->once(),
            );
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Change;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        $where = $this->leads() ? "In {$this->once} {$this->change->place->round}, at" : 'At';

        return "{$where} stitch {$this->change->place->stitch}: ".lcfirst($said->change($this->change, $isBrief));
    }

    /** What is changed within a round is known before it is come to. */
    public function leads(): bool
    {
        return !$this->change->place->isAtEnd && !$this->change->place->isJog;
    }

    public function place(): PatternPlace
    {
        return $this->isSaid || $this->change->isInNotes() ? PatternPlace::Nowhere : PatternPlace::UnderRounds;
    }

    public function lines(StepSaid $said): array
    {
        return [PatternLine::named('Change', lcfirst($this->toDo($said, true)), $this->key())];
    }

    protected function about(): string
    {
        return "{$this->change->yarns->from}{$this->change->yarns->to}";
    }
}
