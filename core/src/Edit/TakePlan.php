<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;

/** Takes a plan as it was, or as it was made elsewhere: undo, an earlier version, one of two that were changed at once. */
final readonly class TakePlan implements EditKind
{
    /** @param string $says what is done, in a few words */
    public function __construct(private Plan $plan, private string $says)
    {
    }

    public static function words(): array
    {
        return ['take'];
    }

    public static function read(Fields $fields, string $word): self
    {
        $path = $fields->at('plan');

        return new self(
            Plan::read(Fields::of($fields->raw('plan'), $path), $path),
            $fields->has('says') ? $fields->line('says', Limits::NAME) : 'Taken back',
        );
    }

    public function apply(Plan $plan): Plan
    {
        return $this->plan;
    }

    public function inWords(): string
    {
        return $this->says;
    }
}
