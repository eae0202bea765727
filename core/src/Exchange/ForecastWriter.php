<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Making\Forecast\Pace;
use Alternum\Core\Making\Forecast\RoundTime;
use Alternum\Core\Making\Forecast\YarnForecast;
use Alternum\Core\Making\Forecast\YarnsLeft;
use Alternum\Core\Making\Journal\Journal;
use Alternum\Core\Words\ForecastWords;

/** When a toy will be done and whether its yarn lasts, as values for JSON: contract/openapi.yaml, Forecast. */
final class ForecastWriter
{
    /** @return array<string, mixed> */
    public static function values(Analysis $analysis, Journal $journal): array
    {
        $counts = GuidedToyWriter::counts($analysis);
        $pace = Pace::of($journal, $counts);
        $progress = $journal->progress();
        $tasks = [];
        foreach (GuidedToyWriter::tasks($analysis) as $task) {
            if (null !== $task['piece']) {
                $tasks[$task['key']] = array_sum($counts[$task['key']] ?? []) - $progress->task($task['key'])->worked($counts[$task['key']] ?? []);
            }
        }

        return [
            'stitchesPerMinute' => null === $pace->perMinute ? null : Rounded::of($pace->perMinute),
            'rounds' => array_map(
                static fn (RoundTime $time): array => ['task' => $time->task, 'round' => $time->round, 'seconds' => (int) round($time->seconds)],
                $pace->rounds,
            ),
            'tasks' => array_map(static fn (string $task, int $stitches): array => [
                'task' => $task,
                'stitches' => $stitches,
                'minutes' => null === $pace->perMinute ? null : (int) ceil($stitches / $pace->perMinute),
            ], array_keys($tasks), $tasks),
            'minutes' => null === $pace->perMinute ? null : (int) ceil(array_sum($tasks) / $pace->perMinute),
            'yarns' => array_map(static fn (YarnForecast $yarn): array => [
                'yarn' => $yarn->yarn,
                'leftGrams' => Rounded::of($yarn->left),
                'enough' => $yarn->isEnough(),
                'says' => trim(ForecastWords::says($yarn).' '.ForecastWords::hand($yarn)),
                'waysOut' => ForecastWords::waysOut($yarn),
            ], YarnsLeft::of($analysis->plan, $analysis->ledger(), array_keys($tasks), $journal)),
        ];
    }
}
