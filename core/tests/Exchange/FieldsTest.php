<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Exchange;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Units;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\TestCase;

final class FieldsTest extends TestCase
{
    /**
     * @param \Closure(Fields): mixed $read
     *
     * @return list<string> path and message of every error
     */
    private static function errors(mixed $value, \Closure $read): array
    {
        $fields = Fields::of($value);
        $read($fields);
        try {
            $fields->done();
        } catch (InvalidFields $refusal) {
            return array_map(static fn (Problem $problem): string => "{$problem->path}: ".MessageWords::says($problem->message), $refusal->problems);
        }

        return [];
    }

    public function testTakesWhatIsThere(): void
    {
        $fields = Fields::of([
            'a' => 'text', 'b' => 2, 'c' => 1.5, 'd' => 'metric', 'e' => ['f' => 'deep'], 'g' => [['h' => 1], ['h' => 2]],
            'i' => ['x', 'y'], 'j' => ['K' => 'L'],
        ]);
        self::assertSame('text', $fields->text('a', 10));
        self::assertSame(2, $fields->whole('b', 1, 3));
        self::assertSame(1.5, $fields->number('c', 0, 2));
        self::assertSame(Units::Metric, $fields->oneOf('d', Units::class));
        self::assertSame('deep', $fields->object('e')->text('f', 10));
        self::assertSame([1, 2], $fields->objects('g', 0, 5, static fn (Fields $one): int => $one->whole('h', 0, 9)));
        self::assertSame(['x', 'y'], $fields->texts('i', 5, 5));
        self::assertSame(['K' => 'L'], $fields->textMap('j', '/^[A-Z]$/', Message::of('field.yarnKey')));
        self::assertSame(7.0, $fields->number('missing', 0, 9, 7.0));
        self::assertSame(7, $fields->whole('missing', 0, 9, 7));
        $fields->done();
    }

    public function testNamesEveryErrorAtItsPath(): void
    {
        $errors = self::errors([
            'a' => 5, 'b' => 'x', 'c' => 9, 'd' => 'furlongs', 'e' => [1], 'g' => 'no', 'i' => ['ok', 5, str_repeat('z', 9)],
            'j' => ['k' => 'L'], 'extra' => null,
        ], static function (Fields $fields): void {
            $fields->text('a', 10);
            $fields->number('b', 0, 1);
            $fields->whole('c', 0, 5);
            $fields->oneOf('d', Units::class);
            $fields->object('e')->text('f', 10);
            $fields->objects('g', 0, 5, static fn (Fields $one): bool => true);
            $fields->texts('i', 5, 5);
            $fields->textMap('j', '/^[A-Z]$/', Message::of('field.yarnKey'));
            $fields->whole('missing', 0, 1);
        });
        self::assertSame([
            'a: This is not a text.',
            'b: This is not a number.',
            'c: 9 is too large.',
            'd: This is none of the choices.',
            'e: This is not an object with named fields.',
            'e.f: This field is missing.',
            'g: This is not a list.',
            'i[1]: This is not a text.',
            'i[2]: This is longer than 5 characters.',
            'j.k: This cannot be used here.',
            'missing: This field is missing.',
            'extra: This field is not known here.',
        ], $errors);
    }

    public function testCountsListsAndFractions(): void
    {
        self::assertSame(['a: There are 3 here.'], self::errors(['a' => ['x', 'y', 'z']], static fn (Fields $fields): array => $fields->texts('a', 2, 5)));
        self::assertSame(
            ['a: There are 0 here.'],
            self::errors(['a' => []], static fn (Fields $fields): array => $fields->objects('a', 1, 2, static fn (Fields $one): bool => true)),
        );
        self::assertSame(['a: 1.5 is not a whole number.'], self::errors(['a' => 1.5], static fn (Fields $fields): int => $fields->whole('a', 0, 5)));
        self::assertSame([': This is not an object with named fields.'], self::errors('text', static fn (Fields $fields): bool => true));
    }

    public function testStopsAtAsManyErrorsAsAPersonReads(): void
    {
        self::assertCount(
            50,
            self::errors(array_fill_keys(array_map(static fn (int $i): string => "field{$i}", range(1, 500)), 1), static fn (Fields $fields): bool => true),
        );
    }
}
