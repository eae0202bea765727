<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Frame\Frame;
use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\Expander;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\SyntaxError;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Placement;
use Alternum\Core\Plan\PlacementKind;

/** Where words join another piece as one goes: "join the arm with the next 3 sc", "3 sc through ear and head". */
final readonly class JoinedPart
{
    private const SAID = '/\b(?:join|attach|add|place|hold|insert|put|fasten|secure|catch|through|thru)\w*\b.*?\b(?<part>arm|leg|ear|wing|fin|tail)s?\b/i';
    private const KINDS = [
        'arm' => PlacementKind::Arms, 'leg' => PlacementKind::Legs, 'ear' => PlacementKind::Ears, 'wing' => PlacementKind::Wings, 'fin' => PlacementKind::Wings,
        'tail' => PlacementKind::Tail,
    ];
    /** Degrees within which a placement is there. */
    private const NEAR = 1.0;

    /**
     * @param Cue    $cue   that says so
     * @param string $part  the word that names it
     * @param int    $first of the stitches that take it, from 1
     */
    private function __construct(
        public Cue $cue,
        public string $part,
        public PlacementKind $kind,
        public int $round,
        public int $line,
        public int $first,
        public int $last,
        public float $fromFront,
    ) {
    }

    /** @return list<self> all that a piece's words say, in the order of the rounds */
    public static function all(Reading $reading, Frame $frame): array
    {
        $all = [];
        foreach ($reading->rounds as $i => $round) {
            foreach ($round->cues as $cue) {
                $isJoin = CueKind::Part === $cue->kind && 1 === preg_match(self::SAID, $cue->text, $match);
                $line = $isJoin ? $reading->syntax->worked()[$i] ?? null : null;
                $stitches = null === $line ? null : self::stitches($line, $cue);
                if (isset($match['part']) && null !== $stitches && $stitches[1] <= $frame->makes($round->number)) {
                    $part = strtolower($match['part']);
                    $middle = $frame->fromFront($round->number, intdiv($stitches[0] + $stitches[1], 2));
                    $all[] = new self(
                        cue: $cue, part: $part, kind: self::KINDS[$part], round: $round->number, line: $round->line, first: $stitches[0], last: $stitches[1],
                        fromFront: round($middle, 1),
                    );
                }
            }
        }

        return $all;
    }

    /** Whether a placement stands for what is joined here, so that it is not sewn on as well. */
    public function isHeldBy(Placement $placement): bool
    {
        return $this->kind === $placement->kind && Anchor::Round === $placement->place->anchor && $this->round === $placement->place->number
            && abs($this->fromFront - $placement->place->fromFront) < self::NEAR;
    }

    /** @return array{int, int}|null the tops of the stitches that the cue is about, from 1; null: they cannot be told */
    private static function stitches(Line $line, Cue $cue): ?array
    {
        // "3 sc through arm and body" follows its stitches, "join the arm with …" goes before them.
        $isAfter = 1 === preg_match('/^\W*(?:through|thru|joining|attaching)/i', $cue->text);
        $done = 0;
        $last = null;
        $isFound = false;
        foreach ($line->items as $item) {
            if ($item instanceof Cue && $item->span->from === $cue->span->from) {
                if ($isAfter) {
                    return $last;
                }
                $isFound = true;
            } elseif ($item instanceof Work || $item instanceof Repeat) {
                try {
                    $tops = null === $item->times ? 0 : Stitch::sumMakes(Expander::item($item)->codes);
                } catch (SyntaxError) {
                    $tops = 0;
                }
                if (0 === $tops) {
                    return null;
                }
                $last = [$done + 1, $done + $tops];
                $done += $tops;
                if ($isFound) {
                    return $last;
                }
            }
        }

        return null;
    }
}
