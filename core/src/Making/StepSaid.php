<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Place\Change;
use Alternum\Core\Toy\LaidJoint;
use Alternum\Core\Toy\LaidThread;

/** What a step's instructions are said with, in the maker’s terms, yarns and units. */
interface StepSaid
{
    /** "R4: (2 sc, inc) x6 (24)" */
    public function rounds(WorkedRounds $worked): string;

    /** @param bool $isBrief the pattern's notes have said how a yarn is changed */
    public function change(Change $change, bool $isBrief): string;

    /** "Set the eyes between rounds 11 and 12, after stitches 13 and 17 of round 11" */
    public function placed(Placed $placed): string;

    /** "Embroider a smile in B (Brick), between rounds 10 and 11, from after stitch 13 on. Cut 42 cm." */
    public function thread(LaidThread $laid, bool $isBrief): string;

    /**
     * "Sew Ear (both) to Body between rounds 5 and 6, after stitches 3 and 9 of round 5.".
     *
     * @param bool $isBrief how such a hold is done was said before
     */
    public function joint(LaidJoint $laid, bool $isBrief): string;

    /** "Work 3 sc more in A (Chalk), and move the marker up to there." */
    public function onward(int $stitches, string $yarn): string;

    /** How the piece is begun where its first line does not say it. */
    public function begins(): Beginning;

    /** "A (Chalk)". */
    public function yarn(string $key): string;

    /** "sc", in the words of the maker’s country. */
    public function stitch(Stitch $stitch): string;

    /** "15 cm". */
    public function length(float $cm): string;

    /** "3 mm, US D-3". */
    public function hook(float $mm): string;

    /** A tail to sew with. */
    public function sewingTail(): string;

    /** "the mouth and the cheeks". */
    public function the(string ...$names): string;

    /** The piece that goes on from this one. */
    public function goesOn(): GoesOn;
}
