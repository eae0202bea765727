<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Yarn;

/** The whole piece in one yarn. */
final readonly class Fill implements RoundLayer
{
    use AnyLayer;

    public function __construct(public string $yarn)
    {
    }

    public static function kind(): string
    {
        return 'fill';
    }

    public static function read(Fields $fields): self
    {
        return new self(Yarn::readKey($fields));
    }

    public function values(): array
    {
        return ['yarn' => $this->yarn];
    }

    public function yarns(): array
    {
        return ['yarn' => $this->yarn];
    }

    public function check(LayerSite $site): ?Problem
    {
        return null;
    }

    public function lay(Cloth $cloth): void
    {
        $cloth->whole(1, \count($cloth->counts()), $this->yarn);
    }

    public function carried(RoundMoves $moves): self
    {
        return $this;
    }

    public function isReplacedBy(RoundRange $range): bool
    {
        return false;
    }

    public function isWhole(): bool
    {
        return true;
    }

    public function inWords(): string
    {
        return 'the whole piece';
    }
}
