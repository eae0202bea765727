<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Yarn;

/** A cap, a band, a hoof: rounds of one yarn, said by what they are, so that they stay right when the piece is resized. */
final readonly class Band implements RoundLayer
{
    use AnyLayer;

    public function __construct(public WhichRounds $which, public string $yarn)
    {
    }

    public static function kind(): string
    {
        return 'band';
    }

    public static function read(Fields $fields): self
    {
        return new self(WhichRounds::read($fields->object('where')), Yarn::readKey($fields));
    }

    public function values(): array
    {
        return ['where' => $this->which->values(), 'yarn' => $this->yarn];
    }

    public function yarns(): array
    {
        return ['yarn' => $this->yarn];
    }

    public function check(LayerSite $site): ?Problem
    {
        if (0 === $site->last()) {
            return null;
        }
        $worked = $site->worked->value;
        $there = $this->which->in($site->counts)->count();
        if ($there < 1) {
            return Problem::atPath('', Message::of('layer.noRounds', worked: $worked));
        }

        return $this->which->isCounted() && $there < $this->which->count
            ? Problem::atPath('', Message::of('band.fewer', worked: $worked, count: $this->which->count, there: $there))->asNote()
            : null;
    }

    public function lay(Cloth $cloth): void
    {
        $range = $this->which->in($cloth->counts());
        $cloth->whole($range->from, $range->to, $this->yarn);
    }

    public function carried(RoundMoves $moves): ?self
    {
        if (RoundGroup::Numbered !== $this->which->group) {
            return $this;
        }
        $range = $moves->range(new RoundRange($this->which->from, $this->which->from + $this->which->count - 1));

        return null === $range ? null : new self(WhichRounds::numbered($range), $this->yarn);
    }

    public function isReplacedBy(RoundRange $range): bool
    {
        return false;
    }

    public function inWords(): string
    {
        return $this->which->inWords();
    }
}
