<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Exchange;

use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The plan's format, against its schema as the outside judge. */
final class PlanFormatTest extends TestCase
{
    private static function isValid(string $json): bool
    {
        $validator = new Validator();
        $validator->resolver()?->registerFile('https://alternum.test/plan.schema.json', \dirname(__DIR__, 3).'/contract/plan.schema.json');

        return $validator->validate(json_decode($json), 'https://alternum.test/plan.schema.json')->isValid();
    }

    /** @return iterable<string, array{string}> */
    public static function demoPlans(): iterable
    {
        foreach (Plans::demoFiles() as $file) {
            yield basename($file) => [(string) file_get_contents($file)];
        }
    }

    #[DataProvider('demoPlans')]
    public function testWritingAndReadingKeepsAPlan(string $json): void
    {
        self::assertTrue(self::isValid($json));
        $plan = PlanReader::json($json);
        self::assertEquals($plan, PlanReader::json(PlanWriter::json($plan)));
        self::assertEqualsCanonicalizing(json_decode($json, true), json_decode(PlanWriter::json($plan), true));
        self::assertTrue(self::isValid(PlanWriter::json($plan)));
    }

    public function testEveryFieldSurvives(): void
    {
        $values = Plans::values(['R1: 6 sc in MR', '', '# <script>alert(1)</script> 🧶'], [
            ['kind' => 'fill', 'yarn' => 'B'], Plans::stripes(9, 4, [['Q', 3]]), ['kind' => 'run', 'round' => 3, 'from' => 9, 'to' => 2, 'yarn' => 'A'],
        ], [
            'lean' => -0.25, 'worked' => 'joined', 'front' => ['degrees' => 12.5], 'copies' => [
                ['name' => 'left', 'yarns' => ['A' => 'B']],
                ['name' => 'right'],
            ],
            'changes' => ['method' => 'slip-stitch', 'at' => [['round' => 4, 'method' => 'plain']]],
        ], ['title' => '<script>“Łódź” 灯台</script>', 'lean' => 0.5, 'terms' => 'uk', 'hand' => 'left', 'units' => 'imperial',
            'yarns' => [
                [
                    'key' => 'A',
                    'name' => '',
                    'hex' => '#00ff7F',
                    'weight' => 'super-bulky',
                    'metresPer100g' => 61.5,
                    'strands' => 3,
                    'onHandGrams' => 0,
                    'yarnUse' => ['basis' => 'weighed', 'weighed' => ['stitches' => 400, 'grams' => 7.5]],
                ],
            ],
            'yarnUse' => ['basis' => 'unravelled', 'unravelled' => ['stitches' => 20, 'cm' => 86], 'sparePercent' => 0, 'tailCm' => 12.5, 'sewingTailCm' => 30],
        ]);
        $json = Json::encode($values);
        self::assertTrue(self::isValid($json));
        self::assertEqualsCanonicalizing($values, json_decode(PlanWriter::json(PlanReader::json($json)), true));
    }

    /** @return iterable<string, array{array<mixed>, string}> a plan that is wrong, and the path of the first error */
    public static function wrongPlans(): iterable
    {
        $plan = static fn (array $plan): array => Plans::values(['6 sc in MR'], [], [], $plan);
        $piece = static fn (array $piece): array => Plans::values(['6 sc in MR'], [], $piece);
        $layer = static fn (array $layer): array => Plans::values(['6 sc in MR'], [$layer]);
        $yarn = static fn (array $yarn): array => $plan([
            'yarns' => [$yarn + ['key' => 'A', 'name' => '', 'hex' => '#ffffff', 'weight' => 'dk', 'metresPer100g' => 100]],
        ]);
        yield 'another format' => [$plan(['format' => 'recipe']), 'format'];
        yield 'no format' => [['title' => 'x'], 'format'];
        yield 'a later version' => [$plan(['version' => 2]), 'version'];
        yield 'unknown field' => [$plan(['colour' => 'red']), 'colour'];
        yield 'unknown field deep inside' => [$piece(['changes' => ['method' => 'auto', 'mehtod' => 'plain']]), 'pieces[0].changes.mehtod'];
        yield 'missing gauge' => [array_diff_key($plan([]), ['gauge' => 1]), 'gauge'];
        yield 'gauge of nothing' => [$plan(['gauge' => ['stitchesPer10cm' => 0, 'roundsPer10cm' => 24]]), 'gauge.stitchesPer10cm'];
        yield 'gauge in words' => [$plan(['gauge' => ['stitchesPer10cm' => '22', 'roundsPer10cm' => 24]]), 'gauge.stitchesPer10cm'];
        yield 'terms' => [$plan(['terms' => 'fr']), 'terms'];
        yield 'no yarns' => [$plan(['yarns' => []]), 'yarns'];
        yield 'too many yarns' => [
            $plan([
                'yarns' => array_map(
                    static fn (string $key): array => ['key' => $key, 'name' => '', 'hex' => '#ffffff', 'weight' => 'dk', 'metresPer100g' => 100],
                    range('A', 'Y'),
                ),
            ]),
            'yarns',
        ];
        yield 'yarn key' => [$yarn(['key' => 'AB']), 'yarns[0].key'];
        yield 'colour' => [$yarn(['hex' => 'red']), 'yarns[0].hex'];
        yield 'a script for a colour' => [$yarn(['hex' => '#12345"']), 'yarns[0].hex'];
        yield 'weight' => [$yarn(['weight' => 'heavy']), 'yarns[0].weight'];
        yield 'strands' => [$yarn(['strands' => 1.5]), 'yarns[0].strands'];
        yield 'long name' => [$yarn(['name' => str_repeat('x', 121)]), 'yarns[0].name'];
        yield 'piece key' => [$piece(['key' => 'Body!']), 'pieces[0].key'];
        yield 'rounds not a list' => [$piece(['rounds' => 'R1: 6 sc']), 'pieces[0].rounds'];
        yield 'a line that is no text' => [$piece(['rounds' => ['6 sc in MR', 7]]), 'pieces[0].rounds[1]'];
        yield 'a line with a break' => [$piece(['rounds' => ["6 sc in MR\ninc x6"]]), 'pieces[0].rounds[0]'];
        yield 'front' => [$piece(['front' => ['degrees' => 400]]), 'pieces[0].front.degrees'];
        yield 'copies' => [$piece(['copies' => 0]), 'pieces[0].copies'];
        yield 'method' => [$piece(['changes' => ['method' => 'magic']]), 'pieces[0].changes.method'];
        yield 'a join of another kind' => [$piece(['start' => ['join' => 'glue', 'pieces' => ['leg']]]), 'pieces[0].start.join'];
        yield 'a bridge of one' => [$piece(['start' => ['join' => 'bridge', 'pieces' => ['leg'], 'across' => 3]]), 'pieces[0].start.pieces'];
        yield 'a bridge of no length' => [$piece(['start' => ['join' => 'bridge', 'pieces' => ['leg', 'leg']]]), 'pieces[0].start.across'];
        yield 'a seam of three' => [$piece(['start' => ['join' => 'seam', 'pieces' => ['a', 'b', 'c'], 'across' => 1]]), 'pieces[0].start.pieces'];
        yield 'placements' => [$piece(['placements' => [['eye' => 1]]]), 'pieces[0].placements[0].anchor'];
        yield 'kind of layer' => [$layer(['kind' => 'glitter']), 'pieces[0].colours[0].kind'];
        yield 'stripes without end' => [$layer(['kind' => 'stripes', 'from' => 1, 'sequence' => [['yarn' => 'A', 'rounds' => 1]]]), 'pieces[0].colours[0].to'];
        yield 'stripes of nothing' => [$layer(Plans::stripes(1, 4, [])), 'pieces[0].colours[0].sequence'];
        yield 'a stripe of no rounds' => [$layer(Plans::stripes(1, 4, [['A', 0]])), 'pieces[0].colours[0].sequence[0].rounds'];
        yield 'round 0' => [$layer(['kind' => 'run', 'round' => 0, 'from' => 1, 'to' => 1, 'yarn' => 'A']), 'pieces[0].colours[0].round'];
        yield 'weighed without figures' => [
            $plan(['yarnUse' => ['basis' => 'weighed', 'sparePercent' => 0, 'tailCm' => 0, 'sewingTailCm' => 0]]),
            'yarnUse.weighed',
        ];
        yield 'too many pieces' => [$plan(['pieces' => array_fill(0, 61, ['key' => 'body'])]), 'pieces'];
    }

    /** @param array<mixed> $values */
    #[DataProvider('wrongPlans')]
    public function testRefusesWithThePath(array $values, string $path): void
    {
        $json = Json::encode($values);
        self::assertFalse(self::isValid($json), 'The schema refuses it too.');
        try {
            PlanReader::json($json);
            self::fail('It must be refused.');
        } catch (InvalidFields $refusal) {
            self::assertContains($path, array_map(static fn (Problem $problem): ?string => $problem->path, $refusal->problems));
            self::assertNotSame('', MessageWords::mend($refusal->problems[0]->message));
        }
    }

    /** What a schema cannot say. */
    public function testRefusesTwoOfAKey(): void
    {
        $this->expectExceptionMessage('pieces[1].key');
        $values = Plans::values(['6 sc in MR']);
        self::assertIsArray($values['pieces']);
        PlanReader::values(['pieces' => [...$values['pieces'], ...$values['pieces']]] + $values);
    }

    public function testTellsAFileThatIsDamagedFromAMessageThatIs(): void
    {
        foreach ([
            'Choose a file that was saved as a plan.' => PlanReader::json(...),
            'Load the page again, and do it once more.' => static fn (string $json): mixed => Json::decode($json, 'save'),
        ] as $mend => $read) {
            try {
                $read('{"base": ');
                self::fail('It must be refused.');
            } catch (InvalidFields $refusal) {
                self::assertSame($mend, MessageWords::mend($refusal->problems[0]->message));
                self::assertStringNotContainsStringIgnoringCase('syntax', MessageWords::says($refusal->problems[0]->message));
            }
        }
    }

    public function testRefusesWhatIsNoPlanAtAll(): void
    {
        foreach ([
            '' => 'damaged',
            '[1, 2' => 'damaged',
            '[]' => 'Alternum plan',
            '"plan"' => 'Alternum plan',
            "\xff\xfe" => 'damaged',
            str_repeat('[', 60).str_repeat(']', 60) => 'damaged',
        ] as $text => $says) {
            try {
                PlanReader::json($text);
                self::fail("“{$text}” must be refused.");
            } catch (InvalidFields $refusal) {
                self::assertStringContainsString($says, MessageWords::says($refusal->problems[0]->message));
            }
        }
    }

    public function testRefusesTwoMegabytesAtOnce(): void
    {
        try {
            PlanReader::json(str_repeat(' ', 2_000_000));
            self::fail('It must be refused.');
        } catch (InvalidFields $refusal) {
            self::assertSame('This is larger than 1,024 kB, more than a plan takes.', MessageWords::says($refusal->problems[0]->message));
        }
    }

    public function testFindsAllErrorsInOnePass(): void
    {
        try {
            PlanReader::values(Plans::values(['6 sc in MR'], [], ['worked' => 'loom'], ['terms' => 'fr', 'hand' => 'third']));
            self::fail('It must be refused.');
        } catch (InvalidFields $refusal) {
            self::assertSame(['terms', 'hand', 'pieces[0].worked'], array_map(static fn (Problem $problem): ?string => $problem->path, $refusal->problems));
        }
    }

    /** A file of just so many bytes as may be is taken. */
    public function testTheLimitOfBytesIsExact(): void
    {
        $json = Json::encode(Plans::values(['6 sc in MR']));
        self::assertSame('Trial', PlanReader::json(str_pad($json, Limits::BYTES))->title);
        $this->expectException(InvalidFields::class);
        PlanReader::json(str_pad($json, Limits::BYTES + 1));
    }
}
