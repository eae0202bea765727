<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

use Alternum\Core\Plan\Assembly\WorkMode;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** The order in which a toy is made: nothing before what it begins on or is put on, and otherwise in the plan's order. */
final class WorkOrder
{
    /** @var array<string, int> copies that are made, by piece */
    private array $made = [];
    /** @var list<WorkTask> */
    private array $tasks = [];

    private function __construct(private readonly Plan $plan)
    {
    }

    /**
     * @param list<LaidJoint> $joints in the order in which they are made
     *
     * @return list<WorkTask>
     */
    public static function of(Plan $plan, array $joints): array
    {
        $order = new self($plan);
        foreach (WorkMode::PartByPart === $plan->workMode ? $joints : [] as $laid) {
            $order->make($plan->piece($laid->joint->onto));
            $order->make($plan->piece($laid->joint->part), $laid->joint->copy + $laid->joint->count() - 1);
            $order->tasks[] = WorkTask::join($laid);
        }
        foreach ($plan->pieces as $piece) {
            $order->make($piece);
        }
        foreach (WorkMode::PartByPart === $plan->workMode ? [] : $joints as $laid) {
            $order->tasks[] = WorkTask::join($laid);
        }

        return $order->tasks;
    }

    /** @param int|null $upTo so many copies; null: all */
    private function make(?Piece $piece, ?int $upTo = null): void
    {
        $made = $this->made[$piece->key ?? ''] ?? 0;
        if (null === $piece || [] === $piece->rounds || $made >= ($upTo ?? $piece->copies->count)) {
            return;
        }
        // Noted before what it begins on, so that none waits for itself.
        $this->made[$piece->key] = $upTo ?? $piece->copies->count;
        foreach ($piece->start->pieces ?? [] as $key) {
            $this->make($this->plan->piece($key));
        }
        $this->tasks[] = WorkTask::make($piece, $made + 1, $this->made[$piece->key] - $made, WorkMode::SideBySide === $this->plan->workMode);
    }
}
