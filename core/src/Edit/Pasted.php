<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\Parser;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\SaidWorked;
use Alternum\Core\Notation\Shorthand;
use Alternum\Core\Notation\Translation;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Notation\YarnNames;
use Alternum\Core\Plan\Copies;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\PieceSettings;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Plan\Yarn;

/**
 * A whole written pattern, parted into its pieces. A new one begins where the rounds begin anew; the heading above it is its name.
 * Every pasted line is kept in one of them, but for headings that the name says in full.
 */
final readonly class Pasted
{
    private const MAKE = '/^\W*(?:make|work|crochet) (\d{1,2}|two|three|four|five|six|eight)(?: (?:of (?:these|them|each)|alike|pieces?|times))*\W*$/iu';
    private const OTHER = '/^\W*(?:repeat|do the same|work the same|make (?:it|one more|another)(?: one)?|make (?:a|the) second(?: \pL+)?)(?: this| again)?'
        .'(?: (?:(?:for|on|with) (?:the |your )?(?:second|other|2nd)(?: \pL+)?|in the same way|the same way|the same|alike))*\W*$/iu';
    /** "Make another leg in the same way, but do not fasten off.": as often as that, and how it goes on is for the maker. */
    private const ANOTHER = '/^\W*(?:make|work|crochet) (?:another|a second|the second|one more) \pL+\b[^.\n]*'
        .'\b(?:do not|don.t|without) (?:fasten|cut|break)/imu';

    /**
     * @param list<PastedPiece>    $pieces
     * @param non-empty-list<Yarn> $yarns  the plan's, with those that it brings along
     * @param Terms                $terms  that its lines are in: the pattern's own where nothing of the plan is typed yet, else the plan's
     */
    private function __construct(public array $pieces, public array $yarns, public Terms $terms)
    {
    }

    /** @throws EditRefused where it has more pieces than a plan can */
    public static function of(string $text, Plan $plan): self
    {
        [$text, $plan] = self::inTerms($text, $plan);
        $defined = PastedYarns::defined($text, $plan);
        $pieces = self::pieces($text, $defined);
        $named = PastedYarns::named($text, $pieces, $defined);

        return new self($named === $defined ? $pieces : self::pieces($text, $named), $named->yarns, $plan->terms);
    }

    /** @return array{string, Plan} the text and the plan in the same country's words */
    private static function inTerms(string $text, Plan $plan): array
    {
        $terms = SaidTerms::in($text) ?? $plan->terms;
        if ($terms === $plan->terms || [] === array_filter($plan->pieces, static fn (Piece $piece): bool => [] !== $piece->rounds)) {
            return [$text, $plan->readIn($terms)];
        }
        $lines = preg_split('/\r\n|\n|\r/', $text);
        $translation = new Translation($terms, $plan->terms);
        $line = static fn (string $line): string => mb_strlen($line) > Limits::LINE ? $line : $translation->line($line);

        return [false === $lines ? $text : implode("\n", array_map($line, $lines)), $plan];
    }

    /**
     * @return list<PastedPiece>
     *
     * @throws EditRefused
     */
    private static function pieces(string $text, Plan $plan): array
    {
        $yarns = YarnNames::of($plan->yarns);
        // A list of abbreviations stands above the first piece, and is every piece's.
        $lines = PastedLines::of($text);
        $shorthand = Shorthand::of($lines, Vocabulary::of($plan->terms));
        $parser = Parser::of($plan->terms, $yarns, false, $shorthand);
        $pieces = [];
        $before = $plan->pieces;
        $parts = PastedParts::of(array_map($shorthand->spelled(...), $lines), $parser);
        $general = self::ofAll($parts[0] ?? [], $parser);
        foreach ($parts as $i => $part) {
            $names = array_map(static fn (Piece $made): string => $made->name, $before);
            $piece = self::piece($part, $parser, $plan, $yarns, $names, $general);
            $counted = Join::Bridge === $piece->begins?->join ? CountedOn::before($part, $parser) : 0;
            if ($counted > 0) {
                $part = array_map(static fn (string $line): string => CountedOn::anew($line, $counted), $part);
                $piece = self::piece($part, $parser, $plan, $yarns, $names, $general)->countedOn($counted);
            }
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

    /**
     * What is beside a piece's name is a remark, but for the yarn that it is made in: "in cream", "color: pink", "black".
     *
     * @return list<string>
     */
    private static function beside(string $said, Parser $parser): array
    {
        $yarn = (string) preg_replace('/^(?:in |colou?r ?[:=-]? ?|yarn ?[:=-] ?)+/iu', '', $said);
        foreach ([$said, "in {$yarn}"] as $line) {
            $items = $parser->line($line)->lines[0]->items ?? [];
            if ('' !== $yarn && 1 === \count($items) && $items[0] instanceof YarnPhrase) {
                return [$line];
            }
        }

        return '' === $said ? [] : ["# {$said}"];
    }

    /**
     * Takes out what only says how often a piece is made: "Make 2." under its heading, "Repeat for the second ear." after its rounds.
     *
     * @param list<string> $lines
     *
     * @return array{list<string>, int} the others, and how often
     */
    private static function often(array $lines): array
    {
        $often = 1;
        $kept = [];
        foreach ($lines as $line) {
            $said = 1 === preg_match(self::MAKE, $line, $make) ? PieceHeading::number($make[1]) : (1 === preg_match(self::OTHER, $line) ? 2 : null);
            $often = max($often, $said ?? 1);
            array_push($kept, ...(null === $said ? [$line] : []));
        }

        return [$kept, $often];
    }

    /**
     * @param list<string> $lines
     * @param list<string> $names   of the pieces before it
     * @param Worked|null  $general how the pattern says that all of them are worked
     */
    private static function piece(array $lines, Parser $parser, Plan $plan, YarnNames $yarns, array $names, ?Worked $general): PastedPiece
    {
        [$lines, $often] = self::often($lines);
        $often = 1 === preg_match(self::ANOTHER, implode("\n", $lines)) ? max(2, $often) : $often;
        [$heading, $named] = self::heading($lines, $parser);
        if (null !== $named) {
            array_splice($lines, $heading, 1, self::beside($named->rest, $parser));
        }
        while ([] !== $lines && '' === trim($lines[0])) {
            array_shift($lines);
        }
        while ([] !== $lines && '' === trim($lines[\count($lines) - 1])) {
            array_pop($lines);
        }
        $begins = SaidBeginning::of(self::top($parser, $lines), $names);
        $worked = $named->worked ?? SaidWorked::of($lines, $parser, $general);

        return new PastedPiece(
            name: mb_substr($named->name ?? (true === $begins?->isOnLegs() ? 'Body' : ''), 0, Limits::NAME),
            copies: min(max($named->copies ?? 1, $often), Limits::COPIES),
            worked: $worked,
            lines: $lines,
            reading: Reader::read($lines, $plan->terms, $worked, Limits::STITCHES, 0, $yarns),
            begins: $begins,
            firstRound: $named?->firstRound,
        );
    }

    /**
     * @param list<string> $lines
     *
     * @return array{int, PieceHeading|null} the line of a piece's heading, and what it says; null where it has none
     */
    private static function heading(array $lines, Parser $parser): array
    {
        [$heading, $named] = [0, null];
        foreach ($lines as $i => $line) {
            if (PastedParts::kind($parser, $line)[0]) {
                break;
            }
            // The heading nearest to the rounds is theirs: a title may stand above it.
            $read = PastedParts::headingOf($line, $parser);
            $isFull = '' === ($read->rest ?? '') || ($read->copies ?? 1) > 1 || str_contains($line, '(');
            if (null !== $read && ($isFull || $read->saysYarn() || null !== $read->worked || null !== $read->firstRound)) {
                [$heading, $named] = [$i, $read];
            }
        }

        return [$heading, $named];
    }

    /**
     * What stands above the first piece's heading is said of all.
     *
     * @param list<string> $lines of the first piece
     */
    private static function ofAll(array $lines, Parser $parser): ?Worked
    {
        $said = array_filter(array_map(SaidWorked::in(...), \array_slice($lines, 0, self::heading($lines, $parser)[0])));

        return array_values($said)[0] ?? null;
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string> those up to the first round
     */
    private static function top(Parser $parser, array $lines): array
    {
        foreach ($lines as $i => $line) {
            if (PastedParts::kind($parser, $line)[0]) {
                return \array_slice($lines, 0, $i + 1);
            }
        }

        return [];
    }
}
