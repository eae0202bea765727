<?php

declare(strict_types=1);

namespace Alternum\Core;

use Alternum\Core\Change\Changes;
use Alternum\Core\Change\Harmony;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Making\CueOffer;
use Alternum\Core\Making\CueOffers;
use Alternum\Core\Making\Placing;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\Steps;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Ground;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;

/** What every stage made of one piece. */
final readonly class PieceAnalysis
{
    /**
     * @param list<Ground> $grounds     what the first round is worked into; none where it is a ring or chains of its own
     * @param list<string> $faceRemarks what comes into a face that is to stay plain
     */
    public function __construct(
        public Piece $piece,
        public Reading $reading,
        public Fabric $fabric,
        public Colouring $colouring,
        public Changes $changes,
        public array $grounds,
        public Harmony $harmony,
        public Placing $placing,
        public array $faceRemarks,
    ) {
    }

    /** What the first round is worked into, in words: "15 of Leg, 3 chains, 15 of Other leg, 3 chains". */
    public function beginning(Plan $plan): ?string
    {
        $said = [];
        foreach ($this->grounds as $ground) {
            $name = null === $ground->piece ? null : $plan->piece($ground->piece)->name ?? $ground->piece;
            $said[] = match (true) {
                null === $name => $ground->count().(1 === $ground->count() ? ' chain' : ' chains'),
                $ground->from > 1 => "stitches {$ground->from} to {$ground->to} of {$name}",
                default => "{$ground->count()} of {$name}",
            };
        }

        $spread = $this->piece->start->take->stitches ?? 0;

        return [] === $said ? null : ($spread > 0 ? "{$spread}, spread evenly, of the " : '').implode(', ', $said);
    }

    /** @return list<CueOffer> what her words say that the plan can act on */
    public function offers(Plan $plan): array
    {
        return CueOffers::of($plan, $this->piece, $this->reading);
    }

    /** @return list<Step> */
    public function steps(Plan $plan, Terms $terms): array
    {
        return Steps::of($plan, $this->piece, $this->reading, $this->fabric, $this->colouring, $this->changes, $this->placing, $terms);
    }
}
