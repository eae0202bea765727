<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Placed;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;

/** Ears and limbs are sewn on when the piece is done. */
final readonly class SewOn extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private Placed $placed)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        foreach ($site->placing->placed as $placed) {
            if (!$placed->placement->kind->hasWasher()) {
                yield new self($site->after($site->last()), $placed);
            }
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Part;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return $said->placed($this->placed);
    }

    public function needs(): array
    {
        return [strtolower($this->placed->placement->named())];
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }

    protected function about(): string
    {
        return $this->placed->placement->key;
    }
}
