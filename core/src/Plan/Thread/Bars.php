<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Number;
use Alternum\Core\Plan\TrayGroup;
use Alternum\Core\Plan\TrayThing;

/** Straight bars one above the other: cheeks, a nose, closed eyes; slanting ones are brows. */
final readonly class Bars implements ThreadKind
{
    use AnyThread;

    /** From one bar to the next, in rounds, where several lie close. */
    private const STEP = 0.4;

    /**
     * @param int   $count bars
     * @param float $width stitches that each goes over
     * @param float $step  rounds from one to the next; 0: all in the same place, for a thick one
     * @param float $rise  rounds that its far end lies higher
     */
    public function __construct(public int $count, public float $width, public float $step, public float $rise)
    {
    }

    public static function kind(): string
    {
        return 'bars';
    }

    public static function tray(): array
    {
        return [
            new TrayThing('cheeks', 'Cheeks', TrayGroup::Face), new TrayThing('brows', 'Brows', TrayGroup::Face),
            new TrayThing(self::kind(), 'Bars', TrayGroup::Thread),
        ];
    }

    public static function usual(string $what, UsualSite $site): UsualThread
    {
        $apart = $site->eyesApart();

        return match ($what) {
            'cheeks' => new UsualThread(new self(3, 2.0, 0.4, 0.0), $site->underEyes(2, min($apart + 4, $site->widest() - 1.0)), 'Cheeks', true),
            'brows' => new UsualThread(new self(1, 2.0, 0.4, 0.5), $site->underEyes(-3, $apart), 'Brows', true),
            default => new UsualThread(new self(1, 3.0, 0.4, 0.0), $site->underEyes(2), '', true),
        };
    }

    public static function drawing(): Series
    {
        return new Series('Bars', [
            new Drawing('Up at one end, in at the other.', Sketch::rows('ooooooo')->strand(1.5, 0.5, 4.5, 0.5)->needle(5, Ink::New)),
            new Drawing(
                'Back and forth, each just below the last.',
                Sketch::rows('ooooooo')->strand(1.5, 0.5, 4.5, 0.5)->strand(4.5, 0, 1.5, 0)->strand(1.5, -0.5, 4.5, -0.5),
            ),
            self::endsInside(),
        ]);
    }

    public static function read(Fields $fields): self
    {
        return new self(
            count: $fields->whole('count', 1, 20, 1),
            width: $fields->number('width', 0.5, Limits::STITCHES_IN_ROUND),
            step: $fields->number('step', 0, 10, self::STEP),
            rise: $fields->number('rise', -20, 20, 0),
        );
    }

    public function values(): array
    {
        return ['count' => $this->count, 'width' => Number::plain($this->width), 'step' => Number::plain($this->step), 'rise' => Number::plain($this->rise)];
    }

    public function strokes(ThreadSite $site): array
    {
        $half = $site->degrees($this->width / 2);
        $strokes = [];
        for ($bar = 0; $bar < $this->count; ++$bar) {
            $up = (($this->count - 1) / 2 - $bar) * $this->step;
            // Back and forth, so that the way inside is short.
            $strokes[] = 0 === $bar % 2
                ? new ThreadStroke(-$half, $up - $this->rise / 2, $half, $up + $this->rise / 2)
                : new ThreadStroke($half, $up + $this->rise / 2, -$half, $up - $this->rise / 2);
        }

        return $strokes;
    }

    public function named(): string
    {
        return Counted::of($this->count, 'bar').' over '.Counted::of($this->width, 'stitch')
            .(0.0 === $this->rise ? '' : ', slanting by '.Counted::of(abs($this->rise), 'round'));
    }

    public function how(): string
    {
        return 1 === $this->count
            ? 'Come up at one end and go in at the other'
            : 'Come up at one end and go in at the other, '.(0.0 === $this->step ? 'each in the same place' : 'each just below the last').', back and forth';
    }
}
