<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Start;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Plan\Fix;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Plan\Worked;

/**
 * Reads the typed lines of one piece into rounds, each checked against the round below it.
 *
 * A wrong line costs no other: it goes in with what could be understood, and the lines after it are read on.
 */
final class Reader
{
    private readonly Parser $parser;
    private readonly Vocabulary $vocabulary;
    private readonly Advice $advice;

    /** @var list<Round> */
    private array $rounds = [];
    /** @var list<Problem> */
    private array $problems = [];
    /** Of the line being read. */
    private ?Head $head = null;
    private int $left = Limits::STITCHES;
    private bool $isFull = false;
    /** The last line of which it was told that a round of it does not fit. */
    private int $toldOf = 0;
    private int $on = 0;
    /** Chains at the end of the row before, for this one. */
    private int $lifted = 0;

    private function __construct(Terms $terms, private readonly Worked $worked, private readonly bool $chainCounts, YarnNames $yarns)
    {
        $this->parser = Parser::of($terms, $yarns);
        $this->vocabulary = Vocabulary::of($terms);
        $this->advice = new Advice($terms);
    }

    /**
     * @param list<string>   $lines
     * @param int            $left        how many stitches may still come before the plan is full
     * @param int            $on          stitches of other pieces that the first round is worked into; 0: it begins on its own
     * @param YarnNames|null $yarns       null: yarns are known by their letters alone
     * @param bool           $chainCounts the chain that lifts a row or a joined round stands for its first stitch
     */
    public static function read(array $lines, Terms $terms, Worked $worked = Worked::Spiral, int $left = Limits::STITCHES, int $on = 0, ?YarnNames $yarns = null, bool $chainCounts = false): Reading
    {
        $reader = new self($terms, $worked, $chainCounts && Worked::Spiral !== $worked, $yarns ?? YarnNames::letters());
        $reader->left = $left;
        $reader->on = $on;
        $parsed = [];
        $spans = [];
        $heads = [];
        foreach ($lines as $i => $line) {
            $before = \count($reader->rounds);
            $reader->head = null;
            $parsed[] = $reader->readLine($line, $i + 1);
            $after = \count($reader->rounds);
            $heads[] = $reader->head;
            $spans[] = $after > $before ? [$before + 1, $after] : null;
        }

        return new Reading($reader->rounds, $reader->problems, $parsed, $spans, $heads, $on);
    }

    private function readLine(string $text, int $number): ?Line
    {
        $next = \count($this->rounds) + 1;
        if (mb_strlen($text) > Limits::LINE) {
            $this->problem($number, Limits::LINE, 1, $next, 'This line is longer than '.number_format(Limits::LINE).' characters.', 'Split it into one line a round.');

            return null;
        }
        try {
            $line = $this->parser->line($text);
        } catch (SyntaxError $error) {
            $this->head = $error->head;
            if (!$this->checkRoom($number, $next)) {
                return null;
            }
            $this->problem($number, $error->position, $error->length, $next, $error->getMessage(), $error->mend, $error->fix);
            $this->standIn($number, $error->count?->stitches, null === $error->head ? 1 : $error->head->to - $error->head->from + 1);

            return null;
        }
        if (null === $line || !$this->checkRoom($number, $next)) {
            return null;
        }
        $this->head = $line->head;
        if (null !== $line->head && $line->head->from !== $next) {
            $once = $this->worked->once();
            $mend = $line->head->from > $next ? "Write the {$once} that is missing before it, or number the lines anew." : 'Number the lines anew.';
            $this->problems[] = Problem::inLine($number, $line->head->position + 1, max(1, $line->head->length), $next, "This line says {$once} {$line->head->from}, but it is {$once} {$next}.", $mend)->ofNumbering();
        }
        $line = $this->withoutTurningChain($line, $next);
        $times = null === $line->head ? 1 : $line->head->to - $line->head->from + 1;
        if ([] === $line->items) {
            $this->problem($number, $line->end, 1, $next, ucfirst($this->worked->once())." {$next} has no stitches.", $this->vocabulary->inWords('Write them after the number, as “sc around”.'));
            $this->standIn($number, $line->count?->stitches, $times);

            return null;
        }
        for ($i = 0; $i < $times && $this->checkRoom($number, \count($this->rounds) + 1); ++$i) {
            if (!$this->work($line, $number, $i > 0)) {
                return null;
            }
        }
        if (null !== $line->doubt) {
            $this->problem($number, $line->doubt->position, $line->doubt->length, $next, $line->doubt->getMessage(), $line->doubt->mend);
        }
        $this->lifted = $line->turning->after;

        return $line;
    }

    /** A chain that lifts the hook to a row's or a joined round's height is no stitch of it. */
    private function withoutTurningChain(Line $line, int $round): Line
    {
        if (Worked::Spiral === $this->worked || $round < 2 || \count($line->items) < 2) {
            return $line;
        }
        $items = $line->items;
        $lift = [0, 0];
        // A joined round's chain stands at its beginning; at its end it may be a stitch.
        foreach (Worked::Rows === $this->worked ? [0, \count($items) - 1] : [0] as $at) {
            $item = $line->items[$at];
            if ($item instanceof Work && Stitch::Chain === $item->stitch && null !== $item->times && $item->times <= Turning::MOST) {
                unset($items[$at]);
                $lift[0 === $at ? 0 : 1] = $item->times;
            }
        }

        return new Line($line->head, array_values($items), $line->count, $line->end, $line->then, $line->doubt, new Turning(...$lift));
    }

    /** @return bool false where the round cannot be laid out, and plain stitches stand in for it */
    private function work(Line $line, int $lineNumber, bool $again): bool
    {
        $last = end($this->rounds);
        $below = false === $last ? $this->on : $last->makes;
        $number = \count($this->rounds) + 1;
        if ($again && false !== $last && $last->line === $lineNumber && $last->below === $below && $last->isComplete() && $last->makes <= $this->left) {
            $this->rounds[] = new Round($number, $lineNumber, $last->codes, $below, $last->uses, $last->makes, true, $last->loops, $last->dyes, $last->then, $last->turning, $last->stands);
            $this->left -= $last->makes;

            return true;
        }
        $chain = $line->items[0] instanceof Foundation && 1 === $number && 0 === $this->on ? $line->items[0] : null;
        $lift = $this->chainCounts && $number > 1 ? ($again ? max($line->turning->before, $line->turning->after) : max($line->turning->before, $this->lifted)) : 0;
        $stands = $lift > 0 ? Expansion::of(Turning::standsFor($lift), 1) : Expansion::none();
        if (null !== $chain && !$chain->isPoint()) {
            $below = Worked::Rows === $this->worked ? $chain->side() : $chain->bothSides();
        }
        try {
            $expanded = Expander::of($line, $below - $stands->uses());
        } catch (SyntaxError $error) {
            $this->problem($lineNumber, $error->position, $error->length, $number, $error->getMessage(), $error->mend);
            $this->standIn($lineNumber, $line->count?->stitches, 1);

            return false;
        }
        $stitches = $stands->then($expanded->stitches);
        $codes = $stitches->codes;
        $starts = $line->items[0] instanceof Start || null !== $chain || (1 === $number && 0 === $this->on && '' !== $codes && '' === trim($codes, Stitch::Chain->code()));
        $uses = $starts && 1 === $number && 0 === $this->on && (null === $chain || $chain->isPoint()) ? 0 : Stitch::sumUses($codes);
        if (null !== $chain && Worked::Rows !== $this->worked && $uses === $below - 1) {
            // Both of the first chain's stitches were worked at the beginning: it is not come back to.
            $below = $uses;
        }
        $makes = Stitch::sumMakes($codes);
        $problem = $this->check($line, $lineNumber, $number, $starts, $codes, $uses, $makes, $below);
        if (null !== $problem) {
            // A line of several rounds is told once what is wrong with it.
            if ($this->toldOf !== $lineNumber) {
                $this->problems[] = $problem;
                $this->toldOf = $lineNumber;
            }
        } elseif (null !== $expanded->odd && !$again) {
            $this->problem($lineNumber, $expanded->odd->position, $expanded->odd->length, $number, $expanded->odd->getMessage(), $expanded->odd->mend);
        }
        if (0 === $makes || $makes > Limits::STITCHES_IN_ROUND || $makes > $this->left) {
            $this->standIn($lineNumber, $line->count?->stitches, 1);

            return false;
        }
        $loops = '' === trim($stitches->loops) ? '' : $stitches->loops;
        $dyes = '' === trim($stitches->dyes) ? '' : $stitches->dyes;
        $this->rounds[] = new Round($number, $lineNumber, $codes, $below, $uses, $makes, true, $loops, $dyes, $line->then->yarn ?? '', $line->turning, $lift > 0);
        $this->left -= $makes;

        return true;
    }

    private function check(Line $line, int $lineNumber, int $number, bool $starts, string $codes, int $uses, int $makes, int $below): ?Problem
    {
        $once = $this->worked->once();
        if (1 === $number && 0 === $this->on && !$starts) {
            $first = $line->items[0];
            $six = max(6, $makes);

            return Problem::inLine($lineNumber, $first->position() + 1, $first->length(), $number, ucfirst($once).' 1 has nothing below it to work into.',
                Worked::Rows === $this->worked ? 'Begin with a row of chains, as “ch 10”.' : $this->vocabulary->inWords("Write {$six} sc in MR, or ch 2, {$six} sc in 2nd ch from hook."));
        }
        if (($number > 1 || $this->on > 0) && ($line->items[0] instanceof Start || $line->items[0] instanceof Foundation)) {
            return Problem::inLine($lineNumber, $line->items[0]->position() + 1, $line->items[0]->length(), $number, ucfirst($once)." {$number} begins ".($number > 1 ? 'a new piece.' : 'in a ring, but this piece begins on others.'), 'Only the first round begins in a ring or in chains; give the new piece its own lines.');
        }
        if ($uses < $below) {
            $left = $below - $uses;
            [$mend, $fixes] = $this->advice->forLeftOver($line, $codes, $below, $left);

            return Problem::inLine($lineNumber, Advice::end($line) + 1, 1, $number, ucfirst($once)." {$number} uses {$uses} of the ".self::ground($line, $number, $below, $this->worked).": {$left} left over.", $mend)->fixedBy(...$fixes);
        }
        if ($uses > $below && !(1 === $number && 0 === $this->on && 0 === $below)) {
            [$position, $length] = $this->firstTooMany($line, $below);
            $over = $uses - $below;
            [$mend, $fixes] = $this->advice->forTooMany($line, $codes, $below, $over);
            $found = match (true) {
                $number > 1 => "{$once} ".($number - 1)." made {$below}",
                $this->on > 0 => "it begins on {$below}",
                default => 'there are '.self::ground($line, $number, $below, $this->worked),
            };

            return Problem::inLine($lineNumber, $position + 1, $length, $number, ucfirst($once)." {$number} uses {$uses} stitches, but {$found}: {$over} too many.", $mend)->fixedBy(...$fixes);
        }
        if (0 === $makes) {
            return Problem::inLine($lineNumber, $line->items[0]->position() + 1, 1, $number, ucfirst($once)." {$number} makes no stitch to go on from.", 'Work at least one stitch in it.');
        }
        if ($makes > Limits::STITCHES_IN_ROUND) {
            return Problem::inLine($lineNumber, $line->items[0]->position() + 1, 1, $number, "A {$once} can have ".number_format(Limits::STITCHES_IN_ROUND).' stitches at the most.', 'Mend the number of repeats.');
        }
        if ($makes > $this->left) {
            return Problem::inLine($lineNumber, 1, 1, $number, 'The plan is full: it can have '.number_format(Limits::STITCHES).' stitches.', 'Split it into two plans.');
        }
        if (null !== $line->count && $line->count->stitches !== $makes) {
            return Problem::inLine($lineNumber, $line->count->position + 1, $line->count->length, $number, ucfirst($once)." {$number} makes {$makes} stitches, but the line says {$line->count->stitches}.", "Write ({$makes}), or mend the stitches.")
                ->fixedBy(new Fix("Write ({$makes})", $line->count->position, $line->count->length, "({$makes})"));
        }

        return null;
    }

    /** What a round is worked into, in words. */
    private static function ground(Line $line, int $number, int $below, Worked $worked): string
    {
        return 1 === $number && $line->items[0] instanceof Foundation
            ? "{$below} places along ".(Worked::Rows === $worked ? 'the chain' : 'both sides of the chain')
            : "{$below} stitches below";
    }

    /** @return array{int, int} position and length of the first item that finds no stitch left */
    private function firstTooMany(Line $line, int $below): array
    {
        $used = 0;
        foreach ($line->items as $item) {
            $used += Expander::item($item)->uses();
            if ($used > $below) {
                return [$item->position(), $item->length()];
            }
        }
        $last = $line->items[\count($line->items) - 1];

        return [$last->position(), $last->length()];
    }

    /** Lays plain stitches for rounds that could not be read, so that those after them keep their numbers. */
    private function standIn(int $line, ?int $makes, int $times): void
    {
        $this->lifted = 0;
        for ($i = 0; $i < $times && \count($this->rounds) < Limits::ROUNDS; ++$i) {
            $last = end($this->rounds);
            $below = false === $last ? $this->on : $last->makes;
            $made = max(1, min($makes ?? (0 === $below ? 6 : $below), Limits::STITCHES_IN_ROUND));
            if ($made > $this->left) {
                return;
            }
            $this->rounds[] = new Round(\count($this->rounds) + 1, $line, str_repeat(Stitch::Single->code(), $made), $below, $below, $made, false);
            $this->left -= $made;
        }
    }

    private function checkRoom(int $line, int $round): bool
    {
        if ($round > Limits::ROUNDS && !$this->isFull) {
            $this->isFull = true;
            $this->problem($line, 0, 1, $round, 'A piece can have '.Limits::ROUNDS.' '.$this->worked->once().'s at the most.', 'Go on in another piece.');
        }

        return $round <= Limits::ROUNDS;
    }

    private function problem(int $line, int $position, int $length, int $round, string $message, string $mend, ?Fix $fix = null): void
    {
        $problem = Problem::inLine($line, $position + 1, max(1, $length), $round, $message, $mend);
        $this->problems[] = null === $fix ? $problem : $problem->fixedBy($fix);
    }
}
