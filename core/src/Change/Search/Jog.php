<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Search;

/** A change at a round's end, as the search for the best plan of changes sees it. */
final readonly class Jog
{
    /**
     * @param float                        $degrees where the marker stands if no method moves it
     * @param non-empty-list<MethodOption> $methods
     * @param int                          $old     number of the yarn that is left, from 0
     * @param int                          $new     number of the yarn that is taken
     * @param list<YarnOption>             $comes   what can have become of the new yarn since it was left at another jog; none: it was not
     * @param YarnOption|null              $cut     the same, cut: what a standing start asks for
     */
    public function __construct(
        public int $round,
        public float $degrees,
        public array $methods,
        public int $old,
        public int $new,
        public array $comes,
        public ?YarnOption $cut,
    ) {
    }
}
