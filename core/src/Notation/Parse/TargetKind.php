<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

enum TargetKind
{
    case Ring;
    /** A chain counted from the hook. */
    case FromHook;
    /** Where the last stitch went. */
    case Same;
    /** The next stitches, or all of them. */
    case Stitches;
    /** The last chain of a side. */
    case LastChain;
    /** A stitch counted from the round's beginning. */
    case Nth;
    /** Every second, every third stitch. */
    case EveryNth;
    /** A space over so many chains. */
    case Space;
}
