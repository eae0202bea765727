<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\HeldYarn;
use Alternum\Core\Plan\Units;
use Alternum\Core\Yarn\Amount;

/** Whether there is enough of a yarn, and what the figures are taken from. */
final class AmountWords
{
    private const BALL_GRAMS = 50;

    /** What the figures are taken from, and how far they may be off. */
    public static function basis(Amount $amount): string
    {
        return $amount->basis->inWords().', '.round(100 * $amount->offBy()).' % more or less';
    }

    /** "up to 21 m, 9 g": what is to be bought, rounded up here and nowhere else, so that every page says the same. */
    public static function upTo(Amount $amount, Units $units): string
    {
        $metres = $amount->highMetres();
        $grams = $amount->grams($metres);
        $length = Units::Metric === $units ? ceil($metres).' m' : ceil($metres / Units::YARD_IN_METRES).' yd';

        return "up to {$length}, ".ceil($grams).' g'.($grams < self::BALL_GRAMS / 2
            ? ''
            : ', '.Counted::of((int) ceil($grams / self::BALL_GRAMS), 'ball').' of '.self::BALL_GRAMS.' g');
    }

    /** Enough, tight or short, and by how much. */
    public static function verdict(Amount $amount): string
    {
        $atHand = $amount->yarn->onHandGrams;
        if ([] !== $amount->yarn->held) {
            return 'Counted with '.YarnWords::listed(...array_map(static fn (HeldYarn $held): string => $held->yarn, $amount->yarn->held)).'.';
        }
        if (0.0 === $amount->metres()) {
            return 'Not used.';
        }
        if (null === $atHand) {
            return 'Say how many grams are on hand, to see whether it is enough.';
        }
        $likely = $amount->grams($amount->metres());
        $high = $amount->grams($amount->highMetres());

        return match (true) {
            $atHand >= $high => 'Enough, even at the high figure.',
            $atHand >= $likely => 'Tight: enough at the likely figure, '.self::grams($high - $atHand).' short at the high one. Weigh a swatch to be sure.',
            default => 'Short by '.self::grams($likely - $atHand).' at the likely figure. Get more before you begin, or give some rounds another yarn.',
        };
    }

    private static function grams(float $grams): string
    {
        return ($grams < 10 ? number_format($grams, 1) : number_format($grams)).' g';
    }
}
