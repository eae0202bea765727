<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Making\Forecast\YarnForecast;

/** Whether the yarn lasts, while a toy is made. */
final class ForecastWords
{
    public static function says(YarnForecast $yarn): string
    {
        $rounds = static fn (int $count): string => 1 === $count ? '1 round' : "{$count} rounds";
        if (0 === $yarn->of) {
            return 'Nothing more is worked in it.';
        }

        return $yarn->isEnough()
            ? "Enough for all that is to come, {$rounds($yarn->of)}: about ".self::grams($yarn->left - $yarn->needed).' stay.'
            : "Enough for {$rounds($yarn->rounds)} more, and it is worked in {$rounds($yarn->of)}: about ".self::grams($yarn->needed - $yarn->left).' short.';
    }

    /** @return list<string> what helps where it does not last */
    public static function waysOut(YarnForecast $yarn): array
    {
        return $yarn->isEnough() ? [] : [
            'Weigh the ball once more after the next round that is worked in it: a gram more or less decides it.',
            'Get more of it now, while its dye lot can still be had.',
            'At the bench, give the last rounds that are worked in it another yarn; this toy can go on from there.',
        ];
    }

    /** What the weighing has shown of the maker's own hand. */
    public static function hand(YarnForecast $yarn): string
    {
        $percent = (int) round(100.0 * ($yarn->times - 1.0));

        return match (true) {
            $percent > 2 => "By weight you take {$percent} % more than planned.",
            $percent < -2 => 'By weight you take '.-$percent.' % less than planned.',
            1.0 === $yarn->times => '',
            default => 'By weight you take as much as planned.',
        };
    }

    private static function grams(float $grams): string
    {
        return ($grams < 10 ? number_format($grams, 1) : number_format($grams)).' g';
    }
}
