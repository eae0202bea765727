<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Exchange;

use Alternum\Core\Exchange\CommandLine;
use Alternum\Core\Exchange\CommandOutcome;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Tests\Plans;
use Opis\JsonSchema\Validator;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CommandLineTest extends TestCase
{
    private static function perform(string $arguments, ?string $input): CommandOutcome
    {
        return CommandLine::run(explode(' ', $arguments), static fn (string $file): ?string => $input);
    }

    /** @return array<string, mixed> */
    private static function json(CommandOutcome $outcome): array
    {
        $values = json_decode($outcome->output, true, flags: \JSON_THROW_ON_ERROR);
        self::assertIsArray($values);

        /** @var array<string, mixed> $values */
        return $values;
    }

    public function testReadsRounds(): void
    {
        $outcome = self::perform('read -', "R1: 3 sc in MR (3)\r\nR2: inc, 2 sc (4)\r\n");
        self::assertSame([CommandOutcome::FINE, ''], [$outcome->code, $outcome->said]);
        self::assertSame(['rounds' => [
            ['number' => 1, 'uses' => 0, 'makes' => 3, 'stitches' => ['sc', 'sc', 'sc'], 'yarns' => [['yarn' => null, 'stitches' => 3]], 'cues' => []],
            ['number' => 2, 'uses' => 3, 'makes' => 4, 'stitches' => ['inc', 'sc', 'sc'], 'yarns' => [['yarn' => null, 'stitches' => 4]], 'cues' => []],
        ], 'problems' => []], self::json($outcome));
    }

    public function testReadSaysProblemsInJsonAndInWords(): void
    {
        $outcome = self::perform('read rounds.txt', "6 dc in MR\n5 dc");
        self::assertSame(CommandOutcome::PROBLEMS, $outcome->code);
        self::assertStringContainsString('line 2, character 5: Round 2 uses 5 of the 6 stitches below: 1 left over. Add 1 sc at the end', $outcome->said);
        self::assertSame([[
            'message' => 'Round 2 uses 5 of the 6 stitches below: 1 left over.', 'severity' => 'error',
            'mend' => 'Add 1 sc at the end, or write sc around.', 'line' => 2, 'column' => 5, 'length' => 1, 'round' => 2, 'fixes' => [
                ['label' => 'Add 1 sc', 'column' => 5, 'length' => 0, 'text' => ', 1 sc'],
                ['label' => 'Write sc around', 'column' => 1, 'length' => 4, 'text' => 'sc around'],
            ]]], self::json($outcome)['problems']);
        self::assertSame(CommandOutcome::FINE, self::perform('read rounds.txt --terms=uk', "6 dc in MR\n6 dc")->code);
    }

    public function testAnalysisHoldsToItsSchema(): void
    {
        $validator = new Validator();
        foreach (['plan', 'analysis'] as $schema) {
            $validator->resolver()?->registerFile("https://alternum.test/{$schema}.schema.json", \dirname(__DIR__, 3)."/contract/{$schema}.schema.json");
        }
        $plans = array_map(static fn (string $file): string => (string) file_get_contents($file), Plans::demoFiles());
        $plans[] = Json::encode(Plans::values([]));
        $plans[] = Json::encode(Plans::values(['6 sc in MR', 'wobble x6'], [Plans::stripes(9, 4, [['Q', 1]])]));
        $plans[] = Json::encode(Plans::values(['ch 8', '8 sc'], [], ['worked' => 'rows']));
        foreach ($plans as $plan) {
            $outcome = self::perform('analyse -', $plan);
            $result = $validator->validate(json_decode($outcome->output), 'https://alternum.test/analysis.schema.json');
            self::assertTrue($result->isValid(), (string) json_encode($result->error()?->args()).$result->error()?->message());
        }
    }

    /** The rounds of a written pattern are read back as the plan's, in either country's words. */
    #[TestWith(['us'])]
    #[TestWith(['uk'])]
    public function testAWrittenPatternReadsBack(string $terms): void
    {
        $rounds = ['R1: 6 sc in MR', 'R2: inc x6', '# a remark', 'R3: (sc, inc) x6', 'R4-7: sc around', 'R8: 2 hdc, 2 dc, sc around', 'R9: inv dec around'];
        $colours = [
            Plans::stripes(3, 8, [['B', 2], ['A', 1]]),
            ['kind' => 'run', 'round' => 3, 'from' => 3, 'to' => 8, 'yarn' => 'A'],
            ['kind' => 'run', 'round' => 9, 'from' => 9, 'to' => 1, 'yarn' => 'B'],
        ];
        $plan = Json::encode(Plans::values($rounds, $colours, [], ['title' => 'A (strange): title', 'yarns' => [
            ['key' => 'A', 'name' => 'Sea: (green) [x6]', 'hex' => '#336655', 'weight' => 'dk', 'metresPer100g' => 250],
            ['key' => 'B', 'name' => 'sc inc dec', 'hex' => '#A04030', 'weight' => 'dk', 'metresPer100g' => 250],
        ]]));
        $written = self::perform("write plan.json --as=text --terms={$terms}", $plan);
        self::assertSame(CommandOutcome::FINE, $written->code);
        $read = self::perform("read - --terms={$terms}", $written->output);
        self::assertSame('', $read->said, $written->output);
        // The written pattern names the yarns, too, and how the piece ends.
        $bare = static fn (CommandOutcome $outcome): string => (string) preg_replace('/"(?:yarns|cues)": \[.*?\]/s', '', $outcome->output);
        self::assertSame($bare(self::perform('read -', implode("\n", $rounds))), $bare($read), $written->output);
    }

    public function testWritesThePlan(): void
    {
        $plan = Json::encode(Plans::values(['6 sc in MR']));
        self::assertEquals(PlanReader::json($plan), PlanReader::json(self::perform('write plan.json --as=json', $plan)->output));
    }

    #[TestWith(['', null, CommandOutcome::WRONG_USE])]
    #[TestWith(['knit plan.json', '', CommandOutcome::WRONG_USE])]
    #[TestWith(['read', '', CommandOutcome::WRONG_USE])]
    #[TestWith(['read a b', '', CommandOutcome::WRONG_USE])]
    #[TestWith(['read a --terms=fr', '', CommandOutcome::WRONG_USE])]
    #[TestWith(['read a --worked=sideways', '', CommandOutcome::WRONG_USE])]
    #[TestWith(['read a --as=text', '', CommandOutcome::WRONG_USE])]
    #[TestWith(['write a', '', CommandOutcome::WRONG_USE])]
    #[TestWith(['write a --as=pdf', '', CommandOutcome::WRONG_USE])]
    #[TestWith(['read missing', null, CommandOutcome::WRONG_USE])]
    #[TestWith(['read a --loud', '', CommandOutcome::WRONG_USE])]
    #[TestWith(['--help', '', CommandOutcome::FINE])]
    #[TestWith(['analyse a', 'no plan', CommandOutcome::PROBLEMS])]
    #[TestWith(['read a', "\xff\xfe", CommandOutcome::PROBLEMS])]
    #[TestWith(['read a', '', CommandOutcome::FINE])]
    public function testExitCodes(string $arguments, ?string $input, int $code): void
    {
        $outcome = CommandLine::run('' === $arguments ? [] : explode(' ', $arguments), static fn (string $file): ?string => $input);
        self::assertSame($code, $outcome->code);
        self::assertSame(CommandOutcome::FINE !== $code, '' !== $outcome->said);
    }
}
