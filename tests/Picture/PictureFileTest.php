<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Picture;

use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Words\MessageWords;
use Alternum\Server\Picture\PictureFile;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PictureFileTest extends TestCase
{
    /**
     * @param int<1, max> $width
     * @param int<1, max> $height
     */
    private static function png(int $width, int $height, int $colour, bool $isPalette = false): string
    {
        $image = $isPalette ? imagecreate($width, $height) : imagecreatetruecolor($width, $height);
        self::assertNotFalse($image);
        if ($isPalette) {
            imagecolorallocate($image, ($colour >> 16) & 0xFF, ($colour >> 8) & 0xFF, $colour & 0xFF);
        } else {
            imagealphablending($image, false);
            imagesavealpha($image, true);
            imagefilledrectangle($image, 0, 0, $width - 1, $height - 1, $colour);
        }
        ob_start();
        imagepng($image);

        return (string) ob_get_clean();
    }

    /** @param string|null $pixel what every one is */
    #[TestWith([0x00336699, '#336699'])]
    #[TestWith([0x7F336699, null])]
    #[TestWith([0x30336699, '#336699'])]
    public function testReadsColoursAndWhatIsClear(int $colour, ?string $pixel): void
    {
        self::assertSame([[$pixel, $pixel, $pixel], [$pixel, $pixel, $pixel]], PictureFile::pixels(self::png(3, 2, $colour)));
    }

    public function testReadsAPalette(): void
    {
        self::assertSame([['#C8372D', '#C8372D']], PictureFile::pixels(self::png(2, 1, 0xC8372D, true)));
    }

    /** A large picture is made smaller, its form kept. */
    public function testALargeOneIsMadeSmaller(): void
    {
        $pixels = PictureFile::pixels(self::png(900, 450, 0x00336699));
        self::assertSame([150, 300], [\count($pixels), \count($pixels[0])]);
        self::assertSame('#336699', $pixels[75][150]);
    }

    public function testRefusesWhatItCannotTake(): void
    {
        $png = self::png(20, 20, 0x00336699);
        foreach ([
            '' => 'no PNG',
            'GIF89a' => 'no PNG',
            substr($png, 0, 60) => 'damaged',
            self::png(1001, 2, 0) => '1001 by 2 pixels',
            str_repeat('x', 600_000) => 'larger than 512 kB',
        ] as $bytes => $why) {
            try {
                PictureFile::pixels($bytes);
                self::fail("It must be refused: {$why}");
            } catch (InvalidFields $refusal) {
                self::assertStringContainsString($why, MessageWords::says($refusal->problems[0]->message));
                self::assertNotSame('', MessageWords::mend($refusal->problems[0]->message));
            }
        }
    }
}
