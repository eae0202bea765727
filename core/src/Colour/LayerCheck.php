<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Plan\Band;
use Alternum\Core\Plan\Blend;
use Alternum\Core\Plan\HandSet;
use Alternum\Core\Plan\Layer;
use Alternum\Core\Plan\Motif;
use Alternum\Core\Plan\Panel;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Spots;
use Alternum\Core\Plan\StitchRun;
use Alternum\Core\Plan\Stripes;

/** What is wrong with a layer on the rounds that the piece has. */
final readonly class LayerCheck
{
    /** @param list<int> $counts stitches that each round makes */
    public function __construct(private Plan $plan, private Piece $piece, private array $counts)
    {
    }

    /** @param string $path the layer's, within the piece */
    public function of(Layer $layer, string $path): ?Problem
    {
        $once = $this->piece->worked->once();
        foreach ($layer->yarns() as $i => $yarn) {
            if (null === $this->plan->yarn($yarn)) {
                $at = match (true) {
                    $layer instanceof Stripes => "{$path}.sequence[{$i}].yarn",
                    $layer instanceof Motif => "{$path}.rows",
                    $layer instanceof HandSet => "{$path}.rounds",
                    default => "{$path}.yarn",
                };

                return Problem::atPath($at, "Yarn {$yarn} is used here, but the plan has no yarn {$yarn}.", "Add a yarn {$yarn}, or give these {$once}s another one.");
            }
        }

        return match (true) {
            $layer instanceof Stripes => $this->range('These stripes', $layer->from, $layer->to, $path),
            $layer instanceof Panel => $this->range('This panel', $layer->from, $layer->to, $path),
            $layer instanceof Blend => $this->range('This blend', $layer->from, $layer->to, $path),
            $layer instanceof Spots => $this->range('These spots', $layer->from, $layer->to, $path),
            $layer instanceof Band => $this->band($layer, $path),
            $layer instanceof Motif => $this->motif($layer, $path),
            $layer instanceof StitchRun => $this->run($layer, $path),
            $layer instanceof HandSet => $this->handSet($layer, $path),
            default => null,
        };
    }

    private function range(string $what, int $from, int $to, string $path): ?Problem
    {
        $once = $this->piece->worked->once();
        $last = \count($this->counts);
        $areMany = str_starts_with($what, 'These ');
        if ($to < $from) {
            return Problem::atPath("{$path}.to", "{$what} ".($areMany ? 'run' : 'runs')." backwards, from {$once} {$from} to {$to}.", 'Let '.($areMany ? 'them' : 'it')." run from {$to} to {$from}.", round: $from);
        }

        return $to > $last
            ? Problem::atPath("{$path}.to", "{$what} ".($areMany ? 'go' : 'goes')." to {$once} {$to}, but the piece ends with {$once} {$last}.", 'Let '.($areMany ? 'them' : 'it')." end with {$once} {$last}, or work more {$once}s.", round: $last > 0 ? $last : null)
            : null;
    }

    private function band(Band $band, string $path): ?Problem
    {
        [$from, $to] = $band->reach->in($this->counts);

        return [] !== $this->counts && $to < $from
            ? Problem::atPath($path, 'This band names rounds that the piece does not have.', 'Take it out, or name others.')
            : null;
    }

    private function motif(Motif $motif, string $path): ?Problem
    {
        $once = $this->piece->worked->once();
        $last = \count($this->counts);
        $end = $motif->round + $motif->height() - 1;
        if ($end > $last) {
            return Problem::atPath("{$path}.round", "This motif needs {$once}s {$motif->round} to {$end}, but the piece ends with {$once} {$last}.", 'Move it to an earlier one.', round: $last > 0 ? min($motif->round, $last) : null);
        }
        for ($round = $motif->round; $round <= $end; ++$round) {
            if ($motif->width() > $this->counts[$round - 1]) {
                return Problem::atPath($path, "This motif is {$motif->width()} stitches wide, but {$once} {$round} has {$this->counts[$round - 1]}.", "Move it to wider {$once}s, or draw it narrower.", round: $round);
            }
        }

        return null;
    }

    private function run(StitchRun $run, string $path): ?Problem
    {
        $once = $this->piece->worked->once();
        $last = \count($this->counts);
        if ($run->round > $last) {
            return Problem::atPath("{$path}.round", "This is set in {$once} {$run->round}, but the piece ends with {$once} {$last}.", 'Take it out, or set it in another.');
        }
        $made = $this->counts[$run->round - 1];

        return max($run->from, $run->to) > $made
            ? Problem::atPath($run->from > $made ? "{$path}.from" : "{$path}.to", 'This goes to stitch '.max($run->from, $run->to).", but {$once} {$run->round} has {$made} stitches.", "Let it end with stitch {$made}.", round: $run->round)
            : null;
    }

    private function handSet(HandSet $hand, string $path): ?Problem
    {
        $once = $this->piece->worked->once();
        foreach ($hand->rounds as $round => $stitches) {
            $made = $this->counts[$round - 1] ?? 0;
            if (\strlen($stitches) > $made) {
                return Problem::atPath("{$path}.rounds", 0 === $made ? "Stitches are set by hand in {$once} {$round}, which the piece does not have." : 'Stitch '.\strlen($stitches)." of {$once} {$round} is set by hand, but it has {$made}.", 'Clear what is past the end.', round: 0 === $made ? null : $round);
            }
        }

        return null;
    }
}
