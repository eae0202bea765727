<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Form\FinishPart;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;

/** The piece is turned right side out. */
final readonly class TurnOut extends Step implements StandsAfterRound
{
    public static function on(StepSite $site): iterable
    {
        if ($site->finishing->turned > 0 && !$site->finishing->isTyped(FinishPart::Turned)) {
            yield new self($site->after($site->finishing->turned));
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Turn;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return 'Turn it right side out';
    }

    public function place(): PatternPlace
    {
        return PatternPlace::OnRounds;
    }
}
