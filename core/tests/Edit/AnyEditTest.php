<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\CoverFit;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Form;
use Alternum\Core\Edit\Spread;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Setting;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Every edit on every odd piece makes a plan that can be read again, or says why not: none fails, and none goes on for ever. */
final class AnyEditTest extends TestCase
{
    private const N = [-400, -40, -1, 0, 1, 2, 3, 5, 12, 40, 100, 400, 2000];

    /** @return iterable<string, Plan> */
    private static function odd(): iterable
    {
        $pieces = [
            'empty' => [], 'remarks only' => ['# nothing', ''], 'one round' => ['6 sc in MR'], 'one stitch' => ['1 sc in MR'],
            'all wrong' => ['wobble', '(((', 'R9:'],
            'a ball' => Plans::ball(4), 'a tube' => ['12 sc in MR', 'R2-400: sc around'], 'shrinks only' => ['40 sc in MR', 'dec around', 'dec around'],
            'chains' => ['ch 20'], 'an oval' => ['ch 7, sc in 2nd ch from hook, 4 sc, 3 sc in last ch, 4 sc, 2 sc in last ch', 'sc around'],
            'loops' => ['6 sc in MR', 'inc x6', '(ch 5, sl st in next st) x6', 'BLO: sc around'], 'wide' => ['2000 sc in MR', 'sc around'],
        ];
        $layers = [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(1, 40, [['B', 1], ['A', 2]]), ['kind' => 'hand', 'rounds' => ['2' => 'B..AB']]];
        foreach ($pieces as $name => $lines) {
            foreach (['spiral', 'joined', 'rows'] as $worked) {
                yield "{$name}, {$worked}" => Plans::of($lines, $layers, ['worked' => $worked]);
            }
        }
        $values = Plans::values(['6 sc in MR', 'inc x6'], $layers);
        $piece = \is_array($values['pieces'] ?? null) ? $values['pieces'][0] : [];
        self::assertIsArray($piece);
        $rim = ['key' => 'rim', 'rounds' => ['sc around', 'sc around'], 'start' => ['join' => 'opening', 'pieces' => ['body']]] + $piece;
        $lost = ['key' => 'lost', 'rounds' => [], 'start' => ['join' => 'opening', 'pieces' => ['none']]] + $piece;
        yield 'on others' => PlanReader::values(['pieces' => [['key' => 'first'] + $piece, $piece, $rim, $lost]] + $values);
    }

    /** @return array<string, mixed> an edit by chance */
    private static function edit(string $piece): array
    {
        $n = static fn (): int => self::N[mt_rand(0, \count(self::N) - 1)];
        $yarn = self::of(['A', 'B', 'Z']);
        $edits = [
            ['do' => 'retype', 'rounds' => ['6 sc in MR', "R2-{$n()}: sc around", "inc x{$n()}"]],
            ['do' => 'paste', 'text' => "Ear (make {$n()})\n{$n()} sc in MR\ninc x6\n\nNose\nch {$n()}"],
            ['do' => 'copy', 'key' => 'again', 'name' => 'Again'], ['do' => 'renumber'], ['do' => 'heed', 'line' => max(1, $n()), 'text' => 'stuff'],
            ['do' => 'settle', 'setting' => self::of(Setting::cases())->value], ['do' => 'lean', 'rounds' => max(1, $n()), 'stitches' => $n()],
            ['do' => 'paint', 'rounds' => [$n(), $n()], 'yarn' => $yarn],
            [
                'do' => 'stripes', 'from' => $n(), 'to' => $n(), 'sequence' => [['yarn' => $yarn, 'rounds' => max(1, $n())]], 'growth' => $n(),
                'mirrored' => true,
            ],
            [
                'do' => 'shape', 'form' => self::of(Form::cases())->value, 'start' => $n(), 'widest' => $n(), 'rounds' => $n(),
                'spread' => self::of(Spread::cases())->value,
            ],
            ['do' => 'size', 'widthMm' => max(5, $n()), 'heightMm' => max(5, $n())], ['do' => 'size', 'heightMm' => max(5, $n())],
            ['do' => 'resize', 'wider' => $n(), 'longer' => $n()],
            ['do' => 'stitches', 'cells' => [['round' => $n(), 'from' => $n(), 'to' => $n()]], 'yarn' => $yarn, 'mirrored' => true],
            ['do' => 'motif', 'rows' => ['AB', '.B'], 'round' => $n(), 'fromFront' => $n()], ['do' => 'motif', 'shape' => 'heart', 'yarn' => $yarn],
            ['do' => 'motif', 'text' => 'TIDE', 'yarn' => $yarn], ['do' => 'bobbles', 'layer' => max(0, $n())],
            ['do' => 'shift', 'layer' => max(0, $n()), 'rounds' => $n(), 'degrees' => $n() / 10, 'stretch' => true],
            ['do' => 'face', 'from' => max(1, $n()), 'to' => max(1, $n())], ['do' => 'face'], ['do' => 'best', 'minds' => self::of(['ends', 'yarn', 'front'])],
            ['do' => 'crisp', 'round' => max(1, $n())], ['do' => 'cover', 'fit' => self::of(CoverFit::cases())->value, 'to' => max(1, $n())],
            ['do' => 'front', 'degrees' => $n()],
        ];
        $edit = $edits[mt_rand(0, \count($edits) - 1)];

        return $edit + ['piece' => $piece];
    }

    /**
     * @template T
     *
     * @param non-empty-list<T> $cases
     *
     * @return T
     */
    private static function of(array $cases): mixed
    {
        return $cases[mt_rand(0, \count($cases) - 1)];
    }

    public function testEveryEditMakesAPlanOrSaysWhyNot(): void
    {
        mt_srand(301127);
        $made = $refused = 0;
        foreach (self::odd() as $name => $plan) {
            for ($i = 0; $i < 40; ++$i) {
                $edit = self::edit($plan->pieces[mt_rand(0, \count($plan->pieces) - 1)]->key);
                // What goes on for ever ends the tests, and names itself.
                set_time_limit(20);
                try {
                    $then = EditKinds::read($edit, 'edit')->apply($plan);
                    self::assertEquals($then, PlanReader::values(json_decode((string) json_encode($then->values()), true)), $name);
                    if (0 === $i % 8) {
                        Analysis::of($then);
                    }
                    ++$made;
                } catch (EditRefused|InvalidFields $why) {
                    self::assertNotSame('', $why->getMessage());
                    ++$refused;
                } catch (\Exception|\Error $error) {
                    self::fail("{$name}: ".json_encode($edit).': '.$error::class." {$error->getMessage()} in {$error->getFile()}:{$error->getLine()}");
                }
            }
        }
        set_time_limit(0);
        self::assertGreaterThan(300, $made);
        self::assertGreaterThan(300, $refused);
    }
}
