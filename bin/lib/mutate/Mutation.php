<?php

declare(strict_types=1);

namespace Alternum\Mutate;

/** One small change of a source file: what stands at a place, and what is put there. */
final readonly class Mutation
{
    /**
     * @param string $file     from the project's root
     * @param int    $at       byte, from 0
     * @param string $is       the text there
     * @param string $function the name, as Probes gives it, of the function that it lies in; '' for none
     */
    public function __construct(public string $file, public int $line, public int $at, public string $is, public string $becomes, public string $function)
    {
    }

    public function appliedTo(string $source): string
    {
        return substr_replace($source, $this->becomes, $this->at, \strlen($this->is));
    }

    public function inWords(): string
    {
        $short = static fn (string $text): string => trim((string) preg_replace('/\s+/', ' ', \strlen($text) > 70 ? substr($text, 0, 70).'…' : $text));

        return "{$short($this->is)}  →  {$short($this->becomes)}";
    }
}
