<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\GoesWithRounds;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\WorkedRounds;
use Alternum\Core\Plan\Worked;

/** Two short rounds are counted in one go. */
final readonly class CountOn extends Step implements GoesWithRounds
{
    /** Up to so many stitches. */
    private const MOST = 48;

    private function __construct(StepAddress $at, private int $stitches, private string $once)
    {
        parent::__construct($at);
    }

    public static function with(StepSite $site, WorkedRounds $worked): iterable
    {
        $round = $site->reading->rounds[$worked->from - 1];
        if ($worked->to === $worked->from + 1 && $round->readable && '' !== $round->codes && Worked::Spiral === $site->piece->worked
            && 2 * $worked->makes <= self::MOST) {
            yield new self($site->along($worked), 2 * $worked->makes, $site->piece->worked->once());
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Check;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return "The next two {$this->once}s can be counted in one go, to {$this->stitches}";
    }

    public function leads(): bool
    {
        return true;
    }

    public function place(): PatternPlace
    {
        return PatternPlace::Nowhere;
    }
}
