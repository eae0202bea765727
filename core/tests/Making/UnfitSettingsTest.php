<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Making\StuffingGoes;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Finish\RingDrawn;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Tail;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every setting that is chosen shows in what the maker is told to do, or is told to do nothing: on pieces that it fits, and on those that it does not. */
final class UnfitSettingsTest extends TestCase
{
    /** What is told of a setting that does less than it says. */
    private const IN_PART = '/turned after that|for \d only|own ends fill it|it is made as|so it is cut/';
    private const STARTS = [Tail::Weave, Tail::Inside, Tail::Over, Tail::Sew, Tail::Keep];

    /** @return array<string, array<string, mixed>> pieces of all kinds, by what they are */
    private static function pieces(): array
    {
        $stripes = [['kind' => 'fill', 'yarn' => 'A'], Plans::stripes(3, 6, [['B', 1], ['A', 2], ['B', 1]])];
        $disc = ['6 sc in MR', 'inc x6', '(sc, inc) x6', '(2 sc, inc) x6', '(3 sc, inc) x6', '(4 sc, inc) x6'];

        return [
            'a ball' => ['rounds' => Plans::ball(6), 'colours' => $stripes],
            'a disc' => ['rounds' => $disc, 'colours' => $stripes],
            'a narrow tube' => ['rounds' => ['4 sc in MR', 'R2-20: sc around'], 'colours' => $stripes],
            'a tube of nine' => ['rounds' => ['9 sc in MR', 'R2-20: sc around'], 'colours' => $stripes],
            'a hat in joined rounds' => ['rounds' => [...$disc, 'R7-12: sc around'], 'colours' => $stripes, 'worked' => 'joined', 'name' => 'Hat'],
            'a panel in rows' => ['rounds' => ['ch 11', 'sk 1, 10 sc', 'Rows 2-12: sc across'], 'colours' => $stripes, 'worked' => 'rows'],
            'a piece that another goes on from' => ['rounds' => ['6 sc in MR', 'inc x6', 'R3-8: sc around'], 'colours' => $stripes, 'goesOn' => true],
            'a piece on another' => ['rounds' => ['R1-8: sc around (12)'], 'colours' => $stripes, 'on' => true],
        ];
    }

    /** @return iterable<string, array{string, mixed}> a field of a piece, as a path, and a value */
    public static function settings(): iterable
    {
        $values = [
            'finish.ring' => array_column(RingDrawn::cases(), 'value'),
            'finish.start' => array_map(static fn (Tail $tail): string => $tail->value, self::STARTS),
            'finish.end' => array_column(PieceEnd::cases(), 'value'),
            'finish.tailCm' => [3, 77],
            'finish.turned' => [0, 4, 300],
            'finish.stuffing.firmness' => array_column(Firmness::cases(), 'value'),
            'finish.stuffing.goes' => [1, 3, 9],
            'finish.stuffing.clear' => ['the neck'],
            'finish.drawn' => [['segments' => 6], ['segments' => 0, 'base' => true]],
            'changes.method' => array_map(static fn (Method $method): string => $method->value, Method::choices()),
            'changes.line' => [['fromFront' => 180]],
            'changes.at' => [
                [['round' => 2, 'method' => 'slip-stitch']], [['round' => 2, 'method' => 'standing-start', 'begins' => 90]],
                [['round' => 2, 'onward' => 3]], [['round' => 2, 'begins' => 40]], [['round' => 5, 'method' => 'early']], [['round' => 2, 'oldYarn' => 'cut']],
                [['round' => 6, 'oldYarn' => 'carry']], [['round' => 2, 'tails' => ['new' => 'knot']]], [['round' => 2, 'tails' => ['old' => 'over']]],
                [['round' => 99, 'method' => 'early']],
            ],
            'lift' => ['none', 'chain', 'counted'],
            'closing' => ['back-loop'],
            'lean' => [1.2],
            'face' => [['from' => 2, 'to' => 5, 'degrees' => 90], ['from' => 350, 'to' => 360, 'degrees' => 90]],
        ];
        foreach ($values as $path => $all) {
            foreach ($all as $value) {
                yield "{$path} ".json_encode($value) => [$path, $value];
            }
        }
    }

    #[DataProvider('settings')]
    public function testItShowsOrIsTold(string $path, mixed $value): void
    {
        foreach (self::pieces() as $name => $piece) {
            $without = Analysis::of(self::plan($piece));
            $with = Analysis::of(self::plan(self::set($piece, explode('.', $path), $value)));
            self::assertSame([], Problem::errors($with->problems), $name);
            $notes = array_filter($with->problems, static fn (Problem $problem): bool => str_contains((string) $problem->path, ".{$path}"));
            $isTold = [] !== array_diff(
                array_map(static fn (Problem $problem): string => MessageWords::says($problem->message), $notes),
                array_map(static fn (Problem $problem): string => MessageWords::says($problem->message), $without->problems),
            );
            $shows = self::shown($with) !== self::shown($without);
            self::assertTrue($shows || $isTold || self::isSoAnyway($without, $path, $value), "{$path} does nothing on {$name}, and nothing is said.");
            // What shows is not told to do nothing, unless only a part of it does.
            foreach ($isTold && $shows ? $notes : [] as $note) {
                self::assertMatchesRegularExpression(self::IN_PART, MessageWords::says($note->message), $name);
            }
        }
    }

    /** What every change has its own way for, the piece’s own method is not asked for: there is nothing to tell. */
    public function testAMethodThatNoChangeAsksForIsNotTold(): void
    {
        $changes = ['method' => 'plain', 'at' => [['round' => 3, 'method' => 'early'], ['round' => 6, 'method' => 'slip-stitch']]];
        $plan = Plans::of(Plans::ball(4), [Plans::stripes(4, 6, [['B', 3]])], ['changes' => $changes]);
        self::assertCount(2, Analysis::of($plan)->pieces[0]->changes->jogs());
        self::assertSame([], Analysis::of($plan)->problems);
    }

    public function testAPieceWithoutRoundsIsToldNothing(): void
    {
        $piece = ['rounds' => [], 'colours' => [], 'lift' => 'chain', 'finish' => ['turned' => 7]];
        self::assertSame([], Analysis::of(self::plan($piece))->problems);
    }

    /** Whether a piece is so without the setting, too. */
    private static function isSoAnyway(Analysis $analysis, string $path, mixed $value): bool
    {
        $piece = $analysis->pieces[self::at($analysis->plan)];
        $is = $piece->finishing;

        return match ($path) {
            'finish.ring' => $value === $is->ring?->value,
            'finish.start' => $value === $is->start->value,
            'finish.end' => $value === $is->end?->value,
            'finish.tailCm' => $value === (int) $is->tailCm,
            'finish.turned' => 0 === $value,
            'finish.stuffing.firmness' => $value === $is->firmness->value,
            'finish.stuffing.goes' => $value === \count(StuffingGoes::goes($piece->stages->fabric, $piece->stages->form, $is)),
            'changes.method' => [] === array_filter(
                $piece->changes->all,
                static fn (Change $change): bool => $change->place->isJog && $value !== $change->treatment->method->value,
            ),
            // Yarn that is cut there anyway.
            'changes.at' => [['round' => 2, 'oldYarn' => 'cut']] === $value && 'cut' === ($piece->changes->all[0] ?? null)?->yarns->old->value,
            'lift' => 'none' === $value && 'joined' === $piece->piece->worked->value || 'chain' === $value && 'rows' === $piece->piece->worked->value,
            // What a maker sees, and what is laid on the chart, goes by them.
            'lean', 'face' => 'rows' !== $piece->piece->worked->value && ['from' => 350, 'to' => 360, 'degrees' => 90] !== $value,
            default => false,
        };
    }

    /** @return list<mixed> all that is told to do */
    private static function shown(Analysis $analysis): array
    {
        return [
            array_map(
                static fn (array $step): array => [$step['text'], $step['trouble']],
                StepsWriter::values($analysis->plan, $analysis->pieces[self::at($analysis->plan)], Terms::Us)['steps'],
            ),
            WrittenPattern::text($analysis, Terms::Us),
        ];
    }

    private static function at(Plan $plan): int
    {
        return (int) array_search('piece', array_column($plan->pieces, 'key'), true);
    }

    /**
     * @param array<mixed> $piece
     * @param list<string> $path
     *
     * @return array<mixed>
     */
    private static function set(array $piece, array $path, mixed $value): array
    {
        $name = array_shift($path);
        $inside = $piece[$name] ?? [];

        return [$name => [] === $path ? $value : self::set(\is_array($inside) ? $inside : [], $path, $value)] + $piece;
    }

    /** @param array<mixed> $piece */
    private static function plan(array $piece): Plan
    {
        $other = ['key' => 'other', 'name' => 'Other', 'copies' => 1, 'worked' => 'spiral', 'rounds' => ['6 sc in MR', 'inc x6', 'R3-4: sc around'],
            'front' => ['degrees' => 180], 'colours' => [], 'changes' => ['method' => 'auto']];
        $goesOn = \array_key_exists('goesOn', $piece);
        $isOn = \array_key_exists('on', $piece);
        unset($piece['goesOn'], $piece['on']);
        $changes = (\is_array($piece['changes'] ?? null) ? $piece['changes'] : []) + ['method' => 'auto'];
        $own = ['key' => 'piece', 'changes' => $changes] + $piece + ['name' => 'Thing'] + $other;

        return PlanReader::values(['pieces' => match (true) {
            $goesOn => [$own, ['start' => ['join' => 'opening', 'pieces' => ['piece']], 'rounds' => ['R1-4: sc around']] + $other],
            $isOn => [$other, ['start' => ['join' => 'opening', 'pieces' => ['other']]] + $own],
            default => [$own],
        }] + Plans::values([]));
    }
}
