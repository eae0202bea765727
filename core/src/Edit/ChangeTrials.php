<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Search\Decision;
use Alternum\Core\Change\Search\Weights;
use Alternum\Core\Plan\Plan;

/**
 * Plans of changes for one piece, each worked out in full: the search adds up what every jog costs by itself, but how one is worked also moves
 * what is carried past it, and only the analysis knows that. So what was found is tried beside its neighbours: another way at one jog, or at two.
 */
final class ChangeTrials
{
    /** So many are tried, or as many as come to so many stitches: an answer is not to be waited for. */
    private const TRIALS = 200;
    private const STITCHES = 100000;
    /** Copies in yarns of their own take as long as so many stitches more. */
    private const COPY = 100;
    /** With more jogs than these the plans near are too many to be tried: what the search found stays. */
    private const JOGS = 12;

    /** @var array<string, ChangeFigures|null> by the plan of changes; null: something would be wrong with it */
    private array $known = [];
    /** @var array<string, true> those that the present search has asked for: known or not, each is a trial */
    private array $tried = [];
    private readonly int $trials;

    /** @param int $at the piece's place in the plan */
    private function __construct(private readonly Analysis $now, private readonly int $at, private readonly ChangeSearch $search)
    {
        $piece = $now->pieces[$at];
        $stitches = $piece->stages->reading->stitches() + self::COPY * \count($piece->piece->copies->groups());
        $this->trials = \count($search->jogs) > self::JOGS ? 0 : min(self::TRIALS, intdiv(self::STITCHES, $stitches));
    }

    public static function of(Analysis $now, int $at, ChangeSearch $search): self
    {
        return new self($now, $at, $search);
    }

    /**
     * The best of the plans near one. What others have tried before is known, but changes nothing of what is found.
     *
     * @param list<Decision> $decisions
     *
     * @return list<Decision>
     */
    public function improved(array $decisions, Weights $weights): array
    {
        $this->tried = [];
        if (0 === $this->trials) {
            return $decisions;
        }
        for ($next = $decisions; null !== $next; $next = $this->better($decisions, $weights)) {
            $decisions = $next;
        }

        return $decisions;
    }

    /**
     * @param list<Decision> $decisions
     *
     * @return list<Decision>|null a better plan near it; null: none was found
     */
    private function better(array $decisions, Weights $weights): ?array
    {
        $best = $this->score($decisions, $weights);
        for ($jogs = 1; $jogs <= 2; ++$jogs) {
            foreach ($this->near($decisions, $jogs) as $other) {
                if (\count($this->tried) > $this->trials) {
                    return null;
                }
                if ($this->score($other, $weights) < $best - 1e-9) {
                    return $other;
                }
            }
        }

        return null;
    }

    /**
     * @param list<Decision> $decisions
     *
     * @return iterable<list<Decision>> those that differ from it at no more than so many jogs
     */
    private function near(array $decisions, int $jogs, int $from = 0): iterable
    {
        if (0 === $jogs) {
            yield $decisions;

            return;
        }
        for ($i = $from; $i < \count($decisions); ++$i) {
            foreach ($this->search->choices($i) as $choice) {
                $other = $decisions;
                $other[$i] = $choice;
                yield from $this->near(array_values($other), $jogs - 1, $i + 1);
            }
        }
    }

    /**
     * @param list<Decision> $decisions
     *
     * @return float as Weights::score() has it, less being better; infinite where something would be wrong with it
     */
    private function score(array $decisions, Weights $weights): float
    {
        $key = implode(' ', array_map(static fn (Decision $one): string => "{$one->method->value}/{$one->comes?->value}", $decisions));
        $this->tried[$key] = true;
        if (!\array_key_exists($key, $this->known)) {
            $then = $this->now->recoloured($this->search->decided($this->now->plan, $decisions), $this->now->pieces[$this->at]->piece->key);
            $this->known[$key] = \count($then->problems) > \count($this->now->problems) ? null : ChangeFigures::of($then, $this->at);
        }

        return $this->known[$key]?->score($weights) ?? \INF;
    }
}
