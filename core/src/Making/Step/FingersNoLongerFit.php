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
use Alternum\Core\Plan\Worked;

/** The last round after which a hand reaches inside. */
final readonly class FingersNoLongerFit extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private string $once)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        $reach = Worked::Rows === $site->piece->worked ? null : $site->form->openings->deadline(1);
        if (null !== $reach && $reach > 0 && $reach < $site->last()) {
            yield new self($site->after($reach), $site->piece->worked->once());
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Check;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return "After {$this->once} {$this->at->to} fingers no longer fit: what needs both sides is done by now, and ends inside are woven in";
    }

    public function place(): PatternPlace
    {
        return PatternPlace::Nowhere;
    }
}
