<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Limits;

/** The heading of a piece in a written pattern: "Legs (2)", "Ears x2", "HEAD (make 1, in cream)", "Arms - make two". */
final readonly class PieceHeading
{
    private const NAME = '/^[\s#*=_~-]*(?<name>[^.,;:()\[\]]{1,60}?)(?<rest>\s*[:(\[–—,-].*|\s+(?:x|×|make)\s*\d.*)?[\s:*=_~-]*$/iu';
    private const COPIES = '/(?:make|x|×|qty|^\W*)\s*(?<copies>\d{1,2}|one|two|three|four|five|six|eight)\b/iu';
    private const NUMBERS = ['one' => 1, 'two' => 2, 'three' => 3, 'four' => 4, 'five' => 5, 'six' => 6, 'eight' => 8];

    /** @param string $rest what else it says, "in cream"; '' where the name and the number say all */
    private function __construct(public string $name, public int $copies, public string $rest)
    {
    }

    public static function of(string $line): ?self
    {
        if (1 !== preg_match(self::NAME, $line, $match) || '' === trim($match['name'])) {
            return null;
        }
        $rest = trim($match['rest'] ?? '', " \t:()[]*=_~-–—");
        $copies = 1;
        if (1 === preg_match(self::COPIES, $rest, $number)) {
            $copies = self::NUMBERS[strtolower($number['copies'])] ?? (int) $number['copies'];
            $rest = trim((string) preg_replace(self::COPIES, '', $rest, 1), " \t,;:x×");
        } elseif ('' !== $rest && 1 === preg_match('/\d|\./', $rest)) {
            return null;
        }

        return new self(trim($match['name'], " \t*_~"), max(1, min($copies, Limits::COPIES)), $rest);
    }
}
