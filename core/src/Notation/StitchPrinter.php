<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Plan\Counted;

/** Writes one stitch a number of times, and those that go together: along a chain, in the same stitch. */
final readonly class StitchPrinter
{
    /** @param string $all "around", or "across" where the work is flat */
    public function __construct(private Vocabulary $vocabulary, private string $all, private Spelling $spelling)
    {
    }

    /** @param bool $isAmong other stitches stand in its list, which "around" must not seem to mean, too */
    public function work(Stitch $stitch, ?int $times, bool $isAmong = false): string
    {
        $name = $this->vocabulary->abbreviation($stitch);
        if ($stitch->isSame() || $stitch->isInLoop()) {
            return (1 === $times || null === $times ? '' : "{$times} ")."{$name} in same st";
        }

        return match (true) {
            1 === $times => Stitch::Chain === $stitch ? "{$name} 1" : $name,
            $this->vocabulary->isPhrase($stitch) => "[{$name}]".(null === $times ? ' '.$this->all : $this->spelling->times($times)),
            null === $times => $name.($isAmong ? ' in each st ' : ' ').$this->all,
            1 < $stitch->uses() || 1 < $stitch->makes() => $name.$this->spelling->times($times),
            Stitch::Chain === $stitch, Stitch::Skip === $stitch => "{$name} {$times}",
            default => "{$times} {$name}",
        };
    }

    /**
     * A chain that stands out, with the stitches along it: "ch 4, sc in 2nd ch from hook, sc in next 2 ch".
     *
     * @param list<Node> $items
     *
     * @return array{string, int}|null what is written, and the place of the last that it stands for
     */
    public function run(array $items, int $at): ?array
    {
        $chain = $items[$at];
        if (!$chain instanceof Work || Stitch::ChainOut !== $chain->stitch || null === $chain->times) {
            return null;
        }
        $along = [];
        $used = 0;
        $i = $at + 1;
        for (; ($next = $items[$i] ?? null) instanceof Work && $next->stitch->isOut() && Stitch::ChainOut !== $next->stitch && null !== $next->times
            && $used < $chain->times; ++$i) {
            $along[] = $next;
            $used += $next->times * (Stitch::DecreaseOut === $next->stitch ? 2 : 1);
        }
        $from = max(1, $chain->times - $used + 1);
        $said = ["ch {$chain->times}"];
        foreach ($along as $n => $work) {
            $times = $work->times ?? 1;
            if (0 === $n) {
                $said[] = $this->into($work->stitch).' in '.Counted::nth($from).' ch from hook';
                --$times;
            }
            if ($times > 0) {
                $said[] = $this->into($work->stitch).' in '.(Stitch::IncreaseOut === $work->stitch && $times > 1
                    ? 'each of '
                    : '').'next '.($times > 1 ? "{$times} " : '').'ch';
            }
        }

        return [implode(', ', $said), $i - 1];
    }

    private function into(Stitch $stitch): string
    {
        return match ($stitch) {
            Stitch::IncreaseOut => 'inc',
            Stitch::DecreaseOut => 'dec',
            default => $this->vocabulary->abbreviation($stitch),
        };
    }
}
