<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Fabric\Strands;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Worked;

/** Where loops wait on a piece while several yarns are worked in one spiral. */
final readonly class Helices
{
    /**
     * @param array<int, array<int, string>> $at    the letters of those yarns, by round and the stitch after which a loop waits
     * @param array<int, HelixPart>          $parts by round
     */
    private function __construct(private array $at, private array $parts)
    {
    }

    public static function of(Piece $piece, Reading $reading): self
    {
        $at = $parts = [];
        foreach ($piece->colours as $entry) {
            $spiral = $entry->isHidden || Worked::Spiral !== $piece->worked ? null : $entry->layer->spiral();
            if (null !== $spiral) {
                $yarns = implode('', $spiral->yarns);
                foreach (Strands::loops($reading->rounds, $spiral->from, $spiral->to, \strlen($yarns)) as $round => $loops) {
                    $at[$round] = array_fill_keys($loops, $yarns);
                    $parts[$round] = match ($round) {
                        $spiral->from => HelixPart::Begins,
                        $spiral->to => HelixPart::Ends,
                        $spiral->from + 1 => HelixPart::Follows,
                        default => HelixPart::GoesOn,
                    };
                }
            }
        }

        return new self($at, $parts);
    }

    /** Where in such a spiral a swap is; null where it is none from one of its yarns to another. */
    public function part(YarnSwap $swap): ?HelixPart
    {
        $yarns = $swap->isAtEnd ? null : $this->at[$swap->round][$swap->stitch] ?? null;

        return null !== $yarns && str_contains($yarns, $swap->from) && str_contains($yarns, $swap->to) ? $this->parts[$swap->round] : null;
    }

    /** Whether the old yarn goes on from where its loop waits, one round higher. */
    public function waits(YarnSwap $swap, ?StitchPlace $back): bool
    {
        return null !== $back && null !== $this->part($swap) && $back->round === $swap->round + 1 && isset($this->at[$back->round][$back->stitch - 1]);
    }

    /** @return list<int> the stitches after which loops wait in a round */
    public function loops(int $round): array
    {
        return array_keys($this->at[$round] ?? []);
    }
}
