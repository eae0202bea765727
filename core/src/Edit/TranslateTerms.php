<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Translation;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;

/** Puts what is typed into the other country's words. The stitches stay the same. */
final readonly class TranslateTerms implements EditKind
{
    public function __construct(private Terms $terms)
    {
    }

    public static function words(): array
    {
        return ['words'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->oneOf('terms', Terms::class));
    }

    public function apply(Plan $plan): Plan
    {
        $translation = new Translation($plan->terms, $this->terms);
        $pieces = array_map(static fn (Piece $piece): Piece => $piece->withRounds(array_map($translation->line(...), $piece->rounds)), $plan->pieces);

        return $plan->readIn($this->terms)->withPieces($pieces);
    }

    public function inWords(): string
    {
        return 'Words translated';
    }
}
