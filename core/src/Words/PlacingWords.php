<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Making\Placed;
use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Toy\LaidJoint;

/** Where something is set, and what is in its way. */
final class PlacingWords
{
    public static function summary(Placed $placed): string
    {
        $where = self::where($placed);

        return $placed->placement->named().": {$where}, ".WhereWords::stitches($placed->spot).(null === $placed->placement->place->apart
            ? ''
            : ", {$placed->placement->place->apart} stitches of round {$placed->round} apart");
    }

    private static function where(Placed $placed): string
    {
        return WhereWords::rounds($placed->spot, $placed->isAtEdge ? $placed->round : $placed->round + 1);
    }

    /** "the ears", or “Pompon” where the maker has a name for it; of a part that is put on "the ear". */
    public static function it(Placed|LaidJoint $placed): string
    {
        if ($placed instanceof LaidJoint) {
            return 'the '.mb_strtolower($placed->part->name);
        }

        return '' === $placed->placement->name
            ? (PlacementKind::Other === $placed->placement->kind ? 'a part' : "the {$placed->placement->kind->value}")
            : "“{$placed->placement->name}”";
    }

    /** For the steps: "Set the eyes between rounds 11 and 12, after stitches 13 and 17 of round 11 (4 apart)". */
    public static function toDo(Placed $placed): string
    {
        $where = self::where($placed);
        $apart = $placed->placement->place->apart;
        $place = $where.($placed->spot->isPole ? '' : ', '.WhereWords::stitches($placed->spot)." of round {$placed->round}")
            .(null === $apart ? '' : ' ('.Counted::of($apart, 'stitch').' apart)');
        $hasWasher = $placed->placement->kind->hasWasher();
        $does = match (true) {
            $placed->isOutOfReach() => 'Sew or embroider',
            PlacementKind::Felt === $placed->placement->kind => 'Sew or glue on',
            $hasWasher => 'Set',
            default => 'Sew on',
        };
        $mm = null === $placed->placement->mm ? '' : ' ('.$placed->placement->mm.' mm)';

        return "{$does} ".self::it($placed)."{$mm} {$place}".match (true) {
            $hasWasher && !$placed->isOutOfReach() => ', without washers yet',
            PlacementKind::Loop === $placed->placement->kind && $placed->spot->isPole && 0 === $placed->spot->round => ': the starting tail will do for it',
            default => '',
        };
    }

    /**
     * @param int $off 1 too large, -1 too small, 0 neither
     *
     * @return list<string>
     */
    public static function size(int $off): array
    {
        return match ($off) {
            1 => ['Large for this piece: it will stare, and its washer may not lie flat.'],
            -1 => ['Small for this piece: it will be lost on it.'],
            default => [],
        };
    }

    /** @return list<string> */
    public static function remarks(Placed $placed, SideWords $sides): array
    {
        $remarks = array_map(
            static fn (int $round): string => "The jog after round {$round} lies beside it. {$sides->choose}, or move it.",
            $placed->steps,
        );
        foreach ($placed->hides as $round) {
            $remarks[] = "It hides the jog after round {$round}.";
        }
        if ($placed->isOnEdge && !$placed->placement->kind->covers()) {
            $remarks[] = 'It straddles two colours; move it one round.';
        }
        if (null !== $placed->deadline) {
            $remarks[] = match (true) {
                0 === $placed->deadline => 'No fingers get into a piece this narrow: sew it on, or embroider it.',
                $placed->isOutOfReach() => "After round {$placed->deadline} the opening is too small to reach through: sew it on, or embroider it.",
                default => "Insert it once the round above is worked, and by round {$placed->deadline}, while fingers still fit.",
            };
        }

        return $remarks;
    }
}
