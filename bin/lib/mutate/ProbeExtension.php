<?php

declare(strict_types=1);

namespace Alternum\Mutate;

use PHPUnit\Event\Code\TestMethod;
use PHPUnit\Event\Test\Finished;
use PHPUnit\Event\Test\FinishedSubscriber;
use PHPUnit\Runner\Extension\Extension;
use PHPUnit\Runner\Extension\Facade;
use PHPUnit\Runner\Extension\ParameterCollection;
use PHPUnit\TextUI\Configuration\Configuration;

/** Writes a line for each test: its class and method, how long it took, and the functions that it went through. */
final class ProbeExtension implements Extension, FinishedSubscriber
{
    private float $since = 0.0;

    public function bootstrap(Configuration $configuration, Facade $facade, ParameterCollection $parameters): void
    {
        $facade->registerSubscriber($this);
        $this->since = microtime(true);
    }

    public function notify(Finished $event): void
    {
        $test = $event->test();
        if ($test instanceof TestMethod) {
            $line = json_encode([
                'test' => $test->className().'::'.$test->methodName(),
                'seconds' => microtime(true) - $this->since,
                'hits' => array_keys(Probes::$hits),
            ], \JSON_THROW_ON_ERROR);
            file_put_contents((string) getenv('MUTATE_LOG'), $line."\n", \FILE_APPEND);
        }
        Probes::$hits = [];
        $this->since = microtime(true);
    }
}
