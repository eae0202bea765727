<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Finds the stitch that is named at a place of a line. */
final class Naming
{
    /** @return array{Stitch, int}|null the stitch, and how many tokens name it: the most that do */
    public static function at(Tokens $tokens, int $at, Vocabulary $vocabulary): ?array
    {
        $name = '';
        $found = null;
        $words = 0;
        for ($i = $at; $words < Vocabulary::LONGEST && $tokens->has($i); ++$i) {
            if ('.' === $tokens->value($i) && '' !== $name) {
                // "sl. st", "inv. dec".
                continue;
            }
            if (!$tokens->isWord($i)) {
                break;
            }
            ++$words;
            $value = $tokens->value($i);
            $name .= ('' === $name ? '' : ' ').($tokens->is($i, TokenType::Joined) ? str_replace(' ', '', $value) : $value);
            $stitch = $vocabulary->stitch($name);
            if (null !== $stitch) {
                $found = [$stitch, $i - $at + 1];
            }
        }

        return $found;
    }
}
