<?php

declare(strict_types=1);

namespace Alternum\Mutate;

/** PHPUnit at work in a process of its own, on classes of which some are others than the written ones. */
final class TestRun
{
    /** Where it is kept how long each test took. */
    private const CACHE = 'var/mutate/cache';

    /**
     * @param resource $process
     * @param string   $output  the file that it writes to
     */
    private function __construct(private $process, private readonly string $output, private readonly float $began)
    {
    }

    /**
     * @param string                $place       where the other classes stand
     * @param list<string>          $arguments
     * @param array<string, string> $environment besides MUTATE_FROM
     */
    public static function begin(string $place, array $arguments, array $environment = []): self
    {
        $output = $place.'/output';
        $process = proc_open(
            [\PHP_BINARY, '-d', 'opcache.enable_cli=1', 'vendor/bin/phpunit', '--testsuite', 'core', '--bootstrap', __DIR__.'/bootstrap.php',
                '--cache-directory', self::CACHE, '--stop-on-defect', '--no-progress', ...$arguments],
            [['file', '/dev/null', 'r'], ['file', $output, 'w'], ['file', $output, 'a']],
            $pipes,
            null,
            ['MUTATE_FROM' => $place] + $environment + getenv(),
        );
        if (!\is_resource($process)) {
            throw new \RuntimeException('PHPUnit does not begin.');
        }

        return new self($process, $output, microtime(true));
    }

    /**
     * Waits for its end.
     *
     * @return bool whether all tests held; not where it took longer
     */
    public function ended(float $seconds): bool
    {
        do {
            usleep(20_000);
            $held = $this->hasHeld($seconds);
        } while (null === $held);

        return $held;
    }

    /** @return bool|null null: it is still at work; false: a test failed, or it took longer than it may */
    public function hasHeld(float $seconds): ?bool
    {
        $status = proc_get_status($this->process);
        if ($status['running']) {
            if (microtime(true) - $this->began < $seconds) {
                return null;
            }
            proc_terminate($this->process, 9);
        }
        proc_close($this->process);

        return !$status['running'] && 0 === $status['exitcode'];
    }

    public function output(): string
    {
        return (string) file_get_contents($this->output);
    }
}
