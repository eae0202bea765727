<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Number;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Yarn;

/** Spots at even distances around one round or several. */
final readonly class Spots implements MovableLayer
{
    use AnyLayer;

    /**
     * @param int   $from        first spotted round
     * @param int   $to          no spot begins after this round
     * @param int   $step        rounds from one spotted round to the next
     * @param int   $count       spots around; 0 where they are counted by stitches
     * @param int   $every       stitches from one spot to the next; 0 where the spots are counted
     * @param int   $wide        stitches that a spot is wide
     * @param int   $tall        rounds that it is high
     * @param bool  $isStaggered every other spotted round half a distance on
     * @param float $fromFront   degrees from the front to the first spot's middle, in the working direction
     */
    private function __construct(
        public string $yarn,
        public int $from,
        public int $to,
        public int $step,
        public int $count,
        public int $every,
        public int $wide,
        public int $tall,
        public bool $isStaggered,
        public float $fromFront,
    ) {
    }

    public static function kind(): string
    {
        return 'spots';
    }

    public static function read(Fields $fields): self
    {
        $from = $fields->whole('from', 1, Limits::ROUNDS);
        $isCounted = !$fields->has('every');

        return new self(
            yarn: Yarn::readKey($fields),
            from: $from,
            to: $fields->whole('to', 1, Limits::ROUNDS, $from),
            step: $fields->whole('step', 1, Limits::ROUNDS, 1),
            count: $isCounted ? $fields->whole('count', 1, Limits::STITCHES_IN_ROUND) : 0,
            every: $isCounted ? 0 : $fields->whole('every', 1, Limits::STITCHES_IN_ROUND),
            wide: $fields->whole('wide', 1, Limits::MOTIF, 1),
            tall: $fields->whole('tall', 1, Limits::MOTIF, 1),
            isStaggered: $fields->has('staggered') && $fields->truth('staggered'),
            fromFront: $fields->number('fromFront', -180, 180, 0),
        );
    }

    public function values(): array
    {
        return ['yarn' => $this->yarn, 'from' => $this->from, 'to' => $this->to, 'step' => $this->step]
            + ($this->count > 0 ? ['count' => $this->count] : ['every' => $this->every])
            + ['wide' => $this->wide, 'tall' => $this->tall, 'staggered' => $this->isStaggered, 'fromFront' => Number::plain($this->fromFront)];
    }

    public function yarns(): array
    {
        return ['yarn' => $this->yarn];
    }

    public function check(LayerSite $site): ?Problem
    {
        return $site->checkRange(self::class, new RoundRange($this->from, $this->to)) ?? $this->unfit($site)?->asNote();
    }

    /** The first of its rounds in which it is not what was asked for. */
    private function unfit(LayerSite $site): ?Problem
    {
        $worked = $site->worked->value;
        $last = $site->last();
        foreach ($this->spotted($last) as $round) {
            $made = $this->makes($site->counts, $round);
            if ($this->every > $made) {
                return Problem::atPath('every', Message::of('spots.none', worked: $worked, round: $round, made: $made, every: $this->every), round: $round);
            }
            $takes = $this->count > 0 ? $this->count * $this->wide : ($this->every <= $this->wide ? $made : 0);
            if ($takes >= $made && 1 !== $this->count) {
                return Problem::atPath('wide', Message::of('spots.touch', worked: $worked, round: $round, made: $made), round: $round);
            }
            if ($round + $this->tall - 1 > $last) {
                return Problem::atPath('tall', Message::of('spots.cut', worked: $worked, round: $round, tall: $this->tall, last: $last), round: $round);
            }
        }

        return null;
    }

    /**
     * @param list<int> $counts stitches that each round makes
     *
     * @return int those of the round in the middle of the spots that begin in one
     */
    private function makes(array $counts, int $first): int
    {
        return $counts[min(\count($counts), $first + intdiv($this->tall - 1, 2)) - 1];
    }

    /** @return list<int> the rounds in which spots begin, on a piece of so many */
    private function spotted(int $last): array
    {
        $rounds = [];
        for ($round = $this->from; $round <= min($this->to, $last); $round += $this->step) {
            $rounds[] = $round;
        }

        return $rounds;
    }

    public function lay(FramedCloth $cloth): void
    {
        $counts = $cloth->counts();
        $last = \count($counts);
        $laid = [];
        foreach ($this->spotted($last) as $spotted => $first) {
            $makes = $this->makes($counts, $first);
            $count = $this->count > 0 ? min($this->count, $makes) : intdiv($makes, $this->every);
            // Counted by stitches, what does not come out even is left behind the last of them.
            $apart = 360.0 * ($this->count > 0 ? 1 / max(1, $count) : $this->every / $makes);
            $moved = $this->isStaggered && 1 === $spotted % 2 ? $apart / 2 : 0.0;
            for ($round = $first, $end = min($last, $first + $this->tall - 1); $round <= $end; ++$round) {
                // High spots in close rounds come to lie on one another: each place is laid once.
                $same = "{$round} {$count} {$makes} {$moved}";
                if (!isset($laid[$same])) {
                    $laid[$same] = true;
                    $this->around($cloth, $round, $count, $apart, $moved);
                }
            }
        }
    }

    public function carried(RoundMoves $moves): ?self
    {
        $range = $moves->range(new RoundRange($this->from, $this->to));

        return null === $range ? null : $this->at($range, $this->fromFront);
    }

    public function isReplacedBy(RoundRange $range): bool
    {
        return false;
    }

    public function pictured(): RoundRange
    {
        return $this->range();
    }

    public function pictureHeight(): int
    {
        return $this->tall;
    }

    public function scattered(): RoundRange
    {
        return new RoundRange($this->from, $this->to + $this->tall - 1);
    }

    public function inWords(): string
    {
        return 'spots, '.($this->count > 0
            ? "{$this->count} around"
            : 'every '.(1 === $this->every ? 'stitch' : "{$this->every} stitches")).', '.(new RoundRange($this->from, $this->to))->inWords();
    }

    public function range(): RoundRange
    {
        return new RoundRange($this->from, $this->to);
    }

    public function moved(int $rounds, float $degrees): self
    {
        return $this->at(new RoundRange($this->from + $rounds, $this->to + $rounds), Number::degrees($this->fromFront + $degrees));
    }

    public function stretched(int $rounds, float $degrees): self
    {
        return $this->at(new RoundRange($this->from, max($this->from, $this->to + $rounds)), $this->fromFront);
    }

    private function around(FramedCloth $cloth, int $round, int $count, float $apart, float $moved): void
    {
        if ($this->wide >= $cloth->counts()[$round - 1] && $count > 0) {
            $cloth->whole($round, $round, $this->yarn);

            return;
        }
        $cloth->rows($round, $this->fromFront + $moved, $apart, $count, str_repeat($this->yarn, $this->wide));
    }

    private function at(RoundRange $range, float $fromFront): self
    {
        return new self(
            yarn: $this->yarn,
            from: $range->from,
            to: $range->to,
            step: $this->step,
            count: $this->count,
            every: $this->every,
            wide: $this->wide,
            tall: $this->tall,
            isStaggered: $this->isStaggered,
            fromFront: $fromFront,
        );
    }
}
