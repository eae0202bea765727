<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/**
 * What a plan may hold at the most; the plan's schema states the same figures. Some are lower when a plan is written than when it is read, as
 * earlier versions took more: Exchange\WritingLimits.
 */
final class Limits
{
    public const ROUNDS = 400;
    public const STITCHES_IN_ROUND = 2000;
    public const STITCHES = 60000;
    public const YARNS = 24;
    public const PIECES = 60;
    /** Of all pieces together, when written. */
    public const ALL_ROUNDS = 6000;
    /** Of one piece, when written. */
    public const LAYERS = 100;
    /** Of all pieces together, when written: each is laid over every round. */
    public const ALL_LAYERS = 200;
    /** Of one piece, when read: two thousand, and what was laid on them once more. */
    public const READ_LAYERS = 2500;
    public const COPIES = 99;
    public const PLACEMENTS = 40;
    /** Parts that are put on others, in a plan. */
    public const JOINTS = 200;
    /** Cells that a motif is wide or high. */
    public const MOTIF = 100;
    /** Characters in a title or a name. */
    public const NAME = 120;
    public const NOTE = 2000;
    /** Characters in a typed line. */
    public const LINE = 2000;
    /** Typed lines in a piece: rounds, and the notes and blank lines between them. */
    public const LINES = 1000;
    /** Characters of a pasted pattern. */
    public const PASTED = 200000;
    /** Bytes of a plan as JSON, when read. */
    public const BYTES = 1048576;
    /** Bytes of a plan as JSON, when written: a toy's take a twentieth of that. */
    public const WRITTEN_BYTES = 262144;
    /** Brackets within brackets. */
    public const NESTING = 8;
}
