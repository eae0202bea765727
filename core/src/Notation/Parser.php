<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Count;
use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Start;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Terms;
use Doctrine\Common\Lexer\Token;

/**
 * Reads one typed line into nodes. What it does not know of is how many stitches lie below: "around" stays open.
 *
 *     line   = [head] [items] [count]
 *     head   = ("R" | "Rnd" | "Round" | "Row" …) number ["-" number] [":"] | number (":" | ")")
 *     items  = item { [","] item }
 *     item   = stitches | group | start | "with" name ":"
 *     group  = "(" items ")" [times]
 *     times  = "x" number | number "times" | "around"
 *     count  = "(" number ["sts"] ")"
 */
final class Parser
{
    private const HEADS = ['r', 'rd', 'rds', 'rnd', 'rnds', 'round', 'rounds', 'row', 'rows', 'rs'];
    private const COUNTED = ['st', 'sts', 'stitch', 'stitches'];
    private const RINGS = ['mr', 'ring', 'circle', 'mc'];
    private const LABELS = ['abbreviations', 'change', 'colours', 'colors', 'finishing', 'gauge', 'hook', 'materials', 'note', 'notes', 'words', 'yarn', 'yarns'];

    private readonly Lexer $lexer;
    private readonly Vocabulary $vocabulary;
    private readonly Vocabulary $otherVocabulary;

    private string $text = '';
    /** @var list<Token<TokenType, string>> */
    private array $tokens = [];
    private int $at = 0;

    public function __construct(private readonly Terms $terms)
    {
        $this->lexer = new Lexer();
        $this->vocabulary = Vocabulary::of($terms);
        $this->otherVocabulary = Vocabulary::of($terms->other());
    }

    /**
     * @return Line|null null for a blank line, a comment or prose that is no round
     *
     * @throws SyntaxError with its place in characters of the line
     */
    public function line(string $line): ?Line
    {
        $this->text = Lexer::normal($line);
        if ('' === trim($this->text) || '#' === ltrim($this->text)[0]) {
            return null;
        }
        $this->lexer->setInput($this->text);
        $this->tokens = [];
        $this->lexer->moveNext();
        while (null !== $token = $this->lexer->lookahead) {
            $this->tokens[] = $token;
            $this->lexer->moveNext();
        }
        $this->at = 0;

        $head = $this->head();
        if (null === $head && $this->isProse()) {
            return null;
        }
        $count = null;
        try {
            $count = $this->closingCount();
            $items = $this->items(0);
            if ($this->at < \count($this->tokens)) {
                $token = $this->tokens[$this->at];
                throw $this->error($token, "There is a “{$token->value}” with no bracket open before it.", 'Take it out, or open a bracket where the repeat begins.');
            }
        } catch (SyntaxError $error) {
            throw $error->within($head, $count);
        }
        $end = $this->end();

        return new Line($head, $items, $count, $end);
    }

    private function head(): ?Head
    {
        $first = $this->tokens[0] ?? null;
        if (null === $first) {
            return null;
        }
        $named = TokenType::Word === $first->type && \in_array($first->value, self::HEADS, true) && TokenType::Number === ($this->tokens[1]->type ?? null);
        $bare = TokenType::Number === $first->type && \in_array($this->tokens[1]->value ?? '', [':', ')'], true);
        if (!$named && !$bare) {
            return null;
        }
        $this->at = $named ? 1 : 0;
        $from = $to = $this->number($this->tokens[$this->at++]);
        $dash = $this->tokens[$this->at] ?? null;
        if (null !== $dash && (TokenType::Dash === $dash->type || \in_array($dash->value, ['to', 'through'], true))) {
            $next = $this->at + 1;
            if (\in_array($this->tokens[$next]->value ?? '', self::HEADS, true)) {
                ++$next;
            }
            if (TokenType::Number === ($this->tokens[$next]->type ?? null) && $this->isRange($first, $dash, $next)) {
                $to = $this->number($this->tokens[$next]);
                $this->at = $next + 1;
            }
        }
        $last = $this->tokens[$this->at - 1];
        // "Rounds 4 to 7 (4 rounds):" says it twice.
        if (TokenType::Open === ($this->tokens[$this->at]->type ?? null) && \in_array($this->tokens[$this->at + 2]->value ?? '', self::HEADS, true)
            && TokenType::Number === ($this->tokens[$this->at + 1]->type ?? null) && TokenType::Close === ($this->tokens[$this->at + 3]->type ?? null)) {
            $this->at += 4;
        }
        while (\in_array($this->tokens[$this->at]->type ?? null, [TokenType::Stop, TokenType::Dash, TokenType::Separator], true)
            || ($bare && ')' === ($this->tokens[$this->at]->value ?? ''))) {
            ++$this->at;
        }
        $position = $this->positionOf($first);
        $head = new Head($from, $to, $position, $this->endOf($last) - $position);
        if ($to < $from) {
            throw new SyntaxError("The rounds run backwards: from {$from} to {$to}.", "Write {$to}-{$from}.", $head->position, $head->length, $head);
        }
        if ($from < 1 || $to > Limits::ROUNDS) {
            throw new SyntaxError('A piece has rounds 1 to '.Limits::ROUNDS.'.', 'Mend the round’s number.', $head->position, $head->length, $head);
        }

        return $head;
    }

    /**
     * Whether the number after a dash ends a range, "R4-7 sc around", or begins the round, "Rnd 1 - 6 sc in MR".
     *
     * @param Token<TokenType, string> $first the head's word
     * @param Token<TokenType, string> $dash
     * @param int                      $at    the number's place
     */
    private function isRange(Token $first, Token $dash, int $at): bool
    {
        $then = $this->tokens[$at + 1] ?? null;
        $isOpen = null !== $then && !\in_array($then->type, [TokenType::Word, TokenType::Number, TokenType::Ordinal], true);
        $isClose = $dash->position + 1 === $this->tokens[$at]->position && ' ' !== ($this->text[$dash->position - 1] ?? ' ');

        return $isOpen || $isClose || TokenType::Dash !== $dash->type || str_ends_with($first->value, 's');
    }

    /** Whether the line, which has no head, says nothing about stitches: materials, "stuff now", a heading. */
    private function isProse(): bool
    {
        $first = $this->tokens[0];
        if (TokenType::Word !== $first->type) {
            return false;
        }
        if (\in_array($first->value, self::LABELS, true) && ':' === ($this->tokens[1]->value ?? '')) {
            return true;
        }
        foreach ($this->tokens as $i => $token) {
            if (TokenType::Word === $token->type) {
                $this->at = $i;
                $known = null !== $this->stitchName() || \in_array($token->value, ['around', 'mr'], true);
                $this->at = 0;
                if ($known) {
                    return false;
                }
            }
        }

        return true;
    }

    /** Takes "(18)" or "[18 sts]" off the end of the tokens. */
    private function closingCount(): ?Count
    {
        $tokens = $this->tokens;
        while ([] !== $tokens && TokenType::Stop === end($tokens)->type) {
            array_pop($tokens);
        }
        $n = \count($tokens);
        if ($n < 3 || TokenType::Close !== $tokens[$n - 1]->type) {
            return null;
        }
        $open = $n - 3;
        if (TokenType::Word === $tokens[$n - 2]->type && $n >= 4) {
            $open = $n - 4;
            $isCounted = \in_array($tokens[$n - 2]->value, self::COUNTED, true)
                // "sc around (18 sc)": said of the whole round, as no comma parts it from what stands before.
                || (null !== $this->vocabulary->stitch($tokens[$n - 2]->value) && $open > $this->at && TokenType::Separator !== $tokens[$open - 1]->type);
            if (!$isCounted) {
                return null;
            }
        }
        if (TokenType::Open !== $tokens[$open]->type || TokenType::Number !== $tokens[$open + 1]->type || $open < $this->at) {
            return null;
        }
        $position = $this->positionOf($tokens[$open]);
        $length = $this->endOf($tokens[$n - 1]) - $position;
        $this->tokens = \array_slice($tokens, 0, $open);
        while ([] !== $this->tokens && \in_array(end($this->tokens)->type, [TokenType::Separator, TokenType::Stop, TokenType::Dash], true) && \count($this->tokens) > $this->at) {
            array_pop($this->tokens);
        }

        return new Count($this->number($tokens[$open + 1]), $position, $length);
    }

    /** @return list<Node> up to the end, or to a closing bracket */
    private function items(int $depth): array
    {
        $items = [];
        while (null !== $token = $this->tokens[$this->at] ?? null) {
            if (TokenType::Close === $token->type) {
                break;
            }
            if (\in_array($token->type, [TokenType::Separator, TokenType::Stop], true) || \in_array($token->value, ['and', 'then'], true)) {
                ++$this->at;
                continue;
            }
            if ('with' === $token->value && $this->colourName()) {
                continue;
            }
            $item = TokenType::Open === $token->type ? $this->group($depth) : $this->work($items);
            if ($item instanceof Start && !$item->ring) {
                array_pop($items);
            }
            $items[] = $item;
        }

        return $items;
    }

    /** Passes over "with B, Flag red:". Colours are layers of the plan; the words in the line are for people. */
    private function colourName(): bool
    {
        for ($i = $this->at + 1; isset($this->tokens[$i]); ++$i) {
            if (':' === $this->tokens[$i]->value) {
                $this->at = $i + 1;

                return true;
            }
        }

        return false;
    }

    private function group(int $depth): Repeat
    {
        $open = $this->tokens[$this->at++];
        if ($depth >= Limits::NESTING) {
            throw $this->error($open, 'There are more than '.Limits::NESTING.' brackets within brackets.', 'Write the round with fewer.');
        }
        $items = $this->items($depth + 1);
        $close = $this->tokens[$this->at] ?? null;
        if (null === $close) {
            throw $this->error($open, "This “{$open->value}” is never closed.", 'Close it with “'.('(' === $open->value ? ')' : ']').'” and say how often: x6.');
        }
        if (('(' === $open->value) !== (')' === $close->value)) {
            throw $this->error($close, "“{$open->value}” is closed by “{$close->value}”.", 'Close it with “'.('(' === $open->value ? ')' : ']').'”.');
        }
        ++$this->at;
        if ([] === $items) {
            throw $this->error($open, 'There is nothing between these brackets.', 'Write the stitches of one repeat between them, as (sc, inc).');
        }
        [$times] = $this->times($close);
        $position = $this->positionOf($open);

        return new Repeat($items, false === $times ? 1 : $times, $position, $this->reached() - $position);
    }

    /** @param list<Node> $before the items already read in this bracket */
    private function work(array $before): Node
    {
        $first = $this->tokens[$this->at];
        $position = $this->positionOf($first);
        if (null !== $ring = $this->ringFirst($position)) {
            return $ring;
        }
        $count = null;
        if (TokenType::Number === $first->type) {
            $count = $this->count($first);
            ++$this->at;
        }
        $name = $this->stitchName();
        if (null === $name) {
            throw $this->unknown($first, $count);
        }
        [$stitch, $words] = $name;
        $named = $this->tokens[$this->at];
        $this->at += $words;

        $trailing = $this->tokens[$this->at] ?? null;
        if (null !== $trailing && TokenType::Number === $trailing->type && !$this->isTimesAt($this->at)) {
            ++$this->at;
            $mixed = null !== $this->stitchName();
            --$this->at;
            if (null !== $count || $mixed) {
                throw $this->error($trailing, "“{$trailing->value}” could belong to the stitch before it or to the one after it.", 'Part them with a comma.');
            }
            $count = $this->count($trailing);
            ++$this->at;
        }
        [$times, $said] = $this->times($named);
        if (false !== $times && null !== $count) {
            if (null === $times) {
                throw $this->error($said ?? $named, "It says {$count} and also “{$said?->value}”.", 'Leave one of the two out.');
            }
            $times = $this->limited($count * $times, $said ?? $named);
            $count = null;
        }
        if (false !== $times) {
            return new Work($stitch, $times, $position, $this->reached() - $position);
        }

        return $this->into($stitch, $count, $position, $before) ?? new Work($stitch, $count ?? 1, $position, $this->reached() - $position);
    }

    /** "MR 6", "magic ring, 6 sc", "MR with 6 sc". */
    private function ringFirst(int $position): ?Start
    {
        $ringWords = $this->ringWords();
        if (0 === $ringWords) {
            return null;
        }
        $ring = $this->tokens[$this->at];
        $this->at += $ringWords;
        while (\in_array($this->tokens[$this->at]->type ?? null, [TokenType::Separator, TokenType::Stop], true) || 'with' === ($this->tokens[$this->at]->value ?? '')) {
            ++$this->at;
        }
        $number = $this->tokens[$this->at] ?? null;
        if (null === $number || TokenType::Number !== $number->type) {
            throw $this->error($ring, 'It does not say how many stitches go into the ring.', 'Write 6 sc in MR.');
        }
        $count = $this->count($number);
        ++$this->at;
        $name = $this->stitchName();
        $this->at += $name[1] ?? 0;

        return new Start(true, $name[0] ?? Stitch::Single, $count, $position, $this->reached() - $position);
    }

    /**
     * What follows "in …": the ring, the second chain, each stitch, the next stitches.
     *
     * @param list<Node> $before
     */
    private function into(Stitch $stitch, ?int $count, int $position, array $before): ?Node
    {
        $in = $this->tokens[$this->at] ?? null;
        if (null === $in || !\in_array($in->value, ['in', 'into'], true)) {
            return null;
        }
        ++$this->at;
        $this->skipWords(['a', 'the']);
        $ringWords = $this->ringWords();
        if ($ringWords > 0) {
            $this->at += $ringWords;

            return new Start(true, $stitch, $count ?? 1, $position, $this->reached() - $position);
        }
        $next = $this->tokens[$this->at] ?? null;
        if (\in_array($next->value ?? '', ['2nd', 'second'], true)) {
            ++$this->at;
            $chain = $this->stitchName();
            if (Stitch::Chain !== ($chain[0] ?? null)) {
                throw $this->error($in, 'It says “second”, but not of what.', 'Write ch 2, 6 sc in 2nd ch from hook.');
            }
            $this->at += $chain[1];
            $this->skipWords(['from', 'the', 'hook']);
            $last = end($before);
            if (!$last instanceof Work || Stitch::Chain !== $last->stitch || 2 !== $last->times) {
                throw $this->error($in, 'There are no two chains before this.', 'Write ch 2, 6 sc in 2nd ch from hook.');
            }

            return new Start(false, $stitch, $count ?? 1, $last->position(), $this->reached() - $last->position());
        }
        if (\in_array($next->value ?? '', ['each', 'every', 'all'], true)) {
            ++$this->at;
            $this->skipWords(['of', 'the']);
            if ('next' !== ($this->tokens[$this->at]->value ?? '')) {
                $this->skipWords([...self::COUNTED, 'around', 'round']);

                return new Work($this->perStitch($stitch, $count, $in), null, $position, $this->reached() - $position);
            }
            $each = true;
        }
        if ('next' === ($this->tokens[$this->at]->value ?? '')) {
            ++$this->at;
            $number = $this->tokens[$this->at] ?? null;
            $places = 1;
            if (null !== $number && TokenType::Number === $number->type) {
                $places = $this->count($number);
                ++$this->at;
            }
            $this->skipWords(self::COUNTED);
            if (!isset($each) && null !== $count && $places > 1) {
                if ($count !== $places) {
                    throw $this->error($in, "{$count} stitches into the next {$places}: it does not say how they are shared out.", 'Write each one out, or “2 sc in each of the next 3 sts”.');
                }
                $count = 1;
            }

            return new Work($this->perStitch($stitch, $count, $in), $places, $position, $this->reached() - $position);
        }
        throw $this->error($in, 'It does not say into what.', 'Write in MR, in next st, or in each st.');
    }

    /** @param Token<TokenType, string> $place */
    private function perStitch(Stitch $stitch, ?int $count, Token $place): Stitch
    {
        return match (true) {
            null === $count || 1 === $count => $stitch,
            2 === $count && Stitch::Single === $stitch => Stitch::Increase,
            default => throw $this->error($place, "{$count} {$this->vocabulary->abbreviation($stitch)} into one stitch is not read yet.", 'An increase is 2 '.$this->vocabulary->abbreviation(Stitch::Single).' in one stitch: inc.'),
        };
    }

    /**
     * @param Token<TokenType, string> $after what is to be repeated
     *
     * @return array{int|false|null, Token<TokenType, string>|null} a number, null for around, false where nothing is said; and where it is said
     */
    private function times(Token $after): array
    {
        $token = $this->tokens[$this->at] ?? null;
        if (null === $token) {
            return [false, null];
        }
        if (TokenType::Times === $token->type && TokenType::Number === ($this->tokens[$this->at + 1]->type ?? null)) {
            $number = $this->tokens[$this->at + 1];
            $this->at += 2;
            $this->skipWords(['times']);

            return [$this->count($number), $number];
        }
        if ($this->isTimesAt($this->at)) {
            $this->at += 2;

            return [$this->count($token), $token];
        }
        $words = $this->aroundWords();
        if ($words > 0) {
            $this->at += $words;

            return [null, $token];
        }
        if (TokenType::Number === $token->type && \in_array($after->value, [')', ']'], true) && !\in_array($this->tokens[$this->at + 1]->type ?? null, [TokenType::Word, TokenType::Open], true)) {
            throw $this->error($token, "It is not clear what “{$token->value}” counts.", "Write x{$token->value} for a repeat, or ({$token->value}) for the count at the round’s end.");
        }

        return [false, null];
    }

    private function isTimesAt(int $at): bool
    {
        return TokenType::Number === ($this->tokens[$at]->type ?? null) && \in_array($this->tokens[$at + 1]->value ?? '', ['times', 'x'], true);
    }

    /** How many tokens say "around" here: "around", "all around", "all round", "to end", "to the end". */
    private function aroundWords(): int
    {
        $said = implode(' ', array_map(static fn (Token $token): string => $token->value, \array_slice($this->tokens, $this->at, 3)));

        return match (true) {
            str_starts_with($said, 'to the end') => 3,
            str_starts_with($said, 'all around'), str_starts_with($said, 'all round'), str_starts_with($said, 'to end') => 2,
            1 === preg_match('/^around\b/', $said) => 1,
            default => 0,
        };
    }

    /** How many tokens name the ring here: "MR", "magic ring", "adjustable ring". */
    private function ringWords(): int
    {
        $first = $this->tokens[$this->at]->value ?? '';
        if (\in_array($first, ['magic', 'adjustable'], true) && \in_array($this->tokens[$this->at + 1]->value ?? '', self::RINGS, true)) {
            return 2;
        }

        return \in_array($first, self::RINGS, true) ? 1 : 0;
    }

    /** @return array{Stitch, int}|null the stitch named here, and how many tokens name it */
    private function stitchName(): ?array
    {
        return $this->stitchNameIn($this->vocabulary);
    }

    /** @return array{Stitch, int}|null */
    private function stitchNameIn(Vocabulary $vocabulary): ?array
    {
        $name = '';
        $found = null;
        $words = 0;
        for ($i = $this->at; isset($this->tokens[$i]) && $words < Vocabulary::LONGEST; ++$i) {
            $token = $this->tokens[$i];
            if ('.' === $token->value && '' !== $name) {
                // "sl. st", "inv. dec".
                continue;
            }
            $isWord = TokenType::Word === $token->type || (TokenType::Other !== $token->type && str_contains($token->value, 'tog'));
            if (!$isWord) {
                break;
            }
            ++$words;
            $name .= ('' === $name ? '' : ' ').(str_contains($token->value, 'tog') ? str_replace(' ', '', $token->value) : $token->value);
            $stitch = $vocabulary->stitch($name);
            if (null !== $stitch) {
                $found = [$stitch, $i - $this->at + 1];
            }
        }

        return $found;
    }

    /** @param Token<TokenType, string> $first */
    private function unknown(Token $first, ?int $count): SyntaxError
    {
        $token = $this->tokens[$this->at] ?? null;
        if (null === $token) {
            return $this->error($first, "It does not say {$first->value} of what.", "Write {$first->value} {$this->vocabulary->abbreviation(Stitch::Single)}.");
        }
        $word = mb_strlen($token->value) > 20 ? mb_substr($token->value, 0, 20).'…' : $token->value;
        if (TokenType::Word === $token->type) {
            if (null !== $this->stitchNameIn($this->otherVocabulary)) {
                [$these, $those] = Terms::Us === $this->terms ? ['US', 'UK'] : ['UK', 'US'];

                return $this->error($token, "“{$word}” is a {$those} word, and this plan is read in {$these} words.", "If these are {$those} words, set the plan’s words to {$those}.");
            }
            if (null !== $near = $this->vocabulary->nearest($token->value)) {
                return $this->error($token, "“{$word}” is no stitch that is known here.", "Did you mean {$near}?");
            }

            return $this->error($token, "“{$word}” is no stitch that is known here.", 'Write it with sc, inc, dec, inv dec, hdc, dc, tr, sl st, ch, sk or bob; start a remark with #.');
        }
        if (null !== $count) {
            return $this->error($first, "It does not say {$first->value} of what.", "Write {$first->value} {$this->vocabulary->abbreviation(Stitch::Single)}.");
        }

        return $this->error($token, "“{$word}” cannot be read here.", 'Take it out, or write the stitches it stands for.');
    }

    /** @param list<string> $words */
    private function skipWords(array $words): void
    {
        while (\in_array($this->tokens[$this->at]->value ?? null, $words, true)) {
            ++$this->at;
        }
    }

    /** @param Token<TokenType, string> $token */
    private function count(Token $token): int
    {
        $number = $this->number($token);
        if ($number < 1) {
            throw $this->error($token, '0 stitches are none.', 'Leave it out, or write how many there are.');
        }

        return $this->limited($number, $token);
    }

    /** @param Token<TokenType, string> $token */
    private function limited(int $number, Token $token): int
    {
        if ($number > Limits::STITCHES_IN_ROUND) {
            throw $this->error($token, "{$number} is more than a round can hold, which is ".number_format(Limits::STITCHES_IN_ROUND).' stitches.', 'Mend the number.');
        }

        return $number;
    }

    /** @param Token<TokenType, string> $token */
    private function number(Token $token): int
    {
        return \strlen($token->value) > 9 ? 999_999_999 : (int) $token->value;
    }

    /** @param Token<TokenType, string> $token */
    private function error(Token $token, string $message, string $mend): SyntaxError
    {
        return new SyntaxError($message, $mend, $this->positionOf($token), mb_strlen($token->value));
    }

    /** @param Token<TokenType, string> $token */
    private function positionOf(Token $token): int
    {
        return mb_strlen(substr($this->text, 0, $token->position));
    }

    /** @param Token<TokenType, string> $token */
    private function endOf(Token $token): int
    {
        return $this->positionOf($token) + mb_strlen($token->value);
    }

    /** The character after all that is not the closing count. */
    private function end(): int
    {
        $last = end($this->tokens);

        return false === $last ? mb_strlen(rtrim($this->text)) : $this->endOf($last);
    }

    /** The character after the last token taken. */
    private function reached(): int
    {
        return $this->endOf($this->tokens[$this->at - 1]);
    }
}
