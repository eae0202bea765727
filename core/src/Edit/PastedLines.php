<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Wrapping;

/** The lines of a pasted pattern, each of which says one thing. */
final class PastedLines
{
    /** "Nose (black): R1: 6 sc in MR": a name before its first round. */
    private const HEADED = '/^(?!\W*(?:note|tip|remark|repeat|work|next|then)\b)(?<name>[^:\d]{2,60}):\s*(?<round>(?:r|rd|rnd|round|row)[.\s#]*1\s*[:.)-].*)$/iu';

    /** @return list<string> */
    public static function of(string $text): array
    {
        $typed = preg_split('/\r\n|\n|\r/', rtrim($text));
        $lines = [];
        foreach (Wrapping::apart(self::own(false === $typed ? [] : $typed)) as $line) {
            array_push($lines, ...(1 === preg_match(self::HEADED, $line, $match) ? [$match['name'], $match['round']] : [$line]));
        }

        return $lines;
    }

    /**
     * A pattern that was written here, without its title, materials and cautions.
     *
     * @param list<string> $lines
     *
     * @return list<string>
     */
    private static function own(array $lines): array
    {
        $headings = array_keys(array_filter($lines, PieceHeading::isOurs(...)));
        if ([] === $headings || !str_starts_with($lines[0], '# ')) {
            return $lines;
        }
        $end = \count($lines);
        while ($end > 0 && ('' === trim($lines[$end - 1]) || str_starts_with($lines[$end - 1], 'Caution: '))) {
            --$end;
        }

        return \array_slice($lines, $headings[0], $end - $headings[0]);
    }
}
