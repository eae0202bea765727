<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Plan\Layer\RoundRange;

/** One thing that experience has to say, and where. */
final readonly class Tip
{
    /**
     * @param non-empty-list<int> $rounds those that it is about
     * @param string              $yarn   letter of the yarn that it is about; '' for none
     * @param string              $name   the layer's, as it is called; '' for none
     * @param int                 $figure stitches, rounds or changes, as the kind has it
     * @param RoundRange|null     $better rounds that would do; null: there are none, or none are sought
     */
    public function __construct(
        public TipKind $kind,
        public array $rounds,
        public string $yarn = '',
        public string $name = '',
        public int $figure = 0,
        public ?RoundRange $better = null,
    ) {
    }
}
