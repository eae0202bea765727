<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\LabColour;
use Alternum\Core\Making\Slip\Mishap;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Toy\WorkOrder;
use Alternum\Core\Toy\WorkTask;
use Alternum\Core\Words\MishapWords;
use Alternum\Core\Words\WorkWords;

/**
 * What is made of a toy in which order, as the making page keeps it: contract/openapi.yaml, GuidedToy.
 *
 * @phpstan-type WrittenTask array{key: string, piece: string|null, copy: int, group: int, name: string, text: string, rounds: int, aside: bool,
 *   needs: list<string>, mayGoWrong: list<array{trouble: string, remedy: string}>}
 */
final class GuidedToyWriter
{
    /** @return array<string, mixed> the toy: its yarns, and what is made in which order */
    public static function values(Analysis $analysis): array
    {
        $plan = $analysis->plan;

        return [
            'title' => $plan->title,
            'hand' => $plan->hand->value,
            'yarns' => array_map(
                static fn (Yarn $yarn): array => ['key' => $yarn->key, 'name' => $yarn->name, 'hex' => LabColour::shown($yarn)],
                $plan->yarns,
            ),
            'park' => WorkWords::park(),
            'mishaps' => array_map(static fn (Mishap $mishap): array => [
                'key' => $mishap->value, 'name' => MishapWords::name($mishap), 'ways' => MishapWords::ways($mishap),
            ], Mishap::cases()),
            'tasks' => self::tasks($analysis),
        ];
    }

    /** @return array<string, list<int>> stitches of each round, by task */
    public static function counts(Analysis $analysis): array
    {
        $counts = [];
        foreach ($analysis->pieces as $piece) {
            for ($copy = 1; $copy <= $piece->piece->copies->count; ++$copy) {
                $counts["{$piece->piece->key}.{$copy}"] = $piece->stages->fabric->counts();
            }
        }

        return $counts;
    }

    /** @return list<WrittenTask> one for each copy of a piece, and for each thing that puts them together */
    public static function tasks(Analysis $analysis): array
    {
        $tasks = [];
        $together = ToyWriter::byJoint($analysis, $analysis->plan->terms);
        foreach (WorkOrder::of($analysis->plan, $analysis->assembled->ordered()) as $task) {
            array_push($tasks, ...self::copies($analysis, $task));
            foreach (null === $task->joint ? [] : $together[$task->joint->joint->key] ?? [] as $step) {
                $tasks[] = [
                    'key' => $step['key'], 'piece' => null, 'copy' => 0, 'group' => 0, 'name' => '', 'text' => $step['text'], 'rounds' => 0,
                    'aside' => false, 'needs' => $step['needs'], 'mayGoWrong' => $step['mayGoWrong'],
                ];
            }
        }

        return $tasks;
    }

    /** @return list<WrittenTask> */
    private static function copies(Analysis $analysis, WorkTask $task): array
    {
        $tasks = [];
        $counts = $analysis->piece($task->piece->key ?? '')?->stages->fabric->counts() ?? [];
        for ($copy = $task->copy; null !== $task->piece && $copy < $task->copy + $task->count; ++$copy) {
            $name = WorkWords::copy($task->piece, $copy);
            $tasks[] = [
                'key' => "{$task->piece->key}.{$copy}", 'piece' => $task->piece->key, 'copy' => $copy, 'group' => $task->piece->copies->groupOf($copy),
                'name' => $name, 'text' => '', 'rounds' => \count($counts), 'aside' => $task->isSideBySide,
                'needs' => [], 'mayGoWrong' => [],
            ];
        }

        return $tasks;
    }
}
