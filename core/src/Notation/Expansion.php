<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** Stitches written out one by one, packed: a byte for each, and a byte for the loop that each is worked in. */
final readonly class Expansion
{
    /** Back to the yarn before the last one named. */
    public const BACK = '';
    /** Places of yarns for each stitch: one for each of its tops, and some to spare. */
    public const TOPS = 8;

    /**
     * @param string                $codes    see Stitch::code()
     * @param string                $loops    as long as the codes; a blank for both loops
     * @param array<int, NamedYarn> $yarns    named before a stitch, by TOPS times its place from 0; before its second top, by one more
     * @param NamedYarn|null        $nextYarn named after the last stitch, for what follows
     * @param bool                  $goesBack the last yarn was of these stitches alone
     * @param list<string>          $within   yarns of the second top of what follows, its third and so on
     */
    private function __construct(
        public string $codes,
        public string $loops,
        public array $yarns = [],
        public ?NamedYarn $nextYarn = null,
        private bool $goesBack = false,
        private array $within = [],
    ) {
    }

    public static function none(): self
    {
        return new self('', '');
    }

    /**
     * Nothing but a yarn for what follows.
     *
     * @param list<string> $within the yarns of the next stitch’s second top, its third and so on
     */
    public static function yarn(string $yarn, array $within = [], ?YarnWay $way = null): self
    {
        return new self(codes: '', loops: '', yarns: [], nextYarn: new NamedYarn($yarn, $way), goesBack: false, within: $within);
    }

    public static function of(Stitch $stitch, int $times, ?Loop $loop = null): self
    {
        return new self(str_repeat($stitch->code(), $times), str_repeat($loop?->code() ?? ' ', $times));
    }

    public function then(self $next): self
    {
        if ('' === $next->codes) {
            return null === $next->nextYarn
                ? $this
                : new self(codes: $this->codes, loops: $this->loops, yarns: $this->yarns, nextYarn: $next->nextYarn, goesBack: false, within: $next->within);
        }
        if ([] === $next->yarns && null === $next->nextYarn && [] === $this->yarns && null === $this->nextYarn) {
            return new self($this->codes.$next->codes, $this->loops.$next->loops, [], null, $next->goesBack);
        }
        $yarns = $this->yarns;
        $at = self::TOPS * \strlen($this->codes);
        if (!isset($next->yarns[0])) {
            if (null !== $this->nextYarn) {
                $yarns[$at] = $this->nextYarn;
            } elseif ($this->goesBack) {
                $yarns[$at] = new NamedYarn(self::BACK);
            }
        }
        foreach (isset($next->yarns[0]) ? [] : $this->within as $i => $yarn) {
            $yarns[$at + 1 + $i] = new NamedYarn($yarn);
        }
        foreach ($next->yarns as $place => $yarn) {
            $yarns[$at + $place] = $yarn;
        }

        return new self(
            codes: $this->codes.$next->codes,
            loops: $this->loops.$next->loops,
            yarns: $yarns,
            nextYarn: $next->nextYarn,
            goesBack: $next->goesBack,
            within: $next->within,
        );
    }

    public function times(int $times): self
    {
        if ([] === $this->yarns && null === $this->nextYarn && !$this->goesBack) {
            return new self(str_repeat($this->codes, max(0, $times)), str_repeat($this->loops, max(0, $times)));
        }
        $all = self::none();
        $unit = $this;
        // By doubling, so that many repeats cost no more than their stitches.
        for ($left = max(0, $times); $left > 0; $left >>= 1) {
            $all = 1 === ($left & 1) ? $all->then($unit) : $all;
            $unit = $left > 1 ? $unit->then($unit) : $unit;
        }

        return $all;
    }

    /** In one loop, where nothing else was said. */
    public function in(?Loop $loop): self
    {
        return null === $loop
            ? $this
            : new self(
                codes: $this->codes,
                loops: strtr($this->loops, ' ', $loop->code()),
                yarns: $this->yarns,
                nextYarn: $this->nextYarn,
                goesBack: $this->goesBack,
                within: $this->within,
            );
    }

    /** In a yarn of these stitches alone. */
    public function inYarn(?string $yarn): self
    {
        return null === $yarn || '' === $this->codes
            ? $this
            : new self(
                codes: $this->codes,
                loops: $this->loops,
                yarns: [0 => new NamedYarn($yarn)] + $this->yarns,
                nextYarn: $this->nextYarn,
                goesBack: true,
                within: $this->within,
            );
    }

    public function length(): int
    {
        return \strlen($this->codes);
    }

    public function uses(): int
    {
        return Stitch::sumUses($this->codes);
    }
}
