<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\YarnStretch;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One thing in other words is the same thing, in every written pattern where it stands. The words are common practice, no source. */
final class AlikeTest extends TestCase
{
    /** Patterns that each way is tried on. */
    private const MOST = 60;

    /** @return iterable<string, array{string, string, 2?: string}> what stands in a line, another way to write it, and lines in which it is another thing */
    public static function ways(): iterable
    {
        foreach (['x $1', '× $1', '* $1', '$1 times', '$1x', 'repeat $1 times', ', $1 times', '[$1 times]'] as $way) {
            yield "a group, {$way}" => ['/(?<=\)) ?x ?(\d+)\b(?! ?(?:rounds|rows|\d))/', str_starts_with($way, ',') ? $way : " {$way}", '/rep from|3sc/'];
        }
        yield 'the times before the group' => ['/(\([^()]*\)) ?x ?(\d+)\b/', '$2x $1', '/^\d+ -/'];
        yield 'square brackets' => ['/\(([^()\d][^()]*)\)(?= ?x ?\d)/', '[$1]'];
        yield 'stars' => ['/(?<![(*\[])\(([a-z][^()\[\]*]*)\) ?x ?(\d+)\b/', '*$1* x$2'];
        yield 'repeat from star' => ['/^(R\d+: )\(([a-z][^()]*)\) ?x ?\d+( \(\d+\))?$/', '$1*$2; rep from * around$3'];
        foreach (['[$1]', '<$1>', '= $1', '- $1 sts', '($1 sts)', '($1 st)', '($1 stitches)', '– $1', '{$1}', '. $1 sts.'] as $way) {
            yield "the count, {$way}" => ['/(?<=[a-z\d)]) \((\d+)\)$/', " {$way}", '/rep|same|\bas\b|contin|until|^Work/i'];
        }
        foreach (['Rnd $1:', 'Round $1:', 'Rd $1:', 'Rnd. $1 -', '$1:', '$1.', '$1)', 'R$1 -', 'R$1 ', 'round $1 –', 'RND $1:', 'Rnd #$1:'] as $way) {
            yield "a head, {$way}" => ['/^R(\d+):/', $way, '/: (?:3 hdc in next|Turn|place)/'];
        }
        foreach (['R$1–$2:', 'Rounds $1-$2:', 'Rnds $1 to $2:', 'R$1-R$2:', 'R$1 – R$2:', '$1-$2:', 'Rnds $1 through $2:', 'Rows $1-$2:'] as $way) {
            yield "a span, {$way}" => ['/^R(\d+) ?- ?(\d+):/', $way];
        }
        foreach ([
            'sc $1', '$1 single crochet', '$1sc',
            'sc in next $1 sts', 'sc in each of the next $1 sts', '1 sc in each of next $1 stitches', '$1 scs',
        ] as $way) {
            yield "several, {$way}" => ['/(?<=[,(] )([2-9]|1\d) sc(?=[,)])/', $way];
        }
        foreach (['increase', 'inc in next st', '2 sc in next st', '2 sc in the next stitch', 'Inc', 'INC', '1 inc'] as $way) {
            yield "two in one, {$way}" => ['/(?<=, )inc(?=\))/', $way, '/ \+ /'];
        }
        foreach (['decrease', 'sc2tog', 'dec over next 2 sts', 'sc 2 tog', 'Dec', '1 dec', 'single crochet 2 together'] as $way) {
            yield "two together, {$way}" => ['/(?<=, )dec(?=\))/', $way];
        }
        foreach (['invdec', 'invisible decrease', 'invisible dec'] as $way) {
            yield "invisibly, {$way}" => ['/\binv dec\b/', $way];
        }
        foreach ([
            'sc in each st around', 'sc in every st', 'sc in each stitch around',
            '1 sc in each st', 'work sc around', 'sc all around', 'sc evenly around',
        ] as $way) {
            yield "plain, {$way}" => ['/(?<=[:.] )sc around\b/', $way];
        }
        foreach (['magic ring', 'a magic ring', 'magic circle', 'the magic ring', 'mr', 'magic loop', 'adjustable ring'] as $way) {
            yield "in a ring, {$way}" => ['/(?<=sc in )MR\b/', $way];
        }
        yield 'the ring first' => ['/^(R1: )(\d+) sc in MR/', '$1MR, $2 sc'];
        yield 'into the ring' => ['/(?<=sc )in MR/', 'into MR'];
        foreach (['switch to', 'change colour to', 'change color to', 'changing to', 'change yarn to', 'Change to'] as $way) {
            yield "a change, {$way}" => ['/\bchange to\b/', $way];
        }
        yield 'a full stop' => ['/(?<=[a-z\d)])$/', '.'];
        yield 'blanks' => ['/, /', ' ,  '];
        yield 'no blanks' => ['/(?<=[a-z]), (?=[a-z])/', ','];
        yield 'blanks at the ends' => ['/^|$/', '  '];
        yield 'capitals' => ['/\b(sc|inc|dec|hdc|dc|around|times|rep)\b/', '\U$1'];
    }

    #[DataProvider('ways')]
    public function testItIsReadTheSame(string $is, string $becomes, string $not = '/^$/'): void
    {
        $tried = 0;
        $others = [];
        foreach (self::patterns() as [$pattern, $said]) {
            $write = static fn (string $line): string => 1 === preg_match($not, $line) ? $line : self::written($is, $becomes, $line);
            $lines = array_map($write, $pattern->lines);
            if ($lines === $pattern->lines || $tried >= self::MOST) {
                continue;
            }
            ++$tried;
            $reading = Reader::read($lines, $pattern->terms, $pattern->worked);
            if (self::said($reading) !== $said || [] !== $reading->errors()) {
                $told = [] === $reading->problems ? '' : MessageWords::says($reading->problems[0]->message);
                $others[] = implode("\n", $pattern->lines)."\n→\n".implode("\n", $lines)."\n{$told}";
            }
        }
        self::assertSame([], $others, "of {$tried}");
        self::assertGreaterThan(0, $tried);
    }

    private static function written(string $is, string $becomes, string $line): string
    {
        return str_starts_with($becomes, '\U')
            ? (string) preg_replace_callback($is, static fn (array $word): string => strtoupper($word[1]), $line)
            : (string) preg_replace($is, $becomes, $line);
    }

    /** @return list<array{WholePattern, list<array<mixed>>}> those that are read without a word, and what they say */
    private static function patterns(): array
    {
        /** @var list<array{WholePattern, list<array<mixed>>}> $known */
        static $known = [];
        // Of our own every third is enough.
        foreach ([] === $known ? WholePatterns::all() : [] as $i => $pattern) {
            if ($i % 3 > 0 && $i >= 267 && !str_contains($pattern->name, 'inv dec')) {
                continue;
            }
            $reading = $pattern->read();
            if (Terms::Us === $pattern->terms && [] === $reading->problems) {
                $known[] = [$pattern, self::said($reading)];
            }
        }

        return $known;
    }

    /** @return list<array<mixed>> */
    private static function said(Reading $reading): array
    {
        return array_map(
            static fn (Round $round, array $yarns): array => [
                $round->codes,
                $round->loops,
                $round->makes,
                array_map(static fn (YarnStretch $run): string => ($run->yarn ?? '-').$run->tops, $yarns),
            ],
            $reading->rounds,
            $reading->yarns(),
        );
    }
}
