<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Edit\Pasted;
use Alternum\Core\Edit\PastedPiece;
use Alternum\Core\Edit\PastedYarns;
use Alternum\Core\Notation\Meaning;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\YarnStretch;
use Alternum\Core\Plan\AskedReading;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Words\MeaningWords;
use Alternum\Core\Words\MessageWords;
use Alternum\Core\Words\PlaceWords;

/** What was read of typed words as values for JSON: contract/analysis.schema.json and contract/openapi.yaml. */
final class ReadingWriter
{
    /** @return array<string, mixed> what `bin/alternum read` prints */
    public static function reading(Reading $reading): array
    {
        return [
            'rounds' => self::rounds($reading),
            'problems' => self::problems($reading->problems),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function rounds(Reading $reading): array
    {
        $rounds = [];
        $yarns = $reading->yarns();
        foreach ($reading->rounds as $i => $round) {
            if ($round->readable) {
                $rounds[] = [
                    'number' => $round->number,
                    'uses' => $round->uses,
                    'makes' => $round->makes,
                    'stitches' => $round->stitches(),
                    'yarns' => self::yarns($yarns[$i]),
                    'cues' => $reading->cuesOf($round->number),
                ];
            }
        }

        return $rounds;
    }

    /**
     * @param list<YarnStretch> $runs
     *
     * @return list<array{yarn: string|null, stitches: int}> the yarns that words name in a round, in working order; null where they name none
     */
    public static function yarns(array $runs): array
    {
        return array_map(static fn (YarnStretch $run): array => ['yarn' => $run->yarn, 'stitches' => $run->tops], $runs);
    }

    /** @return array<string, mixed> what was understood of a pasted pattern, before it is taken */
    public static function pasted(Pasted $pasted, Plan $plan): array
    {
        return ['yarns' => PastedYarns::new($pasted, $plan), 'pieces' => array_map(static function (PastedPiece $piece): array {
            $problems = [];
            foreach ($piece->reading->errors() as $problem) {
                $problems[$problem->line ?? 1] ??= MessageWords::says($problem->message);
            }

            return [
                'name' => $piece->name,
                'copies' => $piece->copies,
                'worked' => $piece->worked->value,
                'rounds' => \count($piece->reading->rounds),
                'stitches' => $piece->reading->stitches(),
                'problems' => \count($piece->reading->errors()),
                'begins' => null === $piece->begins ? null : [
                    'says' => MessageWords::says($piece->begins->label()).self::counted($piece->countedOn),
                    'words' => $piece->begins->words,
                ],
                'lines' => array_map(static fn (string $line, ?RoundRange $span, int $i): array => [
                    'text' => $line,
                    'rounds' => null === $span ? null : ['from' => $span->from, 'to' => $span->to],
                    'makes' => null === $span ? null : $piece->reading->rounds[$span->to - 1]->makes,
                    'problem' => $problems[$i + 1] ?? null,
                ], $piece->lines, $piece->reading->spans, array_keys($piece->lines)),
            ];
        }, $pasted->pieces)];
    }

    /**
     * @param list<Meaning> $meanings
     *
     * @return array<string, mixed> what a typed line was taken for
     */
    public static function meanings(array $meanings, Terms $terms): array
    {
        $words = new MeaningWords($terms);

        return [
            'meanings' => array_map(
                static fn (Meaning $meaning): array => [
                    'column' => $meaning->span->from + 1,
                    'length' => $meaning->span->length(),
                    'kind' => $meaning->kind->value,
                    'says' => $words->says($meaning),
                ],
                $meanings,
            ),
        ];
    }

    /**
     * @param list<Problem> $problems
     *
     * @return list<array<string, mixed>>
     */
    public static function problems(array $problems): array
    {
        return array_map(static fn (Problem $problem): array => array_filter([
            'message' => MessageWords::says($problem->message),
            'severity' => $problem->severity->value,
            'mend' => MessageWords::mend($problem->message),
            'piece' => $problem->piece,
            'path' => $problem->path,
            'where' => null === $problem->line && '' !== ($problem->path ?? '') ? PlaceWords::of($problem->path ?? '') : null,
            'line' => $problem->line,
            'column' => $problem->column,
            'length' => $problem->length,
            'round' => $problem->round,
            'numbering' => $problem->isNumbering ? true : null,
            'readings' => [] === $problem->readings
                ? null
                : array_map(static fn (AskedReading $reading): array => ['says' => $reading->notation, 'makes' => $reading->makes], $problem->readings),
            'setting' => $problem->setting?->value,
            'newYarn' => $problem->newYarn,
            'fixes' => [] === $problem->fixes
                ? null
                : array_map(
                    static fn (Fix $fix): array => [
                        'label' => MessageWords::says($fix->label),
                        'column' => $fix->position + 1,
                        'length' => $fix->length,
                        'text' => $fix->text,
                    ],
                    $problem->fixes,
                ),
        ], static fn (mixed $value): bool => null !== $value), $problems);
    }

    /** That its rounds have other numbers than in the pattern, which counts those of another piece before them. */
    private static function counted(int $before): string
    {
        return 0 === $before ? '' : '; '.MessageWords::says(Message::of('begin.countsOn', said: $before + 1));
    }
}
