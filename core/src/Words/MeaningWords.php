<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Notation\Closed;
use Alternum\Core\Notation\Loop;
use Alternum\Core\Notation\Meaning;
use Alternum\Core\Notation\Node\Again;
use Alternum\Core\Notation\Node\AgainKind;
use Alternum\Core\Notation\Node\Close;
use Alternum\Core\Notation\Node\Count;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Evenly;
use Alternum\Core\Notation\Node\Filling;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Freely;
use Alternum\Core\Notation\Node\Glue;
use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Node\IntoStitchKind;
use Alternum\Core\Notation\Node\Lift;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Node;
use Alternum\Core\Notation\Node\OtherSide;
use Alternum\Core\Notation\Node\Repeat;
use Alternum\Core\Notation\Node\Stated;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;
use Alternum\Core\Notation\Stitch;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\Message;
use Alternum\Core\Plan\Terms;

/** Says of a stretch of a typed line what it was taken for: "6 repeats of: 2 sc, then 2 sc in one stitch". */
final readonly class MeaningWords
{
    private Vocabulary $vocabulary;

    public function __construct(Terms $terms)
    {
        $this->vocabulary = Vocabulary::of($terms);
    }

    public function says(Meaning $meaning): string
    {
        return $meaning->about instanceof Message ? MessageWords::says($meaning->about) : $this->node($meaning->about);
    }

    private function node(Node $node): string
    {
        return match (true) {
            $node instanceof Head => self::head($node),
            $node instanceof Work, $node instanceof Repeat, $node instanceof Filling => ucfirst($this->stitches($node)).'.',
            $node instanceof Foundation => self::foundation($node),
            $node instanceof YarnPhrase => self::yarns($node),
            $node instanceof Count => "The round makes {$node->stitches}.",
            $node instanceof Stated => "{$node->rounds} rounds.",
            $node instanceof Close => $node->closed->joins()
                ? 'Closes the round'.(Closed::ToBackLoop === $node->closed
                    ? ' in the back loop of its first stitch'
                    : '').': a slip stitch that uses none of its stitches.'
                : 'Ends the spiral level: a slip stitch that uses none of this round’s stitches.',
            $node instanceof Lift => $node->chainIsFirst
                ? 'A chain that counts as the first stitch.'
                : 'A chain that lifts the hook; it does not count as a stitch.',
            $node instanceof OtherSide => 'On along the other side of the chain.',
            $node instanceof Again => self::again($node),
            $node instanceof Cue => 'Kept for the making: '.$node->text,
            $node instanceof Glue => 'Joins what stands before and after it.',
            default => 'Understood.',
        };
    }

    private static function head(Head $head): string
    {
        $once = $head->row ? 'Row' : 'Round';

        return match (true) {
            null === $head->from => 1 === $head->rounds ? 'The next one.' : "The next {$head->rounds}.",
            $head->rounds > 1 => "{$once}s {$head->from} to {$head->to()}.",
            default => "{$once} {$head->from}.",
        };
    }

    /** "From here on yarn A, B from the second top on." */
    private static function yarns(YarnPhrase $phrase): string
    {
        $within = '';
        foreach ($phrase->within as $i => $yarn) {
            $within .= ", {$yarn} from the ".RoundWords::ORDINALS[1 + $i % 4].' top on';
        }

        return "From here on yarn {$phrase->yarn}{$within}.";
    }

    private static function foundation(Foundation $foundation): string
    {
        return match (true) {
            0 === $foundation->chains => 'Into a magic ring.',
            $foundation->joined => "A ring of {$foundation->chains} chains.",
            $foundation->isPoint() => 'All into one chain.',
            default => "A chain of {$foundation->chains}, begun in chain {$foundation->from} from the hook.",
        };
    }

    private static function again(Again $again): string
    {
        $which = match (true) {
            AgainKind::Even === $again->kind => 'one plain stitch in each',
            AgainKind::Onward === $again->kind => 'growing or shrinking on as before',
            AgainKind::Elsewhere === $again->kind => 'as another piece',
            null === $again->from => 'as the round before',
            $again->to > $again->from => "as rounds {$again->from} to {$again->to}",
            default => "as round {$again->from}",
        };
        $often = match (true) {
            null !== $again->untilStitches => ", until there are {$again->untilStitches} stitches",
            null !== $again->untilRounds => ", until there are {$again->untilRounds} rounds",
            null !== $again->times => ', '.Counted::of($again->times, 'time').' more',
            default => '',
        };

        return "Whole rounds: {$which}{$often}.";
    }

    private function stitches(Node $node): string
    {
        if ($node instanceof Freely) {
            return 'one of '.implode(', ', array_map($this->one(...), $node->stitches)).' in each, as you like';
        }
        if ($node instanceof Evenly) {
            return "{$node->times} × {$this->one($node->stitch)}, spread evenly";
        }
        if ($node instanceof Repeat) {
            $items = array_filter($node->items, static fn (Node $item): bool => $item instanceof Work || $item instanceof Repeat);
            $said = implode(', then ', array_map($this->stitches(...), $items));

            return match ($node->times) {
                null => "as often as there is room: {$said}",
                1 => $said,
                default => "{$node->times} repeats of: {$said}",
            }.$this->with($node->loop, $node->yarn);
        }
        if (!$node instanceof Work) {
            return '';
        }
        $one = $this->one($node->stitch);
        $into = match ($node->place?->kind) {
            IntoStitchKind::Ring => ' in the ring',
            IntoStitchKind::Nth => " in stitch {$node->place->number}",
            IntoStitchKind::FromHook => " in chain {$node->place->number} from the hook",
            IntoStitchKind::Last => ' in the last chain',
            default => '',
        };

        return match (true) {
            null === $node->times => "{$one} in each that is left",
            1 === $node->times => $one,
            1 === preg_match('/^\d|stitch/', $one) => "{$node->times} × {$one}",
            default => "{$node->times} {$one}",
        }.$into.$this->with($node->loop, $node->yarn);
    }

    private function with(?Loop $loop, ?string $yarn): string
    {
        return (null === $loop ? '' : " in {$loop->value}").(null === $yarn ? '' : " in yarn {$yarn}");
    }

    /** "2 sc in one stitch", "2 sc together". */
    private function one(Stitch $stitch): string
    {
        $plain = $stitch->plain();
        $tops = $plain->tops();
        $said = match (true) {
            \strlen($tops) > 1 => \strlen($tops).' '.$this->vocabulary->abbreviation(Stitch::ofCode($tops[0])).' in one stitch',
            Stitch::Decrease === $plain => '2 '.$this->vocabulary->abbreviation(Stitch::Single).' together',
            Stitch::Skip === $plain => 'skip a stitch',
            default => $this->vocabulary->abbreviation($plain),
        };

        return $said.($stitch->isSame() ? ' in the same stitch' : '').($stitch->isOut() ? ' along the chain' : '');
    }
}
