<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

enum AgainKind
{
    /** As a round before. */
    case Same;
    /** One plain stitch in each. */
    case Even;
    /** On as the shaping rounds before went. */
    case Onward;
    /** As another piece was worked, which the words alone do not tell. */
    case Elsewhere;
}
