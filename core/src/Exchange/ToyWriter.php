<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\Step\JoinOn;
use Alternum\Core\Making\Step\LayThreadOver;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Toy\LaidJoint;
use Alternum\Core\Toy\LaidThread;
use Alternum\Core\Toy\WorkOrder;
use Alternum\Core\Words\JointWords;
use Alternum\Core\Words\StepWords;
use Alternum\Core\Words\ThreadWords;
use Alternum\Core\Words\WhereWords;
use Alternum\Core\Words\WorkWords;
use Alternum\Core\Words\YarnWords;

/**
 * What is embroidered and what is put together, as values for JSON: contract/analysis.schema.json.
 *
 * @phpstan-type PutTogether array{key: string, joint: string|null, text: string, needs: list<string>, mayGoWrong: list<array{trouble: string, remedy: string}>}
 */
final class ToyWriter
{
    /** @return array<string, mixed> */
    public static function thread(Plan $plan, PieceAnalysis $piece, LaidThread $laid): array
    {
        $last = \count($piece->stages->reading->rounds);

        return [
            'key' => $laid->thread->key,
            'kind' => $laid->thread->kind::kind(),
            'yarn' => $laid->thread->yarn,
            'round' => $laid->spot->round,
            'degrees' => array_map(Rounded::of(...), $laid->spot->degrees),
            'strokes' => array_map(
                static fn (array $stroke): array => array_map(Rounded::of(...), [...$stroke[0], ...$stroke[1]]),
                $laid->strokes,
            ),
            'cm' => $laid->cutCm(),
            'summary' => ThreadWords::summary($laid, $last),
            'said' => WhereWords::said($plan, $piece->piece->key, $laid->thread->place, $piece->stages->frame->beginsAtTop() ? -1 : 1),
        ];
    }

    /** @return array<string, mixed> */
    public static function joint(Plan $plan, LaidJoint $laid): array
    {
        return [
            'key' => $laid->joint->key,
            'part' => $laid->joint->part,
            'onto' => $laid->joint->onto,
            'round' => $laid->spot->round,
            'degrees' => array_map(Rounded::of(...), $laid->spot->degrees),
            'after' => array_map(Rounded::of(...), $laid->spot->after),
            'seamMm' => Rounded::of($laid->seamMm),
            'cm' => $laid->cutCm(),
            'summary' => JointWords::summary($plan, $laid),
            'said' => WhereWords::said($plan, $laid->joint->onto, $laid->joint->place, $laid->onto->up),
            'remarks' => JointWords::remarks(new YarnWords($plan, []), $laid),
        ];
    }

    /**
     * How the pieces come together, in an order that hands can follow; what is laid from one to the other once they are joined.
     *
     * @return list<PutTogether>
     */
    public static function assembly(Analysis $analysis, Terms $terms): array
    {
        $steps = $told = $wrong = [];
        $strands = self::strands($analysis, $terms);
        foreach (JoinOn::all($analysis->assembled->ordered()) as $step) {
            $joint = $step->laid->joint;
            $onto = $analysis->piece($joint->onto);
            if (null !== $onto) {
                $words = StepsWriter::words($analysis->plan, $onto, $onto->piece->copies->groups()[0], $terms);
                $steps[] = ['mayGoWrong' => StepsWriter::wrong($step->mayGoWrong(), $wrong)]
                    + self::step($step, $words, isset($told[$joint->hold::kind()]), $joint->key);
                array_push($steps, ...$strands[$joint->key] ?? []);
                $told[$joint->hold::kind()] = true;
            }
        }

        return $steps;
    }

    /** @return array<string, non-empty-list<PutTogether>> by the joint that they wait for */
    private static function strands(Analysis $analysis, Terms $terms): array
    {
        $strands = [];
        foreach ($analysis->pieces as $piece) {
            foreach ($piece->threads->all as $laid) {
                if (null !== $laid->far) {
                    $words = StepsWriter::words($analysis->plan, $piece, $piece->piece->copies->groups()[0], $terms);
                    $step = LayThreadOver::of($piece->piece->key, \count($piece->stages->reading->rounds), $laid);
                    $strands[$laid->far->joint][] = self::step($step, $words, false, null);
                }
            }
        }

        return $strands;
    }

    /** @return PutTogether */
    private static function step(Step $step, StepWords $words, bool $isBrief, ?string $joint): array
    {
        return ['key' => $step->key(), 'joint' => $joint, 'text' => $step->toDo($words, $isBrief), 'needs' => $step->needs(), 'mayGoWrong' => []];
    }

    /** @return array<string, non-empty-list<PutTogether>> what puts parts on, by the joint with which it is done */
    public static function byJoint(Analysis $analysis, Terms $terms): array
    {
        $together = [];
        $joint = null;
        foreach (self::assembly($analysis, $terms) as $step) {
            $joint = $step['joint'] ?? $joint;
            $together[$joint ?? ''][] = $step;
        }

        return $together;
    }

    /**
     * The whole toy in the order in which it is made: pieces, and how they come together.
     *
     * @return list<PutTogether>
     */
    public static function order(Analysis $analysis, Terms $terms): array
    {
        $together = self::byJoint($analysis, $terms);
        $order = [];
        foreach (WorkOrder::of($analysis->plan, $analysis->assembled->ordered()) as $task) {
            if (null !== $task->piece) {
                $key = "make {$task->piece->key} {$task->copy}";
                $order[] = ['key' => $key, 'joint' => null, 'text' => WorkWords::make($task->piece, $task), 'needs' => [], 'mayGoWrong' => []];
            }
            array_push($order, ...null === $task->joint ? [] : $together[$task->joint->joint->key] ?? []);
        }

        return $order;
    }
}
