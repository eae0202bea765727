<?php

declare(strict_types=1);

namespace Alternum\Core\Fabric;

use Alternum\Core\Notation\Loop;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;

/** How the stitches of a round stand on the round below: two of an increase on one stitch, a decrease on two; and where loops stay free under them. */
final class StitchFeet
{
    /** Parts of a stitch's width that are told apart, and the sign of one that stands straight; see signs(). */
    private const PARTS = 8;
    private const STRAIGHT = 'm';
    private const MOST = 12;

    /**
     * A sign for each top, of what repeats along the round once: "m" where its foot is straight below, "n" where it is an eighth of a stitch's width
     * farther on in the working direction, "l" farther back. '' where all stand straight.
     */
    public static function signs(Round $round): string
    {
        if ($round->below < 1 || $round->makes < 1) {
            return '';
        }
        $plain = Stitch::Single->code();
        if ($round->below === $round->makes && strspn($round->codes, $plain) === \strlen($round->codes)) {
            return '';
        }
        $table = self::table();
        $feet = [];
        $used = $made = 0;
        for ($i = 0, $end = \strlen($round->codes); $i < $end; ++$i) {
            [$uses, $makes] = $table[$round->codes[$i]];
            for ($top = 0; $top < $makes; ++$top, ++$made) {
                $feet[] = 0 === $uses ? null : ($used + $uses / 2) / $round->below * $round->makes - ($made + 0.5);
            }
            $used += $uses;
        }
        $known = array_filter($feet, static fn (?float $foot): bool => null !== $foot);
        // The round as a whole is turned so that it stands as straight as it can.
        $mean = [] === $known ? 0.0 : array_sum($known) / \count($known);
        $signs = '';
        foreach ($feet as $foot) {
            $parts = null === $foot ? 0 : (int) round(self::PARTS * ($foot - $mean));
            $signs .= \chr(\ord(self::STRAIGHT) + max(-self::MOST, min(self::MOST, $parts)));
        }

        return '' === trim($signs, self::STRAIGHT) ? '' : self::repeated($signs);
    }

    /** @return array<string, array{int, int, bool}> what each code uses and makes, and whether it goes where the one before it went */
    public static function table(): array
    {
        /** @var array<string, array{int, int, bool}> $table */
        static $table = [];
        foreach ([] === $table ? Stitch::cases() : [] as $stitch) {
            $table[$stitch->code()] = [$stitch->uses(), $stitch->makes(), $stitch->isSame()];
        }

        return $table;
    }

    /** The shortest part of which it is repeats. */
    private static function repeated(string $signs): string
    {
        $long = \strlen($signs);
        for ($part = 1; $part <= $long / 2; ++$part) {
            if (0 === $long % $part && $signs === str_repeat(substr($signs, 0, $part), intdiv($long, $part))) {
                return substr($signs, 0, $part);
            }
        }

        return $signs;
    }

    /**
     * @return list<array{int, int}> first and last of the tops, from 1, that are worked in the back loop alone: the front loops below them are seen as
     *                               a ridge
     */
    public static function ridges(Round $round): array
    {
        $ridges = [];
        $made = 0;
        $first = null;
        for ($i = 0, $end = \strlen($round->loops); $i <= $end; ++$i) {
            $isBack = $i < $end && $round->loops[$i] === Loop::Back->code();
            if (!$isBack && null !== $first) {
                $ridges[] = [$first, $made];
            }
            $makes = $i < $end ? Stitch::ofCode($round->codes[$i])->makes() : 0;
            $first = $isBack && $makes > 0 ? $first ?? $made + 1 : null;
            $made += $makes;
        }

        return $ridges;
    }
}
