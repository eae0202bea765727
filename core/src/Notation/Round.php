<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Cue;

/** One round's stitches in working order. */
final readonly class Round
{
    /**
     * @param int                   $number       from 1
     * @param int                   $line         the typed line it comes from, from 1
     * @param string                $codes        one byte a stitch, see Stitch::code()
     * @param string                $loops        one byte a stitch, see Loop::code(), a blank for both loops; '' where all are in both
     * @param int                   $below        stitches that the round below made, 0 for the first
     * @param int                   $uses         how many of those it is worked into
     * @param int                   $makes        how many tops it leaves
     * @param bool                  $readable     false: the line could not be read, and plain stitches stand in for it
     * @param array<int, NamedYarn> $named        yarns that its words name, see Expansion::$yarns
     * @param NamedYarn|null        $nextYarn     the yarn that is changed to at its end; null where none is named
     * @param LiftingChains         $lifting      chains that lift it and the next
     * @param bool                  $chainIsFirst its first stitch is the chain that lifts it, which counts as one
     * @param Closed|null           $closed       a slip stitch that its words close it with
     * @param list<Cue>             $cues         what its words say to do or to mind
     */
    public function __construct(
        public int $number,
        public int $line,
        public string $codes,
        public int $below,
        public int $uses,
        public int $makes,
        public bool $readable = true,
        public string $loops = '',
        public array $named = [],
        public ?NamedYarn $nextYarn = null,
        public LiftingChains $lifting = new LiftingChains(),
        public bool $chainIsFirst = false,
        public ?Closed $closed = null,
        public array $cues = [],
    ) {
    }

    /** @return list<float> stitches made before the middle of each increase, in working order */
    public function increases(): array
    {
        $increases = [];
        $made = 0;
        foreach (str_split($this->codes) as $code) {
            $stitch = Stitch::ofCode($code);
            if ($stitch->isIncrease()) {
                $increases[] = $made + $stitch->makes() / 2;
            }
            $made += $stitch->makes();
        }

        return $increases;
    }

    /** Plain stitches for a round that could not be read. */
    public static function standIn(int $number, int $line, int $below, int $makes): self
    {
        return new self(
            number: $number,
            line: $line,
            codes: str_repeat(Stitch::Single->code(), $makes),
            below: $below,
            uses: $below,
            makes: $makes,
            readable: false,
        );
    }

    /** Whether the same stitches can be worked into this round, and nothing else comes with them. */
    public function canComeAgain(): bool
    {
        return $this->below === $this->makes && $this->isComplete() && !$this->namesYarns() && !$this->chainIsFirst;
    }

    /** The round after it, worked in the same way. */
    public function again(): self
    {
        return new self(
            number: $this->number + 1,
            line: $this->line,
            codes: $this->codes,
            below: $this->below,
            uses: $this->uses,
            makes: $this->makes,
            loops: $this->loops,
            lifting: $this->lifting,
            closed: $this->closed,
        );
    }

    /** The same where another round of its line follows: "R2-3: sc around; change to B" changes at the end of the last, if all are in one yarn. */
    public function goingOn(): self
    {
        return null === $this->nextYarn || [] !== array_diff(array_keys($this->named), [0]) ? $this : $this->said($this->named, null, $this->cues);
    }

    /** The same, begun in a yarn that is named elsewhere, where its own words name none there; null: in whatever is in hand. */
    public function begunIn(?string $yarn): self
    {
        return null === $yarn || isset($this->named[0]) ? $this : $this->said([0 => new NamedYarn($yarn)] + $this->named, $this->nextYarn, $this->cues);
    }

    /** @param list<Cue> $cues what is said at it, too */
    public function saying(array $cues): self
    {
        return $this->said($this->named, $this->nextYarn, [...$this->cues, ...$cues]);
    }

    /**
     * The same stitches, with other words.
     *
     * @param array<int, NamedYarn> $named
     * @param list<Cue>             $cues
     */
    private function said(array $named, ?NamedYarn $nextYarn, array $cues): self
    {
        return new self(
            number: $this->number,
            line: $this->line,
            codes: $this->codes,
            below: $this->below,
            uses: $this->uses,
            makes: $this->makes,
            readable: $this->readable,
            loops: $this->loops,
            named: $named,
            nextYarn: $nextYarn,
            lifting: $this->lifting,
            chainIsFirst: $this->chainIsFirst,
            closed: $this->closed,
            cues: $cues,
        );
    }

    /** Whether a slip stitch can be worked in place of the single crochet at a top, from 0: alone, or as one of the two of an increase. */
    public function canSlip(int $top): bool
    {
        return $this->slippedAt([$top])->codes !== $this->codes;
    }

    /**
     * The same with slip stitches in place of the single crochets at some tops: it keeps its count.
     *
     * @param list<int> $tops from 0; where no single crochet is, nothing changes
     */
    public function slippedAt(array $tops): self
    {
        $codes = $loops = '';
        $top = 0;
        foreach (str_split($this->codes) as $i => $code) {
            $stitch = Stitch::ofCode($code);
            $slipped = match (true) {
                Stitch::Single === $stitch && \in_array($top, $tops, true) => Stitch::SlipStitch->code(),
                Stitch::Increase === $stitch && \in_array($top, $tops, true) => Stitch::SlipStitch->code().Stitch::SingleSame->code(),
                Stitch::Increase === $stitch && \in_array($top + 1, $tops, true) => Stitch::Single->code().Stitch::SlipSame->code(),
                default => $code,
            };
            $codes .= $slipped;
            $loops .= '' === $this->loops ? '' : str_repeat($this->loops[$i], \strlen($slipped));
            $top += $stitch->makes();
        }

        return new self(
            number: $this->number,
            line: $this->line,
            codes: $codes,
            below: $this->below,
            uses: $this->uses,
            makes: $this->makes,
            loops: $loops,
            lifting: $this->lifting,
            closed: $this->closed,
        );
    }

    public function isComplete(): bool
    {
        return $this->readable && $this->uses === $this->below;
    }

    public function startsWith(Stitch $stitch): bool
    {
        return '' !== $this->codes && $stitch->code() === $this->codes[0];
    }

    /** Whether its words name a yarn. */
    public function namesYarns(): bool
    {
        return [] !== $this->named || null !== $this->nextYarn;
    }

    /** How many tops of the round below keep a loop free, as they are worked into by the other one alone. */
    public function freeLoopsBelow(): int
    {
        $free = 0;
        for ($i = 0, $end = \strlen($this->loops); $i < $end; ++$i) {
            $free += ' ' === $this->loops[$i] ? 0 : Stitch::ofCode($this->codes[$i])->uses();
        }

        return $free;
    }

    /** @return list<string> the stitches under their US abbreviations, "BLO sc" where one is worked in one loop */
    public function stitches(): array
    {
        $names = [];
        for ($i = 0, $end = \strlen($this->codes); $i < $end; ++$i) {
            $loop = Loop::ofCode($this->loops[$i] ?? ' ');
            $names[] = (null === $loop ? '' : "{$loop->value} ").Stitch::ofCode($this->codes[$i])->value;
        }

        return $names;
    }
}
