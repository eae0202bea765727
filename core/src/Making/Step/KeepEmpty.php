<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Form\FinishPart;
use Alternum\Core\Form\FinishReason;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Plan\Finish\Firmness;

/** A piece stays empty, or is stuffed later: worth a word only where it is the maker’s choice. */
final readonly class KeepEmpty extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private bool $isForNow)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        if ($site->finishing->stuffsThen && Firmness::None !== $site->finishing->firmness) {
            yield new self($site->after($site->last()), true);
        } elseif (Firmness::None === $site->finishing->firmness && FinishReason::Chosen === $site->finishing->reasons[FinishPart::Stuffing->value]) {
            yield new self($site->after($site->last()), false);
        }
    }

    public function waits(): bool
    {
        return false;
    }

    public function kind(): StepKind
    {
        return StepKind::Stuff;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return $this->isForNow ? 'Leave it empty for now: it is stuffed while it is sewn on' : 'Do not stuff';
    }
}
