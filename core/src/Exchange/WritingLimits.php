<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/**
 * What a plan may hold when it is written: less than is read. A plan of an earlier version that holds more is read, shown and changed as any
 * other; it only grows no further.
 */
final class WritingLimits
{
    /** Characters that are not seen, or that break a line. */
    private const UNSEEN = '/[\p{Cc}\x{2028}\x{2029}]/u';

    /**
     * @param Plan|null $before  what it was made of; null: it is new, or comes from a file, where all that is read is taken
     * @param bool      $isTaken it is taken as a whole, as by an undo: what was once so may be so again
     *
     * @throws InvalidFields where it has grown over a limit
     */
    public static function hold(Plan $plan, ?Plan $before, bool $isTaken = false): void
    {
        if ($plan === $before || $isTaken) {
            return;
        }
        self::names($plan, $before);
        if (null === $before) {
            return;
        }
        foreach ($plan->pieces as $i => $piece) {
            $layers = \count($piece->colours);
            if ($layers > Limits::LAYERS && $layers > \count($before->piece($piece->key)->colours ?? [])) {
                throw InvalidFields::because("pieces[{$i}].colours", Message::of('plan.layersOfPiece', most: Limits::LAYERS));
            }
        }
        if (self::layers($plan) > max(Limits::ALL_LAYERS, self::layers($before))) {
            throw InvalidFields::because('pieces', Message::of('plan.layers', most: Limits::ALL_LAYERS));
        }
        // Few pieces cannot have that many rounds, and need not be read for it.
        if (\count($plan->pieces) * Limits::ROUNDS > Limits::ALL_ROUNDS && self::rounds($plan) > max(Limits::ALL_ROUNDS, self::rounds($before))) {
            throw InvalidFields::because('pieces', Message::of('plan.rounds', most: Limits::ALL_ROUNDS));
        }
    }

    /** What is called something is called by what can be seen. */
    private static function names(Plan $plan, ?Plan $before): void
    {
        $were = null === $before ? [] : array_flip(self::named($before));
        foreach (self::named($plan) as $path => $name) {
            if (!isset($were[$name]) && 1 === preg_match(self::UNSEEN, $name)) {
                throw InvalidFields::because($path, Message::of('name.unseen'));
            }
        }
    }

    /** @return array<string, string> by path */
    private static function named(Plan $plan): array
    {
        $named = ['title' => $plan->title];
        foreach ($plan->yarns as $i => $yarn) {
            $named["yarns[{$i}].name"] = $yarn->name;
        }
        foreach ($plan->pieces as $i => $piece) {
            $named["pieces[{$i}].name"] = $piece->name;
        }

        return $named;
    }

    private static function layers(Plan $plan): int
    {
        return array_sum(array_map(static fn (Piece $piece): int => \count($piece->colours), $plan->pieces));
    }

    private static function rounds(Plan $plan): int
    {
        return array_sum(array_map(static fn (Reading $reading): int => \count($reading->rounds), PieceReading::all($plan)[0]));
    }
}
