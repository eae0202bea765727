<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Close;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Filling;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\IntoStitchKind;
use Alternum\Core\Notation\Node\Lift;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\OtherSide;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Worked;

/** One reading of a line laid on the round below: what it uses and makes, and whether that is right. */
final readonly class Trial
{
    /**
     * @param Line             $reading as it was read
     * @param Line             $line    the same as it is worked here
     * @param int              $below   stitches, or places along a chain, that it is worked into; 0: a ring, or chains of its own
     * @param bool             $starts  it begins a piece by itself
     * @param SyntaxError|null $error   why it cannot be laid out
     * @param SyntaxError|null $odd     a repeat that did not come out even
     * @param SyntaxError|null $place   a place that is named but is not where the work stands
     */
    private function __construct(
        public Line $reading,
        public Line $line,
        public Expansion $stitches,
        public int $below,
        public int $uses,
        public int $makes,
        public bool $starts,
        public bool $chainIsFirst,
        public LiftingChains $lifting,
        public ?Closed $closed,
        public ?SyntaxError $error = null,
        public ?SyntaxError $odd = null,
        public ?SyntaxError $place = null,
    ) {
    }

    /**
     * @param array<int, NamedYarn> $named
     * @param list<Cue>             $cues
     */
    public function asRound(int $number, int $typedLine, array $named, array $cues): Round
    {
        return new Round(
            number: $number,
            line: $typedLine,
            codes: $this->stitches->codes,
            below: $this->below,
            uses: $this->uses,
            makes: $this->makes,
            loops: '' === trim($this->stitches->loops) ? '' : $this->stitches->loops,
            named: $named,
            nextYarn: $this->stitches->nextYarn,
            lifting: $this->lifting,
            chainIsFirst: $this->chainIsFirst,
            closed: $this->closed,
            cues: $cues,
        );
    }

    public static function of(Line $line, RoundBelow $ground): self
    {
        $reading = $line;
        $foundation = self::foundation($line);
        if (null === $foundation && null !== $ground->foundation) {
            [$foundation, $line] = self::begun($ground->foundation, $line);
            $line = $line->withItems([$foundation, ...$line->items]);
        }
        $below = $ground->below;
        $isFirst = 1 === $ground->number && 0 === $ground->on;
        if ($isFirst && null !== $foundation && !$foundation->isPoint()) {
            $isFlat = Worked::Rows === $ground->worked || ($line->head->row ?? false);
            $below = $isFlat ? $foundation->side() : $foundation->bothSides();
            $line = self::fromFoundation($line, $foundation->joined);
        } elseif ($isFirst && null !== $foundation) {
            $line = self::fromFoundation($line, true);
        }
        [$before, $after, $own] = self::lifts($line);
        $lift = $before > 0 ? $before : $ground->lifted;
        $standing = $own || ($ground->chainCounts && $lift > 0 && (!$isFirst || null !== $foundation && $before > 0));
        $chainIsFirst = $standing && $lift > 0 ? Expansion::of(LiftingChains::standsFor($lift), 1) : Expansion::none();
        $lifting = new LiftingChains($before, $after);
        $closed = self::closes($line);
        try {
            $expanded = Expander::of($line, $below - $chainIsFirst->uses() - (Unworked::in($line)->stitches ?? 0));
        } catch (SyntaxError $error) {
            return new self(
                reading: $reading, line: $line, stitches: Expansion::none(), below: $below, uses: 0, makes: 0, starts: false,
                chainIsFirst: false, lifting: $lifting, closed: $closed, error: $error,
            );
        }
        $stitches = $chainIsFirst->then($expanded->stitches);
        $codes = $stitches->codes;
        $isChains = '' !== $codes && '' === trim($codes, Stitch::Chain->code());
        $starts = null !== $foundation || ($isFirst && $isChains);
        $uses = $isFirst && ($isChains || ($foundation?->isPoint() ?? false)) ? 0 : Stitch::sumUses($codes);
        if ($isFirst && null !== $foundation && !$foundation->isPoint() && !$foundation->joined && Worked::Rows !== $ground->worked
            && $uses === $below - 1 && $uses > $foundation->side()) {
            // Both of the first chain's stitches were worked at the beginning: it is not come back to.
            $below = $uses;
        }

        return new self(
            reading: $reading,
            line: $line,
            stitches: $stitches,
            below: $below,
            uses: $uses,
            makes: Stitch::sumMakes($codes),
            starts: $starts,
            chainIsFirst: '' !== $chainIsFirst->codes,
            lifting: $lifting,
            closed: $closed,
            error: null,
            odd: $expanded->odd,
            place: self::misplaced($line, $expanded, $below, $foundation, $isFirst),
        );
    }

    /** Whether all stitches below are used, and it can be gone on from. */
    public function fits(RoundBelow $ground): bool
    {
        $isFirst = 1 === $ground->number && 0 === $ground->on;

        return null === $this->error && null === $this->place && $this->uses === $this->below && $this->makes > 0
            && $this->makes <= Limits::STITCHES_IN_ROUND && $this->starts === $isFirst;
    }

    public function miscounts(): bool
    {
        foreach ($this->line->counts as $count) {
            if ($count->stitches !== $this->makes) {
                return true;
            }
        }

        return false;
    }

    /**
     * A chain from a line of its own, begun where the first stitch goes.
     *
     * @return array{Foundation, Line}
     */
    private static function begun(Foundation $foundation, Line $line): array
    {
        foreach ($line->items as $i => $item) {
            if (!$item instanceof Work) {
                continue;
            }
            $isChain = $foundation->chains > 0 && !$foundation->joined;
            if (IntoStitchKind::Ring === $item->place?->kind) {
                return [$foundation->intoRing($foundation->span), $line];
            }
            if ($isChain && IntoStitchKind::FromHook === $item->place?->kind) {
                return [new Foundation($foundation->chains, $item->place->number, $foundation->span), $line];
            }
            if ($isChain && Stitch::Skip === $item->stitch && null !== $item->times) {
                $items = $line->items;
                array_splice($items, $i, 1);

                return [new Foundation($foundation->chains, $item->times + 1, $foundation->span), $line->withItems($items)];
            }
            break;
        }

        return [$foundation, $line];
    }

    private static function foundation(Line $line): ?Foundation
    {
        foreach ($line->items as $item) {
            if ($item instanceof Foundation) {
                return $item;
            }
        }

        return null;
    }

    /** The chain that the first stitch goes into is said by the foundation. */
    private static function fromFoundation(Line $line, bool $isPoint): Line
    {
        $items = $line->items;
        foreach ($items as $i => $item) {
            if ($item instanceof Work && IntoStitchKind::FromHook === $item->place?->kind) {
                $work = new Work($item->stitch, $item->times, $item->span, $item->loop, $item->yarn);
                array_splice($items, $i, 1, $isPoint || $item->each ? [$work] : $work->together());
                break;
            }
        }

        return $line->withItems(array_values($items));
    }

    /** @return array{int, int, bool} chains before the stitches and after them, and whether the first count */
    private static function lifts(Line $line): array
    {
        $before = $after = 0;
        $chainIsFirst = $isWorked = false;
        foreach ($line->items as $item) {
            if ($item instanceof Lift) {
                $isWorked ? $after = $item->chains : $before = $item->chains;
                $chainIsFirst = $chainIsFirst || $item->chainIsFirst;
            }
            $isWorked = $isWorked || $item instanceof Work || $item instanceof Repeat || $item instanceof Filling;
        }

        return [$before, $after, $chainIsFirst];
    }

    private static function closes(Line $line): ?Closed
    {
        $closed = null;
        foreach ($line->items as $item) {
            if ($item instanceof Close) {
                $closed = $item->closed;
            }
        }

        return $closed;
    }

    private static function misplaced(Line $line, Expander $expanded, int $below, ?Foundation $foundation, bool $isFirst): ?SyntaxError
    {
        $side = $isFirst && null !== $foundation && !$foundation->isPoint() && !$foundation->joined ? $foundation->side() : 0;
        $isBack = false;
        foreach ($line->items as $i => $item) {
            $used = $expanded->before[$i];
            if ($item instanceof OtherSide) {
                $isBack = true;
                if ($side > 0 && $used !== $side) {
                    return self::error(
                        $item->span,
                        Message::of($used < $side ? 'chain.sideLeft' : 'chain.sideOver', side: $side, used: $used, more: abs($side - $used)),
                    );
                }
            }
            $place = $item instanceof Work ? $item->place : null;
            if (IntoStitchKind::Last === $place?->kind && $side > 0) {
                $last = $isBack || $used >= $side ? $below : $side;
                if ($used !== $last - 1 && $used !== $below - 1) {
                    return self::error(
                        $item->span,
                        $last - 1 - $used > 0 ? Message::of('chain.lastLeft', left: $last - 1 - $used) : Message::of('chain.lastUsed'),
                    );
                }
            }
            if (!$isFirst && self::isInRing($item)) {
                return self::error($item->span, Message::of('place.ring'));
            }
            if (IntoStitchKind::Nth === $place?->kind && $used !== $place->number - 1 && $place->number <= $below) {
                return self::error(
                    $item->span,
                    Message::of('place.stitch', said: $place->number, next: $used + 1),
                );
            }
            if (IntoStitchKind::FromHook === $place?->kind && $place->number > max($below, 4) && !$isFirst) {
                return self::error($item->span, Message::of('place.chains', chains: $place->number));
            }
        }
        if ($isFirst && null !== $foundation && $foundation->chains > 0 && $foundation->from > $foundation->chains + 1) {
            return self::error($foundation->span, Message::of('chain.noChain', from: $foundation->from, chains: $foundation->chains));
        }

        return null;
    }

    private static function isInRing(Node $item): bool
    {
        if ($item instanceof Repeat) {
            return [] !== array_filter($item->items, self::isInRing(...));
        }

        return $item instanceof Work && IntoStitchKind::Ring === $item->place?->kind;
    }

    private static function error(Span $span, Message $message): SyntaxError
    {
        return new SyntaxError($message, $span->from, max(1, $span->length()));
    }
}
