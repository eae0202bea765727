<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Plan\Placement;

/** A placement as it comes to lie. */
final readonly class Placed
{
    /**
     * @param int          $round   it lies between this round and the next
     * @param list<float>  $degrees of each point around the piece
     * @param list<float>  $after   stitches of the round before each point, from its beginning
     * @param float|null   $apartMm along the fabric from one to the other; null: it is one alone
     * @param list<string> $remarks
     */
    public function __construct(public Placement $placement, public int $round, public array $degrees, public array $after, public ?float $apartMm, public string $summary, public array $remarks)
    {
    }
}
