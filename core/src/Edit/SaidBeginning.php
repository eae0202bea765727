<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\JoinedStart;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\PickUp;
use Alternum\Core\Plan\Piece;

/** What a written pattern says of a piece that begins on others: "ch 3, join to the first leg", "continue on the head without cutting". */
final readonly class SaidBeginning
{
    private const BRIDGE = '/\b(?:ch|chain)s?\s*-?(?<across>\d{1,3})\b[^.]*?\b(?:(?:join|connect|attach)\w*|around|along|across|onto|on|into|in)\b[^.]*?'
        .'\b(?:first|second|other|next)\s+(?<piece>\pL+)/iu';
    private const JOINED = '/\bjoin\w*\b[^.]{0,30}?\b(?:to|with|onto)\s+(?:the\s+)?(?:first|second|other)\s+(?<piece>\pL+)/iu';
    /** "12 sc around leg 1, ch 3, 12 sc around leg 2", "sc around the first leg, then around the second leg" */
    private const AROUND = '/\b(?:around|across|along|of|on|in|into)\s+(?:the\s+)?(?:(?:first|second|other|left|right)\s+)?(?<piece>\pL{3,})\b.*'
        .'\b(?:around|across|along|of|on|in|into)\s+(?:the\s+)?(?:(?:first|second|other|left|right)\s+)?\k<piece>\b/iu';
    private const BOTH = '/\b(?:around|join(?:ing)?)\s+(?:the\s+|your\s+)?(?:both|two)\s+(?<piece>\pL{3,})\b|'
        .'\bjoin(?:ing)?\s+(?:the\s+|your\s+)?(?<several>\pL{2,}s|feet)\b(?![^.]*\b(?:next|through|body|head)\b)/iu';
    private const CHAINS = '/\b(?:ch|chains?)\s*-?(\d{1,3})\b|\b(\d{1,3})\s*(?:ch|chains?)\b/i';
    private const LAYERS = '/\b(?:second|other|both|two)\s+(?:layers?|pieces?|halves|half)\b[^.]*?\b(?:into|to|with|onto)\s+the\s+first\b|'
        .'\bthrough\s+both\s+(?:pieces|halves|layers|parts|discs|circles)\b|'
        .'\b(?:hold|place|put|lay)\w*\s+(?:both|the\s+two)\s+(?:pieces|halves|layers|parts|discs|circles)\s+together\b/iu';
    private const SEAM = '/\bon\s+the\s+first\s+(?<piece>\pL+)\b.*\bon\s+the\s+second\b/iu';
    private const ONWARD = '/\b(?:continu\w*|go(?:ing)? on|carry '
        .'on|work\w*)\s+(?:on|onto|with|from|into|along)\s+(?:the\s+)?(?<piece>\pL+)[^.]*?\bwithout\s+(?:cutting|fastening)|\b(?:do '
        .'not|don.t)\s+(?:cut|fasten)[^.]*\bcontinue\b/iu';

    private const LOOPS = '/\b(?:front|back|free|unused|unworked|remaining|left-?over)\s+loops?\b[^.]*?\b(?:of|from|in|on|at)\s+(?:the\s+)?'
        .'(?:round|rnd|row|rd|r)\.?\s*#?(?<round>\d{1,3})\b(?:[^.]*?\b(?:of|on)\s+(?:the\s+)?(?<piece>\pL+))?/iu';

    /** "In second ch from hook", "in the next st": places of a round, whatever a piece is called. */
    private const NO_PIECE = ['ch', 'chain', 'st', 'stitch', 'sc', 'dc', 'hdc', 'tr', 'loop', 'space', 'sp', 'round', 'rnd', 'row', 'side', 'end', 'one'];

    /** As WrittenPattern says it. */
    private const OWN_SOME = '(?:(?<evenly>\d{1,4}) stitches, spread evenly, of |stitches (?<first>\d{1,4}) to (?<last>\d{1,4}) of )?';
    private const OWN_LOOPS = '/^begin: in '.self::OWN_SOME.'the loops that round (?<round>\d{1,3}) of (?<piece>\pL+)/iu';
    private const OWN_GAP = '(?:.*(?<gap>\binto the gap\b))?/iu';
    private const OWN_RIM = '/^begin: on '.self::OWN_SOME.'the opening of (?<piece>\pL+).*?\bfolded back\b'.self::OWN_GAP;
    private const OWN_BRIDGE = '/^begin: around (?:both )?(?<piece>\pL+)\b.*\bjoined by (?<across>\d{1,3}) chains?\b/iu';
    private const OWN_SEAM = '/^begin: around (?:both )?(?<piece>\pL+)\b.*\bworked together over (?<across>\d{1,3}) '
        .'stitch(?:es)?\b(?<counts>, which count)?/iu';
    private const OWN_LAYERS = '/^begin: through both (?:of )?(?<piece>\pL+)/iu';
    private const OWN_OPENING = '/^begin: on '.self::OWN_SOME.'the opening of (?<piece>\pL+)'.self::OWN_GAP;

    private const OWN_EDGE = '/^begin: around the edge of (?<piece>\pL+)/iu';
    private const OWN_EDGES = '/^begin: around the edges of (?:both )?(?<piece>\pL+)/iu';
    private const OWN_SIDE = '/^begin: into the side of (?<piece>\pL+)\b.*\bafter rounds (?<round>\d{1,3}) to (?<to>\d{1,3})\b(?:.*(?<both>\bthe other\b))?/iu';
    private const OWN_SPIRAL = '/^begin: in .*\bloops that rounds (?<round>\d{1,3}) to (?<to>\d{1,3}) of (?<piece>\pL+)/iu';

    /**
     * @param string      $piece     the word that names what it begins on; '' where none does
     * @param string      $words     the line that says so
     * @param int|null    $round     the first of the rounds that it names
     * @param int|null    $to        the last of them
     * @param bool        $isOneSide of a tube's side, one column alone
     * @param PickUp|null $take      some of the edge's stitches alone
     * @param bool        $counts    a seam's stitches count
     * @param bool        $gap       one more goes into the joining slip stitch's gap
     */
    private function __construct(
        public Join $join,
        public int $across,
        public string $piece,
        public string $words,
        public ?int $round = null,
        public ?int $to = null,
        private bool $isOneSide = false,
        private ?PickUp $take = null,
        private bool $counts = false,
        private bool $gap = false,
    ) {
    }

    /**
     * @param list<string> $lines of the piece up to its first round, which is where it says so
     * @param list<string> $names of the pieces that are made before it: a word that names none of them means something else
     */
    public static function of(array $lines, array $names): ?self
    {
        foreach ($lines as $line) {
            foreach ([
                [self::OWN_BRIDGE, Join::Bridge],
                [self::OWN_SEAM, Join::Seam],
                [self::OWN_LAYERS, Join::Layers],
                [self::OWN_LOOPS, Join::Loops],
                [self::OWN_RIM, Join::Rim],
                [self::OWN_OPENING, Join::Opening],
                [self::OWN_EDGE, Join::Edge],
                [self::OWN_EDGES, Join::Edges],
                [self::OWN_SIDE, Join::Side],
                [self::OWN_SPIRAL, Join::SpiralLoops],
                [self::BRIDGE, Join::Bridge],
                [self::JOINED, Join::Bridge],
                [self::AROUND, Join::Bridge],
                [self::BOTH, Join::Bridge],
                [self::LAYERS, Join::Layers],
                [self::SEAM, Join::Seam],
                [self::ONWARD, Join::Opening],
                [self::LOOPS, Join::Loops],
            ] as [$pattern, $join]) {
                $isSaid = 1 === preg_match($pattern, $line, $match);
                $word = $isSaid ? mb_strtolower('' === ($match['several'] ?? '') ? $match['piece'] ?? '' : $match['several']) : null;
                if (null !== $word && ('' === $word || [] !== array_filter($names, static fn (string $name): bool => self::means($word, $name)))) {
                    return new self(
                        join: $join,
                        across: min((int) ($match['across'] ?? self::chains($lines, $pattern)), Limits::STITCHES_IN_ROUND),
                        piece: $word,
                        words: trim($line),
                        round: isset($match['round']) ? (int) $match['round'] : null,
                        to: isset($match['to']) ? (int) $match['to'] : null,
                        isOneSide: Join::Side === $join && !isset($match['both']),
                        take: match (true) {
                            '' !== ($match['evenly'] ?? '') => PickUp::evenly((int) $match['evenly']),
                            '' !== ($match['first'] ?? '') => PickUp::between((int) $match['first'], (int) ($match['last'] ?? 0)),
                            default => null,
                        },
                        counts: isset($match['counts']),
                        gap: isset($match['gap']),
                    );
                }
            }
        }

        return null;
    }

    /**
     * The chains that the lines name between pieces which are gone around.
     *
     * @param list<string> $lines
     */
    private static function chains(array $lines, string $pattern): int
    {
        $isAround = self::AROUND === $pattern || self::BOTH === $pattern;

        return $isAround && 1 === preg_match(self::CHAINS, implode("\n", $lines), $match) ? (int) end($match) : 0;
    }

    /** Under a heading that is not there, what is worked on legs is a body. */
    public function isOnLegs(): bool
    {
        return Join::Bridge === $this->join && (self::means($this->piece, 'leg') || self::means($this->piece, 'foot'));
    }

    /** The same on the loops of the round before: "the front loops of round 8" are those that round 8 left, too, where it is worked in the back loops. */
    public function below(): ?self
    {
        return Join::Loops === $this->join && null !== $this->round && $this->round > 1
            ? new self($this->join, $this->across, $this->piece, $this->words, $this->round - 1, take: $this->take)
            : null;
    }

    /** @param list<string> $lines up to a first round */
    public static function joinsLayers(array $lines): bool
    {
        // Pressed flat, one piece is closed.
        return 1 !== preg_match('/\b(?:flat\w*|fold\w*|press\w*|finish\w*|closing|assembl\w*)\b/i', implode("\n", $lines))
            && Join::Layers === self::of($lines, [])?->join;
    }

    /** @param list<Piece> $before the pieces made before it */
    public function on(array $before): ?JoinedStart
    {
        $last = end($before);
        if (false === $last) {
            return null;
        }
        // A pattern that was written here names them in full.
        $own = str_starts_with($this->words, 'Begin: ') ? explode('; ', $this->words)[0] : '';
        $inFull = array_filter($before, static fn (Piece $piece): bool => '' !== $piece->name && false !== mb_stripos($own, $piece->name));
        $meant = array_filter($before, fn (Piece $piece): bool => self::means($this->piece, $piece->name));
        $named = array_values([] === $inFull ? $meant : $inFull);
        $least = max(1, $this->join->pieces()[0]);
        // "Leg 1" and "Leg 2" are two pieces; a piece that is made twice is named once.
        // Two layers that no word names are the two before it, or one that is made twice.
        $unnamed = $this->join->isThroughBoth() && $last->copies->count < 2 ? $before : [$last];
        $keys = array_map(static fn (Piece $piece): string => $piece->key, \array_slice([] === $named ? $unnamed : $named, -$least));

        return new JoinedStart(
            $this->join,
            \count($keys) < $least ? array_fill(0, $least, $keys[\count($keys) - 1]) : $keys,
            $this->join->hasAcross() ? max($this->across, Join::Seam === $this->join ? 1 : 0) : 0,
            $this->round,
            take: $this->take,
            to: $this->to,
            counts: $this->counts,
            gap: $this->gap,
            isOneSide: $this->isOneSide,
        );
    }

    private static function means(string $word, string $name): bool
    {
        $stem = static fn (string $one): string => rtrim(strtr(mb_strtolower($one), ['feet' => 'foot', 'hooves' => 'hoof']), 's');
        $word = $stem($word);
        $words = preg_split('/[^\pL]+/u', $name);

        return '' !== $word && !\in_array($word, self::NO_PIECE, true) && \in_array($word, array_map($stem, false === $words ? [] : $words), true);
    }

    /** What it is, for a choice. */
    public function label(): Message
    {
        return Message::of('begin.on', join: $this->join->name, chains: $this->across);
    }
}
