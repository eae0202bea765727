<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

/** What a piece is for, as far as its name tells: "Left wing" is flat, "Sun hat" is worn. Common practice, no source. */
enum Role
{
    /** It stands on it, or carries the rest. */
    case Bears;
    /** It hangs or stands off, and is stuffed lightly where it is stuffed. */
    case Light;
    /** It is filled where it is sewn on over its opening: a muzzle, a head. */
    case Filled;
    /** It stays flat. */
    case Flat;
    /** It is put over something. */
    case Worn;
    case Unknown;

    /** The last word that tells wins: a "leg warmer" is worn, a "hat brim" is flat. */
    private const NAMES = [
        [self::Worn, '/\b(?:hats?|beanies?|bonnets?|hoods?|helmets?|scar(?:f|ves)|collars?|capes?|cloaks?|ponchos?|skirts?|dress(?:es)?|shirts?|sweaters?'
            .'|jumpers?|jerseys?|vests?|coats?|jackets?|trousers|pants|shorts|socks?|mittens?|gloves?|sleeves?|warmers?|aprons?|covers?|lids?|cups?|bowls?'
            .'|baskets?|cos(?:y|ies)|pouch(?:es)?|pockets?|bags?|crowns?|belts?|bows?|ties?|straps?|cords?|handles?)\b/i'],
        [self::Flat, '/\b(?:wings?|lea(?:f|ves)|petals?|flowers?|blossoms?|frills?|ruffles?|brims?|edgings?|borders?|trims?|fringes?|fins?|flippers?|manes?'
            .'|combs?|discs?|disks?|mats?|coasters?|doil(?:y|ies)|patch(?:es)?|rugs?|blankets?|flags?|stars?|plates?|saucers?|soles?|webs?)\b/i'],
        [self::Light, '/\b(?:arms?|ears?|tails?|horns?|antlers?|antennae?|feelers?|trunks?|hands?|paws?|beaks?|bills?|spikes?|thorns?|tentacles?'
            .'|claws?|pincers?)\b/i'],
        [self::Bears, '/\b(?:legs?|f(?:oo|ee)t|hoo(?:f|ves)|bod(?:y|ies)|stands?|bases?|stems?|torsos?)\b/i'],
        [self::Filled, '/\b(?:heads?|muzzles?|snouts?|noses?|cheeks?|bell(?:y|ies)|humps?|bumps?|knobs?|pompoms?|balls?)\b/i'],
    ];

    public static function of(string $name): self
    {
        $last = -1;
        $role = self::Unknown;
        foreach (self::NAMES as [$case, $pattern]) {
            if (preg_match_all($pattern, $name, $found, \PREG_OFFSET_CAPTURE) > 0) {
                $at = $found[0][\count($found[0]) - 1][1];
                if ($at > $last) {
                    [$last, $role] = [$at, $case];
                }
            }
        }

        return $role;
    }
}
