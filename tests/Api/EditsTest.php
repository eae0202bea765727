<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Core\Colour\Shapes;
use Alternum\Server\Tests\ApiTestCase;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every edit that the contract names, over the API. */
final class EditsTest extends ApiTestCase
{
    /** @return iterable<string, array{array<string, mixed>, list<int|string>, mixed}> the edit, a path in the answer, what stands there then */
    public static function edits(): iterable
    {
        $ofFloat = ['piece' => 'float'];
        yield 'retype' => [['do' => 'retype', 'rounds' => ['6 sc in MR']] + $ofFloat, ['plan', 'pieces', 0, 'rounds'], ['6 sc in MR']];
        yield 'paste' => [['do' => 'paste', 'text' => "R1: 6 sc in MR\n\nEar (make 2)\nR1: 5 sc in MR"] + $ofFloat, ['plan', 'pieces', 1, 'name'], 'Ear'];
        yield 'size' => [['do' => 'size', 'heightMm' => 300] + $ofFloat, ['analysis', 'pieces', 0, 'size', 'widthMm'], 56.85];
        yield 'copy' => [['do' => 'copy', 'key' => 'other', 'name' => 'Other'] + $ofFloat, ['plan', 'pieces', 2, 'name'], 'Other'];
        yield 'part' => [['do' => 'part', 'part' => 'ear', 'key' => 'ear', 'name' => 'Ear'], ['plan', 'pieces', 2, 'copies'], 2];
        yield 'renumber' => [['do' => 'renumber'] + $ofFloat, ['plan', 'pieces', 0, 'rounds', 0], 'R1: 6 sc in MR (6)'];
        yield 'shape' => [
            ['do' => 'shape', 'form' => 'ball', 'start' => 6, 'widthMm' => 60, 'heightMm' => 0, 'spread' => 'stacked', 'decrease' => 'dec'] + $ofFloat,
            ['plan', 'pieces', 0, 'rounds', 2],
            'R3: (sc, inc) x6 (18)',
        ];
        yield 'resize' => [['do' => 'resize', 'wider' => 1, 'longer' => 0] + $ofFloat, ['analysis', 'pieces', 0, 'rounds', 6, 'makes'], 42];
        yield 'paint' => [['do' => 'paint', 'rounds' => [1], 'yarn' => 'C'] + $ofFloat, ['analysis', 'pieces', 0, 'rounds', 0, 'runs'], 'C6'];
        yield 'stripes' => [
            ['do' => 'stripes', 'from' => 1, 'to' => 18, 'sequence' => [['yarn' => 'B', 'rounds' => 1]]] + $ofFloat,
            ['analysis', 'yarns', 0, 'stitches'],
            0,
        ];
        yield 'stitches' => [
            ['do' => 'stitches', 'cells' => [['round' => 8, 'from' => 3, 'to' => 4]], 'yarn' => 'C', 'mirrored' => false] + $ofFloat,
            ['plan', 'pieces', 0, 'colours', 3, 'rounds', '8'],
            '..CC',
        ];
        yield 'motif' => [['do' => 'motif', 'shape' => 'heart', 'yarn' => 'C'] + $ofFloat, ['plan', 'pieces', 0, 'colours', 3, 'name'], 'Heart'];
        yield 'bobbles' => [['do' => 'bobbles', 'layer' => 2] + $ofFloat, ['plan', 'pieces', 0, 'rounds', 11], 'R18: dec x6 (6)'];
        yield 'crisp' => [['do' => 'crisp', 'round' => 5] + $ofFloat, ['plan', 'pieces', 0, 'rounds', 4], 'R5: (3 sc, inc) x6 in BLO (30)'];
        yield 'cover' => [['do' => 'cover', 'fit' => 'snug'] + $ofFloat, ['plan', 'pieces', 1, 'rounds', 0], 'R1: 7 sc in MR (7)'];
        yield 'best' => [
            ['do' => 'best', 'minds' => 'front'] + $ofFloat,
            ['plan', 'pieces', 0, 'changes', 'at', 0],
            ['round' => 4, 'method' => 'plain', 'oldYarn' => 'carry'],
        ];
        yield 'lean' => [['do' => 'lean', 'rounds' => 10, 'stitches' => 4] + $ofFloat, ['plan', 'pieces', 0, 'lean'], 0.4];
        yield 'front' => [['do' => 'front', 'degrees' => 30] + $ofFloat, ['plan', 'pieces', 0, 'front', 'degrees'], 30];
        yield 'words' => [['do' => 'words', 'terms' => 'uk'], ['plan', 'pieces', 0, 'rounds', 0], 'R1: 6 dc in MR (6)'];
        yield 'yarn' => [
            ['do' => 'yarn', 'name' => 'cream'],
            ['plan', 'yarns', 3],
            ['key' => 'D', 'name' => 'Cream', 'hex' => '#f2e9d3', 'weight' => 'dk', 'metresPer100g' => 260, 'strands' => 1],
        ];
        yield 'settle' => [['do' => 'settle', 'setting' => 'worked:joined'] + $ofFloat, ['plan', 'pieces', 0, 'worked'], 'joined'];
        yield 'heed' => [
            ['do' => 'heed', 'line' => 12, 'text' => 'Place the eyes between rounds 9 and 10, 6 stitches apart'] + $ofFloat,
            ['plan', 'pieces', 0, 'placements', 1, 'kind'],
            'eyes',
        ];
        yield 'set' => [
            ['do' => 'set', 'values' => [['at' => ['pieces', 'float', 'name'], 'value' => 'Bob'], ['at' => ['yarns', 'B', 'onHandGrams']]]],
            ['plan', 'pieces', 0, 'name'],
            'Bob',
        ];
        yield 'take' => [['do' => 'take', 'plan' => ['title' => 'Taken'] + self::demo()], ['plan', 'title'], 'Taken'];
        yield 'shift' => [['do' => 'shift', 'layer' => 3, 'rounds' => 2, 'degrees' => 12.3] + $ofFloat, ['plan', 'pieces', 0, 'colours', 3, 'fromFront'], 12.5];
        yield 'face' => [['do' => 'face'] + $ofFloat, ['plan', 'pieces', 0, 'face'], ['from' => 6, 'to' => 12, 'degrees' => 100]];
        yield 'measured' => [
            ['do' => 'measured', 'measure' => 'width', 'mm' => 57] + $ofFloat, ['plan', 'gauge', 'stretch', 'piece'], 'Float',
        ];
        yield 'put' => [['do' => 'put', 'what' => 'smile'] + $ofFloat, ['plan', 'pieces', 0, 'thread', 0, 'kind'], 'smile'];
        yield 'nudge' => [['do' => 'nudge', 'key' => 'staff', 'rounds' => 2], ['plan', 'assembly', 0, 'at', 'offset'], 2];
        yield 'order' => [['do' => 'order', 'key' => 'staff', 'by' => 1], ['plan', 'keepOrder'], true];
        yield 'swatch' => [['do' => 'swatch', 'stitches' => 10, 'widthMm' => 50, 'rounds' => 11, 'heightMm' => 50], ['plan', 'gauge', 'stitchesPer10cm'], 20];
    }

    /** @return array<string, mixed> */
    private static function demo(): array
    {
        $plan = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/demo/harbour-buoy.json'), true);

        /** @var array<string, mixed> $plan */
        return $plan;
    }

    /**
     * @param array<string, mixed> $edit
     * @param list<int|string>     $path
     */
    #[DataProvider('edits')]
    public function testIsMadeAndSaved(array $edit, array $path, mixed $value): void
    {
        [$id, $plan] = $this->firstPlan();
        $rounds = self::at($plan, 'pieces', 0, 'rounds');
        self::assertIsArray($rounds);
        $cue = ['do' => 'retype', 'piece' => 'float', 'rounds' => [...$rounds, 'Place the eyes between rounds 9 and 10, 6 stitches apart.']];
        $edits = match ($edit['do']) {
            'heed' => [$cue, ['line' => \count($rounds) + 1] + $edit],
            'shift' => [['do' => 'motif', 'shape' => 'heart', 'yarn' => 'C', 'piece' => 'float'], $edit],
            default => [$edit],
        };
        $saved = $this->save($id, 1, ...$edits);
        self::assertSame(array_fill(0, \count($edits), null), array_column((array) $saved['results'], 'refused'));
        $this->assertStatus(200);
        self::assertSame([], self::at($saved, 'analysis', 'problems'));
        self::assertEquals($value, self::at($saved, ...$path));
        self::assertEquals($value, self::at($this->ask('GET', "/api/plans/{$id}"), ...$path));
    }

    /** The contract and the core know the same edits. */
    public function testTheContractNamesThemAll(): void
    {
        $contract = (string) file_get_contents(\dirname(__DIR__, 2).'/contract/openapi.yaml');
        preg_match_all('/do: \{ const: (\w+) \}/', $contract, $named);
        self::assertEqualsCanonicalizing(array_keys(iterator_to_array(self::edits())), array_values(array_unique($named[1])));
    }

    public function testTheContractNamesEveryShape(): void
    {
        preg_match('/shape: \{ enum: \[([^\]]+)\]/', (string) file_get_contents(\dirname(__DIR__, 2).'/contract/openapi.yaml'), $named);
        self::assertSame(Shapes::names(), explode(', ', $named[1] ?? ''));
    }

    public function testAnEditThatCannotBeMadeSaysWhy(): void
    {
        [$id] = $this->firstPlan();
        $refused = $this->save($id, 1, ['do' => 'resize', 'piece' => 'float', 'wider' => 0, 'longer' => -300]);
        self::assertStringContainsString('no even rounds left', self::string($refused, 'results', 0, 'refused', 'detail'));
    }
}
