<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\SaidEnd;
use Alternum\Core\Notation\SaidWorked;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/** The heading of a piece in a written pattern: "Legs (2)", "Ears x2", "HEAD (make 1, in cream)", "Arms - make two". */
final readonly class PieceHeading
{
    private const NAME = '/^[\s#*=_~-]*(?<name>[^.,;:()\[\]]{1,60}?)(?<rest>\s*[:(\[–—,-].*|\s+(?:x|×|\*|make)\s*\d.*)?[\s:*=_~-]*$/iu';
    private const COPIES = '/(?:make|x|×|\*|qty|^\W*)\s*(?<copies>\d{1,2}|one|two|three|four|five|six|eight)(?:\b|(?=x))/iu';
    private const OURS = '/\(make \d+(?:; in (?:rows|joined rounds|a spiral))?(?:; from the (?:top down|bottom up|face to the tail|tail to the face))?\)$/u';
    private const FROM = '/\b(?:from (?:the )?)?(?:top[ -]down|bottom[ -]up)\b|\bfrom (?:the )?\pL+(?: end)? to (?:the )?\pL+(?: end)?\b/iu';
    /** "Two legs", "2x ears", "Pair of boots". */
    private const OFTEN = '/^(?:a |one )?(?:(?<copies>\d{1,2}|two|three|four|five|six|eight)(?:\s?[x×]\s?|\s+)|(?<pair>pair) of )(?=\pL)/iu';
    private const ALIKE = '/\b(?:both |all )?(?:alike|identical|the same)\b/iu';
    private const COUNTED = '/^[\s#*_]*(?<name>\pL[\pL ]{2,40}?)\s*(?:[:(–-]\s*)?(?:\d{1,2}\s?[x×]|[x×]\s?\d{1,2})(?:[ ,]+[\pL ,&-]{2,40}\))?[)\s:*_]*'
        .'(?:\([\pL ,&-]{2,40}\)|[:,–—-]\s*[\pL ,&-]{1,40})?[\s:*_]*$/iu';
    /** "in grey", "with A", "colour B" */
    private const YARN = '/^(?:start(?:ing)? |begin(?:ning)? )?(?:(?:in|with|using)(?: the)?(?: colou?r| yarn)?|'
        .'colou?r|yarn)\b[\s:=-]*[\pL][\pL\d #-]{0,30}$/iu';
    private const NUMBERS = ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'eight' => 8];

    /**
     * @param string          $rest       what else it says, "in cream"; '' where the name and the number say all
     * @param Worked|null     $worked     as it says; null: it does not
     * @param FirstRound|null $firstRound as it says
     */
    private function __construct(
        public string $name,
        public int $copies,
        public string $rest,
        public ?Worked $worked,
        public ?FirstRound $firstRound,
    ) {
    }

    public static function of(string $line): ?self
    {
        if (1 !== preg_match(self::NAME, $line, $match) || '' === trim($match['name'])) {
            return null;
        }
        $rest = trim($match['rest'] ?? '', " \t:()[]*=_~-–—");
        $copies = 1;
        if (1 === preg_match(self::COPIES, $rest, $number)) {
            $copies = self::number($number['copies']);
            $rest = trim((string) preg_replace(self::COPIES, '', $rest, 1), " \t,;:x×");
        } elseif ('' !== $rest && 1 === preg_match('/\d|\./', $rest)) {
            return null;
        }

        $rest = trim((string) preg_replace(self::ALIKE, '', $rest), " \t,;:()");
        $name = trim($match['name'], " \t*_~");
        if (1 === preg_match(self::OFTEN, $name, $often) && mb_strlen($name) > mb_strlen($often[0]) + 1) {
            $copies = isset($often['pair']) ? 2 : self::number($often['copies']);
            $name = mb_substr($name, mb_strlen($often[0]));
            $name = mb_strtoupper(mb_substr($name, 0, 1)).mb_substr($name, 1);
        }
        // Headings often stand in capitals, as they do in a pattern that was written here.
        $isCapital = mb_strlen($name) > 2 && mb_strtoupper($name) === $name && mb_strtolower($name) !== $name;

        $said = (string) preg_replace_callback(self::FROM, static fn (array $end): string => null === SaidEnd::in($end[0]) ? $end[0] : '', $rest);
        $worked = SaidWorked::phrase($rest);
        $said = null === $worked ? $said : str_replace($worked, '', $said);

        return new self(
            name: $isCapital ? mb_substr($name, 0, 1).mb_strtolower(mb_substr($name, 1)) : $name,
            copies: max(1, min($copies, Limits::COPIES)),
            rest: 1 === preg_match('/\pL/u', $said) ? $rest : '',
            worked: null === $worked ? null : SaidWorked::in($worked),
            firstRound: SaidEnd::in($rest),
        );
    }

    /** "2", "two" */
    public static function number(string $said): int
    {
        return self::NUMBERS[strtolower($said)] ?? (int) $said;
    }

    /** Whether all that it says beside the name is the yarn. */
    public function saysYarn(): bool
    {
        return 1 === preg_match(self::YARN, $this->rest);
    }

    /** Whether a line is a name rather than a sentence, so that nothing need part it from what stands above it. */
    public function isName(string $line): bool
    {
        $words = preg_match_all('/\pL+/u', $this->name);

        return !str_ends_with(rtrim($line), '.') && 1 === preg_match('/^\P{Ll}/u', ltrim($line, " \t*_~#-")) && ($this->copies > 1 || $words < 4)
            && ('' === $this->rest || str_contains($line, '(') || $this->copies > 1 || $this->saysYarn() || null !== $this->firstRound);
    }

    /** "Tail - 1x", "Ears x2", where "sc x2" is two stitches. */
    public static function isCounted(string $line): bool
    {
        return 1 === preg_match(self::COUNTED, $line, $match) && null === Vocabulary::of(Terms::Us)->stitch(mb_strtolower(trim($match['name'])))
            && null === Vocabulary::of(Terms::Uk)->stitch(mb_strtolower(trim($match['name'])));
    }

    /** Whether it is a heading as a pattern has it that was written here, and so no remark. */
    public static function isOurs(string $line): bool
    {
        return 1 === preg_match(self::OURS, $line);
    }
}
