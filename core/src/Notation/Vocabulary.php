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
        'sl st' => Stitch::SlipStitch, 'slst' => Stitch::SlipStitch, 'slip stitch' => Stitch::SlipStitch, 'slip stitches' => Stitch::SlipStitch,
        'slip st' => Stitch::SlipStitch, 'ss' => Stitch::SlipStitch, 'sl-st' => Stitch::SlipStitch, 'sl sts' => Stitch::SlipStitch,
        'sl st through both layers' => Stitch::SlipThroughBoth, 'sl st through both sides' => Stitch::SlipThroughBoth,
        'ch' => Stitch::Chain, 'chs' => Stitch::Chain, 'chain' => Stitch::Chain, 'chains' => Stitch::Chain,
        'sk' => Stitch::Skip, 'skip' => Stitch::Skip, 'miss' => Stitch::Skip,
        'inc' => Stitch::Increase, 'incs' => Stitch::Increase, 'increase' => Stitch::Increase, 'increases' => Stitch::Increase,
        'dec' => Stitch::Decrease, 'decs' => Stitch::Decrease, 'decrease' => Stitch::Decrease, 'decreases' => Stitch::Decrease,
        'inv dec' => Stitch::InvisibleDecrease, 'invdec' => Stitch::InvisibleDecrease, 'inv-dec' => Stitch::InvisibleDecrease,
        'inv decs' => Stitch::InvisibleDecrease, 'invisible dec' => Stitch::InvisibleDecrease, 'inv decrease' => Stitch::InvisibleDecrease,
        'invisible decrease' => Stitch::InvisibleDecrease, 'invisible decreases' => Stitch::InvisibleDecrease,
        'bob' => Stitch::Bobble, 'bobble' => Stitch::Bobble, 'bobbles' => Stitch::Bobble, 'bobble stitch' => Stitch::Bobble, 'bobble st' => Stitch::Bobble,
        'pop' => Stitch::Popcorn, 'popcorn' => Stitch::Popcorn, 'popcorns' => Stitch::Popcorn, 'pc' => Stitch::Popcorn,
    ];

    /** The four stitches that have their own words in each country, from the lowest up. */
    private const OWN = [
        'us' => [
            'sc' => ['sc', 'scs', 'single crochet', 'single crochets'],
            'hdc' => ['hdc', 'hdcs', 'half double crochet', 'half double crochets', 'half double'],
            'dc' => ['dc', 'dcs', 'double crochet', 'double crochets'],
            'tr' => ['tr', 'trs', 'treble', 'trebles', 'treble crochet', 'treble crochets'],
        ],
        'uk' => [
            'sc' => ['dc', 'dcs', 'double crochet', 'double crochets'],
            'hdc' => ['htr', 'htrs', 'half treble', 'half trebles', 'half treble crochet'],
            'dc' => ['tr', 'trs', 'treble', 'trebles', 'treble crochet', 'treble crochets'],
            'tr' => ['dtr', 'dtrs', 'double treble', 'double trebles', 'double treble crochet'],
        ],
    ];

    private const UK_ABBREVIATIONS = ['sc' => 'dc', 'hdc' => 'htr', 'dc' => 'tr', 'tr' => 'dtr'];

    /** The most words that one stitch's name has. */
    public const LONGEST = 5;

    /** @param array<string, Stitch> $stitches by their names in these terms */
    private function __construct(private readonly Terms $terms, private readonly array $stitches)
    {
    }

    public static function of(Terms $terms): self
    {
        /** @var array<string, self> $made */
        static $made = [];

        return $made[$terms->value] ??= new self($terms, self::names($terms));
    }

    /** @return array<string, Stitch> */
    private static function names(Terms $terms): array
    {
        $names = self::SHARED;
        foreach (self::OWN[$terms->value] as $us => $own) {
            $stitch = Stitch::from($us);
            $together = Stitch::Single === $stitch ? Stitch::Decrease : Stitch::from("{$us}2tog");
            foreach ($own as $name) {
                $names[$name] = $stitch;
                $names["{$name} inc"] = $names["{$name} increase"] = $names["inc {$name}"] = Stitch::inOne($stitch, 2) ?? $stitch;
                $names["{$name} dec"] = $names["{$name} decrease"] = $together;
            }
            $names["{$own[0]}2tog"] = $together;
            $names["{$own[0]}3tog"] = Stitch::from("{$us}3tog");
            $both = $stitch->throughBoth();
            foreach (null === $both ? [] : [' sides', ' layers', ' edges', ' thicknesses'] as $sides) {
                $names["{$own[0]} through both{$sides}"] = $both;
            }
        }

        return $names;
    }

    /** @param string $name lower case, its words parted by one space */
    public function stitch(string $name): ?Stitch
    {
        return $this->stitches[$name] ?? null;
    }

    /** How a stitch is written where it stands alone: "hdc inc", "dc3tog", "3 sc in next st", "(sc, hdc) in next st". */
    public function abbreviation(Stitch $stitch): string
    {
        $name = $stitch->value;
        if (str_contains($name, '+')) {
            return '('.implode(', ', array_map($this->own(...), explode('+', $name))).') in next st';
        }
        if (1 === preg_match('/^(.+) inc(\d)$/', $name, $match)) {
            return "{$match[2]} ".$this->own($match[1]).' in next st';
        }
        if (str_ends_with($name, ' both')) {
            return $this->own(substr($name, 0, -5)).' through both sides';
        }
        if (1 === preg_match('/^(bob|pop)(\d)$/', $name, $match)) {
            return "{$match[2]}-loop {$match[1]}";
        }

        return 1 === preg_match('/^(\w+?)( inc|[23]tog)$/', $name, $match) ? $this->own($match[1]).$match[2] : $this->own($name);
    }

    /** A sentence with US words in it, "Write 6 sc in MR.", in these words. */
    public function inWords(string $us): string
    {
        return (string) preg_replace_callback('/\b(?:sc|hdc|dc|tr)\b/', fn (array $word): string => $this->own($word[0]), $us);
    }

    /** Whether the way it is written holds a number or a bracket of its own, so that a number before it would be misread. */
    public function isPhrase(Stitch $stitch): bool
    {
        return 1 === preg_match('/^[\d(]/', $this->abbreviation($stitch));
    }

    private function own(string $name): string
    {
        return Terms::Us === $this->terms ? $name : self::UK_ABBREVIATIONS[$name] ?? $name;
    }

    /** The known one-word name that a mistyped word is nearest to, or null where none is near. */
    public function nearest(string $word): ?string
    {
        if (\strlen($word) > 30) {
            return null;
        }
        $best = null;
        $least = 3;
        foreach ([...array_keys($this->stitches), 'around'] as $name) {
            $distance = levenshtein($word, $name);
            if ($distance < $least && $distance < \strlen($word) && \strlen($name) > 1) {
                [$best, $least] = [$name, $distance];
            }
        }

        return $best;
    }
}
