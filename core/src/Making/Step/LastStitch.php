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

/** What a round's last stitch is where it tells whether the round came out. */
final readonly class LastStitch extends Step implements GoesWithRounds
{
    private function __construct(StepAddress $at, private bool $increases)
    {
        parent::__construct($at);
    }

    public static function with(StepSite $site, WorkedRounds $worked): iterable
    {
        $round = $site->reading->rounds[$worked->from - 1];
        $codes = $round->codes;
        // Of stitches that are all the same, the last tells nothing.
        if ($worked->from !== $worked->to || !$round->readable || '' === $codes || strspn($codes, $codes[0]) === \strlen($codes)) {
            return;
        }
        $last = Stitch::ofCode($codes[-1]);
        if ($last->isIncrease() || $last->isDecrease()) {
            yield new self($site->along($worked), $last->isIncrease());
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Check;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return $this->increases ? 'The last stitch is an increase' : 'The last stitch is a decrease';
    }

    public function place(): PatternPlace
    {
        return PatternPlace::Nowhere;
    }
}
