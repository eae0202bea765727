<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Form\SidePart;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Plan\Finish\Firmness;

/** What begins in the side is worked there while the fabric can still be folded and held from inside: before it is stuffed and closed. */
final readonly class WorkIntoSide extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, private SidePart $part, private bool $isStuffed)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        foreach ($site->finishing->sides as $part) {
            // The spaces after a round are there once the next is worked.
            yield new self($site->after(min($part->to + 1, $site->last())), $part, Firmness::None !== $site->finishing->firmness);
        }
    }

    public function kind(): StepKind
    {
        return StepKind::Part;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        [$name, $from, $to] = [$this->part->name, $this->part->from, $this->part->to];
        $copies = 1 === $this->part->copies ? $name : "{$this->part->copies} × {$name}";
        $spaces = $from === $to ? "space after round {$from}" : "spaces after rounds {$from} to {$to}";
        $while = $this->isStuffed ? 'before it is stuffed' : 'while it is open';

        return "Put the loop on a marker and work {$copies} into the side, in the {$spaces}, {$while}; then go on here";
    }

    public function place(): PatternPlace
    {
        return PatternPlace::OnRounds;
    }

    public function needs(): array
    {
        return ['stitch marker'];
    }

    protected function about(): string
    {
        return hash('crc32b', $this->part->name);
    }
}
