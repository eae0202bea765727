<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Assembly\Hold;
use Alternum\Core\Plan\Assembly\Holds;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Layer\RoundRange;

/**
 * What a line says that puts one piece on another: "Sew the ears to the head between rounds 5 and 6, 8 sts apart". Here, and nowhere else; which pieces
 * are meant, and where on them that is, is for those to say who know the plan.
 */
final readonly class SaidJoin
{
    private const VERBS = 'sew|stitch|attach|join|glue|tie|slip|whip ?stitch';
    private const PUTS = '/^\W*(?:set (?<set>.+?) into .+?\. )?(?<verb>'.self::VERBS.'|crochet|fasten|pin and sew|place)\w*'
        .'(?: on)?(?: (?:the|both|your))* (?<part>.+?)(?: \(both\))?(?: on)? '
        .'(?:to|onto|on|into|at) (?<side>(?:the |each |both |either )?\pL+ of )?(?:the )?(?<onto>%s)(?:’s|\'s)?\b(?<rest>.*)$/iu';
    /** "between rounds 15 and 16 of the body" is "to the body between rounds 15 and 16". */
    private const OF = '/ (?<where>(?:between|on|at|over) [^.;]*?\b(?:r|rnd|rd|round)s?\.? ?#?\d{1,3}'
        .'(?:(?: ?(?:and|to|&|[-–]) ?)(?:r|rnd|rd|round)?s?\.? ?\d{1,3})?)'
        .' (?:of|on) the (?<onto>\pL[\pL ]*?)(?=[.,;]|$)/iu';
    /** With these verbs alone a line under a piece is about putting it on, or something on it. */
    private const VERB = '/^\W*(?:'.self::VERBS.')\b/iu';
    /** "Sew the ears to …": a part that is named, put on something, whatever both are called. */
    private const PART = '/^\W*(?:sew|stitch|attach|glue|pin)(?: the| both| all)? (?!(?:on|to|it|them|onto|over|around)\b)'
        .'\pL+(?: \pL+){0,3} (?:to|onto|on|between)\b/iu';
    /** A sentence that puts on another part; what is set into something is sewn to it. */
    private const ANOTHER = '/(?<=[.!])(?<!^)\s+(?=(?:sew|stitch|attach|join|glue|tie|pin|place|fasten)(?: on)? (?!over|around|through|it\b|them\b))/iu';
    private const ONTO = '/\b(?:to|onto) (?!the (?:top|back|front|side|bottom)\b(?! of))/iu';
    private const WHERE = '/ (?=(?:between|on|at|to the (?:top|back|front|side|bottom))\b)/iu';
    private const ROUNDS = '/\b(?:between|on|at|over|from)\b[^.;]*?\b(?:r|rnd|rd|round)s?\.? ?#?(?<from>\d{1,3})'
        .'(?:(?: ?(?:and|to|&|[-–]) ?)(?:r|rnd|rd|round)?s?\.? ?(?<to>\d{1,3}))?/iu';
    private const STITCHES = '/\b(?:after|before) stitch(?:es)? (?<one>\d{1,4})(?: and (?:after stitch )?(?<two>\d{1,4}))?/iu';
    private const STRETCH = '/\balong the side, from round (?<from>\d{1,3}) to round (?<to>\d{1,3})/i';
    private const APART = '/\b(?<apart>\d{1,3})\s*(?:sts?|stitches)\b[^.;]*\bapart\b|\bwith (?<between>\d{1,3}) (?:sts?|stitches) between\b/iu';

    /** How many lie at one distance from each other. */
    private const EVENLY = '/\b(?:evenly|equally|at equal distances)\b/i';

    /**
     * @param list<string>         $parts     what the pieces that are put on are called, in small letters
     * @param string               $onto      what the other is called, in small letters
     * @param RoundRange|null      $stretch   of its side, the rounds that touch
     * @param PartEdge|null        $edge      null: it is not said, nor is what follows
     * @param bool                 $isWithNew a thread of its own holds it
     * @param SaidSeat             $seat      where along the other, where that is no round
     * @param array{int, int}|null $rounds    between which, or the same twice
     * @param array{int, int}|null $stitches  after which, or the same twice
     * @param int|null             $apart     stitches between the two of a pair
     * @param bool                 $isEven    all of them lie at one distance from each other
     */
    private function __construct(
        public array $parts,
        public string $onto,
        public ?PartEdge $edge,
        public ?Hold $hold,
        public bool $isWithNew,
        public SaidSeat $seat,
        public bool $isBehind,
        public ?array $rounds,
        public ?array $stitches,
        public ?int $apart,
        public ?RoundRange $stretch,
        public bool $isEven,
    ) {
    }

    /** Whether a line puts a part on that it names, whatever that is called: "Sew the ears to the head". */
    public static function putsPart(string $line): bool
    {
        return 1 === preg_match(self::PART, $line);
    }

    /** @return list<string> "Sew body to head. Sew ears …", parted before each that puts on another part */
    public static function sentences(string $line): array
    {
        $sentences = str_starts_with($line, 'Set ') ? false : preg_split(self::ANOTHER, $line);

        return false === $sentences ? [$line] : $sentences;
    }

    /**
     * "Sew the ears to the head at round 6, the tail to the body", parted: each as a sentence of its own.
     *
     * @param list<string> $names of pieces, in small letters
     *
     * @return non-empty-list<string>
     */
    public static function clauses(string $line, array $names): array
    {
        $among = self::among($names);
        $verb = 1 === preg_match('/^\W*(?:'.self::VERBS.'|pin and sew)\w*(?: on)?\b/iu', $line, $led) ? $led[0] : '';
        $and = "(?:\\s*[,;]\\s*(?:and |then )*(?=(?:(?:the|both) )*(?:{$among}) (?:to|onto|on|at|between|over)\\b)"
            ."|\\s+and (?=(?:(?:the|both) )*(?:{$among}) (?:to|onto)\\b))";
        $parted = '' !== $verb && '' !== $among ? preg_split("/{$and}/iu", $line) : false;
        $clauses = [$line];
        $onto = null;
        // "Sew the left arm and the right arm to the body" puts on both at once.
        foreach (false === $parted || null === self::in($parted[0], $names) ? [] : $parted as $i => $said) {
            $clause = 0 === $i ? $said : "{$verb} {$said}";
            // "…, the tail at its back": on what the one before it is on.
            $clauses[$i] = null !== $onto && null === self::in($clause, $names)
                ? (string) preg_replace('/ (?=(?:on|at|between|over)\b)/iu', " to the {$onto} ", $clause, 1)
                : $clause;
            $onto = self::in($clauses[$i], $names)->onto ?? $onto;
        }

        return array_values($clauses);
    }

    /**
     * @param list<string> $names
     *
     * @return string an expression of them, the longer before the shorter
     */
    private static function among(array $names): string
    {
        usort($names, static fn (string $one, string $other): int => \strlen($other) <=> \strlen($one));

        return implode('|', array_map(static fn (string $name): string => preg_quote($name, '/'), $names));
    }

    /**
     * @param list<string> $names of pieces that something may be put on
     *
     * @return self|null null: it says nothing of the kind
     */
    public static function in(string $line, array $names): ?self
    {
        $ontos = self::among($names);
        if ('' === $ontos) {
            return null;
        }
        $puts = \sprintf(self::PUTS, $ontos);
        if (1 !== preg_match($puts, $line, $match) && 1 !== preg_match($puts, (string) preg_replace(self::OF, ' to the $2 $1', $line, 1), $match)) {
            return null;
        }
        $parts = array_map(
            static fn (string $said): string => (string) preg_replace('/^(?:the|both) /', '', mb_strtolower(trim($said))),
            explode(' and ', '' === $match['set'] ? $match['part'] : $match['set']),
        );
        $rest = $match['side'].$match['rest'];
        $rounds = 1 === preg_match(self::ROUNDS, $rest, $said) ? [(int) $said['from'], (int) ($said['to'] ?? $said['from'])] : null;
        $stitches = 1 === preg_match(self::STITCHES, $rest, $said) ? [(int) $said['one'], (int) ($said['two'] ?? $said['one'])] : null;
        $edge = self::edge($line);

        return new self(
            parts: $parts,
            onto: mb_strtolower($match['onto']),
            edge: $edge ?? (str_contains($line, 'through its base') ? PartEdge::Middle : null),
            hold: self::hold($line, strtolower($match['verb'])),
            isWithNew: str_contains($line, 'Cut ') || 1 === preg_match('/\bnew (?:thread|yarn|strand)\b/i', $line),
            seat: SaidSeat::in($rest),
            isBehind: 1 === preg_match('/\bback\b/i', $rest),
            rounds: $rounds,
            stitches: $stitches,
            apart: 1 === preg_match(self::APART, $rest, $said) ? max((int) $said['apart'], (int) ($said['between'] ?? 0)) : null,
            stretch: 1 === preg_match(self::STRETCH, $line, $said) ? new RoundRange((int) $said['from'], (int) $said['to']) : null,
            isEven: 1 === preg_match(self::EVENLY, $rest),
        );
    }

    /**
     * How words that stand under a piece may be read: as they are; "sew to the body", where this piece is sewn; "sew the ears between rounds 5 and 6", onto
     * this piece.
     *
     * @return list<string> none where they put nothing on
     */
    public static function readings(string $line, string $piece): array
    {
        if (1 !== preg_match(self::VERB, $line)) {
            return [];
        }
        $name = addcslashes($piece, '\\$');

        return [
            $line,
            (string) preg_replace(self::VERB, "\$0 {$name}", $line, 1),
            ...1 === preg_match(self::ONTO, $line) ? [] : [(string) preg_replace(self::WHERE, " to {$name} ", $line, 1)],
        ];
    }

    private static function edge(string $line): ?PartEdge
    {
        foreach (PartEdge::cases() as $edge) {
            if (str_contains($line, $edge->inWords())) {
                return $edge;
            }
        }

        return null;
    }

    private static function hold(string $line, string $verb): ?Hold
    {
        foreach (Holds::all() as $hold) {
            if (false !== stripos($line, $hold->label())) {
                return $hold;
            }
        }
        foreach (Holds::all() as $hold) {
            if ('' !== $hold->verb() && str_starts_with($verb, $hold->verb())) {
                return $hold;
            }
        }

        return null;
    }
}
