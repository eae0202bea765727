<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Plan\Yarn;

/** A yarn's colour as the eye sees it: CIE L*a*b* of an sRGB colour, under D65. */
final readonly class LabColour
{
    private const WHITE = [0.95047, 1.0, 1.08883];

    /**
     * @param float $lightness 0 black to 100 white
     * @param float $a         green to red
     * @param float $b         blue to yellow
     */
    private function __construct(public float $lightness, public float $a, public float $b)
    {
    }

    public static function lab(float $lightness, float $a, float $b): self
    {
        return new self($lightness, $a, $b);
    }

    /** A yarn's colour as #RRGGBB, as it looks with all its strands. */
    public static function shown(Yarn $yarn): string
    {
        $share = [] === $yarn->held ? 0.5 : $yarn->held[0]->strands / max(1, $yarn->strands);

        return null === $yarn->withHex ? $yarn->hex : self::mixed($yarn->hex, $yarn->withHex, $share);
    }

    /** @param string $hex as #RRGGBB */
    public static function of(string $hex): self
    {
        /** @var array<string, self> $known a plan's few yarns are asked for again and again */
        static $known = [];
        if (isset($known[$hex])) {
            return $known[$hex];
        }
        $known = \count($known) < 64 ? $known : [];
        [$red, $green, $blue] = self::light($hex);
        $f = static fn (float $t): float => $t > (6 / 29) ** 3 ? $t ** (1 / 3) : $t / (3 * (6 / 29) ** 2) + 4 / 29;
        $x = $f((0.4124564 * $red + 0.3575761 * $green + 0.1804375 * $blue) / self::WHITE[0]);
        $y = $f((0.2126729 * $red + 0.7151522 * $green + 0.0721750 * $blue) / self::WHITE[1]);
        $z = $f((0.0193339 * $red + 0.1191920 * $green + 0.9503041 * $blue) / self::WHITE[2]);

        return $known[$hex] = new self(116 * $y - 16, 500 * ($x - $y), 200 * ($y - $z));
    }

    /**
     * How unlike two colours look: CIEDE2000. About 1 is the least that can be told side by side.
     *
     * Source: CIE 142-2001, as written out by Sharma, Wu and Dalal, 2005.
     */
    public function difference(self $other): float
    {
        $chroma = (hypot($this->a, $this->b) + hypot($other->a, $other->b)) / 2;
        $g = 0.5 * (1 - sqrt($chroma ** 7 / ($chroma ** 7 + 25 ** 7)));
        $a1 = (1 + $g) * $this->a;
        $a2 = (1 + $g) * $other->a;
        $c1 = hypot($a1, $this->b);
        $c2 = hypot($a2, $other->b);
        $hue = static fn (float $a, float $b): float => 0.0 === $a && 0.0 === $b ? 0.0 : fmod(rad2deg(atan2($b, $a)) + 360.0, 360.0);
        $h1 = $hue($a1, $this->b);
        $h2 = $hue($a2, $other->b);
        $isGrey = 0.0 === $c1 * $c2;
        $turn = $isGrey ? 0.0 : $h2 - $h1;
        $turn = $turn > 180 ? $turn - 360 : ($turn < -180 ? $turn + 360 : $turn);
        $dL = $other->lightness - $this->lightness;
        $dC = $c2 - $c1;
        $dH = 2 * sqrt($c1 * $c2) * sin(deg2rad($turn) / 2);
        $l = ($this->lightness + $other->lightness) / 2;
        $c = ($c1 + $c2) / 2;
        $h = match (true) {
            $isGrey => $h1 + $h2,
            abs($h1 - $h2) <= 180 => ($h1 + $h2) / 2,
            $h1 + $h2 < 360 => ($h1 + $h2 + 360) / 2,
            default => ($h1 + $h2 - 360) / 2,
        };
        $t = 1 - 0.17 * cos(deg2rad($h - 30)) + 0.24 * cos(deg2rad(2 * $h)) + 0.32 * cos(deg2rad(3 * $h + 6)) - 0.20 * cos(deg2rad(4 * $h - 63));
        $sL = 1 + 0.015 * ($l - 50) ** 2 / sqrt(20 + ($l - 50) ** 2);
        $sC = 1 + 0.045 * $c;
        $sH = 1 + 0.015 * $c * $t;
        $rT = -2 * sqrt($c ** 7 / ($c ** 7 + 25 ** 7)) * sin(deg2rad(60 * exp(-(($h - 275) / 25) ** 2)));

        return sqrt(($dL / $sL) ** 2 + ($dC / $sC) ** 2 + ($dH / $sH) ** 2 + $rT * ($dC / $sC) * ($dH / $sH));
    }

    /**
     * Strands held together, as they look from afar: the mean of their light.
     *
     * @param float $share of the first
     */
    public static function mixed(string $hex, string $other, float $share = 0.5): string
    {
        $one = self::light($hex);
        $two = self::light($other);

        $mean = static fn (float $of, float $and): float => $share * $of + (1 - $share) * $and;

        return self::hex($mean($one[0], $two[0]), $mean($one[1], $two[1]), $mean($one[2], $two[2]));
    }

    /** @return array{float, float, float} red, green and blue light, 0 to 1 */
    public static function light(string $hex): array
    {
        $of = static function (int $at) use ($hex): float {
            $value = hexdec(substr($hex, $at, 2)) / 255;

            return $value <= 0.04045 ? $value / 12.92 : (($value + 0.055) / 1.055) ** 2.4;
        };

        return [$of(1), $of(3), $of(5)];
    }

    /** Light as #RRGGBB. */
    public static function hex(float $red, float $green, float $blue): string
    {
        $of = static function (float $light): int {
            $light = min(1.0, max(0.0, $light));

            return (int) round(255 * ($light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055));
        };

        return \sprintf('#%02X%02X%02X', $of($red), $of($green), $of($blue));
    }
}
