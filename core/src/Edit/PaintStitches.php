<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\HandSet;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Plan;

/** Gives single stitches a yarn, or takes what was set by hand off them. They lie in one layer, above all others. */
final readonly class PaintStitches implements EditKind
{
    /**
     * @param list<BrushStroke> $strokes
     * @param string            $yarn       letter, or Motif::CLEAR
     * @param bool              $isMirrored the stitches opposite, as seen from the front, get it too
     */
    public function __construct(private string $piece, private array $strokes, private string $yarn, private bool $isMirrored)
    {
    }

    public static function words(): array
    {
        return ['stitches'];
    }

    public static function read(Fields $fields, string $word): self
    {
        $piece = $fields->text('piece', 40);
        $cells = $fields->objects('cells', 1, 5000, static function (Fields $cell): BrushStroke {
            $stroke = new BrushStroke(
                $cell->whole('round', 1, Limits::ROUNDS),
                $cell->whole('from', 1, Limits::STITCHES_IN_ROUND),
                $cell->whole('to', 1, Limits::STITCHES_IN_ROUND),
            );
            $cell->close();

            return $stroke;
        });

        return new self(
            $piece,
            $cells,
            $fields->text('yarn', 1, '/^[A-Z.]$/D', Message::of('field.yarnOrStop')),
            $fields->has('mirrored') && $fields->truth('mirrored'),
        );
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $frame = PieceStages::of($plan, $piece)->frame;
        $colours = $piece->colours;
        $top = end($colours);
        $hand = false !== $top && !$top->isHidden ? $top->layer->byHand() : null;
        $painted = $hand ?? new HandSet([]);
        foreach ($this->strokes as $stroke) {
            [$round, $from, $to] = [$stroke->round, $stroke->from, $stroke->to];
            $makes = $frame->counts[$round - 1] ?? 0;
            if (max($from, $to) > $makes) {
                throw EditRefused::because('paint.noStitch', round: $round, makes: $makes, stitch: max($from, $to));
            }
            $painted = $painted->painted($round, $from, $to, $this->yarn, $makes);
            if ($this->isMirrored) {
                $painted = $painted->painted($round, $frame->opposite($round, $to), $frame->opposite($round, $from), $this->yarn, $makes);
            }
        }
        if (null !== $hand) {
            array_pop($colours);
        }
        if ([] !== $painted->rounds) {
            $colours[] = new LayerEntry($painted, null === $hand || false === $top ? '' : $top->name);
        }

        return $plan->withPiece($piece->withColours($colours));
    }

    public function inWords(): string
    {
        return Motif::CLEAR === $this->yarn ? 'Stitches cleared' : "Stitches in {$this->yarn}";
    }
}
