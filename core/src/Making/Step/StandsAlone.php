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
use Alternum\Core\Notation\Stitch;

/** Which stitch has no partner where a typed round closes an odd opening flat. */
final readonly class StandsAlone extends Step implements GoesWithRounds
{
    private function __construct(StepAddress $at, private int $stitch)
    {
        parent::__construct($at);
    }

    public static function with(StepSite $site, WorkedRounds $worked): iterable
    {
        $round = $site->reading->rounds[$worked->from - 1];
        $through = rtrim($round->codes, Stitch::Skip->code());
        if (\strlen($through) + 1 === \strlen($round->codes) && '' !== $through && Stitch::ofCode($through[-1])->isThroughBoth()) {
            yield new self($site->along($worked), $round->uses);
        }
    }

    public static function words(int $stitch): string
    {
        return "stitch {$stitch} stands alone, at the fold";
    }

    public function kind(): StepKind
    {
        return StepKind::Check;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return ucfirst(self::words($this->stitch));
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }
}
