<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Place\Spot;

/** Where a thread ends on another piece. */
final readonly class FarSpot
{
    /**
     * @param string $name  of that piece
     * @param int    $last  its last round
     * @param string $joint the key of what joins the two, before which it cannot be laid
     */
    public function __construct(public string $name, public Spot $spot, public int $last, public string $joint)
    {
    }
}
