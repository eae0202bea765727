<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Wrapping;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;

/**
 * Works a round into the back loops only: as the first round of a colour, it meets the old one in a crisp line. Common practice, no source.
 */
final readonly class CrispLine implements EditKind
{
    /** @param int $round the first of the new colour */
    public function __construct(private string $piece, private int $round)
    {
    }

    public static function words(): array
    {
        return ['crisp'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('piece', 40), $fields->whole('round', 1, Limits::ROUNDS));
    }

    public function apply(Plan $plan): Plan
    {
        $typed = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $piece = $typed->withRounds(Wrapping::apart($typed->rounds));
        $reading = PieceReading::of($plan, $piece);
        $round = $reading->rounds[$this->round - 1] ?? throw EditRefused::because('edit.noRound', round: $this->round);
        $line = $reading->syntax->worked()[$this->round - 1];
        if (!$round->readable || 1 === $this->round) {
            throw EditRefused::because('crisp.unknown', round: $this->round);
        }
        if ('' !== $round->loops) {
            throw EditRefused::because('crisp.loops', round: $this->round);
        }
        $printer = new Printer($plan->terms, $piece->worked);

        return $plan->withPiece($piece->withRounds(RewrittenLines::of(
            $piece->rounds,
            $reading,
            [$this->round => $printer->stitches($line->bare()).' in BLO'],
            $printer,
        )));
    }

    public function inWords(): string
    {
        return "Round {$this->round} in back loops";
    }
}
