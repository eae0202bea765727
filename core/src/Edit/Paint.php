<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Layer\Stripe;
use Alternum\Core\Plan\Layer\Stripes;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Yarn;
use Alternum\Core\Words\YarnWords;

/** Gives rounds a stripe sequence, or one yarn. What it covers wholly is taken out, so that layers do not pile up. */
final readonly class Paint implements EditKind
{
    /**
     * @param list<RoundRange>       $ranges
     * @param non-empty-list<Stripe> $sequence repeated over each stretch
     * @param list<float>            $heights  of its stripes in mm, in place of their rounds; none: by rounds
     */
    private function __construct(
        private string $piece,
        private array $ranges,
        private array $sequence,
        private bool $isMirrored = false,
        private int $growth = 0,
        private array $heights = [],
    ) {
    }

    /** @param non-empty-list<int> $rounds in any order */
    public static function rounds(string $piece, array $rounds, string $yarn): self
    {
        $rounds = array_values(array_unique($rounds));
        sort($rounds);
        $ranges = [];
        $from = $to = $rounds[0];
        foreach (\array_slice($rounds, 1) as $round) {
            if ($round > $to + 1) {
                $ranges[] = new RoundRange($from, $to);
                $from = $round;
            }
            $to = $round;
        }
        $ranges[] = new RoundRange($from, $to);

        return new self($piece, $ranges, [new Stripe($yarn, 1)]);
    }

    /**
     * @param non-empty-list<Stripe> $sequence
     * @param bool                   $isMirrored forth and back
     * @param int                    $growth     rounds that every stripe is higher each time it comes again
     * @param list<float>            $heights    of the stripes in mm, in place of their rounds; none: by rounds
     */
    public static function stripes(string $piece, int $from, int $to, array $sequence, bool $isMirrored = false, int $growth = 0, array $heights = []): self
    {
        return new self(
            piece: $piece,
            ranges: [new RoundRange(min($from, $to), max($from, $to))],
            sequence: $sequence,
            isMirrored: $isMirrored,
            growth: $growth,
            heights: $heights,
        );
    }

    public static function words(): array
    {
        return ['paint', 'stripes'];
    }

    public static function read(Fields $fields, string $word): self
    {
        $piece = $fields->text('piece', 40);

        return 'stripes' === $word ? self::readStripes($fields, $piece) : self::readRounds($fields, $piece);
    }

    private static function readRounds(Fields $fields, string $piece): self
    {
        $rounds = [];
        $values = $fields->raw('rounds');
        foreach (\is_array($values) ? $values : [] as $round) {
            if (!\is_int($round) || $round < 1 || $round > Limits::ROUNDS) {
                $fields->wrong('rounds', Message::of('paint.rounds'));
                break;
            }
            $rounds[] = $round;
        }
        if ([] === $rounds) {
            $fields->wrong('rounds', Message::of('paint.noRound'));
        }

        return self::rounds($piece, [] === $rounds ? [1] : $rounds, Yarn::readKey($fields));
    }

    private static function readStripes(Fields $fields, string $piece): self
    {
        $from = $fields->whole('from', 1, Limits::ROUNDS);
        $to = $fields->whole('to', 1, Limits::ROUNDS);
        $sequence = $fields->objects('sequence', 1, Limits::ROUNDS, Stripe::read(...));

        $isMirrored = $fields->has('mirrored') && $fields->truth('mirrored');
        $growth = $fields->whole('growth', -50, 50, 0);

        $heights = $fields->has('heightsMm') ? $fields->numbers('heightsMm', \count($sequence), 1, 5000) : [];

        return self::stripes($piece, $from, $to, [] === $sequence ? [new Stripe('A', 1)] : $sequence, $isMirrored, $growth, $heights);
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $colours = $piece->colours;
        $high = array_map(static fn (float $mm): int => max(1, (int) round($mm / $plan->gaugeOf($piece)->roundHeightMm())), $this->heights);
        $stripes = array_map(
            static fn (Stripe $stripe, int $i): Stripe => new Stripe($stripe->yarn, $high[$i] ?? $stripe->rounds),
            $this->sequence,
            array_keys($this->sequence),
        );
        foreach ($this->ranges as $range) {
            [$from, $to] = [$range->from, $range->to];
            $sequence = StripeSequence::of($stripes, $to - $from + 1, $this->isMirrored, $this->growth);
            $colours = array_values(array_filter(
                $colours,
                static fn (LayerEntry $entry): bool => $entry->isHidden || !$entry->layer->isReplacedBy($range),
            ));
            $colours[] = new LayerEntry(new Stripes($from, $to, 1 === \count($sequence) ? [new Stripe($sequence[0]->yarn, $to - $from + 1)] : $sequence));
        }

        return $plan->withPiece(self::joined($piece, $colours));
    }

    public function inWords(): string
    {
        if (\count($this->ranges) > 1) {
            return 'Rounds in '.$this->sequence[0]->yarn;
        }
        $yarns = array_unique(array_map(static fn (Stripe $stripe): string => $stripe->yarn, $this->sequence));

        return ucfirst($this->ranges[0]->inWords()).' in '.YarnWords::listed(...$yarns);
    }

    /**
     * Two neighbouring bands of one yarn, laid one after the other, are one band.
     *
     * @param list<LayerEntry> $colours
     */
    private static function joined(Piece $piece, array $colours): Piece
    {
        $joined = [];
        foreach ($colours as $entry) {
            $last = [] === $joined ? null : $joined[\count($joined) - 1];
            $both = null === $last ? null : self::asOne($last, $entry);
            if (null === $both) {
                $joined[] = $entry;
            } else {
                $joined[\count($joined) - 1] = $both;
            }
        }

        return $piece->withColours($joined);
    }

    /** What is hidden takes nothing up, and nothing that has a name of its own goes into another. */
    private static function asOne(LayerEntry $below, LayerEntry $above): ?LayerEntry
    {
        return $below->isHidden || $above->isHidden || '' !== $above->name ? null : $below->withLaid($below->layer->joined($above->layer));
    }
}
