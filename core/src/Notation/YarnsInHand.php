<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** The yarns that typed words name, followed stitch by stitch through a piece: a yarn stays in hand until another is named. */
final class YarnsInHand
{
    private ?string $inHand = null;
    private ?string $before = null;

    /**
     * The yarn of every top of a round, as runs.
     *
     * @return non-empty-list<YarnStretch>
     */
    public function through(Round $round): array
    {
        $runs = [] === $round->named ? [new YarnStretch($this->inHand, $round->makes)] : $this->named($round);
        if (null !== $round->nextYarn) {
            $this->take($round->nextYarn->yarn);
        }

        return $runs;
    }

    /** @return non-empty-list<YarnStretch> */
    private function named(Round $round): array
    {
        $runs = [];
        $done = 0;
        $at = 0;
        foreach ($round->named as $place => $yarn) {
            $stitch = intdiv($place, Expansion::TOPS);
            $tops = Stitch::sumMakes(substr($round->codes, $done, $stitch - $done));
            $at += $tops;
            $done = $stitch;
            self::add($runs, $this->inHand, $at + $place % Expansion::TOPS - array_sum(array_column($runs, 'tops')));
            $this->take($yarn->yarn);
        }
        self::add($runs, $this->inHand, $round->makes - array_sum(array_column($runs, 'tops')));

        return [] === $runs ? [new YarnStretch($this->inHand, $round->makes)] : $runs;
    }

    /** @param list<YarnStretch> $runs */
    private static function add(array &$runs, ?string $yarn, int $tops): void
    {
        if ($tops < 1) {
            return;
        }
        $last = end($runs);
        if (false !== $last && $last->yarn === $yarn) {
            array_pop($runs);
            $tops += $last->tops;
        }
        $runs[] = new YarnStretch($yarn, $tops);
    }

    private function take(string $yarn): void
    {
        if (Expansion::BACK === $yarn) {
            $this->inHand = $this->before;
        } elseif ($yarn !== $this->inHand) {
            [$this->before, $this->inHand] = [$this->inHand, $yarn];
        }
    }
}
