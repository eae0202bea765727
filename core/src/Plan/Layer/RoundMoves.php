<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

/** Where the rounds of a piece went when its lines were typed otherwise, or when it was resized. */
interface RoundMoves
{
    /** Whether the piece took another size, so that heights are to be scaled; else rounds were only put in and taken out. */
    public function isResize(): bool;

    /** Rounds of the piece, before. */
    public function last(): int;

    /** Rounds of the piece, now. */
    public function newLast(): int;

    /** The last round, now, that a hand reaches through an opening; null: any does. */
    public function deepest(): ?int;

    /** Where a stretch of rounds is now; null where none of them is left. */
    public function range(RoundRange $range): ?RoundRange;

    /** The first round, now, of a picture so many rounds high; null where none of them is left. */
    public function block(int $first, int $height): ?int;

    /** The round at whose end is now what was at the end of a round; null where it is gone. */
    public function end(int $round): ?int;

    /** The round, before, that a round stands for now; null where it was put in. */
    public function source(int $round): ?int;

    /** Where a stretch of stitches of a round begins on another, so that its middle keeps its place; it keeps its length. */
    public function along(int $from, int $to, int $stitch, int $length): int;

    /** Stitches between two places of a round, on another. */
    public function apart(int $from, int $to, float $stitches): float;

    /** Stitches that a round makes now. */
    public function makes(int $round): int;
}
