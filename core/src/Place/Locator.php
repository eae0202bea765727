<?php

declare(strict_types=1);

namespace Alternum\Core\Place;

use Alternum\Core\Colour\Colouring;
use Alternum\Core\Fabric\Turn;
use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\AcrossFrom;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Layer\WhichRounds;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Placement;

/** Finds where a piece's places are, one after another: each may name those before it. */
final class Locator
{
    /** @var array<string, int|null> the round of each place so far, by its key */
    private array $rounds = [];
    /** @var array<string, float> degrees of each one's middle from the front, by its key */
    private array $middles = [];
    /** @var list<Change> */
    private readonly array $jogs;
    /** @var list<int>|null the first round of each band of colour */
    private ?array $bands = null;

    public function __construct(private readonly Reading $reading, private readonly Frame $frame, private readonly Colouring $colouring, Changes $changes)
    {
        $this->jogs = $changes->jogs();
    }

    /**
     * @param string $key   by which later places may name it
     * @param string $named what the maker calls it
     *
     * @return Spot|Message where it is, or why it is nowhere
     */
    public function find(string $key, string $named, Place $place): Spot|Message
    {
        $from = $this->round($place);
        $round = null === $from ? null : $from + $place->offset;
        $this->rounds[$key] = $round;
        $last = $this->frame->rounds();
        $isPole = Anchor::Pole === $place->anchor && 0 === $place->offset;
        if (0 === $last || null === $round || $round > $last || $round < ($isPole ? 0 : 1)) {
            return $this->nowhere($place, $named, $round);
        }
        $on = max(1, $round);
        $makes = $this->frame->makes($on);
        if (null !== $place->apart && $place->apart >= $makes) {
            return Message::of('placing.tooFarApart', named: $named, apart: $place->apart, round: $on, makes: $makes);
        }
        $from = $this->across($place, $named, $on);
        if ($from instanceof Message) {
            return $from;
        }
        $middle = $from + $place->stitches;
        $this->middles[$key] = $this->frame->signedFromFront($this->frame->degrees($on, $middle));
        $after = null === $place->apart ? [$middle] : [$middle - $place->apart / 2, $middle + $place->apart / 2];
        $after = array_map(static fn (float $at): float => $at - floor($at / $makes) * $makes, $after);

        return new Spot($round, $place->isWithin, $isPole, array_map(fn (float $at): float => $this->frame->degrees($on, $at), $after), $after);
    }

    /**
     * Of placements, so that what comes after them may name them.
     *
     * @param list<Placement> $placements
     *
     * @return array<string, Spot> by their keys, of those that are somewhere
     */
    public function findAll(array $placements): array
    {
        $spots = [];
        foreach ($placements as $placement) {
            $spot = $this->find($placement->key, $placement->named(), $placement->place);
            if ($spot instanceof Spot) {
                $spots[$placement->key] = $spot;
            }
        }

        return $spots;
    }

    /** @return float|Message stitches of its round before what it is counted from across, and the degrees on from there */
    private function across(Place $place, string $named, int $round): float|Message
    {
        $makes = $this->frame->makes($round);
        $across = $place->across;
        if (AcrossFrom::Seam === $across->from) {
            return $makes / 2 + $place->fromFront / 360.0 * $makes;
        }
        if (AcrossFrom::Increase === $across->from) {
            $increases = $this->reading->rounds[$round - 1]->increases();
            $at = $increases[$across->increase - 1] ?? null;

            return null === $at
                ? Message::of('placing.noIncrease', named: $named, number: $across->increase, round: $round, increases: \count($increases))
                : $at + $place->fromFront / 360.0 * $makes;
        }
        if (AcrossFrom::Front === $across->from) {
            return $this->frame->along($round, $place->fromFront);
        }
        $middle = $this->middles[$this->known($across->of)] ?? null;
        if (null === $middle) {
            return Message::of('placing.noAcross', named: $named);
        }

        return $this->frame->along($round, $place->fromFront + (AcrossFrom::Mirror === $across->from ? -$middle : $middle));
    }

    /** The name by which a place is kept that another names by its key: a part's where nothing else has that key. */
    private function known(string $key): string
    {
        return \array_key_exists($key, $this->rounds) ? $key : self::joint($key);
    }

    /** The name by which a joint's place is kept, apart from what lies on the piece itself. */
    public static function joint(string $key): string
    {
        return "joint {$key}";
    }

    private function round(Place $place): ?int
    {
        return match ($place->anchor) {
            Anchor::Round => $place->number,
            Anchor::Change => ($this->jogs[$place->number - 1] ?? null)?->place->round,
            Anchor::Placement => $this->rounds[$this->known($place->of)] ?? null,
            Anchor::Widest => $this->widest(),
            Anchor::Band => $this->bands()[$place->number - 1] ?? null,
            Anchor::Pole => 1 === $place->number ? 0 : $this->frame->rounds(),
            Anchor::Edge => $this->frame->rounds(),
        };
    }

    /** The last of the widest rounds. */
    private function widest(): ?int
    {
        $range = WhichRounds::fromWidest(0, 1)->in($this->frame->counts);

        return $range->isEmpty() ? null : $range->from;
    }

    /**
     * Rounds one above the other of which the same yarn has the most stitches are a band.
     *
     * @return list<int> the first round of each
     */
    public function bands(): array
    {
        if (null !== $this->bands) {
            return $this->bands;
        }
        $this->bands = [];
        $before = '';
        foreach ($this->colouring->rounds as $i => $letters) {
            $counts = count_chars($letters, 1);
            $most = [] === $counts ? '' : \chr((int) array_search(max($counts), $counts, true));
            if ($most !== $before) {
                $this->bands[] = $i + 1;
                $before = $most;
            }
        }

        return $this->bands;
    }

    private function nowhere(Place $place, string $named, ?int $round): Message
    {
        return match (true) {
            Anchor::Widest === $place->anchor => Message::of('placing.noWidest', named: $named, offset: $place->offset),
            null !== $round => Message::of('placing.afterEnd', named: $named, round: $round, last: $this->frame->rounds()),
            Anchor::Change === $place->anchor => Message::of('placing.noChange', named: $named, number: $place->number),
            Anchor::Band === $place->anchor => Message::of('placing.noBand', named: $named, number: $place->number, bands: \count($this->bands())),
            default => Message::of('placing.noOther', named: $named),
        };
    }

    /** @return list<array{int, float}> of each jog the round at whose end it lies, and its degrees */
    public function jogs(): array
    {
        return array_map(static fn (Change $jog): array => [$jog->place->round, $jog->place->degrees], $this->jogs);
    }

    /**
     * Jogs that lie beside what is at a spot, or under it.
     *
     * @param float $near within so many stitches
     *
     * @return list<int> rounds at whose end each of them lies
     */
    public function jogsAt(Spot $spot, float $near): array
    {
        $makes = $this->frame->makes(max(1, $spot->round));
        $rounds = [];
        foreach ($this->jogs as $jog) {
            $isNear = abs($jog->place->round - $spot->round) <= 1;
            foreach ($isNear ? $spot->degrees : [] as $degrees) {
                if (Turn::apart($degrees, $jog->place->degrees) <= $near * 360.0 / $makes) {
                    $rounds[] = $jog->place->round;
                    break;
                }
            }
        }

        return $rounds;
    }
}
