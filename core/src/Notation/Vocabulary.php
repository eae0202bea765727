<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Terms;

/**
 * The words for the stitches in one country's terms, to read and to write.
 *
 * UK words stand one step up from the US ones: UK double crochet is US single, half treble is half double,
 * treble is double, double treble is treble (common practice, no source).
 */
final class Vocabulary
{
    /** The most words that one stitch's name has. */
    public const LONGEST = 5;

    /** Words that are no stitch's but belong to the notation, so that a slip of the pen may mean them. */
    private const OTHERS = ['around', 'repeat', 'each', 'next', 'stitch', 'stitches', 'ring', 'round', 'times', 'magic'];

    private const UK_ABBREVIATIONS = ['sc' => 'dc', 'esc' => 'edc', 'hdc' => 'htr', 'dc' => 'tr', 'tr' => 'dtr', 'sk' => 'miss'];

    /** @var array<string, true>|null the first words of all names; null until one is looked up: to write takes none */
    private ?array $first = null;

    /** @var array<string, Stitch>|null by their names in these terms */
    private ?array $stitches = null;

    private function __construct(private readonly Terms $terms)
    {
    }

    public static function of(Terms $terms): self
    {
        /** @var array<string, self> $made */
        static $made = [];

        return $made[$terms->value] ??= new self($terms);
    }

    /** @param string $name lower case, its words parted by one space */
    public function stitch(string $name): ?Stitch
    {
        return $this->stitches()[$name] ?? null;
    }

    /** The stitch named at a place, by as many tokens as do. */
    public function at(Tokens $tokens, int $at): ?NamedStitch
    {
        $stitches = $this->stitches();
        $this->first ??= self::firstWords($stitches);
        $value = $tokens->value($at);
        if (!isset($this->first[$value]) && !(str_contains($value, ' ') && isset($stitches[$value]))) {
            return null;
        }
        $name = '';
        $found = null;
        $words = 0;
        for ($i = $at; $words < self::LONGEST && $tokens->has($i); ++$i) {
            $value = $tokens->value($i);
            if (('.' === $value || '-' === $value) && '' !== $name && $tokens->isClose($i)) {
                // "sl. st", "inv. dec", "half-double crochet".
                continue;
            }
            if (!$tokens->isWord($i)) {
                break;
            }
            ++$words;
            $name .= ('' === $name ? '' : ' ').$value;
            $stitch = $stitches[$name] ?? null;
            if (null !== $stitch) {
                $found = new NamedStitch($stitch, $i - $at + 1);
            }
        }

        return $found;
    }

    /** Whether a word names a stitch, or begins a name that does here. */
    public function knows(Tokens $tokens, int $at): bool
    {
        return null !== $this->at($tokens, $at);
    }

    /** How a stitch is written where it stands alone: "hdc inc", "dc3tog", "3 sc in next st". */
    public function abbreviation(Stitch $stitch): string
    {
        $name = $stitch->plain()->value;
        if (1 === preg_match('/^(.+) inc(\d)$/', $name, $match)) {
            return "{$match[2]} ".$this->own($match[1]).' in next st';
        }
        if (str_ends_with($name, ' both')) {
            return $this->own(substr($name, 0, -5)).' through both sides';
        }
        if (1 === preg_match('/^(bob|pop)(\d)$/', $name, $match)) {
            return "{$match[2]}-loop {$match[1]}";
        }
        if (1 === preg_match('/^([fb]p)(\w+)$/', $name, $match)) {
            return $match[1].$this->own($match[2]);
        }
        if (Stitch::ReverseSingle === $stitch) {
            return 'reverse '.$this->own('sc');
        }

        return 1 === preg_match('/^(\w+?)( inc|[23]tog)$/', $name, $match) ? $this->own($match[1]).$match[2] : $this->own($name);
    }

    /** A sentence with US words in it, "Write 6 sc in MR.", in these words. */
    public function inWords(string $us): string
    {
        return (string) preg_replace_callback('/\b(?:sc|hdc|dc|tr)\b/', fn (array $word): string => $this->own($word[0]), $us);
    }

    /** Whether the way it is written holds a number or a bracket of its own, so that a number before it would be misread. */
    public function isPhrase(Stitch $stitch): bool
    {
        return 1 === preg_match('/^[\d(]/', $this->abbreviation($stitch));
    }

    private function own(string $name): string
    {
        return Terms::Us === $this->terms ? $name : self::UK_ABBREVIATIONS[$name] ?? $name;
    }

    /**
     * The known one-word name that a mistyped word is nearest to, or null where none is near: a letter for short words, two for long
     * ones, and never a word that is known itself.
     */
    public function nearest(string $word): ?string
    {
        $length = \strlen($word);
        if ($length > 30 || $length < 2 || isset($this->stitches()[$word]) || \in_array($word, self::OTHERS, true)) {
            return null;
        }
        $best = null;
        $least = $length < 8 ? 2 : 3;
        foreach ([...array_keys($this->stitches()), ...self::OTHERS] as $name) {
            if (\strlen($name) < 3 && ($length > 3 || $name[0] !== $word[0])) {
                continue;
            }
            $distance = levenshtein($word, $name);
            // Two letters of which one is wrong may be anything.
            if ($distance < $least && $length > 2 && \strlen($name) > 1 && !str_contains($name, ' ')) {
                [$best, $least] = [$name, $distance];
            }
        }

        return $best;
    }

    /** @return array<string, Stitch> */
    private function stitches(): array
    {
        return $this->stitches ??= StitchNames::of($this->terms);
    }

    /**
     * @param array<string, Stitch> $stitches
     *
     * @return array<string, true>
     */
    private static function firstWords(array $stitches): array
    {
        $first = [];
        foreach (array_keys($stitches) as $name) {
            $first[explode(' ', $name, 2)[0]] = true;
        }

        return $first;
    }
}
