<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Plan;

/** An edit of rounds as she saw them, where the lines may be others by now: it is made on the rounds that she meant. */
final readonly class MadeOn implements Edit
{
    /** @param list<string> $saw the piece's lines whose rounds she saw */
    public function __construct(private NamesRounds $edit, private array $saw)
    {
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->edit->piece()) ?? throw EditRefused::noPiece($this->edit->piece());
        $edit = $piece->rounds === $this->saw ? $this->edit : $this->edit->moved(Retype::moves($plan, $piece->withRounds($this->saw), $piece));

        return $edit->apply($plan);
    }

    public function inWords(): string
    {
        return $this->edit->inWords();
    }
}
