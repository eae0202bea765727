<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Layer\RoundMoves;

/** An edit of rounds that are named by their numbers. */
interface NamesRounds extends EditKind
{
    /** Of the piece whose rounds they are. */
    public function piece(): string;

    /**
     * The same edit where those rounds are now; what is gone of them is left out.
     *
     * @throws EditRefused where none of them is left
     */
    public function moved(RoundMoves $moves): self;
}
