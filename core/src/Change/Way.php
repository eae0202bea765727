<?php

declare(strict_types=1);

namespace Alternum\Core\Change;

use Alternum\Core\Drawing\Series;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\YarnWay;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Worked;

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

    /** Whether the next round begins with a slip stitch, or its first stitch with one. */
    public function slipsFirst(): bool;

    /** Whether it hides the jog only where a part lies over it. */
    public function needsCover(): bool;

    /**
     * Whether it is worth offering there.
     *
     * @param bool $holds     a second round of the new yarn holds a loop down
     * @param bool $isStacked a stripe of one round lies above or below
     */
    public function isApt(bool $holds, bool $isStacked): bool;

    /** The maker’s word for it, where it is typed as a yarn comes in. */
    public function typedAs(): ?YarnWay;

    /** Whether a pattern's notes say how it is done, as they do of the plain change. */
    public function isInNotes(): bool;

    /** Whether a pattern says once, by its label, how it is done, and names it in the rounds. */
    public function isDefinedOnce(): bool;

    /** Whether "change to B in last st" in a written round says all of it. */
    public function isSaidInRound(Worked $worked): bool;

    /**
     * What a written round says of it in place of "change to B in last st"; null: that.
     *
     * @param string $from   letter of the old yarn
     * @param string $to     of the new one
     * @param string $single what a single crochet is called in the pattern's terms
     */
    public function inRound(string $from, string $to, string $single): ?string;

    public function label(): string;

    /** Where there is little room. */
    public function short(): string;

    /** "a jog of about ½ round". */
    public function leaves(): string;

    /** Why it is taken where the maker chose it. */
    public function whyChosen(WaySaid $words): string;

    /** Why it is taken where the maker left it to the program. */
    public function whyTaken(WaySaid $words): string;

    /** Why the old yarn is cut, where it could be carried. */
    public function whyCut(): ?string;

    /** How it is done. */
    public function drawing(): Series;

    /** @return list<string> what to do, a sentence a step; what becomes of the old yarn is said after it */
    public function toDo(WaySaid $words): array;
}
