<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Yarn;

/** Makes a motif's rows of a picture or of a table of letters. */
final class Picture
{
    /**
     * Rows of a picture, reduced to a plan's yarns: each cell gets the yarn that looks nearest to it. Stitches are not square, so a
     * picture has fewer rows, or more, than it would have of squares.
     *
     * @param non-empty-list<non-empty-list<string|null>> $pixels #RRGGBB by row; null where the picture is clear
     * @param int                                         $wide   stitches that the motif is wide
     * @param Gauge                                       $gauge  of the piece that it is for
     *
     * @return non-empty-list<non-empty-string>
     */
    public static function rows(array $pixels, Plan $plan, int $wide, Gauge $gauge): array
    {
        $wide = max(1, min(Limits::MOTIF, $wide));
        $height = \count($pixels);
        $width = \count($pixels[0]);
        $high = max(1, min(Limits::MOTIF, self::high($width, $height, $wide, $gauge)));
        $nearest = [];
        $row = static function (int $y) use ($pixels, $plan, $wide, $high, $width, $height, &$nearest): string {
            $row = '';
            for ($x = 0; $x < $wide; ++$x) {
                $hex = self::mean(
                    $pixels,
                    intdiv($x * $width, $wide),
                    max(intdiv($x * $width, $wide) + 1, intdiv(($x + 1) * $width, $wide)),
                    intdiv($y * $height, $high),
                    max(intdiv($y * $height, $high) + 1, intdiv(($y + 1) * $height, $high)),
                );
                $row .= null === $hex ? Motif::CLEAR : $nearest[$hex] ??= self::nearest($hex, $plan->yarns);
            }

            return '' === $row ? Motif::CLEAR : $row;
        };

        return array_map($row, range(0, $high - 1));
    }

    /** @return int rounds that a picture so many stitches wide is high, for its form to stay */
    private static function high(int $width, int $height, int $wide, Gauge $gauge): int
    {
        return (int) round($wide * $height / $width * $gauge->stitchWidthMm() / $gauge->roundHeightMm());
    }

    /**
     * Rows of a table of letters: "A,,B". An empty cell or a stop leaves what lies below.
     *
     * @return non-empty-list<non-empty-string>|Problem a problem at its place
     */
    public static function table(string $csv, Plan $plan): array|Problem
    {
        $rows = [];
        $widest = 0;
        $lines = preg_split('/\r\n|\n|\r/', rtrim($csv));
        foreach (false === $lines ? [] : $lines as $y => $line) {
            $cells = str_getcsv($line, str_contains($line, ';') ? ';' : (str_contains($line, "\t") ? "\t" : ','), '"', '');
            $row = '';
            foreach ($cells as $x => $cell) {
                $letter = strtoupper(trim((string) $cell));
                if ('' !== $letter && Motif::CLEAR !== $letter && null === $plan->yarn($letter)) {
                    $said = mb_substr($letter, 0, 12);

                    return Problem::atPath(
                        '',
                        Message::of('picture.noYarn', row: $y + 1, column: $x + 1, said: $said),
                    );
                }
                $row .= '' === $letter ? Motif::CLEAR : $letter;
            }
            $rows[] = $row;
            $widest = max($widest, \strlen($row));
        }
        if ([] === $rows || $widest < 1 || '' === trim(implode('', $rows), Motif::CLEAR)) {
            return Problem::atPath('', Message::of('picture.empty'));
        }
        if (\count($rows) > Limits::MOTIF || $widest > Limits::MOTIF) {
            return Problem::atPath('', Message::of('picture.tooLarge', wide: $widest, high: \count($rows), most: Limits::MOTIF));
        }
        $filled = [];
        foreach ($rows as $row) {
            $filled[] = str_pad($row, $widest, Motif::CLEAR);
        }

        return $filled;
    }

    /**
     * The mean light of some pixels; null where most of them are clear.
     *
     * @param non-empty-list<non-empty-list<string|null>> $pixels
     */
    private static function mean(array $pixels, int $left, int $right, int $top, int $bottom): ?string
    {
        $sum = [0.0, 0.0, 0.0];
        $filled = $clear = 0;
        for ($y = $top; $y < $bottom; ++$y) {
            for ($x = $left; $x < $right; ++$x) {
                $hex = $pixels[$y][$x] ?? null;
                if (null === $hex) {
                    ++$clear;
                    continue;
                }
                foreach (LabColour::light($hex) as $i => $light) {
                    $sum[$i] += $light;
                }
                ++$filled;
            }
        }

        return 0 === $filled || $clear > $filled ? null : LabColour::hex($sum[0] / $filled, $sum[1] / $filled, $sum[2] / $filled);
    }

    /**
     * @param non-empty-list<Yarn> $yarns
     *
     * @return non-empty-string
     */
    private static function nearest(string $hex, array $yarns): string
    {
        $shade = LabColour::of($hex);
        $best = $yarns[0];
        $least = \INF;
        foreach ($yarns as $yarn) {
            $difference = $shade->difference(LabColour::of(LabColour::shown($yarn)));
            if ($difference < $least) {
                [$best, $least] = [$yarn, $difference];
            }
        }

        return '' === $best->key ? Motif::CLEAR : $best->key;
    }
}
