<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\Node\Count;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Printer;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\RepeatFinder;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\PieceStages;
use Alternum\Core\Place\PlacedCloth;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Plan;

/** Works the stitches that a layer colours as bobbles, where they are plain single crochet: the rounds are written anew for it. */
final readonly class Bobbles implements Edit
{
    /** @param int $layer its place in the piece's list, from 0 */
    public function __construct(private string $piece, private int $layer)
    {
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $laid = $piece->colours[$this->layer] ?? throw new EditRefused('The piece has no such layer.');
        $stages = PieceStages::of($plan, $piece);
        $reading = $stages->reading;
        if ([] !== $reading->errors()) {
            throw new EditRefused('Fix the rounds first: '.$reading->errors()[0]->message);
        }
        $codes = [];
        $isChanged = false;
        foreach (PlacedCloth::colouredBy($laid, $plan, $stages->fabric, $reading, $stages->frame) as $i => $letters) {
            $round = $reading->rounds[$i];
            // The first round's stitches go into the ring; a bobble wants a stitch below it.
            $codes[] = 1 === $round->number ? $round->codes : self::bobbled($round, $letters);
            $isChanged = $isChanged || $codes[$i] !== $round->codes;
        }
        if (!$isChanged) {
            throw new EditRefused('No plain single crochet lies there that could be a bobble.');
        }

        return $plan->withPiece($piece->withRounds(self::lines($piece->rounds, $reading, $codes, new Printer($plan->terms, $piece->worked))));
    }

    public function inWords(): string
    {
        return 'Bobbles worked in';
    }

    /** @return string the round's codes with bobbles where a letter lies on a plain stitch */
    private static function bobbled(Round $round, string $letters): string
    {
        $codes = $round->codes;
        $top = 0;
        for ($i = 0, $end = \strlen($codes); $i < $end; ++$i) {
            if (Stitch::Single->code() === $codes[$i] && Motif::CLEAR !== ($letters[$top] ?? Motif::CLEAR)) {
                $codes[$i] = Stitch::Bobble->code();
            }
            $top += Stitch::ofCode($round->codes[$i])->makes();
        }

        return $codes;
    }

    /**
     * @param list<string> $typed
     * @param list<string> $codes of every round, as it is to be
     *
     * @return list<string> the typed lines, those with bobbles written anew; what was said after their stitches stays as a remark
     */
    private static function lines(array $typed, Reading $reading, array $codes, Printer $printer): array
    {
        $lines = [];
        foreach ($typed as $i => $text) {
            $span = $reading->spans[$i] ?? new RoundRange(1, 0);
            [$from, $to] = [$span->from, $span->to];
            $line = $reading->syntax->lines()[$i];
            $rounds = \array_slice($reading->rounds, $from - 1, max(0, $to - $from + 1));
            if (null === $line || [] === array_filter($rounds, static fn (Round $round): bool => $codes[$round->number - 1] !== $round->codes)) {
                $lines[] = $text;
                continue;
            }
            for ($first = $from; $first <= $to; $first = $last + 1) {
                $last = $first;
                while ($last < $to && $codes[$last] === $codes[$first - 1]) {
                    ++$last;
                }
                $lines[] = $printer->line(
                    $first,
                    $last,
                    self::stitches($reading->rounds[$first - 1], $codes[$first - 1], $line, $printer),
                    $reading->rounds[$first - 1]->makes,
                );
            }
            $rest = trim(mb_substr($text, self::said($line)), " \t.,;");
            if ('' !== $rest) {
                $lines[] = "# {$rest}";
            }
        }

        return $lines;
    }

    /** The character after the line's stitches and counts. */
    private static function said(Line $line): int
    {
        return max([$line->end(), ...array_map(static fn (Count $count): int => $count->span->end, $line->counts)]);
    }

    private static function stitches(Round $round, string $codes, Line $line, Printer $printer): string
    {
        return match (true) {
            $codes === $round->codes => $printer->stitches($line),
            '' !== $round->loops => $printer->codes($codes, $round->loops),
            default => $printer->stitches(Line::of(RepeatFinder::of($codes))),
        };
    }
}
