<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\Trouble;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Assembly\Tool;
use Alternum\Core\Toy\LaidJoint;

/** A part is put on another piece, when both are done. */
final readonly class JoinOn extends Step
{
    private function __construct(StepAddress $at, public LaidJoint $laid)
    {
        parent::__construct($at);
    }

    /**
     * @param list<LaidJoint> $joints in the order in which they are made
     *
     * @return list<self>
     */
    public static function all(array $joints): array
    {
        return array_map(static fn (LaidJoint $laid): self => new self(StepAddress::after($laid->joint->onto, \count($laid->onto->counts)), $laid), $joints);
    }

    public function mayGoWrong(): array
    {
        $isRound = \in_array($this->laid->joint->edge, [PartEdge::Open, PartEdge::Gathered, PartEdge::Closed], true) && $this->laid->seamMm > 0.0;

        return [
            ...Tool::None === $this->laid->joint->hold->tool() ? [] : [Trouble::SitsWrong],
            ...$isRound ? [Trouble::Wobbles] : [],
        ];
    }

    public function kind(): StepKind
    {
        return match ($this->laid->joint->hold->tool()) {
            Tool::Needle, Tool::Hook => StepKind::Sew,
            Tool::Glue => StepKind::Glue,
            Tool::None => StepKind::Part,
        };
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return $said->joint($this->laid, $isBrief);
    }

    public function drawings(): array
    {
        return ["hold {$this->laid->joint->hold::kind()}"];
    }

    public function needs(): array
    {
        $tool = $this->laid->joint->hold->tool()->value;

        return '' === $tool ? [] : [$tool];
    }

    protected function about(): string
    {
        return $this->laid->joint->key;
    }
}
