<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Making\Slip\Mend;
use Alternum\Core\Making\Slip\Mending;
use Alternum\Core\Making\Slip\Mends;
use Alternum\Core\Making\Slip\RoundAsMade;
use Alternum\Core\Notation\Loop;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\RepeatFinder;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Span;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Wrapping;
use Alternum\Core\PieceStages;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\Plan;

/**
 * Keeps a piece as it was made: rounds that have other stitches than planned, and those after them in which the count was made right, become
 * the plan's, so that a twin is worked alike.
 */
final readonly class AsMade implements EditKind
{
    private const MOST = 12;

    /** @param array<int, int> $rounds how many stitches each of them has, by its number */
    private function __construct(private string $piece, private array $rounds)
    {
    }

    public static function words(): array
    {
        return ['as-made'];
    }

    public static function read(Fields $fields, string $word): self
    {
        $piece = $fields->text('piece', 40);
        $slips = $fields->objects('slips', 1, self::MOST, static function (Fields $slip): array {
            return [$slip->whole('round', 1, Limits::ROUNDS), $slip->whole('has', 1, Limits::STITCHES_IN_ROUND)];
        });

        return new self($piece, array_column($slips, 1, 0));
    }

    public function apply(Plan $plan): Plan
    {
        $rounds = $this->rounds;
        ksort($rounds);
        foreach ($rounds as $round => $has) {
            $typed = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
            $plan = $plan->withPiece($this->kept($plan, $typed->withRounds(Wrapping::apart($typed->rounds)), $round, $has));
        }

        return $plan;
    }

    public function inWords(): string
    {
        return 'Kept as made';
    }

    private function kept(Plan $plan, Piece $piece, int $number, int $has): Piece
    {
        $stages = PieceStages::of($plan, $piece);
        $reading = $stages->reading;
        $round = $reading->rounds[$number - 1] ?? throw EditRefused::because('edit.noRound', round: $number);
        if ([] !== $reading->errors()) {
            throw EditRefused::because('edit.fixFirst', wrong: $reading->errors()[0]->message);
        }
        $by = $has - $round->makes;
        $mending = Mending::of($reading, $stages->frame, $stages->colouring, $number, $by);
        if (0 === $by || $mending?->right === $number) {
            return $piece;
        }
        $own = RoundAsMade::of($round, $stages->frame, $by);
        if (null === $mending || null === $own) {
            throw EditRefused::because('made.cannot', round: $number, has: $has);
        }
        $changed = [$number => $own];
        for ($next = $number + 1; $next < ($mending->right ?? \count($reading->rounds) + 1); ++$next) {
            $changed[$next] = [];
        }
        if (null !== $mending->right) {
            $changed[$mending->right] = $mending->mends;
        }
        $printer = new Printer($plan->terms, $piece->worked);
        $anew = $makes = [];
        foreach ($changed as $of => $mends) {
            $anew[$of] = self::stitches($reading->syntax->worked()[$of - 1], $reading->rounds[$of - 1], $mends, $printer);
            $makes[$of] = $reading->rounds[$of - 1]->makes + ($of === $mending->right ? 0 : $by);
        }

        $kept = $piece->withRounds(RewrittenLines::of($piece->rounds, $reading, $anew, $printer, $makes));
        $read = PieceReading::of($plan, $kept);
        // Petals and the like are more than their stitches one after the other.
        if ([] !== $read->errors() || $has !== $read->rounds[$number - 1]->makes) {
            throw EditRefused::because('made.cannot', round: $number, has: $has);
        }

        return $kept;
    }

    /** @param list<Mend> $mends none: it is worked around, on as many as there are */
    private static function stitches(Line $line, Round $round, array $mends, Printer $printer): string
    {
        $loops = array_unique(str_split('' === $round->loops ? ' ' : $round->loops));
        if (\count($loops) > 1 || self::namesYarnsWithin($line)) {
            throw EditRefused::because('made.saysMore', round: $round->number);
        }
        $loop = Loop::ofCode($loops[0]);
        $items = [] === $mends
            ? [new Work(Stitch::ofCode($round->codes[0]), null, Span::none())]
            : RepeatFinder::of(Mends::in($round->codes, $mends));
        $looped = static fn (Node $item): Node => null !== $loop && ($item instanceof Work || $item instanceof Repeat)
            ? $item->withLoop($loop, Span::none())
            : $item;

        return $printer->stitches(Line::of(array_map($looped, $items)));
    }

    /** Whether yarns, or a chain to begin on, stand among its stitches: they would be lost. */
    private static function namesYarnsWithin(Line $line): bool
    {
        $stitches = $line->stitches();
        $last = $line->end();
        foreach ($line->items as $item) {
            if ($item instanceof Foundation || ($item instanceof Work || $item instanceof Repeat) && null !== $item->yarn
                || $item instanceof YarnPhrase && $item->span->from > $stitches[0]->span->from && $item->span->from < $last) {
                return true;
            }
        }

        return false;
    }
}
