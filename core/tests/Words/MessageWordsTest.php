<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Words;

use Alternum\Core\Plan\Message;
use Alternum\Core\Words\Message\EditMessages;
use Alternum\Core\Words\Message\LayerMessages;
use Alternum\Core\Words\Message\NotationMessages;
use Alternum\Core\Words\Message\PlanMessages;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A code that is told has a sentence, a sentence is told somewhere, and what stands in its braces is given where it is told. */
final class MessageWordsTest extends TestCase
{
    /** Folders whose classes are each one kind of something, and hold its own few words beside what it is. */
    private const OWN_WORDS = [
        'Plan/Thread/', 'Plan/Assembly/', 'Making/Step/', 'Change/Way/', 'Exchange/CommandLine.php', 'Exchange/Export/', 'Drawing/'];

    public function testEveryMessageHasItsSentenceAndItsValues(): void
    {
        $sentences = self::sentences();
        $told = [];
        foreach (self::calls() as $at => [$codes, $values]) {
            self::assertTrue([] !== $codes || str_starts_with($at, 'Edit/EditRefused.php'), "{$at}: a code is written out where it is told.");
            foreach ($codes as $code) {
                $told[$code] = true;
                self::assertArrayHasKey($code, $sentences, $at);
                $from = 0;
                $missing = array_diff(self::braces(implode(' ', $sentences[$code]), $from), $values);
                self::assertSame([], $missing, "{$at}: “{$code}” needs these values.");
            }
        }
        self::assertSame([], array_keys(array_diff_key($sentences, $told, ['said' => true])), 'These sentences are never told.');
    }

    public function testEverySentenceIsOne(): void
    {
        foreach (self::sentences() as $code => $sentences) {
            foreach ($sentences as $sentence) {
                self::assertInstanceOf(\MessageFormatter::class, \MessageFormatter::create('en', $sentence), "{$code}: {$sentence}");
                // PHP refuses a value that is asked for as it stands and as a number.
                $from = 0;
                $values = array_fill_keys(self::braces($sentence, $from), '2');
                self::assertIsString(\MessageFormatter::formatMessage('en', $sentence, $values), "{$code}: {$sentence}");
            }
        }
    }

    /** Three words and a full stop outside Words are a sentence; what a kind says of itself stands beside it. */
    public function testNoOtherStageMakesSentences(): void
    {
        $found = [];
        foreach (self::files() as $file => $code) {
            foreach (str_starts_with($file, 'Words/') || self::isOwn($file) ? [] : \PhpToken::tokenize($code) as $token) {
                if ($token->is([\T_CONSTANT_ENCAPSED_STRING, \T_ENCAPSED_AND_WHITESPACE])
                    && 1 === preg_match('/\w[\w’]* [a-z’]+ [a-z’,]+.*\.[”\'"]?$/u', $token->text) && !str_contains($token->text, ' is no method of change')) {
                    $found[] = "{$file}:{$token->line} {$token->text}";
                }
            }
        }
        self::assertSame([], $found);
    }

    /** @param array<string, int|string|list<int|string>> $values */
    #[TestWith(['round.miscount', ['worked' => 'spiral', 'round' => 4, 'makes' => 1, 'said' => 24], 'Round 4 makes 1 stitch, but the line says 24.'])]
    #[TestWith(['round.miscount', ['worked' => 'rows', 'round' => 4, 'makes' => 12, 'said' => 24], 'Row 4 makes 12 stitches, but the line says 24.'])]
    #[TestWith(['around.tooMany', ['times' => 2, 'uses' => 14, 'below' => 1], '2 of these use 14 stitches, but there is 1.'])]
    #[TestWith(['band.fewer', ['worked' => 'spiral', 'count' => 20, 'there' => 8], 'This band is asked to be 20 rounds high, but only 8 are there.'])]
    #[TestWith(['number.tooMany', ['number' => 12345, 'most' => 2000], '12345 is more than a round can hold, which is 2,000 stitches.'])]
    #[TestWith(['line.severalWays', ['ways' => 3, 'made' => [6, 12, 18]], 'This can be read in 3 ways, which make 6, 12 or 18.'])]
    #[TestWith(['layer.backwards', ['worked' => 'rows', 'layer' => 'stripes', 'from' => 5, 'to' => 2], 'These stripes run backwards, from row 5 to 2.'])]
    #[TestWith(['layer.backwards', ['worked' => 'joined', 'layer' => 'panel', 'from' => 5, 'to' => 2], 'This patch runs backwards, from round 5 to 2.'])]
    #[TestWith(['yarn.noName', ['yarn' => "{it's} {0}"], "“{it's} {0}” is the name of no yarn of this plan."])]
    public function testSaysItWithItsValues(string $code, array $values, string $says): void
    {
        self::assertSame($says, MessageWords::says(Message::of($code, ...$values)));
    }

    public function testAMendIsItsOwnOrTheCodes(): void
    {
        $message = Message::of('again.noRound', round: 9, done: 1);
        self::assertSame(['It names round 9, but there is 1 round before it.', 'Name one that is there.'], [
            MessageWords::says($message),
            MessageWords::mend($message),
        ]);
        self::assertSame('Add 2 sc at the end.', MessageWords::mend($message->mendedBy(Message::of('mend.add', rest: 2, single: 'sc'))));
        self::assertSame('', MessageWords::mend(Message::of('meaning.none')));
        self::assertSame('Fix the rounds first: There is a “)” with no bracket open before it.', MessageWords::says(
            Message::of('edit.fixFirst', wrong: Message::of('bracket.notOpen', sign: ')')),
        ));
    }

    /** @return array<string, list<string>> by code */
    private static function sentences(): array
    {
        $all = NotationMessages::ALL + PlanMessages::ALL + LayerMessages::ALL + EditMessages::ALL;
        self::assertCount(\count(NotationMessages::ALL) + \count(PlanMessages::ALL) + \count(LayerMessages::ALL) + \count(EditMessages::ALL), $all);

        return array_map(array_values(...), $all);
    }

    /**
     * Reads a sentence in ICU's message format, or a text within one of its choices, from a character on.
     *
     * @return list<string> the values that it names
     */
    private static function braces(string $sentence, int &$at): array
    {
        $names = [];
        for (; $at < \strlen($sentence) && '}' !== $sentence[$at]; ++$at) {
            if ("'" === $sentence[$at]) {
                $at = (int) strpos($sentence, "'", $at + 1);
            } elseif ('{' === $sentence[$at]) {
                self::assertSame(1, preg_match('/\G\{(\w+)(?:, number|(, (?:select|plural),))?/', $sentence, $value, 0, $at), $sentence);
                $names[] = $value[1];
                for ($at += \strlen($value[0]); '}' !== $sentence[$at]; ++$at) {
                    if ('{' === $sentence[$at]) {
                        ++$at;
                        array_push($names, ...self::braces($sentence, $at));
                    }
                }
            }
        }

        return $names;
    }

    /** @return iterable<string, array{list<string>, list<string>}> where a message is made: its codes, and the names of its values */
    private static function calls(): iterable
    {
        foreach (self::files() as $file => $code) {
            $tokens = array_values(array_filter(\PhpToken::tokenize($code), static fn (\PhpToken $token): bool => !$token->isIgnorable()));
            foreach ($tokens as $i => $token) {
                $name = ($tokens[$i - 3]->text ?? '').'::'.($tokens[$i - 1]->text ?? '');
                if ('(' === $token->text && \in_array($name, ['Message::of', 'EditRefused::because', 'self::because'], true)) {
                    yield "{$file}:{$token->line}" => self::call($tokens, $i);
                }
            }
        }
    }

    /**
     * @param list<\PhpToken> $tokens
     *
     * @return array{list<string>, list<string>}
     */
    private static function call(array $tokens, int $open): array
    {
        $codes = $values = [];
        $depth = 0;
        $isFirst = true;
        for ($i = $open, $end = \count($tokens); $i < $end; ++$i) {
            $text = $tokens[$i]->text;
            $depth += \in_array($text, ['(', '['], true) ? 1 : (\in_array($text, [')', ']'], true) ? -1 : 0);
            if (0 === $depth) {
                break;
            }
            $isFirst = $isFirst && !(1 === $depth && ',' === $text);
            if ($isFirst && $tokens[$i]->is(\T_CONSTANT_ENCAPSED_STRING) && str_contains($text, '.')) {
                $codes[] = trim($text, "'");
            } elseif (1 === $depth && $tokens[$i]->is(\T_STRING) && ':' === $tokens[$i + 1]->text) {
                $values[] = $text;
            }
        }

        return [$codes, $values];
    }

    private static function isOwn(string $file): bool
    {
        foreach (self::OWN_WORDS as $folder) {
            if (str_starts_with($file, $folder)) {
                return true;
            }
        }

        return false;
    }

    /** @return iterable<string, string> the core's code by its file, and the server's */
    private static function files(): iterable
    {
        $root = \dirname(__DIR__, 2).'/src';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            self::assertInstanceOf(\SplFileInfo::class, $file);
            yield substr($file->getPathname(), \strlen($root) + 1) => (string) file_get_contents($file->getPathname());
        }
    }
}
