<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\StuffGo;
use Alternum\Core\Making\StuffingGoes;
use Alternum\Core\Making\Trouble;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Join;

/** One of the goes in which a piece is stuffed. */
final readonly class Stuff extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private StuffGo $go, private string $firmly, private string $clear, private bool $stands)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        // What begins at its foot, or on legs, is to stand.
        $stands = FirstRound::Bottom === $site->piece->firstRound || Join::Bridge === $site->piece->start?->join;
        if (true !== $site->piece->start?->join->isThroughBoth()) {
            foreach (StuffingGoes::goes($site->fabric, $site->form, $site->finishing) as $round => $go) {
                yield new self($site->after($round), $go, $site->finishing->firmness->inWords(), $site->finishing->clear, $stands);
            }
        }
    }

    public function mayGoWrong(): array
    {
        return [
            Trouble::LumpyStuffing,
            ...$this->go->go < $this->go->of ? [Trouble::CaughtFibre] : [Trouble::StuffingShows],
            ...$this->stands ? [Trouble::TipsOver] : [],
        ];
    }

    public function kind(): StepKind
    {
        return StepKind::Stuff;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        $clear = '' === $this->clear ? '' : ", leave {$this->clear} empty";
        $tool = $this->go->hasTool ? ', pushing it in with a tool' : '';

        return match (true) {
            $this->go->isNeck && 1 === $this->go->go => "Stuff{$this->firmly} up to here, the neck most of all{$clear}",
            $this->go->isNeck => 'Stuff up to here, the neck most of all',
            1 === $this->go->of => "Stuff{$this->firmly}{$tool}{$clear}",
            1 === $this->go->go => "Begin stuffing{$this->firmly}{$tool}{$clear}",
            $this->go->go === $this->go->of => 'Finish stuffing',
            default => 'Stuff more',
        };
    }

    public function needs(): array
    {
        return ['stuffing'.(1 === $this->go->go ? ', about '.max(1, (int) round($this->go->grams)).' g in all' : '')];
    }

    public function place(): PatternPlace
    {
        return PatternPlace::OnRounds;
    }
}
