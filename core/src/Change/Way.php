<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Method;

/**
 * One method of changing yarn at a round's end: all that is known of it stands in its own file, and Ways lists it.
 *
 * What is left of a step is from memory, to be judged by eye.
 */
interface Way
{
    public static function method(): Method;

    /** What is left of the step, in rounds. */
    public function step(): float;

    /** Where the colours meet about the round's end: its step is step(), but where a part covers it. */
    public function edge(): JoinEdge;

    /** Whether it can be worked there. */
    public function fits(ChangeSite $site): bool;

    /** What is taken where it cannot. */
    public function instead(ChangeSite $site): Method;

    /** Turns by which the marker moves on there. */
    public function moves(ChangeSite $site): float;

    /** Stitches by which the yarns change after the round's end, or before it where negative. */
    public function offset(): int;

    /** Whether both yarns end there: the old one is cut, and the new one begins. */
    public function parts(): bool;

    /** What it takes of the old yarn beside the stitches, in single crochets' worth; joined rounds are closed anyway. */
    public function oldYarn(bool $isJoined): float;

    /**
     * The same of the new yarn.
     *
     * @param Stitch $first that the next round begins with
     */
    public function newYarn(bool $isJoined, Stitch $first): float;

    public function label(): string;

    /** Where there is little room. */
    public function short(): string;

    /** "a jog of about ½ round". */
    public function leaves(): string;

    /** @return list<string> what to do, a sentence a step; what becomes of the old yarn is said after it */
    public function toDo(WaySaid $words): array;
}
