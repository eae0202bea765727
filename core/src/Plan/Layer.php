<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

/** One layer of colour on a piece; a later layer covers an earlier one. */
interface Layer
{
    /** @return list<string> the keys of the yarns that the layer names, in its order */
    public function yarns(): array;
}
