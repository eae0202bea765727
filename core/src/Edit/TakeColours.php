<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Plan\Laid;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\StitchRun;
use Alternum\Core\Plan\Stripe;
use Alternum\Core\Plan\Stripes;

/** Takes the colours that the typed words name, "with B: 5 sc", in place of the piece's own. */
final readonly class TakeColours implements Edit
{
    public function __construct(private string $piece)
    {
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $reading = PieceReading::of($plan, $piece);
        $inHand = $plan->yarns[0]->key;
        $stripes = [];
        $runs = [];
        foreach ($reading->rounds as $round) {
            $yarns = self::yarns($round, $inHand);
            foreach (array_map(strval(...), array_keys(array_count_values(str_split($yarns)))) as $key) {
                if (null === $plan->yarn($key)) {
                    throw new EditRefused("Round {$round->number} names yarn {$key}, which the plan does not have. Add a yarn {$key} first.");
                }
            }
            $first = $yarns[0];
            $last = end($stripes);
            if (false !== $last && $last->yarn === $first) {
                array_pop($stripes);
            }
            $stripes[] = new Stripe($first, false !== $last && $last->yarn === $first ? $last->rounds + 1 : 1);
            array_push($runs, ...self::runs($round->number, $yarns, $first));
            $inHand = '' === $round->then ? $yarns[-1] : $round->then;
        }
        if ([] === $stripes) {
            throw new EditRefused('The piece has no rounds yet.');
        }

        return $plan->withPiece($piece->withColours([new Laid(new Stripes(1, \count($reading->rounds), $stripes)), ...$runs]));
    }

    /** @return string the yarn of every top, one letter each */
    private static function yarns(Round $round, string $inHand): string
    {
        if ('' === $round->dyes) {
            return str_repeat($inHand, max(1, $round->makes));
        }
        $yarns = '';
        for ($i = 0, $end = \strlen($round->codes); $i < $end; ++$i) {
            $inHand = ' ' === $round->dyes[2 * $i] ? $inHand : $round->dyes[2 * $i];
            $tops = Stitch::ofCode($round->codes[$i])->makes();
            $yarns .= str_repeat($inHand, min(1, $tops));
            $inHand = ' ' === $round->dyes[2 * $i + 1] ? $inHand : $round->dyes[2 * $i + 1];
            $yarns .= str_repeat($inHand, max(0, $tops - 1));
        }

        return '' === $yarns ? $inHand : $yarns;
    }

    /** @return list<Laid> the stitches that are not of the round's first yarn */
    private static function runs(int $round, string $yarns, string $first): array
    {
        $runs = [];
        for ($at = 0, $end = \strlen($yarns); $at < $end; $at += $length) {
            $length = strspn($yarns, $yarns[$at], $at);
            if ($yarns[$at] !== $first) {
                $runs[] = new Laid(new StitchRun($round, $at + 1, $at + $length, $yarns[$at]));
            }
        }

        return $runs;
    }
}
