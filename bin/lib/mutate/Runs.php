<?php

declare(strict_types=1);

namespace Alternum\Mutate;

/** Runs the fitting tests on each change, several at once. */
final class Runs
{
    /** A change that makes the tests so many times slower is noticed: it may never end. */
    private const SLOWER = 4.0;
    private const BEGINNING = 6.0;

    /**
     * @param list<Mutation> $mutations
     *
     * @return iterable<array{Mutation, bool}> each, as it is done, and whether a test noticed it
     */
    public static function all(array $mutations, Coverage $coverage, int $jobs): iterable
    {
        /** @var array<int, array{Mutation, TestRun, float}> $running */
        $running = [];
        while ([] !== $mutations || [] !== $running) {
            for ($job = 0; $job < $jobs; ++$job) {
                $next = isset($running[$job]) ? null : array_shift($mutations);
                if (null === $next) {
                    continue;
                }
                $tests = $coverage->tests($next);
                if ([] === $tests) {
                    yield [$next, false];
                    continue;
                }
                $running[$job] = [$next, self::begin($next, $tests, "var/mutate/{$job}"), self::BEGINNING + self::SLOWER * $coverage->seconds($tests)];
            }
            usleep(20_000);
            foreach ($running as $job => [$mutation, $run, $seconds]) {
                $held = $run->hasHeld($seconds);
                if (null !== $held) {
                    unset($running[$job]);
                    yield [$mutation, !$held];
                }
            }
        }
    }

    /** @param list<string> $tests */
    private static function begin(Mutation $mutation, array $tests, string $place): TestRun
    {
        foreach (is_dir("{$place}/core") ? Files::of("{$place}/core") : [] as $old) {
            unlink($old);
        }
        $file = "{$place}/{$mutation->file}";
        is_dir(\dirname($file)) || mkdir(\dirname($file), recursive: true);
        file_put_contents($file, $mutation->appliedTo((string) file_get_contents($mutation->file)));
        $names = implode('|', array_map(static fn (string $test): string => preg_quote($test, '/'), $tests));

        return TestRun::begin($place, ['--do-not-cache-result', '--order-by', 'duration', '--filter', "/^({$names})( with data set .*)?$/"]);
    }
}
