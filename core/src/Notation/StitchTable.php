<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

/** What is known of each stitch, by its value. */
final class StitchTable
{
    /**
     * Code; stitches of the round below used; the codes of the tops left; yarn against a single crochet, all tops together; height against a
     * single crochet, of all tops the mean.
     *
     * Source of the yarn factors: from memory until measured. Several in one stitch take what they take one by one; n of factor f
     * together save half a single crochet for each join, n f − 0.5 (n − 1); a bobble is so many double crochets together, a popcorn is
     * as many in one stitch. Source of the heights: the trade's usual figures, from memory; a skipped stitch has none, a puff is drawn up as high
     * as a half double, bobble and popcorn are double crochets, which pop out between lower ones.
     */
    public const ROWS = [
        'sl st' => ['l', 1, 'l', 0.55, 0.35],
        'ch' => ['c', 0, 'c', 0.5, 1.0],
        'sk' => ['k', 1, '', 0.0, 0.0],
        'sc' => ['s', 1, 's', 1.0, 1.0],
        'hdc' => ['h', 1, 'h', 1.35, 1.5],
        'dc' => ['d', 1, 'd', 1.7, 2.0],
        'tr' => ['t', 1, 't', 2.2, 3.0],
        'esc' => ['~', 1, '~', 1.25, 1.4],
        'esc inc' => ['`', 1, '~~', 2.5, 1.4],
        'inc' => ['i', 1, 'ss', 2.0, 1.0],
        'sc inc3' => ['A', 1, 'sss', 3.0, 1.0],
        'sc inc4' => ['q', 1, 'ssss', 4.0, 1.0],
        'sc inc5' => ['r', 1, 'sssss', 5.0, 1.0],
        'hdc inc' => ['B', 1, 'hh', 2.7, 1.5],
        'hdc inc3' => ['C', 1, 'hhh', 4.050000000000001, 1.5],
        'dc inc' => ['D', 1, 'dd', 3.4, 2.0],
        'dc inc3' => ['E', 1, 'ddd', 5.1, 2.0],
        'tr inc' => ['F', 1, 'tt', 4.4, 3.0],
        'tr inc3' => ['G', 1, 'ttt', 6.6000000000000005, 3.0],
        'dec' => ['e', 2, 'e', 1.5, 1.0],
        'sc3tog' => ['H', 3, 'H', 2.0, 1.0],
        'hdc2tog' => ['I', 2, 'I', 2.2, 1.5],
        'hdc3tog' => ['J', 3, 'J', 3.05, 1.5],
        'dc2tog' => ['K', 2, 'K', 2.9, 2.0],
        'dc3tog' => ['L', 3, 'L', 4.1, 2.0],
        'tr2tog' => ['M', 2, 'M', 3.9, 3.0],
        'tr3tog' => ['N', 3, 'N', 5.6, 3.0],
        'inv dec' => ['v', 2, 'v', 1.1, 1.0],
        'sc both' => ['u', 2, 'u', 1.1, 1.0],
        'sl st both' => ['w', 2, 'w', 0.65, 0.35],
        'bob' => ['b', 1, 'b', 6.5, 2.0],
        'bob3' => ['O', 1, 'O', 4.1, 2.0],
        'bob4' => ['P', 1, 'P', 5.3, 2.0],
        'bob6' => ['Q', 1, 'Q', 7.7, 2.0],
        'pop' => ['R', 1, 'R', 8.5, 2.0],
        'pop3' => ['S', 1, 'S', 5.1, 2.0],
        'pop4' => ['T', 1, 'T', 6.8, 2.0],
        'pop6' => ['U', 1, 'U', 10.2, 2.0],
        'puff' => ['f', 1, 'f', 4.0, 1.5],
        'picot' => ['x', 0, '', 2.05, 1.0],
        'loop st' => ['y', 1, 'y', 2.0, 1.0],
        'spike' => ['z', 1, 'z', 1.4, 1.0],
        'rsc' => ['Z', 1, 'Z', 1.1, 1.0],
        'fpsc' => ['V', 1, 'V', 1.1, 1.0],
        'bpsc' => ['W', 1, 'W', 1.1, 1.0],
        'fphdc' => ['X', 1, 'X', 1.45, 1.5],
        'bphdc' => ['Y', 1, 'Y', 1.45, 1.5],
        'fpdc' => ['a', 1, 'a', 1.8, 2.0],
        'bpdc' => ['g', 1, 'g', 1.8, 2.0],
        'fptr' => ['j', 1, 'j', 2.3, 3.0],
        'bptr' => ['m', 1, 'm', 2.3, 3.0],
        'sl st same' => ['5', 0, 'l', 0.55, 0.35],
        'esc same' => ['!', 0, '~', 1.25, 1.4],
        'sc same' => ['1', 0, 's', 1.0, 1.0],
        'hdc same' => ['2', 0, 'h', 1.35, 1.5],
        'dc same' => ['3', 0, 'd', 1.7, 2.0],
        'tr same' => ['4', 0, 't', 2.2, 3.0],
        'dc2tog same' => ['6', 0, 'K', 2.9, 2.0],
        'ch out' => ['n', 0, '', 0.5, 1.0],
        'sl st out' => ['o', 0, '', 0.55, 1.0],
        'sc out' => ['p', 0, '', 1.0, 1.0],
        'hdc out' => ['7', 0, '', 1.35, 1.0],
        'dc out' => ['8', 0, '', 1.7, 1.0],
        'tr out' => ['9', 0, '', 2.2, 1.0],
        'inc out' => ['0', 0, '', 2.0, 1.0],
        'dec out' => ['$', 0, '', 1.5, 1.0],
        'sl st loop' => ['%', 0, '', 0.55, 1.0],
        'sc loop' => ['&', 0, '', 1.0, 1.0],
        'hdc loop' => ['+', 0, '', 1.35, 1.0],
        'dc loop' => ['=', 0, '', 1.7, 1.0],
        'tr loop' => ['@', 0, '', 2.2, 1.0],
        'dc2tog loop' => ['^', 0, '', 2.9, 1.0],
    ];

    /**
     * Names that a stitch goes by in either country's words, beside those that are made of the four plain stitches' (StitchNames). The trade's
     * usual ones, from memory.
     */
    public const NAMES = [
        'sl st' => [
            'sl st', 'slst', 'slip stitch', 'slip stitches', 'slip sts', 'slp st', 'slip st', 'ss', 'sl sts', 'slsts', 'sl stitch', 'slip', 'sl',
            'slipstitch',
        ],
        'ch' => ['ch', 'chs', 'chain', 'chains', 'chain stitch', 'chain stitches', 'ch st', 'ch sts'],
        'sk' => ['sk', 'skip', 'miss', 'skipping', 'missing'],
        'inc' => ['inc', 'incs', 'increase', 'increases', 'incr', 'increase stitch', 'v'],
        'dec' => ['dec', 'decs', 'decrease', 'decreases', 'decr', 'decrease stitch'],
        'inv dec' => ['inv', 'invdec', 'invdecs', 'idec', 'invis decs'],
        'bob' => [
            'bob', 'bobs', 'bo', 'bs', 'bst', 'bobble', 'bobbles', 'bobble stitch', 'bobble stitches', 'bobble st', 'bobble sts', 'bob st', 'bo st',
            'mb',
        ],
        'pop' => ['pop', 'pops', 'popcorn', 'popcorns', 'pc', 'pcs', 'popcorn stitch', 'popcorn stitches', 'popcorn st', 'pop st', 'pc st'],
        'puff' => ['puff', 'puffs', 'puff stitch', 'puff stitches', 'puff st', 'puff sts', 'ps'],
        'picot' => ['picot', 'picots', 'picot stitch'],
        'loop st' => ['loop st', 'loop sts', 'loop stitch', 'loop stitches', 'lp st', 'lps'],
        'spike' => ['spike', 'spikes', 'spike st', 'spike stitch', 'spike stitches'],
        'rsc' => ['crab st', 'crab stitch', 'crab stitches'],
    ];
}
