<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/**
 * The stitches, under their US abbreviations. "hdc inc" is two in one stitch, "hdc inc3" three; "sc same" goes where the stitch
 * before it went; "sc both" goes through both sides of a piece that lies flat, and closes them; "sc out" is worked along a chain
 * that stands out of the round, and leaves no top to be worked into.
 *
 * Where thousands are walked, a stitch is one byte of a string: its code().
 */
enum Stitch: string
{
    case SlipStitch = 'sl st';
    case Chain = 'ch';
    case Skip = 'sk';
    case Single = 'sc';
    case HalfDouble = 'hdc';
    case Double = 'dc';
    case Treble = 'tr';
    case Extended = 'esc';
    case ExtendedIncrease = 'esc inc';
    case Increase = 'inc';
    case ThreeIn = 'sc inc3';
    case FourIn = 'sc inc4';
    case FiveIn = 'sc inc5';
    case HalfDoubleIncrease = 'hdc inc';
    case HalfDoubleThreeIn = 'hdc inc3';
    case DoubleIncrease = 'dc inc';
    case DoubleThreeIn = 'dc inc3';
    case TrebleIncrease = 'tr inc';
    case TrebleThreeIn = 'tr inc3';
    case Decrease = 'dec';
    case SingleThreeTogether = 'sc3tog';
    case HalfDoubleDecrease = 'hdc2tog';
    case HalfDoubleThreeTogether = 'hdc3tog';
    case DoubleDecrease = 'dc2tog';
    case DoubleThreeTogether = 'dc3tog';
    case TrebleDecrease = 'tr2tog';
    case TrebleThreeTogether = 'tr3tog';
    case InvisibleDecrease = 'inv dec';
    case SingleThroughBoth = 'sc both';
    case SlipThroughBoth = 'sl st both';
    case Bobble = 'bob';
    case Bobble3 = 'bob3';
    case Bobble4 = 'bob4';
    case Bobble6 = 'bob6';
    case Popcorn = 'pop';
    case Popcorn3 = 'pop3';
    case Popcorn4 = 'pop4';
    case Popcorn6 = 'pop6';
    case Puff = 'puff';
    case Picot = 'picot';
    case LoopStitch = 'loop st';
    case Spike = 'spike';
    case ReverseSingle = 'rsc';
    case FrontPostSingle = 'fpsc';
    case BackPostSingle = 'bpsc';
    case FrontPostHalfDouble = 'fphdc';
    case BackPostHalfDouble = 'bphdc';
    case FrontPostDouble = 'fpdc';
    case BackPostDouble = 'bpdc';
    case FrontPostTreble = 'fptr';
    case BackPostTreble = 'bptr';
    case SlipSame = 'sl st same';
    case SingleSame = 'sc same';
    case ExtendedSame = 'esc same';
    case HalfDoubleSame = 'hdc same';
    case DoubleSame = 'dc same';
    case TrebleSame = 'tr same';
    case TogetherSame = 'dc2tog same';
    case ChainOut = 'ch out';
    case SlipOut = 'sl st out';
    case SingleOut = 'sc out';
    case HalfDoubleOut = 'hdc out';
    case DoubleOut = 'dc out';
    case TrebleOut = 'tr out';
    case IncreaseOut = 'inc out';
    case DecreaseOut = 'dec out';
    case SlipLoop = 'sl st loop';
    case SingleLoop = 'sc loop';
    case HalfDoubleLoop = 'hdc loop';
    case DoubleLoop = 'dc loop';
    case TrebleLoop = 'tr loop';
    case TogetherLoop = 'dc2tog loop';

    /** So many times as high as a single crochet, a post is seen under its top. */
    private const TALL = 1.5;

    /** One byte, unlike every other stitch's. */
    public function code(): string
    {
        return StitchTable::ROWS[$this->value][0];
    }

    /** @throws \OutOfRangeException for a byte that is no stitch's code */
    public static function ofCode(string $code): self
    {
        /** @var array<string, self> $byCode */
        static $byCode = [];
        if ([] === $byCode) {
            foreach (self::cases() as $stitch) {
                $byCode[' '.$stitch->code()] = $stitch;
            }
        }

        return $byCode[' '.$code] ?? throw new \OutOfRangeException("No stitch has the code “{$code}”.");
    }

    /** So many of a stitch in one stitch of the round below; null where that is not known here. */
    public static function inOne(self $stitch, int $times): ?self
    {
        return match (true) {
            1 === $times => $stitch,
            2 === $times && self::Single === $stitch => self::Increase,
            2 === $times => self::tryFrom("{$stitch->value} inc"),
            3 <= $times => self::tryFrom("{$stitch->value} inc{$times}"),
            default => null,
        };
    }

    /** Two of it worked together; null where that is not known here. */
    public function twoTogether(): ?self
    {
        return self::Single === $this ? self::Decrease : self::tryFrom("{$this->value}2tog");
    }

    /** One of those that it has in one, or that it works together; null where it is one already. */
    public function oneOfSeveral(): ?self
    {
        return match (true) {
            $this->makes() > 1 => self::ofCode($this->tops()[0]),
            self::Decrease === $this, self::InvisibleDecrease === $this => self::Single,
            $this->uses() > 1 => self::tryFrom((string) preg_replace('/\dtog$/', '', $this->value)),
            default => null,
        };
    }

    /** The same worked through both sides of a piece that lies flat; null where that is not known here. */
    public function throughBoth(): ?self
    {
        return self::tryFrom("{$this->value} both");
    }

    /** Whether it is worked through both sides of a piece that lies flat. */
    public function isThroughBoth(): bool
    {
        return str_ends_with($this->value, ' both');
    }

    /**
     * Whether a round works both sides together all along: what it closes lies flat.
     *
     * @param string $codes a byte for each stitch, as code() has it
     */
    public static function areThroughBoth(string $codes): bool
    {
        return '' !== $codes && '' === trim($codes, self::SingleThroughBoth->code().self::SlipThroughBoth->code());
    }

    /** The same worked where the stitch before it went; null where that is not known here. */
    public function same(): ?self
    {
        return self::tryFrom("{$this->value} same");
    }

    /** The same along a chain that stands out of the round; null where that is not known here. */
    public function out(): ?self
    {
        return self::Decrease === $this || self::InvisibleDecrease === $this ? self::DecreaseOut : self::tryFrom("{$this->value} out");
    }

    /** The same in a loop of chains that goes out from one place and comes back to it; null where that is not known here. */
    public function inLoop(): ?self
    {
        return self::Chain === $this ? self::ChainOut : self::tryFrom("{$this->plain()->value} loop");
    }

    /** What is worked where the last stitch went, or along a chain, as it would be anywhere. */
    public function plain(): self
    {
        return self::tryFrom((string) preg_replace('/ (?:same|out|loop)$/', '', $this->value)) ?? $this;
    }

    public function isSame(): bool
    {
        return str_ends_with($this->value, ' same');
    }

    public function isInLoop(): bool
    {
        return str_ends_with($this->value, ' loop');
    }

    public function isOut(): bool
    {
        return str_ends_with($this->value, ' out');
    }

    public function look(): StitchLook
    {
        return match ($this->plain()) {
            self::SlipStitch, self::SlipThroughBoth, self::Chain, self::ReverseSingle => StitchLook::Chain,
            self::Bobble, self::Bobble3, self::Bobble4, self::Bobble6, self::Popcorn, self::Popcorn3, self::Popcorn4, self::Popcorn6,
            self::Puff => StitchLook::Lump,
            self::LoopStitch => StitchLook::Loop,
            self::FrontPostSingle, self::FrontPostHalfDouble, self::FrontPostDouble, self::FrontPostTreble => StitchLook::Ridge,
            default => $this->height() >= self::TALL ? StitchLook::Tall : StitchLook::Plain,
        };
    }

    /** How many stitches of the round below it is worked into. */
    public function uses(): int
    {
        return StitchTable::ROWS[$this->value][1];
    }

    /** How many tops it leaves for the next round. */
    public function makes(): int
    {
        return \strlen(StitchTable::ROWS[$this->value][2]);
    }

    /** Several come out of one stitch of the round below. */
    public function isIncrease(): bool
    {
        return $this->uses() > 0 && $this->makes() > $this->uses();
    }

    /** Several of the round below go into one. */
    public function isDecrease(): bool
    {
        return $this->makes() > 0 && $this->uses() > $this->makes();
    }

    /** The codes of the tops that it leaves: plain stitches where it is several in one. */
    public function tops(): string
    {
        return StitchTable::ROWS[$this->value][2];
    }

    /** Height against a single crochet, of all its tops the mean. */
    public function height(): float
    {
        return StitchTable::ROWS[$this->value][4];
    }

    /** Yarn against a single crochet, all of its tops together. */
    public function yarnFactor(): float
    {
        return StitchTable::ROWS[$this->value][3];
    }

    /** @param string $codes one byte a stitch: how many stitches of the round below they are worked into */
    public static function sumUses(string $codes): int
    {
        return self::sum($codes, 1);
    }

    /** @param string $codes one byte a stitch: how many tops they leave */
    public static function sumMakes(string $codes): int
    {
        return self::sum($codes, 2);
    }

    /** @param 1|2 $column of the table: what is used, or what is made */
    private static function sum(string $codes, int $column): int
    {
        /** @var array{1: array<int, int>, 2: array<int, int>}|null $byByte */
        static $byByte = null;
        if (null === $byByte) {
            $byByte = [1 => [], 2 => []];
            foreach (self::cases() as $stitch) {
                $byByte[1][\ord($stitch->code())] = $stitch->uses();
                $byByte[2][\ord($stitch->code())] = $stitch->makes();
            }
        }
        $sum = 0;
        foreach (count_chars($codes, 1) as $byte => $times) {
            $sum += ($byByte[$column][$byte] ?? throw new \OutOfRangeException('No stitch has the code “'.\chr($byte).'”.')) * $times;
        }

        return $sum;
    }
}
