<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

enum IntoStitchKind
{
    case Ring;
    /** A chain, the next one. */
    case Chain;
    /** A stitch of the round below, the next one. */
    case Stitch;
    /** A stitch counted from the round's beginning. */
    case Nth;
    /** A chain counted from the hook. */
    case FromHook;
    /** The last one of a chain's side. */
    case Last;
}
