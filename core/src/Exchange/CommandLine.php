<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Notation\Reader;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Words\MessageWords;

/** The command line, less its files and streams. */
final class CommandLine
{
    private const USAGE = <<<'TEXT'
        alternum read FILE [--terms=us|uk] [--worked=spiral|joined|rows]   rounds as JSON
        alternum analyse PLAN.json                                         the analysis as JSON
        alternum write PLAN.json --as=text|json|picture [--terms=us|uk]    a written pattern, the plan, or a drawing of the toy
        FILE may be - for standard input.
        Exit: 0 fine, 1 the input has mistakes, 2 wrong use.

        TEXT;

    private const OPTIONS = ['read' => ['terms', 'worked'], 'analyse' => [], 'write' => ['as', 'terms']];

    /**
     * @param list<string>              $arguments without the program's name
     * @param \Closure(string): ?string $read      a file's contents, null where it cannot be read
     */
    public static function run(array $arguments, \Closure $read): CommandOutcome
    {
        if (\in_array('--help', $arguments, true)) {
            return new CommandOutcome(CommandOutcome::FINE, self::USAGE);
        }
        $command = array_shift($arguments);
        if (null === $command || !isset(self::OPTIONS[$command])) {
            return self::wrongUse(null === $command ? 'Say what to do.' : "“{$command}” is no command.");
        }
        $files = [];
        $options = [];
        foreach ($arguments as $argument) {
            if (1 === preg_match('/^--([a-z]+)=(.*)$/D', $argument, $match)) {
                if (!\in_array($match[1], self::OPTIONS[$command], true)) {
                    return self::wrongUse("“{$command}” has no option --{$match[1]}.");
                }
                $options[$match[1]] = $match[2];
            } elseif (str_starts_with($argument, '--')) {
                return self::wrongUse("The option {$argument} is not known, or lacks its =.");
            } else {
                $files[] = $argument;
            }
        }
        if (1 !== \count($files)) {
            return self::wrongUse('Name one file.');
        }
        $terms = isset($options['terms']) ? Terms::tryFrom($options['terms']) : null;
        $worked = isset($options['worked']) ? Worked::tryFrom($options['worked']) : Worked::Spiral;
        if ((isset($options['terms']) && null === $terms) || null === $worked) {
            return self::wrongUse('--terms is us or uk; --worked is spiral, joined or rows.');
        }
        $as = $options['as'] ?? null;
        $export = null === $as ? null : Exports::named($as);
        if ('write' === $command && null === $export) {
            return self::wrongUse('Say --as='.implode(' or --as=', Exports::words()).'.');
        }
        $text = $read($files[0]);
        if (null === $text) {
            return self::wrongUse("The file {$files[0]} cannot be read.");
        }
        try {
            return 'read' === $command ? self::read($text, $terms ?? Terms::Us, $worked) : self::withPlan($text, $export, $terms);
        } catch (InvalidFields $refusal) {
            return new CommandOutcome(
                CommandOutcome::PROBLEMS,
                Json::encode(['problems' => ReadingWriter::problems($refusal->problems)], true)."\n",
                self::inWords($refusal->problems),
            );
        }
    }

    private static function read(string $text, Terms $terms, Worked $worked): CommandOutcome
    {
        if (\strlen($text) > Limits::BYTES) {
            throw InvalidFields::because('', Message::of('text.tooLarge', most: intdiv(Limits::BYTES, 1024)));
        }
        if (!mb_check_encoding($text, 'UTF-8')) {
            throw InvalidFields::because('', Message::of('text.noUtf8'));
        }
        $lines = preg_split('/\r\n|\n|\r/', $text);
        $lines = false === $lines ? [] : $lines;
        if ('' === end($lines)) {
            array_pop($lines);
        }
        $reading = Reader::read($lines, $terms, $worked);

        return new CommandOutcome(
            [] === $reading->errors() ? CommandOutcome::FINE : CommandOutcome::PROBLEMS,
            Json::encode(ReadingWriter::reading($reading), true)."\n",
            self::inWords($reading->problems),
        );
    }

    /** @param class-string<Export>|null $export null: the analysis */
    private static function withPlan(string $text, ?string $export, ?Terms $terms): CommandOutcome
    {
        $plan = PlanReader::json($text);
        $analysis = Analysis::of($plan);
        $output = null === $export ? AnalysisWriter::json($analysis) : $export::write($plan, $terms ?? $plan->terms, true);

        return new CommandOutcome(
            [] === Problem::errors($analysis->problems) ? CommandOutcome::FINE : CommandOutcome::PROBLEMS,
            $output,
            self::inWords($analysis->problems),
        );
    }

    /** @param list<Problem> $problems */
    private static function inWords(array $problems): string
    {
        $said = '';
        foreach ($problems as $problem) {
            $place = null !== $problem->line
                ? "line {$problem->line}, character {$problem->column}: "
                : (null === $problem->path || '' === $problem->path ? '' : "{$problem->path}: ");
            $said .= ($problem->isError() ? '' : 'note: ').(null === $problem->piece
                ? ''
                : "{$problem->piece}, ").$place.MessageWords::says($problem->message).' '.MessageWords::mend($problem->message)."\n";
        }

        return $said;
    }

    private static function wrongUse(string $why): CommandOutcome
    {
        return new CommandOutcome(CommandOutcome::WRONG_USE, '', "alternum: {$why}\n\n".self::USAGE);
    }
}
