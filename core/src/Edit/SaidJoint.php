<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Frame\Frame;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Assembly\Hold;
use Alternum\Core\Plan\Assembly\Holds;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\Plan;

/** Words that put a piece on another: "Sew the ears to the head between rounds 5 and 6, 8 sts apart", and our own. */
final class SaidJoint
{
    /** With these alone a line is about putting a piece on. */
    public const VERBS = 'sew|stitch|attach|join|glue|tie|slip|whip ?stitch';
    private const PUTS = '/^\W*(?:set (?<set>.+?) into .+?\. )?(?<verb>'.self::VERBS.'|crochet|fasten|pin and sew|place)\w*'
        .'(?: on)?(?: (?:the|both|your))* (?<part>.+?)(?: \(both\))?(?: on)? '
        .'(?:to|onto|on|into) (?<side>(?:the |each )?\pL+ of )?(?:the )?(?<onto>%s)(?:’s|\'s)?\b(?<rest>.*)$/iu';
    private const ROUNDS = '/\b(?:between|on|at|over|from)\b[^.;]*?\b(?:r|rnd|rd|round)s?\.? ?#?(?<from>\d{1,3})'
        .'(?:(?: ?(?:and|to|&|[-–]) ?)(?:r|rnd|rd|round)?s?\.? ?(?<to>\d{1,3}))?/iu';
    private const STITCHES = '/\b(?:after|before) stitch(?:es)? (?<one>\d{1,4})(?: and (?:after stitch )?(?<two>\d{1,4}))?/iu';
    private const APART = '/\b(?<apart>\d{1,3})\s*(?:sts?|stitches)\b[^.;]*\bapart\b|\bwith (?<between>\d{1,3}) (?:sts?|stitches) between\b/iu';

    /** @return list<Joint> what a line says; none where it says nothing of the kind */
    public static function in(string $line, Plan $plan): array
    {
        $names = self::names($plan);
        $ontos = array_map(static fn (string $name): string => preg_quote($name, '/'), array_keys($names));
        usort($ontos, static fn (string $one, string $other): int => \strlen($other) <=> \strlen($one));
        if ([] === $ontos || 1 !== preg_match(\sprintf(self::PUTS, implode('|', $ontos)), $line, $match)) {
            return [];
        }
        $onto = $plan->piece($names[mb_strtolower($match['onto'])][0]);
        $parts = [];
        foreach (explode(' and ', '' === $match['set'] ? $match['part'] : $match['set']) as $said) {
            $key = (string) preg_replace('/^(?:the|both) /', '', mb_strtolower(trim($said)));
            $found = $names[$key] ?? $names[rtrim($key, 's')] ?? null;
            if (null === $found) {
                return [];
            }
            $parts[] = $found;
        }
        if (null === $onto) {
            return [];
        }

        return self::joints($plan, $onto, $parts, $line, strtolower($match['verb']), $match['side'].$match['rest']);
    }

    /**
     * @param list<array{string, int}> $parts each piece and which of its copies
     *
     * @return list<Joint>
     */
    private static function joints(Plan $plan, Piece $onto, array $parts, string $line, string $verb, string $rest): array
    {
        $frame = PieceStages::of($plan, $onto)->frame;
        if (0 === $frame->rounds()) {
            return [];
        }
        $made = [];
        foreach ($parts as $i => [$key, $copy]) {
            $part = $plan->piece($key);
            if (null === $part || $part->key === $onto->key) {
                return [];
            }
            $isPair = 1 === \count($parts) && $part->copies->count >= 2 && $copy + 1 <= $part->copies->count;
            $isPair = $isPair || (2 === \count($parts) && $parts[0][0] === $parts[1][0]);
            [$edge, $hold] = Put::held($plan, $part);
            $made[] = new Joint(
                key: Placement::freeKey(array_map(static fn (Joint $joint): string => $joint->key, [...$plan->assembly, ...$made]), 'j'),
                part: $part->key,
                copy: $copy,
                onto: $onto->key,
                place: self::place($part, $onto, $frame, $rest, $isPair, $i),
                edge: self::edge($line) ?? (str_contains($line, 'through its base') ? PartEdge::Middle : $edge),
                hold: self::hold($line, $verb) ?? $hold,
                isWithNew: str_contains($line, 'Cut ') || 1 === preg_match('/\bnew (?:thread|yarn|strand)\b/i', $line),
            );
            if ($isPair) {
                break;
            }
        }

        return $made;
    }

    /** @param int $which of several that lie one after another */
    private static function place(Piece $part, Piece $onto, Frame $frame, string $rest, bool $isPair, int $which): Place
    {
        $usual = UsualPlace::ofPart($part, $onto, $frame, $isPair)->place;
        $fromFront = 1 === preg_match('/\bback\b/i', $rest) ? 180.0 : 0.0;
        if (1 === preg_match('/\bwhere it (?<end>begins|ends)\b/', $rest, $end)) {
            return new Place(Anchor::Pole, 'begins' === $end['end'] ? 1 : 2);
        }
        $isRound = 1 === preg_match(self::ROUNDS, $rest, $rounds);
        if (1 === preg_match('/\b(?:edge|rim|opening|open end)\b/i', $rest) && (!$isRound || (int) $rounds['from'] === $frame->rounds())) {
            return new Place(Anchor::Edge);
        }
        if (!$isRound && 1 === preg_match('/\bon top\b|\b(?:the|its|at) top\b/i', $rest)) {
            return new Place(Anchor::Pole, $frame->beginsAtTop() ? 1 : 2);
        }
        $round = $isRound ? intdiv((int) $rounds['from'] + max((int) $rounds['from'], (int) ($rounds['to'] ?? 0) - 1), 2) : $usual->number;
        $round = max(1, min($frame->rounds(), $round));
        $apart = 1 === preg_match(self::APART, $rest, $said) ? (float) max((int) $said['apart'], (int) ($said['between'] ?? 0)) : $usual->apart;
        if ($isRound && 1 === preg_match(self::STITCHES, $rest, $stitches)) {
            $makes = $frame->makes($round);
            $at = [(int) $stitches['one'], (int) ($stitches['two'] ?? $stitches['one'])];
            $apart = (float) ((($at[1] - $at[0]) % $makes + $makes) % $makes);
            $middle = $isPair ? $at[0] + $apart / 2 : (float) ($at[min(1, $which)]);
            $degrees = ($frame->degrees($round, $middle) - $onto->frontDegrees) / 360.0;
            $out = ($degrees - floor($degrees + 0.5)) * $makes;

            return new Place(Anchor::Round, $round, stitches: abs($out) < 0.75 ? 0.0 : round(2 * $out) / 2, apart: $isPair ? max(1.0, $apart) : null);
        }

        return new Place(
            Anchor::Round,
            $round,
            fromFront: 0.0 === $fromFront ? $usual->fromFront : $fromFront,
            apart: $isPair ? min($apart ?? 2.0, $frame->makes($round) - 1.0) : null,
        );
    }

    private static function edge(string $line): ?PartEdge
    {
        foreach (PartEdge::cases() as $edge) {
            if (str_contains($line, $edge->inWords())) {
                return $edge;
            }
        }

        return null;
    }

    private static function hold(string $line, string $verb): ?Hold
    {
        foreach (Holds::all() as $hold) {
            if (false !== stripos($line, $hold->label())) {
                return $hold;
            }
        }
        $kind = match (true) {
            str_starts_with($verb, 'glue') => 'glue',
            str_starts_with($verb, 'tie') => 'tied',
            str_starts_with($verb, 'slip') => 'slipped',
            str_starts_with($verb, 'crochet') => 'crochet',
            default => '',
        };
        foreach (Holds::all() as $hold) {
            if ($hold::kind() === $kind) {
                return $hold;
            }
        }

        return null;
    }

    /** @return array<string, array{string, int}> pieces and copies by what they are called, in small letters */
    private static function names(Plan $plan): array
    {
        $names = [];
        foreach ($plan->pieces as $piece) {
            foreach ($piece->copies->named ?? [] as $i => $copy) {
                $names[mb_strtolower($copy->name)] ??= [$piece->key, $i + 1];
            }
            if ('' !== $piece->name) {
                $names[mb_strtolower($piece->name)] ??= [$piece->key, 1];
                // "The leg" is one of the piece "Legs".
                $names[rtrim(mb_strtolower($piece->name), 's')] ??= [$piece->key, 1];
            }
        }

        return $names;
    }
}
