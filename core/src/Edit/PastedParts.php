<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\Node\Close;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\Parser;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Limits;

/** Parts a pasted pattern into the lines of its pieces: a new one begins where the rounds begin anew, or where it is said to be worked as another. */
final class PastedParts
{
    /** "Tail fin", "Eye patch": a part's name, though it begins with what cues are about. */
    private const PART = '/^\W*(?:tail|eye|eyes|nose|button|ear|marker)s?(?: \pL+){1,2}\W*$/iu';
    /** "Left arm: work as the right arm.", "Same as the first leg, but do not fasten off." */
    private const AS = '/^\W*(?:(?<name>[^:.]{2,60})[:.]\s*)?(?:work|make|crochet|do|worked|made)?\s*(?:it |this )?(?:exactly |just )?'
        .'(?:the )?(?:same )?(?:as|like) (?:for )?(?:the )?(?<other>\pL[\pL\d ]{1,40}?)(?<rest>[.,;].*)?$/iu';

    /** "R1-6: as the first leg.": those of its rounds. */
    private const ROUNDS = '/^\W*(?:r|rd|rnd|round|row)s?[.\s#]*1\s*(?:[-–—]|to)\s*(?:r|rd|rnd|round|row)?[.\s#]*(?<to>\d{1,3})\s*[:.)–—-]*\s*/iu';

    /**
     * @param list<string> $lines
     *
     * @return list<non-empty-list<string>>
     *
     * @throws EditRefused where it has more pieces than a plan can
     */
    public static function of(array $lines, Parser $parser): array
    {
        $parts = [];
        $part = [];
        $waiting = [];
        $hasRounds = false;
        $names = [];
        foreach ($lines as $line) {
            $copied = self::copied($line, $waiting, [...$parts, $part], $parser);
            if (null !== $copied) {
                $parts = self::ended($parts, [...$part, ...$copied[0]]);
                [$part, $waiting, $hasRounds] = [$copied[1], [], true];
                continue;
            }
            [$isRound, $isFirst] = self::kind($parser, $line);
            if (!$isRound) {
                $waiting[] = $line;
                continue;
            }
            $cut = self::heading($waiting, $parser);
            // Under a heading of its own, what is worked through two layers is a piece: an edging.
            $isHeaded = $cut < \count($waiting);
            $isEdging = $isHeaded && SaidBeginning::joinsLayers([...$waiting, $line]);
            // "Join the legs with 3 ch." under a heading leads on to its first round.
            $isFirst = $isFirst || $isHeaded && self::isChains($parser, $line)
                || $hasRounds && self::isOnOthers([...$waiting, $line], $names);
            $names = $isHeaded ? [...$names, self::headingOf($waiting[$cut], $parser)->name ?? ''] : $names;
            $isFirst = $isFirst && ($isHeaded || !self::isFoundation($parser, end($part), $line));
            if (($isFirst || $isEdging) && $hasRounds) {
                // What stands between two pieces belongs to the later one from its heading on.
                $parts = self::ended($parts, [...$part, ...\array_slice($waiting, 0, $cut)]);
                $waiting = \array_slice($waiting, $cut);
                $part = [];
            }
            array_push($part, ...$waiting, ...[$line]);
            $waiting = [];
            $hasRounds = true;
        }
        $parts[] = [...$part, ...$waiting];

        return array_values(array_filter($parts, static fn (array $part): bool => [] !== $part));
    }

    /**
     * @param list<list<string>> $parts
     * @param list<string>       $part
     *
     * @return list<list<string>> with one more, which another follows
     *
     * @throws EditRefused where that is one too many
     */
    private static function ended(array $parts, array $part): array
    {
        return \count($parts) + 1 < Limits::PIECES ? [...$parts, $part] : throw EditRefused::pastedTooManyPieces();
    }

    /**
     * A piece that is worked as another before it: that one's lines under its own name.
     *
     * @param list<string>       $waiting lines without rounds before it
     * @param list<list<string>> $parts   those before
     *
     * @return array{list<string>, non-empty-list<string>}|null what of the waiting lines is the part's before it, and its own
     */
    private static function copied(string $line, array $waiting, array $parts, Parser $parser): ?array
    {
        $to = 1 === preg_match(self::ROUNDS, $line, $rounds) ? (int) $rounds['to'] : null;
        if (1 !== preg_match(self::AS, (string) preg_replace(self::ROUNDS, '', $line), $match)) {
            return null;
        }
        $cut = '' === $match['name'] ? self::heading($waiting, $parser) : \count($waiting);
        $name = '' === $match['name'] ? ($waiting[$cut] ?? '') : $match['name'];
        $heading = '' === $name ? null : PieceHeading::of($name);
        foreach (null === $heading ? [] : array_reverse($parts) as $part) {
            foreach ($part as $i => $typed) {
                $other = self::kind($parser, $typed)[0] ? null : self::headingOf($typed, $parser);
                if (null !== $other && 0 === strcasecmp($other->name, trim($match['other']))) {
                    $rest = trim($match['rest'] ?? '', ' .,;');
                    $lines = self::upTo($to, \array_slice($part, $i + 1), $parser);
                    if (1 === preg_match('/\b(?:not|don.?t|without) fasten/i', $rest)) {
                        $lines = array_values(array_filter($lines, static fn (string $one): bool => 1 !== preg_match('/^\W*fasten off\W*$/i', $one)));
                    }

                    return [\array_slice($waiting, 0, $cut), [$name, ...$lines, ...(1 === preg_match('/\pL/u', $rest) ? ["# {$rest}"] : [])]];
                }
            }
        }

        return null;
    }

    /**
     * @param int|null     $round null: all
     * @param list<string> $lines of another piece
     *
     * @return list<string> those up to that round's
     */
    private static function upTo(?int $round, array $lines, Parser $parser): array
    {
        foreach (null === $round ? [] : $lines as $i => $line) {
            if (($parser->line(mb_substr($line, 0, Limits::LINE))->lines[0]->head->from ?? 0) > $round) {
                return \array_slice($lines, 0, $i);
            }
        }

        return $lines;
    }

    /**
     * Whether it is worked on pieces that were named before it, though its rounds are counted on: "Round 9: ch 3, join to the first leg with a sc".
     *
     * @param list<string> $lines a round, and what stands above it
     * @param list<string> $names of the pieces before it
     */
    private static function isOnOthers(array $lines, array $names): bool
    {
        // Looked for where something of the kind is said at all.
        if (1 !== preg_match('/\b(?:first|second|other|both|two|left|right|legs)\b/i', implode("\n", $lines))) {
            return false;
        }
        $saysSo = static fn (string $line): bool => Join::Bridge === SaidBeginning::of([$line], $names)?->join;

        return [] !== array_filter($lines, $saysSo);
    }

    /** @return array{bool, bool} whether a line is a round, and whether it begins a piece */
    public static function kind(Parser $parser, string $line): array
    {
        if (mb_strlen($line) > Limits::LINE) {
            return [true, false];
        }
        $parsed = $parser->line($line);
        if (null !== $parsed->yarns || PieceHeading::isCounted($line)) {
            return [false, false];
        }
        if (null !== $parsed->error) {
            return [!$parsed->isHeading, 1 === $parsed->head?->from];
        }
        $read = $parsed->lines[0] ?? null;
        if (null === $read || !($read->isWorked() || [] !== $read->again || null !== $read->head)) {
            return [false, false];
        }

        return [true, null === $read->head ? self::begins($read) : 1 === $read->head->from];
    }

    private static function begins(Line $line): bool
    {
        return [] !== array_filter($line->items, static fn (Node $item): bool => $item instanceof Foundation) || self::isChain($line);
    }

    /**
     * "Ch 16." above "Row 1: sc in 2nd ch from hook and in each ch", "Magic ring of 6 sc." above "1: inc 6 times": what the first row is worked into, and no
     * piece of its own.
     */
    private static function isFoundation(Parser $parser, string|false $above, string $line): bool
    {
        $isChain = false !== $above && mb_strlen($above) <= Limits::LINE && (self::isChains($parser, $above) || self::isRing($parser, $above));
        $first = $parser->line($line)->lines[0] ?? null;

        return $isChain && null !== $first?->head && (!self::begins($first) || self::isInChain($first));
    }

    /** "Start in 2nd ch from hook, 15 sc": into a chain that it does not make itself. */
    private static function isInChain(Line $line): bool
    {
        $first = $line->stitches()[0] ?? null;

        return $first instanceof Foundation && $first->chains > 0 && $first->isPoint() && !$first->joined;
    }

    /** A ring and what is worked into it, without a head. */
    private static function isRing(Parser $parser, string $line): bool
    {
        $read = $parser->line($line)->lines[0] ?? null;
        $ring = $read?->stitches()[0] ?? null;

        return null !== $read && null === $read->head && $ring instanceof Foundation && $ring->isPoint();
    }

    /** Chains and nothing else, without a head. */
    private static function isChains(Parser $parser, string $line): bool
    {
        $read = $parser->line($line)->lines[0] ?? null;
        $others = array_filter(
            $read?->stitches() ?? [],
            static fn (Node $item): bool => !$item instanceof Foundation && !($item instanceof Work && Stitch::Chain === $item->stitch),
        );

        return null !== $read && null === $read->head && [] === $others && [] !== $read->stitches();
    }

    /** "Ch 7." on a line of its own. */
    private static function isChain(Line $line): bool
    {
        $stitches = $line->stitches();

        return 1 === \count($stitches) && $stitches[0] instanceof Work && Stitch::Chain === $stitches[0]->stitch && ($stitches[0]->times ?? 0) > 3;
    }

    /**
     * @param list<string> $waiting lines without rounds
     *
     * @return int where the later piece's own begin: its heading, with remarks under it
     */
    private static function heading(array $waiting, Parser $parser): int
    {
        foreach ($waiting as $i => $line) {
            if (PieceHeading::isOurs($line)) {
                return $i;
            }
        }
        foreach ($waiting as $i => $line) {
            $isAfterBlank = 0 === $i || '' === trim($waiting[$i - 1]);
            $heading = '' === trim($line) ? null : self::headingOf($line, $parser);
            if (null !== $heading && ($isAfterBlank || $heading->isName($line))) {
                return $i;
            }
        }

        return \count($waiting);
    }

    /** What a line says as a heading; a yarn, and what is to be done, are none. */
    public static function headingOf(string $line, Parser $parser): ?PieceHeading
    {
        $parsed = $parser->line(mb_substr($line, 0, Limits::LINE));
        $items = $parsed->lines[0]->items ?? [];
        $isSaid = [] !== $items && !PieceHeading::isCounted($line) && [] === array_filter(
            $items,
            static fn (Node $item): bool => !$item instanceof YarnPhrase && !$item instanceof Glue
                && !($item instanceof Cue && CueKind::Note !== $item->kind && str_contains($item->text, ' ') && 1 !== preg_match(self::PART, $item->text)),
        );

        // "FO", "sl st, leave a tail", "stuff": how the piece above ends.
        $isWork = [] !== array_filter($items, static fn (Node $item): bool => $item instanceof Foundation || $item instanceof Close
            || $item instanceof Cue && \in_array($item->kind, [CueKind::Stuff, CueKind::FastenOff, CueKind::Close], true));
        $isOther = $isWork || '' === trim($line) || $parsed->isLabel || null !== $parsed->yarns;

        return $isOther || $isSaid || 1 === preg_match('/[|\t]/', trim($line)) ? null : PieceHeading::of($line);
    }
}
