<?php

declare(strict_types=1);

namespace Alternum\Server\Picture;

use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Message;

/** Reads the pixels of a PNG. */
final class PictureFile
{
    private const BYTES = 512 * 1024;
    private const SIDE = 1000;
    /** A picture of more pixels a side is made smaller first: a motif has far fewer cells. */
    private const ENOUGH = 300;
    /** From this on, of 127, a pixel is clear. */
    private const CLEAR = 64;

    /**
     * @return non-empty-list<non-empty-list<string|null>> #RRGGBB by row; null where it is clear
     *
     * @throws InvalidFields
     */
    public static function pixels(string $bytes): array
    {
        if (\strlen($bytes) > self::BYTES) {
            throw InvalidFields::because(
                'data',
                Message::said(
                    'This picture is larger than '.number_format(self::BYTES / 1024).' kB.',
                    'Make it smaller: a motif has 100 stitches a side at the most.',
                ),
            );
        }
        $size = str_starts_with($bytes, "\x89PNG\r\n\x1a\n") ? @getimagesizefromstring($bytes) : false;
        if (false === $size || \IMAGETYPE_PNG !== $size[2]) {
            throw InvalidFields::because('data', Message::said('This is no PNG picture.', 'Save it as PNG, or paste a table of letters.'));
        }
        if ($size[0] > self::SIDE || $size[1] > self::SIDE || $size[0] < 1 || $size[1] < 1) {
            throw InvalidFields::because(
                'data',
                Message::said(
                    "This picture is {$size[0]} by {$size[1]} pixels; ".self::SIDE.' a side are taken at the most.',
                    'Make it smaller first.',
                ),
            );
        }
        $image = @imagecreatefromstring($bytes);
        if (false === $image) {
            throw InvalidFields::because('data', Message::said('This PNG is damaged and cannot be read.', 'Save it anew.'));
        }
        $share = min(1.0, self::ENOUGH / max($size[0], $size[1]));
        $small = $share < 1.0 ? imagescale($image, max(1, (int) round($size[0] * $share)), max(1, (int) round($size[1] * $share))) : $image;
        $image = false === $small ? $image : $small;
        imagepalettetotruecolor($image);
        $pixels = [];
        for ($y = 0; $y < imagesy($image); ++$y) {
            $row = [];
            for ($x = 0; $x < imagesx($image); ++$x) {
                $colour = imagecolorat($image, $x, $y);
                $row[] = false === $colour || (($colour >> 24) & 0x7F) >= self::CLEAR ? null : \sprintf('#%06X', $colour & 0xFFFFFF);
            }
            if ([] !== $row) {
                $pixels[] = $row;
            }
        }

        return [] === $pixels ? throw InvalidFields::because('data', Message::said('This picture is empty.', 'Choose another.')) : $pixels;
    }
}
