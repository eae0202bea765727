<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Colour\Shapes;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Yarn;

/** Sets a small picture on a piece: one to begin from, letters, or rows of cells. */
final readonly class AddMotif implements EditKind
{
    /**
     * @param non-empty-list<non-empty-string>|null $rows  null: none are known for what was asked
     * @param int|null                              $round the round that its middle comes to; null: the middle of the piece
     */
    private function __construct(private string $piece, private ?array $rows, private string $name, private ?int $round, private float $fromFront)
    {
    }

    public static function shape(string $piece, string $shape, string $yarn, ?int $round, float $fromFront): self
    {
        return new self($piece, Shapes::named($shape, $yarn), ucfirst($shape), $round, $fromFront);
    }

    public static function letters(string $piece, string $text, string $yarn, ?int $round, float $fromFront): self
    {
        return new self($piece, Shapes::letters($text, $yarn), "“{$text}”", $round, $fromFront);
    }

    /** @param non-empty-list<non-empty-string> $rows */
    public static function rows(string $piece, array $rows, string $name, ?int $round, float $fromFront): self
    {
        return new self($piece, $rows, $name, $round, $fromFront);
    }

    public static function words(): array
    {
        return ['motif'];
    }

    public static function read(Fields $fields, string $word): self
    {
        $piece = $fields->text('piece', 40);
        $round = $fields->has('round') ? $fields->whole('round', 1, Limits::ROUNDS) : null;
        $fromFront = $fields->number('fromFront', -180, 180, 0);
        if ($fields->has('rows')) {
            return self::rows($piece, Motif::readRows($fields), $fields->has('name') ? $fields->text('name', Limits::NAME) : '', $round, $fromFront);
        }
        $yarn = Yarn::readKey($fields);

        return $fields->has('text')
            ? self::letters($piece, $fields->text('text', 40), $yarn, $round, $fromFront)
            : self::shape($piece, $fields->text('shape', 40), $yarn, $round, $fromFront);
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        if (null === $this->rows) {
            throw EditRefused::because('motif.letters', name: $this->name, most: Shapes::MOST_LETTERS);
        }
        $rounds = \count(PieceReading::of($plan, $piece)->rounds);
        $height = \count($this->rows);
        if ($height > $rounds) {
            throw EditRefused::because('motif.higher', name: $this->name, height: $height, rounds: $rounds);
        }
        $middle = $this->round ?? intdiv($rounds + 1, 2);
        $first = max(1, min($rounds - $height + 1, $middle - intdiv($height, 2)));

        return $plan->withPiece($piece->withColours([...$piece->colours, new LayerEntry(new Motif($this->rows, $first, $this->fromFront), $this->name)]));
    }

    public function inWords(): string
    {
        return $this->name.' set';
    }
}
