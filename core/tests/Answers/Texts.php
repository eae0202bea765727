<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Edit\Pasted;
use Alternum\Core\Exchange\ReadingWriter;
use Alternum\Core\Notation\Meaning;
use Alternum\Core\Notation\MeaningKind;
use Alternum\Core\Notation\Meanings;
use Alternum\Core\Notation\Parser;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Translation;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Tests\Notation\WholePattern;
use Alternum\Core\Tests\Notation\WholePatterns;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MeaningWords;
use Alternum\Core\Words\MessageWords;

/** What is read of typed words: right ones, and the same with one thing wrong. */
final class Texts
{
    /** Of so many whole patterns one is asked about in full. */
    private const EVERY = 4;

    /** @return array<string, \Closure(): iterable<string>> */
    public static function all(): array
    {
        return [
            'read' => static fn (): iterable => self::read(),
            'damaged' => static fn (): iterable => self::damaged(),
            'meanings' => static fn (): iterable => self::meanings(),
            'printed' => static fn (): iterable => self::printed(),
            'numbers' => static fn (): iterable => self::numbers(),
            'pasted' => static fn (): iterable => self::pasted(),
        ];
    }

    /** @return list<WholePattern> the same ones where others are added */
    private static function patterns(): array
    {
        return array_values(array_filter(WholePatterns::all(), static fn (WholePattern $one): bool => 0 === crc32($one->name) % self::EVERY));
    }

    /** @return iterable<string> */
    private static function read(): iterable
    {
        foreach (self::patterns() as $pattern) {
            yield from self::answer($pattern->lines, $pattern->terms, $pattern->worked);
        }
    }

    /** @return iterable<string> */
    private static function damaged(): iterable
    {
        foreach (self::patterns() as $pattern) {
            mt_srand(crc32($pattern->name));
            yield from self::answer(self::damage($pattern->lines), $pattern->terms, $pattern->worked);
        }
    }

    /**
     * A word is left out, doubled or turned around, or a figure is one off: by chance.
     *
     * @param list<string> $lines
     *
     * @return list<string>
     */
    public static function damage(array $lines): array
    {
        $at = mt_rand(0, \count($lines) - 1);
        $words = explode(' ', $lines[$at]);
        $word = mt_rand(0, \count($words) - 1);
        match (mt_rand(0, 3)) {
            0 => array_splice($words, $word, 1),
            1 => array_splice($words, $word, 0, [$words[$word]]),
            2 => $words[$word] = strrev($words[$word]),
            default => $words[$word] = (string) preg_replace_callback('/\d+/', static fn (array $n): string => (string) ((int) $n[0] + 1), $words[$word]),
        };
        $lines[$at] = implode(' ', $words);

        return array_values($lines);
    }

    /**
     * @param list<string> $lines
     *
     * @return iterable<string>
     */
    public static function answer(array $lines, Terms $terms, Worked $worked): iterable
    {
        yield "=== {$terms->value} {$worked->value}: ".implode(' / ', $lines);
        yield from self::reading(Reader::read($lines, $terms, $worked));
    }

    /** @return iterable<string> */
    public static function reading(Reading $reading): iterable
    {
        $rounds = [];
        foreach ($reading->rounds as $round) {
            $yarns = implode(
                ' ',
                array_map(static fn (int $at, $yarn): string => "{$at}{$yarn->yarn}".($yarn->way->value ?? ''), array_keys($round->named), $round->named),
            );
            $rounds[] = "{$round->number} L{$round->line} {$round->below}:{$round->uses}→{$round->makes} ".self::folded($round->codes)
                .('' === $round->loops ? '' : ' loops '.self::folded(strtr($round->loops, ' ', '_'))).('' === $yarns ? '' : " yarns {$yarns}")
                .(null === $round->nextYarn ? '' : " next {$round->nextYarn->yarn}").($round->readable ? '' : ' unread')
                .($round->lifting->before + $round->lifting->after > 0 ? " lift {$round->lifting->before}/{$round->lifting->after}" : '')
                .($round->chainIsFirst ? ' chain first' : '').(null === $round->closed ? '' : " closed {$round->closed->name}");
        }
        yield implode('; ', $rounds);
        foreach ($reading->said as $said) {
            yield "& {$said->after} {$said->kind->name} {$said->text}";
        }
        foreach ($reading->problems as $problem) {
            yield "! {$problem->line}:{$problem->column}+{$problem->length} {$problem->severity->value} "
                .MessageWords::says($problem->message).' | '.MessageWords::mend($problem->message)
                .(null === $problem->setting ? '' : " [{$problem->setting->value}]").(null === $problem->newYarn ? '' : " [{$problem->newYarn}]");
            foreach ($problem->fixes as $fix) {
                yield '  → '.self::fix($fix);
            }
            foreach ($problem->readings as $one) {
                yield '  ? '."{$one->notation} = {$one->makes}";
            }
        }
    }

    private static function fix(Fix $fix): string
    {
        return MessageWords::says($fix->label)." at {$fix->position}+{$fix->length}: {$fix->text}";
    }

    private static function folded(string $codes): string
    {
        return (string) preg_replace_callback(
            '/(.{1,4}?)\1{2,}/',
            static fn (array $part): string => "{{$part[1]}:".\strlen($part[0]) / \strlen($part[1]).'}',
            $codes,
        );
    }

    /** @return iterable<string> */
    private static function meanings(): iterable
    {
        foreach (Terms::cases() as $terms) {
            $words = new MeaningWords($terms);
            foreach (self::lines($terms) as $line) {
                $parsed = Parser::of($terms)->line($line);
                yield "=== {$line}";
                foreach ([] === $parsed->lines ? [null] : $parsed->lines as $i => $taken) {
                    yield "{$i}: ".implode(' ', array_map(
                        static fn (Meaning $meaning): string => "{$meaning->span->from}-{$meaning->span->end} "
                            .(MeaningKind::Understood === $meaning->kind ? '' : "{$meaning->kind->name} ").$words->says($meaning),
                        Meanings::of($line, $parsed, $taken),
                    ));
                }
            }
        }
    }

    /** @return list<string> */
    private static function lines(Terms $terms): array
    {
        $lines = [];
        foreach (self::patterns() as $pattern) {
            $lines = $pattern->terms === $terms ? [...$lines, ...$pattern->lines] : $lines;
        }
        $lines = array_values(array_unique($lines));

        return array_values(array_filter($lines, static fn (int $i): bool => 0 === $i % 2, \ARRAY_FILTER_USE_KEY));
    }

    /** @return iterable<string> */
    private static function printed(): iterable
    {
        foreach (self::patterns() as $pattern) {
            yield '=== '.strtr($pattern->name, "\n", '/');
            yield from self::print($pattern);
        }
    }

    /** @return iterable<string> */
    public static function print(WholePattern $pattern): iterable
    {
        $reading = $pattern->read();
        foreach (Terms::cases() as $terms) {
            $printer = new Printer($terms, $pattern->worked);
            $lines = [];
            foreach ($reading->syntax->worked() as $i => $line) {
                $lines[] = $printer->whole($line, $i + 1, $i + 1, $reading->rounds[$i]->makes);
            }
            yield implode(' / ', $lines);
        }
        $translation = new Translation($pattern->terms, Terms::Us === $pattern->terms ? Terms::Uk : Terms::Us);
        yield '< '.implode(' / ', array_map($translation->line(...), $pattern->lines));
    }

    /**
     * Several patterns under one another, with headings, as one pastes them.
     *
     * @return iterable<string>
     */
    private static function pasted(): iterable
    {
        $headings = ['Body', 'Arms (make 2)', '## Head ##', 'Legs x2:', 'Left ear', 'Tail - make one', 'Fin (make 3 in B)'];
        foreach (self::patterns() as $pattern) {
            $first = crc32($pattern->name) % \count($headings);
            if ($first > 1) {
                continue;
            }
            $text = $headings[$first]."\n".implode(
                "\n",
                $pattern->lines,
            )."\n\n".$headings[($first + 3) % \count($headings)]."\n".implode("\n", $pattern->lines);
            yield SpecimenPlans::json(ReadingWriter::pasted(Pasted::of($text, $plan = Plans::of([])), $plan));
        }
    }

    /**
     * Figures in words, and all that stands for "as often as there is room".
     *
     * @return iterable<string>
     */
    private static function numbers(): iterable
    {
        $words = [
            'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve', 'thirteen', 'fourteen', 'fifteen',
            'sixteen', 'seventeen', 'eighteen', 'nineteen', 'twenty', 'twenty-one', 'thirty', 'thirty six', 'forty', 'fifty', 'sixty', 'once', 'twice',
            'thrice', '1st', '2nd', '3rd', '12th', 'first', 'second', 'third', 'fourth', 'tenth', 'last', 'half', '1/2', '½', '0', '007', '9999', '10000',
        ];
        foreach ($words as $word) {
            yield from self::answer(
                ['60 sc in MR', "{$word} sc, (sc, inc) around", "sc around for {$word} rounds", "(2 sc) {$word} times"],
                Terms::Us,
                Worked::Spiral,
            );
        }
        $rests = [
            'around', 'across', 'to end', 'to the end of the round', 'all around',
            'evenly', 'in each st', 'until 2 sts remain', 'repeat to end', 'rep from * around',
            'in next 6 sts', 'in the same st', 'into the last st', 'through both layers', 'in BLO', 'in B', 'with B to the end', 'x', 'x6 (18)', '3 times more',
        ];
        foreach ($rests as $rest) {
            yield from self::answer(['12 sc in MR', "sc {$rest}", "(sc, inc) {$rest}", "*sc, inc* {$rest}", "2 sc, dec {$rest}"], Terms::Us, Worked::Spiral);
        }
        $whole = [
            'inc (2 sc in same st) x6', 'inc (2 sc in next st), sc, repeat around',
            'dec (sc2tog) x6', 'dec (2 sc together), 10 sc', 'bob (5 dc together), 11 sc',
            'hdc (half double crochet) around', '(sc, hdc) in next st, 11 sc', '(2 dc, ch 1) in first st, 11 sc', 'sc 12 = 12', '12 sc = 12 sts', '= 12 sc',
            '12 sc #12', 'sc around # 12', '12 sc - 12', 'change B, sc around', 'change from A to B, sc around', 'change to B in last st, sc around',
            'B, sc around', 'B: sc around', 'B: 6 sc, A: 6 sc', 'in B: sc around',
            '[B] 6 sc, [A] 6 sc', 'sc around (B)', 'with A then B: inc, 11 sc', 'cut A, join B, sc',
            'join B with sl st in any st, sc around', 'join B with a standing sc, 11 sc', '*sc in each st* around', 'rep (sc, inc) until 2 sts left, 2 sc',
            '*sc, inc; rep from * to last 2 sts, 2 sc', 'skip 1 st, 11 sc',
            'sk 2, rep from * 5 more times', 'sc in back loop of each st', 'sc in 3rd st from hook',
            'as established', 'repeat the last round', 'work as round 1',
            'continue as before for 2 rounds', 'same as R1 (12)', 'ch 1, sc around, join', 'ch 1, turn',
            'sl st in next 3 sts, ch 1, 9 sc', 'ch 4, 12 sc', '12 sc, ch 3', 'sc around, place eyes, 3 sc',
            'Row 2: 12 sc', 'R2-: sc', 'R2 to 4: sc around', 'x6: sc, sc',
        ];
        foreach ($whole as $line) {
            foreach (Worked::cases() as $worked) {
                yield from self::answer(['12 sc in MR', $line, 'sc around'], Terms::Us, $worked);
            }
        }
    }
}
