<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Number;
use Alternum\Core\Plan\TrayGroup;
use Alternum\Core\Plan\TrayThing;

/** Short strands that fan out of one place: lashes, whiskers. */
final readonly class Lashes implements ThreadKind
{
    use AnyThread;

    /**
     * @param int   $count  strands
     * @param float $length rounds that each is long
     * @param float $spread degrees between the first and the last, upright in their middle
     */
    public function __construct(public int $count, public float $length, public float $spread)
    {
    }

    public static function kind(): string
    {
        return 'lashes';
    }

    public static function tray(): array
    {
        return [new TrayThing(self::kind(), 'Lashes', TrayGroup::Face)];
    }

    public static function usual(string $what, UsualSite $site): UsualThread
    {
        return new UsualThread(new self(3, 1.0, 90.0), $site->underEyes(-1, $site->eyesApart()), 'Lashes', true);
    }

    public static function drawing(): Series
    {
        return new Series('Lashes', [
            new Drawing('Up where they meet, in at the far end.', Sketch::rows('ooooooo')->strand(3, -0.5, 3, 1.5)),
            new Drawing(
                'Again from the same place, to one side and the other.',
                Sketch::rows('ooooooo')->strand(3, -0.5, 3, 1.5)->strand(3, -0.5, 1.8, 1)->strand(3, -0.5, 4.2, 1),
            ),
            self::endsInside(),
        ]);
    }

    public static function read(Fields $fields): self
    {
        return new self($fields->whole('count', 1, 12, 3), $fields->number('length', 0.25, 20, 1), $fields->number('spread', 0, 360, 90));
    }

    public function values(): array
    {
        return ['count' => $this->count, 'length' => Number::plain($this->length), 'spread' => Number::plain($this->spread)];
    }

    public function strokes(ThreadSite $site): array
    {
        $strokes = [];
        for ($strand = 0; $strand < $this->count; ++$strand) {
            $angle = deg2rad(1 === $this->count ? 0.0 : $this->spread * ($strand / ($this->count - 1) - 0.5));
            // A stitch is about as wide as a round is high.
            $strokes[] = new ThreadStroke(0.0, 0.0, $site->degrees($this->length * sin($angle)), $this->length * cos($angle));
        }

        return $strokes;
    }

    public function named(): string
    {
        return (1 === $this->count ? 'a short strand' : "{$this->count} short strands").', '.Counted::of($this->length, 'round').' long, from one place';
    }

    public function how(): string
    {
        return 'Come up where they meet and go in at the far end, one after another';
    }
}
