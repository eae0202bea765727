<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Plan;

/** What the tail of a part is to do once it is made: as long as its longest seam takes, and what a hand holds. */
final readonly class PartTail
{
    /** What a hand needs to hold a needle's thread to the end: common practice, no source. */
    private const HAND_MM = 150.0;

    /**
     * @param bool $isLevelled its open edge is sewn down all around, so that the step at a spiral's end would show
     * @param bool $stuffsThen it is stuffed while it is sewn on
     */
    private function __construct(public bool $sews, public float $mm, public bool $isLevelled = false, public bool $stuffsThen = false)
    {
    }

    /** @return self|null null: nothing is said of where it goes */
    public static function of(Plan $plan, PieceAsPart $part): ?self
    {
        $joints = array_values(array_filter($plan->assembly, static fn (Joint $joint): bool => $joint->part === $part->key));
        if ([] === $joints) {
            $carries = [] !== array_filter($plan->assembly, static fn (Joint $joint): bool => $joint->onto === $part->key);

            // What others are put on is put nowhere itself.
            return $carries ? new self(false, 0.0) : null;
        }
        $own = array_filter($joints, static fn (Joint $joint): bool => !$joint->isWithNew && $joint->hold->takes() + $joint->hold->takesOnce() > 0.0);

        return new self(
            sews: [] !== $own,
            mm: max([0.0, ...array_map(static fn (Joint $joint): float => self::needs($joint, $part), $own)]),
            isLevelled: [] !== array_filter($joints, static fn (Joint $joint): bool => PartEdge::Open === $joint->edge && $joint->hold->takes() > 0.0),
            stuffsThen: [] !== array_filter($joints, static fn (Joint $joint): bool => $joint->stuffsThen),
        );
    }

    /** @return float mm of thread for one copy, with what a hand needs; 0 where it takes none */
    public static function needs(Joint $joint, PieceAsPart $part): float
    {
        $takes = $joint->hold->takes() * $part->touching($joint) + $joint->hold->takesOnce();

        return $takes > 0.0 ? $takes + self::HAND_MM : 0.0;
    }
}
