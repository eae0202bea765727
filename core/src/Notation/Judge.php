<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Parse\Assumption;
use Alternum\Core\Plan\Worked;

/**
 * Chooses among a line's readings: the one that uses all stitches below and makes the typed count. What is likely in the piece
 * decides between those that do; where that does not decide either, it is left open.
 */
final class Judge
{
    private const MISFIT = 1000;
    private const MISCOUNT = 600;
    private const NUMBERING = 300;
    private const ODD = 100;
    private const NEVER = 5000;
    /** Readings no farther apart than this are as likely. */
    private const CLOSE = 30;
    /** On how many grounds it is remembered how a line lies. */
    private const REMEMBERED = 4;

    /** @var \WeakMap<Line, array<string, non-empty-list<Trial>>>|null by a text's first reading: an edit and what follows it judge nearly the same ones */
    private static ?\WeakMap $known = null;

    /**
     * @param non-empty-list<Line> $lines
     *
     * @return non-empty-list<Trial> the best first; more than one where it cannot be decided between them
     */
    public static function of(array $lines, RoundBelow $ground): array
    {
        $key = $ground->key();
        if (null === $key) {
            return self::judged($lines, $ground);
        }
        $key .= ' '.\count($lines);
        self::$known ??= new \WeakMap();
        $known = self::$known[$lines[0]] ?? [];
        if (!isset($known[$key])) {
            $known = \count($known) < self::REMEMBERED ? $known : [];
            $known[$key] = self::judged($lines, $ground);
            self::$known[$lines[0]] = $known;
        }

        return $known[$key];
    }

    /**
     * @param non-empty-list<Line> $lines
     *
     * @return non-empty-list<Trial>
     */
    private static function judged(array $lines, RoundBelow $ground): array
    {
        $best = null;
        $least = \PHP_INT_MAX;
        $right = [];
        foreach ($lines as $line) {
            $trial = Trial::of($line, $ground);
            $cost = self::cost($trial, $ground);
            if ($cost < $least) {
                [$best, $least] = [$trial, $cost];
            }
            if ($cost < self::NUMBERING) {
                $right[] = [$cost, $trial];
            }
            if (0 === $cost && ([] !== $line->counts || [] === $line->assumed)) {
                break;
            }
        }
        \assert($best instanceof Trial);
        $open = [$best];
        if ([] === $best->line->counts) {
            foreach ($right as [$cost, $trial]) {
                if ($cost - $least <= self::CLOSE
                    && !\in_array($trial->stitches->codes, array_map(static fn (Trial $one): string => $one->stitches->codes, $open), true)) {
                    $open[] = $trial;
                }
            }
        }

        return $open;
    }

    private static function cost(Trial $trial, RoundBelow $ground): int
    {
        $line = $trial->line;
        $cost = match (true) {
            !$trial->fits($ground) => self::MISFIT,
            $trial->miscounts() => self::MISCOUNT,
            null !== $trial->odd => self::ODD,
            default => 0,
        };
        if (self::MISFIT === $cost && $trial->miscounts()) {
            $cost += 50;
        }
        if (null !== $line->head?->from && $line->head->from !== $ground->number) {
            $cost += 20;
        }
        if (($line->head->rounds ?? 1) > 1 && $trial->starts) {
            $cost += self::NUMBERING;
        }
        foreach ($line->assumed as $assumed) {
            $cost += self::unlikely($assumed, $trial, $ground);
        }

        return $cost;
    }

    /** "ch 3, dc in same st": the chain was a stitch, as the next goes where it stands. */
    private static function goesOnInSame(Trial $trial): bool
    {
        $second = $trial->stitches->codes[1] ?? '';

        return '' !== $second && Stitch::ofCode($second)->isSame();
    }

    private static function isOpen(Line $line): bool
    {
        foreach ($line->items as $item) {
            if (Expander::isOpen($item)) {
                return true;
            }
        }

        return false;
    }

    /** Whether what is worked as often as there is room neither grows nor shrinks the round. */
    private static function fillsUp(Line $line): bool
    {
        foreach ($line->items as $item) {
            if ($item instanceof Work && null === $item->times) {
                return 1 === $item->stitch->makes() && 1 === $item->stitch->uses();
            }
        }

        return false;
    }

    private static function unlikely(Assumption $assumed, Trial $trial, RoundBelow $ground): int
    {
        $isClosed = Worked::Spiral !== $ground->worked || $ground->joins || $trial->line->closes();

        return match ($assumed) {
            // "2 hdc, sc around" fills up with plain stitches; "sc, inc around" hardly with increases.
            Assumption::LastOnlyAround => \in_array(Assumption::NameParted, $trial->line->assumed, true)
                ? self::NEVER
                : self::ODD - (self::fillsUp($trial->line) ? 40 : 10),
            // After "around" no stitches are left: "sc around - 11 sc" counts, if wrongly.
            Assumption::DashStitches => $trial->starts || self::isOpen($trial->line) ? self::NEVER : 60,
            Assumption::OneAround => [] === $trial->line->counts || null !== $trial->odd ? self::NEVER : 0,
            Assumption::SlipWorked => $trial->starts ? self::NEVER : 60,
            // "4 sc around" on twelve is hardly four in each.
            Assumption::NumberRepeats => [] === $trial->line->counts && $trial->makes > 2 * $trial->below ? self::NEVER : 60,
            Assumption::AllInEach => [] === $trial->line->counts ? self::NEVER : 60,
            // A chain at a round's beginning is no stitch of it, unless it bridges some.
            Assumption::ChainWorked => $isClosed || !str_contains($trial->stitches->codes, Stitch::Skip->code()) ? self::NEVER : 60,
            // What is worked as often as there is room hides whether the chain was a stitch.
            Assumption::ChainStands => $ground->chainCounts ? 0 : (self::isOpen($trial->line) && !self::goesOnInSame($trial) ? self::NEVER : 40),
            Assumption::ChainLiftsNext => Worked::Rows === $ground->worked || $trial->line->closes() ? 0 : 60,
            Assumption::ChainWorkedLast => Worked::Rows === $ground->worked || $trial->line->closes() ? self::NEVER : 0,
            Assumption::LetterStitch => $ground->letters ? 0 : 60,
            Assumption::LetterYarn => $ground->letters ? 60 : 0,
            Assumption::OnAsBefore, Assumption::WholeList, Assumption::NameParted, Assumption::NameAlone => 35,
            Assumption::ChainBegins => 1 === $ground->number && 0 === $ground->on ? 0 : self::NEVER,
            Assumption::ChainStandsOut => 1 === $ground->number && 0 === $ground->on ? self::NEVER : 0,
            default => 0,
        };
    }
}
