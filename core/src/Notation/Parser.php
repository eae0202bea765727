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
    private const HEADS = ['r', 'rd', 'rds', 'rnd', 'rnds', 'round', 'rounds', 'row', 'rows', 'rs'];
    private const RINGS = ['mr', 'ring', 'circle', 'mc', 'loop'];
    private const LABELS = ['abbreviations', 'begin', 'change', 'colours', 'colors', 'finishing', 'gauge', 'hook', 'marker', 'materials', 'note', 'notes', 'words', 'yarn', 'yarns'];

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
        $head = $this->head();
        if (null === $head && $this->isProse()) {
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
            $throughBoth = $this->throughBothOfLine();
            $loop = $this->loopOfLine();
            $items = $this->items(0);
            if ($throughBoth) {
                $items = array_map($this->throughBoth(...), $items);
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

        return new Line($head, $items, $ending->count, $this->tokens->position($this->tokens->count()), $this->changeAfter($all) ?? $this->dye, $this->doubt);
    }

    private function head(): ?Head
    {
        $tokens = $this->tokens;
        $named = $tokens->isOneOf(0, self::HEADS) && $tokens->isNumber(1);
        $bare = $tokens->is(0, TokenType::Number) && $tokens->isOneOf(1, [':', ')']);
        $bracketed = $tokens->is(0, TokenType::Open) && $tokens->is(1, TokenType::Number) && $tokens->is(2, TokenType::Close) && $tokens->count() > 3;
        $ordinal = $tokens->is(0, TokenType::Ordinal) && $tokens->isOneOf(1, self::HEADS);
        if (!$named && !$bare && !$bracketed && !$ordinal) {
            return null;
        }
        $at = $named || $bracketed ? 1 : 0;
        $from = $to = $tokens->number($at++);
        $last = $ordinal || $bracketed ? ++$at - 1 : $at - 1;
        $dash = $at;
        if ($tokens->is($dash, TokenType::Dash) || $tokens->isOneOf($dash, ['to', 'through', 'and', '&'])) {
            $next = $tokens->isOneOf($at + 1, self::HEADS) ? $at + 2 : $at + 1;
            if ($tokens->isNumber($next) && $this->isRange($dash, $next)) {
                $to = $tokens->number($next);
                $last = $next;
                $at = $next + 1;
            }
        }
        // "Rounds 4 to 7 (4 rounds):" says it twice.
        if ($tokens->is($at, TokenType::Open) && $tokens->isNumber($at + 1) && $tokens->isOneOf($at + 2, self::HEADS) && $tokens->is($at + 3, TokenType::Close)) {
            $at += 4;
        }
        while ($tokens->is($at, TokenType::Stop, TokenType::Dash, TokenType::Separator) || (($bare || $named) && ')' === $tokens->value($at))) {
            ++$at;
        }
        $this->at = $at;
        $position = $tokens->position(0);
        $head = new Head($from, $to, $position, $tokens->end($last) - $position);
        if ($to < $from) {
            throw new SyntaxError("The rounds run backwards: from {$from} to {$to}.", "Write {$to}-{$from}.", $head->position, $head->length, $head);
        }
        if ($from < 1 || $to > Limits::ROUNDS) {
            throw new SyntaxError('A piece has rounds 1 to '.Limits::ROUNDS.'.', 'Mend the round’s number.', $head->position, $head->length, $head);
        }

        return $head;
    }

    /** Whether the number after a dash ends a range, "R4-7 sc around", or begins the round, "Rnd 1 - 6 sc in MR". */
    private function isRange(int $dash, int $number): bool
    {
        $tokens = $this->tokens;
        $isOpen = $tokens->has($number + 1) && !$tokens->is($number + 1, TokenType::Word, TokenType::Joined, TokenType::Number, TokenType::Ordinal);
        $isClose = $tokens->isClose($number) && $tokens->isClose($dash);

        return $isOpen || $isClose || !$tokens->is($dash, TokenType::Dash) || str_ends_with($tokens->value(0), 's');
    }

    /** Whether the line, which has no head, says nothing about stitches: materials, "stuff now", a heading. */
    private function isProse(): bool
    {
        $tokens = $this->tokens;
        if (!$tokens->isWord(0) || $tokens->isNumber(0)) {
            return false;
        }
        if ($tokens->isOneOf(0, self::LABELS) && ':' === $tokens->value(1)) {
            return true;
        }
        for ($at = 0; $at < $tokens->count(); ++$at) {
            $isWork = $tokens->isWord($at) && (null !== $this->stitchName($at) || $tokens->isOneOf($at, ['around', 'mr']));
            // A repeat or a count is a round's, even where its stitches are misspelt.
            $isRepeat = $tokens->is($at, TokenType::Times) && $tokens->is($at + 1, TokenType::Number);
            $isCount = $tokens->is($at, TokenType::Open) && $tokens->is($at + 1, TokenType::Number) && $tokens->is($at + 2, TokenType::Close);
            if ($isWork || $isRepeat || $isCount) {
                return false;
            }
        }

        return true;
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
            if ($this->colour() || ($depth < 1 && $this->otherSide())) {
                continue;
            }
            if ([] === $items && $depth < 1 && $this->intoRing()) {
                $items[] = $this->takeFoundation();
                continue;
            }
            if (1 === \count($items) && $depth < 1 && $this->fromChain($items[0])) {
                $items = [$this->takeFoundation()];
                continue;
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
            $before[] = $this->takeFoundation();
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
        if ($this->saysThroughBoth()) {
            $item = $this->throughBoth($item);
            if ($item instanceof Work && null !== $item->times && null !== $loop) {
                $loop = null;
            }
        }
        $this->at += $this->overStrands();
        $dye = $this->colourAfter();
        $item = null === $dye ? $item : self::dyed($item, $dye);
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

    /** Takes the yarn of what follows, however it is named: "with B, Flag red:", "change to B", "[B]", "B:". */
    private function colour(): bool
    {
        $at = $this->at;
        if ($this->tokens->isOneOf($at, ['change', 'changing', 'switch', 'switching']) && 'to' === $this->tokens->value($at + 1)) {
            return $this->takeYarn($at + 2, $at + 2);
        }
        if ($this->tokens->is($at, TokenType::Open)) {
            $yarn = $this->yarns->at($this->tokens, $at + 1);
            $close = $at + 1 + ($yarn[1] ?? 0);

            return null !== $yarn && $this->tokens->is($close, TokenType::Close) && !$this->tokens->is($close + 1, TokenType::Times) && $this->takeYarn($at + 1, $close + 1);
        }
        $isWith = $this->tokens->isOneOf($at, ['with', 'using']);
        $first = $isWith || $this->tokens->isOneOf($at, ['in']) ? $at + 1 : $at;
        if ($isWith) {
            for ($i = $first; $this->tokens->has($i); ++$i) {
                if (':' === $this->tokens->value($i)) {
                    return $this->takeYarn($first, $i + 1);
                }
            }

            return false;
        }
        $yarn = $this->yarns->at($this->tokens, $first);

        return null !== $yarn && ':' === $this->tokens->value($first + $yarn[1]) && $this->takeYarn($first, $first + $yarn[1] + 1);
    }

    /**
     * @param int $first where the name begins
     * @param int $end   the place after the words that name it, at the least
     */
    private function takeYarn(int $first, int $end): bool
    {
        $yarn = $this->yarns->at($this->tokens, $first);
        if (null === $yarn) {
            $isWritten = $end > $first;
            if ($isWritten && $this->yarns->isPlan) {
                $this->doubt = $this->tokens->error($first, "“{$this->tokens->said($first)}” is the name of no yarn of this plan.", 'Add the yarn, or name one by its letter: with B:');
            }
            $this->at = $isWritten ? $end : $this->at;

            return $isWritten;
        }
        $at = $first + $yarn[1];
        // The name after a letter is for people; "with A then B" names the second top's yarn, too.
        $within = null;
        for ($i = $at; $i < $end && null === $within; ++$i) {
            $within = 'then' === $this->tokens->value($i) ? $this->yarns->at($this->tokens, $i + 1) : null;
        }
        $this->dye = new Dye($yarn[0], $within[0] ?? '');
        $this->at = max($end, $at);

        return true;
    }

    /** The yarn that is named after an item, "5 sc in B", with what follows parted from it; null where none is. */
    private function yarnAfter(): ?int
    {
        if (!$this->tokens->isOneOf($this->at, ['in', 'with'])) {
            return null;
        }
        $yarn = $this->yarns->at($this->tokens, $this->at + 1);
        $end = $this->at + 1 + ($yarn[1] ?? 0);
        $isParted = !$this->tokens->has($end) || ($this->tokens->is($end, TokenType::Separator, TokenType::Stop, TokenType::Close) && ':' !== $this->tokens->value($end));

        return null !== $yarn && $isParted ? $end : null;
    }

    private function colourAfter(): ?Dye
    {
        $end = $this->yarnAfter();
        $yarn = null === $end ? null : $this->yarns->at($this->tokens, $this->at + 1);
        $this->at = $end ?? $this->at;

        return null === $yarn ? null : new Dye($yarn[0]);
    }

    /** The yarn that a remark at the line's end changes to: "(18), change to B". */
    private function changeAfter(Tokens $all): ?Dye
    {
        for ($at = $this->tokens->count(); $at < $all->count(); ++$at) {
            if ($all->isOneOf($at, ['change', 'changing', 'switch', 'switching']) && 'to' === $all->value($at + 1)) {
                $yarn = $this->yarns->at($all, $at + 2);

                return null === $yarn ? null : new Dye($yarn[0]);
            }
        }

        return null;
    }

    /** "into MR:", before the stitches that go into it. */
    private function intoRing(): bool
    {
        $at = $this->at;
        if (!$this->tokens->isOneOf($at, ['in', 'into'])) {
            return false;
        }
        $at += $this->tokens->isOneOf($at + 1, ['a', 'the']) ? 2 : 1;
        $words = $this->ringWords($at);
        if (0 === $words) {
            return false;
        }
        $position = $this->tokens->position($this->at);
        $this->at = $at + $words;
        $this->foundation = new Foundation(0, 0, $position, $this->reached() - $position);

        return true;
    }

    /** "starting in 2nd ch from hook", after the chain. */
    private function fromChain(Node $chain): bool
    {
        $at = $this->at;
        if (!$chain instanceof Work || Stitch::Chain !== $chain->stitch || !$this->tokens->isOneOf($at, ['starting', 'start', 'beginning', 'begin', 'from'])) {
            return false;
        }
        while ($this->tokens->isOneOf($at, ['starting', 'start', 'beginning', 'begin', 'from', 'in', 'with', 'at', 'the'])) {
            ++$at;
        }
        $from = $this->tokens->isOneOf($at, ['second']) ? 2 : (int) $this->tokens->value($at);
        if ($from < 2 || !$this->tokens->isOneOf($at + 1, ['ch', 'chain'])) {
            return false;
        }
        $this->at = $at + 2;
        $this->skipWords(['from', 'the', 'hook']);
        $this->foundation = new Foundation($chain->times ?? 1, $from, $chain->position(), $this->reached() - $chain->position());

        return true;
    }

    private function takeFoundation(): Foundation
    {
        $foundation = $this->foundation ?? throw new \LogicException('There is no foundation to take.');
        $this->foundation = null;

        return $foundation;
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

    /** Passes over "now work along the other side of the chain". */
    private function otherSide(): bool
    {
        $at = $this->at;
        $isSaid = false;
        while ($this->tokens->isOneOf($at, ['now', 'rotate', 'continue', 'continuing', 'work', 'working', 'along', 'on', 'to', 'down', 'the', 'other', 'opposite', 'side', 'of', 'foundation', 'starting', 'ch', 'chain', 'turn'])) {
            $isSaid = $isSaid || $this->tokens->isOneOf($at, ['side', 'rotate']);
            if ($isSaid && 'ch' === $this->tokens->value($at) && $this->tokens->isNumber($at + 1)) {
                break;
            }
            ++$at;
        }
        $this->at = $isSaid ? $at : $this->at;

        return $isSaid;
    }

    private function saysThroughBoth(): bool
    {
        $at = $this->at;
        $both = $this->tokens->isOneOf($at, ['through', 'thru', 'in', 'into']) ? $at + 1 : $at;
        if (!$this->tokens->isOneOf($both, ['both'])) {
            return false;
        }
        $isLoops = $this->tokens->isOneOf($both + 1, ['loops', 'loop']);
        $this->at = $both + 1;
        $this->skipWords(['sides', 'layers', 'edges', 'thicknesses', 'loops', 'loop', 'of', 'the', 'piece']);

        // Both loops are what is meant where nothing is said.
        return !$isLoops;
    }

    /** "through both layers:", before all stitches. */
    private function throughBothOfLine(): bool
    {
        $begin = $this->at;
        $this->skipWords(['close', 'closing', 'fold', 'flat', 'flatten', 'and', 'work', 'working', 'press']);
        while ($this->at > $begin && $this->tokens->is($this->at, TokenType::Separator, TokenType::Stop)) {
            ++$this->at;
        }
        $isSaid = $this->tokens->isOneOf($this->at, ['through', 'thru']) && $this->saysThroughBoth();
        if ($isSaid && $this->tokens->is($this->at, TokenType::Separator, TokenType::Stop)) {
            return true;
        }
        if (!$isSaid && $this->at > $begin && null !== $this->stitchName($this->tokens->isNumber($this->at) ? $this->at + 1 : $this->at)) {
            // "fold flat, 9 sc through both": said again after the stitches.
            return false;
        }
        $this->at = $begin;

        return false;
    }

    private function throughBoth(Node $item): Node
    {
        $length = $item->length();
        if ($item instanceof Work) {
            if (str_ends_with($item->stitch->value, ' both')) {
                return $item;
            }
            $both = $item->stitch->throughBoth() ?? throw new SyntaxError('This stitch through both sides is not known here.', $this->vocabulary->inWords('Close with sc or sl st through both.'), $item->position(), max(1, $length));

            return new Work($both, $item->times, $item->position(), $length, null, $item->dye);
        }
        if ($item instanceof Repeat) {
            return new Repeat(array_map($this->throughBoth(...), $item->items), $item->times, $item->position(), $length, null, $item->dye);
        }

        return $item;
    }

    /** How many tokens say "over two strands", "over the tail": what is crocheted over is no stitch. */
    private function overStrands(): int
    {
        if (!$this->tokens->isOneOf($this->at, ['over'])) {
            return 0;
        }
        $at = $this->at + 1;
        while ($this->tokens->isOneOf($at, ['both', 'the', 'its', 'carried', 'cut', 'loose', 'old', 'unused']) || $this->tokens->isNumber($at)) {
            ++$at;
        }
        if (!$this->tokens->isOneOf($at, ['strand', 'strands', 'tail', 'tails', 'end', 'ends', 'yarn', 'yarns'])) {
            return 0;
        }

        return $at + 1 - $this->at;
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
        $this->at += $this->overStrands();
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
        $words = $this->ringWords($ring);
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
        if ($this->tokens->isOneOf($this->at, ['in', 'into']) && $this->ringWords($this->at + 2) + $this->ringWords($this->at + 1) > 0) {
            ++$this->at;
            $this->skipWords(['the', 'a', ...self::RINGS]);
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
        if (!$this->tokens->isOneOf($in, ['in', 'into', 'over']) || $this->saysSame() || null !== $this->loop($in)[0] || $this->overStrands() > 0 || null !== $this->yarnAfter()) {
            return $this->intoNextWithoutIn($stitch, $count, $position);
        }
        ++$this->at;
        $this->skipWords(['a', 'the']);
        $ring = $this->ringWords($this->at);
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
            $this->at = $this->tokens->isOneOf($this->at, self::HEADS) ? $this->at + 1 : $mark;
        }
        $words = $isAround ? $this->at - $at : 0;
        $this->at = $at;

        return $words;
    }

    /** How many tokens name the ring at a place: "MR", "magic ring", "adjustable ring". */
    private function ringWords(int $at): int
    {
        if ($this->tokens->isOneOf($at, ['magic', 'adjustable']) && $this->tokens->isOneOf($at + 1, self::RINGS)) {
            return 2;
        }

        return $this->tokens->isOneOf($at, self::RINGS) && 'loop' !== $this->tokens->value($at) ? 1 : 0;
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
