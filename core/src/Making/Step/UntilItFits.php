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
use Alternum\Core\Notation\CueKind;
use Alternum\Core\Plan\Layer\RoundRange;

/** Rounds that go on until they measure something, or reach something: the plan’s number is about how many. It is said before the first of them. */
final readonly class UntilItFits extends Step implements StandsAfterRound
{
    /** @param RoundRange $rounds that go on so */
    private function __construct(StepAddress $at, public RoundRange $rounds, private string $words, private string $once, private bool $isTwin)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        foreach ($site->reading->spans as $span) {
            $round = null === $span || $span->isEmpty() ? null : $site->reading->rounds[$span->from - 1] ?? null;
            foreach ($round->cues ?? [] as $cue) {
                if (null !== $span && CueKind::Fit === $cue->kind) {
                    yield new self($site->after($span->from - 1), $span, $cue->text, $site->piece->worked->once(), $site->piece->copies->count > 1);
                }
            }
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Check;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        [$from, $to] = [$this->rounds->from, $this->rounds->to];
        $words = ucfirst((string) preg_replace('/^(?:or|and|then)\s+/i', '', $this->words));
        $rounds = $from === $to ? "{$this->once} {$from}" : "{$this->once}s {$from} to {$to}";

        return "{$words}: {$rounds}. Work fewer or more as it needs".($this->isTwin ? ', and as many for its twin' : '');
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }
}
