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

    /**
     * Code; stitches of the round below used; the codes of the tops left; yarn against a single crochet, all tops together.
     *
     * Source of the yarn factors: from memory until measured. Several in one stitch take what they take one by one; n of factor f
     * together save half a single crochet for each join, n f − 0.5 (n − 1); a bobble is so many double crochets together, a popcorn is
     * as many in one stitch.
     */
    private const TABLE = [
        'sl st' => ['l', 1, 'l', 0.55],
        'ch' => ['c', 0, 'c', 0.5],
        'sk' => ['k', 1, '', 0.0],
        'sc' => ['s', 1, 's', 1.0],
        'hdc' => ['h', 1, 'h', 1.35],
        'dc' => ['d', 1, 'd', 1.7],
        'tr' => ['t', 1, 't', 2.2],
        'inc' => ['i', 1, 'ss', 2.0],
        'sc inc3' => ['A', 1, 'sss', 3.0],
        'sc inc4' => ['q', 1, 'ssss', 4.0],
        'sc inc5' => ['r', 1, 'sssss', 5.0],
        'hdc inc' => ['B', 1, 'hh', 2.7],
        'hdc inc3' => ['C', 1, 'hhh', 4.050000000000001],
        'dc inc' => ['D', 1, 'dd', 3.4],
        'dc inc3' => ['E', 1, 'ddd', 5.1],
        'tr inc' => ['F', 1, 'tt', 4.4],
        'tr inc3' => ['G', 1, 'ttt', 6.6000000000000005],
        'dec' => ['e', 2, 'e', 1.5],
        'sc3tog' => ['H', 3, 'H', 2.0],
        'hdc2tog' => ['I', 2, 'I', 2.2],
        'hdc3tog' => ['J', 3, 'J', 3.05],
        'dc2tog' => ['K', 2, 'K', 2.9],
        'dc3tog' => ['L', 3, 'L', 4.1],
        'tr2tog' => ['M', 2, 'M', 3.9],
        'tr3tog' => ['N', 3, 'N', 5.6],
        'inv dec' => ['v', 2, 'v', 1.1],
        'sc both' => ['u', 2, 'u', 1.1],
        'sl st both' => ['w', 2, 'w', 0.65],
        'bob' => ['b', 1, 'b', 6.5],
        'bob3' => ['O', 1, 'O', 4.1],
        'bob4' => ['P', 1, 'P', 5.3],
        'bob6' => ['Q', 1, 'Q', 7.7],
        'pop' => ['R', 1, 'R', 8.5],
        'pop3' => ['S', 1, 'S', 5.1],
        'pop4' => ['T', 1, 'T', 6.8],
        'pop6' => ['U', 1, 'U', 10.2],
        'puff' => ['f', 1, 'f', 4.0],
        'picot' => ['x', 0, '', 2.05],
        'loop st' => ['y', 1, 'y', 2.0],
        'spike' => ['z', 1, 'z', 1.4],
        'rsc' => ['Z', 1, 'Z', 1.1],
        'fpsc' => ['V', 1, 'V', 1.1],
        'bpsc' => ['W', 1, 'W', 1.1],
        'fphdc' => ['X', 1, 'X', 1.45],
        'bphdc' => ['Y', 1, 'Y', 1.45],
        'fpdc' => ['a', 1, 'a', 1.8],
        'bpdc' => ['g', 1, 'g', 1.8],
        'fptr' => ['j', 1, 'j', 2.3],
        'bptr' => ['m', 1, 'm', 2.3],
        'sl st same' => ['5', 0, 'l', 0.55],
        'sc same' => ['1', 0, 's', 1.0],
        'hdc same' => ['2', 0, 'h', 1.35],
        'dc same' => ['3', 0, 'd', 1.7],
        'tr same' => ['4', 0, 't', 2.2],
        'dc2tog same' => ['6', 0, 'K', 2.9],
        'ch out' => ['n', 0, '', 0.5],
        'sl st out' => ['o', 0, '', 0.55],
        'sc out' => ['p', 0, '', 1.0],
        'hdc out' => ['7', 0, '', 1.35],
        'dc out' => ['8', 0, '', 1.7],
        'tr out' => ['9', 0, '', 2.2],
        'inc out' => ['0', 0, '', 2.0],
        'dec out' => ['$', 0, '', 1.5],
    ];

    /** One byte, unlike every other stitch's. */
    public function code(): string
    {
        return self::TABLE[$this->value][0];
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

    /** The same worked through both sides of a piece that lies flat; null where that is not known here. */
    public function throughBoth(): ?self
    {
        return self::tryFrom("{$this->value} both");
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

    /** What is worked where the last stitch went, or along a chain, as it would be anywhere. */
    public function plain(): self
    {
        return self::tryFrom((string) preg_replace('/ (?:same|out)$/', '', $this->value)) ?? $this;
    }

    public function isSame(): bool
    {
        return str_ends_with($this->value, ' same');
    }

    public function isOut(): bool
    {
        return str_ends_with($this->value, ' out');
    }

    /** How many stitches of the round below it is worked into. */
    public function uses(): int
    {
        return self::TABLE[$this->value][1];
    }

    /** How many tops it leaves for the next round. */
    public function makes(): int
    {
        return \strlen(self::TABLE[$this->value][2]);
    }

    /** The codes of the tops that it leaves: plain stitches where it is several in one. */
    public function tops(): string
    {
        return self::TABLE[$this->value][2];
    }

    /** Height against a single crochet, of all its tops the mean; a skipped stitch has none. Source: the trade's usual figures, from memory. */
    public function height(): float
    {
        $tops = $this->tops();
        if (\strlen($tops) > 1 || ($this->isSame() && '' !== $tops)) {
            return array_sum(array_map(static fn (string $top): float => self::ofCode($top)->height(), str_split($tops))) / \strlen($tops);
        }

        return match ($this) {
            self::SlipStitch, self::SlipThroughBoth => 0.35,
            self::Skip => 0.0,
            // A puff is drawn up as high as a half double; bobble and popcorn are double crochets, which pop out between lower ones.
            self::HalfDouble, self::HalfDoubleDecrease, self::HalfDoubleThreeTogether, self::FrontPostHalfDouble, self::BackPostHalfDouble,
            self::Puff => 1.5,
            self::Double, self::DoubleDecrease, self::DoubleThreeTogether, self::Bobble, self::Bobble3, self::Bobble4, self::Bobble6,
            self::Popcorn, self::Popcorn3, self::Popcorn4, self::Popcorn6,
            self::FrontPostDouble, self::BackPostDouble => 2.0,
            self::Treble, self::TrebleDecrease, self::TrebleThreeTogether, self::FrontPostTreble, self::BackPostTreble => 3.0,
            default => 1.0,
        };
    }

    /** Yarn against a single crochet, all of its tops together. */
    public function yarnFactor(): float
    {
        return self::TABLE[$this->value][3];
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
