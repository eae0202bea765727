<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Notation\Stitch;

/** What a method's instructions are said with, in the maker’s terms, yarns and hand. */
interface WaySaid
{
    /** "sc", in the words of the maker’s country. */
    public function stitch(Stitch $stitch): string;

    /** The abbreviation of the last stitch in the old yarn. */
    public function last(): string;

    /** "A (Chalk)". */
    public function old(): string;

    public function new(): string;

    /** The new yarn's letter alone, where it was named before. */
    public function newLetter(): string;

    /** The number of the round that ends. */
    public function round(): int;

    /** "round" or "row". */
    public function once(): string;

    public function isJoined(): bool;

    /** Whether the next round's first stitch begins an increase. */
    public function increases(): bool;

    /** Whether stitches were worked on before the marker moved. */
    public function hasMoved(): bool;

    /** "at the back, opposite the front", where the next round is to begin. */
    public function place(): string;

    /** "38° from the front". */
    public function away(): string;

    /** "at the back", where it is not seen. */
    public function hidden(): string;

    /** "Choose another front", so that it comes there. */
    public function choosesSide(): string;

    /** Whether its place is seen from the front. */
    public function shows(): bool;

    /** Whether the yarn changes a round above or below it, too. */
    public function isStacked(): bool;

    /** Whether only a picture makes it, which is laid by the marker. */
    public function isOfPlaces(): bool;

    /** What covers it, "the ears"; null: nothing does. */
    public function cover(): ?string;
}
