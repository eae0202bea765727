<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Terms;

/**
 * The words for the stitches in one country's terms, to read and to write.
 *
 * UK words stand one step up from the US ones: UK double crochet is US single, half treble is half double,
 * treble is double, double treble is treble (common practice, no source).
 */
final class Vocabulary
{
    private const SHARED = [
        'sl st' => Stitch::SlipStitch, 'slst' => Stitch::SlipStitch, 'slip stitch' => Stitch::SlipStitch,
        'slip st' => Stitch::SlipStitch, 'ss' => Stitch::SlipStitch, 'sl-st' => Stitch::SlipStitch,
        'ch' => Stitch::Chain, 'chs' => Stitch::Chain, 'chain' => Stitch::Chain, 'chains' => Stitch::Chain,
        'sk' => Stitch::Skip, 'skip' => Stitch::Skip, 'miss' => Stitch::Skip,
        'inc' => Stitch::Increase, 'incs' => Stitch::Increase, 'increase' => Stitch::Increase, 'increases' => Stitch::Increase,
        'dec' => Stitch::Decrease, 'decs' => Stitch::Decrease, 'decrease' => Stitch::Decrease, 'decreases' => Stitch::Decrease,
        'inv dec' => Stitch::InvisibleDecrease, 'invdec' => Stitch::InvisibleDecrease, 'inv-dec' => Stitch::InvisibleDecrease,
        'inv decs' => Stitch::InvisibleDecrease, 'invisible dec' => Stitch::InvisibleDecrease,
        'invisible decrease' => Stitch::InvisibleDecrease, 'invisible decreases' => Stitch::InvisibleDecrease,
        'bob' => Stitch::Bobble, 'bobble' => Stitch::Bobble, 'bobbles' => Stitch::Bobble,
    ];

    private const US = [
        'sc' => Stitch::Single, 'scs' => Stitch::Single, 'single crochet' => Stitch::Single, 'single crochets' => Stitch::Single,
        'hdc' => Stitch::HalfDouble, 'half double crochet' => Stitch::HalfDouble, 'half double' => Stitch::HalfDouble,
        'dc' => Stitch::Double, 'double crochet' => Stitch::Double, 'double crochets' => Stitch::Double,
        'tr' => Stitch::Treble, 'treble' => Stitch::Treble, 'treble crochet' => Stitch::Treble,
        'sc2tog' => Stitch::Decrease, 'sc inc' => Stitch::Increase, 'sc dec' => Stitch::Decrease,
    ];

    private const UK = [
        'dc' => Stitch::Single, 'dcs' => Stitch::Single, 'double crochet' => Stitch::Single, 'double crochets' => Stitch::Single,
        'htr' => Stitch::HalfDouble, 'half treble crochet' => Stitch::HalfDouble, 'half treble' => Stitch::HalfDouble,
        'tr' => Stitch::Double, 'treble' => Stitch::Double, 'treble crochet' => Stitch::Double,
        'dtr' => Stitch::Treble, 'double treble' => Stitch::Treble, 'double treble crochet' => Stitch::Treble,
        'dc2tog' => Stitch::Decrease, 'dc inc' => Stitch::Increase, 'dc dec' => Stitch::Decrease,
    ];

    private const UK_ABBREVIATIONS = ['sc' => 'dc', 'hdc' => 'htr', 'dc' => 'tr', 'tr' => 'dtr'];

    /** The most words that one stitch's name has. */
    public const LONGEST = 3;

    private function __construct(private readonly Terms $terms)
    {
    }

    public static function of(Terms $terms): self
    {
        return new self($terms);
    }

    /** @param string $name lower case, its words parted by one space */
    public function stitch(string $name): ?Stitch
    {
        $own = Terms::Us === $this->terms ? self::US : self::UK;

        return $own[$name] ?? self::SHARED[$name] ?? null;
    }

    public function abbreviation(Stitch $stitch): string
    {
        return Terms::Us === $this->terms ? $stitch->value : self::UK_ABBREVIATIONS[$stitch->value] ?? $stitch->value;
    }

    /** The known one-word name that a mistyped word is nearest to, or null where none is near. */
    public function nearest(string $word): ?string
    {
        if (\strlen($word) > 30) {
            return null;
        }
        $best = null;
        $least = 3;
        foreach ([...array_keys(Terms::Us === $this->terms ? self::US : self::UK), ...array_keys(self::SHARED), 'around'] as $name) {
            $distance = levenshtein($word, $name);
            if ($distance < $least && $distance < \strlen($word)) {
                [$best, $least] = [$name, $distance];
            }
        }

        return $best;
    }
}
