<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\FirstRound;

/** Which end of a piece its words begin it at: "from the top down", "worked from nose to tail", "start at the rump". */
final class SaidEnd
{
    private const THE = '(?:the |its |an? )?(?:very )?(?:(?:tip|end|middle|centre|center) of (?:the |its |an? )?)?';
    private const FACE = '(?:nose|snout|muzzle|beak|face)';
    private const HEAD = '(?:head|nose|snout|muzzle|beak|face|mouth)';
    private const TAIL = '(?:tail|rump|rear|bottom|behind|back)';
    private const BEGINS = '\b(?:start(?:ing|s|ed)?|begin(?:ning|s)?|begun|work(?:ing|ed)?|made)\b(?: \pL+){0,2}? (?:at|from|with) ';

    public static function in(string $text): ?FirstRound
    {
        $says = static fn (string $pattern): bool => 1 === preg_match("/{$pattern}/iu", $text);

        return match (true) {
            $says('\bfrom '.self::THE.self::HEAD.'(?: end)? (?:down )?to(?:wards?)? '.self::THE.self::TAIL.'\b'),
            $says('\bround 1 is '.self::THE.self::FACE.'\b') => FirstRound::Face,
            $says('\bfrom '.self::THE.'(?:tail|rump|rear|behind|back)(?: end)? (?:up )?to(?:wards?)? '.self::THE.self::HEAD.'\b'),
            $says('\bround 1 is '.self::THE.'(?:tail|rump|rear)\b') => FirstRound::Tail,
            $says('\btop[ -]down\b'), $says('\bround 1 is '.self::THE.'top\b') => FirstRound::Top,
            $says('\bbottom[ -]up\b'), $says('\bround 1 is '.self::THE.'(?:bottom|base)\b') => FirstRound::Bottom,
            $says(self::BEGINS.self::THE.self::FACE.'\b') => FirstRound::Face,
            $says(self::BEGINS.self::THE.'(?:tail|rump|rear)(?: end)?\b') => FirstRound::Tail,
            $says(self::BEGINS.self::THE.'(?:top|crown)\b') => FirstRound::Top,
            $says(self::BEGINS.self::THE.'(?:bottom|base|feet|foot)\b') => FirstRound::Bottom,
            default => null,
        };
    }
}
