<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\PieceReading;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\PieceGauge;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\SizeOf;
use Alternum\Core\Plan\Stretch;

/** Takes from a finished piece that was measured how far the fabric gives: for the same yarns and hook it holds in every piece. */
final readonly class Measured implements EditKind
{
    /** Halved so often, what is looked for is found to a thousandth. */
    private const HALVED = 24;
    /** Nearer than that no tape measures, in mm. */
    private const NEAR_MM = 0.05;

    /** @param float|null $mm null: as is usual again */
    public function __construct(private string $piece, private SizeOf $measure, private ?float $mm)
    {
    }

    public static function words(): array
    {
        return ['measured'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self(
            $fields->text('piece', 40),
            $fields->oneOf('measure', SizeOf::class),
            $fields->has('mm') ? $fields->number('mm', 1, 5000) : null,
        );
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        if (null === $this->mm) {
            return PieceGauge::put($plan, $piece, $plan->gaugeOf($piece)->withStretch(null));
        }
        if ([] === PieceReading::of($plan, $piece)->rounds) {
            throw EditRefused::because('edit.noRounds');
        }
        [$low, $high] = [Stretch::LEAST, Stretch::MOST];
        [$least, $most] = [$this->comes($plan, $piece, $low), $this->comes($plan, $piece, $high)];
        if ($most - $least < self::NEAR_MM) {
            throw EditRefused::because('measured.notStuffed', piece: $piece->name);
        }
        if ($this->mm < $least - self::NEAR_MM || $this->mm > $most + self::NEAR_MM) {
            throw EditRefused::because('measured.unlike', cm: round($this->mm / 10, 1), least: round($least / 10, 1), most: round($most / 10, 1));
        }
        for ($i = 0; $i < self::HALVED; ++$i) {
            $middle = sqrt($low * $high);
            if ($this->comes($plan, $piece, $middle) < $this->mm) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return PieceGauge::put($plan, $piece, $this->stretched($plan, $piece, round(sqrt($low * $high), 3)));
    }

    /** @return float mm, where the stuffing presses so many times as hard as is usual */
    private function comes(Plan $plan, Piece $piece, float $times): float
    {
        $piece = $piece->set($this->stretched($plan, $piece, $times));
        $form = PieceStages::form($plan->withPiece($piece), $piece);

        return match ($this->measure) {
            SizeOf::Width => $form->width,
            SizeOf::Girth => $form->girth,
            SizeOf::Height => $form->height,
        };
    }

    private function stretched(Plan $plan, Piece $piece, float $times): Gauge
    {
        $gauge = $plan->gaugeOf($piece);

        return $gauge->withStretch(new Stretch($piece->name, $this->measure, $this->mm ?? 0.0, $gauge->stitchesPer10cm, $times));
    }

    public function inWords(): string
    {
        return 'A measured piece';
    }
}
