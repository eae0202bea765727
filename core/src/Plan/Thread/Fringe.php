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

/** Strands that hang from stitches, each laid double and looped through itself: a fringe, a mane, feelers. */
final readonly class Fringe implements ThreadKind
{
    /** What the knot takes of each strand, in mm: from memory. */
    private const KNOT_MM = 12.0;
    private const SHORTEST_MM = 2.0;
    private const LONGEST_MM = 1000.0;

    /**
     * @param int   $count    strands
     * @param float $across   stitches that they are spread over
     * @param float $lengthMm that each hangs
     */
    public function __construct(public int $count, public float $across, public float $lengthMm)
    {
    }

    public static function kind(): string
    {
        return 'fringe';
    }

    public static function tray(): array
    {
        return [new TrayThing(self::kind(), 'Fringe', TrayGroup::Thread)];
    }

    public static function usual(string $what, UsualSite $site): UsualThread
    {
        return new UsualThread(new self(6, 5.0, 40.0), $site->at(0.85));
    }

    public static function drawing(): Series
    {
        return new Series('A fringe', [
            new Drawing('Fold a strand in half, and pull its fold through the stitch.', Sketch::rows('ooooooo')->loop(3, Ink::New)->hook(4)),
            new Drawing('Both ends through the fold, and pull.', Sketch::rows('ooooooo')->tail(Ink::New, 3, 44)->tail(Ink::New, 2, 44)),
            new Drawing('Trim them all alike.', Sketch::rows('ooooooo')->tail(Ink::New, 2)->tail(Ink::New, 4)->scissors(4)),
        ]);
    }

    public static function read(Fields $fields): self
    {
        return new self(
            count: $fields->whole('count', 1, 400),
            across: $fields->number('across', 0, Limits::STITCHES_IN_ROUND, 0),
            lengthMm: $fields->number('lengthMm', self::SHORTEST_MM, self::LONGEST_MM),
        );
    }

    public function values(): array
    {
        return ['count' => $this->count, 'across' => Number::plain($this->across), 'lengthMm' => Number::plain($this->lengthMm)];
    }

    public function strokes(ThreadSite $site): array
    {
        $strokes = [];
        for ($strand = 0; $strand < $this->count; ++$strand) {
            $at = 1 === $this->count ? 0.0 : $site->degrees($this->across * ($strand / ($this->count - 1) - 0.5));
            $strokes[] = new ThreadStroke($at, 0.0, $at, 0.0);
        }

        return $strokes;
    }

    public function farEnd(): ?FarEnd
    {
        return null;
    }

    public function besidesMm(): float
    {
        return $this->count * (2 * $this->lengthMm + self::KNOT_MM);
    }

    public function scaled(float $times): self
    {
        return new self($this->count, $this->across, min(self::LONGEST_MM, max(self::SHORTEST_MM, round($this->lengthMm * $times))));
    }

    public function hasTails(): bool
    {
        return false;
    }

    public function windsAround(): bool
    {
        return false;
    }

    /** A tassel hangs from one stitch, and is meant to. */
    public function toAStitch(ThreadSite $site): float
    {
        return $this->across > 0.0 ? $this->count / ($this->across + 1.0) : 0.0;
    }

    public function named(): string
    {
        return Counted::of($this->count, 'strand').' hanging '.Number::plain(round($this->lengthMm / 10, 1)).' cm'
            .($this->count > 1 && $this->across > 0.0 ? ' over '.Counted::of($this->across, 'stitch') : '');
    }

    public function how(): string
    {
        return 'Fold each strand in half, pull its fold through the stitch with the hook and both ends through the fold, and trim them alike';
    }
}
