<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\LabColour;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Toy\Pose;
use Alternum\Core\Toy\PosedPiece;
use Alternum\Core\Toy\Still;
use Alternum\Core\Toy\StillPiece;
use Alternum\Core\Toy\StillShape;

/** A piece or the whole toy from one side as a picture: SVG, which any browser draws. */
final class StillWriter
{
    /** mm beside it. */
    private const MARGIN = 4.0;
    private const INKS = [StillShape::DARK => '#1A1D1F', StillShape::LIGHT => '#FBFAF7'];
    /** The gap between two stitches is so much darker than they are. */
    private const EDGE = 0.72;
    /** Shades that are told apart. */
    private const SHADES = 12;

    /** Degrees that a toy is tipped towards who looks at it from a side. */
    public const TIPPED = 7.0;

    /**
     * @param string|null $key     of the piece that is looked at alone; null: the whole toy
     * @param float       $degrees that it is turned to the right
     * @param float       $tipped  degrees towards the viewer: 90 from above
     */
    public static function svg(Analysis $analysis, ?string $key, float $degrees = 0.0, float $tipped = self::TIPPED): string
    {
        $pieces = $instead = [];
        foreach ($analysis->pieces as $piece) {
            if (null === $key || $key === $piece->piece->key) {
                $pieces[$piece->piece->key] = self::piece($piece);
            }
            foreach ($piece->piece->copies->named ?? [] as $i => $copy) {
                $instead[$piece->piece->key.' '.($i + 1)] = $copy->yarns;
            }
        }

        return self::drawn(Still::of(self::poses($analysis, $key), array_filter($pieces), $instead, $degrees, $tipped), self::inks($analysis->plan));
    }

    private static function piece(PieceAnalysis $piece): ?StillPiece
    {
        $things = [];
        foreach ($piece->placing->placed as $placed) {
            foreach ($placed->placement->kind->isBought() ? $placed->degrees : [] as $at) {
                $things[] = [$placed->placement->kind, (float) $placed->round, $at, $placed->placement->mm];
            }
        }

        return null === $piece->part->solid
            ? null
            : new StillPiece($piece->part->solid, $piece->stages->frame, $piece->stages->colouring, $things, $piece->threads->all);
    }

    /** @return list<PosedPiece> */
    private static function poses(Analysis $analysis, ?string $key): array
    {
        if (null !== $key) {
            return [new PosedPiece($key, 1, true === $analysis->piece($key)?->part->solid?->lies ? Pose::lying() : Pose::upright())];
        }

        return $analysis->wholeToy();
    }

    /** @return array<string, string> #RRGGBB by yarn, and of what is bought */
    private static function inks(Plan $plan): array
    {
        $inks = self::INKS;
        foreach ($plan->yarns as $yarn) {
            $inks[$yarn->key] = LabColour::shown($yarn);
        }

        return $inks;
    }

    /**
     * @param list<StillShape>      $shapes
     * @param array<string, string> $inks
     */
    private static function drawn(array $shapes, array $inks): string
    {
        [$left, $right, $top, $bottom] = [0.0, 1.0, 0.0, 1.0];
        $isFirst = true;
        $body = '';
        $open = '';
        foreach ($shapes as $shape) {
            foreach ($shape->points as [$x, $y]) {
                [$left, $right] = $isFirst ? [$x, $x] : [min($left, $x - $shape->wide / 2), max($right, $x + $shape->wide / 2)];
                [$top, $bottom] = $isFirst ? [$y, $y] : [min($top, $y - $shape->wide / 2), max($bottom, $y + $shape->wide / 2)];
                $isFirst = false;
            }
            $hex = self::shaded($inks[$shape->ink] ?? '#808080', $shape->light);
            // Shapes of one colour that follow one another are one path.
            $edge = self::shaded($inks[$shape->ink] ?? '#808080', self::EDGE * $shape->light);
            $tag = 0.0 === $shape->wide ? "<path fill=\"{$hex}\" stroke=\"{$edge}\" d=\"" : '';
            if ($tag !== $open || '' === $tag) {
                $body .= '' === $open ? '' : '"/>';
                $body .= $tag;
                $open = $tag;
            }
            $body .= '' === $tag ? self::mark($shape, $hex) : self::line($shape->points).'Z';
        }
        $body .= '' === $open ? '' : '"/>';
        [$wide, $high] = [$right - $left + 2 * self::MARGIN, $bottom - $top + 2 * self::MARGIN];
        $box = implode(' ', array_map(static fn (float $of): string => (string) round($of, 1), [$left - self::MARGIN, $top - self::MARGIN, $wide, $high]));

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"{$box}\" width=\"".round(4 * $wide).'" height="'.round(4 * $high).'" stroke-width=".25"'
            ." stroke-linejoin=\"round\" stroke-linecap=\"round\">{$body}</svg>\n";
    }

    private static function mark(StillShape $shape, string $hex): string
    {
        [$x, $y] = $shape->points[0] ?? [0.0, 0.0];

        return 1 === \count($shape->points)
            ? '<circle cx="'.round($x, 1).'" cy="'.round($y, 1).'" r="'.round($shape->wide / 2, 1)."\" fill=\"{$hex}\" stroke=\"#00000040\"/>"
            : '<path fill="none" stroke="'.$hex.'" stroke-width="'.round($shape->wide, 1).'" d="'.self::line($shape->points).'"/>';
    }

    /** @param list<array{float, float}> $points */
    private static function line(array $points): string
    {
        $line = '';
        foreach ($points as $i => [$x, $y]) {
            $line .= (0 === $i ? 'M' : 'L').round($x, 1).' '.round($y, 1);
        }

        return $line;
    }

    private static function shaded(string $hex, float $light): string
    {
        $light = round($light * self::SHADES) / self::SHADES;
        [$red, $green, $blue] = LabColour::light($hex);

        return LabColour::hex($red * $light, $green * $light, $blue * $light);
    }
}
