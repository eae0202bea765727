<?php

declare(strict_types=1);

use Alternum\Core\Exchange\CommandLine;

require dirname(__DIR__).'/vendor/autoload.php';

$read = static function (string $file): ?string {
    $text = @file_get_contents('-' === $file ? 'php://stdin' : $file);

    return false === $text ? null : $text;
};
/** @var list<string> $arguments */
$arguments = array_slice($argv, 1);
$outcome = CommandLine::run($arguments, $read);
fwrite(\STDOUT, $outcome->output);
fwrite(\STDERR, $outcome->said);
exit($outcome->code);
