<?php

declare(strict_types=1);

return (new PhpCsFixer\Config())
    ->setRiskyAllowed(true)
    ->setRules([
        '@Symfony' => true,
        '@Symfony:risky' => true,
        'declare_strict_types' => true,
        'native_function_invocation' => ['include' => ['@compiler_optimized'], 'scope' => 'namespaced', 'strict' => true],
        'phpdoc_to_comment' => false,
        'single_line_throw' => false,
        'phpdoc_align' => ['align' => 'vertical'],
    ])
    ->setCacheFile(__DIR__.'/var/php-cs-fixer.cache')
    ->setFinder(PhpCsFixer\Finder::create()->in([__DIR__.'/core/src', __DIR__.'/core/tests', __DIR__.'/src', __DIR__.'/tests', __DIR__.'/migrations', __DIR__.'/bin/lib/mutate'])->append([__FILE__, __DIR__.'/bin/alternum.php', __DIR__.'/bin/bench.php', __DIR__.'/bin/mutate.php']));
