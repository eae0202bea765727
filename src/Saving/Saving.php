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
use Alternum\Server\Entity\PlanVersion;
use Alternum\Server\Entity\SavedPlan;
use Alternum\Server\Repository\PlanVersions;
use Alternum\Server\Repository\SavedPlans;
use Psr\Clock\ClockInterface;

/**
 * Makes operations on a saved plan. Each is made once: one that comes again, because its answer was lost, is answered as it was then. One
 * that is refused is set aside alone, and those after it are made without it.
 */
final readonly class Saving
{
    /** Operations of which it is remembered what became of them. */
    private const REMEMBERED = 200;

    public function __construct(private SavedPlans $plans, private PlanVersions $versions, private ClockInterface $clock)
    {
    }

    /**
     * The caller holds a lock on the plan.
     *
     * @return Saved|null null: somebody else saved since the revision that they are based on, and nothing is changed
     *
     * @throws InvalidFields where the message is none
     */
    public function operations(SavedPlan $saved, OperationsMessage $message): ?Saved
    {
        $results = [];
        $known = $saved->results();
        $expected = $message->base;
        $ids = $message->ids();
        while (isset($ids[\count($results)], $known[$ids[\count($results)]])) {
            $result = Result::remembered($ids[\count($results)], $known[$ids[\count($results)]]);
            $results[] = $result;
            $expected = $result->revision;
        }
        $plan = PlanReader::json($saved->body());
        if (\count($results) === \count($ids)) {
            return new Saved($plan, Analysis::of($plan), $results);
        }
        if ($expected !== $saved->revision()) {
            return null;
        }

        return $this->make($saved, $plan, $message, $results);
    }

    /** @param list<Result> $results of operations that came before */
    private function make(SavedPlan $saved, Plan $plan, OperationsMessage $message, array $results): Saved
    {
        $revision = $saved->revision();
        $group = $saved->undoGroup();
        $says = $saved->says();
        $body = $saved->body();
        $savedAt = $saved->savedAt();
        $began = null;
        $remembered = $saved->results();
        $versions = [];
        for ($i = \count($results), $ids = $message->ids(), $end = \count($ids); $i < $end; ++$i) {
            try {
                $operation = $message->operation($i);
                $goesOn = $operation->group === $group;
                $from = $plan;
                if ($goesOn && $operation->edit instanceof StandsForGroup) {
                    $began ??= $this->versions->newest($saved);
                    $from = null === $began ? $plan : PlanReader::json($began->body());
                }
                $changed = $operation->edit->apply($from);
                $written = PlanWriter::compact($changed);
                if (!$goesOn) {
                    $began = new PlanVersion($saved, $revision, $body, $says, $savedAt);
                    $versions[] = $began;
                    $group = $operation->group;
                }
                [$plan, $body, $says, $savedAt] = [$changed, $written, $operation->edit->inWords(), $this->clock->now()];
                $result = Result::made($operation->id, ++$revision);
            } catch (InvalidFields|EditRefused $why) {
                $result = Result::refused($ids[$i], $revision, $why);
            }
            $results[] = $result;
            $remembered[$result->id] = $result->kept();
        }
        $analysis = Analysis::of($plan);
        if ($revision > $saved->revision()) {
            foreach ($versions as $version) {
                $this->versions->keep($version);
            }
            $saved->save($plan->title, $body, ShelfSummary::values($analysis), $savedAt, $revision - $saved->revision());
            $saved->did($group, mb_substr($says, 0, 120));
            $this->versions->thinOut($saved, $savedAt);
        }
        $saved->remember(\array_slice($remembered, -self::REMEMBERED, null, true));
        $this->plans->write($saved);

        return new Saved($plan, $analysis, $results);
    }
}
