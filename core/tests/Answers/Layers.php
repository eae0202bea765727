<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Layer\Layer;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\LayerKinds;
use Alternum\Core\Plan\Layer\LayerSite;
use Alternum\Core\Plan\Layer\MovableLayer;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Worked;

/** All that is asked of a layer, of several of each kind. */
final class Layers
{
    private const SAMPLES = [
        ['kind' => 'fill'], ['kind' => 'fill', 'yarn' => 'B', 'name' => 'Ground', 'hidden' => true],
        ['kind' => 'typed'],
        ['kind' => 'stripes'], ['kind' => 'stripes', 'from' => 3, 'to' => 9, 'sequence' => [['yarn' => 'A', 'rounds' => 2], ['yarn' => 'B', 'rounds' => 1]]],
        ['kind' => 'stripes', 'from' => 4, 'to' => 4, 'sequence' => [['yarn' => 'B', 'rounds' => 1]]],
        ['kind' => 'stripes', 'from' => 5, 'to' => 14, 'sequence' => [['yarn' => 'B', 'rounds' => 7]]],
        ['kind' => 'helix', 'from' => 3, 'to' => 8, 'yarns' => ['A']], ['kind' => 'helix', 'from' => 4, 'to' => 8, 'yarns' => ['A', 'B']],
        ['kind' => 'helix', 'from' => 9, 'to' => 8, 'yarns' => ['A', 'B', 'C']],
        ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => 'first', 'rounds' => 1]],
        ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => 'last', 'rounds' => 3]],
        ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => 'widest', 'offset' => -1, 'rounds' => 2]],
        ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => 'widest', 'offset' => 0, 'rounds' => 1]],
        ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => 'widest', 'offset' => 0, 'rounds' => 4]],
        ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => 'widest', 'offset' => 1, 'rounds' => 2]],
        ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => 'widest', 'offset' => 2, 'rounds' => 2]],
        ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => 'shrinking']],
        ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => 'rounds', 'from' => 4, 'to' => 6]],
        ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => 'growing']], ['kind' => 'band', 'yarn' => 'B', 'where' => ['part' => 'even']],
        ['kind' => 'run', 'round' => 5, 'from' => 3, 'to' => 3, 'yarn' => 'B'], ['kind' => 'run', 'round' => 5, 'from' => 30, 'to' => 2, 'yarn' => 'B'],
        ['kind' => 'run', 'round' => 13, 'from' => 1, 'to' => 2, 'yarn' => 'B'],
        ['kind' => 'hand'], ['kind' => 'hand', 'rounds' => ['4' => '..B', '6' => 'A.B']], ['kind' => 'hand', 'rounds' => ['x' => 'b', '5' => '.']],
        ['kind' => 'spots', 'from' => 4, 'count' => 6, 'yarn' => 'B'],
        ['kind' => 'spots', 'from' => 4, 'to' => 10, 'step' => 3, 'every' => 5, 'wide' => 2, 'tall' => 2, 'staggered' => true, 'yarn' => 'B'],
        ['kind' => 'spots', 'from' => 4, 'to' => 10, 'step' => 2, 'count' => 1, 'tall' => 3, 'yarn' => 'B'],
        ['kind' => 'spots', 'from' => 4, 'every' => 1, 'yarn' => 'B'],
        ['kind' => 'spots', 'from' => 9, 'to' => 12, 'step' => 3, 'count' => 2, 'tall' => 2, 'yarn' => 'B'],
        ['kind' => 'spots', 'from' => 2, 'every' => 13, 'yarn' => 'B'],
        ['kind' => 'spots', 'from' => 12, 'count' => 40, 'yarn' => 'B', 'tall' => 2],
        ['kind' => 'motif', 'rows' => ['B.B', '.BA'], 'round' => 4, 'fromFront' => 30],
        ['kind' => 'motif', 'rows' => ['B'], 'round' => 12, 'straight' => false],
        ['kind' => 'motif', 'rows' => ['B', '..'], 'round' => 2], ['kind' => 'motif', 'rows' => ['BB', 'BB', 'BB'], 'round' => 11],
        ['kind' => 'panel', 'from' => 3, 'to' => 8, 'degrees' => 90, 'yarn' => 'B'],
        ['kind' => 'panel', 'from' => 3, 'to' => 3, 'degrees' => 360, 'fromFront' => -30, 'yarn' => 'B'],
        ['kind' => 'blend', 'from' => 4, 'to' => 9, 'yarn' => 'B'], ['kind' => 'blend', 'from' => 9, 'to' => 4, 'yarn' => 'B'],
        ['kind' => 'blend', 'from' => 12, 'to' => 12, 'yarn' => 'B'], ['kind' => 'knitted'], [],
    ];

    /** @return array<string, \Closure(): iterable<string>> */
    public static function all(): array
    {
        return ['layers' => static fn (): iterable => self::layers()];
    }

    /** @return iterable<string> */
    private static function layers(): iterable
    {
        $above = null;
        foreach (self::SAMPLES as $sample) {
            yield '=== '.SpecimenPlans::json($sample);
            $fields = Fields::of($sample);
            $entry = LayerKinds::read($fields);
            try {
                $fields->done();
            } catch (InvalidFields $wrong) {
                foreach ($wrong->problems as $problem) {
                    yield 'refused '.self::problem($problem);
                }
                continue;
            }
            yield 'as '.SpecimenPlans::json($entry->values());
            yield from self::answers($entry->layer);
            yield self::moved($entry);
            $joined = $above?->joined($entry->layer);
            if (null !== $above && null !== $joined) {
                yield 'with the one before: '.self::said($joined).', the other way '.self::said($entry->layer->joined($above));
            }
            $above = $entry->layer;
        }
    }

    /** @return iterable<string> */
    private static function answers(Layer $layer): iterable
    {
        $range = static fn (?RoundRange $range): string => null === $range ? '-' : "{$range->from}–{$range->to}";
        yield "“{$layer->inWords()}”, yarns ".SpecimenPlans::json($layer->yarns()).', heights '.SpecimenPlans::json($layer->heights())
            .", picture {$range($layer->pictured())} {$layer->pictureHeight()} high".($layer->facesFront() ? ' in front' : '')
            .", scattered {$range($layer->scattered())}, fades {$range($layer->fades())}".($layer->isWhole() ? ', whole' : '')
            .(null === $layer->spiral() ? '' : ', spiral').(null === $layer->byHand() ? '' : ', by hand');
        $told = [];
        foreach ([[1, 12], [4, 6], [4, 4], [5, 9], [3, 10]] as [$from, $to]) {
            $told[] = $layer->isReplacedBy(new RoundRange($from, $to)) ? "replaced by stripes over {$from}–{$to}" : null;
        }
        foreach ([5, 8, 12] as $last) {
            $cut = $layer->cutStripe($last);
            $told[] = null === $cut ? null : "cut at {$last}: {$range($cut->seen)} of {$cut->yarn}, {$cut->height} high";
        }
        foreach ([[6, 12, 18, 24, 24, 24, 24, 24, 24, 18, 12, 6], [6, 12], []] as $counts) {
            $problem = $layer->check(new LayerSite(Worked::Spiral, $counts));
            $told[] = 'on '.\count($counts).' rounds: '.(null === $problem ? 'fits' : self::problem($problem));
        }
        yield implode('; ', array_filter($told));
    }

    private static function moved(LayerEntry $entry): string
    {
        $told = [];
        foreach ([
            'two in after 5' => Moved::putIn(5, 2), 'one in at the end' => Moved::putIn(12, 1),
            '4–6 out' => Moved::takenOut(4, 6), '5 out' => Moved::takenOut(5, 5), 'larger' => Moved::larger(),
        ] as $how => $moves) {
            $carried = LayerEntry::carried([$entry], $moves);
            $now = [] === $carried ? 'gone' : self::said($carried[0]->layer);
            if (self::said($entry->layer) !== $now) {
                $told[] = "{$how}: {$now}";
            }
        }
        if ($entry->layer instanceof MovableLayer) {
            $told[] = "on {$entry->layer->range()->inWords()}: moved ".self::said($entry->layer->moved(2, 200.0));
            $told[] = 'stretched '.self::said($entry->layer->stretched(3, -45.0));
            $told[] = 'shortened '.self::said($entry->layer->stretched(-30, 300.0));
        }

        return [] === $told ? 'stays' : implode('; ', $told);
    }

    private static function said(?Layer $layer): string
    {
        return null === $layer ? 'none' : SpecimenPlans::json($layer->values());
    }

    private static function problem(Problem $problem): string
    {
        return "{$problem->path} ".($problem->round ?? '-')." {$problem->message->code} ".SpecimenPlans::json($problem->message->values);
    }
}
