<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Making\Beginning;
use Alternum\Core\Making\GoesOn;
use Alternum\Core\Making\Placed;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\WorkedRounds;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Toy\LaidJoint;
use Alternum\Core\Toy\LaidThread;

/** What the steps of one piece are said with, as one of its copies is made. */
final readonly class StepWords implements StepSaid
{
    /** @param float $sewingCm a tail to sew with */
    public function __construct(
        private Plan $plan,
        public RoundWords $rounds,
        private ChangeWords $changes,
        private YarnWords $yarns,
        private Vocabulary $vocabulary,
        private Beginning $begins,
        private float $sewingCm,
        private GoesOn $goesOn,
    ) {
    }

    public function rounds(WorkedRounds $worked): string
    {
        return $this->rounds->text($worked);
    }

    public function change(Change $change, bool $isBrief): string
    {
        return $isBrief ? $this->changes->brief($change) : $this->changes->toDo($change);
    }

    public function placed(Placed $placed): string
    {
        return PlacingWords::toDo($placed);
    }

    public function thread(LaidThread $laid, bool $isBrief): string
    {
        return ThreadWords::toDo($laid, $this->yarns, $this->rounds->last(), $isBrief);
    }

    public function joint(LaidJoint $laid, bool $isBrief): string
    {
        return JointWords::toDo($this->plan, $laid, $this->yarns, $isBrief);
    }

    public function onward(int $stitches, string $yarn): string
    {
        return $this->changes->onward($stitches, $yarn);
    }

    public function begins(): Beginning
    {
        return $this->begins;
    }

    /** The letter of a yarn, as this copy has it. */
    public function letter(string $key): string
    {
        return $this->yarns->letter($key);
    }

    public function yarn(string $key): string
    {
        return $this->yarns->named($key);
    }

    public function stitch(Stitch $stitch): string
    {
        return $this->vocabulary->abbreviation($stitch);
    }

    public function length(float $cm): string
    {
        return $this->yarns->length($cm);
    }

    public function hook(float $mm): string
    {
        return HookWords::of($mm);
    }

    public function sewingTail(): string
    {
        return $this->yarns->length($this->sewingCm);
    }

    public function the(string ...$names): string
    {
        return YarnWords::listed(...array_map(static fn (string $name): string => 'the '.mb_strtolower($name), $names));
    }

    public function goesOn(): GoesOn
    {
        return $this->goesOn;
    }
}
