<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Making\Guide\Flow;
use Alternum\Core\Making\Guide\Guide;
use Alternum\Core\Making\Guide\GuidedRound;
use Alternum\Core\Making\Guide\Stop;
use Alternum\Core\Making\Guide\Told;
use Alternum\Core\Making\Step\ChangeYarn;
use Alternum\Core\Making\Step\UntilItFits;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Words\Drawing\Drawings;
use Alternum\Core\Words\StepWords;

/** One piece as the making page keeps it, stop by stop. Compact, as it is kept on a phone: contract/openapi.yaml, Guide. */
final class GuideWriter
{
    /** Characters of a piece in one answer. */
    public const MOST = 100_000;

    /**
     * @param int      $at    the set of yarns, from 0; one that is not there is the first
     * @param int      $after how many of its rounds were asked for before: an answer bears so many characters, and `next` says after which the next begins
     * @param int|null $most  characters; null: all of it
     *
     * @return array<string, mixed> one piece, stop by stop
     */
    public static function piece(Plan $plan, PieceAnalysis $piece, int $at = 0, int $after = 0, ?int $most = null): array
    {
        $groups = $piece->piece->copies->groups();
        $words = StepsWriter::words($plan, $piece, $groups[$at] ?? $groups[0], $plan->terms);
        $guide = Flow::of($piece->site());
        $told = self::wrongBefore($guide, $after);
        $fits = self::fits($guide);
        $slips = new SlipsWriter($plan, $piece, $guide);
        $rounds = $stops = [];
        $ofRound = [];
        foreach ($guide->stops as $stop) {
            $ofRound[$stop->round][] = $stop;
        }
        $room = $most ?? \PHP_INT_MAX;
        $last = $after;
        for ($number = 0 === $after ? 0 : $after + 1; $number <= \count($guide->rounds) && $room > 0; ++$number) {
            $written = array_map(static function (Stop $stop) use ($plan, $words, &$told): array {
                return self::stop($plan, $words, $stop, $told);
            }, $ofRound[$number] ?? []);
            $round = isset($guide->rounds[$number])
                ? [self::round($plan, $piece, $words, $guide->rounds[$number]) + ['slips' => $slips->of($number)] + ($fits[$number] ?? [])]
                : [];
            array_push($rounds, ...$round);
            array_push($stops, ...$written);
            $room -= \strlen((string) json_encode([$round, $written]));
            $last = $number;
        }

        return [
            'piece' => $piece->piece->key,
            'group' => isset($groups[$at]) ? $at : 0,
            'name' => $piece->piece->name,
            'once' => $piece->piece->worked->once(),
            'worked' => $piece->piece->worked->value,
            'beginsAtTop' => $piece->stages->frame->beginsAtTop(),
            ...self::stitches($guide, $plan),
            'rounds' => $rounds,
            'slips' => $slips->named(),
            'marks' => self::marks($piece),
            'hangs' => self::hangs($guide, $words),
            'stops' => $stops,
            'next' => $last < \count($guide->rounds) ? $last : null,
        ];
    }

    /** @return array<int, array{fits: array{int, int}}> by round: the first and the last of those that go on until it fits */
    private static function fits(Guide $guide): array
    {
        $fits = [];
        foreach ($guide->stops as $stop) {
            foreach (array_column($stop->told, 'step') as $step) {
                $range = $step instanceof UntilItFits ? $step->rounds : null;
                $fits = (null === $range ? [] : array_fill($range->from, $range->count(), ['fits' => [$range->from, $range->to]])) + $fits;
            }
        }

        return $fits;
    }

    /** @return array<string, true> what often goes wrong is told once: names of what was told before the rounds after one */
    private static function wrongBefore(Guide $guide, int $after): array
    {
        $wrong = [];
        foreach (0 === $after ? [] : $guide->stops as $stop) {
            foreach ($stop->round <= $after ? [...array_column($stop->told, 'step'), ...null === $stop->step ? [] : [$stop->step]] : [] as $step) {
                StepsWriter::wrong($step->mayGoWrong(), $wrong);
            }
        }

        return $wrong;
    }

    /** @return array{makes: array<string, int>, lasts: array<string, string>} by abbreviation: stitches that each leaves, and what it looks like */
    private static function stitches(Guide $guide, Plan $plan): array
    {
        $makes = $lasts = [];
        $codes = implode('', array_map(static fn (GuidedRound $round): string => $round->round->codes, $guide->rounds));
        foreach (array_keys(count_chars($codes, 1)) as $byte) {
            $stitch = Stitch::ofCode(\chr($byte));
            $name = Vocabulary::of($plan->terms)->abbreviation($stitch);
            $makes[$name] = $stitch->makes();
            $lasts[$name] = match (true) {
                $stitch->isIncrease() => 'increase',
                $stitch->isDecrease() => 'decrease',
                default => 'plain',
            };
        }

        return ['makes' => $makes, 'lasts' => $lasts];
    }

    /** @return array<string, mixed> */
    private static function round(Plan $plan, PieceAnalysis $piece, StepWords $words, GuidedRound $round): array
    {
        $number = $round->worked->from;
        $frame = $piece->stages->frame;
        $said = $words->rounds->groups($round->worked);
        $groups = [];
        foreach ($round->ends as $i => $end) {
            $yarns = implode('', array_map($words->letter(...), str_split($round->segments[$i]->yarns)));
            $groups[] = ['yarn' => $yarns, 'text' => $said[$i]['text'] ?? $words->rounds($round->worked), 'to' => $end];
        }
        $edge = $piece->form->outline[$number] ?? null;

        return [
            'makes' => $round->worked->makes,
            'total' => $round->total(),
            'begins' => $frame->isFlat() ? 0 : round($frame->signedFromFront(360.0 * $frame->start($number)), 1),
            'across' => null === $edge ? 0 : round(2 * $edge->radius + $edge->straight, 1),
            'level' => null === $edge ? 0 : round($edge->level, 1),
            'groups' => $groups,
            'each' => self::each($round->round->codes, $plan),
        ] + ($round->isLength() ? ['alike' => [$round->first, $round->last]] : []);
    }

    /** @return list<string> its stitches in working order, how many one after the other: "2 sc" */
    private static function each(string $codes, Plan $plan): array
    {
        $each = [];
        for ($i = 0, $end = \strlen($codes); $i < $end; $i += $times) {
            $times = strspn($codes, $codes[$i], $i);
            $each[] = "{$times} ".Vocabulary::of($plan->terms)->abbreviation(Stitch::ofCode($codes[$i]));
        }

        return $each;
    }

    /** @return list<string> what is left to hang at its end: how long, and what for */
    private static function hangs(Guide $guide, StepWords $words): array
    {
        $ends = array_filter($guide->stops, static fn (Stop $stop): bool => StepKind::FastenOff === $stop->step?->kind());

        return array_values(array_map(static fn (Stop $stop): string => $stop->step?->toDo($words, false) ?? '', $ends));
    }

    /** @return list<array{round: int, degrees: list<float>, is: string}> what is put on it, in degrees from the front */
    private static function marks(PieceAnalysis $piece): array
    {
        $marks = [];
        foreach ($piece->placing->placed as $placed) {
            $marks[] = [
                'round' => $placed->round,
                'degrees' => array_map(static fn (float $degrees): float => round($piece->stages->frame->signedFromFront($degrees), 1), $placed->degrees),
                'is' => $placed->placement->named(),
            ];
        }

        return $marks;
    }

    /**
     * @param array<string, true> $wrong troubles that were told, by name, and added to
     *
     * @return array<string, mixed>
     */
    private static function stop(Plan $plan, StepWords $words, Stop $stop, array &$wrong): array
    {
        $told = [];
        $mayGoWrong = [];
        foreach ($stop->told as $one) {
            $text = $one->step->toDo($words, false);
            array_push($mayGoWrong, ...StepsWriter::wrong($one->step->mayGoWrong(), $wrong));
            if ('' !== $text) {
                $told[] = self::told($words, $one, $text);
            }
        }
        array_push($mayGoWrong, ...StepsWriter::wrong(null === $stop->step ? [] : $stop->step->mayGoWrong(), $wrong));

        return ['round' => $stop->round, 'from' => $stop->from, 'to' => $stop->to]
            + (null === $stop->group ? [] : ['group' => $stop->group])
            + (null !== $stop->group || null !== $stop->step ? [] : ['key' => 'told', 'kind' => 'note', 'text' => '', 'needs' => [], 'trouble' => null])
            + (null === $stop->step ? [] : [
                'key' => $stop->step->key(), 'kind' => $stop->step->kind()->value, 'text' => $stop->step->toDo($words, false),
                'needs' => $stop->step->needs(), 'trouble' => $stop->step->trouble(),
            ] + self::drawn($stop->step->drawings()))
            + (null === $stop->until ? [] : ['until' => $stop->until])
            + ([] === $told ? [] : ['told' => $told])
            + ([] === $mayGoWrong ? [] : ['mayGoWrong' => $mayGoWrong]);
    }

    /**
     * @param list<string> $drawings
     *
     * @return array{drawings?: list<string>} of how it is done, where there are some
     */
    private static function drawn(array $drawings): array
    {
        return [] === $drawings ? [] : ['drawings' => $drawings];
    }

    /** @return array<string, string|int|list<string>> */
    private static function told(StepWords $words, Told $told, string $text): array
    {
        $change = $told->step instanceof ChangeYarn ? $told->step->change->yarns : null;

        return ['key' => $told->step->key(), 'kind' => $told->step->kind()->value, 'at' => $told->at, 'text' => $text]
            + (null === $change ? [] : ['takes' => $words->letter($change->to)])
            + self::drawn($told->step instanceof ChangeYarn ? Drawings::ofChange($told->step->change) : $told->step->drawings())
            + (OldYarn::Cut === $change?->old ? ['cuts' => $words->letter($change->from)] : []);
    }
}
