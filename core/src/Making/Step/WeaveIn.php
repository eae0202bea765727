<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\Trouble;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Tail;

/** The ends of a piece that stays open are woven in; one that sews it on is not. */
final readonly class WeaveIn extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private string $what)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        $end = $site->finishing->end;
        if (null === $end || $end->closes() || $site->finishing->weaves) {
            return;
        }
        $hasStart = $site->startsAnew && Tail::Weave === $site->finishing->start;
        if (PieceEnd::Sewn !== $end) {
            $isOne = !$hasStart && [] === $site->changes->all && null === $site->piece->start?->pieces;
            yield new self($site->after($site->last()), $isOne ? 'the end' : 'the ends');
        } elseif ($hasStart && !self::isSaid($site)) {
            yield new self($site->after($site->last()), 'the starting tail');
        }
    }

    /** The maker’s own words say it at the end: "Weave in the starting tail." */
    private static function isSaid(StepSite $site): bool
    {
        foreach ($site->reading->said as $said) {
            if ($said->after === $site->last() && Tail::Weave === $said->meaning()->start) {
                return true;
            }
        }

        return false;
    }

    public function mayGoWrong(): array
    {
        return [Trouble::EndShows];
    }

    public function kind(): StepKind
    {
        return StepKind::Tail;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return "Weave in {$this->what}";
    }

    public function drawings(): array
    {
        return ['tail weave'];
    }

    public function needs(): array
    {
        return ['yarn needle'];
    }
}
