<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Form\PieceForm;
use Alternum\Core\Making\PatternLine;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Plan\CopyGroup;
use Alternum\Core\Plan\HookSize;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\PlacementKind;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Units;
use Alternum\Core\Plan\Worked;
use Alternum\Core\Yarn\Amount;

/** What stands before the pieces of a written pattern: what is needed, what the words mean, and what holds for all of it. */
final readonly class PatternWords
{
    /** Stuffing is said to five grams, as scales in a kitchen show it. */
    private const STUFFING_TO = 5;
    private const BALL_GRAMS = 50;

    public function __construct(private Plan $plan, private Terms $terms)
    {
    }

    /**
     * @param list<Amount> $amounts
     * @param float        $stuffing grams, stuffed firmly
     *
     * @return list<PatternLine> a line for each
     */
    public function materials(array $amounts, float $stuffing): array
    {
        $lines = [];
        foreach ($amounts as $amount) {
            if ($amount->stitches > 0) {
                $yarn = $amount->yarn;
                $high = $amount->highMetres();
                $lines[] = PatternLine::named('Yarn', "{$yarn->key} {$yarn->name}, {$yarn->weight->label()}"
                    .($yarn->strands > 1 ? ", {$yarn->strands} strands" : '')
                    .', up to '.$this->length($high).', '.self::grams($amount->grams($high)).self::balls($amount->grams($high)));
            }
        }
        $hook = $this->plan->gauge->hookMm;
        if (null !== $hook) {
            $us = HookSize::us($hook);
            $lines[] = PatternLine::named('Hook', "{$hook} mm".(null === $us ? '' : ", US {$us}"));
        }
        $notions = ['yarn needle', 'stitch marker'];
        if ($stuffing >= 1.0) {
            $notions[] = 'stuffing, up to '.(int) (ceil($stuffing / self::STUFFING_TO) * self::STUFFING_TO).' g';
        }
        foreach ($this->parts() as $kind => $count) {
            $notions[] = "{$count} {$kind}";
        }
        $lines[] = PatternLine::named('Notions', implode(', ', $notions));

        return $lines;
    }

    /** "Size: Cap 4.4 cm high, 6.1 cm wide, when stuffed" */
    public function size(string $piece, PieceForm $form): PatternLine
    {
        $said = fn (float $mm): string => Units::Metric === $this->plan->units ? round($mm / 10.0, 1).' cm' : Inches::ofCm($mm / 10.0);

        return PatternLine::named('Size', "{$piece} {$said($form->height)} high, {$said($form->width)} wide, when stuffed");
    }

    public function gauge(): PatternLine
    {
        $over = Units::Metric === $this->plan->units ? '10 cm' : '4 in';
        $word = Terms::Us === $this->terms ? 'Gauge' : 'Tension';

        return PatternLine::named($word, "{$this->plan->gauge->stitchesPer10cm} stitches and {$this->plan->gauge->roundsPer10cm} rounds in {$over}");
    }

    /** @param list<Reading> $readings */
    public function abbreviations(array $readings): PatternLine
    {
        $said = [];
        foreach (Abbreviations::used($readings, $this->terms) as $name => $means) {
            $said[] = "{$name} {$means}";
        }

        return PatternLine::named(
            'Words',
            strtoupper($this->terms->value).'; '.implode('; ', [...$said, '[n] stitches of the round when it is done']),
        );
    }

    /** @return list<PatternLine> what holds for all pieces, once */
    public function notes(bool $changes): array
    {
        $worked = array_unique(array_map(static fn (Piece $piece): string => $piece->worked->value, $this->plan->pieces));
        $notes = [
            PatternLine::named('Marker', "in the {$this->plan->marker->value} stitch of each round."),
            PatternLine::note('draw a magic ring quite tight only after round 2.'),
        ];
        foreach ($worked as $one) {
            $notes[] = PatternLine::note(match (Worked::from($one)) {
                Worked::Spiral => 'rounds in a spiral go on one into the next, without being joined.',
                Worked::Joined => 'joined rounds are closed with a slip stitch each, and the next is lifted by a chain.',
                Worked::Rows => 'rows are turned at their end.',
            });
        }

        return $changes ? [
            ...$notes,
            PatternLine::named(
                'Change',
                '“change to B in last st” means: work that stitch to its last yarn over, and finish it with B. “Join” brings a yarn in for the first'
                    .' time, or again after it was cut.',
            ),
            PatternLine::named('Change', '“keep A” means: let it hang inside, and take it up again without pulling when it is wanted; “cut A” leaves an end of '
                .(new YarnWords($this->plan))->length($this->plan->yarnUse->tailCm).'.'),
            PatternLine::named('Change', 'within a round, carry the other yarn loosely across the inside.'),
            ...array_map(static fn (string $habit): PatternLine => PatternLine::named('Tip', $habit), TipWords::habits()),
        ] : $notes;
    }

    /**
     * "LEG (make 2; from the bottom up)". A name that capitals would not give back stays as it is.
     *
     * @param list<string> $copies names of the copies, where it is written more than once
     */
    public static function heading(string $name, array $copies, int $count, bool $beginsAtTop, Worked $worked): string
    {
        $capitals = mb_strtoupper($name);
        $isPlain = self::small($capitals) === $name && 1 === preg_match('/\p{L}/u', $name);
        $from = Worked::Rows === $worked ? 'in rows' : ($beginsAtTop ? 'from the top down' : 'from the bottom up');

        return ($isPlain ? $capitals : $name).([] === $copies ? '' : ' ('.implode(', ', $copies).')')." (make {$count}; {$from})";
    }

    /** @return list<PatternLine> "Note: spiral stripes of A and B, rounds 2 to 7.", for each that is shown */
    public static function helices(Piece $piece, CopyGroup $group): array
    {
        $lines = [];
        foreach ($piece->colours as $entry) {
            $spiral = $entry->isHidden ? null : $entry->layer->spiral();
            if (null !== $spiral) {
                $yarns = array_map(static fn (string $key): string => $group->yarns[$key] ?? $key, $spiral->yarns);
                $lines[] = PatternLine::note('spiral stripes of '.YarnWords::listed(...$yarns).", rounds {$spiral->from} to {$spiral->to}.");
            }
        }

        return $lines;
    }

    /** "Note: right arm with C in place of S, S in place of C." */
    public static function instead(CopyGroup $group): PatternLine
    {
        $yarns = array_map(static fn (string $key, string $to): string => "{$to} in place of {$key}", array_keys($group->yarns), $group->yarns);

        return PatternLine::named('Note', implode(', ', $group->names).([] === $yarns ? ' as written.' : ' with '.implode(', ', $yarns).'.'));
    }

    /** "BODY AND HEAD" as it is usually written: "Body and head". */
    private static function small(string $capitals): string
    {
        return mb_substr($capitals, 0, 1).mb_strtolower(mb_substr($capitals, 1));
    }

    private function length(float $metres): string
    {
        return Units::Metric === $this->plan->units ? ceil($metres).' m' : ceil($metres / Units::YARD_IN_METRES).' yd';
    }

    private static function grams(float $grams): string
    {
        return ceil($grams).' g';
    }

    /** Whole balls, of the size that is sold most. */
    private static function balls(float $grams): string
    {
        $balls = (int) ceil($grams / self::BALL_GRAMS);

        return ' ('.(1 === $balls ? '1 ball' : "{$balls} balls").' of '.self::BALL_GRAMS.' g)';
    }

    /** @return array<string, int> how many of what is not crocheted, by its name */
    private function parts(): array
    {
        $parts = [];
        foreach ($this->plan->pieces as $piece) {
            foreach ($piece->placements as $placement) {
                if (\in_array($placement->kind, [PlacementKind::Eyes, PlacementKind::Nose, PlacementKind::Buttons], true)) {
                    $name = strtolower($placement->named());
                    $parts[$name] = ($parts[$name] ?? 0) + (null === $placement->apart ? 1 : 2) * $piece->copies->count;
                }
            }
        }

        return $parts;
    }
}
