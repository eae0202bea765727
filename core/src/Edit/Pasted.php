<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\Parser;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Wrapping;
use Alternum\Core\Notation\YarnNames;
use Alternum\Core\Plan\Copies;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\PieceSettings;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Plan\Yarn;

/**
 * A whole written pattern, parted into its pieces. A new one begins where the rounds begin anew; the heading above it is its name.
 * Every pasted line is kept in one of them, but for headings that the name says in full.
 */
final readonly class Pasted
{
    /** "Tail fin", "Eye patch": a part's name, though it begins with what cues are about. */
    private const PART = '/^\W*(?:tail|eye|eyes|nose|button|ear|marker)s?(?: \pL+){1,2}\W*$/iu';
    /** Words that close a round; "join B" brings a yarn in. */
    private const JOINS = '/\bjoin\b(?=\s*(?:$|[.,;)]|with\b|to\b|in\b|rnd|round|the r))|\bsl(?:ip)? ?st(?:itch)? (?:in|to|into) (?:the )?(?:first|top|beg)/i';

    /**
     * @param list<PastedPiece>    $pieces
     * @param non-empty-list<Yarn> $yarns  the plan's, with those that it brings along
     */
    private function __construct(public array $pieces, public array $yarns)
    {
    }

    /** @throws EditRefused where it has more pieces than a plan can */
    public static function of(string $text, Plan $plan): self
    {
        $defined = PastedYarns::defined($text, $plan);
        $pieces = self::pieces($text, $defined);
        $named = PastedYarns::named($text, $pieces, $defined);

        return new self($named === $defined ? $pieces : self::pieces($text, $named), $named->yarns);
    }

    /**
     * @return list<PastedPiece>
     *
     * @throws EditRefused
     */
    private static function pieces(string $text, Plan $plan): array
    {
        $typed = preg_split('/\r\n|\n|\r/', rtrim($text));
        $lines = Wrapping::apart(false === $typed ? [] : $typed);
        $yarns = YarnNames::of($plan->yarns);
        $parser = Parser::of($plan->terms, $yarns);
        $parts = [];
        $part = [];
        $waiting = [];
        $hasRounds = false;
        foreach ($lines as $line) {
            [$isRound, $isFirst] = self::kind($parser, $line);
            if (!$isRound) {
                $waiting[] = $line;
                continue;
            }
            $cut = self::heading($waiting, $parser);
            // Under a heading of its own, what is worked through two layers is a piece: an edging.
            $isHeaded = $cut < \count($waiting);
            $isEdging = $isHeaded && SaidBeginning::joinsLayers([...$waiting, $line]);
            $isFirst = $isFirst && ($isHeaded || !self::isFoundation($parser, end($part), $line));
            if (($isFirst || $isEdging) && $hasRounds) {
                // What stands between two pieces belongs to the later one from its heading on.
                $parts[] = [...$part, ...\array_slice($waiting, 0, $cut)];
                if (\count($parts) >= Limits::PIECES) {
                    throw EditRefused::pastedTooManyPieces();
                }
                $waiting = \array_slice($waiting, $cut);
                $part = [];
            }
            array_push($part, ...$waiting, ...[$line]);
            $waiting = [];
            $hasRounds = true;
        }
        $parts[] = [...$part, ...$waiting];

        $pieces = [];
        $before = $plan->pieces;
        foreach ($parts as $i => $part) {
            $piece = self::piece($part, $parser, $plan, $yarns, array_map(static fn (Piece $made): string => $made->name, $before));
            [$before[], $pieces[]] = self::begun($plan, $before, $piece, "pasted-{$i}");
        }

        return $pieces;
    }

    /**
     * A piece on those that its words begin it on: on free loops only where it begins in no ring of its own, and on those of the round before the one that
     * is named where that one leaves none.
     *
     * @param list<Piece> $before those that are made before it
     *
     * @return array{Piece, PastedPiece} as it is made, and as it was understood
     */
    private static function begun(Plan $plan, array $before, PastedPiece $piece, string $key): array
    {
        $said = Join::Loops === $piece->begins?->join && [] === $piece->reading->errors() ? null : $piece->begins;
        $made = static fn (?SaidBeginning $begins): Piece => new Piece(
            $key, $piece->name, Copies::times($piece->copies), $piece->worked, $piece->lines, settings: PieceSettings::of($begins?->on($before)),
        );
        $on = $made($said);
        if (null === $said || null === $on->start) {
            return [$on, $piece->on(null, $piece->reading)];
        }
        $read = static fn (Piece $on): Reading => PieceReading::of($plan->withPieces([...$before, $on]), $on);
        $reading = $read($on);
        $below = [] === $reading->errors() ? null : $said->below();
        $onBelow = null === $below ? null : $made($below);
        $readBelow = null === $onBelow ? null : $read($onBelow);

        return null !== $onBelow && [] === $readBelow?->errors()
            ? [$onBelow, $piece->on($below, $readBelow)]
            : [$on, $piece->on($said, $reading)];
    }

    /** @return array{bool, bool} whether a line is a round, and whether it begins a piece */
    private static function kind(Parser $parser, string $line): array
    {
        if (mb_strlen($line) > Limits::LINE) {
            return [true, false];
        }
        $parsed = $parser->line($line);
        if (null !== $parsed->yarns) {
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

    /** "Ch 16." above "Row 1: sc in 2nd ch from hook and in each ch": what the first row is worked into, and no piece of its own. */
    private static function isFoundation(Parser $parser, string|false $above, string $line): bool
    {
        $chain = false === $above || mb_strlen($above) > Limits::LINE ? null : ($parser->line($above)->lines[0] ?? null);
        $first = $parser->line($line)->lines[0] ?? null;

        return null !== $chain && null !== $first && null === $chain->head && self::isChain($chain) && null !== $first->head && !self::begins($first);
    }

    /** "in cream": what is beside a piece's name is a remark, but for the yarn that it is made in. */
    private static function isYarn(Parser $parser, string $said): bool
    {
        $items = $parser->line($said)->lines[0]->items ?? [];

        return 1 === \count($items) && $items[0] instanceof YarnPhrase;
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
        foreach (array_keys($waiting) as $i) {
            $isAfterBlank = 0 === $i || '' === trim($waiting[$i - 1]);
            if ($isAfterBlank && '' !== trim($waiting[$i]) && null !== self::headingOf($waiting[$i], $parser)) {
                return $i;
            }
        }

        return \count($waiting);
    }

    /** What a line says as a heading; a yarn, and what is to be done, are none. */
    private static function headingOf(string $line, Parser $parser): ?PieceHeading
    {
        $parsed = $parser->line(mb_substr($line, 0, Limits::LINE));
        $items = $parsed->lines[0]->items ?? [];
        $isSaid = [] !== $items && [] === array_filter(
            $items,
            static fn (Node $item): bool => !$item instanceof YarnPhrase && !$item instanceof Glue
                && !($item instanceof Cue && CueKind::Note !== $item->kind && str_contains($item->text, ' ') && 1 !== preg_match(self::PART, $item->text)),
        );

        $isOther = '' === trim($line) || $parsed->isLabel || null !== $parsed->yarns;

        return $isOther || $isSaid || 1 === preg_match('/[|\t]/', trim($line)) ? null : PieceHeading::of($line);
    }

    /**
     * @param list<string> $lines
     * @param list<string> $names of the pieces before it
     */
    private static function piece(array $lines, Parser $parser, Plan $plan, YarnNames $yarns, array $names): PastedPiece
    {
        $name = '';
        $copies = 1;
        foreach ($lines as $i => $line) {
            if (self::kind($parser, $line)[0]) {
                break;
            }
            // The heading nearest to the rounds is theirs: a title may stand above it.
            $read = self::headingOf($line, $parser);
            if (null !== $read && ('' === $read->rest || $read->copies > 1 || str_contains($line, '('))) {
                [$name, $copies, $heading, $said, $named] = [$read->name, $read->copies, $i, $read->rest, $read];
            }
        }
        if (isset($heading)) {
            array_splice($lines, $heading, 1, '' === ($said ?? '') ? [] : [self::isYarn($parser, $said) ? $said : "# {$said}"]);
        }
        while ([] !== $lines && '' === trim($lines[0])) {
            array_shift($lines);
        }
        while ([] !== $lines && '' === trim($lines[\count($lines) - 1])) {
            array_pop($lines);
        }
        $text = implode("\n", $lines);
        $worked = ($named ?? null)->worked ?? match (true) {
            self::isInRows($text) => Worked::Rows,
            preg_match_all(self::JOINS, $text) >= 2 => Worked::Joined,
            default => Worked::Spiral,
        };

        return new PastedPiece(
            name: mb_substr($name, 0, Limits::NAME),
            copies: min($copies, Limits::COPIES),
            worked: $worked,
            lines: $lines,
            reading: Reader::read($lines, $plan->terms, $worked, Limits::STITCHES, 0, $yarns),
            begins: SaidBeginning::of(self::top($parser, $lines), $names),
            firstRound: ($named ?? null)?->firstRound,
        );
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string> those up to the first round
     */
    private static function top(Parser $parser, array $lines): array
    {
        foreach ($lines as $i => $line) {
            if (self::kind($parser, $line)[0]) {
                return \array_slice($lines, 0, $i + 1);
            }
        }

        return [];
    }

    /** Lines that say "row" or turn, and begin in no ring. */
    private static function isInRows(string $text): bool
    {
        return 1 === preg_match('/^\W*rows?\W*\d|\bch(?:ain)? ?\d,?(?: and)? turn\b|\bturn(?: work)?(?:,|;| and)? ch(?:ain)? ?\d/im', $text)
            && 1 !== preg_match('/\b(?:mr|mc|magic (?:ring|circle|loop)|in (?:a |the )?ring)\b/i', $text);
    }
}
