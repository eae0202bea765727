<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Plan;

use Alternum\Core\Tests\Answers\Specimens;
use Alternum\Core\Tests\ContractedPlan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Every bound that the contract sets to a number or a text: just within and just beyond it, the reader takes what the contract takes. */
final class ContractLimitsTest extends TestCase
{
    public function testContractAndReaderEndAtTheSameBounds(): void
    {
        $contract = json_decode((string) file_get_contents(\dirname(__DIR__, 3).'/contract/plan.schema.json'), true);
        self::assertIsArray($contract);
        $bounds = self::bounds($contract);
        $tried = [];
        foreach (self::plans() as $plan) {
            self::assertTrue(ContractedPlan::isValid($plan), 'What is tried from is right.');
            foreach (self::leaves($plan) as [$place, $value]) {
                $shape = (string) preg_replace('/\.\d+/', '[]', implode('.', $place)).self::kindOf($plan, $place);
                foreach (isset($tried[$shape]) ? [] : self::candidates($value, $bounds[end($place)] ?? []) as $candidate) {
                    $other = ContractedPlan::with($plan, $place, $candidate);
                    if (self::isBackwards($other, $place)) {
                        continue;
                    }
                    $said = \is_string($candidate) ? mb_strlen($candidate).' letters' : (string) $candidate;
                    self::assertSame(ContractedPlan::isValid($other), ContractedPlan::isRead($other), "{$shape}: {$said}");
                }
                $tried[$shape] = true;
            }
        }
        self::assertGreaterThan(90, \count($tried));
    }

    /**
     * @param array<mixed> $schema
     *
     * @return array<string, list<int|float>> by the name of a field, the bounds that it has anywhere
     */
    private static function bounds(array $schema): array
    {
        $bounds = [];
        foreach ($schema as $name => $value) {
            if (!\is_array($value)) {
                continue;
            }
            foreach (['minimum', 'maximum', 'exclusiveMinimum', 'exclusiveMaximum', 'maxLength'] as $word) {
                $bound = $value[$word] ?? null;
                if (\is_int($bound) || \is_float($bound)) {
                    $bounds[(string) $name][] = $bound;
                }
            }
            foreach (self::bounds($value) as $field => $more) {
                $bounds[$field] = array_values(array_unique([...$bounds[$field] ?? [], ...$more]));
            }
        }

        return $bounds;
    }

    /**
     * @param list<int|float> $bounds
     *
     * @return list<int|float|string>
     */
    private static function candidates(mixed $value, array $bounds): array
    {
        $candidates = [];
        foreach ($bounds as $bound) {
            array_push($candidates, ...match (true) {
                \is_string($value) => $bound < 1 ? [] : [str_repeat('x', (int) $bound), str_repeat('x', (int) $bound + 1)],
                \is_int($value) || \is_float($value) => [$bound, $bound - 1, $bound + 1, $bound - 0.25, $bound + 0.25],
                default => [],
            });
        }

        return $candidates;
    }

    /**
     * @param array<mixed>     $plan
     * @param list<int|string> $at
     *
     * @return iterable<array{non-empty-list<int|string>, mixed}>
     */
    private static function leaves(array $plan, array $at = []): iterable
    {
        foreach ($plan as $name => $value) {
            if (\is_array($value)) {
                yield from self::leaves($value, [...$at, $name]);
            } elseif (!\in_array($name, ['key', 'of', 'piece', 'version'], true)) {
                yield [[...$at, $name], $value];
            }
        }
    }

    /**
     * What chooses among several forms of the same place: a layer's kind, a placement's anchor, how a piece is joined.
     *
     * @param array<mixed>     $plan
     * @param list<int|string> $place
     */
    private static function kindOf(array $plan, array $place): string
    {
        $kind = '';
        foreach (\array_slice($place, 0, -1) as $name) {
            $plan = $plan[$name] ?? [];
            $plan = \is_array($plan) ? $plan : [];
            foreach (['kind', 'anchor', 'join', 'part'] as $chooses) {
                $kind .= \is_string($plan[$chooses] ?? null) ? " {$plan[$chooses]}" : '';
            }
        }

        return $kind;
    }

    /**
     * Whether a stretch ends before it begins, which no contract can say.
     *
     * @param array<mixed>     $plan
     * @param list<int|string> $place
     */
    private static function isBackwards(array $plan, array $place): bool
    {
        foreach (\array_slice($place, 0, -1) as $name) {
            $plan = $plan[$name] ?? [];
            $plan = \is_array($plan) ? $plan : [];
        }

        return isset($plan['to']) && $plan['to'] < ($plan['from'] ?? $plan['round'] ?? 1);
    }

    /** @return iterable<array<mixed>> plans that have every field between them */
    private static function plans(): iterable
    {
        $tube = ['12 sc in MR', 'R2-12: sc around'];
        yield Plans::values($tube, [], [
            'lean' => 0.5, 'face' => ['from' => 2, 'to' => 4, 'degrees' => 90],
            'finish' => ['turned' => 4, 'tailCm' => 30, 'drawn' => ['segments' => 4, 'base' => true], 'stuffing' => ['goes' => 2, 'clear' => 'the brim']],
            'changes' => ['method' => 'plain', 'line' => ['fromFront' => 90], 'at' => [['round' => 3, 'onward' => 2, 'begins' => 90]]],
            'colours' => [
                ['kind' => 'spots', 'yarn' => 'B', 'from' => 2, 'to' => 9, 'step' => 4, 'count' => 6, 'wide' => 1, 'tall' => 1, 'fromFront' => 10],
                ['kind' => 'panel', 'yarn' => 'B', 'from' => 2, 'to' => 9, 'degrees' => 90, 'fromFront' => 10],
            ],
            'placements' => [
                ['kind' => 'eyes', 'name' => 'Eyes', 'anchor' => 'round', 'number' => 3, 'offset' => 1, 'apart' => 4, 'fromFront' => 10],
                ['kind' => 'ears', 'anchor' => 'change', 'number' => 1, 'offset' => 1],
            ],
        ]);
        foreach ([
            ['join' => 'opening', 'pieces' => ['tube'], 'take' => ['stitches' => 4]],
            ['join' => 'opening', 'pieces' => ['tube'], 'take' => ['from' => 2, 'to' => 6]],
            ['join' => 'bridge', 'pieces' => ['tube', 'tube'], 'across' => 3],
            ['join' => 'side', 'pieces' => ['tube'], 'round' => 3, 'to' => 5],
            ['join' => 'loops', 'pieces' => ['tube'], 'round' => 3],
        ] as $start) {
            yield Plans::values([], [], [], ['pieces' => [Plans::piece('tube', $tube, []), Plans::piece('on', ['sc around'], ['start' => $start])]]);
        }
        foreach (Specimens::all() as $plan) {
            yield $plan->values();
        }
    }
}
