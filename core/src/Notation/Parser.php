<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Start;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Terms;

/**
 * Reads one typed line into nodes. What it does not know of is how many stitches lie below: "around" stays open.
 *
 *     line   = [head] [loop ":"] [items] [count] [remarks]
 *     head   = ("R" | "Rnd" | "Round" | "Row" …) number ["-" number] [":"] | number (":" | ")")
 *     items  = item { [","] item }
 *     item   = [loop] (stitches | group) [loop] ["in" yarn] | start | chains "starting in 2nd ch from hook" | yarn
 *     yarn   = ("with" | "in") name ":" | "change to" name | "[" name "]" | name ":"
 *     group  = "(" items ")" [times | "in next st"] | "*" items ("*" | "rep from *") times
 *     times  = "x" number | number "times" | "around"
 *     loop   = "BLO" | "in back loop only" | …
 *     count  = "(" number ["sts"] ")" | "=" number
 */
final class Parser
{
    private const REMEMBERED = 8;
    private const REMEMBERED_LINES = 4000;

    private readonly Lexer $lexer;
    private readonly Vocabulary $vocabulary;
    private readonly Vocabulary $otherVocabulary;

    private Tokens $tokens;
    private int $at = 0;
    /** Stars that are open: the next one closes. */
    private int $stars = 0;
    /** The yarn that was named for what follows. */
    private ?Dye $dye = null;
    /** Chains below that the item just read passes over. */
    private int $passed = 0;
    /** What the last item turned the chain before it into. */
    private ?Foundation $foundation = null;
    private ?SyntaxError $doubt = null;

    /** @var array<string, Line|SyntaxError|null> lines read before: an edit and what follows it read nearly the same ones */
    private array $known = [];

    private function __construct(private readonly Terms $terms, private readonly YarnNames $yarns)
    {
        $this->lexer = new Lexer();
        $this->vocabulary = Vocabulary::of($terms);
        $this->otherVocabulary = Vocabulary::of($terms->other());
        $this->tokens = Tokens::of($this->lexer, '');
    }

    /** The same one for the same words and yarns, as it remembers what it has read. */
    public static function of(Terms $terms, ?YarnNames $yarns = null): self
    {
        /** @var array<string, self> $made */
        static $made = [];
        $yarns ??= YarnNames::letters();
        $key = "{$terms->value} {$yarns->signature}";
        if (!isset($made[$key]) && \count($made) >= self::REMEMBERED) {
            $made = [];
        }

        return $made[$key] ??= new self($terms, $yarns);
    }

    /**
     * @return Line|null null for a blank line, a comment or prose that is no round
     *
     * @throws SyntaxError with its place in characters of the line
     */
    public function line(string $line): ?Line
    {
        if (\count($this->known) >= self::REMEMBERED_LINES) {
            $this->known = [];
        }
        if (!\array_key_exists($line, $this->known)) {
            try {
                $this->known[$line] = $this->read($line);
            } catch (SyntaxError $error) {
                $this->known[$line] = $error;
            }
        }
        $known = $this->known[$line];

        return $known instanceof SyntaxError ? throw $known : $known;
    }

    private function read(string $line): ?Line
    {
        $text = Lexer::normal($line);
        if ('' === trim($text) || '#' === ltrim($text)[0]) {
            return null;
        }
        $this->tokens = Tokens::of($this->lexer, $text);
        $this->at = 0;
        $this->stars = 0;
        $this->passed = 0;
        $this->dye = null;
        $this->foundation = null;
        $this->doubt = null;
        $all = $this->tokens;
        $heading = Heading::of($this->tokens);
        $head = $heading->head;
        $this->at = $heading->end;
        if (null === $head && Heading::isProse($this->tokens, $this->vocabulary)) {
            return null;
        }
        $had = $this->tokens->count() > $this->at;
        $ending = Ending::of($this->tokens, $this->at, $this->vocabulary);
        $this->tokens = $ending->tokens;
        if ($had && null === $ending->count && $this->tokens->count() <= $this->at) {
            // "R9: stuff now" is a remark at its round.
            return null;
        }
        try {
            [$throughBoth, $this->at] = GroundPhrase::throughBothOfLine($this->tokens, $this->at, $this->vocabulary);
            $loop = $this->loopOfLine();
            $items = $this->items(0);
            if ($throughBoth) {
                $items = array_map(fn (Node $item): Node => GroundPhrase::closing($item, $this->vocabulary), $items);
            }
            if ($this->tokens->has($this->at)) {
                throw $this->tokens->error($this->at, "There is a “{$this->tokens->value($this->at)}” with no bracket open before it.", 'Take it out, or open a bracket where the repeat begins.');
            }
        } catch (SyntaxError $error) {
            throw $error->within($head, $ending->count);
        }
        if (null !== $loop) {
            $items = array_map(static fn (Node $item): Node => $item instanceof Work || $item instanceof Repeat ? $item->in($item->loop ?? $loop) : $item, $items);
        }

        return new Line($head, $items, $ending->count, $this->tokens->position($this->tokens->count()), YarnPhrase::atEnd($all, $this->tokens->count(), $this->yarns) ?? $this->dye, $this->doubt);
    }

    /** "in BLO:", "working in back loops only," before all stitches. */
    private function loopOfLine(): ?Loop
    {
        [$loop, $words] = $this->loop($this->at);
        if (null === $loop || !$this->tokens->is($this->at + $words, TokenType::Stop, TokenType::Separator)) {
            return null;
        }
        $this->at += $words;

        return $loop;
    }

    /** @return array{Loop|null, int} the loop named at a place, and how many tokens name it */
    private function loop(int $at): array
    {
        $begin = $at;
        while ($this->tokens->isOneOf($at, ['in', 'into', 'through', 'thru', 'working', 'work', 'the'])) {
            ++$at;
        }
        $loop = match ($this->tokens->value($at)) {
            'blo', 'bl', 'back' => Loop::Back,
            'flo', 'fl', 'front' => Loop::Front,
            default => null,
        };
        if (null === $loop) {
            return [null, 0];
        }
        $isWord = $this->tokens->isOneOf($at, ['back', 'front']);
        ++$at;
        if ($isWord && !$this->tokens->isOneOf($at, ['loop', 'loops'])) {
            return [null, 0];
        }
        while ($this->tokens->isOneOf($at, ['loop', 'loops', 'only'])) {
            ++$at;
        }

        return [$loop, $at - $begin];
    }

    /** @return list<Node> up to the end, to a closing bracket, or to the star that closes */
    private function items(int $depth): array
    {
        $items = [];
        while ($this->tokens->has($this->at)) {
            if ($this->tokens->is($this->at, TokenType::Close) || ($this->stars > 0 && $this->isStarEnd())) {
                break;
            }
            if ($this->tokens->is($this->at, TokenType::Separator, TokenType::Stop) || $this->tokens->isOneOf($this->at, ['and', 'then', 'turn'])) {
                ++$this->at;
                continue;
            }
            $yarn = YarnPhrase::before($this->tokens, $this->at, $this->yarns);
            if (null !== $yarn) {
                $this->dye = $yarn->dye ?? $this->dye;
                $this->doubt = $yarn->doubt ?? $this->doubt;
                $this->at = $yarn->end;
                continue;
            }
            if (0 === $depth) {
                $after = GroundPhrase::afterOtherSide($this->tokens, $this->at);
                $ground = match (\count($items)) {
                    0 => GroundPhrase::intoRing($this->tokens, $this->at),
                    1 => GroundPhrase::fromChain($this->tokens, $this->at, $items[0]),
                    default => null,
                };
                if (null !== $ground) {
                    [$items, $this->at] = [[$ground[0]], $ground[1]];
                    continue;
                }
                if ($after > $this->at) {
                    $this->at = $after;
                    continue;
                }
            }
            $dye = $this->dye;
            $this->dye = null;
            $before = \count($items);
            $items = $this->item($items, $depth);
            if (null !== $dye) {
                $first = min($before, \count($items) - 1);
                $items = array_map(static fn (Node $item, int $at): Node => $at === $first ? self::dyed($item, $dye) : $item, $items, array_keys($items));
            }
        }

        return $items;
    }

    /**
     * @param list<Node> $before
     *
     * @return list<Node> with the item that stands here, which may stand for the last one before it, too
     */
    private function item(array $before, int $depth): array
    {
        [$loop, $words] = $this->loop($this->at);
        $this->at += $words;
        $more = $this->moreOfTheSame($before);
        $item = match (true) {
            null !== $more => $more,
            $this->tokens->is($this->at, TokenType::Open) => $this->group($depth),
            '*' === $this->tokens->value($this->at) => $this->starred($depth),
            default => $this->work($before),
        };
        if (($item instanceof Start && !$item->ring) || null !== $this->foundation) {
            $chain = array_pop($before);
            if ($chain instanceof Work && null !== $chain->dye) {
                $item = self::dyed($item, $chain->dye);
            }
        }
        if (null !== $this->foundation) {
            $before[] = $this->foundation;
            $this->foundation = null;
        }
        if ($this->passed > 0) {
            $before[] = new Work(Stitch::Skip, $this->passed, $item->position(), $item->length());
            $this->passed = 0;
        }
        if ($item instanceof Work && $this->saysSame()) {
            [$item, $before] = $this->inSame($item, $before);
        }
        if (null === $loop) {
            [$loop, $words] = $this->loop($this->at);
            $this->at += $words;
            $item = null === $loop ? $item : $this->timesAfterLoop($item);
        }
        [$isThroughBoth, $end] = GroundPhrase::throughBoth($this->tokens, $this->at);
        if ($end > $this->at) {
            $this->at = $end;
            $item = $this->timesAfterLoop($item);
        }
        if ($isThroughBoth) {
            $item = GroundPhrase::closing($item, $this->vocabulary);
            if (null === $loop) {
                [$loop, $words] = $this->loop($this->at);
                $this->at += $words;
            }
        }
        $this->at += GroundPhrase::overStrands($this->tokens, $this->at);
        $yarn = YarnPhrase::after($this->tokens, $this->at, $this->yarns);
        $this->at = $yarn->end ?? $this->at;
        $item = null === $yarn?->dye ? $item : self::dyed($item, $yarn->dye);
        $before[] = null !== $loop && ($item instanceof Work || $item instanceof Repeat) ? $item->in($loop) : $item;

        return $before;
    }

    /** "inc in BLO x6", "sc in BLO around": how often is said after the loop. */
    private function timesAfterLoop(Node $item): Node
    {
        if (!($item instanceof Work || $item instanceof Repeat) || 1 !== $item->times) {
            return $item;
        }
        [$times] = $this->times($this->at - 1);
        if (false === $times && $this->tokens->isOneOf($this->at, ['of']) && $this->tokens->isOneOf($this->at + 1, ['each', 'every'])) {
            $this->at += 2;
            $this->skipStitchWords();
            $this->skipWords(['around', 'across']);
            $times = null;
        }
        if (false === $times) {
            return $item;
        }
        $length = $this->reached() - $item->position();

        return $item instanceof Work ? new Work($item->stitch, $times, $item->position(), $length, null, $item->dye) : new Repeat($item->items, $times, $item->position(), $length, null, $item->dye);
    }

    /**
     * "sc in 2nd ch from hook and in each ch across": the stitch is the one before.
     *
     * @param list<Node> $before
     */
    private function moreOfTheSame(array $before): ?Work
    {
        $last = end($before);
        if (!$last instanceof Work || !$this->tokens->isOneOf($this->at, ['in', 'into']) || !$this->tokens->isOneOf($this->at + 1, ['each', 'every', 'next'])) {
            return null;
        }
        $into = $this->into($last->stitch, null, $this->tokens->position($this->at), $before);

        return $into instanceof Work ? $into : null;
    }

    private function isLongChain(Work $work): bool
    {
        return Stitch::Chain === $work->stitch && null !== $work->times && $work->times > 2;
    }

    /** The stitch in the chain that was named, and more of the same along it: "and in next 3 ch". */
    private function alongChain(Stitch $stitch, ?int $count, int $position): Work
    {
        return new Work($this->perStitch($stitch, $count, $this->at - 1), 1, $position, $this->reached() - $position);
    }

    private static function dyed(Node $node, Dye $dye): Node
    {
        return $node instanceof Work || $node instanceof Repeat || $node instanceof Start ? $node->dyed($dye) : $node;
    }

    private function group(int $depth): Node
    {
        $open = $this->at++;
        $sign = $this->tokens->value($open);
        $closing = '(' === $sign ? ')' : ']';
        $this->checkDepth($open, $depth);
        $stars = $this->stars;
        $this->stars = 0;
        $items = $this->items($depth + 1);
        $this->stars = $stars;
        $close = $this->at;
        if (!$this->tokens->has($close)) {
            $end = $this->tokens->position($this->tokens->count());
            throw $this->tokens->error($open, "This “{$sign}” is never closed.", "Close it with “{$closing}” and say how often: x6.")->fixedBy(new Fix('Close it at the end, around', $end, 0, "{$closing} around"));
        }
        if ($closing !== $this->tokens->value($close)) {
            throw $this->tokens->error($close, "“{$sign}” is closed by “{$this->tokens->value($close)}”.", "Close it with “{$closing}”.");
        }
        ++$this->at;
        if ([] === $items) {
            throw $this->tokens->error($open, 'There is nothing between these brackets.', $this->vocabulary->inWords('Write the stitches of one repeat between them, as (sc, inc).'));
        }
        $position = $this->tokens->position($open);
        $places = $this->nextPlaces();
        if (null !== $places) {
            return new Work($this->several($items, $open), $places, $position, $this->reached() - $position);
        }
        [$times] = $this->times($close);

        return new Repeat($items, false === $times ? 1 : $times, $position, $this->reached() - $position);
    }

    /** "*sc, inc; rep from * around", "*sc, inc* x6". */
    private function starred(int $depth): Repeat
    {
        $open = $this->at++;
        $this->checkDepth($open, $depth);
        ++$this->stars;
        $items = $this->items($depth + 1);
        --$this->stars;
        if ([] === $items) {
            throw $this->tokens->error($open, 'There is nothing after this star.', 'Write the stitches of one repeat, then “rep from * around”.');
        }
        $isClosed = '*' === $this->tokens->value($this->at);
        $this->at += $isClosed ? 1 : 0;
        while ($isClosed && $this->tokens->is($this->at, TokenType::Separator, TokenType::Stop)) {
            ++$this->at;
        }
        $saidAt = $this->at;
        $isRepeated = $this->skipRepeatWords();
        if ($isRepeated && $this->tokens->isNumber($this->at) && $this->tokens->isOneOf($this->at + 1, ['more'])) {
            // The first time is not counted among the "more".
            $times = 1 + $this->count($this->at);
            $this->at += 2;
            $this->skipWords(['times', 'time']);
        } else {
            [$times] = $this->times($open);
        }
        if (false === $times && $isRepeated) {
            $times = null;
        }
        if (false === $times && $this->tokens->is($this->at, TokenType::Number) && $isClosed) {
            $times = $this->count($this->at++);
        }
        if (false === $times) {
            throw $this->tokens->error($open, 'It does not say how often this star’s repeat is worked.', 'End it with “rep from * around”, or “* x6”.');
        }
        $position = $this->tokens->position($open);

        return new Repeat($items, null === $times ? null : $this->limited($times, $saidAt), $position, $this->reached() - $position);
    }

    private function isStarEnd(): bool
    {
        return '*' === $this->tokens->value($this->at) || $this->tokens->isOneOf($this->at, ['rep', 'repeat', 'repeating']);
    }

    /** Passes over "rep from *", "repeat". */
    private function skipRepeatWords(): bool
    {
        $begin = $this->at;
        $this->skipWords(['rep', 'repeat', 'repeated', 'repeating']);
        if ($this->at > $begin) {
            $this->skipWords(['from', 'the', 'this', '*', 'between', 'to', 'last']);
            // "to" before "end" belongs to the end.
            if ($this->tokens->isOneOf($this->at, ['end']) && 'to' === $this->tokens->value($this->at - 1)) {
                --$this->at;
            }
        }

        return $this->at > $begin;
    }

    private function checkDepth(int $open, int $depth): void
    {
        if ($depth >= Limits::NESTING) {
            throw $this->tokens->error($open, 'There are more than '.Limits::NESTING.' brackets within brackets.', 'Write the round with fewer.');
        }
    }

    /** @param list<Node> $before the items already read in this bracket */
    private function work(array $before): Node
    {
        $first = $this->at;
        $position = $this->tokens->position($first);
        $ring = $this->ringFirst($position);
        if (null !== $ring) {
            return $ring;
        }
        $count = null;
        if ($this->tokens->isNumber($first)) {
            $count = $this->count($first);
            ++$this->at;
            if ($this->tokens->isOneOf($this->at, ['x']) && $this->tokens->is($this->at + 1, TokenType::Open)) {
                // "6 x (sc, inc)"
                ++$this->at;

                return $this->timesGroup($count, $position);
            }
        }
        $named = $this->at;
        $looped = null === $count ? null : $this->looped($count);
        $count = null === $looped ? $count : null;
        [$stitch, $words] = $looped ?? $this->stitchName($this->at) ?? throw $this->unknown($first, $count);
        $this->at += $words;
        if ($this->tokens->isNumber($this->at) && !$this->isTimesAt($this->at) && !$this->tokens->isAdverb($this->at)) {
            $value = $this->tokens->value($this->at);
            if (null !== $count || null !== $this->stitchName($this->at + 1)) {
                throw $this->tokens->error($this->at, "“{$value}” could belong to the stitch before it or to the one after it.", 'Part them with a comma.');
            }
            $count = $this->count($this->at++);
        }
        $this->at += GroundPhrase::overStrands($this->tokens, $this->at);
        [$times, $said] = $this->times($named);
        if (false !== $times && null !== $count) {
            if (null === $times) {
                throw $this->tokens->error($said, "It says {$count} and also “{$this->tokens->value($said)}”.", 'Leave one of the two out.');
            }
            $times = $this->limited($count * $times, $said);
        }

        return false === $times
            ? $this->into($stitch, $count, $position, $before) ?? new Work($stitch, $count ?? 1, $position, $this->reached() - $position)
            : new Work($stitch, $times, $position, $this->reached() - $position);
    }

    private function timesGroup(int $times, int $position): Repeat
    {
        $group = $this->group(0);
        $items = $group instanceof Repeat ? $group->items : [$group];

        return new Repeat($items, $times, $position, $this->reached() - $position);
    }

    /**
     * "5-loop bobble", "4 loop popcorn": the number before it is the loops'.
     *
     * @return array{Stitch, int}|null
     */
    private function looped(int $loops): ?array
    {
        $at = $this->tokens->is($this->at, TokenType::Dash) ? $this->at + 1 : $this->at;
        $name = $this->tokens->isOneOf($at, ['loop', 'lp']) ? $this->stitchName($at + 1) : null;
        if (null === $name || !\in_array($name[0], [Stitch::Bobble, Stitch::Popcorn], true)) {
            return null;
        }
        $stitch = 5 === $loops ? $name[0] : Stitch::tryFrom($name[0]->value.$loops);

        return [
            $stitch ?? throw $this->tokens->error($this->at - 1, "A bobble or popcorn of {$loops} loops is not known here.", 'It can have 3 to 6.'),
            $at + 1 + $name[1] - $this->at,
        ];
    }

    /** "MR 6", "magic ring, 6 sc", "MR with 6 sc". */
    private function ringFirst(int $position): ?Start
    {
        $ring = $this->at;
        while ($this->tokens->isOneOf($ring, ['make', 'begin', 'start', 'with', 'a', 'an'])) {
            ++$ring;
        }
        $words = GroundPhrase::ringWords($this->tokens, $ring);
        if (0 === $words) {
            return null;
        }
        $this->at = $ring;
        $this->at += $words;
        while ($this->tokens->is($this->at, TokenType::Separator, TokenType::Stop, TokenType::Dash) || $this->tokens->isOneOf($this->at, ['with', 'of', 'work', 'make'])) {
            ++$this->at;
        }
        if (!$this->tokens->isNumber($this->at)) {
            throw $this->tokens->error($ring, 'It does not say how many stitches go into the ring.', $this->vocabulary->inWords('Write 6 sc in MR.'));
        }
        $count = $this->count($this->at++);
        $name = $this->stitchName($this->at);
        $this->at += $name[1] ?? 0;
        if ($this->tokens->isOneOf($this->at, ['in', 'into']) && GroundPhrase::ringWords($this->tokens, $this->at + 2) + GroundPhrase::ringWords($this->tokens, $this->at + 1) > 0) {
            ++$this->at;
            $this->skipWords(['the', 'a', ...GroundPhrase::RINGS]);
        }

        return new Start(true, $name[0] ?? Stitch::Single, $count, $position, $this->reached() - $position);
    }

    /**
     * What follows "in …": the ring, the second chain, each stitch, the next stitches.
     *
     * @param list<Node> $before
     */
    private function into(Stitch $stitch, ?int $count, int $position, array $before): ?Node
    {
        $in = $this->at;
        if (!$this->tokens->isOneOf($in, ['in', 'into', 'over']) || $this->saysSame() || null !== $this->loop($in)[0] || $this->tokens->isOneOf($in + 1, ['both']) || GroundPhrase::overStrands($this->tokens, $this->at) > 0 || null !== YarnPhrase::after($this->tokens, $this->at, $this->yarns)) {
            return $this->intoNextWithoutIn($stitch, $count, $position);
        }
        ++$this->at;
        $this->skipWords(['a', 'the']);
        $ring = GroundPhrase::ringWords($this->tokens, $this->at);
        if ($ring > 0) {
            $this->at += $ring;

            return new Start(true, $stitch, $count ?? 1, $position, $this->reached() - $position);
        }
        if ($this->tokens->is($this->at, TokenType::Ordinal) && ([] === $before || !$this->tokens->isOneOf($this->at, ['2nd']))) {
            $chain = $before[0] ?? null;
            if (1 === \count($before) && $chain instanceof Work && $this->isLongChain($chain)) {
                $this->foundation = new Foundation($chain->times ?? 0, (int) $this->tokens->value($this->at), $chain->position(), $chain->length());
                ++$this->at;
                $this->skipStitchWords();
                $this->skipWords(['from', 'the', 'hook']);

                return $this->alongChain($stitch, $count, $position);
            }

            return $this->intoLaterChain($stitch, $count, $position);
        }
        if ($this->tokens->isOneOf($this->at, ['2nd', 'second'])) {
            return $this->intoSecondChain($stitch, $count, $in, $before);
        }
        $isEach = false;
        if ($this->tokens->isOneOf($this->at, ['each', 'every', 'all'])) {
            ++$this->at;
            $this->skipWords(['of', 'the']);
            $isEach = true;
            if (!$this->tokens->isOneOf($this->at, ['next', 'following', 'remaining']) && !$this->tokens->isNumber($this->at)) {
                $this->skipStitchWords();
                $this->skipWords(['around', 'round', 'across', 'of', 'the', 'last']);

                return new Work($this->perStitch($stitch, $count, $in), null, $position, $this->reached() - $position);
            }
        }
        if (!$isEach && !$this->tokens->isOneOf($this->at, ['next', 'following', 'first', 'one', 'last'])) {
            throw $this->tokens->error($in, 'It does not say into what.', 'Write in MR, in next st, or in each st.');
        }

        return $this->intoNext($stitch, $count, $position, $isEach, $in);
    }

    private function intoNextWithoutIn(Stitch $stitch, ?int $count, int $position): ?Node
    {
        // "sc next 5 sts", "sc2tog next 2 sts".
        return $this->tokens->isOneOf($this->at, ['next']) ? $this->intoNext($stitch, $count, $position, false, $this->at) : null;
    }

    private function intoNext(Stitch $stitch, ?int $count, int $position, bool $isEach, int $in): Work
    {
        $this->skipWords(['next', 'following', 'remaining', 'first', 'last']);
        $places = 1;
        if ($this->tokens->isNumber($this->at)) {
            $places = $this->count($this->at++);
        }
        $this->skipStitchWords();
        if ($stitch->uses() > 1) {
            // A decrease names the stitches that it takes together.
            if (0 !== $places % $stitch->uses() && 1 !== $places) {
                throw $this->tokens->error($in, "{$stitch->uses()} together do not come out even over {$places}.", 'Say how often it is worked: x3.');
            }

            return new Work($stitch, ($count ?? 1) * max(1, intdiv($places, $stitch->uses())), $position, $this->reached() - $position);
        }
        if (!$isEach && null !== $count && $places > 1) {
            if ($count !== $places) {
                throw $this->tokens->error($in, "{$count} stitches into the next {$places}: it does not say how they are shared out.", $this->vocabulary->inWords('Write each one out, or “2 sc in each of the next 3 sts”.'));
            }
            $count = 1;
        }

        return new Work($this->perStitch($stitch, $count, $in), $places, $position, $this->reached() - $position);
    }

    /** "sc in 2nd ch from hook", on the chains of the row below: the chains before it are passed over. */
    private function intoLaterChain(Stitch $stitch, ?int $count, int $position): Work
    {
        $this->passed = max(0, (int) $this->tokens->value($this->at) - 1);
        ++$this->at;
        $this->skipStitchWords();
        $this->skipWords(['from', 'the', 'hook']);

        return new Work($stitch, $count ?? 1, $position, $this->reached() - $position);
    }

    /** @param list<Node> $before */
    private function intoSecondChain(Stitch $stitch, ?int $count, int $in, array $before): Node
    {
        ++$this->at;
        $chain = $this->stitchName($this->at);
        if (Stitch::Chain !== ($chain[0] ?? null)) {
            throw $this->tokens->error($in, 'It says “second”, but not of what.', $this->vocabulary->inWords('Write ch 2, 6 sc in 2nd ch from hook.'));
        }
        $this->at += $chain[1];
        $this->skipWords(['from', 'the', 'hook']);
        $last = end($before);
        if ($last instanceof Work && 1 === \count($before) && $this->isLongChain($last)) {
            $this->foundation = new Foundation($last->times ?? 0, 2, $last->position(), $last->length());

            return $this->alongChain($stitch, $count, $this->tokens->position($in));
        }
        if (!$last instanceof Work || Stitch::Chain !== $last->stitch || 2 !== $last->times) {
            throw $this->tokens->error($in, 'There are no two chains before this.', $this->vocabulary->inWords('Write ch 2, 6 sc in 2nd ch from hook.'));
        }

        return new Start(false, $stitch, $count ?? 1, $last->position(), $this->reached() - $last->position());
    }

    private function perStitch(Stitch $stitch, ?int $count, int $place): Stitch
    {
        $name = $this->vocabulary->abbreviation($stitch);

        return Stitch::inOne($stitch, $count ?? 1)
            ?? throw $this->tokens->error($place, "{$count} {$name} in one stitch is not known here.", $this->vocabulary->inWords('Two or three can be, of sc up to five: 3 sc in next st.'));
    }

    /** How many stitches "in next st", "in each of next 3 sts" names after a bracket; null where it does not say so. */
    private function nextPlaces(): ?int
    {
        $begin = $this->at;
        if (!$this->tokens->isOneOf($this->at, ['in', 'into']) || null !== $this->loop($this->at)[0]) {
            return null;
        }
        ++$this->at;
        $this->skipWords(['the', 'each', 'of', 'same', 'one']);
        $this->skipWords(['next', 'same', 'following']);
        $places = $this->tokens->isNumber($this->at) ? $this->count($this->at++) : 1;
        $words = $this->at;
        $this->skipStitchWords();
        if ($this->at === $words) {
            $this->at = $begin;

            return null;
        }

        return $places;
    }

    /**
     * The stitches between brackets as one stitch of the round below takes them.
     *
     * @param non-empty-list<Node> $items
     */
    private function several(array $items, int $open): Stitch
    {
        $tops = '';
        foreach ($items as $item) {
            $tops .= $item instanceof Work && 1 === $item->stitch->uses() ? str_repeat($item->stitch->tops(), min(9, $item->times ?? 9)) : '?????';
        }

        return $this->madeOf($tops) ?? throw $this->tokens->error($open, 'These stitches in one stitch are not known here.', $this->vocabulary->inWords('Two unlike ones can be, or two or three alike: (sc, hdc) in next st.'));
    }

    private function madeOf(string $tops): ?Stitch
    {
        foreach (Stitch::cases() as $stitch) {
            if ($stitch->tops() === $tops && 1 === $stitch->uses()) {
                return $stitch;
            }
        }

        return null;
    }

    private function saysSame(): bool
    {
        return $this->tokens->isOneOf($this->at, ['in', 'into']) && ($this->tokens->isOneOf($this->at + 1, ['same']) || ($this->tokens->isOneOf($this->at + 1, ['the']) && $this->tokens->isOneOf($this->at + 2, ['same'])));
    }

    /**
     * "sc, hdc in same st": this stitch goes where the last one went.
     *
     * @param list<Node> $before
     *
     * @return array{Work, list<Node>}
     */
    private function inSame(Work $item, array $before): array
    {
        $in = $this->at;
        $this->skipWords(['in', 'into', 'the', 'same']);
        $this->skipStitchWords();
        $last = array_pop($before);
        if (!$last instanceof Work || null === $last->times || null === $item->times) {
            throw $this->tokens->error($in, 'It says “same”, but there is no stitch before it to share.', $this->vocabulary->inWords('Write (sc, hdc) in next st.'));
        }
        $both = $this->madeOf($last->stitch->tops().str_repeat($item->stitch->tops(), min(9, $item->times)));
        if (null === $both) {
            throw $this->tokens->error($in, 'These stitches in one stitch are not known here.', 'Two unlike ones can be, or two or three alike.');
        }
        if ($last->times > 1) {
            $before[] = new Work($last->stitch, $last->times - 1, $last->position(), $last->length(), $last->loop);
        }

        return [new Work($both, 1, $last->position(), $this->reached() - $last->position()), $before];
    }

    /**
     * @param int $after the place of what is to be repeated
     *
     * @return array{int|false|null, int} a number, null for around, false where nothing is said; and the place where it is said
     */
    private function times(int $after): array
    {
        $begin = $this->at;
        if (0 === $this->stars) {
            while ($this->tokens->is($this->at, TokenType::Separator) && $this->tokens->isOneOf($this->at + 1, ['rep', 'repeat'])) {
                ++$this->at;
            }
            $this->skipRepeatWords();
        }
        $at = $this->at;
        if ($this->tokens->is($at, TokenType::Times) && $this->tokens->is($at + 1, TokenType::Number) && !('*' === $this->tokens->value($at) && $this->stars > 0)) {
            $this->at += 2;
            $this->skipWords(['times']);

            return [$this->count($at + 1), $at + 1];
        }
        if ($this->isTimesAt($at)) {
            $this->at += $this->tokens->isAdverb($at) ? 1 : 2;
            $this->skipWords(['total']);

            return [$this->count($at), $at];
        }
        $words = $this->aroundWords();
        if ($words > 0) {
            $this->at += $words;

            return [null, $at];
        }
        if ($this->tokens->is($at, TokenType::Number) && $this->tokens->isOneOf($after, [')', ']']) && !$this->tokens->is($at + 1, TokenType::Word, TokenType::Open, TokenType::Joined)) {
            $value = $this->tokens->value($at);
            throw $this->tokens->error($at, "It is not clear what “{$value}” counts.", "Write x{$value} for a repeat, or ({$value}) for the count at the round’s end.");
        }
        if ($this->tokens->isOneOf($at - 1, ['rep', 'repeat'])) {
            return [null, $at - 1];
        }
        $this->at = $begin;

        return [false, $at];
    }

    private function isTimesAt(int $at): bool
    {
        return $this->tokens->isAdverb($at) || ($this->tokens->isNumber($at) && $this->tokens->isOneOf($at + 1, ['times', 'time', 'x']));
    }

    /** How many tokens say "around" here: "around", "all around", "to the end of the round". */
    private function aroundWords(): int
    {
        $at = $this->at;
        $this->skipWords(['evenly']);
        if ($this->tokens->isOneOf($this->at, ['all'])) {
            ++$this->at;
        }
        $isAround = $this->tokens->isOneOf($this->at, ['around', 'across']) || ($this->tokens->isOneOf($this->at, ['round']) && !$this->tokens->isNumber($this->at + 1));
        if (!$isAround && $this->tokens->isOneOf($this->at, ['to', 'til', 'till', 'until'])) {
            $end = $this->tokens->isOneOf($this->at + 1, ['the']) ? $this->at + 2 : $this->at + 1;
            $isAround = $this->tokens->isOneOf($end, ['end']);
            $this->at = $isAround ? $end : $this->at;
        }
        if ($isAround) {
            ++$this->at;
            $mark = $this->at;
            $this->skipWords(['of', 'the']);
            $this->at = $this->tokens->isOneOf($this->at, Heading::NAMES) ? $this->at + 1 : $mark;
        }
        $words = $isAround ? $this->at - $at : 0;
        $this->at = $at;

        return $words;
    }

    /** @return array{Stitch, int}|null the stitch named at a place, and how many tokens name it */
    private function stitchName(int $at, ?Vocabulary $vocabulary = null): ?array
    {
        return Naming::at($this->tokens, $at, $vocabulary ?? $this->vocabulary);
    }

    private function unknown(int $first, ?int $count): SyntaxError
    {
        $at = $this->at;
        $single = $this->vocabulary->abbreviation(Stitch::Single);
        if (null !== $count && !$this->tokens->isWord($at)) {
            $value = $this->tokens->value($first);

            return $this->tokens->error($first, "It does not say {$value} of what.", "Write {$value} {$single}.");
        }
        $said = $this->tokens->said($at);
        if (!$this->tokens->isWord($at)) {
            return $this->tokens->error($at, "“{$said}” cannot be read here.", 'Take it out, or write the stitches it stands for.');
        }
        if ($this->tokens->isOneOf($at, ['in', 'with', 'using']) && $this->tokens->isWord($at + 1)) {
            return $this->tokens->error($at + 1, "“{$this->tokens->said($at + 1)}” is neither a yarn that is known here nor something to work into.", 'Name a yarn by its letter, as “in B”, or say where the stitches go.');
        }
        if (null !== $this->stitchName($at, $this->otherVocabulary)) {
            [$these, $those] = Terms::Us === $this->terms ? ['US', 'UK'] : ['UK', 'US'];

            return $this->tokens->error($at, "“{$said}” is a {$those} word, and this plan is read in {$these} words.", "If these are {$those} words, set the plan’s words to {$those}.");
        }
        $near = $this->vocabulary->nearest($this->tokens->value($at));

        $message = "“{$said}” is no stitch that is known here.";
        if (null === $near) {
            return $this->tokens->error($at, $message, $this->vocabulary->inWords('Write it with sc, inc, dec, inv dec, hdc, dc, tr, sl st, ch, sk or bob; start a remark with #.'));
        }
        $position = $this->tokens->position($at);

        return $this->tokens->error($at, $message, "Did you mean {$near}?")->fixedBy(new Fix("Write {$near}", $position, $this->tokens->end($at) - $position, $near));
    }

    /** @param list<string> $words */
    private function skipWords(array $words): void
    {
        while ($this->tokens->isOneOf($this->at, $words)) {
            ++$this->at;
        }
    }

    /** Passes over "sts", or over the name of the stitches that are worked into: "in each sc". */
    private function skipStitchWords(): void
    {
        if ($this->tokens->isOneOf($this->at, Ending::COUNTED)) {
            ++$this->at;

            return;
        }
        $this->at += $this->stitchName($this->at)[1] ?? 0;
        $this->skipWords(Ending::COUNTED);
    }

    private function count(int $at): int
    {
        $number = $this->tokens->number($at);
        if ($number < 1) {
            throw $this->tokens->error($at, '0 stitches are none.', 'Leave it out, or write how many there are.');
        }

        return $this->limited($number, $at);
    }

    private function limited(int $number, int $at): int
    {
        if ($number > Limits::STITCHES_IN_ROUND) {
            throw $this->tokens->error($at, "{$number} is more than a round can hold, which is ".number_format(Limits::STITCHES_IN_ROUND).' stitches.', 'Mend the number.');
        }

        return $number;
    }

    /** The character after the last token taken. */
    private function reached(): int
    {
        return $this->tokens->end($this->at - 1);
    }
}
