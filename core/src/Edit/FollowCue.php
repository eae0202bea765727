<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;

/** Does what a cue in the typed words says: sets the eyes, takes a tail's length, closes the rounds so. */
final readonly class FollowCue implements EditKind
{
    /**
     * @param int    $line the typed line of the cue, from 1
     * @param string $text the cue in the maker’s words
     */
    public function __construct(private string $piece, private int $line, private string $text)
    {
    }

    public static function words(): array
    {
        return ['heed'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('piece', 40), $fields->whole('line', 1, Limits::LINES), $fields->text('text', Limits::LINE));
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $stages = PieceStages::of($plan, $piece);
        foreach (Offers::of($plan, $piece, $stages->reading, $stages->frame) as $offer) {
            if ($offer->line === $this->line && $offer->text === $this->text) {
                return match (true) {
                    null !== $offer->placed => $plan->withPiece($piece->withPlacements([...$piece->placements, $offer->placed])),
                    null !== $offer->tailCm => $plan->withYarnUse($plan->yarnUse->withSewingTail($offer->tailCm)),
                    [] !== $offer->joints => $plan->withAssembly([...$plan->assembly, ...$offer->joints]),
                    null !== $offer->setting => $plan->withPiece($piece->set($offer->setting)),
                    default => $plan,
                };
            }
        }

        throw EditRefused::because('cue.gone');
    }

    public function inWords(): string
    {
        return 'Done as the words say';
    }
}
