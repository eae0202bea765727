<?php

declare(strict_types=1);

namespace Alternum\Core\Form;

use Alternum\Core\Plan\Join;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/** A piece that begins in another's side: it is worked there before that part is stuffed. */
final readonly class SidePart
{
    /**
     * @param string $name   the piece's
     * @param int    $copies how many of it are worked in
     * @param int    $from   the first round that it begins beside
     * @param int    $to     the last
     */
    private function __construct(public string $name, public int $copies, public int $from, public int $to)
    {
    }

    /** @return list<self> in the plan's order */
    public static function of(Plan $plan, Piece $piece): array
    {
        $parts = [];
        foreach ($plan->pieces as $other) {
            if (Join::Side === $other->start?->join && $other->start->pieces[0] === $piece->key) {
                $parts[] = new self('' === $other->name ? $other->key : $other->name, $other->copies->count, $other->start->round ?? 1, $other->start->to ?? 1);
            }
        }

        return $parts;
    }
}
