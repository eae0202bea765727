<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** What a plan may hold at the most; the plan's schema states the same figures. */
final class Limits
{
    public const ROUNDS = 400;
    public const STITCHES_IN_ROUND = 2000;
    public const STITCHES = 60000;
    public const YARNS = 24;
    public const PIECES = 60;
    /** Of one piece. */
    public const LAYERS = 100;
    /** Of all pieces together: each is laid over every round. */
    public const ALL_LAYERS = 200;
    public const COPIES = 99;
    public const PLACEMENTS = 40;
    /** Cells that a motif is wide or high. */
    public const MOTIF = 100;
    /** Characters in a title or a name. */
    public const NAME = 120;
    /** Characters in a typed line. */
    public const LINE = 2000;
    /** Typed lines in a piece: rounds, and the notes and blank lines between them. */
    public const LINES = 1000;
    /** Characters of a pasted pattern. */
    public const PASTED = 200000;
    /** Bytes of a plan as JSON. */
    public const BYTES = 1048576;
    /** Brackets within brackets. */
    public const NESTING = 8;
}
