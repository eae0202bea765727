<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Exchange;

use Alternum\Core\Tests\ContractedPlan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** Every word that can be chosen in a plan: the contract and the reader take the same ones at the same place. */
final class ContractWordsTest extends TestCase
{
    public function testContractAndReaderTakeTheSameWords(): void
    {
        $lists = self::lists(self::contract());
        $words = array_values(array_unique(array_merge(...$lists)));
        self::assertGreaterThan(60, \count($words));
        $taken = [];
        foreach (self::full() as $plan) {
            self::assertTrue(ContractedPlan::isValid($plan), 'What is tried from is right.');
            foreach (self::places($plan, $words) as $place) {
                $shape = (string) preg_replace('/\.\d+/', '[]', implode('.', $place));
                foreach (\in_array(self::at($plan, $place), $taken[$shape] ?? [], true) ? [] : $words as $word) {
                    $other = ContractedPlan::with($plan, $place, $word);
                    $isValid = ContractedPlan::isValid($other);
                    self::assertSame($isValid, ContractedPlan::isRead($other), "{$shape}: {$word}");
                    if ($isValid) {
                        $taken[$shape][] = $word;
                    }
                }
            }
        }
        foreach ($lists as $at => $list) {
            $at = array_filter($taken, static fn (array $words): bool => [] === array_diff($list, $words));
            self::assertNotSame([], $at, 'Tried nowhere: '.implode(', ', $list));
        }
    }

    /** @return array<mixed> */
    private static function contract(): array
    {
        $contract = json_decode((string) file_get_contents(\dirname(__DIR__, 3).'/contract/plan.schema.json'), true);
        self::assertIsArray($contract);

        return $contract;
    }

    /**
     * @param array<mixed> $schema
     *
     * @return list<list<string>> the words of every list of words in it
     */
    private static function lists(array $schema): array
    {
        $lists = [];
        foreach ($schema as $name => $value) {
            if ('enum' === $name && \is_array($value)) {
                $lists[] = array_values(array_filter($value, \is_string(...)));
            } elseif (\is_array($value)) {
                array_push($lists, ...self::lists($value));
            }
        }

        return $lists;
    }

    /**
     * @param array<mixed>     $plan
     * @param list<string>     $words
     * @param list<int|string> $at
     *
     * @return iterable<list<int|string>> where one of the words stands
     */
    private static function places(array $plan, array $words, array $at = []): iterable
    {
        foreach ($plan as $name => $value) {
            if (\is_array($value)) {
                yield from self::places($value, $words, [...$at, $name]);
            } elseif (\in_array($value, $words, true) && !\in_array($name, ['key', 'name', 'yarn', 'piece'], true)) {
                yield [...$at, $name];
            }
        }
    }

    /**
     * @param array<mixed>     $plan
     * @param list<int|string> $place
     */
    private static function at(array $plan, array $place): mixed
    {
        return array_reduce($place, static fn (mixed $there, int|string $name): mixed => \is_array($there) ? $there[$name] : null, $plan);
    }

    /** @return iterable<array<mixed>> plans in which every list of words is chosen from somewhere */
    private static function full(): iterable
    {
        $rounds = ['6 sc in MR', 'inc x6', 'R3-8: sc around', '(2 sc, dec) x3'];
        $tails = ['old' => 'weave', 'new' => 'inside'];
        $all = Plans::piece('all', $rounds, [
            'lift' => 'none', 'worked' => 'joined', 'closing' => 'first-stitch', 'firstRound' => 'top',
            'changes' => ['method' => 'plain', 'oldYarn' => 'cut', 'tails' => $tails, 'at' => [
                ['round' => 3, 'method' => 'plain', 'oldYarn' => 'cut', 'tails' => $tails],
            ]],
            'finish' => ['ring' => 'at-once', 'start' => 'weave', 'end' => 'open', 'stuffing' => ['firmness' => 'firm']],
            'colours' => [
                ['kind' => 'band', 'where' => ['part' => 'first', 'rounds' => 2], 'yarn' => 'B'],
                ['kind' => 'band', 'where' => ['part' => 'even'], 'yarn' => 'A'],
            ],
            'placements' => [
                ['key' => 'looks', 'kind' => 'eyes', 'anchor' => 'round', 'number' => 3],
                ['kind' => 'ears', 'anchor' => 'widest'],
                ['kind' => 'tail', 'anchor' => 'placement', 'of' => 'looks'],
                ['kind' => 'other', 'anchor' => 'widest', 'across' => ['from' => 'mirror', 'of' => 'looks']],
            ],
        ]);
        $on = static fn (array $start): array => Plans::piece('on', ['sc around'], ['start' => $start]);
        foreach ([
            ['join' => 'opening', 'pieces' => ['all']],
            ['join' => 'layers', 'pieces' => ['all', 'all']],
            ['join' => 'side', 'pieces' => ['all'], 'round' => 3, 'to' => 5],
        ] as $start) {
            $stretch = ['piece' => 'All', 'measure' => 'width', 'mm' => 60, 'stitchesPer10cm' => 22, 'times' => 1.2];
            yield Plans::values([], [], [], [
                'yarns' => [
                    ['key' => 'A', 'name' => '', 'hex' => '#ffffff', 'weight' => 'dk', 'metresPer100g' => 250, 'texture' => 'plush'],
                    ['key' => 'B', 'name' => '', 'hex' => '#000000', 'weight' => 'dk', 'metresPer100g' => 250],
                    [
                        'key' => 'M', 'name' => '', 'hex' => '#000000', 'weight' => 'dk', 'metresPer100g' => 250,
                        'held' => [['yarn' => 'A'], ['yarn' => 'B']], 'gauge' => ['stitchesPer10cm' => 20],
                    ],
                ],
                'gauge' => ['stitchesPer10cm' => 22, 'stretch' => $stretch],
                'marker' => 'first',
                'workOrder' => 'pieces',
                'changes' => ['method' => 'plain', 'oldYarn' => 'auto'],
                'pieces' => [$all, $on($start)],
                'assembly' => [['key' => 'j1', 'part' => 'on', 'onto' => 'all', 'at' => ['anchor' => 'widest'], 'edge' => 'open', 'hold' => 'whip']],
            ]);
        }
    }
}
