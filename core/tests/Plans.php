<?php

declare(strict_types=1);

namespace Alternum\Core\Tests;

use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Words\ChangeWords;
use Alternum\Core\Words\SideWords;
use Alternum\Core\Words\YarnWords;

/** Plans for the tests. */
final class Plans
{
    /** @return list<string> the demo plans' paths */
    public static function demoFiles(): array
    {
        $files = glob(\dirname(__DIR__, 2).'/demo/*.json');

        return false === $files ? [] : $files;
    }

    /** A ball from 6 with k increase rounds: common practice, no source. k growing, k + 1 even, k − 1 shrinking to 6. */
    private const TIMES = 6;

    /** @return list<string> */
    public static function ball(int $k): array
    {
        $lines = [self::TIMES.' sc in MR', 'inc x6'];
        for ($n = 1; $n < $k - 1; ++$n) {
            $lines[] = "({$n} sc, inc) x6";
        }
        array_push($lines, ...array_fill(0, $k + 1, 'sc around'));
        for ($n = $k - 2; $n > 0; --$n) {
            $lines[] = "({$n} sc, dec) x6";
        }
        $lines[] = 'dec x6';

        return $lines;
    }

    /**
     * @param list<string>       $rounds
     * @param list<array<mixed>> $colours
     * @param array<mixed>       $piece   fields that differ
     * @param array<mixed>       $plan    fields that differ
     */
    public static function of(array $rounds, array $colours = [], array $piece = [], array $plan = []): Plan
    {
        return PlanReader::values(self::values($rounds, $colours, $piece, $plan));
    }

    /**
     * @param list<string>       $rounds
     * @param list<array<mixed>> $colours
     * @param array<mixed>       $piece
     * @param array<mixed>       $plan
     *
     * @return array<mixed>
     */
    public static function values(array $rounds, array $colours = [], array $piece = [], array $plan = []): array
    {
        return array_replace([
            'format' => 'alternum-plan', 'version' => 1, 'title' => 'Trial', 'terms' => 'us', 'hand' => 'right', 'units' => 'metric',
            'yarns' => [
                ['key' => 'A', 'name' => 'Chalk', 'hex' => '#F2EDE4', 'weight' => 'dk', 'metresPer100g' => 250, 'onHandGrams' => 50],
                ['key' => 'B', 'name' => 'Brick', 'hex' => '#A04030', 'weight' => 'dk', 'metresPer100g' => 250],
            ],
            'gauge' => ['stitchesPer10cm' => 22, 'roundsPer10cm' => 24, 'hookMm' => 3.0],
            'yarnUse' => ['basis' => 'guess', 'sparePercent' => 10, 'tailCm' => 15, 'sewingTailCm' => 40],
            'pieces' => [self::piece('body', $rounds, $piece + ['colours' => $colours])],
        ], $plan);
    }

    /**
     * @param list<string> $rounds
     * @param array<mixed> $fields that differ
     *
     * @return array<mixed> in the plan's format, for the field "pieces" of a plan
     */
    public static function piece(string $key, array $rounds, array $fields = []): array
    {
        return array_replace([
            'key' => $key, 'name' => ucfirst($key), 'copies' => 1, 'worked' => 'spiral', 'rounds' => $rounds, 'front' => ['degrees' => 180],
            'colours' => [], 'changes' => ['method' => 'auto'], 'placements' => [],
        ], $fields);
    }

    /**
     * @param list<array{string, int}> $sequence
     *
     * @return array<string, mixed>
     */
    public static function stripes(int $from, int $to, array $sequence): array
    {
        return [
            'kind' => 'stripes',
            'from' => $from,
            'to' => $to,
            'sequence' => array_map(static fn (array $s): array => ['yarn' => $s[0], 'rounds' => $s[1]], $sequence),
        ];
    }

    /** What is said of the changes of a piece, as it is made in its own yarns. */
    public static function changeWords(Plan $plan, PieceAnalysis $piece, Terms $terms): ChangeWords
    {
        return new ChangeWords(
            plan: $plan,
            piece: $piece->piece,
            fabric: $piece->stages->fabric,
            reading: $piece->stages->reading,
            finishing: $piece->finishing,
            yarns: new YarnWords($plan),
            sides: SideWords::of($piece->stages->frame->lies()),
            terms: $terms,
        );
    }
}
