<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\LabColour;
use Alternum\Core\Making\Guide\Flow;
use Alternum\Core\Making\Guide\Guide;
use Alternum\Core\Making\Guide\GuidedRound;
use Alternum\Core\Making\Guide\Stop;
use Alternum\Core\Making\Guide\Told;
use Alternum\Core\Making\Slip\Cause;
use Alternum\Core\Making\Slip\Look;
use Alternum\Core\Making\Slip\Mishap;
use Alternum\Core\Making\Slip\SlipTable;
use Alternum\Core\Making\Step\ChangeYarn;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Toy\WorkOrder;
use Alternum\Core\Toy\WorkTask;
use Alternum\Core\Words\Drawing\Drawings;
use Alternum\Core\Words\MishapWords;
use Alternum\Core\Words\SlipWords;
use Alternum\Core\Words\StepWords;
use Alternum\Core\Words\WorkWords;

/**
 * What the making page keeps: the order of a toy's work, and each piece stop by stop. Compact, as it is kept on a phone: contract/openapi.yaml, Guide.
 *
 * @phpstan-type WrittenTask array{key: string, piece: string|null, copy: int, group: int, name: string, text: string, rounds: int, stitches: int, aside: bool,
 *   needs: list<string>, mayGoWrong: list<array{trouble: string, remedy: string}>}
 */
final class GuideWriter
{
    /** @return array<string, mixed> the toy: its yarns, and what is made in which order */
    public static function toy(Analysis $analysis): array
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
                    'key' => $step['key'], 'piece' => null, 'copy' => 0, 'group' => 0, 'name' => '', 'text' => $step['text'], 'rounds' => 0, 'stitches' => 0,
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
                'name' => $name, 'text' => "Make {$name}", 'rounds' => \count($counts), 'stitches' => array_sum($counts), 'aside' => $task->isSideBySide,
                'needs' => [], 'mayGoWrong' => [],
            ];
        }

        return $tasks;
    }

    /**
     * @param int $at the set of yarns, from 0; one that is not there is the first
     *
     * @return array<string, mixed> one piece, stop by stop
     */
    public static function piece(Plan $plan, PieceAnalysis $piece, int $at = 0): array
    {
        $groups = $piece->piece->copies->groups();
        $words = StepsWriter::words($plan, $piece, $groups[$at] ?? $groups[0], $plan->terms);
        $guide = Flow::of($piece->site());
        $told = [];

        return [
            'piece' => $piece->piece->key,
            'group' => isset($groups[$at]) ? $at : 0,
            'name' => $piece->piece->name,
            'once' => $piece->piece->worked->once(),
            'worked' => $piece->piece->worked->value,
            'beginsAtTop' => $piece->stages->frame->beginsAtTop(),
            'makes' => self::makes($guide, $plan),
            'rounds' => array_values(array_map(static fn (GuidedRound $round): array => self::round($plan, $piece, $words, $round), $guide->rounds)),
            'slips' => self::slipWords($plan, $piece),
            'marks' => self::marks($piece),
            'stops' => array_map(static function (Stop $stop) use ($plan, $words, &$told): array {
                return self::stop($plan, $words, $stop, $told);
            }, $guide->stops),
        ];
    }

    /** @return array<string, int> stitches that each of its stitches leaves, by its abbreviation */
    private static function makes(Guide $guide, Plan $plan): array
    {
        $makes = [];
        $codes = array_unique(str_split(implode('', array_map(static fn (GuidedRound $round): string => $round->round->codes, $guide->rounds))));
        foreach (array_filter($codes, static fn (string $code): bool => '' !== $code) as $code) {
            $stitch = Stitch::ofCode($code);
            $makes[Vocabulary::of($plan->terms)->abbreviation($stitch)] = $stitch->makes();
        }

        return $makes;
    }

    /** @return array<string, mixed> */
    private static function round(Plan $plan, PieceAnalysis $piece, StepWords $words, GuidedRound $round): array
    {
        $number = $round->worked->from;
        $frame = $piece->stages->frame;
        $said = $words->rounds->groups($round->worked);
        $groups = [];
        foreach ($round->ends as $i => $end) {
            $yarns = implode('', array_map($words->letter(...), str_split($round->segments[$i]->yarns)));
            $groups[] = ['yarn' => $yarns, 'text' => $said[$i]['text'] ?? $words->rounds($round->worked), 'to' => $end];
        }
        $edge = $piece->form->outline[$number] ?? null;

        return [
            'makes' => $round->worked->makes,
            'total' => $round->total,
            'begins' => $frame->isFlat() ? 0 : round($frame->signedFromFront(360.0 * $frame->start($number)), 1),
            'across' => null === $edge ? 0 : round(2 * $edge->radius + $edge->straight, 1),
            'level' => null === $edge ? 0 : round($edge->level, 1),
            'groups' => $groups,
            'slips' => self::slips($plan, $piece, $round),
            'each' => self::each($round->round->codes, $plan),
        ];
    }

    /** @return list<array{by: int, right: int|null, causes: list<string>, looks: list<string>, goOn: string|null}> what it may have by one mistake */
    private static function slips(Plan $plan, PieceAnalysis $piece, GuidedRound $round): array
    {
        $stages = $piece->stages;
        $words = new SlipWords($piece->piece->worked, $piece->finishing->end, $plan->terms);
        $table = new SlipTable($stages->reading, $stages->frame, $stages->colouring, $piece->piece->worked);
        $slips = [];
        foreach ($table->of($round->worked->from) as $by => $slip) {
            $right = $stages->reading->rounds[($slip->mending->right ?? 0) - 1] ?? null;
            $slips[] = [
                'by' => $by,
                'right' => $slip->mending?->right,
                'causes' => array_column($slip->diagnosis->causes, 'value'),
                'looks' => array_column($slip->diagnosis->looks, 'value'),
                'goOn' => $words->goOn($slip, $round->worked->from, $round->worked->makes, $by, $right->makes ?? 0, \count($round->segments) > 1),
            ];
        }

        return $slips;
    }

    /** @return array{causes: list<array{key: string, text: string, shows: array<string, string>}>, looks: list<array<string, mixed>>} all that they name */
    private static function slipWords(Plan $plan, PieceAnalysis $piece): array
    {
        $words = new SlipWords($piece->piece->worked, $piece->finishing->end, $plan->terms);
        $causes = $looks = [];
        foreach (Cause::cases() as $cause) {
            $shows = [];
            foreach (Look::cases() as $look) {
                $shows[$look->value] = $look->shows($cause)->value;
                $looks[$look->value] ??= ['key' => $look->value, 'ask' => $words->look($look), 'results' => []];
                $looks[$look->value]['results'][$look->shows($cause)->value] = $words->result($look, $look->shows($cause));
            }
            $causes[] = ['key' => $cause->value, 'text' => $words->cause($cause), 'shows' => $shows];
        }

        return ['causes' => $causes, 'looks' => array_values($looks)];
    }

    /** @return list<string> its stitches in working order, how many one after the other: "2 sc" */
    private static function each(string $codes, Plan $plan): array
    {
        $each = [];
        for ($i = 0, $end = \strlen($codes); $i < $end; $i += $times) {
            $times = strspn($codes, $codes[$i], $i);
            $each[] = "{$times} ".Vocabulary::of($plan->terms)->abbreviation(Stitch::ofCode($codes[$i]));
        }

        return $each;
    }

    /** @return list<array{round: int, degrees: list<float>, is: string}> what is put on it, in degrees from the front */
    private static function marks(PieceAnalysis $piece): array
    {
        $marks = [];
        foreach ($piece->placing->placed as $placed) {
            $marks[] = [
                'round' => $placed->round,
                'degrees' => array_map(static fn (float $degrees): float => round($piece->stages->frame->signedFromFront($degrees), 1), $placed->degrees),
                'is' => $placed->placement->named(),
            ];
        }

        return $marks;
    }

    /**
     * @param array<string, true> $wrong troubles that were told, by name, and added to
     *
     * @return array<string, mixed>
     */
    private static function stop(Plan $plan, StepWords $words, Stop $stop, array &$wrong): array
    {
        $told = [];
        $mayGoWrong = [];
        foreach ($stop->told as $one) {
            $text = $one->step->toDo($words, false);
            array_push($mayGoWrong, ...StepsWriter::wrong($one->step->mayGoWrong(), $wrong));
            if ('' !== $text) {
                $told[] = self::told($words, $one, $text);
            }
        }
        array_push($mayGoWrong, ...StepsWriter::wrong(null === $stop->step ? [] : $stop->step->mayGoWrong(), $wrong));

        return ['round' => $stop->round, 'from' => $stop->from, 'to' => $stop->to]
            + (null === $stop->group ? [] : ['group' => $stop->group])
            + (null !== $stop->group || null !== $stop->step ? [] : ['key' => 'told', 'kind' => 'note', 'text' => '', 'needs' => [], 'trouble' => null])
            + (null === $stop->step ? [] : [
                'key' => $stop->step->key(), 'kind' => $stop->step->kind()->value, 'text' => $stop->step->toDo($words, false),
                'needs' => $stop->step->needs(), 'trouble' => $stop->step->trouble(),
            ] + self::drawn($stop->step->drawings()))
            + (null === $stop->until ? [] : ['until' => $stop->until])
            + ([] === $told ? [] : ['told' => $told])
            + ([] === $mayGoWrong ? [] : ['mayGoWrong' => $mayGoWrong]);
    }

    /**
     * @param list<string> $drawings
     *
     * @return array{drawings?: list<string>} of how it is done, where there are some
     */
    private static function drawn(array $drawings): array
    {
        return [] === $drawings ? [] : ['drawings' => $drawings];
    }

    /** @return array<string, string|int|list<string>> */
    private static function told(StepWords $words, Told $told, string $text): array
    {
        $change = $told->step instanceof ChangeYarn ? $told->step->change->yarns : null;

        return ['key' => $told->step->key(), 'kind' => $told->step->kind()->value, 'at' => $told->at, 'text' => $text]
            + (null === $change ? [] : ['takes' => $words->letter($change->to)])
            + self::drawn($told->step instanceof ChangeYarn ? Drawings::ofChange($told->step->change) : $told->step->drawings())
            + (OldYarn::Cut === $change?->old ? ['cuts' => $words->letter($change->from)] : []);
    }
}
