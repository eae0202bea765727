<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

/** What a shelf shows of one piece. */
final readonly class PieceOnShelf
{
    /**
     * @param int                                                                    $stitches of one copy
     * @param list<array{makes: int, runs: list<array{hex: string, stitches: int}>}> $picture  its rounds as bands, from its top down
     */
    public function __construct(public int $copies, public int $rounds, public int $stitches, public array $picture)
    {
    }
}
