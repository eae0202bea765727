<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Colour\Colouring;
use Alternum\Core\Form\PieceForm;
use Alternum\Core\Making\PatternLine;
use Alternum\Core\Making\StuffingGoes;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Words\Difficulty;
use Alternum\Core\Words\PatternWords;
use Alternum\Core\Words\Techniques;

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
            PatternLine::named('Difficulty', $this->difficulty()->inWords()),
            ...$this->words->materials($this->analysis->amounts->amounts, $this->stuffing()),
            $this->words->gauge(),
            ...$this->techniques(),
        ];
    }

    public function abbreviations(): PatternLine
    {
        return $this->words->abbreviations(array_map(static fn (PieceAnalysis $piece): Reading => $piece->stages->reading, $this->analysis->pieces));
    }

    /** @return list<PatternLine> what holds for all pieces, once */
    public function notes(): array
    {
        return $this->words->notes($this->changes());
    }

    /** @return list<array{name: string, text: string}> the lines and the words, for the screen */
    public function values(): array
    {
        return array_map(
            static fn (PatternLine $line): array => ['name' => $line->name, 'text' => $line->text],
            [...$this->lines(), $this->abbreviations()],
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

    /** @return list<PatternLine> how large the largest piece is; none where none is worked in the round */
    private function size(): array
    {
        $stuffed = $this->stuffed();
        usort($stuffed, static fn (array $one, array $other): int => $other[0]->volume <=> $one[0]->volume);

        return [] === $stuffed ? [] : [$this->words->size($stuffed[0][1]->piece->name, $stuffed[0][0])];
    }

    /** @return float grams for all pieces and their copies, each stuffed as firmly as it is to be */
    private function stuffing(): float
    {
        return array_sum(array_map(
            static fn (PieceAnalysis $piece): float => StuffingGoes::grams($piece->stages->form, $piece->finishing->firmness) * $piece->piece->copies->count,
            $this->analysis->pieces,
        ));
    }

    /** @return list<array{PieceForm, PieceAnalysis}> the pieces in the round */
    private function stuffed(): array
    {
        $sizes = [];
        foreach ($this->analysis->pieces as $piece) {
            if (Worked::Rows !== $piece->piece->worked && [] !== $piece->stages->reading->rounds) {
                $sizes[] = [$piece->form, $piece];
            }
        }

        return $sizes;
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

    private function changes(): bool
    {
        foreach ($this->analysis->pieces as $piece) {
            if ([] !== $piece->changes->all) {
                return true;
            }
        }

        return false;
    }
}
