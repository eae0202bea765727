<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Notation\Remembered;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\GaugeCheck;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\YarnCheck;
use Alternum\Core\Toy\Assembled;
use Alternum\Core\Toy\PieceAsPart;
use Alternum\Core\Yarn\Amounts;
use Alternum\Core\Yarn\PieceLengths;

/**
 * What is answered of a plan while it is worked on: the same as of its analysis. An edit changes one piece, and what was answered of the
 * others is remembered, by all that it depends on; so a toy of many pieces is answered as quickly as one piece.
 */
final readonly class PlanAnswer
{
    /**
     * @param list<PieceAnswer> $pieces   in the plan's order
     * @param list<Problem>     $problems of all of them
     */
    private function __construct(public Plan $plan, public array $pieces, public Amounts $amounts, public Assembled $assembled, public array $problems)
    {
    }

    /** @param string $inHand the key of the piece in hand, which is another with every edit, and is not remembered; of none: the first */
    public static function of(Plan $plan, string $inHand): self
    {
        $keys = PieceDependence::keys($plan);
        $inHand = null === $plan->piece($inHand) ? $plan->pieces[0]->key ?? '' : $inHand;
        $known = [];
        foreach ($plan->pieces as $piece) {
            $known[$piece->key] = $piece->key === $inHand ? null : Remembered::known(PieceAnswer::class, $keys[$piece->key]);
        }
        $made = self::workedOut($plan, $known);
        $told = self::told($plan, self::shown($plan, $made, $known), $inHand);
        $lacks = array_filter(array_intersect_key($known, $told), static fn (?PieceAnswer $answer): bool => null !== $answer && null === $answer->json);
        if ([] !== $lacks) {
            // They were remembered when there was no room for them.
            $known = array_fill_keys(array_keys($lacks), null) + $known;
            $made = self::workedOut($plan, $known);
        }
        $stitches = array_sum(array_map(static fn (PieceOnShelf $piece): int => $piece->stitches, self::shown($plan, $made, $known)));
        if ($stitches >= Limits::STITCHES) {
            // What is over the limit depends on all pieces before it, so nothing of it is remembered.
            $analysis = Analysis::of($plan);
            $made = self::made($plan, $analysis->pieces, $analysis->lengths, $analysis->problems);
            $keys = [];
        }
        [$made, $known, $assembled] = self::assembled($plan, $made, $known);
        $answers = array_map(static fn (PieceWorkedOut $piece): PieceAnswer => $piece->answer(isset($told[$piece->key])), $made);
        foreach (array_intersect_key($keys, array_diff_key($answers, [$inHand => true])) as $key => $remembered) {
            Remembered::keep($answers[$key], $remembered);
        }

        return self::put($plan, $answers + array_filter($known), $assembled);
    }

    /**
     * How the pieces come together; what is remembered of a piece is worked out anew where its parts hide something else by now.
     *
     * @param array<string, PieceWorkedOut>   $made  by piece
     * @param array<string, PieceAnswer|null> $known by piece
     *
     * @return array{array<string, PieceWorkedOut>, array<string, PieceAnswer|null>, Assembled}
     */
    private static function assembled(Plan $plan, array $made, array $known): array
    {
        $parts = array_map(static fn (PieceAnswer $answer): PieceAsPart => $answer->part, array_filter($known));
        $assembled = Assembled::of($plan, array_map(static fn (PieceWorkedOut $piece): PieceAsPart => $piece->part(), $made) + $parts);
        $stale = array_filter(
            array_diff_key(array_filter($known), $made),
            static fn (PieceAnswer $answer): bool => PieceAnswer::coversOf($assembled->onto($answer->part->key)) !== $answer->covers,
        );
        if ([] !== $stale) {
            $known = array_fill_keys(array_keys($stale), null) + $known;
            $made += self::workedOut($plan, array_fill_keys(array_keys($stale), null));
        }

        return [array_map(static fn (PieceWorkedOut $piece): PieceWorkedOut => $piece->joined($assembled->onto($piece->key)), $made), $known, $assembled];
    }

    /** @param array<string, PieceAnswer> $answers by piece */
    private static function put(Plan $plan, array $answers, Assembled $assembled): self
    {
        $pieces = array_map(static fn (string $key): PieceAnswer => $answers[$key], array_column($plan->pieces, 'key'));

        return new self(
            $plan,
            $pieces,
            Amounts::of($plan, array_map(static fn (PieceAnswer $answer): PieceLengths => $answer->lengths, $pieces)),
            $assembled,
            array_merge(
                ...array_map(static fn (PieceAnswer $answer): array => $answer->starts, $pieces),
                ...array_map(static fn (PieceAnswer $answer): array => $answer->problems, $pieces),
                ...[GaugeCheck::problems($plan), YarnCheck::problems($plan), $assembled->problems],
            ),
        );
    }

    /**
     * @param array<string, PieceWorkedOut>   $made
     * @param array<string, PieceAnswer|null> $known
     *
     * @return list<PieceOnShelf> of all pieces: each is one or the other
     */
    private static function shown(Plan $plan, array $made, array $known): array
    {
        $answers = $made + array_filter($known);

        return array_map(static fn (string $key): PieceOnShelf => $answers[$key]->onShelf, array_column($plan->pieces, 'key'));
    }

    /**
     * @param array<string, PieceAnswer|null> $known by piece
     *
     * @return array<string, PieceWorkedOut> by piece: those that are not known, and all that begin on one another with them
     */
    private static function workedOut(Plan $plan, array $known): array
    {
        $missing = [];
        foreach ($known as $key => $answer) {
            $missing += null === $answer ? array_fill_keys(PieceDependence::together($plan, (string) $key), true) : [];
        }

        return [] === $missing ? [] : self::made($plan, ...Analysis::some($plan, $missing));
    }

    /**
     * @param list<PieceOnShelf> $pieces
     *
     * @return array<string, true> pieces that an answer about the one in hand bears
     */
    private static function told(Plan $plan, array $pieces, string $inHand): array
    {
        $keys = array_column($plan->pieces, 'key');
        $rounds = array_map(static fn (PieceOnShelf $piece): int => $piece->rounds, $pieces);

        return array_fill_keys(
            array_map(static fn (int $i): string => $keys[$i], AnalysisWriter::told($rounds, (int) array_search($inHand, $keys, true))),
            true,
        );
    }

    /**
     * @param list<PieceAnalysis> $pieces
     * @param list<PieceLengths>  $lengths
     * @param list<Problem>       $problems
     *
     * @return array<string, PieceWorkedOut> by piece
     */
    private static function made(Plan $plan, array $pieces, array $lengths, array $problems): array
    {
        $own = [];
        foreach ($problems as $problem) {
            $own[$problem->piece ?? ''][] = $problem;
        }
        $made = [];
        foreach ($pieces as $i => $piece) {
            $made[$piece->piece->key] = new PieceWorkedOut(
                key: $piece->piece->key,
                plan: $plan,
                piece: $piece,
                lengths: $lengths[$i],
                onShelf: ShelfSummary::piece($plan, $piece),
                problems: $own[$piece->piece->key] ?? [],
            );
        }

        return $made;
    }

    public function errors(): int
    {
        return \count(Problem::errors($this->problems));
    }

    /** @return array<string, mixed> contract/openapi.yaml, PlanSummary */
    public function onShelf(): array
    {
        return ShelfSummary::of($this->plan, array_map(static fn (PieceAnswer $answer): PieceOnShelf => $answer->onShelf, $this->pieces), $this->errors());
    }

    /**
     * What is looked at, as JSON: a piece, and of the others as many as an answer bears; they are asked for one by one when they are looked
     * at. So of the problems: those of the piece come first.
     *
     * @param string $inHand the key of the piece; of none: the first
     * @param string $known  the constants that the asker has, by Constants::name(); '' for none
     */
    public function json(string $inHand, string $known = ''): string
    {
        $keys = array_column($this->plan->pieces, 'key');
        $at = (int) array_search($inHand, $keys, true);
        $told = self::told($this->plan, array_map(static fn (PieceAnswer $answer): PieceOnShelf => $answer->onShelf, $this->pieces), $keys[$at] ?? '');
        $pieces = [];
        foreach ($this->pieces as $i => $piece) {
            if (null !== $piece->json && isset($told[$keys[$i]])) {
                $pieces[] = $piece->json;
            }
        }
        $foremost = AnalysisWriter::foremost($this->problems, $keys[$at] ?? '');
        $around = Json::encode(AnalysisWriter::around($this->plan, $this->amounts, $this->assembled, $foremost));

        $constants = $known === Constants::name($this->plan) ? '' : ',"constants":'.Json::encode(Constants::values($this->plan));

        return substr($around, 0, -1).',"pieces":['.implode(',', $pieces)."]{$constants}}";
    }
}
