<?php

declare(strict_types=1);

namespace Alternum\Core;

use Alternum\Core\Change\Changes;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\Steps;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;

/** What every stage made of one piece. */
final readonly class PieceAnalysis
{
    public function __construct(
        public Piece $piece,
        public Reading $reading,
        public Fabric $fabric,
        public Colouring $colouring,
        public Changes $changes,
    ) {
    }

    /** @return list<Step> */
    public function steps(Plan $plan, Terms $terms): array
    {
        return Steps::of($plan, $this->piece, $this->reading, $this->fabric, $this->colouring, $this->changes, $terms);
    }
}
