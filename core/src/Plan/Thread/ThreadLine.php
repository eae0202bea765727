<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Thread;

use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Number;

/** Points one after another: stitches to the working direction and rounds up from a thread's place. */
final readonly class ThreadLine
{
    private const POINTS = 60;

    /** @param non-empty-list<array{float, float}> $points stitches and rounds up */
    private function __construct(public array $points)
    {
    }

    public static function between(float $stitches, float $up, float $toStitches, float $toUp): self
    {
        return new self([[$stitches, $up], [$toStitches, $toUp]]);
    }

    /** Straight across, six stitches wide. */
    public static function usual(): self
    {
        return self::between(-3.0, 0.0, 3.0, 0.0);
    }

    public static function read(Fields $fields): self
    {
        $points = $fields->objects('points', 2, self::POINTS, static function (Fields $point): array {
            $at = [
                $point->number('stitches', -Limits::STITCHES_IN_ROUND, Limits::STITCHES_IN_ROUND),
                $point->number('up', -Limits::ROUNDS, Limits::ROUNDS),
            ];
            $point->close();

            return $at;
        });
        if (\count($points) < 2) {
            $fields->wrong('points', Message::of('thread.twoPoints'));
        }

        return new self([] === $points ? [[0.0, 0.0]] : $points);
    }

    /** @return array<string, mixed> */
    public function values(): array
    {
        return ['points' => array_map(
            static fn (array $at): array => ['stitches' => Number::plain($at[0]), 'up' => Number::plain($at[1])],
            $this->points,
        )];
    }

    /** @return list<ThreadStroke> */
    public function strokes(ThreadSite $site, float $takes): array
    {
        $strokes = [];
        foreach ($this->points as $i => [$stitches, $up]) {
            if ($i > 0) {
                [$before, $beforeUp] = $this->points[$i - 1];
                $strokes[] = new ThreadStroke($site->degrees($before), $beforeUp, $site->degrees($stitches), $up, $takes);
            }
        }

        return $strokes;
    }

    public function inWords(): string
    {
        $ups = array_column($this->points, 1);
        $across = array_column($this->points, 0);

        return Counted::of(max($across) - min($across), 'stitch').' wide, '.Counted::of(max($ups) - min($ups), 'round').' high';
    }
}
