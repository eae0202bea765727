<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\MergedValue;
use Alternum\Core\Edit\Retype;
use Alternum\Core\Edit\Seen;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class MergedValueTest extends TestCase
{
    private const FILL = '{"kind":"fill","yarn":"A"}';
    private const BAND = '{"kind":"stripes","from":5,"to":9}';

    /** @return iterable<string, array{string, string, string, string}> what was seen, what was made of it, what is there now, and both */
    public static function values(): iterable
    {
        [$fill, $band] = [self::FILL, self::BAND];
        $new = '{"kind":"motif","round":3}';
        $moved = str_replace('5', '6', $band);
        $hidden = str_replace('}', ',"hidden":true}', $fill);
        yield 'nobody else changed it' => ['1', '2', '1', '2'];
        yield 'she left it' => ['1', '1', '2', '2'];
        yield 'both changed it' => ['1', '2', '3', '2'];
        yield 'the order of fields is no change' => ['{"a":1,"b":2}', '{"b":2,"a":1}', '{"a":9,"b":2}', '{"a":9,"b":2}'];
        yield 'whole numbers are numbers' => ['[1]', '[1]', '[1.0,2]', '[1.0,2]'];
        yield 'each another field' => ['{"a":1,"b":2}', '{"a":5,"b":2}', '{"a":1,"b":6}', '{"a":5,"b":6}'];
        yield 'a field taken out, and one put in' => ['{"a":1,"b":2}', '{"a":1}', '{"a":1,"b":2,"c":3}', '{"a":1,"c":3}'];
        yield 'a layer put in while she takes one out' => ["[{$fill},{$band}]", "[{$fill}]", "[{$fill},{$band},{$new}]", "[{$fill},{$new}]"];
        yield 'a layer moved while she hides another' => [
            "[{$fill},{$band}]",
            "[{$hidden},{$band}]",
            "[{$fill},{$moved},{$new}]",
            "[{$hidden},{$moved},{$new}]",
        ];
        $shorter = str_replace('9', '8', $band);
        yield 'a layer of another kind in its place' => ["[{$band}]", "[{$shorter}]", "[{$new}]", "[{$shorter}]"];
        yield 'things with keys in another order' => [
            '[{"key":"a","n":1},{"key":"b","n":1}]',
            '[{"key":"b","n":1},{"key":"a","n":1}]',
            '[{"key":"a","n":2},{"key":"c","n":1},{"key":"b","n":1}]',
            '[{"key":"b","n":1},{"key":"a","n":2},{"key":"c","n":1}]',
        ];
        yield 'a thing with a key taken out, one put in' => [
            '[{"key":"a","n":1},{"key":"b","n":1}]',
            '[{"key":"a","n":1},{"key":"7","n":1}]',
            '[{"key":"a","n":1},{"key":"b","n":2}]',
            '[{"key":"a","n":1},{"key":"7","n":1}]',
        ];
        yield 'a list cleared' => ["[{$fill}]", '[]', "[{$fill},{$new}]", "[{$new}]"];
    }

    #[DataProvider('values')]
    public function testBothCount(string $saw, string $hers, string $now, string $both): void
    {
        $decoded = static fn (string $json): mixed => json_decode($json, true, flags: \JSON_THROW_ON_ERROR);
        self::assertSame($decoded($both), MergedValue::of($decoded($saw), $decoded($hers), $decoded($now)));
    }

    /**
     * A field set where another value was seen.
     *
     * @param list<string> $at
     */
    private static function set(Plan $plan, array $at, mixed $value, mixed $saw): Plan
    {
        $seen = Seen::read(Fields::of(['values' => [['at' => $at, 'value' => $saw]]]));

        return $seen->made(EditKinds::read(['do' => 'set', 'values' => [['at' => $at, 'value' => $value]]], ''), $plan);
    }

    public function testALayerTakenOutDuringAPaintLeavesThePaint(): void
    {
        $layers = [['kind' => 'fill', 'yarn' => 'A'], ['kind' => 'stripes', 'from' => 8, 'to' => 9, 'sequence' => [['yarn' => 'B', 'rounds' => 1]]]];
        $painted = EditKinds::read(['do' => 'paint', 'piece' => 'body', 'rounds' => [3], 'yarn' => 'B'], '')
            ->apply(Plans::of(['24 sc in MR', 'R2-20: sc around'], $layers));
        $both = self::set($painted, ['pieces', 'body', 'colours'], [$layers[0]], $layers);
        self::assertEquals(\array_slice($painted->pieces[0]->colours, 2), \array_slice($both->pieces[0]->colours, 1));
        self::assertCount(2, $both->pieces[0]->colours);
    }

    public function testAPieceAddedDuringTypingLeavesWhatIsTyped(): void
    {
        $plan = Plans::of(['24 sc in MR', 'sc around']);
        $body = $plan->pieces[0]->values();
        $typed = (new Retype('body', ['24 sc in MR', 'sc around # kept']))->apply($plan);
        $both = self::set($typed, ['pieces'], [$body, ['key' => 'ear'] + $body], [$body]);
        self::assertSame(
            [['24 sc in MR', 'sc around # kept'], ['24 sc in MR', 'sc around']],
            array_map(static fn (Piece $piece): array => $piece->rounds, $both->pieces),
        );
    }
}
