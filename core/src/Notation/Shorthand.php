<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** The words of its own that a pattern explains in its list of abbreviations: "m = single crochet", "zu: increase". */
final readonly class Shorthand
{
    private const LINE = '/^\W*(?<word>[a-z]{1,8}(?=\s*=)|[a-z]{1,3}(?=\s*(?::|[–-]\s)))\s*(?:[=:]|[–-](?=\s))\s*'
        .'(?<says>[a-z][a-z ]{1,40}?)\W*$/i';
    /** Words of the notation, which no list makes a stitch of. */
    private const KEPT = [
        'r', 'rd', 'rnd', 'round', 'row', 'st', 'sts', 'mr', 'mc', 'cc', 'in', 'of', 'to', 'and', 'the', 'rep', 'blo', 'flo', 'bl', 'fl', 'pm', 'fo',
        'x', 'a', 'yo', 'ear', 'leg', 'arm', 'fin', 'hat', 'eye', 'lid', 'toe', 'paw', 'cap', 'rim', 'bow', 'toy', 'note', 'hook', 'yarn', 'size',
        'body', 'head', 'gauge', 'around', 'each', 'next', 'tog',
    ];
    /** More than a list of abbreviations has, and it would be no list. */
    private const MOST = 40;

    /**
     * @param array<string, string> $words     what each stands for, in lower case
     * @param string                $signature the same for the same words
     */
    private function __construct(public array $words, public string $signature)
    {
    }

    public static function none(): self
    {
        return new self([], '');
    }

    /** @param list<string> $lines */
    public static function of(array $lines, Vocabulary $vocabulary): self
    {
        $words = [];
        foreach ($lines as $line) {
            if (\strlen($line) > 80 || 1 !== preg_match(self::LINE, $line, $match)) {
                continue;
            }
            $word = strtolower($match['word']);
            $says = strtolower((string) preg_replace('/\s+/', ' ', trim($match['says'])));
            // A word that names a stitch already keeps its meaning, and so does one that stands in the rounds for other things.
            $isNew = null === $vocabulary->stitch($word) && !\in_array($word, self::KEPT, true);
            $stitch = $isNew ? $vocabulary->stitch($says) : null;
            if (null !== $stitch && \count($words) < self::MOST) {
                $words[$word] = $vocabulary->abbreviation($stitch);
            }
        }
        ksort($words);

        return [] === $words ? self::none() : new self($words, json_encode($words, \JSON_THROW_ON_ERROR));
    }

    /** Whether a line explains one of its words, and is no round. */
    public function explains(string $line): bool
    {
        return [] !== $this->words && 1 === preg_match(self::LINE, $line, $match) && isset($this->words[strtolower($match['word'])]);
    }

    /** A line's tokens, each of its words as everybody writes it. */
    public function tokens(Lexer $lexer, Tokens $tokens): Tokens
    {
        for ($at = 0; [] !== $this->words && $tokens->has($at); ++$at) {
            $says = $tokens->isWord($at) ? $this->words[$tokens->value($at)] ?? null : null;
            $tokens = null === $says ? $tokens : $tokens->with($at, 1, Tokens::of($lexer, $says));
        }

        return $tokens;
    }

    /** A line with the words that everybody knows. */
    public function spelled(string $line): string
    {
        return [] === $this->words || 1 === preg_match(self::LINE, $line) ? $line : (string) preg_replace_callback(
            '/(?<![a-z\'])(?:'.implode('|', array_keys($this->words)).')(?![a-z\'])/i',
            fn (array $word): string => $this->words[strtolower($word[0])],
            $line,
        );
    }
}
