<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Terms;

/** Every name that a stitch goes by. The trade's usual ones, from memory. */
final class StitchNames
{
    /** The four stitches that have their own words in each country, from the lowest up. */
    private const OWN = [
        'us' => [
            'sc' => ['sc', 'scs', 'single crochet', 'single crochets', 'single', 'singles'],
            'hdc' => ['hdc', 'hdcs', 'half double crochet', 'half double crochets', 'half double', 'half doubles'],
            'dc' => ['dc', 'dcs', 'double crochet', 'double crochets', 'double', 'doubles'],
            'tr' => ['tr', 'trs', 'treble', 'trebles', 'treble crochet', 'treble crochets', 'triple crochet', 'trc', 'tc'],
        ],
        'uk' => [
            'sc' => ['dc', 'dcs', 'double crochet', 'double crochets', 'double', 'doubles'],
            'hdc' => ['htr', 'htrs', 'half treble', 'half trebles', 'half treble crochet', 'half treble crochets'],
            'dc' => ['tr', 'trs', 'treble', 'trebles', 'treble crochet', 'treble crochets', 'trc'],
            'tr' => ['dtr', 'dtrs', 'double treble', 'double trebles', 'double treble crochet'],
        ],
    ];

    /** @return array<string, Stitch> by name */
    public static function of(Terms $terms): array
    {
        $names = [];
        foreach (StitchTable::NAMES as $stitch => $shared) {
            $names += array_fill_keys($shared, Stitch::from($stitch));
        }
        foreach (self::OWN[$terms->value] as $us => $own) {
            $stitch = Stitch::from($us);
            $together = Stitch::Single === $stitch ? Stitch::Decrease : Stitch::from("{$us}2tog");
            foreach ($own as $name) {
                $names[$name] = $names["{$name} stitch"] = $names["{$name} stitches"] = $stitch;
                foreach (['inc', 'increase', 'incs', 'increases'] as $increase) {
                    $names["{$name} {$increase}"] = $names["{$increase} {$name}"] = Stitch::inOne($stitch, 2) ?? $stitch;
                }
                foreach (['dec', 'decrease', 'decs', 'decreases'] as $decrease) {
                    $names["{$name} {$decrease}"] = $names["{$decrease} {$name}"] = $together;
                }
                $names += self::posts($name, $us);
            }
            $short = $own[0];
            $names["{$short}inc"] = $names["{$short}2inc"] = Stitch::inOne($stitch, 2) ?? $stitch;
            $names["{$short}dec"] = $names["{$short}2tog"] = $together;
            $names["{$short}3tog"] = Stitch::from("{$us}3tog");
            $both = $stitch->throughBoth();
            foreach ([' sides', ' layers', ' edges', ' thicknesses'] as $sides) {
                if (null !== $both) {
                    $names["{$short} through both{$sides}"] = $both;
                }
            }
            if (Stitch::Single === $stitch) {
                $names += self::invisible($own);
                $names += self::extended($own);
                $names["reverse {$short}"] = $names["r{$short}"] = $names["rev {$short}"] = Stitch::ReverseSingle;
            }
        }
        foreach ([' sides', ' layers'] as $sides) {
            $names["sl st through both{$sides}"] = Stitch::SlipThroughBoth;
        }

        return $names;
    }

    /**
     * @return array<string, Stitch> "fpdc", "front post double crochet"
     */
    private static function posts(string $name, string $us): array
    {
        $front = Stitch::from("fp{$us}");
        $back = Stitch::from("bp{$us}");

        return [
            "fp{$name}" => $front,
            "fp {$name}" => $front,
            "front post {$name}" => $front,
            "bp{$name}" => $back,
            "bp {$name}" => $back,
            "back post {$name}" => $back,
        ];
    }

    /**
     * @param list<string> $single the names of the plain stitch
     *
     * @return array<string, Stitch>
     */
    private static function extended(array $single): array
    {
        $names = ["e{$single[0]}" => Stitch::Extended, "e{$single[0]} inc" => Stitch::ExtendedIncrease];
        foreach (['extended', 'ext'] as $extended) {
            foreach ($single as $name) {
                $names["{$extended} {$name}"] = Stitch::Extended;
                $names["{$extended} {$name} inc"] = $names["{$extended} {$name} increase"] = Stitch::ExtendedIncrease;
            }
        }

        return $names;
    }

    /**
     * @param list<string> $single the names of the plain stitch
     *
     * @return array<string, Stitch>
     */
    private static function invisible(array $single): array
    {
        $names = [];
        foreach (['inv', 'invis', 'invisible'] as $invisible) {
            foreach (['dec', 'decs', 'decr', 'decrease', 'decreases'] as $decrease) {
                $names["{$invisible} {$decrease}"] = Stitch::InvisibleDecrease;
                foreach ($single as $name) {
                    $names["{$invisible} {$name} {$decrease}"] = $names["{$name} {$invisible} {$decrease}"] = Stitch::InvisibleDecrease;
                }
            }
        }

        return $names;
    }
}
