<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Ways;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Form\FinishPart;
use Alternum\Core\Form\FinishReason;
use Alternum\Core\Making\PatternLine;
use Alternum\Core\Making\StuffingGoes;
use Alternum\Core\Notation\CueGrammar;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Finish\Firmness;
use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\RoundLift;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Words\Difficulty;
use Alternum\Core\Words\PatternFacts;
use Alternum\Core\Words\PatternWords;
use Alternum\Core\Words\Techniques;
use Alternum\Core\Words\YarnWords;

/** What stands before the pieces, in the written pattern and beside the steps: size, materials, gauge, techniques, words. */
final readonly class WhatIsNeeded
{
    private PatternWords $words;

    public function __construct(private Analysis $analysis, Terms $terms)
    {
        $this->words = new PatternWords($analysis->plan, $terms);
    }

    /** @return list<PatternLine> */
    public function lines(): array
    {
        return [
            ...$this->size(),
            PatternLine::named('Skill level', $this->difficulty()->inWords()),
            ...$this->words->materials($this->analysis->amounts->amounts, $this->stuffing(), $this->eyesMm()),
            $this->words->gauge(),
        ];
    }

    public function abbreviations(): PatternLine
    {
        return $this->words->abbreviations(array_map(static fn (PieceAnalysis $piece): Reading => $piece->stages->reading, $this->analysis->pieces));
    }

    /** @return list<PatternLine> what holds for all pieces, once */
    public function notes(): array
    {
        return $this->words->notes($this->facts());
    }

    /** @return array<string, string> by piece, how large its eyes are, where its words say so */
    private function eyesMm(): array
    {
        $sizes = [];
        foreach ($this->analysis->pieces as $piece) {
            $reading = $piece->stages->reading;
            foreach ([...$reading->said, ...array_merge([], ...array_column($reading->rounds, 'cues'))] as $said) {
                $means = CueGrammar::of($said->text);
                $sizes = match (true) {
                    null !== $means->eyesMm => [$piece->piece->key => $means->eyesMm] + $sizes,
                    $means->namesEyes => $sizes + [$piece->piece->key => ''],
                    default => $sizes,
                };
            }
        }

        return $sizes;
    }

    /** @return list<array{name: string, text: string}> the lines and the words, for the screen */
    public function values(): array
    {
        return array_map(
            static fn (PatternLine $line): array => ['name' => $line->name, 'text' => $line->text],
            [...$this->lines(), ...$this->techniques(), $this->abbreviations()],
        );
    }

    /** @return list<PatternLine> none where nothing is worked yet */
    private function techniques(): array
    {
        $used = [];
        foreach ($this->analysis->pieces as $piece) {
            $used += array_flip(Techniques::of($piece->piece, $piece->stages->reading, $piece->changes->all, $piece->finishing));
        }

        return [] === $used ? [] : [PatternLine::named('Techniques', implode(', ', array_keys($used)))];
    }

    /** @return list<PatternLine> how large the largest is, with what it stands on; none where nothing is worked */
    private function size(): array
    {
        $sizes = [];
        foreach ($this->analysis->pieces as $piece) {
            if (Worked::Rows !== $piece->piece->worked && [] !== $piece->stages->reading->rounds) {
                $under = self::under($piece->piece, $sizes);
                $isStuffed = Firmness::None !== $piece->finishing->firmness;
                $sizes[$piece->piece->key] = [
                    'of' => $piece->piece->name.([] === $under['of'] ? '' : ' with '.YarnWords::listed(...$under['of'])),
                    'names' => [...$under['of'], $piece->piece->name],
                    'height' => $under['height'] + self::height($piece, $isStuffed),
                    'width' => max($under['width'], $piece->form->width),
                    'stuffed' => $under['stuffed'] || $isStuffed,
                    'lies' => $piece->stages->frame->lies(),
                    'under' => array_flip($under['keys']),
                ];
            }
        }
        uasort($sizes, static fn (array $one, array $other): int => [$other['stuffed'], $other['height'] * $other['width'] ** 2, $other['width']]
            <=> [$one['stuffed'], $one['height'] * $one['width'] ** 2, $one['width']]);
        $largest = reset($sizes);

        return false === $largest ? [] : [$this->words->size(
            \count($sizes) > 1 ? $largest['of'] : '',
            $largest['height'],
            $largest['width'],
            $largest['stuffed'],
            $largest['lies'],
        )];
    }

    /**
     * What a piece is worked on from, so that it stands on it.
     *
     * @param array<string, array{of: string, names: list<string>, height: float, width: float, stuffed: bool, under: array<string, int>}> $sizes
     *
     * @return array{of: list<string>, keys: list<string>, height: float, width: float, stuffed: bool}
     */
    private static function under(Piece $piece, array $sizes): array
    {
        $on = \in_array($piece->start?->join, [Join::Opening, Join::Bridge, Join::Seam], true) ? $piece->start->pieces : [];
        $under = array_intersect_key($sizes, array_flip($on));

        return [
            'of' => array_values(array_unique(array_merge([], ...array_column($under, 'names')))),
            'keys' => array_map(strval(...), array_keys($under)),
            'height' => max([0.0, ...array_column($under, 'height')]),
            'width' => max([0.0, ...array_column($under, 'width')]),
            'stuffed' => \in_array(true, array_column($under, 'stuffed'), true),
        ];
    }

    /** @return float mm: as it stands stuffed, or as its fabric does by itself */
    private static function height(PieceAnalysis $piece, bool $isStuffed): float
    {
        $rounds = $piece->stages->fabric->rounds;

        return $isStuffed || [] === $rounds ? $piece->form->height : $rounds[\count($rounds) - 1]->level;
    }

    /** @return float grams for all pieces and their copies, each stuffed as firmly as it is to be */
    private function stuffing(): float
    {
        return array_sum(array_map(
            static fn (PieceAnalysis $piece): float => StuffingGoes::grams($piece->stages->form, $piece->finishing->firmness) * $piece->piece->copies->count,
            $this->analysis->pieces,
        ));
    }

    private function difficulty(): Difficulty
    {
        $most = 0;
        $isJoined = $hasShaped = false;
        foreach ($this->analysis->pieces as $piece) {
            foreach ($piece->stages->colouring->rounds as $letters) {
                $most = max($most, \count(Colouring::runs($letters)) - 1);
            }
            foreach ($piece->stages->reading->rounds as $round) {
                $hasShaped = $hasShaped || [] !== array_diff(array_map(\chr(...), array_keys(count_chars($round->codes, 1))), self::known());
            }
            $isJoined = $isJoined || null !== $piece->piece->start;
        }

        return Difficulty::of($most, $isJoined, $hasShaped);
    }

    /** @return list<string> codes of the stitches that every maker knows */
    private static function known(): array
    {
        return array_map(
            static fn (Stitch $stitch): string => $stitch->code(),
            [Stitch::Single, Stitch::Increase, Stitch::Decrease, Stitch::InvisibleDecrease, Stitch::SlipStitch, Stitch::Chain],
        );
    }

    private function facts(): PatternFacts
    {
        $pieces = $this->analysis->pieces;
        $has = static fn (callable $is): bool => [] !== array_filter($pieces, $is);
        $changes = array_merge([], ...array_map(static fn (PieceAnalysis $piece): array => $piece->changes->all, $pieces));
        $changing = static fn (callable $is): bool => [] !== array_filter($changes, $is);
        $isUsualRing = static fn (PieceAnalysis $piece): bool => null !== $piece->finishing->ring
            && FinishReason::Usual === $piece->finishing->reasons[FinishPart::Ring->value];
        $methods = [];
        foreach ($pieces as $piece) {
            foreach ($piece->changes->all as $change) {
                $way = Ways::of($change->treatment->method);
                if ($change->place->isJog && null === $change->yarns->helix && $way->isDefinedOnce() && !$way->isSaidInRound($piece->piece->worked)) {
                    $methods[$way->label()] ??= array_values(array_map(static fn (Drawing $drawing): string => $drawing->says, $way->drawing()->frames));
                }
            }
        }

        return new PatternFacts(
            isRound: $has(static fn (PieceAnalysis $piece): bool => Worked::Rows !== $piece->piece->worked),
            isSpiral: $has(static fn (PieceAnalysis $piece): bool => Worked::Spiral === $piece->piece->worked),
            isRows: $has(static fn (PieceAnalysis $piece): bool => Worked::Rows === $piece->piece->worked),
            snugsRing: $has(static fn (PieceAnalysis $piece): bool => $isUsualRing($piece) && Worked::Spiral === $piece->piece->worked),
            joinsRing: $has(static fn (PieceAnalysis $piece): bool => $isUsualRing($piece) && Worked::Joined === $piece->piece->worked),
            lifts: $has(static fn (PieceAnalysis $piece): bool => Worked::Joined === $piece->piece->worked && RoundLift::Chain === $piece->piece->lift),
            changes: $changing(static fn (Change $change): bool => $change->place->isAtEnd && null === $change->yarns->helix),
            attaches: $changing(static fn (Change $change): bool => null === $change->yarns->takenFrom && null === $change->yarns->helix),
            keeps: $changing(static fn (Change $change): bool => OldYarn::Carry === $change->yarns->old),
            cuts: $changing(static fn (Change $change): bool => OldYarn::Cut === $change->yarns->old),
            floats: $changing(static fn (Change $change): bool => OldYarn::Float === $change->yarns->old),
            methods: $methods,
        );
    }
}
