<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Search;

/** The best plan of changes that a search found. */
final readonly class Found
{
    /**
     * @param list<Decision> $decisions one for each jog
     * @param bool           $isExact   every way was compared; false: there are so many yarns that only the best ways were gone on with
     */
    public function __construct(public array $decisions, public bool $isExact)
    {
    }
}
