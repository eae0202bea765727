<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Notation\Loop;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Plan\Terms;

/** The abbreviations that a pattern uses, with what they stand for. */
final class Abbreviations
{
    private const US = ['sc' => 'single crochet', 'hdc' => 'half double crochet', 'dc' => 'double crochet', 'tr' => 'treble'];
    private const UK = ['sc' => 'double crochet', 'hdc' => 'half treble', 'dc' => 'treble', 'tr' => 'double treble'];

    /**
     * @param list<Reading> $readings of all pieces
     *
     * @return array<string, string> what each stands for, by the abbreviation, in the order of the stitches
     */
    public static function used(array $readings, Terms $terms): array
    {
        $codes = $loops = [];
        $hasRing = false;
        foreach ($readings as $reading) {
            foreach ($reading->rounds as $round) {
                $codes += count_chars($round->codes, 1);
                $loops += count_chars($round->loops, 1);
            }
            $hasRing = $hasRing || $reading->isRing;
        }
        $vocabulary = Vocabulary::of($terms);
        $used = $hasRing ? ['MR' => 'magic ring (or ch 2, work into 2nd ch from hook)'] : [];
        foreach (Stitch::cases() as $stitch) {
            if (isset($codes[\ord($stitch->code())])) {
                foreach (self::of($stitch, $terms) as $name => $means) {
                    $short = $vocabulary->abbreviation(\is_string($name) ? Stitch::from($name) : $stitch);
                    // "3 sc in next st" says itself what it is.
                    if (!str_contains($short, ' in ')) {
                        $used[$short] = $means;
                    }
                }
            }
        }
        foreach ([[Loop::Back, 'in the back loops only'], [Loop::Front, 'in the front loops only']] as [$loop, $means]) {
            if (isset($loops[\ord($loop->code())])) {
                $used[$loop->value] = $means;
            }
        }

        return $used;
    }

    /** @return array<int|string, string> what a stitch stands for, under its own name, and with it those that it is made of */
    public static function of(Stitch $stitch, Terms $terms): array
    {
        $base = Terms::Us === $terms ? self::US : self::UK;
        $name = $stitch->plain()->value;
        $n = ['bob' => 5, 'pop' => 5][$name] ?? (int) preg_replace('/\D/', '', $name);
        $tall = $base['dc'];

        return match (true) {
            isset($base[$name]) => [$base[$name]],
            'sl st' === $name => ['slip stitch'],
            'ch' === $name => ['chain'],
            'sk' === $name => [Terms::Us === $terms ? 'skip a stitch' : 'miss a stitch'],
            'inc' === $name => ['increase: two '.$base['sc'].' in one stitch', 'sc' => $base['sc']],
            'dec' === $name => ['decrease: two '.$base['sc'].' worked together', 'sc' => $base['sc']],
            'inv dec' === $name => ['invisible decrease: two '.$base['sc'].' together, through their front loops', 'sc' => $base['sc']],
            str_starts_with($name, 'bob') => ["bobble: {$n} unfinished {$tall} in one stitch, closed together; push it out"],
            str_starts_with($name, 'pop') => ["popcorn: {$n} {$tall} in one stitch, the first and the last joined by the loop"],
            'puff' === $name => ['puff: five loops drawn up in one stitch, closed together'],
            1 === preg_match('/^(sc|hdc|dc|tr) inc/', $name, $match) => ['increase: '.($n > 0 ? $n : 2).' '.$base[$match[1]].' in one stitch'],
            1 === preg_match('/^(sc|hdc|dc|tr)\dtog$/', $name, $match) => ["{$n} {$base[$match[1]]} worked together"],
            1 === preg_match('/^([fb])p(sc|hdc|dc|tr)$/', $name, $match) => ['f' === $match[1] ? "{$base[$match[2]]} around the post, from the front"
                : "{$base[$match[2]]} around the post, from the back"],
            'esc' === $name => ["extended {$base['sc']}: a chain is drawn through before it is finished"],
            'esc inc' === $name => ["increase: 2 extended {$base['sc']} in one stitch"],
            'rsc' === $name => ["reverse {$base['sc']}: worked backwards"],
            'spike' === $name => ['spike stitch: worked into the round below the last'],
            'loop st' === $name => ['loop stitch: the yarn is held out to a loop at the back'],
            'picot' === $name => ['picot: a few chains, closed with a slip stitch'],
            'sl st both' === $name => ['slip stitch through both sides at once'],
            'sc both' === $name => ["{$base['sc']} through both sides at once"],
            // What goes where the one before went, or stands out of the round, is made of stitches that have their names.
            default => [],
        };
    }
}
