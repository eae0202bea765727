<?php

declare(strict_types=1);

namespace Alternum\Mutate;

/** Which tests go through which functions of the core, and how long each takes. */
final readonly class Coverage
{
    private const PLACE = 'var/mutate/probed';

    /**
     * @param array<string, array<string, true>> $tests   by function, and by file: tests as "Class::method"
     * @param array<string, float>               $seconds by test
     */
    private function __construct(private array $tests, private array $seconds)
    {
    }

    /** Runs all the core's tests once, on sources with probes. */
    public static function measured(): self
    {
        foreach (Files::of('core/src') as $file) {
            $probed = self::PLACE.'/'.$file;
            is_dir(\dirname($probed)) || mkdir(\dirname($probed), recursive: true);
            file_put_contents($probed, Probes::in($file, (string) file_get_contents($file)));
        }
        $log = self::PLACE.'/log';
        file_put_contents($log, '');
        $run = TestRun::begin(self::PLACE, ['--cache-result', '--extension', ProbeExtension::class], ['MUTATE_LOG' => $log]);
        if (!$run->ended(600.0)) {
            throw new \RuntimeException("The core's tests fail without any change:\n".$run->output());
        }
        $tests = $seconds = [];
        foreach ((array) file($log, \FILE_IGNORE_NEW_LINES) as $line) {
            /** @var array{test: string, seconds: float, hits: list<string>} $one */
            $one = json_decode((string) $line, true, flags: \JSON_THROW_ON_ERROR);
            $seconds[$one['test']] = ($seconds[$one['test']] ?? 0.0) + $one['seconds'];
            foreach ($one['hits'] as $function) {
                $tests[$function][$one['test']] = true;
                $tests[explode(':', $function)[0]][$one['test']] = true;
            }
        }

        return new self($tests, $seconds);
    }

    /**
     * @return list<string> the tests of its own stage that go through the function that is changed, or through its file where it lies in none; those of
     *                      other stages only where it has none of its own; the quickest first
     */
    public function tests(Mutation $mutation): array
    {
        $through = '' === $mutation->function ? $this->tests[$mutation->file] ?? $this->near($mutation->file) : $this->tests[$mutation->function] ?? [];
        $stage = explode('/', substr($mutation->file, \strlen('core/src/')))[0];
        $own = array_filter($through, static fn (string $test): bool => str_contains($test, "\\Tests\\{$stage}\\"), \ARRAY_FILTER_USE_KEY);
        $tests = array_keys([] === $own ? $through : $own);
        usort($tests, fn (string $one, string $other): int => $this->seconds[$one] <=> $this->seconds[$other]);

        return $tests;
    }

    /** @return array<string, true> the tests that go through whoever names a class that has constants alone */
    private function near(string $file): array
    {
        $name = basename($file, '.php').'::';
        $tests = [];
        foreach (Files::of('core/src') as $other) {
            $tests += str_contains((string) file_get_contents($other), $name) ? $this->tests[$other] ?? [] : [];
        }

        return $tests;
    }

    /** @param list<string> $tests */
    public function seconds(array $tests): float
    {
        return array_sum(array_map(fn (string $test): float => $this->seconds[$test], $tests));
    }
}
