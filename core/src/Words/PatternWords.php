<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Making\PatternLine;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Plan\CopyGroup;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Gauge;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\PieceGauge;
use Alternum\Core\Plan\Placement;
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
    /** What is lower lies flat. */
    private const FLAT_MM = 3.0;

    public function __construct(private Plan $plan, private Terms $terms)
    {
    }

    /**
     * @param list<Amount>          $amounts
     * @param float                 $stuffing grams, stuffed firmly
     * @param array<string, string> $eyesMm   by piece, how large its eyes are, where its words say so
     *
     * @return list<PatternLine> a line for each
     */
    public function materials(array $amounts, float $stuffing, array $eyesMm): array
    {
        $lines = [];
        foreach ($amounts as $amount) {
            if ([] !== $amount->yarn->held && $amount->stitches > 0) {
                $lines[] = PatternLine::named('Yarn', "{$amount->yarn->key} {$amount->yarn->name}: ".YarnWords::held($this->plan, $amount->yarn));
            } elseif ($amount->metres() > 0.0) {
                $lines[] = PatternLine::named('Yarn', $this->yarn($amount));
            }
        }
        $hooks = $this->hooks();
        if ([] !== $hooks) {
            $lines[] = PatternLine::named('Hook', implode('; ', $hooks));
        }
        $notions = ['yarn needle', 'stitch marker'];
        if ($stuffing > 0.0) {
            $notions[] = $stuffing < 1.0 ? 'a little stuffing' : 'stuffing, up to '.(int) (ceil($stuffing / self::STUFFING_TO) * self::STUFFING_TO).' g';
        }
        array_push($notions, ...$this->parts($eyesMm));
        $lines[] = PatternLine::named('Notions', implode(', ', $notions));

        return $lines;
    }

    /** @return list<string> "3 mm, US D-3", and with which pieces another one is taken */
    private function hooks(): array
    {
        $said = static fn (?float $mm): string => null === $mm ? '' : HookWords::of($mm);

        return $this->unlike($said($this->plan->gauge->hookMm), fn (Piece $piece): string => $said(PieceGauge::hook($this->plan, $piece)));
    }

    /**
     * What holds for the plan, and what else for which of its pieces: "2.5 mm for Wing and Ear".
     *
     * @param \Closure(Piece): string $ofPiece '' where nothing else is to be said
     *
     * @return list<string>
     */
    private function unlike(string $usual, \Closure $ofPiece): array
    {
        $named = [];
        foreach ($this->plan->pieces as $piece) {
            $named += [$ofPiece($piece) => []];
            $named[$ofPiece($piece)][] = $piece->name;
        }
        unset($named[''], $named[$usual]);
        $others = array_map(static fn (string $said, array $pieces): string => "{$said} for ".YarnWords::listed(...$pieces), array_keys($named), $named);

        return array_values(array_filter([$usual, ...$others], static fn (string $one): bool => '' !== $one));
    }

    /** "A Chalk, DK (260 m/100 g): up to 12 m, 5 g" */
    private function yarn(Amount $amount): string
    {
        $yarn = $amount->yarn;
        $sold = Units::Metric === $this->plan->units
            ? round($yarn->metresPer100g).' m/100 g'
            : round($yarn->metresPer100g / Units::YARD_IN_METRES).' yd/100 g';
        $held = $yarn->strands > 1
            ? ", {$yarn->strands} strands held together, as thick as ".$yarn->worksUpLike()->label($this->terms)
            : '';

        return "{$yarn->key} {$yarn->name}, {$yarn->weight->label($this->terms)} ({$sold}){$held}: ".AmountWords::upTo($amount, $this->plan->units);
    }

    /**
     * "Size: about 12.6 cm high, 5.2 cm wide, when stuffed"; what lies flat is as wide as it is, what lies on its underside is long.
     *
     * @param string $of       what is so large, where the plan has more; '' where it is all
     * @param float  $heightMm 0 where it lies flat
     */
    public function size(string $of, float $heightMm, float $widthMm, bool $isStuffed, bool $lies): PatternLine
    {
        $said = fn (float $mm): string => Units::Metric === $this->plan->units ? round($mm / 10.0, 1).' cm' : Inches::ofCm($mm / 10.0);
        $high = $heightMm < self::FLAT_MM ? '' : $said($heightMm).($lies ? ' long, ' : ' high, ');

        return PatternLine::named(
            'Size',
            ('' === $of ? '' : "{$of} ")."about {$high}{$said($widthMm)} ".('' === $high ? 'across' : 'wide').($isStuffed ? ', when stuffed' : ''),
        );
    }

    public function gauge(): PatternLine
    {
        $over = Units::Metric === $this->plan->units ? '10 cm' : '4 in';
        $word = Terms::Us === $this->terms ? 'Gauge' : 'Tension';

        $single = Vocabulary::of($this->terms)->abbreviation(Stitch::Single);

        $said = static fn (Gauge $gauge): string => "{$gauge->stitchesPer10cm} {$single} and ".(null === $gauge->counted ? 'about ' : '')
            ."{$gauge->roundsPer10cm} rnds in {$over}";
        $gauges = $this->unlike($said($this->plan->gauge), fn (Piece $piece): string => $said($this->plan->gaugeOf($piece)));

        return PatternLine::named($word, implode('; ', $gauges));
    }

    /** @param list<Reading> $readings */
    public function abbreviations(array $readings): PatternLine
    {
        $said = [];
        foreach (Abbreviations::used($readings, $this->terms) as $name => $means) {
            $said[] = "{$name}: {$means}";
        }

        return PatternLine::named(
            'Abbreviations ('.strtoupper($this->terms->value).' terms)',
            implode('; ', [...$said, '[n]: stitch count at end of round']),
        );
    }

    /** @return list<PatternLine> what holds for all pieces, once; nothing that none of them has */
    public function notes(PatternFacts $facts): array
    {
        $single = Vocabulary::of($this->terms)->abbreviation(Stitch::Single);
        $cut = (new YarnWords($this->plan))->length($this->plan->yarnUse->tailCm);
        $notes = [
            ...$facts->isRound ? [PatternLine::named('Marker', "in the {$this->plan->marker->value} stitch of each round.")] : [],
            ...array_map(static fn (string $note): PatternLine => PatternLine::note($note), array_keys(array_filter([
                'draw the magic ring closed at once, and snug it once more after round 2.' => $facts->snugsRing,
                'draw the magic ring closed before the first join.' => $facts->joinsRing,
                'work in a spiral: rounds are not joined.' => $facts->isSpiral,
                "each joined round begins with ch 1 (does not count as a st); the first {$single} goes into the same st." => $facts->lifts,
                'turn at the end of each row.' => $facts->isRows,
            ]))),
        ];
        $changes = array_keys(array_filter([
            '“change to B in last st”: work that stitch to its last yarn over, and finish it with B.'
                    .' Finished already? Take back half of it: pull its last loop out, and finish with B.' => $facts->changes,
            '“attach B”: the same, with a yarn that is new or was cut.' => $facts->attaches,
            '“keep A”: let it hang inside, and pick it up again with a stitch of slack.' => $facts->keeps,
            "“cut A”: leave an end of {$cut}." => $facts->cuts,
            'within a round, carry the other yarn loosely across the inside.' => $facts->floats,
        ]));
        foreach ($facts->methods as $label => $captions) {
            $changes[] = "“{$label}”: ".lcfirst(implode(' ', $captions));
        }

        return [...$notes, ...array_map(static fn (string $change): PatternLine => PatternLine::named('Change', $change), $changes)];
    }

    /**
     * "LEG (make 2; from the bottom up)". A name that capitals would not give back stays as it is.
     *
     * @param list<string>    $copies     names of the copies, where it is written more than once
     * @param FirstRound|null $firstRound null: it is not known which end that is
     * @param Worked|null     $worked     where it is not worked as all others are
     */
    public static function heading(string $name, array $copies, int $count, ?FirstRound $firstRound, ?Worked $worked): string
    {
        $capitals = mb_strtoupper($name);
        $isPlain = self::small($capitals) === $name && 1 === preg_match('/\p{L}/u', $name);
        $how = array_filter([
            "make {$count}",
            match ($worked) {
                Worked::Rows => 'in rows',
                Worked::Joined => 'in joined rounds',
                Worked::Spiral => 'in a spiral',
                null => null,
            },
            match (Worked::Rows === $worked ? null : $firstRound) {
                FirstRound::Top => 'from the top down',
                FirstRound::Bottom => 'from the bottom up',
                FirstRound::Face => 'from the face to the tail',
                FirstRound::Tail => 'from the tail to the face',
                null => null,
            },
        ], static fn (?string $one): bool => null !== $one);

        return ($isPlain ? $capitals : $name).([] === $copies ? '' : ' ('.implode(', ', $copies).')').' ('.implode('; ', $how).')';
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

    /**
     * @param array<string, string> $eyesMm by piece
     *
     * @return list<string> what is not crocheted: "2 safety eyes", "2 safety eyes (8 mm)"
     */
    private function parts(array $eyesMm): array
    {
        $parts = [];
        foreach ($this->plan->pieces as $piece) {
            $kinds = array_map(static fn (Placement $placement): PlacementKind => $placement->kind, $piece->placements);
            if (isset($eyesMm[$piece->key]) && !\in_array(PlacementKind::Eyes, $kinds, true)) {
                // Words name them that set none yet: two, as a rule.
                $part = ['safety eye', true, $eyesMm[$piece->key]];
                $key = implode(' ', $part);
                $parts[$key] = [...$part, ($parts[$key][3] ?? 0) + 2 * $piece->copies->count];
            }
            foreach ($piece->placements as $placement) {
                $name = match (true) {
                    !$placement->kind->isBought() => null,
                    '' !== $placement->name => mb_strtolower($placement->name),
                    PlacementKind::Eyes === $placement->kind => 'safety eye',
                    PlacementKind::Nose === $placement->kind => 'safety nose',
                    PlacementKind::Buttons === $placement->kind => 'button',
                    PlacementKind::Beads === $placement->kind => 'bead',
                    default => $placement->kind->value,
                };
                if (null !== $name) {
                    $typed = PlacementKind::Eyes === $placement->kind ? $eyesMm[$piece->key] ?? '' : '';
                    $size = null === $placement->mm ? $typed : (string) $placement->mm;
                    $part = [$name, '' === $placement->name, $size];
                    $key = implode(' ', $part);
                    $count = ($parts[$key][3] ?? 0) + (null === $placement->place->apart ? 1 : 2) * $piece->copies->count;
                    $parts[$key] = [...$part, $count];
                }
            }
        }

        return array_values(array_map(
            static fn (array $part): string => "{$part[3]} {$part[0]}".($part[3] > 1 && $part[1] ? 's' : '').('' === $part[2] ? '' : " ({$part[2]} mm)"),
            $parts,
        ));
    }
}
