<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Wrapping;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Plan;

/** Writes the number that each line's rounds really have into its head. All else that was typed stays. */
final readonly class Renumber implements EditKind
{
    public function __construct(private string $piece)
    {
    }

    public static function words(): array
    {
        return ['renumber'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('piece', 40));
    }

    public function apply(Plan $plan): Plan
    {
        $typed = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $piece = $typed->withRounds(Wrapping::apart($typed->rounds));
        $reading = PieceReading::of($plan, $piece);
        $rounds = $piece->rounds;
        foreach ($rounds as $i => $line) {
            $head = $reading->syntax->heads()[$i];
            $span = $reading->spans[$i];
            if (null !== $head && null !== $head->from && null !== $span && $head->from !== $span->from) {
                $number = $piece->worked->head().$span->from.($span->to > $span->from ? "-{$span->to}" : '');
                $rounds[$i] = mb_substr($line, 0, $head->numbers->from).$number.mb_substr($line, $head->numbers->end);
            }
        }

        return $plan->withPiece($piece->withRounds($rounds));
    }

    public function inWords(): string
    {
        return 'Lines numbered';
    }
}
