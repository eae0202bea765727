<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Toy\JointOrder;
use Alternum\Core\Toy\LaidJoint;

/** Puts a part on earlier or later than it is, as far as nothing stands in the way; from then on the order is the maker's. */
final readonly class MoveJoint implements EditKind
{
    /** @param int $by places earlier where negative, else later */
    private function __construct(private string $key, private int $by)
    {
    }

    public static function words(): array
    {
        return ['order'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('key', 40), $fields->whole('by', -Limits::JOINTS, Limits::JOINTS));
    }

    public function apply(Plan $plan): Plan
    {
        $assembled = Analysis::of($plan)->assembled;
        $order = $assembled->ordered();
        $keys = array_map(static fn (LaidJoint $laid): string => $laid->joint->key, $order);
        $from = array_search($this->key, $keys, true);
        if (false === $from) {
            throw EditRefused::because('value.gone', at: $this->key);
        }
        $to = max(0, min(\count($order) - 1, $from + $this->by));
        [$moved] = array_splice($order, $from, 1);
        array_splice($order, $to, 0, [$moved]);
        $clash = JointOrder::clash($order);
        if (null !== $clash) {
            [$first, $then] = $clash;
            throw EditRefused::because('order.waits', part: $then->part->name, onto: $then->onto->name, first: $first->part->name, on: $first->onto->name);
        }
        $made = array_map(static fn (LaidJoint $laid): Joint => $laid->joint, $order);
        $left = array_filter($plan->assembly, static fn (Joint $joint): bool => !\in_array($joint->key, $keys, true));

        return $plan->withAssembly([...$made, ...array_values($left)])->keepingOrder(true);
    }

    public function inWords(): string
    {
        return 'Order of the parts';
    }
}
