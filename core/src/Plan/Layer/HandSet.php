<?php

declare(strict_types=1);

namespace Alternum\Core\Plan\Layer;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Problem;

/** Stitches that the maker coloured one by one. */
final readonly class HandSet implements RoundLayer
{
    use AnyLayer;

    /** @param array<int, non-empty-string> $rounds by number, from 1: a yarn's letter for each stitch, Motif::CLEAR for one that is left */
    public function __construct(public array $rounds)
    {
    }

    public static function kind(): string
    {
        return 'hand';
    }

    public static function read(Fields $fields): self
    {
        $rounds = [];
        foreach ($fields->textMap(
            'rounds',
            '/^[A-Z.]{1,'.Limits::STITCHES_IN_ROUND.'}$/D',
            Message::of('field.stitches'),
            '/^[1-9]\d{0,2}$/D',
            Message::of('field.round'),
        ) as $round => $letters) {
            if ('' !== $letters) {
                $rounds[(int) $round] = $letters;
            }
        }
        ksort($rounds);

        return new self($rounds);
    }

    public function values(): array
    {
        return ['rounds' => (object) $this->rounds];
    }

    public function yarns(): array
    {
        $yarns = [];
        foreach ($this->rounds as $round => $letters) {
            foreach (str_split(str_replace(Motif::CLEAR, '', (string) count_chars($letters, 3))) as $yarn) {
                if ('' !== $yarn) {
                    $yarns[$yarn] ??= "rounds.{$round}";
                }
            }
        }

        return array_flip($yarns);
    }

    public function check(LayerSite $site): ?Problem
    {
        foreach ($this->rounds as $round => $letters) {
            $made = $site->counts[$round - 1] ?? 0;
            if (\strlen($letters) > $made) {
                return Problem::atPath(
                    'rounds',
                    0 === $made
                        ? Message::of('handSet.noRound', worked: $site->worked->value, round: $round)
                        : Message::of('handSet.tooFar', worked: $site->worked->value, stitch: \strlen($letters), round: $round, made: $made),
                    round: 0 === $made ? null : $round,
                );
            }
        }

        return null;
    }

    public function lay(Cloth $cloth): void
    {
        $counts = $cloth->counts();
        foreach ($this->rounds as $round => $letters) {
            $cloth->letters($round, 1, substr($letters, 0, $counts[$round - 1] ?? 0));
        }
    }

    /** Rounds that follow one another are one picture, which keeps its form. */
    public function carried(RoundMoves $moves): ?self
    {
        $carried = [];
        $numbers = array_keys($this->rounds);
        for ($i = 0, $end = \count($numbers); $i < $end; $i = $last + 1) {
            $last = $i;
            while ($last + 1 < $end && $numbers[$last] + 1 === $numbers[$last + 1]) {
                ++$last;
            }
            $first = $moves->block($numbers[$i], $last - $i + 1);
            for ($at = $i; null !== $first && $at <= $last; ++$at) {
                $to = $first + $at - $i;
                $letters = $moves->isResize() ? self::along($this->rounds[$numbers[$at]], $numbers[$at], $to, $moves) : $this->rounds[$numbers[$at]];
                if ('' !== $letters) {
                    $carried[$to] = $letters;
                }
            }
        }
        ksort($carried);

        return [] === $carried ? null : new self($carried);
    }

    public function isReplacedBy(RoundRange $range): bool
    {
        return false;
    }

    public function byHand(): self
    {
        return $this;
    }

    public function inWords(): string
    {
        $count = \count($this->rounds);

        return "stitches by hand in {$count} ".(1 === $count ? 'round' : 'rounds');
    }

    /**
     * With stitches of a round in a yarn, or cleared.
     *
     * @param int    $makes stitches of the round
     * @param string $yarn  letter, or Motif::CLEAR
     */
    public function painted(int $round, int $from, int $to, string $yarn, int $makes): self
    {
        $now = str_pad(substr($this->rounds[$round] ?? '', 0, $makes), $makes, Motif::CLEAR);
        for ($stitch = $from, $left = $makes; $left > 0; --$left, $stitch = $stitch % $makes + 1) {
            $now[$stitch - 1] = $yarn;
            if ($stitch === $to) {
                break;
            }
        }
        $rounds = $this->rounds;
        $now = rtrim($now, Motif::CLEAR);
        if ('' === $now) {
            unset($rounds[$round]);
        } else {
            $rounds[$round] = $now;
        }
        ksort($rounds);

        return new self($rounds);
    }

    /** The letters of one round on another: each stretch of a letter keeps its length, and its middle its place. */
    private static function along(string $letters, int $from, int $to, RoundMoves $moves): string
    {
        $makes = $moves->makes($to);
        if (0 === $makes) {
            return '';
        }
        $hand = new self([]);
        for ($at = 0, $end = \strlen($letters); $at < $end; $at += $length) {
            $length = strspn($letters, $letters[$at], $at);
            if (Motif::CLEAR !== $letters[$at]) {
                $begin = $moves->along($from, $to, $at + 1, $length);
                $hand = $hand->painted($to, $begin, ($begin + min($length, $makes) - 2) % $makes + 1, $letters[$at], $makes);
            }
        }

        return $hand->rounds[$to] ?? '';
    }
}
