<?php

declare(strict_types=1);

namespace Alternum\Core\Tests;

use Alternum\Core\Tests\Answers\Questions;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What the core answers, in full, to some texts, plans and edits: looked at once, and to be looked at again where it changes. Many more are
 * held against those of another commit by bin/answers.
 *
 * A change that is meant: `ALTERNUM_ANSWERS=write vendor/bin/phpunit --filter AnswersTest`, then read what git says has changed.
 */
final class AnswersTest extends TestCase
{
    /** @return iterable<string, array{string, \Closure(): iterable<string>}> */
    public static function questions(): iterable
    {
        foreach (Questions::kept() as $name => $answer) {
            yield $name => [$name, $answer];
        }
    }

    /** @param \Closure(): iterable<string> $answer its lines */
    #[DataProvider('questions')]
    public function testTheAnswerIsWhatItWas(string $name, \Closure $answer): void
    {
        $file = __DIR__."/answers/{$name}.txt";
        $now = implode("\n", array_map(rtrim(...), Questions::sample($name, $answer())))."\n";
        if ('write' === getenv('ALTERNUM_ANSWERS')) {
            file_put_contents($file, $now);
            self::markTestIncomplete('Look at what has changed.');
        }
        self::assertStringEqualsFile($file, $now);
    }

    /** What nobody reads holds nothing. */
    public function testTheyCanBeRead(): void
    {
        $lines = array_map(
            static fn (mixed $file): int => substr_count((string) file_get_contents((string) $file), "\n"),
            [...(array) glob(__DIR__.'/answers/*.txt'), __DIR__.'/Notation/readings.txt'],
        );
        self::assertLessThanOrEqual(10_000, array_sum($lines));
    }
}
