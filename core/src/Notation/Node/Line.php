<?php

declare(strict_types=1);

namespace Alternum\Core\Notation\Node;

use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\Parse\Assumption;
use Alternum\Core\Notation\Span;

/** One reading of one typed line. */
final readonly class Line extends Node
{
    /**
     * @param list<Node>       $items   stitches, yarns, cues, closes and lifts in working order
     * @param list<Count>      $counts  all that it says
     * @param list<Node>       $beside  stated numbers of rounds, and signs and words that join others
     * @param list<Again>      $again   rounds that are worked as others were
     * @param list<Assumption> $assumed what this reading takes for granted
     */
    public function __construct(
        public ?Head $head,
        public array $items,
        Span $span,
        public array $counts = [],
        public array $beside = [],
        public array $again = [],
        public array $assumed = [],
    ) {
        parent::__construct($span);
    }

    /** @param list<Node> $items */
    public static function of(array $items): self
    {
        return new self(null, $items, Span::none());
    }

    /** @param list<Node> $items */
    public function withItems(array $items): self
    {
        return new self(
            head: $this->head, items: $items, span: $this->span, counts: $this->counts, beside: $this->beside, again: $this->again,
            assumed: $this->assumed,
        );
    }

    /** @return list<Node> the items that are stitches, or what they are worked into */
    public function stitches(): array
    {
        return array_values(array_filter(
            $this->items,
            static fn (Node $item): bool => $item instanceof Work || $item instanceof Repeat || $item instanceof Filling || $item instanceof Foundation,
        ));
    }

    /** Its stitches alone, without the yarns, cues, chains and closes that its words name. */
    public function bare(): self
    {
        return $this->withItems(self::stripped($this->items));
    }

    /**
     * @param list<Node> $items
     *
     * @return list<Node>
     */
    private static function stripped(array $items): array
    {
        $bare = [];
        foreach ($items as $item) {
            if ($item instanceof Work && null !== $item->yarn) {
                $bare[] = new Work(
                    stitch: $item->stitch, times: $item->times, span: $item->span, loop: $item->loop, yarn: null,
                    place: $item->place, each: $item->each,
                );
            } elseif ($item instanceof Repeat) {
                $inner = self::stripped($item->items);
                $bare[] = [] === $inner
                    ? $item
                    : new Repeat(items: $inner, times: $item->times, span: $item->span, loop: $item->loop, yarn: null, said: $item->said);
            } elseif (!($item instanceof YarnPhrase || $item instanceof Cue || $item instanceof Lift || $item instanceof Close)) {
                $bare[] = $item;
            }
        }

        return $bare;
    }

    /** @return list<Cue> */
    public function cues(): array
    {
        return array_values(array_filter($this->items, static fn (Node $item): bool => $item instanceof Cue));
    }

    /**
     * Those that stand before its first stitch, or after it: the former are done before the round is worked, and how long its rounds go on is
     * told before them, wherever it stands.
     *
     * @return list<Cue>
     */
    public function cuesAside(bool $isBefore): array
    {
        $first = ($this->again[0] ?? null)?->span->from;
        foreach ($this->items as $item) {
            $first ??= $item instanceof Work || $item instanceof Repeat || $item instanceof Filling || $item instanceof Foundation ? $item->span->from : null;
        }

        return array_values(array_filter($this->cues(), static function (Cue $cue) use ($isBefore, $first): bool {
            return $isBefore === (CueKind::Fit === $cue->kind || (null !== $first && $cue->span->from < $first));
        }));
    }

    /** Until what its rounds go on, where it says so. */
    public function goesOnUntil(): ?Cue
    {
        return array_values(array_filter($this->cues(), static fn (Cue $cue): bool => CueKind::Fit === $cue->kind))[0] ?? null;
    }

    public function isWorked(): bool
    {
        foreach ($this->items as $item) {
            if ($item instanceof Work || $item instanceof Repeat || $item instanceof Filling) {
                return true;
            }
        }

        return false;
    }

    public function closes(): bool
    {
        foreach ($this->items as $item) {
            if ($item instanceof Close && $item->closed->joins()) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param int $done rounds worked before it
     *
     * @return int|null how many rounds it states
     */
    public function stated(int $done): ?int
    {
        $node = $this->statedAt();

        return true === $node?->isTotal ? max(1, $node->rounds - $done) : $node?->rounds;
    }

    public function statedAt(): ?Stated
    {
        return array_values(array_filter($this->beside, static fn (Node $node): bool => $node instanceof Stated))[0] ?? null;
    }

    /** The character after its last stitch, from 0: what a round lacks is added there. */
    public function end(): int
    {
        $end = 0;
        foreach ($this->items as $item) {
            $end = $item instanceof Work || $item instanceof Repeat || $item instanceof Filling ? max($end, $item->span->end) : $end;
        }

        return 0 === $end ? $this->head->span->end ?? $this->span->from : $end;
    }
}
