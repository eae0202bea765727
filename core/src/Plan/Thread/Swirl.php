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

/** A line of surface slip stitches that winds down over the rounds; one that swings to and fro is a drizzle. */
final readonly class Swirl implements ThreadKind
{
    use AnyThread;

    /** Straight stretches that a turn is laid in. */
    private const PARTS = 24;

    /**
     * @param float $turns  around the piece on its way; against the working direction where negative
     * @param float $rounds down
     * @param float $swing  stitches that it swings to either side
     * @param int   $waves  how often it does
     */
    public function __construct(public float $turns, public float $rounds, public float $swing, public int $waves)
    {
    }

    public static function kind(): string
    {
        return 'swirl';
    }

    public static function tray(): array
    {
        return [new TrayThing(self::kind(), 'Swirl', TrayGroup::Thread)];
    }

    public static function usual(string $what, UsualSite $site): UsualThread
    {
        return new UsualThread(new self(1.0, max(1.0, min($site->below(0.9), floor($site->rounds() * 0.6))), 0.0, 0), $site->at(0.9));
    }

    public static function drawing(): Series
    {
        return new Series('A swirl', [
            new Drawing('Yarn inside, hook outside: draw up a loop at the top.', Sketch::rows('ooooooo')->through(1, Ink::New)->hook(2)),
            new Drawing(
                'A loop a stitch further, through the one on the hook, down along the line.',
                Sketch::rows('ooooooo')->strand(0.5, 0.8, 2, 0)->strand(2, 0, 3.5, -0.8)->strand(3.5, -0.8, 5, -1.6),
            ),
            self::endsInside(),
        ]);
    }

    public static function read(Fields $fields): self
    {
        return new self(
            turns: $fields->number('turns', -40, 40, 1),
            rounds: $fields->number('rounds', 0, Limits::ROUNDS),
            swing: $fields->number('swing', 0, 200, 0),
            waves: $fields->whole('waves', 0, 60, 0),
        );
    }

    public function values(): array
    {
        return ['turns' => Number::plain($this->turns), 'rounds' => Number::plain($this->rounds), 'swing' => Number::plain($this->swing)]
            + ['waves' => $this->waves];
    }

    public function strokes(ThreadSite $site): array
    {
        $parts = max(2, (int) ceil(self::PARTS * max(abs($this->turns), $this->waves / 2, 0.1)));
        $at = fn (int $part): array => [
            360.0 * $this->turns * $part / $parts + $site->degrees($this->swing * sin(2 * \M_PI * $this->waves * $part / $parts)),
            -$this->rounds * $part / $parts,
        ];
        $strokes = [];
        for ($part = 1; $part <= $parts; ++$part) {
            $strokes[] = new ThreadStroke(...$at($part - 1), ...[...$at($part), Veins::TAKES]);
        }

        return $strokes;
    }

    public function windsAround(): bool
    {
        return true;
    }

    public function named(): string
    {
        return 'a swirl of surface slip stitches, '.Counted::of(abs($this->turns), 'turn').' over '
            .Counted::of($this->rounds, 'round').($this->waves > 0 ? ', swinging '.Counted::of($this->swing, 'stitch').' to'
            ." either side {$this->waves} times" : '');
    }

    public function how(): string
    {
        return 'With the yarn inside and the hook outside, draw up a loop at the top, then a loop a stitch further and through the one on the hook, down along'
            .' the line';
    }
}
