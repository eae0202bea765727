<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Plan\Yarn;

/** Stripes of one round in two yarns or more that are worked in one spiral, each following the loop of the one before: no jog lies between them. */
final readonly class Helix implements RoundLayer
{
    use AnyLayer;

    /** As many as a plan has; a round needs a stitch for each. */
    public const MOST = Limits::YARNS;

    /** @param list<string> $yarns keys of yarns, each once, in the order in which they are begun */
    public function __construct(public int $from, public int $to, public array $yarns)
    {
    }

    public static function kind(): string
    {
        return 'helix';
    }

    public static function read(Fields $fields): self
    {
        $from = $fields->whole('from', 1, Limits::ROUNDS);
        $to = $fields->whole('to', 1, Limits::ROUNDS);

        $yarns = $fields->texts('yarns', self::MOST, 1, Yarn::KEY, Yarn::keySays());
        if (\count($yarns) < 2) {
            $fields->wrong('yarns', Message::of('helix.oneYarn'));
        }

        return new self($from, $to, $yarns);
    }

    public function values(): array
    {
        return ['from' => $this->from, 'to' => $this->to, 'yarns' => $this->yarns];
    }

    public function yarns(): array
    {
        $yarns = [];
        foreach ($this->yarns as $i => $yarn) {
            $yarns["yarns[{$i}]"] = $yarn;
        }

        return $yarns;
    }

    public function check(LayerSite $site): ?Problem
    {
        if (Worked::Spiral !== $site->worked) {
            return Problem::atPath('kind', Message::of('helix.notSpiral'));
        }
        if (\count(array_unique($this->yarns)) < \count($this->yarns)) {
            return Problem::atPath('yarns', Message::of('helix.yarnTwice'));
        }
        $range = $this->range();
        $counts = \array_slice($site->counts, $this->from - 1, max(0, $range->count()));
        $fewest = [] === $counts ? 0 : min($counts);

        return $site->checkRange(self::class, $range) ?? ($fewest < \count($this->yarns)
            ? Problem::atPath('from', Message::of('helix.tooFew', fewest: $fewest, yarns: \count($this->yarns)))
            : null);
    }

    public function lay(Cloth $cloth): void
    {
        $counts = $cloth->counts();
        $strands = \count($this->yarns);
        foreach ($cloth->loops($this->from, $this->to, $strands) as $round => $loops) {
            $letters = '';
            $before = 0;
            foreach ([...$loops, $counts[$round - 1]] as $section => $end) {
                $letters .= str_repeat($this->yarns[(($section - $round + $this->from) % $strands + $strands) % $strands], max(0, $end - $before));
                $before = max($before, $end);
            }
            $cloth->letters($round, 1, $letters);
        }
    }

    public function carried(RoundMoves $moves): ?self
    {
        $range = $moves->range($this->range());

        return null === $range ? null : new self($range->from, $range->to, $this->yarns);
    }

    public function isReplacedBy(RoundRange $range): bool
    {
        return $range->holds($this->range());
    }

    public function spiral(): self
    {
        return $this;
    }

    public function inWords(): string
    {
        return \count($this->yarns).' yarns in one spiral, '.$this->range()->inWords();
    }

    public function range(): RoundRange
    {
        return new RoundRange($this->from, $this->to);
    }
}
