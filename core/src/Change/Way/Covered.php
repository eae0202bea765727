<?php

declare(strict_types=1);

namespace Alternum\Core\Change\Way;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\WaySaid;
use Alternum\Core\Drawing\Drawing;
use Alternum\Core\Drawing\Ink;
use Alternum\Core\Drawing\Series;
use Alternum\Core\Drawing\Sketch;
use Alternum\Core\Plan\Method;

/** A plain change under a part that is sewn on over it: a button, an ear, a disc. */
final class Covered extends Plain
{
    public static function method(): Method
    {
        return Method::Covered;
    }

    public function step(): float
    {
        return 0.0;
    }

    public function fits(ChangeSite $site): bool
    {
        return null !== $site->choice()->by && null !== $site->piece->placement($site->choice()->by);
    }

    public function label(): string
    {
        return 'covered by a part';
    }

    public function short(): string
    {
        return 'covered';
    }

    public function leaves(): string
    {
        return 'a jog under a part';
    }

    public function needsCover(): bool
    {
        return true;
    }

    public function drawing(): Series
    {
        return new Series('Covered by a part', [
            new Drawing('Change plainly: the colours step by a round.', Sketch::rows('oooonnn')->way(84, 22, 82, 36, 0)),
            new Drawing('When the piece is stuffed, lay the part over the step.', Sketch::rows('oooonnn')->part(3)->way(120, 16, 98, 40)),
            new Drawing('Sew it on all around.', Sketch::rows('oooonnn')->part(3)->needle(5, Ink::New)),
        ]);
    }

    public function toDo(WaySaid $words): array
    {
        $cover = $words->cover();

        return [...parent::toDo($words), null === $cover
            ? 'The part that is to cover the jog does not lie over it: move it, or take another method.'
            : "Sew {$cover} on over the jog."];
    }
}
