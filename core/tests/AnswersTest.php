<?php

declare(strict_types=1);

namespace Alternum\Core\Tests;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * What the core answers, in full, to a good many texts, plans and edits: looked at once, and to be looked at again where it changes.
 *
 * A change that is meant: `ALTERNUM_ANSWERS=write vendor/bin/phpunit --filter AnswersTest`, then read what git says has changed.
 */
final class AnswersTest extends TestCase
{
    /** @return iterable<string, array{string, \Closure(): iterable<string>}> */
    public static function questions(): iterable
    {
        foreach (Answers\Texts::all() + Answers\SpecimenPlans::all() + Answers\Edits::all() + Answers\Digests::all()
            + Answers\Tables::all() as $name => $answer) {
            yield $name => [$name, $answer];
        }
    }

    /** @param \Closure(): iterable<string> $answer its lines */
    #[DataProvider('questions')]
    public function testTheAnswerIsWhatItWas(string $name, \Closure $answer): void
    {
        $file = __DIR__."/answers/{$name}.txt";
        $lines = [];
        foreach ($answer() as $line) {
            $lines[] = rtrim($line);
        }
        $now = implode("\n", $lines)."\n";
        if ('write' === getenv('ALTERNUM_ANSWERS')) {
            file_put_contents($file, $now);
            self::markTestIncomplete('Look at what has changed.');
        }
        self::assertStringEqualsFile($file, $now);
    }
}
