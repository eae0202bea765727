<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

/** One line of what to do: rounds that are worked alike, and what comes with or after them. */
final readonly class Step
{
    /**
     * @param int          $from  first round
     * @param int          $to    last round
     * @param string       $text  the rounds written out, with their yarns
     * @param int          $makes stitches that each of them makes
     * @param list<string> $yarns keys of those it is worked in, in working order
     * @param list<string> $then  what to do once they are worked: a colour change, a part to set
     * @param list<string> $cues  what her own words say to do or to mind there
     */
    public function __construct(public int $from, public int $to, public string $text, public int $makes, public array $yarns, public array $then, public array $cues = [])
    {
    }
}
