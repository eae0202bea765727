<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Translation;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;

/**
 * What was before the maker as an edit was made, where the plan may be another by now: other terms, lines put in, layers taken out. The edit is
 * made on that, and what it changed there is brought into the plan as it is: words count in the terms that were seen, rounds and layers are
 * those that had their numbers then.
 */
final readonly class Seen
{
    /**
     * @param Terms|null     $terms  null: the plan's
     * @param list<SetValue> $values what stood at places of the plan; a piece whose lines alone are named has all else as it is on those lines
     */
    private function __construct(private ?Terms $terms = null, private array $values = [])
    {
    }

    public static function now(): self
    {
        return new self();
    }

    public static function inTerms(Terms $terms): self
    {
        return new self($terms, []);
    }

    /** Where the piece may be another by now. */
    public function ofPiece(Piece $piece): self
    {
        return $this->at(['pieces', $piece->key], $piece->values());
    }

    /**
     * Where its lines may be others by now.
     *
     * @param list<string> $rounds
     */
    public function ofLines(string $piece, array $rounds): self
    {
        return $this->at(['pieces', $piece, 'rounds'], $rounds);
    }

    /** @param Fields $fields contract/openapi.yaml, Seen; what is wrong with them is told by their reader */
    public static function read(Fields $fields): self
    {
        $seen = new self(
            $fields->has('terms') ? $fields->oneOf('terms', Terms::class) : null,
            $fields->has('values') ? $fields->objects('values', 0, SetValues::MOST, SetValue::read(...)) : [],
        );
        $fields->close();

        return $seen;
    }

    /** @throws EditRefused|InvalidFields where it cannot be made, or nothing is left of what it was made on */
    public function made(Edit $edit, Plan $plan): Plan
    {
        if (null === $this->terms || $this->terms === $plan->terms) {
            return $this->inItsTerms($edit, $plan);
        }
        $there = (new TranslateTerms($this->terms))->apply($plan);
        $made = $this->inItsTerms($edit, $there);
        // Lines that the edit left come back as they were written, whatever else stands for the same.
        $lines = array_combine(self::lines($there), self::lines($plan));
        $translation = new Translation($made->terms, $plan->terms);
        $line = static fn (string $line): string => $lines[$line] ?? $translation->line($line);
        $pieces = array_map(static fn (Piece $piece): Piece => $piece->withRounds(array_map($line, $piece->rounds)), $made->pieces);

        return $made->readIn($plan->terms)->withPieces($pieces);
    }

    private function inItsTerms(Edit $edit, Plan $plan): Plan
    {
        if ([] === $this->values) {
            return $edit->apply($plan);
        }
        $seen = $this->seen($plan);

        return MergedPlan::of($seen, $edit->apply($seen), $plan, $edit instanceof Retype);
    }

    /** The plan with what was seen of it. */
    private function seen(Plan $now): Plan
    {
        $seen = SetValues::of(...$this->values)->apply($now);
        $places = array_map(static fn (SetValue $value): string => implode('/', \array_slice($value->at, 0, 2)), $this->values);
        foreach ($this->values as $value) {
            $key = $value->at[1] ?? '';
            if (['pieces', $key, 'rounds'] === $value->at && 1 === \count(array_keys($places, "pieces/{$key}", true))) {
                $seen = MergedPlan::onLines($seen, $now->piece($key) ?? throw EditRefused::noPiece($key), $seen->piece($key)->rounds ?? []);
            }
        }

        return $seen;
    }

    /** @param list<string> $at */
    private function at(array $at, mixed $value): self
    {
        return new self($this->terms, [...$this->values, new SetValue($at, $value, false)]);
    }

    /** @return list<string> of all pieces */
    private static function lines(Plan $plan): array
    {
        return array_merge(...array_map(static fn (Piece $piece): array => $piece->rounds, $plan->pieces));
    }
}
