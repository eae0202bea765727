<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Colour\LabColour;
use Alternum\Core\Making\GoesOn;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\Step\TypedWords;
use Alternum\Core\Making\Step\WorkRounds;
use Alternum\Core\Making\Trouble;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Spelling;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\CopyGroup;
use Alternum\Core\Plan\Finish\PieceEnd;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Words\ChangeWords;
use Alternum\Core\Words\PieceWords;
use Alternum\Core\Words\PlacingWords;
use Alternum\Core\Words\RoundWords;
use Alternum\Core\Words\SideWords;
use Alternum\Core\Words\StepWords;
use Alternum\Core\Words\TroubleWords;
use Alternum\Core\Words\YarnWords;

/**
 * The steps of a piece, written out for one of the sets of yarns that it is made in: contract/openapi.yaml, Steps.
 *
 * @phpstan-type WrittenStep array{key: string, kind: string, from: int, to: int, stitch: int|null, text: string, makes: int, yarns: list<string>,
 *   groups: list<array{yarn: string, text: string}>, needs: list<string>, trouble: string|null, typed: bool,
 *   mayGoWrong: list<array{trouble: string, remedy: string}>}
 */
final class StepsWriter
{
    /** Stitches in a yarn that is darker than this are hard to see: L of CIELAB, from memory. */
    private const DARK = 35.0;

    /** Characters of the steps in one answer: several hundred rounds, or some dozen of a picture that changes yarn at every stitch. */
    private const CHARACTERS = 200000;

    /**
     * @param int $at    the set of yarns, from 0; one that is not there is the first
     * @param int $after how many steps were asked for before: an answer bears so many characters, and `next` says with what the next one begins
     *
     * @return array{piece: string, finish: array<string, mixed>, copies: list<array{copies: int, names: list<string>}>, group: int,
     *   steps: list<WrittenStep>, next: int|null}
     */
    public static function values(Plan $plan, PieceAnalysis $piece, Terms $terms, int $at = 0, int $after = 0): array
    {
        $groups = $piece->piece->copies->groups();
        $at = isset($groups[$at]) ? $at : 0;
        $words = self::words($plan, $piece, $groups[$at], $terms);
        $steps = [];
        $next = null;
        $room = self::CHARACTERS;
        $told = [];
        foreach ($piece->steps() as $i => $step) {
            // What may go wrong is told once, where it may first.
            $wrong = self::mayGoWrong($plan, $words, $step, $told);
            if ($i < $after) {
                continue;
            }
            if ($room <= 0) {
                $next = $i;
                break;
            }
            $written = self::step($words, $step);
            $room -= 2 * \strlen($written['text']);
            if ('' !== $written['text']) {
                $steps[] = ['mayGoWrong' => $wrong] + $written;
            }
        }

        return [
            'piece' => $piece->piece->key,
            'finish' => FinishWriter::values($piece),
            'copies' => array_map(static fn (CopyGroup $group): array => ['copies' => $group->count, 'names' => $group->names], $groups),
            'group' => $at,
            'steps' => $steps,
            'next' => $next,
        ];
    }

    /**
     * @param array<string, true> $told by its name, and added to
     *
     * @return list<array{trouble: string, remedy: string}>
     */
    private static function mayGoWrong(Plan $plan, StepWords $words, Step $step, array &$told): array
    {
        $all = $step->mayGoWrong();
        foreach ($step instanceof WorkRounds ? $words->rounds->yarns($step->worked) : [] as $letter) {
            $yarn = $plan->yarn($letter);
            array_push($all, ...match (true) {
                true === $yarn?->texture->hidesStitches() => [Trouble::FluffyYarn],
                null !== $yarn && LabColour::of($yarn->hex)->lightness < self::DARK => [Trouble::DarkYarn],
                default => [],
            });
        }

        return self::wrong($all, $told);
    }

    /**
     * @param list<Trouble>       $all
     * @param array<string, true> $told by its name, and added to
     *
     * @return list<array{trouble: string, remedy: string}> those that were not told yet
     */
    public static function wrong(array $all, array &$told): array
    {
        $new = [];
        foreach ($all as $one) {
            if (!isset($told[$one->name])) {
                $told[$one->name] = true;
                $new[] = TroubleWords::of($one);
            }
        }

        return $new;
    }

    /** @return list<WrittenStep> */
    public static function steps(Plan $plan, PieceAnalysis $piece, CopyGroup $group, Terms $terms): array
    {
        $words = self::words($plan, $piece, $group, $terms);

        return array_values(array_filter(
            array_map(static fn (Step $step): array => self::step($words, $step), $piece->steps()),
            static fn (array $step): bool => '' !== $step['text'],
        ));
    }

    /** @return WrittenStep */
    private static function step(StepWords $words, Step $step): array
    {
        $worked = $step instanceof WorkRounds ? $step->worked : null;

        return [
            'key' => $step->key(),
            'kind' => $step->kind()->value,
            'from' => $step->at->from,
            'to' => $step->at->to,
            'stitch' => $step->at->first,
            'text' => $step->toDo($words, false),
            'makes' => $worked->makes ?? 0,
            'yarns' => null === $worked ? [] : $words->rounds->yarns($worked),
            'groups' => null === $worked ? [] : $words->rounds->groups($worked),
            'needs' => $step->needs(),
            'trouble' => $step->trouble(),
            'typed' => $step instanceof TypedWords,
            'mayGoWrong' => [],
        ];
    }

    public static function words(Plan $plan, PieceAnalysis $piece, CopyGroup $group, Terms $terms, Spelling $spelling = Spelling::Bench): StepWords
    {
        $yarns = new YarnWords($plan, $group->yarns);
        $stages = $piece->stages;
        $copies = $piece->piece->copies->count;
        $next = $plan->goesOnFrom($piece->piece->key);

        return new StepWords(
            plan: $plan,
            rounds: new RoundWords(
                piece: $piece->piece,
                reading: $stages->reading,
                colouring: $stages->colouring,
                yarns: $yarns,
                terms: $terms,
                spelling: $spelling,
                isNeedleJoined: PieceEnd::NeedleJoin === $piece->finishing->end,
            ),
            changes: new ChangeWords(
                plan: $plan,
                piece: $piece->piece,
                fabric: $stages->fabric,
                reading: $stages->reading,
                finishing: $piece->finishing,
                yarns: $yarns,
                sides: SideWords::of($stages->frame->lies()),
                terms: $terms,
                covers: array_map(PlacingWords::it(...), $piece->covers()),
            ),
            yarns: $yarns,
            vocabulary: Vocabulary::of($terms),
            begins: PieceWords::begin(
                $plan,
                $piece->piece,
                $piece->edges,
                $terms,
                [] !== array_filter($stages->reading->rounds, static fn (Round $round): bool => $round->chainIsFirst),
            ),
            sewingCm: $plan->yarnUse->sewingTailCm,
            goesOn: new GoesOn(
                name: null === $next ? '' : ('' === $next->name ? $next->key : $next->name),
                copies: $copies,
                uncut: null === $piece->ends ? $copies : (int) round($copies * (1.0 - $piece->ends->end)),
                tailCm: $plan->yarnUse->tailCm,
            ),
        );
    }
}
