<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Number;
use Alternum\Core\Plan\Problem;

/** A small picture in stitches, as it is seen from outside with the piece upright, set at a round and at degrees from the front. */
final readonly class Motif implements MovableLayer
{
    use AnyLayer;

    /** A cell that leaves what lies below. */
    public const CLEAR = '.';

    /**
     * @param non-empty-list<non-empty-string> $rows       a yarn's letter or CLEAR for each cell; all are as long. The first is the uppermost
     * @param int                              $round      the first round that it covers
     * @param float                            $fromFront  degrees from the front to its middle, in the working direction
     * @param bool                             $isStraight each row is set by degrees, against the lean; else in counted columns
     */
    public function __construct(public array $rows, public int $round, public float $fromFront = 0.0, public bool $isStraight = true)
    {
    }

    public static function kind(): string
    {
        return 'motif';
    }

    public static function read(Fields $fields): self
    {
        return new self(
            self::readRows($fields),
            $fields->whole('round', 1, Limits::ROUNDS),
            $fields->number('fromFront', -180, 180, 0),
            !$fields->has('straight') || $fields->truth('straight'),
        );
    }

    /** @return non-empty-list<non-empty-string> of the field "rows" */
    public static function readRows(Fields $fields): array
    {
        $rows = array_values(array_filter(
            $fields->texts('rows', Limits::MOTIF, Limits::MOTIF, '/^[A-Z.]+$/D', Message::of('field.cells')),
            static fn (string $row): bool => '' !== $row,
        ));
        if ([] === $rows || [] !== array_filter($rows, static fn (string $row): bool => \strlen($row) !== \strlen($rows[0]))) {
            $fields->wrong('rows', Message::of('motif.rows'));

            return ['.'];
        }

        return $rows;
    }

    public function values(): array
    {
        return ['rows' => $this->rows, 'round' => $this->round, 'fromFront' => Number::plain($this->fromFront), 'straight' => $this->isStraight];
    }

    public function yarns(): array
    {
        $yarns = [];
        foreach ($this->rows as $i => $row) {
            foreach (str_split(str_replace(self::CLEAR, '', (string) count_chars($row, 3))) as $yarn) {
                if ('' !== $yarn) {
                    $yarns[$yarn] ??= "rows[{$i}]";
                }
            }
        }

        return array_flip($yarns);
    }

    public function check(LayerSite $site): ?Problem
    {
        $last = $site->last();
        $range = $this->range();
        if ($range->to > $last) {
            return Problem::atPath(
                'round',
                Message::of('motif.tooHigh', worked: $site->worked->value, from: $range->from, to: $range->to, last: $last),
                round: $last > 0 ? min($this->round, $last) : null,
            );
        }
        for ($round = $range->from; $round <= $range->to; ++$round) {
            if ($this->width() > $site->counts[$round - 1]) {
                return Problem::atPath(
                    '',
                    Message::of(
                        'motif.tooWide', worked: $site->worked->value, width: $this->width(), round: $round, made: $site->counts[$round - 1],
                    ),
                    round: $round,
                );
            }
        }

        return null;
    }

    public function lay(FramedCloth $cloth): void
    {
        $last = \count($cloth->counts());
        // In counted columns, every row begins in the column in which the first round does.
        $column = $this->isStraight || $this->round > $last ? null : $cloth->column($this->round, $this->fromFront, $this->width());
        foreach ($cloth->beginsAtTop() ? $this->rows : array_reverse($this->rows) as $i => $row) {
            if ($this->round + $i <= $last) {
                $cloth->row($this->round + $i, $this->fromFront, $row, $column);
            }
        }
    }

    public function carried(RoundMoves $moves): ?self
    {
        $round = $moves->block($this->round, $this->height());

        return null === $round ? null : new self($this->rows, $round, $this->fromFront, $this->isStraight);
    }

    public function isReplacedBy(RoundRange $range): bool
    {
        return false;
    }

    public function pictured(): RoundRange
    {
        return $this->range();
    }

    public function pictureHeight(): int
    {
        return $this->height();
    }

    public function facesFront(): bool
    {
        return true;
    }

    public function inWords(): string
    {
        return "motif, {$this->width()} × {$this->height()}, from round {$this->round}";
    }

    public function range(): RoundRange
    {
        return new RoundRange($this->round, $this->round + $this->height() - 1);
    }

    public function moved(int $rounds, float $degrees): self
    {
        return new self($this->rows, $this->round + $rounds, Number::degrees($this->fromFront + $degrees), $this->isStraight);
    }

    public function stretched(int $rounds, float $degrees): self
    {
        return $this;
    }

    public function width(): int
    {
        return \strlen($this->rows[0]);
    }

    public function height(): int
    {
        return \count($this->rows);
    }
}
