<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Wrapping;
use Alternum\Core\PieceStages;
use Alternum\Core\Place\PlacedCloth;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;

/** Works the stitches that a layer colours as bobbles, where they are plain single crochet: the rounds are written anew for it. */
final readonly class Bobbles implements EditKind
{
    /** @param int $layer its place in the piece's list, from 0 */
    public function __construct(private string $piece, private int $layer)
    {
    }

    public static function words(): array
    {
        return ['bobbles'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('piece', 40), $fields->whole('layer', 0, Limits::LAYERS));
    }

    public function apply(Plan $plan): Plan
    {
        $typed = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $piece = $typed->withRounds(Wrapping::apart($typed->rounds));
        $laid = $piece->colours[$this->layer] ?? throw EditRefused::because('edit.noLayer');
        $stages = PieceStages::of($plan, $piece);
        $reading = $stages->reading;
        if ([] !== $reading->errors()) {
            throw EditRefused::because('edit.fixFirst', wrong: $reading->errors()[0]->message);
        }
        $printer = new Printer($plan->terms, $piece->worked);
        $anew = [];
        foreach (PlacedCloth::colouredBy($laid, $plan, $stages->fabric, $reading, $stages->frame) as $i => $letters) {
            $round = $reading->rounds[$i];
            $codes = self::bobbled($round, $letters);
            // The first round's stitches go into the ring; a bobble wants a stitch below it.
            if ($round->number > 1 && $codes !== $round->codes) {
                $anew[$round->number] = $printer->shortest($codes, $round->loops);
            }
        }
        if ([] === $anew) {
            throw EditRefused::because('bobbles.none');
        }

        return $plan->withPiece($piece->withRounds(RewrittenLines::of($piece->rounds, $reading, $anew, $printer)));
    }

    public function inWords(): string
    {
        return 'Bobbles worked in';
    }

    /** @return string the round's codes with bobbles where a letter lies on a plain stitch */
    private static function bobbled(Round $round, string $letters): string
    {
        $codes = $round->codes;
        $top = 0;
        for ($i = 0, $end = \strlen($codes); $i < $end; ++$i) {
            if (Stitch::Single->code() === $codes[$i] && Motif::CLEAR !== ($letters[$top] ?? Motif::CLEAR)) {
                $codes[$i] = Stitch::Bobble->code();
            }
            $top += Stitch::ofCode($round->codes[$i])->makes();
        }

        return $codes;
    }
}
