<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Words;

use Alternum\Core\Words\PlaceWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PlaceWordsTest extends TestCase
{
    #[TestWith(['pieces[0].colours[2].from', 'piece 1, layer 3, from'])]
    #[TestWith(['gauge.stitchesPer10cm', 'gauge, stitches in 10 cm'])]
    #[TestWith(['yarns[11].metresPer100g', 'yarn 12, metres in 100 g'])]
    #[TestWith(['pieces[1].colours[0].sequence[1].rounds', 'piece 2, layer 1, stripe 2, rounds'])]
    #[TestWith(['pieces[0].start.across', 'piece 1, start, across'])]
    #[TestWith(['pieces[0].chainCounts', 'piece 1, chain counts'])]
    #[TestWith(['[3]', 'number 4'])]
    #[TestWith(['', ''])]
    public function testAPathIsSaidInWords(string $path, string $words): void
    {
        self::assertSame($words, PlaceWords::of($path));
    }
}
