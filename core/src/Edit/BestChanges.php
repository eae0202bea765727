<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Change\Search\Minds;
use Alternum\Core\Change\Search\Search;
use Alternum\Core\Change\Search\Weights;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\ChangeAt;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Plan;

/** The best plan of changes for a piece, by what is minded most. What the maker set by hand stays. */
final readonly class BestChanges implements EditKind
{
    /** @param Minds|Weights $minds what is minded most, or the maker’s own weights */
    public function __construct(private string $piece, private Minds|Weights $minds)
    {
    }

    public static function words(): array
    {
        return ['best'];
    }

    public static function read(Fields $fields, string $word): self
    {
        $piece = $fields->text('piece', 40);
        if (!$fields->has('weights')) {
            return new self($piece, $fields->oneOf('minds', Minds::class));
        }
        $weights = $fields->object('weights');
        $read = Weights::read($weights);
        $weights->close();

        return new self($piece, $read);
    }

    public function apply(Plan $plan): Plan
    {
        return $this->found($plan)[0];
    }

    /**
     * @return array{Plan, bool} the plan with them, and whether every way was compared: Search
     *
     * @throws EditRefused where there is nothing to decide
     */
    public function found(Plan $plan): array
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $searched = ChangeSearch::of($plan, PieceStages::of($plan, $piece));
        if ([] === $searched->jogs) {
            throw EditRefused::because('best.noChange');
        }
        $weights = $this->minds instanceof Minds ? $this->minds->weights() : $this->minds;
        $search = new Search($piece->frontDegrees, fmod($piece->frontDegrees + ChangeAt::BACK, 360.0), $weights);
        $at = $piece->changes->at;
        $found = $search->best($searched->jogs);
        foreach ($found->decisions as $i => $decision) {
            $said = $at[$decision->round] ?? new ChangeAt();
            $at[$decision->round] = $said->decided($said->method ?? $decision->method, null);
            $left = $searched->left[$i] ?? null;
            if (null !== $left && null !== $decision->comes && null === $left->yarns->typed) {
                $was = $at[$left->place->treated] ?? new ChangeAt();
                $at[$left->place->treated] = $was->decided(null, $was->ends->oldYarn ?? $decision->comes);
            }
        }

        return [$plan->withPiece($piece->withChanges($piece->changes->withAt($at))), $found->isExact];
    }

    public function inWords(): string
    {
        return match ($this->minds) {
            Minds::Ends => 'Changes with the fewest ends',
            Minds::Yarn => 'Changes with the least yarn',
            Minds::Front => 'Changes for the neatest front',
            default => 'Changes by your own weights',
        };
    }
}
