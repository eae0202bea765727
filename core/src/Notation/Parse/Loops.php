<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Parse;

use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\Loop;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\TokenType;

/** Reads "BLO", "in back loops only", "through both layers", "over the tail": how the hook goes in. */
final class Loops
{
    /** Words that it may begin with: at all others it need not look. */
    private const FIRST = [
        '(' => 1, '[' => 1, '{' => 1, 'in' => 1, 'into' => 1, 'through' => 1, 'thru' => 1, 'working' => 1, 'work' => 1,
        'worked' => 1, 'the' => 1, 'only' => 1, 'all' => 1, 'from' => 1, 'under' => 1, 'on' => 1, 'now' => 1, 'of' => 1,
        'blo' => 1, 'bl' => 1, 'blos' => 1, 'bls' => 1, 'flo' => 1, 'fl' => 1, 'flos' => 1, 'fls' => 1, 'back' => 1, 'front' => 1,
        'third' => 1, '3rd' => 1, 'tbl' => 1, 'tfl' => 1,
    ];

    public static function loop(Cursor $c): ?Loop
    {
        if (!isset(self::FIRST[$c->value()])) {
            return null;
        }
        $from = $c->at;
        $bracket = $c->takeType(TokenType::Open);
        $c->skip('in', 'into', 'through', 'thru', 'working', 'work', 'worked', 'the', 'only', 'all', 'from', 'under', 'on', 'now', 'of');
        $loop = self::named($c);
        if (null === $loop) {
            return $c->back($from);
        }
        $c->skip('loop', 'loops', 'only');
        if ($bracket) {
            return $c->takeType(TokenType::Close) ? $loop : $c->back($from);
        }

        return $loop;
    }

    private static function named(Cursor $c): ?Loop
    {
        $from = $c->at;
        $loop = match ($c->value()) {
            'blo', 'bl', 'blos', 'bls', 'tbl' => Loop::Back,
            'flo', 'fl', 'flos', 'fls', 'tfl' => Loop::Front,
            'back' => Loop::Back,
            'front' => Loop::Front,
            'third', '3rd' => Loop::Third,
            default => null,
        };
        if (null === $loop) {
            return null;
        }
        $isWhole = \strlen($c->value()) > 3 || '3rd' === $c->value();
        ++$c->at;
        $c->takeType(TokenType::Dash);

        return !$isWhole || $c->isWord('loop', 'loops') ? $loop : $c->back($from);
    }

    /** What a remark within a line says of all of it: "working in back loops only", "work this round in FLO". */
    public static function said(Cue $cue): ?Loop
    {
        $isOfLine = CueKind::Note === $cue->kind
            && 1 === preg_match('/^\W*(?:work|crochet|this|in|into|through|all|the (?:whole|entire)|back|front|blo|flo)/i', $cue->text)
            && 1 !== preg_match('/\b(?:leav\w*|unworked|free|unused|sew|attach|join|next|previous|later|between|until|both)\b/i', $cue->text)
            && 1 !== preg_match('/\bof (?:r|rnd|round|row)\w* ?\d/i', $cue->text);

        return match (true) {
            !$isOfLine => null,
            1 === preg_match('/\b(?:blo?s?|back[- ]loops?)\b/i', $cue->text) => Loop::Back,
            1 === preg_match('/\b(?:flo?s?|front[- ]loops?)\b/i', $cue->text) => Loop::Front,
            default => null,
        };
    }

    /**
     * "sc around, BLO (12)", "sc around - BLO": at a line's end it is the whole line's.
     *
     * @param list<Node> $nodes
     *
     * @return list<Node>|null those in the loop
     */
    public static function ofLine(Cursor $c, array $nodes): ?array
    {
        $from = $c->at;
        $c->takeType(TokenType::Separator, TokenType::Dash, TokenType::Stop);
        $loop = $c->at > $from ? self::loop($c) : null;

        return null !== $loop && (!$c->has() || $c->is(TokenType::Open)) ? [...self::on($nodes, $loop), new Glue($c->span($from))] : $c->back($from);
    }

    /**
     * The stitches among some nodes in a loop, where they name none themselves.
     *
     * @param list<Node> $nodes
     *
     * @return list<Node>
     */
    public static function on(array $nodes, Loop $loop): array
    {
        return array_map(static fn (Node $node): Node => ($node instanceof Work || $node instanceof Repeat) && null === $node->loop
            ? $node->withLoop($loop, $node->span)
            : $node, $nodes);
    }

    /** "in both loops", "(both loops)": what is meant where nothing is said, or what ends "in BLO". */
    public static function bothLoops(Cursor $c): bool
    {
        $from = $c->at;
        $isBracket = $c->takeType(TokenType::Open);
        $c->skip('in', 'into', 'through', 'thru', 'under', 'now', 'working', 'again');
        if ($c->take('both') && $c->take('loops', 'loop') && (!$isBracket || $c->takeType(TokenType::Close))) {
            return true;
        }
        $c->back($from);

        return false;
    }

    /** "through both layers". */
    public static function bothSides(Cursor $c): bool
    {
        $from = $c->at;
        $through = $c->take('through', 'thru', 'in', 'into', 'across', 'thro');
        $c->skip('the');
        if ($c->take('both') && !$c->isWord('loops', 'loop') && ($through || $c->isWord('sides', 'layers', 'edges', 'thicknesses'))) {
            $c->skip('sides', 'layers', 'edges', 'thicknesses', 'of', 'the', 'piece', 'fabric', 'together', 'at', 'once');
            if ($c->begins > 0) {
                // A line without a head is said to the maker, whole.
                $c->takePhrase('to', 'close');
            }

            return true;
        }
        $c->back($from);

        return false;
    }

    /** "over two strands", "over the tail", "working over the tails": what is crocheted over is no stitch. */
    public static function overStrands(Cursor $c): bool
    {
        $from = $c->at;
        $c->skip('working', 'crocheting', 'work', 'and');
        if ($c->take('over')) {
            $c->skip('both', 'the', 'its', 'carried', 'cut', 'loose', 'old', 'unused', 'tail', 'all', 'yarn', 'of', 'other', 'colour', 'color');
            while (null !== $c->number()) {
                ++$c->at;
            }
            if ($c->take('strand', 'strands', 'tails', 'end', 'ends', 'yarns') || \in_array($c->value(-1), ['tail', 'yarn', 'colour', 'color'], true)) {
                return true;
            }
        }
        $c->back($from);

        return false;
    }
}
