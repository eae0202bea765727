<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Copies;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\Fill;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\PieceSettings;
use Alternum\Core\Plan\Plan;

/** A hood, hat or shell to go over another piece, as a new piece after it: from its first round to its widest. */
final readonly class Cover implements EditKind
{
    /** @param int|null $to the last round that it covers; null: the last of the widest, beyond which nothing slips over */
    public function __construct(private string $piece, private CoverFit $fit, private ?int $to = null)
    {
    }

    public static function words(): array
    {
        return ['cover'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self(
            $fields->text('piece', 40),
            $fields->oneOf('fit', CoverFit::class),
            $fields->has('to') ? $fields->whole('to', 1, Limits::ROUNDS) : null,
        );
    }

    public function apply(Plan $plan): Plan
    {
        $over = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        if (\count($plan->pieces) >= Limits::PIECES) {
            throw EditRefused::fullOfPieces();
        }
        $reading = PieceReading::of($plan, $over);
        if (null !== $over->start || [] !== $reading->errors() || [] === $reading->rounds) {
            throw EditRefused::because('cover.noRing');
        }
        $counts = array_map(static fn (Round $round): int => $round->makes, $reading->rounds);
        $widest = array_keys($counts, max($counts), true);
        $covered = \array_slice($counts, 0, $this->to ?? $widest[\count($widest) - 1] + 1);
        if ([] === $covered) {
            throw EditRefused::because('cover.noRounds');
        }
        $lines = CoverFit::Snug === $this->fit
            ? self::snug(\array_slice($reading->rounds, 0, \count($covered)), new Printer($plan->terms, $over->worked))
            : (new RoundWriter($plan->terms, Spread::Stacked, Stitch::InvisibleDecrease))->lines(self::wider($covered, $this->fit->extra()));
        $name = mb_strimwidth("Cover of {$over->name}", 0, Limits::NAME);
        $cover = new Piece(
            key: $this->freeKey($plan),
            name: $name,
            copies: Copies::times(1),
            worked: $over->worked,
            rounds: $lines,
            colours: [new LayerEntry(new Fill($plan->yarns[1]->key ?? $plan->yarns[0]->key))],
            settings: PieceSettings::of($over->firstRound ?? FirstRound::Top),
        );
        $pieces = [];
        foreach ($plan->pieces as $piece) {
            $pieces[] = $piece;
            if ($piece->key === $this->piece) {
                $pieces[] = $cover;
            }
        }

        return $plan->withPieces($pieces);
    }

    public function inWords(): string
    {
        return 'A cover made';
    }

    /**
     * The same rounds with a plain stitch more in each: it starts with seven where the piece starts with six, and goes on alike.
     *
     * @param non-empty-list<Round> $rounds
     *
     * @return list<string>
     */
    private static function snug(array $rounds, Printer $printer): array
    {
        $single = Stitch::Single->code();
        $said = array_map(static fn (Round $round): string => match (true) {
            1 === $round->number => ($round->makes + 1).' '.$printer->codes($single).' in MR',
            '' !== $round->loops => $printer->codes($round->codes.$single, $round->loops.$round->loops[-1]),
            '' === trim($round->codes, $single) => $printer->codes($single).' around',
            default => $printer->shortest($round->codes.$single),
        }, $rounds);
        $lines = [];
        for ($i = 0, $end = \count($rounds); $i < $end; $i = $last + 1) {
            $last = $i;
            while ($i > 0 && $last + 1 < $end && $said[$last + 1] === $said[$i] && $rounds[$last + 1]->makes === $rounds[$i]->makes) {
                ++$last;
            }
            $lines[] = $printer->line($i + 1, $last + 1, $said[$i], $rounds[$i]->makes + 1);
        }

        return $lines;
    }

    /**
     * A ring of so many more stitches would gape: it begins as the piece does, and goes on growing where the piece has stopped.
     *
     * @param non-empty-list<int> $counts
     *
     * @return non-empty-list<int>
     */
    private static function wider(array $counts, int $extra): array
    {
        $last = \count($counts) - 1;
        $grows = max(6, ($counts[1] ?? 0) - $counts[0]);
        $below = $counts[0];
        $wider = [$below];
        for ($round = 1; $round <= $last || $below < $counts[$last] + $extra; ++$round) {
            $below = max($below, min($counts[min($round, $last)] + $extra, $below + $grows));
            $wider[] = $below;
        }

        return $wider;
    }

    private function freeKey(Plan $plan): string
    {
        for ($n = 1;; ++$n) {
            $key = 1 === $n ? 'cover' : "cover-{$n}";
            if (null === $plan->piece($key)) {
                return $key;
            }
        }
    }
}
