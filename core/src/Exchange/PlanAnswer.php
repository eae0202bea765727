<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Notation\Remembered;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
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
    private function __construct(public Plan $plan, public array $pieces, public Amounts $amounts, public array $problems)
    {
    }

    /** @param string $inHand the key of the piece in hand, which is another with every edit, and is not remembered; of none: the first */
    public static function of(Plan $plan, string $inHand): self
    {
        $keys = PieceDependence::keys($plan);
        $inHand = null === $plan->piece($inHand) ? $plan->pieces[0]->key ?? '' : $inHand;
        $known = $missing = [];
        foreach ($plan->pieces as $piece) {
            $answer = $piece->key === $inHand ? null : Remembered::known(PieceAnswer::class, $keys[$piece->key]);
            if (null === $answer) {
                $missing += array_fill_keys(PieceDependence::together($plan, $piece->key), true);
            } else {
                $known[$piece->key] = $answer;
            }
        }
        $made = [] === $missing ? [] : self::made($plan, ...Analysis::some($plan, $missing));
        $answers = array_map(static fn (string $key): PieceAnswer => $made[$key] ?? $known[$key], array_column($plan->pieces, 'key'));
        if (array_sum(array_map(static fn (PieceAnswer $answer): int => $answer->onShelf->stitches, $answers)) >= Limits::STITCHES) {
            // What is over the limit depends on all pieces before it.
            return self::whole(Analysis::of($plan));
        }
        foreach (array_diff_key($made, [$inHand => true]) as $key => $answer) {
            Remembered::keep($answer, $keys[$key]);
        }

        return self::put($plan, $answers);
    }

    private static function whole(Analysis $analysis): self
    {
        return self::put($analysis->plan, array_values(self::made($analysis->plan, $analysis->pieces, $analysis->lengths, $analysis->problems)));
    }

    /** @param list<PieceAnswer> $answers */
    private static function put(Plan $plan, array $answers): self
    {
        return new self(
            $plan,
            $answers,
            Amounts::of($plan, array_map(static fn (PieceAnswer $answer): PieceLengths => $answer->lengths, $answers)),
            array_merge(
                ...array_map(static fn (PieceAnswer $answer): array => $answer->starts, $answers),
                ...array_map(static fn (PieceAnswer $answer): array => $answer->problems, $answers),
            ),
        );
    }

    /**
     * @param list<\Alternum\Core\PieceAnalysis> $pieces
     * @param list<PieceLengths>                 $lengths
     * @param list<Problem>                      $problems
     *
     * @return array<string, PieceAnswer> by piece
     */
    private static function made(Plan $plan, array $pieces, array $lengths, array $problems): array
    {
        $starts = $others = [];
        foreach ($problems as $problem) {
            if (1 === preg_match('/^pieces\[\d+\]\.start\b/', $problem->path ?? '')) {
                $starts[$problem->piece ?? ''][] = $problem;
            } else {
                $others[$problem->piece ?? ''][] = $problem;
            }
        }
        $made = [];
        foreach ($pieces as $i => $piece) {
            $key = $piece->piece->key;
            $made[$key] = new PieceAnswer(
                json: Json::encode(PieceWriter::values($plan, $piece, $lengths[$i])),
                lengths: $lengths[$i],
                onShelf: ShelfSummary::piece($plan, $piece),
                starts: $starts[$key] ?? [],
                problems: $others[$key] ?? [],
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
     */
    public function json(string $inHand): string
    {
        $keys = array_column($this->plan->pieces, 'key');
        $at = (int) array_search($inHand, $keys, true);
        $told = AnalysisWriter::told(array_map(static fn (PieceAnswer $answer): int => $answer->onShelf->rounds, $this->pieces), $at);
        $around = Json::encode(AnalysisWriter::around($this->plan, $this->amounts, AnalysisWriter::foremost($this->problems, $keys[$at] ?? '')));

        return substr($around, 0, -1).',"pieces":['.implode(',', array_map(fn (int $i): string => $this->pieces[$i]->json, $told)).']}';
    }
}
