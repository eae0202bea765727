<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\Form;
use Alternum\Core\Edit\Spread;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;

/** Every kind of edit on the specimens: what becomes of the plan, or why not. */
final class Edits
{
    /** @return array<string, \Closure(): iterable<string>> */
    public static function all(): array
    {
        return ['edits' => static fn (): iterable => self::made(), 'shapes' => static fn (): iterable => self::shapes()];
    }

    /** @return list<array<string, mixed>> */
    private static function edits(Piece $piece): array
    {
        $lines = $piece->rounds;
        $middle = intdiv(\count($lines), 2);

        return [
            ['do' => 'resize', 'wider' => 1, 'longer' => 0],
            ['do' => 'resize', 'wider' => -1, 'longer' => 0],
            ['do' => 'resize', 'wider' => 0, 'longer' => 3],
            ['do' => 'resize', 'wider' => 2, 'longer' => -1],
            ['do' => 'size', 'widthMm' => 90],
            ['do' => 'size', 'heightMm' => 70],
            ['do' => 'paint', 'rounds' => [2, 3, 6], 'yarn' => 'B'],
            [
                'do' => 'stripes',
                'from' => 2,
                'to' => 7,
                'sequence' => [['yarn' => 'A', 'rounds' => 1], ['yarn' => 'B', 'rounds' => 2]],
                'mirrored' => true,
                'growth' => 1,
            ],
            ['do' => 'stripes', 'from' => 1, 'to' => 6, 'sequence' => [['yarn' => 'B', 'rounds' => 1]], 'heightsMm' => [9]],
            ['do' => 'stitches', 'cells' => [['round' => 3, 'from' => 2, 'to' => 4]], 'yarn' => 'B', 'mirrored' => true],
            ['do' => 'motif', 'text' => 'HI', 'yarn' => 'B'],
            ['do' => 'motif', 'shape' => 'heart', 'yarn' => 'B', 'round' => 4, 'fromFront' => 20],
            ['do' => 'motif', 'rows' => ['A.B', 'BBB'], 'round' => 3],
            ['do' => 'bobbles', 'layer' => 1],
            ['do' => 'shift', 'layer' => 0, 'rounds' => 2, 'degrees' => 30],
            ['do' => 'shift', 'layer' => 1, 'rounds' => 1, 'degrees' => -20, 'stretch' => true],
            ['do' => 'face'],
            ['do' => 'front', 'degrees' => 400],
            ['do' => 'lean', 'rounds' => 10, 'stitches' => 4],
            ['do' => 'renumber'],
            ['do' => 'retype', 'rounds' => [...\array_slice($lines, 0, $middle), ...\array_slice($lines, $middle + 1)]],
            ['do' => 'retype', 'rounds' => [...\array_slice($lines, 0, $middle), 'sc around', ...\array_slice($lines, $middle)]],
            ['do' => 'paste', 'text' => "Body\nR1: 6 sc in MR\nR2: inc x6\n\nEars (make 2)\nR1: 5 sc in MR\nR2: inc x5"],
            ['do' => 'settle', 'setting' => 'worked:joined'],
            ['do' => 'settle', 'setting' => 'terms:uk'],
            ['do' => 'words', 'terms' => 'uk'],
            ['do' => 'swatch', 'stitches' => 20, 'widthMm' => 95, 'rounds' => 18, 'heightMm' => 80],
            ['do' => 'yarn', 'name' => 'dark teal'],
        ];
    }

    /** @return iterable<string, array<string, mixed>> one of each kind, whole */
    public static function messages(): iterable
    {
        $plan = Plans::of(['6 sc in MR', 'inc x6', 'R3-5: sc around']);
        foreach (self::edits($plan->pieces[0]) as $i => $edit) {
            yield "edit {$i}" => $edit + ['piece' => 'body'];
        }
        $shape = ['do' => 'shape', 'piece' => 'body', 'start' => 6, 'spread' => 'stacked', 'decrease' => 'inv dec'];
        yield 'ball' => $shape + ['form' => 'ball', 'widthMm' => 60, 'heightMm' => 60];
        yield 'tube' => $shape + ['form' => 'tube', 'widthStitches' => 40, 'heightRounds' => 12];
        yield 'cone' => $shape + ['form' => 'cone', 'widthMm' => 60, 'tipDegrees' => 50];
        yield 'circle' => $shape + ['form' => 'circle', 'widthMm' => 60, 'growth' => 5];
        yield 'face' => ['do' => 'face', 'piece' => 'body', 'from' => 2, 'to' => 4];
        yield 'heed' => ['do' => 'heed', 'piece' => 'body', 'line' => 2, 'text' => 'Stuff'];
    }

    /** @return iterable<string> */
    private static function made(): iterable
    {
        foreach (Specimens::all() as $name => $plan) {
            foreach ($plan->pieces as $piece) {
                yield "=== {$name}, {$piece->key}";
                foreach (self::on($plan, $piece) as $edit => $answer) {
                    yield "> {$edit}";
                    yield from $answer;
                }
            }
        }
    }

    /** @return iterable<string, iterable<string>> */
    public static function on(Plan $plan, Piece $piece): iterable
    {
        foreach (self::edits($piece) as $edit) {
            $isOfPlan = \in_array($edit['do'], ['words', 'swatch', 'yarn'], true);
            $said = SpecimenPlans::json('retype' === $edit['do'] ? ['do' => 'retype'] : $edit);
            yield $said => self::changed($plan, $edit + ($isOfPlan ? [] : ['piece' => $piece->key]));
        }
    }

    /**
     * @param array<string, mixed> $values
     *
     * @return iterable<string> what differs, or why it is not done
     */
    private static function changed(Plan $plan, array $values): iterable
    {
        try {
            $edit = EditKinds::read($values, '');
            $changed = $edit->apply($plan);
        } catch (EditRefused $refused) {
            yield '! '.MessageWords::says($refused->says);

            return;
        } catch (InvalidFields $refused) {
            $says = static fn (Problem $problem): string => "{$problem->path}: ".MessageWords::says($problem->message);
            yield '! '.implode(' ', array_map($says, $refused->problems));

            return;
        }
        yield $edit->inWords();
        yield from self::difference('', $plan->values(), $changed->values());
    }

    /** @return iterable<string> */
    private static function difference(string $path, mixed $before, mixed $after): iterable
    {
        if (SpecimenPlans::json($before) === SpecimenPlans::json($after)) {
            return;
        }
        if (\is_array($before) && \is_array($after) && array_is_list($before) === array_is_list($after)
            && (!array_is_list($before) || \count($before) === \count($after))) {
            foreach ($before + $after as $key => $_) {
                yield from self::difference("{$path}.{$key}", $before[$key] ?? null, $after[$key] ?? null);
            }

            return;
        }
        yield substr($path, 1).' = '.SpecimenPlans::json($after);
    }

    /**
     * Forms of several sizes, by figures and by centimetres.
     *
     * @return iterable<string>
     */
    private static function shapes(): iterable
    {
        $plan = Plans::of([]);
        foreach (array_column(Form::cases(), 'value') as $form) {
            foreach ([6, 7, 8] as $start) {
                foreach (array_column(Spread::cases(), 'value') as $spread) {
                    foreach ([
                        ['widthMm' => 70, 'heightMm' => 90],
                        ['widthStitches' => 40, 'heightRounds' => 16],
                        ['widthMm' => 50, 'tipDegrees' => 60],
                        ['widthMm' => 60, 'growth' => 4],
                    ] as $size) {
                        $edit = ['do' => 'shape', 'piece' => 'body', 'form' => $form, 'start' => $start, 'spread' => $spread, 'decrease' => 'inv dec'] + $size;
                        yield '> '.SpecimenPlans::json($edit);
                        yield from self::changed($plan, $edit);
                    }
                }
            }
        }
    }
}
