<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StillWriter;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The toy from one side, as flat shapes. */
final class StillTest extends TestCase
{
    /** Tipped a little towards the viewer: by 0.12 radians. */
    private const TIP = 0.12;

    private static function svg(Plan $plan, ?string $key = null, float $degrees = 0.0): \SimpleXMLElement
    {
        $svg = simplexml_load_string(StillWriter::svg(Analysis::of($plan), $key, $degrees));
        self::assertInstanceOf(\SimpleXMLElement::class, $svg);

        return $svg;
    }

    /** @return array{float, float} what it is wide and high, in mm, less the margins */
    private static function across(\SimpleXMLElement $svg): array
    {
        $box = array_map(floatval(...), explode(' ', (string) $svg['viewBox']));

        return [($box[2] ?? 0.0) - 8.0, ($box[3] ?? 0.0) - 8.0];
    }

    /** @return array<string, float> mm² that are drawn in colours, by the lightest of red, green and blue */
    private static function areas(\SimpleXMLElement $svg): array
    {
        $areas = ['R' => 0.0, 'G' => 0.0, 'B' => 0.0];
        foreach ($svg->path as $path) {
            $hex = (string) $path['fill'];
            $rgb = ['R' => substr($hex, 1, 2), 'G' => substr($hex, 3, 2), 'B' => substr($hex, 5, 2)];
            arsort($rgb);
            foreach ('none' === $hex ? [] : explode('Z', (string) $path['d']) as $area) {
                preg_match_all('/[ML](-?[\d.]+) (-?[\d.]+)/', $area, $found);
                $sum = 0.0;
                for ($i = 0, $n = \count($found[1]); $i < $n; ++$i) {
                    $next = ($i + 1) % $n;
                    $sum += (float) $found[1][$i] * (float) $found[2][$next] - (float) $found[1][$next] * (float) $found[2][$i];
                }
                $areas[(string) array_key_first($rgb)] += abs($sum) / 2;
            }
        }

        return $areas;
    }

    /** @return array<string, mixed> */
    private static function yarns(): array
    {
        $yarn = static fn (string $key, string $hex): array => ['key' => $key, 'name' => '', 'hex' => $hex, 'weight' => 'dk', 'metresPer100g' => 250];

        return ['yarns' => [$yarn('A', '#C00000'), $yarn('B', '#00C000')]];
    }

    /** The silhouette is Form's outline, within 2 %: as wide as the widest, as high as it is and the tip lets one see. */
    public function testItIsAsLargeAsTheFormSays(): void
    {
        foreach ([Plans::ball(5), Plans::ball(8), ['24 sc in MR', 'R2-20: sc around']] as $rounds) {
            $plan = Plans::of($rounds, [['kind' => 'fill', 'yarn' => 'A']], plan: self::yarns());
            $form = Analysis::of($plan)->pieces[0]->form;
            [$wide, $high] = self::across(self::svg($plan, 'body'));
            self::assertEqualsWithDelta(1.0, $wide / $form->width, 0.02);
            self::assertGreaterThan($form->height * cos(self::TIP) * 0.97, $high);
            self::assertLessThan($form->height * cos(self::TIP) + $form->width * sin(self::TIP) + 1.0, $high);
        }
    }

    /**
     * A patch that is an ellipse on the fabric, a half of the way around at its widest. By geometry, at each height it reaches to an angle of a quarter
     * turn times √(1 − u²) on either side of the front: seen from there it covers the sine of that of the width, from the side half of 1 less its cosine.
     */
    public function testColoursAreWhereTheyAre(): void
    {
        $layers = [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'panel', 'from' => 1, 'to' => 30, 'yarn' => 'B', 'degrees' => 180, 'fromFront' => 0]];
        $plan = Plans::of(['60 sc in MR', 'R2-30: sc around'], $layers, ['finish' => ['stuffing' => ['firmness' => 'none']]], self::yarns());
        [$front, $side] = [0.0, 0.0];
        for ($n = 0; $n < 1000; ++$n) {
            $angle = \M_PI / 2 * sqrt(1 - (($n + 0.5) / 1000) ** 2);
            [$front, $side] = [$front + sin($angle) / 1000, $side + (1 - cos($angle)) / 2000];
        }
        foreach ([[0.0, $front], [90.0, $side], [-90.0, $side], [180.0, 0.0]] as [$degrees, $share]) {
            $areas = self::areas(self::svg($plan, 'body', $degrees));
            // Its top, in one yarn, is seen a little.
            self::assertEqualsWithDelta($share, $areas['G'] / array_sum($areas), 0.06, "{$degrees}°");
        }
    }

    /** What is set at the front is not seen from behind. */
    public function testEyesAreSeenFromTheFront(): void
    {
        $eyes = ['key' => 'e', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 6, 'apart' => 4, 'mm' => 9];
        $plan = Plans::of(Plans::ball(6), [['kind' => 'fill', 'yarn' => 'A']], ['placements' => [$eyes]], self::yarns());
        $circles = static fn (float $degrees): array => array_map(
            static fn (\SimpleXMLElement $one): float => (float) $one['r'],
            iterator_to_array(self::svg($plan, null, $degrees)->circle, false),
        );
        self::assertSame([4.5, 4.5], $circles(0.0));
        self::assertSame([], $circles(180.0));
    }

    /** @return iterable<string, array{string}> */
    public static function demos(): iterable
    {
        foreach (Plans::demoFiles() as $file) {
            yield basename($file) => [$file];
        }
    }

    /** A picture of a shelf is no larger than an answer, whatever the plan. */
    #[DataProvider('demos')]
    public function testOfDemoPlans(string $file): void
    {
        $plan = PlanReader::json((string) file_get_contents($file));
        self::assertGreaterThan(0.0, array_sum(self::areas(self::svg($plan))));
        self::assertLessThan(150_000, \strlen(StillWriter::svg(Analysis::of($plan), null, 0.0)));
    }

    public function testALargePieceIsDrawnInFewerShapes(): void
    {
        $plan = Plans::of(['400 sc in MR', 'R2-140: sc around'], [['kind' => 'fill', 'yarn' => 'A']], plan: self::yarns());
        self::assertLessThan(300_000, \strlen(StillWriter::svg(Analysis::of($plan), null, 0.0)));
    }

    /** Of more than can be drawn at once, as much as can: no picture is larger than a few answers. */
    public function testOfManyPiecesSomeAreDrawn(): void
    {
        $colours = ['colours' => [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(2, 19, [['B', 1], ['A', 1]])]];
        $pieces = array_map(static fn (int $n): array => Plans::piece("p{$n}", ['100 sc in MR', 'R2-20: sc around'], $colours), range(1, 30));
        $svg = StillWriter::svg(Analysis::of(PlanReader::values(['pieces' => $pieces] + Plans::values([]))), null, 0.0);
        self::assertLessThan(300_000, \strlen($svg));
        self::assertGreaterThan(100_000, \strlen($svg));
    }

    /** From above a ball is as deep as wide: a circle. */
    public function testFromAboveABallIsRound(): void
    {
        $plan = Plans::of(Plans::ball(7), [['kind' => 'fill', 'yarn' => 'A']], plan: self::yarns());
        $svg = simplexml_load_string(StillWriter::svg(Analysis::of($plan), 'body', 0.0, 90.0));
        self::assertInstanceOf(\SimpleXMLElement::class, $svg);
        [$wide, $high] = self::across($svg);
        self::assertEqualsWithDelta(1.0, $wide / $high, 0.02);
    }

    /** A cup is widest at its open edge: from the front its outside is seen, and from behind nothing of it. */
    public function testACupThatIsSewnOnIsSeenFromOutside(): void
    {
        $fill = static fn (string $yarn): array => [['kind' => 'fill', 'yarn' => $yarn]];
        $plan = Plans::of([], [], [], self::yarns() + [
            'pieces' => [
                Plans::piece('head', Plans::ball(7), ['colours' => $fill('A')]),
                Plans::piece('muzzle', ['6 sc in MR', 'inc x6', '(sc, inc) x6'], ['colours' => $fill('B')]),
            ],
            'assembly' => [[
                'key' => 'j1', 'part' => 'muzzle', 'onto' => 'head', 'edge' => 'open', 'hold' => 'whip', 'at' => ['anchor' => 'round', 'number' => 9],
            ]],
        ]);
        $radius = Analysis::of($plan)->pieces[1]->form->width / 2;
        self::assertGreaterThan(0.7 * \M_PI * $radius ** 2, self::areas(self::svg($plan))['G']);
        self::assertSame(0.0, self::areas(self::svg($plan, null, 180.0))['G']);
    }
}
