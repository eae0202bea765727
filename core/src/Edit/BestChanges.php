<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Search\Minds;
use Alternum\Core\Change\Search\Search;
use Alternum\Core\Change\Search\Weights;
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
        return $this->found(Analysis::of($plan))[0];
    }

    /**
     * @param Analysis          $now    of the plan
     * @param ChangeTrials|null $trials what was tried for the same piece before; null: nothing
     *
     * @return array{Plan, bool, ChangeTrials} the plan with them, whether every way was compared (Search), and what was tried
     *
     * @throws EditRefused where there is nothing to decide
     */
    public function found(Analysis $now, ?ChangeTrials $trials = null): array
    {
        $plan = $now->plan;
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $at = (int) array_search($this->piece, array_column($plan->pieces, 'key'), true);
        $searched = ChangeSearch::of($plan, $now->pieces[$at]->stages);
        if ([] === $searched->jogs) {
            throw EditRefused::because('best.noChange');
        }
        $weights = $this->minds instanceof Minds ? $this->minds->weights() : $this->minds;
        $search = new Search($piece->frontDegrees, fmod($piece->frontDegrees + ChangeAt::BACK, 360.0), $weights);
        $found = $search->best($searched->jogs);
        $trials ??= ChangeTrials::of($now, $at, $searched);

        return [$searched->decided($plan, $trials->improved($found->decisions, $weights)), $found->isExact, $trials];
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
