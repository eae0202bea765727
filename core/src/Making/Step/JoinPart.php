<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\GoesWithRounds;
use Alternum\Core\Making\JoinedPart;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Making\WorkedRounds;

/** Another piece that is joined as one goes, at the stitches that go through it. */
final readonly class JoinPart extends Step implements GoesWithRounds
{
    private function __construct(StepAddress $at, private JoinedPart $part, private string $once)
    {
        parent::__construct($at);
    }

    public static function with(StepSite $site, WorkedRounds $worked): iterable
    {
        foreach ($site->joined as $part) {
            if ($part->round === $worked->to) {
                $at = new StepAddress($site->piece->key, $part->round, $part->round, $part->first, $part->last);
                yield new self($at, $part, $site->piece->worked->once());
            }
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Part;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        $stitches = $this->part->first === $this->part->last ? "stitch {$this->part->first}" : "stitches {$this->part->first} to {$this->part->last}";

        return "In {$this->once} {$this->part->round}, {$stitches}: {$this->part->cue->text}";
    }

    /** It is held to the work before its stitches are come to. */
    public function leads(): bool
    {
        return true;
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }
}
