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

/** One long strand from end to end, drawn down at its middle; upside down where it is drawn up. */
final readonly class Smile implements ThreadKind
{
    use AnyThread;

    /**
     * @param float $width stitches from end to end
     * @param float $drop  rounds that its middle lies lower
     */
    public function __construct(public float $width, public float $drop)
    {
    }

    public static function kind(): string
    {
        return 'smile';
    }

    public static function tray(): array
    {
        return [new TrayThing(self::kind(), 'Mouth', TrayGroup::Face)];
    }

    public static function usual(string $what, UsualSite $site): UsualThread
    {
        return new UsualThread(new self(max(2.0, $site->eyesApart() - 1), 1.0), $site->underEyes(3), 'Mouth', true);
    }

    public static function drawing(): Series
    {
        return new Series('A smile', [
            new Drawing('Up at one end, in at the other: leave the strand loose.', Sketch::rows('ooooooo')->strand(1, 0, 5, 0)->needle(5, Ink::New)),
            new Drawing(
                'Up below the middle, over the strand, and in at the same place.',
                Sketch::rows('ooooooo')->strand(1, 0, 3, -1.6)->strand(3, -1.6, 5, 0)->way(72, 60, 72, 84, 0),
            ),
            self::endsInside(),
        ]);
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->number('width', 0.5, Limits::STITCHES_IN_ROUND), $fields->number('drop', -20, 20, 1));
    }

    public function values(): array
    {
        return ['width' => Number::plain($this->width), 'drop' => Number::plain($this->drop)];
    }

    public function strokes(ThreadSite $site): array
    {
        $half = $site->degrees($this->width / 2);

        return [new ThreadStroke(-$half, 0.0, 0.0, -$this->drop), new ThreadStroke(0.0, -$this->drop, $half, 0.0)];
    }

    public function named(): string
    {
        $drop = abs($this->drop);

        return 'a smile, '.Counted::of($this->width, 'stitch').' wide'.(0.0 === $this->drop
            ? ''
            : ', its middle drawn '.($this->drop > 0.0 ? 'down ' : 'up ').Counted::of($drop, 'round'));
    }

    public function how(): string
    {
        return 'Come up at one end and go in at the other, leaving the strand loose'.(0.0 === $this->drop
            ? '; pull it snug'
            : '. Come up '.Counted::of(abs($this->drop), 'round').($this->drop > 0.0 ? ' below' : ' above')
                .' the middle, over the strand and in again at the same place, and pull until it lies as a V');
    }
}
