<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Worked;

/** What is wrong with a round as it lies on the round below, in the maker’s words. */
final readonly class Faults
{
    public function __construct(private Vocabulary $vocabulary, private Worked $worked)
    {
    }

    public static function tooLong(): Fault
    {
        return Fault::at(new Span(Limits::LINE, Limits::LINE + 1), Message::of('line.tooLong', most: Limits::LINE));
    }

    /**
     * @param Node|null $first what stands there, which may have been taken for something to do
     * @param Span      $else  where nothing stands
     */
    public function noStitches(?Node $first, Span $else, int $round): Fault
    {
        $way = $this->vocabulary->inWords('sc around');

        return $first instanceof Cue
            ? Fault::at($first->span, Message::of('round.onlyCue', worked: $this->worked->value, round: $round, words: $first->text, way: $way))
            : Fault::at($first->span ?? $else, Message::of('round.noStitches', worked: $this->worked->value, round: $round, way: $way));
    }

    public function emptyRing(Span $span): Fault
    {
        return Fault::at($span, Message::of('ring.empty', way: $this->vocabulary->inWords('6 sc in MR')));
    }

    public function tooManyRounds(): Fault
    {
        return Fault::at(Span::none(), Message::of('piece.tooManyRounds', worked: $this->worked->value, most: Limits::ROUNDS));
    }

    public function of(Trial $trial, RoundBelow $ground, int $left): ?Fault
    {
        $worked = $this->worked->value;
        $round = $ground->number;
        $isFirst = 1 === $ground->number && 0 === $ground->on;
        $first = $this->firstOf($trial);
        if (null !== $trial->error) {
            return Fault::of($trial->error);
        }
        if ($isFirst && !$trial->starts) {
            $six = max(6, $trial->makes);

            return Fault::at(
                $first->span,
                Worked::Rows === $this->worked
                    ? Message::of('row.noStart', round: $round)
                    : Message::of('round.noStart', round: $round, ways: $this->vocabulary->inWords("{$six} sc in MR, or ch 2, {$six} sc in 2nd ch from hook")),
                FaultKind::NoStart,
            );
        }
        if (!$isFirst && $trial->starts) {
            return Fault::at(
                $first->span,
                Message::of($round > 1 ? 'round.newPiece' : 'round.newRing', worked: $worked, round: $round),
            );
        }
        if (null !== $trial->place) {
            return Fault::of($trial->place);
        }
        if ($trial->uses < $trial->below && true !== Unworked::in($trial->line)?->allows($trial->below - $trial->uses)) {
            $rest = $trial->below - $trial->uses;

            return Fault::at(
                new Span($trial->line->end(), $trial->line->end() + 1),
                Message::of(
                    'round.leftOver',
                    worked: $worked,
                    round: $round,
                    uses: $trial->uses,
                    below: $trial->below,
                    into: $this->below($trial, $ground),
                    rest: $rest,
                ),
                FaultKind::LeftOver,
            );
        }
        if ($trial->uses > $trial->below) {
            $over = $trial->uses - $trial->below;

            return Fault::at(
                $this->firstTooMany($trial),
                Message::of(
                    'round.tooMany',
                    worked: $worked,
                    round: $round,
                    uses: $trial->uses,
                    below: $trial->below,
                    on: match (true) {
                        $ground->number > 1 => 'round',
                        $ground->on > 0 => 'edge',
                        default => $this->below($trial, $ground),
                    },
                    before: $ground->number - 1,
                    over: $over,
                ),
                FaultKind::TooMany,
            );
        }

        return $this->ofMade($trial, $ground->number, $first, $left);
    }

    private function ofMade(Trial $trial, int $round, Node $first, int $left): ?Fault
    {
        if (0 === $trial->makes) {
            return Fault::at($first->span, Message::of('round.makesNone', worked: $this->worked->value, round: $round));
        }
        if ($trial->makes > Limits::STITCHES_IN_ROUND) {
            return Fault::at(
                $first->span,
                Message::of('round.full', worked: $this->worked->value, most: Limits::STITCHES_IN_ROUND),
            );
        }
        if ($trial->makes > $left) {
            return Fault::at($first->span, Message::of('plan.full', most: Limits::STITCHES));
        }
        foreach ($trial->line->counts as $count) {
            if ($count->stitches !== $trial->makes) {
                return Fault::at(
                    $count->span,
                    Message::of(
                        'round.miscount',
                        worked: $this->worked->value,
                        round: $round,
                        makes: $trial->makes,
                        said: $count->stitches,
                    ),
                    FaultKind::Miscount,
                );
            }
        }

        return null;
    }

    /** What a round is worked into. */
    private function below(Trial $trial, RoundBelow $ground): string
    {
        foreach ($trial->line->items as $item) {
            if ($item instanceof Foundation && 1 === $ground->number && $item->chains > 0) {
                return Worked::Rows === $this->worked || $item->joined ? 'chain' : 'sides';
            }
        }

        return 'stitches';
    }

    private function firstOf(Trial $trial): Node
    {
        return $trial->line->stitches()[0] ?? $trial->line;
    }

    /** The first item that finds no stitch left. */
    private function firstTooMany(Trial $trial): Span
    {
        $used = 0;
        $stitches = $trial->line->stitches();
        foreach ($stitches as $item) {
            $used += Expander::item($item)->uses();
            if ($used > $trial->below) {
                return $item->span;
            }
        }

        return [] === $stitches ? $trial->line->span : $stitches[\count($stitches) - 1]->span;
    }
}
