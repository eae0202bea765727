<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/**
 * Other typed lines for a piece, with the colours kept on the rounds that they colour.
 *
 * What moved is worked out from the lines' difference: a line that says the same, whatever its number, carries its rounds along;
 * between two such lines, rounds are paired off in order.
 */
final readonly class Retype implements ReplacesGroup
{
    /** @param list<string> $rounds the new lines */
    public function __construct(private string $piece, private array $rounds)
    {
    }

    public static function words(): array
    {
        return ['retype'];
    }

    public static function read(Fields $fields, string $word): self
    {
        $piece = $fields->text('piece', 40);

        return new self($piece, $fields->texts('rounds', Limits::LINES, Limits::LINE, '/^[^\r\n]*$/D', Message::of('field.linesApart')));
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $changed = $piece->withRounds($this->rounds);
        $moves = self::moves($plan, $piece, $changed);

        $moved = $moves->isStill() ? $plan->withPiece($changed) : $plan->carried($changed, $moves);

        return $moved->withPiece(TypedLayer::shown($moved->piece($this->piece) ?? $changed, PieceReading::of($plan, $changed)));
    }

    /** Where the rounds of a piece went as its lines became others. */
    public static function moves(Plan $plan, Piece $before, Piece $after): RetypedRounds
    {
        [$old, $new] = [PieceReading::of($plan, $before), PieceReading::of($plan, $after)];
        $blocks = LineDifference::of(self::saidIn($old, $before->rounds), self::saidIn($new, $after->rounds));

        return new RetypedRounds(self::movedRounds($blocks, $old->spans, $new->spans), \count($old->rounds), $new->rounds);
    }

    public function inWords(): string
    {
        return 'Rounds typed';
    }

    /**
     * @param list<string> $lines
     *
     * @return list<string> what each line of the piece says after its number, and for how many rounds
     */
    public static function said(Plan $plan, Piece $piece, array $lines): array
    {
        return self::saidIn(PieceReading::of($plan, $piece->withRounds($lines)), $lines);
    }

    /**
     * @param list<string> $lines those that were read
     *
     * @return list<string>
     */
    private static function saidIn(Reading $reading, array $lines): array
    {
        return array_map(static function (string $line, ?Head $head, ?RoundRange $span): string {
            $said = null === $head ? $line : mb_substr($line, $head->numbers->end);

            return trim($said, " \t:.)-–—").' '.($span?->count() ?? 0);
        }, $lines, $reading->syntax->heads(), $reading->spans);
    }

    /**
     * @param list<LineBlock>       $blocks
     * @param list<RoundRange|null> $old
     * @param list<RoundRange|null> $new
     *
     * @return array<int, int> old round to new round; one that is gone is not in it
     */
    private static function movedRounds(array $blocks, array $old, array $new): array
    {
        $moved = [];
        foreach ($blocks as $block) {
            $before = self::roundsOf(\array_slice($old, $block->oldFrom, $block->oldTo - $block->oldFrom));
            $after = self::roundsOf(\array_slice($new, $block->newFrom, $block->newTo - $block->newFrom));
            foreach ($before as $i => $round) {
                if (isset($after[$i])) {
                    $moved[$round] = $after[$i];
                }
            }
        }

        return $moved;
    }

    /**
     * @param list<RoundRange|null> $spans
     *
     * @return list<int>
     */
    private static function roundsOf(array $spans): array
    {
        return array_merge(...array_map(static fn (?RoundRange $span): array => null === $span ? [] : range($span->from, $span->to), $spans));
    }
}
