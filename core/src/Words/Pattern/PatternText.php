<?php

declare(strict_types=1);

namespace Alternum\Core\Words\Pattern;

/** A written pattern as plain text. Its rounds can be read back by the notation's reader. */
final class PatternText
{
    public static function of(PatternDocument $pattern): string
    {
        $lines = ["# {$pattern->title}"];
        foreach ($pattern->sections as $section) {
            array_push($lines, '', ...'' === $section->heading ? [] : [$section->heading]);
            foreach ($section->lines as $line) {
                $lines[] = $line->inWords();
            }
        }

        return implode("\n", $lines)."\n";
    }
}
