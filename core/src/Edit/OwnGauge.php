<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Yarn;

/** Gives a piece or a yarn a gauge of its own, to be changed from there: for now the one that holds for it, so that nothing changes its size. */
final readonly class OwnGauge implements EditKind
{
    /** @param string|null $piece null: it is a yarn's */
    private function __construct(private ?string $piece, private string $yarn)
    {
    }

    public static function words(): array
    {
        return ['own-gauge'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return $fields->has('piece') ? new self($fields->text('piece', 40), '') : new self(null, Yarn::readKey($fields));
    }

    public function apply(Plan $plan): Plan
    {
        if (null !== $this->piece) {
            $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);

            return $plan->withPiece($piece->set($plan->gaugeOf($piece)));
        }
        $gauge = ($plan->yarn($this->yarn) ?? throw EditRefused::because('edit.gone'))->gauge ?? $plan->gauge;

        return $plan->withYarns(array_map(fn (Yarn $yarn): Yarn => $yarn->key === $this->yarn ? $yarn->withGauge($gauge) : $yarn, $plan->yarns));
    }

    public function inWords(): string
    {
        return 'A gauge of its own';
    }
}
