<?php

declare(strict_types=1);

namespace Alternum\Core\Tests;

use Alternum\Core\Tests\Answers\AnswersCase;
use Alternum\Core\Tests\Answers\Questions;
use PHPUnit\Framework\TestCase;

/** The answers that the stages hold, as a whole. */
final class AnswersTest extends TestCase
{
    /** What nobody reads holds nothing. */
    public function testTheyCanBeRead(): void
    {
        $lines = array_map(
            static fn (mixed $file): int => substr_count((string) file_get_contents((string) $file), "\n"),
            [...(array) glob(__DIR__.'/answers/*.txt'), __DIR__.'/Notation/readings.txt'],
        );
        self::assertLessThanOrEqual(10_000, array_sum($lines));
    }

    public function testEachIsHeldByAStageInFull(): void
    {
        $held = [];
        foreach ((array) glob(__DIR__.'/*/*AnswersTest.php') as $file) {
            $class = __NAMESPACE__.'\\'.basename(\dirname((string) $file)).'\\'.basename((string) $file, '.php');
            self::assertTrue(is_subclass_of($class, AnswersCase::class));
            $held = [...$held, ...array_keys($class::held(), '', true)];
        }
        self::assertEqualsCanonicalizing(array_keys(Questions::kept()), array_unique($held));
    }
}
