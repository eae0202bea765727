<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Colour\ColourVision;
use Alternum\Core\Colour\LabColour;
use Alternum\Core\Colour\Shapes;
use Alternum\Core\Drawing\Stroke;
use Alternum\Core\Edit\AddYarn;
use Alternum\Core\Notation\LiftingChains;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\StitchNames;
use Alternum\Core\Place\Pair;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\HookSize;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\WeightCategory;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\Drawing\Drawings;
use Alternum\Core\Words\GaugeWords;

/** What the trade's tables, the shapes and the colours say, in full. */
final class Tables
{
    private const HEXES = [
        '#000000', '#FFFFFF', '#F2EDE4', '#A04030', '#3A6EA5', '#4D8A4F', '#E7C33C', '#6D4A8D', '#808080', '#24211F', '#FF0000', '#00FF00', '#0000FF',
    ];
    private const COLOURS = ['white', 'dark teal', 'light sky blue', 'flag red', 'mint', 'pale rose', 'deep navy', 'mustard', 'wobbly', 'grey green', 'bright'];

    /** @return array<string, \Closure(): iterable<string>> */
    public static function all(): array
    {
        return [
            'stitches' => static fn (): iterable => self::stitches(),
            'yarns' => static fn (): iterable => self::yarns(),
            'pictures' => static fn (): iterable => self::pictures(),
            'colours' => static fn (): iterable => self::colours(),
            'drawings' => static fn (): iterable => self::drawings(),
        ];
    }

    /** @return iterable<string> */
    private static function stitches(): iterable
    {
        foreach (Stitch::cases() as $stitch) {
            yield "{$stitch->value}: {$stitch->code()} uses {$stitch->uses()}, makes {$stitch->makes()} {$stitch->tops()}, {$stitch->height()} high, "
                ."{$stitch->yarnFactor()} of yarn, lifted by ".LiftingChains::of($stitch)
                .'; same '.($stitch->same()->value ?? '-').', out '.($stitch->out()->value ?? '-').', through both '.($stitch->throughBoth()->value ?? '-')
                .", plain {$stitch->plain()->value}".($stitch->isSame() ? ', is same' : '').($stitch->isOut() ? ', is out' : '');
        }
        foreach (range(1, LiftingChains::MOST) as $chains) {
            yield "{$chains} chains stand for ".LiftingChains::standsFor($chains)->value;
        }
        foreach (Terms::cases() as $terms) {
            foreach (StitchNames::of($terms) as $name => $stitch) {
                yield "{$terms->value} {$name}: {$stitch->value}";
            }
        }
    }

    /** @return iterable<string> */
    private static function yarns(): iterable
    {
        foreach (WeightCategory::cases() as $weight) {
            yield "{$weight->value} {$weight->number()} {$weight->label()}: ".SpecimenPlans::json([$weight->labelStitches(), $weight->labelHookMm()]);
            foreach ([4.0, 8.0, 10.0, 12.0, 15.0, 18.0, 22.0, 26.0, 30.0, 34.0] as $stitches) {
                foreach ([null, 2.0, 3.5, 5.0, 9.0] as $hook) {
                    yield "  {$stitches} on ".($hook ?? '-').': '.(GaugeWords::remark(new Gauge($stitches, $stitches, $hook), $weight) ?? 'nothing');
                }
            }
        }
        for ($mm = 0.5; $mm <= 20.0; $mm += 0.25) {
            yield "{$mm} mm: ".(HookSize::us($mm) ?? '-');
        }
        foreach ((new \ReflectionClass(Limits::class))->getConstants() as $name => $limit) {
            yield "{$name}: ".SpecimenPlans::json($limit);
        }
    }

    /** @return iterable<string> */
    private static function pictures(): iterable
    {
        foreach (Shapes::names() as $name) {
            yield "{$name}: ".implode(' ', Shapes::named($name, 'B') ?? ['none']);
        }
        foreach (str_split('ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789') as $sign) {
            yield "{$sign}: ".implode(' ', Shapes::letters($sign, 'B') ?? ['none']);
        }
        foreach (['Hi 5', 'a b', 'é', '', ' ', str_repeat('W', Shapes::MOST_LETTERS), str_repeat('W', Shapes::MOST_LETTERS + 1)] as $text) {
            yield "“{$text}”: ".implode(' ', Shapes::letters($text, 'B') ?? ['none']);
        }
    }

    /** @return iterable<string> */
    private static function colours(): iterable
    {
        foreach (self::HEXES as $hex) {
            $lab = LabColour::of($hex);
            yield \sprintf('%s: %.3f %.3f %.3f', $hex, $lab->lightness, $lab->a, $lab->b);
            foreach (ColourVision::cases() as $vision) {
                yield "  {$vision->value} {$vision->sees($hex)}";
            }
            foreach (self::HEXES as $other) {
                $pair = Pair::of('A', $hex, 'B', $other);
                yield \sprintf(
                    '  %s: %.3f, mixed %s, %s',
                    $other,
                    $lab->difference(LabColour::of($other)),
                    LabColour::mixed($hex, $other),
                    $pair->trouble->name ?? 'well',
                );
            }
        }
        foreach (self::COLOURS as $name) {
            $yarns = (new AddYarn($name))->apply(Plans::of([]))->yarns;
            yield "{$name}: ".SpecimenPlans::json(array_map(static fn ($yarn): array => $yarn->values(), $yarns));
        }
    }

    /** @return iterable<string> */
    private static function drawings(): iterable
    {
        foreach (Drawings::all() as $name => $series) {
            yield "=== {$name}: {$series->title}";
            foreach ($series->frames as $frame) {
                yield $frame->says;
                yield '  '.implode(' · ', array_map(static fn (Stroke $stroke): string => "{$stroke->ink->value} {$stroke->path}", $frame->sketch->strokes()));
            }
        }
    }
}
