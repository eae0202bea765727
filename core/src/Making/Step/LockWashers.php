<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Fabric\FabricRound;
use Alternum\Core\Form\Openings;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\Placed;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Plan\Place;
use Alternum\Core\Toy\LaidThread;

/**
 * A face is tried and looked at before it is locked: washers go on last, as they do not come off again; what is embroidered by them while the piece is
 * open comes before, what is embroidered later is marked. Common practice, no source.
 */
final readonly class LockWashers extends Step implements StandsAfterRound
{
    /**
     * @param list<string> $marked what is embroidered by them later
     * @param bool         $isDeep fingers do not reach so far down
     * @param int          $reach  the last round at which all of them are in reach
     */
    private function __construct(StepAddress $at, private array $marked, private bool $isDeep, private int $reach)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        $washers = array_filter($site->placing->placed, static fn (Placed $one): bool => $one->placement->kind->hasWasher() && !$one->isOutOfReach());
        if ([] === $washers) {
            return;
        }
        $keys = array_values(array_map(static fn (Placed $placed): string => $placed->placement->key, $washers));
        $goWith = array_filter($site->threads->all, static fn (LaidThread $laid): bool => self::isBy($laid->thread->place, $keys));
        $rounds = array_map(static fn (Placed $placed): int => $placed->round + 1, $washers);
        foreach ($goWith as $laid) {
            $rounds[] = $laid->thread->isOpen ? $laid->lastRound() + 1 : 0;
        }
        $deadlines = array_map(static fn (Placed $placed): int => $placed->deadline ?? $site->last(), $washers);
        $round = min($site->last(), max($rounds), ...$deadlines);
        $later = array_filter($goWith, static fn (LaidThread $laid): bool => !$laid->thread->isOpen);
        $lowest = min(array_map(static fn (Placed $placed): int => $placed->round, $washers));

        yield new self(
            $site->after($round),
            array_values(array_unique(array_map(static fn (LaidThread $laid): string => $laid->thread->named(), $later))),
            self::deep($site, $lowest, $round) > Openings::DEEP_MM,
            min($deadlines),
        );
    }

    /** @param list<string> $keys */
    private static function isBy(Place $place, array $keys): bool
    {
        return \in_array($place->of, $keys, true) || \in_array($place->across->of, $keys, true);
    }

    /** @return float mm from the edge in hand down to what is set */
    private static function deep(StepSite $site, int $from, int $to): float
    {
        return array_sum(array_map(static fn (FabricRound $round): float => $round->height, \array_slice($site->fabric->rounds, $from, $to - $from)));
    }

    public function lastRound(): int
    {
        return $this->reach;
    }

    public function kind(): StepKind
    {
        return StepKind::Eyes;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return ([] === $this->marked ? '' : "Mark with pins where {$said->the(...$this->marked)} will go. ")
            .'Look at the face from a step away, and move what is set until it is right. '
            .($this->isDeep
                ? 'Turn the work inside out, press the washers on, and turn it right side out again: they do not come off any more'
                : 'Then press the washers on from inside: they do not come off again');
    }

    public function place(): PatternPlace
    {
        return PatternPlace::UnderRounds;
    }
}
