<?php

declare(strict_types=1);

/*
 * Finds out which tests go through which functions, makes changes chosen by chance, one at a time, and runs the fitting tests of the same stage on each.
 * Exits with 1 where fewer than 90 in 100 are noticed. Called by bin/mutate.
 */

use Alternum\Mutate\Coverage;
use Alternum\Mutate\Mutations;
use Alternum\Mutate\Runs;

require dirname(__DIR__).'/vendor/autoload.php';
chdir(dirname(__DIR__));

/** @var array{count?: string, seed?: string, in?: string, jobs?: string} $options */
$options = getopt('', ['count:', 'seed:', 'in:', 'jobs:']);
$count = (int) ($options['count'] ?? 300);
$seed = (int) ($options['seed'] ?? random_int(1, 999_999));
$jobs = max(1, (int) ($options['jobs'] ?? (int) shell_exec('nproc')));
$aim = 0.9;

$all = Mutations::in($options['in'] ?? 'core/src');
$random = new Random\Randomizer(new Random\Engine\Mt19937($seed));
$chosen = $random->shuffleArray($all);
$chosen = array_slice($chosen, 0, $count);
printf("%s places could be changed; %d are, chosen by seed %d\n", number_format(count($all)), count($chosen), $seed);

$coverage = Coverage::measured();
$began = microtime(true);
$survivors = [];
$done = 0;
foreach (Runs::all($chosen, $coverage, $jobs) as [$mutation, $isNoticed]) {
    ++$done;
    if (!$isNoticed) {
        $survivors[] = $mutation;
        echo "{$mutation->file}:{$mutation->line}  {$mutation->inWords()}".([] === $coverage->tests($mutation) ? '  (no test goes there)' : '')."\n";
    }
    fwrite(\STDERR, "\r{$done} of ".count($chosen).', '.count($survivors).' not noticed ');
}
fwrite(\STDERR, "\n");
$share = [] === $chosen ? 1.0 : 1 - count($survivors) / count($chosen);
printf("%.1f %% of %d changes were noticed (aim: %d %%), in %d s\n", 100 * $share, count($chosen), 100 * $aim, microtime(true) - $began);
exit($share < $aim ? 1 : 0);
