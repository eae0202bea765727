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

    /**
     * @param list<string> $words what is said after "with", lower case
     *
     * @return self|null null where no yarn is named by its letter
     */
    public static function named(array $words): ?self
    {
        $then = array_search('then', $words, true);
        $first = $words[0] ?? '';
        $second = false === $then ? '' : $words[$then + 1] ?? '';
        $isLetter = static fn (string $word): bool => 1 === preg_match('/^[a-z]$/D', $word);

        return $isLetter($first) ? new self(strtoupper($first), $isLetter($second) ? strtoupper($second) : '') : null;
    }
}
