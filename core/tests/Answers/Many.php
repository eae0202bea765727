<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Tests\Notation\WholePatterns;
use Alternum\Core\Words\MessageWords;

/** Many more questions than one would read the answers to. */
final class Many
{
    private const DAMAGES = 16;
    private const BY_CHANCE = 110;
    private const VALUES = [
        null, -1, 0, 1.5, 3, 40, 180, 181, 400, 401, 1e6, '', 'x', "a\nb", true, [], ['x' => 1], [[]], 'yyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyy',
        'yyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyyy',
    ];

    /** @return array<string, \Closure(): iterable<string>> */
    public static function all(): array
    {
        return [
            'many-phrases' => static fn (): iterable => self::of(Phrases::all()),
            'many-written' => static fn (): iterable => self::of(Sentences::all()),
            'many-texts' => static fn (): iterable => self::of(self::texts()),
            'many-plans' => static fn (): iterable => self::of(self::plans()),
            'many-wrong-edits' => static fn (): iterable => self::of(self::wrongEdits()),
            'many-wrong-plans' => static fn (): iterable => self::of(self::wrongPlans()),
        ];
    }

    /**
     * @param iterable<string, iterable<string>> $answers
     *
     * @return iterable<string>
     */
    private static function of(iterable $answers): iterable
    {
        foreach ($answers as $question => $answer) {
            yield "=== {$question}";
            yield from $answer;
        }
    }

    /** @return iterable<string, iterable<string>> */
    private static function texts(): iterable
    {
        foreach (WholePatterns::all() as $pattern) {
            mt_srand(crc32($pattern->name));
            $answers = [...Texts::answer($pattern->lines, $pattern->terms, $pattern->worked)];
            for ($i = 0; $i < self::DAMAGES; ++$i) {
                array_push($answers, ...Texts::answer(Texts::damage($pattern->lines), $pattern->terms, $pattern->worked));
            }
            array_push($answers, ...Texts::print($pattern));
            yield substr(strtr($pattern->name, "\n", '/'), 0, 60) => $answers;
        }
    }

    /** @return iterable<string, iterable<string>> */
    private static function plans(): iterable
    {
        mt_srand(92);
        for ($i = 1; $i <= self::BY_CHANCE; ++$i) {
            $plan = Specimens::byChance();
            yield "analysis {$i}" => SpecimenPlans::analysis($plan);
            yield "pattern {$i}" => SpecimenPlans::pattern($plan);
            foreach (Edits::on($plan, $plan->pieces[0]) as $edit => $answer) {
                yield "{$i} {$edit}" => $answer;
            }
        }
    }

    /**
     * Each field of a plan, one after the other, left out or given values that do not do.
     *
     * @return iterable<string, iterable<string>>
     */
    private static function wrongPlans(): iterable
    {
        foreach (Specimens::all() as $name => $plan) {
            $values = Json::decode(Json::encode($plan->values()), 'a plan');
            if (str_starts_with($name, 'chance') && 'chance 1' !== $name) {
                continue;
            }
            foreach (self::paths(\is_array($values) ? $values : [], []) as $path) {
                yield "{$name} ".implode('.', $path) => self::wrong(
                    \is_array($values) ? $values : [],
                    $path,
                    static fn (array $values): string => PlanWriter::compact(PlanReader::values($values)),
                );
            }
        }
    }

    /**
     * Each field of each edit, in the same way.
     *
     * @return iterable<string, iterable<string>>
     */
    private static function wrongEdits(): iterable
    {
        $read = static fn (array $values): string => print_r(EditKinds::read($values, ''), true);
        foreach (Edits::messages() as $name => $values) {
            foreach (self::paths($values, []) as $path) {
                yield "{$name} ".implode('.', $path) => self::wrong($values, $path, $read);
            }
        }
    }

    /**
     * @param array<mixed>                   $values
     * @param list<int|string>               $path
     * @param \Closure(array<mixed>): string $read   what was read, in full
     *
     * @return iterable<string> what is said of each
     */
    private static function wrong(array $values, array $path, \Closure $read): iterable
    {
        foreach (self::VALUES as $value) {
            try {
                yield 'taken: '.$read(self::with($values, $path, $value));
            } catch (InvalidFields $refusal) {
                foreach ($refusal->problems as $problem) {
                    yield "{$problem->path}: ".MessageWords::says($problem->message).' '.MessageWords::mend($problem->message);
                }
            }
        }
    }

    /**
     * @param array<mixed>     $values
     * @param list<int|string> $path
     *
     * @return array<mixed>
     */
    private static function with(array $values, array $path, mixed $value): array
    {
        $key = array_shift($path);
        if (null === $key) {
            return $values;
        }
        if ([] === $path && null === $value) {
            unset($values[$key]);
        } elseif ([] === $path) {
            $values[$key] = $value;
        } else {
            $inner = $values[$key] ?? [];
            $values[$key] = self::with(\is_array($inner) ? $inner : [], $path, $value);
        }

        return $values;
    }

    /**
     * @param array<mixed>     $values
     * @param list<int|string> $at
     *
     * @return iterable<non-empty-list<int|string>>
     */
    private static function paths(array $values, array $at): iterable
    {
        foreach ($values as $key => $value) {
            // Of a long list the first ones are as good as all.
            if (\is_int($key) && $key > 3) {
                continue;
            }
            yield [...$at, $key];
            if (\is_array($value)) {
                yield from self::paths($value, [...$at, $key]);
            }
        }
    }
}
