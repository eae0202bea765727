<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\Loop;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Filling;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\TokenType;
use Alternum\Core\Plan\Message;

/** Reads one thing after another: a line's body, or what stands in a group. At each place, whoever knows what begins there takes it. */
final class Sequence
{
    /** @var list<Node> */
    private array $nodes = [];
    /** In which loop all that follows is worked. */
    private ?Loop $loop = null;
    private bool $closesFlat = false;
    /** A count, a cue or a full stop was the last. */
    private bool $isAfter = false;
    /** So many of the nodes from the first on work nothing. */
    private int $idle = 0;

    private function __construct(private readonly Cursor $c, private readonly int $depth, private readonly bool $star)
    {
    }

    /** @return list<Node> of a line's body at depth 0, or of a group; a star or "rep from *" ends a starred one */
    public static function of(Cursor $c, int $depth, bool $star): array
    {
        $self = new self($c, $depth, $star);
        while ($c->has() && !$self->isEnd()) {
            $self->step();
        }

        return $self->nodes;
    }

    private function isEnd(): bool
    {
        return ($this->depth > 0 && $this->c->is(TokenType::Close)) || ($this->star && ($this->c->is(TokenType::Star) || Groups::repeatAhead($this->c)));
    }

    private function step(): void
    {
        $c = $this->c;
        $from = $c->at;
        if (($c->isPlainStitch() || $c->isLettered()) && !$this->isCountLikely()) {
            if (null !== $node = Works::of($c)) {
                $this->add($node, $this->loop, $from);

                return;
            }
            $c->back($from);
        }
        if (($c->is(TokenType::Separator) && $this->goesOn()) || ($c->is(TokenType::Open) && $this->bracket())) {
            return;
        }
        if ($this->joins() || (0 === $this->depth && $this->beside()) || $this->named() || $this->worked()) {
            return;
        }
        $c->back($from);
        if (0 === $this->depth && $this->said()) {
            return;
        }
        if ($c->is(TokenType::Close)) {
            throw $c->error(Message::of('bracket.notOpen', sign: $c->value()));
        }
        $this->nodes[] = Remarks::bracket($c) ?? throw Unknown::at($c);
    }

    /** A comma with a stitch or a yarn's letter after it only joins. */
    private function goesOn(): bool
    {
        $from = $this->c->at++;

        return $this->c->isPlainStitch() || $this->c->tokens->isCapital($this->c->at) ? $this->glue($from) : (bool) $this->c->back($from);
    }

    /** A bracket that can only be a count, or a group: the others are looked at one by one. */
    private function bracket(): bool
    {
        $c = $this->c;
        $last = end($this->nodes);
        if (0 === $this->depth && $c->isAhead(1, TokenType::Number) && $c->isAhead(2, TokenType::Close) && !($last instanceof Repeat && !$last->said)
            && $this->hasWork()) {
            $count = Counts::of($c, true);
            if (null !== $count) {
                $this->isAfter = true;
                $this->nodes[] = $count;

                return true;
            }
        }

        return Groups::isRepeated($c) && $this->worked();
    }

    /** After a dash or in a table's last column a number of stitches may be the count. */
    private function isCountLikely(): bool
    {
        return 0 === $this->depth && $this->c->at > 0
            && ($this->c->tokens->is($this->c->at - 1, TokenType::Dash, TokenType::Bar, TokenType::Equals) || ($this->isAfter && '.' === $this->c->value(-1)));
    }

    /** Signs and words that only join, and how often what stands before is worked. */
    private function joins(): bool
    {
        $c = $this->c;
        $from = $c->at;
        $nodes = $this->hasWork() ? Groups::freely($c, $this->nodes) ?? SharedYarns::of($c, $this->nodes) ?? RestOf::in($c, $this->nodes) : null;
        $nodes ??= $this->hasWork() && 0 === $this->depth ? Loops::ofLine($c, $this->nodes) : null;
        if (null !== $nodes) {
            $this->nodes = $nodes;

            return true;
        }
        if ($this->hasWork() && !($this->star && Groups::repeatAhead($c))) {
            $nodes = Groups::times($c, $this->nodes, !$this->star);
            if (null !== $nodes) {
                $this->nodes = $nodes;
                $this->suffixed();

                return true;
            }
        }
        $more = More::of($c, $this->nodes);
        if (null !== $more) {
            $this->nodes[] = $more;

            return true;
        }
        $stopped = '.' === $c->value();
        if (!Joints::of($c, $this->depth)) {
            return false;
        }
        $this->isAfter = $this->isAfter || $stopped && $this->hasWork();

        return $this->glue($from);
    }

    private function glue(int $from): bool
    {
        array_push($this->nodes, ...(0 === $this->depth ? [new Glue($this->c->span($from))] : []));

        return true;
    }

    /** What stands beside the stitches of a whole line: its beginning, sentences, closes, counts, comments. */
    private function beside(): bool
    {
        $c = $this->c;
        $from = $c->at;
        $start = UntilFits::of($c, $this->nodes) ?? OtherPieces::joined($c) ?? OtherPieces::goingThrough($c, $this->hasWork()) ?? Starts::of($c, $this->nodes);
        if (null !== $start) {
            // The chain before what joins others is the bridge.
            $isBegun = $start[0] instanceof Work || ($start[0] instanceof Foundation && $start[0]->chains > 0);
            $this->nodes = $isBegun ? [...Starts::withoutChain($this->nodes), ...$start] : Starts::beside($c, $from, $this->nodes, $start);
            $this->idle = $isBegun ? 0 : $this->idle;

            return true;
        }
        $slashed = $this->hasWork() ? Counts::slashed($c) : null;
        $node = $slashed ?? OtherPieces::bridge($c) ?? Remarks::comment($c) ?? Closes::of($c) ?? Sentences::of($c, $this->hasWork()) ?? $this->count();
        if (null !== $node) {
            $this->isAfter = true;
            $this->nodes[] = $node;

            return true;
        }
        if (Loops::bothSides($c)) {
            if ($c->is(TokenType::Separator, TokenType::Stop)) {
                $this->closesFlat = !$c->namesOthers;

                return $this->glue($from);
            }
            $c->back($from);
        }

        return false;
    }

    private function count(): ?Node
    {
        $last = end($this->nodes);
        $c = $this->c;
        if ($last instanceof Repeat && !$last->said && $c->is(TokenType::Open) && null !== $c->number(1) && $c->isAhead(2, TokenType::Close)
            && Assumption::NumberRepeats === $c->choose($c->at, [Assumption::NumberCounts, Assumption::NumberRepeats])) {
            return null;
        }

        return Counts::of($c, $this->hasWork());
    }

    /** A yarn, or a loop for all that follows. */
    private function named(): bool
    {
        $c = $this->c;
        $from = $c->at;
        $yarn = WholeLine::column($c) ?? Yarns::before($c, !$this->hasWork());
        if (null !== $yarn) {
            // "sc around (12) [B]" is the whole line’s.
            array_splice($this->nodes, WholeLine::isYarn($c, $from) ? 0 : \count($this->nodes), 0, [$yarn]);

            return true;
        }
        if (Loops::bothLoops($c) && ($c->isClauseEnd() || $c->tokens->is($c->at - 1, TokenType::Close))) {
            $this->loop = null;

            return $this->glue($from);
        }
        $c->back($from);
        $loop = Loops::loop($c);
        if (null !== $loop && ($c->is(TokenType::Separator, TokenType::Stop, TokenType::Dash) || $c->tokens->is($c->at - 1, TokenType::Close))) {
            $this->loop = $loop;

            return $this->glue($from);
        }

        return (bool) $c->back($from);
    }

    private function worked(): bool
    {
        $c = $this->c;
        $from = $c->at;
        $loop = Loops::loop($c);
        $node = Repeats::of($c, $this->depth) ?? Works::of($c);
        if (null === $node) {
            return (bool) $c->back($from);
        }
        $this->add($node, $loop ?? $this->loop, $from);

        return true;
    }

    private function add(Node $node, ?Loop $loop, int $from): void
    {
        if (null !== $loop && ($node instanceof Work || $node instanceof Repeat) && null === $node->loop) {
            $node = $node->withLoop($loop, $this->c->span($from));
        }
        $this->nodes[] = $this->closesFlat && ($node instanceof Work || $node instanceof Repeat) ? Suffixes::closed($this->c, $node) : $node;
        $this->suffixed();
        $this->isAfter = false;
    }

    /** What is said of the item just read after it. */
    private function suffixed(): void
    {
        $last = end($this->nodes);
        if ($last instanceof Work || $last instanceof Repeat) {
            array_splice($this->nodes, -1, 1, [Suffixes::of($this->c, $last)]);
        }
    }

    private function said(): bool
    {
        $cue = Remarks::clause($this->c, $this->isAfter || $this->isAfterCue());
        if (null === $cue) {
            return false;
        }
        $this->nodes = Remarks::added($this->c, $this->nodes, $cue);
        $this->idle = 0;
        $this->isAfter = true;

        return true;
    }

    private function isAfterCue(): bool
    {
        foreach (array_reverse($this->nodes) as $node) {
            if (!$node instanceof Glue) {
                return $node instanceof Cue;
            }
        }

        return false;
    }

    private function hasWork(): bool
    {
        for ($end = \count($this->nodes); $this->idle < $end; ++$this->idle) {
            $node = $this->nodes[$this->idle];
            if ($node instanceof Work || $node instanceof Repeat || $node instanceof Filling) {
                return true;
            }
        }

        return false;
    }
}
