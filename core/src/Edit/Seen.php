<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Translation;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;

/**
 * What she saw as she did something, where the plan may be another by now: other terms, rounds put in, layers taken out. An edit is made on
 * what she meant: words count in the terms that she saw, rounds and layers are those that had their numbers then.
 */
final readonly class Seen
{
    /**
     * @param Terms|null $terms null: the plan's
     * @param Piece|null $piece the piece that she did it on; null: as it is
     */
    public function __construct(private ?Terms $terms, private ?Piece $piece)
    {
    }

    /** @param Fields $fields contract/openapi.yaml, Seen; what is wrong with them is told by their reader */
    public static function read(Fields $fields): self
    {
        $seen = new self(
            $fields->has('terms') ? $fields->oneOf('terms', Terms::class) : null,
            $fields->has('piece') ? Piece::read($fields->object('piece')) : null,
        );
        $fields->close();

        return $seen;
    }

    /** @throws EditRefused|InvalidFields where it cannot be made, or nothing is left of what it was made on */
    public function made(Edit $edit, Plan $plan): Plan
    {
        if (null === $this->terms || $this->terms === $plan->terms) {
            return $this->onPiece($edit, $plan);
        }
        $there = (new TranslateTerms($this->terms))->apply($plan);
        $made = $this->onPiece($edit, $there);
        // Lines that the edit left come back as they were written, whatever else stands for the same.
        $lines = array_combine(self::lines($there), self::lines($plan));
        $translation = new Translation($made->terms, $plan->terms);
        $line = static fn (string $line): string => $lines[$line] ?? $translation->line($line);
        $pieces = array_map(static fn (Piece $piece): Piece => $piece->withRounds(array_map($line, $piece->rounds)), $made->pieces);

        return $made->readIn($plan->terms)->withPieces($pieces);
    }

    /** On the piece as it was seen, and then carried to its rounds as they are: both count, field by field. */
    private function onPiece(Edit $edit, Plan $plan): Plan
    {
        $now = null === $this->piece ? null : $plan->piece($this->piece->key);
        if (null === $this->piece || null === $now || self::values($now) === self::values($this->piece)) {
            return $edit->apply($plan);
        }
        $made = $edit->apply($plan->withPiece($this->piece));
        $hers = $made->piece($this->piece->key) ?? $this->piece;
        if ($hers->rounds !== $this->piece->rounds) {
            $plan = (new Retype($now->key, $hers->rounds, $this->piece->rounds))->apply($plan);
            $now = $plan->piece($now->key) ?? $now;
        }
        $moves = Retype::moves($plan, $this->piece, $now);
        [$before, $after] = array_map(
            static fn (Piece $piece): mixed => self::values($piece->carried($moves, null)->withRounds($now->rounds)),
            [$this->piece, $hers],
        );
        if ($before === $after && self::values($hers) !== self::values($this->piece) && $hers->rounds === $this->piece->rounds) {
            throw new EditRefused('What was changed is no longer there.');
        }
        $both = MergedValue::of($before, $after, self::values($now));

        return SetValues::of(new SetValue(['pieces', $now->key], $both, false))->apply($made);
    }

    /** @return list<string> of all pieces */
    private static function lines(Plan $plan): array
    {
        return array_merge(...array_map(static fn (Piece $piece): array => $piece->rounds, $plan->pieces));
    }

    /** The piece in the plan's format, as it is read. */
    private static function values(Piece $piece): mixed
    {
        return Json::decode(Json::encode($piece->values()), 'a piece');
    }
}
