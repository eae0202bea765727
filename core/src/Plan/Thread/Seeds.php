<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Number;
use Alternum\Core\Plan\TrayGroup;
use Alternum\Core\Plan\TrayThing;

/** Short upright stitches scattered by rule, so many to a round, each round between those of the last. */
final readonly class Seeds implements ThreadKind
{
    use AnyThread;

    /**
     * @param int   $around      to a round
     * @param int   $rows        how many rounds have some, from the place down
     * @param int   $step        rounds from one of these to the next
     * @param float $length      rounds that each is high
     * @param float $across      degrees that they are spread over; 360: all around
     * @param bool  $isStaggered every other row half a distance on
     */
    public function __construct(
        public int $around,
        public int $rows,
        public int $step,
        public float $length,
        public float $across,
        public bool $isStaggered,
    ) {
    }

    public static function kind(): string
    {
        return 'seeds';
    }

    public static function tray(): array
    {
        return [new TrayThing(self::kind(), 'Seeds', TrayGroup::Thread)];
    }

    public static function usual(string $what, UsualSite $site): UsualThread
    {
        $rows = min(3, 1 + intdiv($site->below(0.75), 2));

        return new UsualThread(new self(around: 8, rows: $rows, step: 2, length: 0.5, across: 360.0, isStaggered: true), $site->at(0.75));
    }

    public static function drawing(): Series
    {
        return new Series('Seeds', [
            new Drawing('One short upright stitch.', Sketch::rows('ooooooo')->strand(1, 0.5, 1, -0.5)),
            new Drawing(
                'On inside to the next, the thread as loose as the fabric gives.',
                Sketch::rows('ooooooo')->strand(1, 0.5, 1, -0.5)->strand(4, 0.5, 4, -0.5)->way(38, 62, 88, 48, -8),
            ),
            self::endsInside(),
        ]);
    }

    public static function read(Fields $fields): self
    {
        return new self(
            around: $fields->whole('around', 1, 200),
            rows: $fields->whole('rows', 1, Limits::ROUNDS, 1),
            step: $fields->whole('step', 1, Limits::ROUNDS, 2),
            length: $fields->number('length', 0.25, 10, 0.5),
            across: $fields->number('across', 1, 360, 360),
            isStaggered: !$fields->has('staggered') || $fields->truth('staggered'),
        );
    }

    public function values(): array
    {
        return ['around' => $this->around, 'rows' => $this->rows, 'step' => $this->step, 'length' => Number::plain($this->length)]
            + ['across' => Number::plain($this->across), 'staggered' => $this->isStaggered];
    }

    public function strokes(ThreadSite $site): array
    {
        $strokes = [];
        $apart = $this->across >= 360.0 ? 360.0 / $this->around : $this->across / max(1, $this->around - 1);
        for ($row = 0; $row < $this->rows; ++$row) {
            $up = -$row * $this->step;
            $moved = $this->isStaggered && 1 === $row % 2 ? $apart / 2 : 0.0;
            for ($seed = 0; $seed < $this->around; ++$seed) {
                $at = ($seed - ($this->around - 1) / 2) * $apart + $moved;
                $strokes[] = new ThreadStroke($at, $up + $this->length / 2, $at, $up - $this->length / 2);
            }
        }

        return $strokes;
    }

    public function windsAround(): bool
    {
        return true;
    }

    public function toAStitch(ThreadSite $site): float
    {
        return $this->around * $site->degrees(1.0) / $this->across;
    }

    public function named(): string
    {
        return "seeds, {$this->around} to a round".($this->across < 360.0 ? ' over '.Number::plain($this->across).'°' : '')
            .($this->rows > 1 ? " in {$this->rows} rows, ".(1 === $this->step ? 'every round' : "every {$this->step} rounds") : '')
            .($this->rows > 1 && $this->isStaggered ? ', staggered' : '');
    }

    public function how(): string
    {
        return 'One short upright stitch for each, and on inside to the next; leave the thread inside as loose as the fabric gives';
    }
}
