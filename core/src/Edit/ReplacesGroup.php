<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

/**
 * An edit that says how things are to be in the end, as typed lines or a dragged layer: of several in one step of undo, only the last
 * counts, and it is made on the plan as it was before the first.
 */
interface ReplacesGroup extends EditKind
{
}
