<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\StandsForGroup;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Exchange\ShelfSummary;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Plan;
use Alternum\Server\Repository\PlanVersions;
use Alternum\Server\Repository\StoredPlans;
use Psr\Clock\ClockInterface;

/**
 * Makes operations on a saved plan. Each is made once: one that comes again, because its answer was lost, is answered as it was then. One
 * that is refused is set aside alone, and those after it are made without it.
 */
final readonly class Saving
{
    /** Operations of which it is remembered what became of them, besides those of the last message. */
    private const REMEMBERED = 64;

    public function __construct(private StoredPlans $plans, private PlanVersions $versions, private ClockInterface $clock)
    {
    }

    /**
     * The caller holds a lock on the plan.
     *
     * @return Saved|null null: somebody else saved since the revision that they are based on, and nothing is changed
     *
     * @throws InvalidFields where the message is none
     */
    public function operations(StoredPlan $stored, OperationsMessage $message): ?Saved
    {
        $results = [];
        $known = $stored->results;
        $expected = $message->base;
        $ids = $message->ids();
        while (isset($ids[\count($results)], $known[$ids[\count($results)]])) {
            $result = Result::remembered($ids[\count($results)], $known[$ids[\count($results)]]);
            $results[] = $result;
            $expected = $result->revision;
        }
        $plan = PlanReader::json($stored->body);
        if (\count($results) === \count($ids)) {
            return new Saved($stored, $plan, Analysis::of($plan), $results);
        }
        if ($expected !== $stored->revision) {
            return null;
        }

        return $this->make($stored, $plan, $message, $results);
    }

    /** @param list<Result> $results of operations that came before */
    private function make(StoredPlan $stored, Plan $plan, OperationsMessage $message, array $results): Saved
    {
        $now = $stored;
        $began = null;
        $remembered = $stored->results;
        $ids = $message->ids();
        $end = \count($ids);
        for ($i = \count($results); $i < $end; ++$i) {
            try {
                $operation = $message->operation($i);
                $goesOn = $operation->group === $now->undoGroup;
                $from = $plan;
                if ($goesOn && $operation->edit instanceof StandsForGroup) {
                    $began ??= $this->versions->newestBody($stored->id);
                    $from = null === $began ? $plan : PlanReader::json($began);
                }
                $changed = $operation->edit->apply($from);
                $written = PlanWriter::compact($changed);
                if (!$goesOn) {
                    $now === $stored ? $this->plans->keepStored($now) : $this->plans->keep($now);
                    $began = $now->body;
                }
                $now = $now->changed($changed->title, $written, $operation->group, $operation->edit->inWords(), $this->clock->now());
                $plan = $changed;
                $result = Result::made($operation->id, $now->revision);
            } catch (InvalidFields|EditRefused $why) {
                $result = Result::refused($ids[$i], $now->revision, $why);
            }
            $results[] = $result;
            $remembered[$result->id] = $result->kept();
        }
        $analysis = Analysis::of($plan);
        $isChanged = $now->revision > $stored->revision;
        $now = $now->remembering(\array_slice($remembered, -max(self::REMEMBERED, $end), null, true));
        $this->plans->write($now, $isChanged ? ShelfSummary::values($analysis) : null);
        if ($isChanged) {
            $this->versions->thinOut($now);
        }

        return new Saved($now, $plan, $analysis, $results);
    }
}
