<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Form\PieceForm;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\SizeOf;
use Alternum\Core\Plan\Units;

/** What a piece's size stands on. */
final class FormWords
{
    /** @return list<string> */
    public static function remarks(Gauge $gauge, PieceForm $form, Units $units): array
    {
        $stretch = $gauge->isMeasured() ? $gauge->stretch : null;
        $says = match (true) {
            0.0 === $form->volume => null,
            $form->isGuessed => 'How stuffing shapes it could not be worked out: it is reckoned as cut cones.',
            null === $stretch => null,
            default => "From your measure: {$stretch->piece} was ".self::length($stretch->mm, $units).' '.match ($stretch->measure) {
                SizeOf::Width => 'wide',
                SizeOf::Girth => 'around',
                SizeOf::Height => 'high',
            }.'.',
        };

        return array_values(array_filter([
            $says,
            null === $gauge->counted ? "The rounds were not counted: {$gauge->roundsPer10cm} in 10 cm are assumed. The height depends most on them." : null,
        ]));
    }

    private static function length(float $mm, Units $units): string
    {
        return Units::Metric === $units ? round($mm / 10, 1).' cm' : Inches::ofCm($mm / 10.0);
    }
}
