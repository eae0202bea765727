<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\SaidJoin;
use Alternum\Core\Notation\Wrapping;

/** The lines of a pasted pattern, each of which says one thing. */
final class PastedLines
{
    /** "Nose (black): R1: 6 sc in MR": a name before its first round. */
    private const HEADED = '/^(?!\W*(?:note|tip|remark|repeat|work|next|then|colou?rs?|stripes?|yarns?)\b)'
        .'(?<name>[^:\d]{2,60}(?:\((?:make|x|×)? ?\d{1,2} ?x?\)[^:\d]{0,30})?):\s*'
        .'(?<round>(?:r|rd|rnd|round|row)[.\s#]*1\s*(?:[:.)]|[–-]\s).*(?:\d|\b(?:sc|ch|mr)\b).*)$/iu';

    /** A round's head and the beginning of its stitches: "R3-4: B" names a yarn. */
    private const HEAD = '(?:r|rd|rnd|round|row)s?[.\s#]*\d{1,3}(?:\s*[-–—]\s*\d{1,3})?\s*:'
        .'\s+(?:\d+\s*\pL|[(\[*]|(?:sc|hdc|dc|tr|inc|dec|ch|blo|flo|work|repeat|increase|decrease)\b)';
    /** "R1: 6 sc in MR. R2: inc x6 (12). R3: …": several rounds in one line, parted before each but the first. */
    private const NEXT_HEAD = '/(?<=[.;,)\]])\s+(?='.self::HEAD.')/iu';
    /** "Orange: R4: (2 sc, inc) x6": the yarn of that round and of those after it. */
    private const LED = '/^(?!\W*(?:note|tip|remark|repeat|work|next|then|change)\b)(?<name>\pL[\pL ]{1,30}):\s*(?<round>'.self::HEAD.'.*)$/iu';

    /** "2. Tail", a piece that is numbered in a list, and how its first round begins. */
    private const LISTED = '/^\s*\d{1,2}[.)]\s+\p{Lu}[\pL ]{1,40}:?\s*$/u';
    private const FIRST = '/^\s*(?:(?:r|rd|rnd|round|row)[.\s#]*1\b|ch(?:ain)? \d)/iu';
    /** What a pattern that was written here says of a piece, and says again by itself. */
    private const ANEW = '/^(?:Change|Front|Middle of the back): /';

    /** Where the pieces are done and put together: what follows is of the whole toy, and no words of the piece before it. */
    private const ASSEMBLY = '/^\W*(?:assembl(?:y|ing)|making up|sewing up|to (?:assemble|make up)|putting \pL+ together)\W*$/iu';

    /** "Finishing" is said of a piece, too: of the whole toy where it goes on so, as a last paragraph does. */
    private const FINISHING = '/^\W*(?:finishing|finish(?: off)?|to finish)\W*$/iu';

    /** @return list<string> */
    public static function of(string $text): array
    {
        $typed = preg_split('/\r\n|\n|\r/', rtrim($text));
        $apart = Wrapping::apart(self::own(false === $typed ? [] : $typed));
        $lines = [];
        $isAssembly = false;
        foreach ($apart as $i => $line) {
            $isAssembly = self::isAssembly($apart, $i, $isAssembly);
            if ($isAssembly) {
                continue;
            }
            $isListed = 1 === preg_match(self::LISTED, $line) && 1 === preg_match(self::FIRST, implode("\n", \array_slice($apart, $i + 1, 2)));
            $line = $isListed ? (string) preg_replace('/^\s*\d{1,2}[.)]\s+/', '', $line) : $line;
            $parted = preg_split(self::NEXT_HEAD, $line);
            foreach (false === $parted ? [$line] : $parted as $one) {
                $isLed = 1 === preg_match(self::HEADED, $one, $match) || 1 === preg_match(self::LED, $one, $match);
                array_push($lines, ...($isLed ? [$match['name'], $match['round']] : [$one]));
            }
        }

        return $lines;
    }

    /** @return list<string> how the pieces are put together, without numbers and the heading */
    public static function assembly(string $text): array
    {
        $typed = preg_split('/\r\n|\n|\r/', rtrim($text));
        $typed = false === $typed ? [] : $typed;
        $lines = [];
        $isAssembly = false;
        foreach ($typed as $i => $line) {
            $isAssembly = self::isAssembly($typed, $i, $isAssembly);
            $isHeading = 1 === preg_match(self::ASSEMBLY, $line) || 1 === preg_match(self::FINISHING, $line);
            if ($isAssembly && !$isHeading && '' !== trim($line) && !str_starts_with($line, 'Caution: ')) {
                $line = trim((string) preg_replace('/^\s*\d{1,2}[.)]\s*/', '', $line));
                array_push($lines, ...SaidJoin::sentences($line));
            }
        }

        return $lines;
    }

    /**
     * Whether a line is of how the pieces are put together, its heading with it.
     *
     * @param list<string> $lines
     * @param bool         $isBefore whether the line before it is
     */
    private static function isAssembly(array $lines, int $i, bool $isBefore): bool
    {
        if (1 === preg_match(self::ASSEMBLY, $lines[$i])) {
            return true;
        }
        if ($isBefore) {
            return 1 !== preg_match(self::FIRST, implode("\n", \array_slice($lines, $i, 3)));
        }
        if (1 === preg_match(self::FINISHING, $lines[$i])) {
            return [] !== array_filter(\array_slice($lines, $i + 1, 3), SaidJoin::putsPart(...));
        }
        $isLast = '' === trim($lines[$i - 1] ?? '-') && SaidJoin::putsPart($lines[$i]);
        for ($after = $i; $isLast && $after < \count($lines); ++$after) {
            $isLast = '' !== trim($lines[$after]);
        }

        return $isLast;
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

        return array_values(array_filter(
            \array_slice($lines, $headings[0], $end - $headings[0]),
            static fn (string $line): bool => 1 !== preg_match(self::ANEW, $line),
        ));
    }
}
