<?php

declare(strict_types=1);

namespace Alternum\Core\Fabric;

use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Worked;

/**
 * The stitches of one piece laid on the stitches below them: where each round begins, how wide it is and how it rises.
 *
 * With N stitches made in round r, stitch i sits at (i − ½)/N + start(r) turns. A round is turned so that it sits as
 * squarely as it can on the round below (least squares), then slipped back by the lean.
 */
final readonly class Fabric
{
    /**
     * @param list<FabricRound> $rounds
     * @param float             $begins   radius in mm of what the first round is worked into; 0 for a ring
     * @param float             $straight mm, along each side of the chain that an oval begins on, without its two ends; 0: it is none
     */
    private function __construct(public array $rounds, public float $begins, public float $straight)
    {
    }

    /** @param float $lean stitches that each round sits back against the working direction */
    public static function of(Reading $reading, Gauge $gauge, Worked $worked, float $lean): self
    {
        $rounds = [];
        $table = StitchFeet::table();
        $start = $level = 0.0;
        // Along both sides of a chain, a round begins as wide as the chain is around.
        $below = $reading->on > 0 ? $reading->on : $reading->rounds[0]->below ?? 0;
        $begins = $radius = $below * $gauge->stitchWidthMm() / (2 * \M_PI);
        $last = null;
        $lastOwn = 0.0;
        foreach ($reading->rounds as $round) {
            // Even rounds come in long stretches: the same stitches on as many are laid once.
            $same = null !== $last && $last->codes === $round->codes && $last->below === $round->below;
            $own = $same ? $lastOwn : self::squareOn($round, $table);
            $tops = $same ? $rounds[\count($rounds) - 1]->tops : self::tops($round->codes);
            // The edge lies flat then, as long as half the way around.
            $closesFlat = Stitch::areThroughBoth($tops);
            if ($round->number > 1 && Worked::Rows !== $worked && !$closesFlat) {
                $start += $own - $lean / $round->makes;
            }
            $height = $gauge->roundHeightMm() * self::meanHeight($tops);
            $wider = $round->makes * $gauge->stitchWidthMm() / (2 * \M_PI) - $radius;
            $radius += $wider;
            // Rows lie above one another however many stitches they have.
            $rise = Worked::Rows === $worked || $closesFlat ? $height : sqrt(max(0.0, $height ** 2 - $wider ** 2));
            $level += $rise;
            $rounds[] = new FabricRound(
                number: $round->number,
                tops: $tops,
                makes: $round->makes,
                start: $start,
                radius: $radius,
                height: $height,
                rise: $rise,
                level: $level,
                ruffles: Worked::Rows !== $worked && !$closesFlat && abs($wider) > $height * FabricRound::RUFFLES,
                besides: $same ? $rounds[\count($rounds) - 1]->besides : self::besides($round->codes),
            );
            [$last, $lastOwn] = [$round, $own];
        }

        return new self($rounds, $begins, Worked::Rows === $worked ? 0.0 : max(0, $reading->side - 1) * $gauge->stitchWidthMm());
    }

    /** Whether its last round works both sides together. */
    public function endsFlat(): bool
    {
        $last = $this->rounds[\count($this->rounds) - 1] ?? null;

        return null !== $last && Stitch::areThroughBoth($last->tops);
    }

    /** Whether its last stitch stands a step above the one beside it: of a spiral, unless it ends in a slip stitch. */
    public function endsOnStep(Worked $worked): bool
    {
        $last = $this->rounds[\count($this->rounds) - 1] ?? null;

        return null !== $last && Worked::Spiral === $worked && !$this->endsFlat() && !str_ends_with($last->tops, Stitch::SlipStitch->code());
    }

    /** @return float radius in mm of the widest round */
    public function widest(): float
    {
        return max([0.0, ...array_map(static fn (FabricRound $round): float => $round->radius, $this->rounds)]);
    }

    /** @return list<int> stitches that each round makes */
    public function counts(): array
    {
        return array_map(static fn (FabricRound $round): int => $round->makes, $this->rounds);
    }

    /** The codes with one byte for each top that is left: those of several in one for it, a skip's not at all. */
    private static function tops(string $codes): string
    {
        /** @var array<string, string> $tops */
        static $tops = [];
        if ([] === $tops) {
            foreach (Stitch::cases() as $stitch) {
                if ($stitch->tops() !== $stitch->code()) {
                    $tops[$stitch->code()] = $stitch->tops();
                }
            }
        }

        return strtr($codes, $tops);
    }

    /**
     * Leaves, picots: stitches that leave no top, and take yarn all the same.
     *
     * @return array<int, float> single crochets' worth of yarn, by the top that they come before, from 0
     */
    private static function besides(string $codes): array
    {
        /** @var string|null $standing */
        static $standing = null;
        $standing ??= implode(
            '',
            array_map(
                static fn (Stitch $stitch): string => $stitch->code(),
                array_filter(Stitch::cases(), static fn (Stitch $stitch): bool => 0 === $stitch->makes() && $stitch->yarnFactor() > 0.0),
            ),
        );
        if (false === strpbrk($codes, $standing)) {
            return [];
        }
        $besides = [];
        $top = 0;
        for ($i = 0, $end = \strlen($codes); $i < $end; ++$i) {
            $stitch = Stitch::ofCode($codes[$i]);
            $top += $stitch->makes();
            if (0 === $stitch->makes() && $stitch->yarnFactor() > 0.0) {
                $besides[$top] = ($besides[$top] ?? 0.0) + $stitch->yarnFactor();
            }
        }

        return $besides;
    }

    /**
     * How many turns a round is moved on so that it sits squarely on the round below.
     *
     * The mean, over the tops, of the place they are worked into less the place where they sit. Chains are worked into nothing.
     *
     * @param array<string, array{int, int, bool}> $table what each code uses and makes, and whether it goes where the one before it went
     */
    private static function squareOn(Round $round, array $table): float
    {
        $below = $round->below;
        $made = $round->makes;
        if (0 === $below || 0 === $made || ($below === $made && '' === trim($round->codes, Stitch::Single->code()))) {
            return 0.0;
        }
        $codes = $round->codes;
        $plain = Stitch::Single->code();
        $into = 0.0;
        $sits = 0.0;
        $worked = 0;
        $used = 0;
        $top = 0;
        for ($i = 0, $end = \strlen($codes); $i < $end; ++$i) {
            [$uses, $makes, $isSame] = $table[$codes[$i]];
            if ($plain === $codes[$i] && $used < $below) {
                // One stitch in each, as many as follow: the usual stretch, taken in one go.
                $many = min(strspn($codes, $plain, $i), $below - $used);
                $into += $many * ($used + $many / 2);
                $sits += $many * ($top + $many / 2);
                $worked += $many;
                $used += $many;
                $top += $many;
                $i += $many - 1;
                continue;
            }
            if ($uses > 0 && $makes > 0 && $used < $below) {
                // Stitches used + 1 … used + uses, whose mean is used + (uses + 1)/2, sit half a stitch before that.
                $into += $makes * ($used + min($uses, $below - $used) / 2);
                $sits += $makes * ($top + $makes / 2);
                $worked += $makes;
            }
            if (0 === $uses && $makes > 0 && $used > 0 && $isSame) {
                // It goes where the stitch before it went.
                $into += $makes * ($used - 0.5);
                $sits += $makes * ($top + $makes / 2);
                $worked += $makes;
            }
            $used += $uses;
            $top += $makes;
        }

        return 0 === $worked ? 0.0 : ($into / $below - $sits / $made) / $worked;
    }

    /** Against a single crochet. */
    private static function meanHeight(string $tops): float
    {
        $sum = 0.0;
        foreach (count_chars($tops, 1) as $byte => $times) {
            $sum += Stitch::ofCode(\chr($byte))->height() * $times;
        }

        return '' === $tops ? 0.0 : $sum / \strlen($tops);
    }
}
