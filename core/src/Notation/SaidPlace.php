<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Where the maker’s words set something: "eyes between rounds 5 and 6, 7 stitches apart". */
final readonly class SaidPlace
{
    /**
     * @param string      $what  "eye", "nose", "button"
     * @param int         $round between this one and the next
     * @param string|null $apart stitches from one to the other, as they are typed; null: they are not said
     */
    public function __construct(public string $what, public int $round, public ?string $apart)
    {
    }
}
