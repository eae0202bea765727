<?php

declare(strict_types=1);

namespace Alternum\Core\Drawing;

/**
 * A small drawing of stitches, hook and yarn, made of a few strokes. It is 168 wide and 96 high; the work runs to the right, as in the chart, and
 * is mirrored for left hands. Seven stitches lie side by side, numbered from 0; an upper row is worked into a lower one.
 */
final class Sketch
{
    public const WIDTH = 168;
    public const HEIGHT = 96;
    private const PITCH = 18;
    private const UPPER = 44;
    private const LOWER = 68;

    /** @var list<Stroke> */
    private array $strokes = [];

    public static function blank(): self
    {
        return new self();
    }

    /**
     * Rows of stitches seen from the front, their tops as chains.
     *
     * @param string $upper for each place: o old, n new, a blank for none
     */
    public static function rows(string $upper, string $lower = 'ooooooo'): self
    {
        return (new self())->row($lower, self::LOWER)->row($upper, self::UPPER);
    }

    /** @return list<Stroke> in the order in which they are drawn */
    public function strokes(): array
    {
        return $this->strokes;
    }

    private function row(string $stitches, int $y): self
    {
        foreach (str_split($stitches) as $i => $stitch) {
            if (' ' !== $stitch) {
                $x = self::x($i);
                $ink = 'n' === $stitch ? Ink::New : Ink::Old;
                $this->put($ink, 'M%s %sL%s %sL%s %s', $x - 5, $y + 5, $x, $y + 21, $x + 5, $y + 5);
                $this->top($ink, $i, $y);
            }
        }

        return $this;
    }

    /** The hook, with loops on it, its tip above a stitch of the upper row. */
    public function hook(int $at, string $loops = '', ?Ink $over = null): self
    {
        [$x, $y] = [self::x($at), self::UPPER - 8];
        if ('' !== $loops && $at > 0) {
            $this->put('n' === $loops[0] ? Ink::New : Ink::Old, 'M%s %sQ%s %s %s %s', self::x($at - 1) + 9, self::UPPER, $x + 4, self::UPPER, $x + 9, $y + 2);
        }
        $this->shaft($x, $y);
        $this->loops($x, $y, $loops);

        return null === $over ? $this : $this->over($over, $x, $y);
    }

    /** The hook put in under both loops of a stitch: of the upper row, or of the lower one. */
    public function into(int $at, string $loops = '', ?Ink $over = null, Ink $stitch = Ink::Old, bool $isLower = false, bool $isFront = false): self
    {
        $row = $isLower ? self::LOWER : self::UPPER;
        [$x, $y] = [self::x($at) - 8, $row + 6];
        $this->shaft($x, $y);
        $this->loops($x + 12, $y - 8, $loops);
        $isFront ? $this->half($stitch, $at, $row, true) : $this->top($stitch, $at, $row);

        return null === $over ? $this : $this->over($over, $x, $y);
    }

    /** A loop that waits off the hook, at the right of a stitch of the upper row. */
    public function loop(int $at, Ink $ink): self
    {
        [$x, $y] = [self::x($at) + 8, self::UPPER - 2];

        return $this->put($ink, 'M%s %sc-7 -10 -3 -20 3 -20s9 10 1 20', $x, $y);
    }

    /** A loop that is drawn up through a stitch. */
    public function through(int $at, Ink $ink, Ink $stitch = Ink::Old, bool $isLower = true): self
    {
        $row = $isLower ? self::LOWER : self::UPPER;
        $x = self::x($at);
        $this->put($ink, 'M%s %sc-12 -12 -8 -34 0 -34s12 22 2 34', $x - 1, $row + 8);
        $this->half($stitch, $at, $row, true);

        return $this;
    }

    /** A yarn that hangs at the back, or passes behind from one stitch to another. */
    public function behind(Ink $ink, int $from, int $to): self
    {
        [$x, $toX, $y] = [self::x($from) + 6, self::x($to) - 2, self::UPPER + 12];

        return $this->put($ink, 'M%s %sQ%s %s %s %s', $x, $y, ($x + $toX) / 2, $y + 14, $toX, $y);
    }

    /** An end that hangs down from a stitch of the upper row. */
    public function tail(Ink $ink, int $at, int $long = 30): self
    {
        return $this->put($ink, 'M%s %sq-6 %s 1 %st-2 %s', self::x($at) + 4, self::UPPER + 14, $long / 4, $long / 2, $long / 2);
    }

    /** A yarn that goes through the posts of stitches, out and in. */
    public function woven(Ink $ink, int $from, int $to): self
    {
        $path = \sprintf('M%s %s', self::x($from), self::UPPER + 14);
        for ($i = $from; $i < $to; ++$i) {
            $path .= \sprintf('q%s %s %s 0', self::PITCH / 2, 0 === $i % 2 ? 9 : -9, self::PITCH);
        }

        return $this->put($ink, '%s', $path);
    }

    /** A needle whose point is at a stitch of the upper row, threaded. */
    public function needle(int $at, Ink $thread, bool $isLower = false): self
    {
        [$x, $y] = [self::x($at) - 6, ($isLower ? self::LOWER : self::UPPER) + 8];
        $this->put(Ink::Needle, 'M%s %sl44 -26m-5 3l5 -6l3 3z', $x, $y);

        return $this->put($thread, 'M%s %sq14 2 8 16t10 18', $x + 43, $y - 25);
    }

    /**
     * A strand that lies on the fabric, from one place to another.
     *
     * @param float $up rows above the middle of the upper row
     */
    public function strand(float $at, float $up, float $toAt, float $toUp, Ink $ink = Ink::New): self
    {
        $place = static fn (float $at, float $up): array => [18 + self::PITCH * $at, self::UPPER + 10 - 12 * $up];

        return $this->put($ink, 'M%s %sL%s %s', ...$place($at, $up), ...$place($toAt, $toUp));
    }

    public function knot(int $at, Ink $one, Ink $other): self
    {
        [$x, $y] = [self::x($at) + 8, self::UPPER + 26];
        $this->put($one, 'M%s %sq-10 -8 2 -8t2 12q-10 8 -8 14', $x - 4, $y - 10);

        return $this->put($other, 'M%s %sq10 -8 -2 -8t-2 12q10 8 8 14', $x + 4, $y - 10);
    }

    public function scissors(int $at): self
    {
        [$x, $y] = [self::x($at) + 6, self::UPPER + 34];

        return $this->put(Ink::Thing, 'M%s %sl22 8m0 0a4 4 0 1 0 6 4a4 4 0 1 0 -6 -4M%s %sl22 -8m0 0a4 4 0 1 1 6 -4a4 4 0 1 1 -6 4', $x, $y, $x, $y + 2);
    }

    /** A stitch marker that hangs in a stitch. */
    public function marker(int $at): self
    {
        return $this->put(Ink::Thing, 'M%s %sv-16a4 4 0 1 1 8 0v12a3 3 0 0 1 -6 0v-8', self::x($at) - 4, self::UPPER + 1);
    }

    /** Where something goes: from one place to another, bent upwards by so much. */
    public function way(int $x, int $y, int $toX, int $toY, int $bend = 12): self
    {
        [$overX, $overY] = [intdiv($x + $toX, 2), intdiv($y + $toY, 2) - $bend];
        $angle = atan2($toY - $overY, $toX - $overX);
        $head = static fn (float $by): string => \sprintf('%.1f %.1f', $toX - 6 * cos($angle + $by), $toY - 6 * sin($angle + $by));

        return $this->put(Ink::Way, 'M%s %sQ%s %s %s %sM%sL%s %sL%s', $x, $y, $overX, $overY, $toX, $toY, $head(0.5), $toX, $toY, $head(-0.5));
    }

    /** A part that lies over a stitch of the upper row. */
    public function part(int $at): self
    {
        [$x, $y] = [self::x($at), self::UPPER + 8];

        return $this->put(Ink::Thing, 'M%s %sa16 16 0 1 0 32 0a16 16 0 1 0 -32 0M%s %sh.1M%s %sh.1', $x - 8, $y, $x + 4, $y, $x + 12, $y);
    }

    /** Any other line. */
    public function line(Ink $ink, string $path): self
    {
        return $this->put($ink, '%s', $path);
    }

    private static function x(int $at): int
    {
        return 18 + self::PITCH * $at;
    }

    private function top(Ink $ink, int $at, int $y): void
    {
        $this->half($ink, $at, $y, true);
        $this->half($ink, $at, $y, false);
    }

    /** One of the two loops of a stitch's top: the front one lies lower. */
    private function half(Ink $ink, int $at, int $y, bool $isFront): void
    {
        $this->put($ink, 'M%s %sq9 %s 18 0', self::x($at) - 9, $y, $isFront ? 9 : -9);
    }

    private function shaft(int $x, int $y): void
    {
        $this->put(Ink::Hook, 'M%s %sq-6 1 -5 -5m5 5l44 -30', $x, $y);
    }

    private function loops(int $x, int $y, string $loops): void
    {
        foreach ('' === $loops ? [] : str_split($loops) as $i => $loop) {
            [$on, $up] = [$x + 10 + 8 * $i, $y - 7 - 5.5 * $i];
            $this->put('n' === $loop ? Ink::New : Ink::Old, 'M%s %sc8 -4 10 8 3 15', $on - 4, $up - 6);
        }
    }

    /** A yarn laid over the hook's tip. */
    private function over(Ink $ink, int $x, int $y): self
    {
        return $this->put($ink, 'M%s %sC%s %s %s %s %s %sq5 -4 8 3', $x + 52, $y + 26, $x + 24, $y + 26, $x - 4, $y + 10, $x - 4, $y - 5);
    }

    private function put(Ink $ink, string $path, int|float|string ...$values): self
    {
        $this->strokes[] = new Stroke($ink, \sprintf($path, ...$values));

        return $this;
    }
}
