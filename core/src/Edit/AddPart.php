<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Stitch;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Copies;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Worked;

/** A part that most toys have, begun from a shape in proportion to the largest piece, which stands for the body. */
final readonly class AddPart implements EditKind
{
    /** mm: what is smaller has hardly a second round. */
    private const LEAST = 15.0;
    private const START = 6;

    /**
     * @param string $key  of the new piece: Piece::KEY, and free
     * @param string $name of the new piece
     */
    public function __construct(private UsualPart $part, private string $key, private string $name)
    {
    }

    public static function words(): array
    {
        return ['part'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self(
            $fields->oneOf('part', UsualPart::class),
            $fields->text('key', 40, Piece::KEY, Message::of('field.key')),
            $fields->line('name', Limits::NAME),
        );
    }

    public function apply(Plan $plan): Plan
    {
        if (null !== $plan->piece($this->key)) {
            throw EditRefused::because('edit.sameKey', piece: $this->key);
        }
        if (\count($plan->pieces) >= Limits::PIECES) {
            throw EditRefused::fullOfPieces();
        }
        [$width, $height] = self::body($plan);
        $long = $this->part->long();
        $size = new FormSize(
            widthMm: max(self::LEAST, $this->part->wide() * $width),
            heightMm: null === $long ? null : max(self::LEAST, $long * $height),
        );
        $piece = new Piece($this->key, $this->name, Copies::times($this->part->copies()), Worked::Spiral, []);
        $shape = new Shape(
            piece: $this->key, form: $this->part->form(), start: self::START, extent: $size, spread: Spread::Staggered, decrease: Stitch::InvisibleDecrease,
        );

        return $shape->apply($plan->withPieces([...$plan->pieces, $piece]));
    }

    public function inWords(): string
    {
        return 'A part added';
    }

    /** @return array{float, float} mm across and along the piece that has most in it; as wide and high as is usual where none has rounds */
    private static function body(Plan $plan): array
    {
        $largest = null;
        foreach ($plan->pieces as $piece) {
            $form = [] === $piece->rounds ? null : PieceStages::form($plan, $piece);
            $largest = null !== $form && $form->volume > ($largest->volume ?? 0.0) ? $form : $largest;
        }
        $usual = Usual::values($plan->units)['shape'];

        return null === $largest ? [(float) $usual['widthMm'], (float) $usual['widthMm']] : [$largest->width, $largest->height];
    }
}
