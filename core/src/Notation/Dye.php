<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** A yarn that a line names before a stitch: "with B, Flag red:"; for an increase in two colours also the second one's. */
final readonly class Dye
{
    /**
     * @param string $yarn   one capital letter
     * @param string $within the yarn from the stitch's second top on; '' where it does not change
     */
    public function __construct(public string $yarn, public string $within = '')
    {
    }
}
