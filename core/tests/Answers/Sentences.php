<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Notation\Meanings;
use Alternum\Core\Notation\Parser;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Words\MeaningWords;

/** Rounds put together by chance from the ways in which makers write their parts: most come out right, some do not. */
final class Sentences
{
    private const PATTERNS = 700;
    private const ROUNDS = 7;

    private const HEADS = [
        'R{n}:', 'R{n}:', 'Rnd {n}:', 'Round {n} -', '{n}.', '{n})', 'R{n}', 'Rnd {n} =', '[{n}]', 'Row {n}:', 'R{n} (B):',
        'Round {n} in B:', 'R{n}, with B:',
        'R{n}-{m}:', 'Rounds {n} to {m}:', 'Rnds {n}–{m} (2 rounds):', 'R{n} and R{m}:', 'Rnd {n} & {m} –', 'Next round:', 'Next 2 rnds:',
        '', '', '{n}th round:',
        'R{n} (RS):', 'Rnd {n} (dec):', 'R {n} /', '**R{n}**:', 'R{n}_', 'For round {n},', 'Rnd {n}, {m}:', 'Last round:', 'All rounds:',
    ];
    private const COUNTS = [
        '', '', ' ({c})', ' ({c})', ' [{c}]', ' - {c}', ' = {c}', ' ({c} sts)', ' <{c}>', ' – {c} sts', ' [{c} st]', ' ({c} sc)',
        '. {c} stitches', ' ({c} sts total)',
        ' (total {c})', ', {c}', ' (= {c})', ' {{c}}', '. ({c} stitches in all)', ' #{c}', ' ({c} sts, 2 rounds)', ' ({c} incl. ch)',
        ' you have {c} sts', ' ({c}/{c})',
        ' / {c} /', ' (now {c} sts)',
    ];
    private const TIMES = [
        '({s}) x{t}', '({s})x{t}', '({s}) {t} times', '[{s}] {t}x', '*{s}; rep from * {t} times', '*{s}* repeat around', '{t} x ({s})',
        '({s}) around', '{t}({s})',
        '({s}) to end', '({s}) repeat {t} times', '*{s}, rep from * around', '{s}, rep {t} times', '{s} * {t}', '*{s}* x {t}',
        'repeat ({s}) {t} times', '({s}) ×{t}',
        '({s}) {t} times around', '*{s}; repeat from * {t} times in total', '({s}) all around', '[{s}] rep to the end of the round',
        '({s}) until the end',
        'rep [{s}] around', '{{s}} x{t}', '"{s}" {t} times', '({s}) * {t} times', '*{s}*, rep {t} more times', '({s}) in every st around',
        '({s}, {s}) x{t}',
        '({s}) repeated {t} times', '**{s}** {t}x', '({s}), ({s}), rep', '({s}) do this {t} times', '*{s}; rep from * to last st, {s}',
        '({s}) as many times as fit',
    ];
    private const PLAIN = [
        '{k} sc', 'sc {k}', '{k}sc', 'sc in next {k} sts', 'sc in each of the next {k} sts', '1 sc in each of next {k} stitches',
        'sc in {k}', 'sc in the next {k}',
        '{k} single crochet', 'sc x{k}', '{k} x sc', 'work {k} sc', 'sc {k} sts', 'sc in next {k} sts in BLO', '{k} FLO sc', 'BLO {k} sc',
        'in FLO: {k} sc', '{k} sc in B',
        'with B: {k} sc', '{k} sc with B', '(B) {k} sc', 'B {k}', '{k} B', '{k} sc (in back loops only)', 'sc {k} (B)', '{k} hdc',
        'hdc in next {k} sts', '{k} sl st',
        'sc, change to B, sc in next {k}', '{k} sc, cut A', 'pick up B, {k} sc', 'drop A, {k} sc in B', '{k} sc over the tail',
        'sc once, sc {k}', '{k} sc, place marker',
        'sc in each st to marker', '{k} sc into front post', 'join B, {k} sc', 'now {k} sc', 'then {k} sc', 'sc {k}, insert eyes',
        'yarn B: {k} sc', '[B] {k} sc',
    ];
    private const MORE = [
        'inc', 'picot, inc', 'inc, ch 3, sl st in 1st ch', '(sc, ch 1, sc) in next st',
        'inc', 'inc', '1 inc', 'inc 1', 'inc in next st', '2 sc in next st', '2sc in same st', '2 sc in the next stitch',
        'sc twice in next st', 'inc (2 sc in same st)',
        '(2 sc) in next st', '2 sc into 1 st', 'work 2 sc in next st', '2 sc in one', '(sc, sc) in next st', '(sc, hdc) in the same st',
        'increase', 'an inc', 'inc in B',
        'inc with B', '1inc', 'sc inc', '2 sc in each of next 1 st', 'incr', 'inc once',
    ];
    private const FEWER = [
        'dec', 'dec', '1 dec', 'dec 1', 'sc2tog', 'inv dec', 'invisible decrease', 'sc next 2 sts together', 'dec over next 2 sts',
        'dec (sc2tog)', 'sc 2 tog', '2 sc tog',
        'decrease', 'hdc2tog', 'sk 1, sc', 'skip next st, sc in next st', 'dec in next 2 sts', 'a dec', 'dec once', 'dec in B', 'invdec',
        'dec by 1', 'work 2 sts together',
    ];
    private const WHOLE = [
        'in A: sc around', 'sc in A, rest in B', '[A] 6 sc, [B] sc around', '(A) sc around', 'A: 4, B: {c}',
        'with yarn B, sc in each st around', 'B 3, A 3, B around',
        'sc in each sc around', 'sc in same st as sl st, sc in each st around', 'hdc in each hdc',
        'ch 1, sc in same st, sc around, sl st to first sc',
        'sc in each st, ch 2, sl st in last st', 'join A to first st, sc around', 'using B, sc evenly, rejoin A',
        'sc around, picot in last st', 'ss around',
        '(bob, sc) around', 'bob in next st, sc around', 'sc around leaving last st unworked', 'sc in back post of each st',
        'sc around in both loops',
        'six (6) times: sc, sc around', 'sc in next st, *sc in next st* around', 'sc in each of next {c} sts, skip 0',
        'sc around', 'sc in each st around', '{c} sc', 'sc in every stitch', 'work even', 'sc all around', 'sc evenly around',
        'sc in each st', 'sc in all {c} sts',
        'sc', 'repeat round {p}', 'same as last round', 'repeat last round', 'as R{p}', 'rep R{p}', 'sc in each stitch across',
        'sc BLO around', 'in BLO, sc around',
        'sc around in FLO', 'sc in B around', 'with B, sc around', 'sc around, changing to B in last st', 'sc around with B', 'hdc around',
        'sl st around', 'sc to end',
        'sc around through both layers', 'sc around (no increases)', 'sc into each st of the round', 'work as the previous round',
        'sc in the next {c} sts', 'knit {c}',
        'sc in same st as join, sc around', 'continue in sc', '1 sc in each st around', 'sc around, 1 round', 'sc around for 2 rounds',
        'sc around x2', 'work 2 rounds even',
    ];
    private const TAILS = [
        '', '', '', '', ', join', ', sl st to first st', ', join with sl st, ch 1', ', ch 1, turn', '. Fasten off.',
        ', change to B in last st', '. Cut A, join B.', ', stuff',
        ', place eyes', ', leave a long tail', '. Stuff firmly', ', in BLO', ' with B', ' (carry A)', ', change to B', '. Do not turn.',
        ', finish off and weave in ends',
        '; sl st in next st', ', fo', '. Change colour to B', ', drop A', ' - do not cut A', ', remove hook', ', move marker up', ', turn',
        '. Close the hole', '!', ' and so on',
        ' in B', ', join in B', ' (eyes here)', '. Continue', ', ch 1', ', skip last st', '. Note: keep it loose', ' 🧶',
    ];

    /** @return iterable<string, iterable<string>> the answers to each pattern, by its number */
    public static function all(): iterable
    {
        mt_srand(4127);
        for ($i = 1; $i <= self::PATTERNS; ++$i) {
            $worked = [Worked::Spiral, Worked::Spiral, Worked::Joined, Worked::Rows][mt_rand(0, 3)];
            $terms = 0 === $i % 4 ? Terms::Uk : Terms::Us;
            $lines = self::lines($terms, $worked);
            yield "written {$i}" => self::answers($lines, $terms, $worked);
        }
    }

    /**
     * @param list<string> $lines
     *
     * @return iterable<string>
     */
    private static function answers(array $lines, Terms $terms, Worked $worked): iterable
    {
        yield from Texts::answer($lines, $terms, $worked);
        $words = new MeaningWords($terms);
        foreach ($lines as $line) {
            $parsed = Parser::of($terms)->line($line);
            foreach (Meanings::of($line, $parsed, $parsed->lines[0] ?? null) as $meaning) {
                yield "{$meaning->span->from}-{$meaning->span->end} {$meaning->kind->name} ".$words->says($meaning);
            }
        }
    }

    /** @return list<string> */
    private static function lines(Terms $terms, Worked $worked): array
    {
        $lines = [Worked::Rows === $worked ? 'Row 1: ch 13, sc in 2nd ch from hook and in each ch across (12)' : self::one([
            'R1: 12 sc in MR (12)', 'R1: ch 7, sc in 2nd ch from hook, 4 sc, 2 sc in last ch, on the other side 5 sc (12)',
            'Ch 13. Join. 12 sc in each ch',
            'ch 7, inc in 2nd ch from hook, 4 sc, 3 sc in the last ch, 3 sc along the other side', 'chain 4, 12 sc into it',
            'R1: in a magic ring: ch 1, 12 sc',
            'Make a ring with B, 12 sc (12)', 'Rnd 1: 12 sc into magic ring', 'ch 2, 12 sc in 2nd ch from hook', 'R1: start with B, 12 sc in a ring',
            '12 sc in adjustable ring [12]',
            'Round 1: ch 4, join to form a ring, 12 sc in ring', 'R1: MR, 12 sc', 'With A, make a magic circle and work 12 sc into it (12)',
        ])];
        $below = 12;
        for ($n = 2; $n <= self::ROUNDS; ++$n) {
            $makes = $below;
            $words = self::round($below, $makes);
            $typed = 0 === mt_rand(0, 7) ? $makes + mt_rand(-2, 2) : $makes;
            $line = self::filled(self::one(self::HEADS), ['n' => $n, 'm' => $n + 1]);
            $line = ltrim($line.' '.$words.self::one(self::TAILS).self::filled(self::one(self::COUNTS), ['c' => $typed]));
            $lines[] = Terms::Uk === $terms ? strtr($line, ['hdc' => 'htr', 'sc2tog' => 'dc2tog', 'sc' => 'dc']) : $line;
            $below = $makes;
        }

        return 0 === mt_rand(0, 4) ? Texts::damage($lines) : $lines;
    }

    /** A round in words; what it makes is told by $makes. */
    private static function round(int $below, int &$makes): string
    {
        $kind = mt_rand(0, 9);
        if ($kind < 3) {
            return self::filled(self::one(self::WHOLE), ['c' => $below, 'p' => mt_rand(1, 6)]);
        }
        $times = self::one(array_values(array_filter(range(1, $below), static fn (int $t): bool => 0 === $below % $t && $below / $t < 14 && $t < 13)));
        $each = intdiv($below, $times);
        $isMore = $kind < 7 || $each < 2;
        $makes = $isMore ? $below + $times : $below - $times;
        $plain = $each - ($isMore ? 1 : 2);
        $parts = [...($plain < 1 ? [] : [self::filled(self::one(self::PLAIN), ['k' => $plain])]), self::one($isMore ? self::MORE : self::FEWER)];
        $comma = self::one([', ', ', ', ', ', '; ', ' and ', ' then ', ' + ', ' ', '. ', ',', ', then ', ' / ']);
        $inner = implode($comma, 0 === mt_rand(0, 5) ? array_reverse($parts) : $parts);

        return self::filled(self::one(self::TIMES), ['s' => $inner, 't' => 0 === mt_rand(0, 5) ? self::one(['six', 'twice', '3', 'two']) : $times]);
    }

    /** @param array<string, int|string> $values by their name in the braces */
    private static function filled(string $form, array $values): string
    {
        foreach ($values as $name => $value) {
            $form = str_replace("{{$name}}", (string) $value, $form);
        }

        return $form;
    }

    /**
     * @template T
     *
     * @param non-empty-list<T>|list<T> $of
     *
     * @return T
     */
    private static function one(array $of): mixed
    {
        return $of[mt_rand(0, \count($of) - 1)];
    }
}
