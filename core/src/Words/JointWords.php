<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Assembly\PartEdge;
use Alternum\Core\Plan\Assembly\Tool;
use Alternum\Core\Plan\Copies;
use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\Number;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Toy\Easing;
use Alternum\Core\Toy\LaidJoint;

/** How one piece is put on another. */
final class JointWords
{
    /** "Ears on Body: between rounds 5 and 6, after stitches 3 and 9, with whip stitch around the open edge, by their own tails". */
    public static function summary(Plan $plan, LaidJoint $laid): string
    {
        $joint = $laid->joint;

        return self::part($plan, $laid)." on {$laid->onto->name}: ".self::where($laid).", {$joint->hold->label()}"
            .($laid->seamMm > 0.0 ? ' '.$joint->edgeInWords() : '').match (true) {
                0.0 === $laid->needsMm => '',
                $joint->isWithNew => ', with a new thread',
                default => ', by its own tail',
            };
    }

    /**
     * What is to be done, in one step for all its copies.
     *
     * @param bool $isBrief how such a hold is done was said before
     */
    public static function toDo(Plan $plan, LaidJoint $laid, YarnWords $yarns, bool $isBrief): string
    {
        $joint = $laid->joint;
        $where = "to {$laid->onto->name} ".self::where($laid).($laid->spot->isPole || self::isWhole($laid) ? '' : ' of round '.max(1, $laid->spot->round));
        // What is set into something is set there first.
        $isSetIn = PartEdge::Around === $joint->edge;
        $part = self::part($plan, $laid);
        $says = [
            $isSetIn ? "Set {$part} into {$laid->onto->name} up to its widest round" : '',
            $joint->hold->toDo($part, $joint->edgeInWords(), $where),
        ];
        if ($joint->isWithNew && $laid->needsMm > 0.0) {
            $says[] = "Cut {$yarns->length($laid->cutCm())} of {$yarns->named($laid->yarn())}".(2 === $joint->count() ? ' for each' : '');
        }
        $says[] = $isBrief ? '' : $joint->hold->how();
        $says[] = match (true) {
            !$joint->hold->needsInside() => '',
            $laid->onto->isClosed => "{$laid->onto->name} is closed by then: knot them where the part hides it",
            $laid->isDeep() => "Turn {$laid->onto->name} inside out to knot them, and right side out again",
            default => '',
        };
        $says[] = self::turned($joint);
        $says[] = self::stuffing($laid);
        $says[] = null === $laid->easing ? '' : self::easing($laid->easing, $laid);
        $says[] = $joint->hold->caution();

        $said = array_filter($says, static fn (string $one): bool => '' !== $one);

        return implode('. ', array_map(static fn (string $one): string => rtrim($one, '. '), $said));
    }

    /** "turned 45° to the right": how a part sits on its seat. */
    private static function turned(Joint $joint): string
    {
        $degrees = $joint->turned;
        $isAlong = \in_array($joint->edge, [PartEdge::Flat, PartEdge::Side, PartEdge::Middle], true);
        $by = Number::plain(abs($degrees)).'°';

        return match (true) {
            0.0 === $degrees => '',
            $isAlong && 90.0 === abs($degrees) => 'Let its edge run upright',
            default => "Turn it {$by} to the ".($degrees > 0.0 ? 'right' : 'left').' on its seat',
        };
    }

    private static function stuffing(LaidJoint $laid): string
    {
        $isOpen = \in_array($laid->joint->edge, [PartEdge::Open, PartEdge::Gathered], true) && $laid->seamMm > 0.0;

        return match (true) {
            !$laid->part->isStuffed => '',
            $laid->joint->stuffsThen => 'Stop a few stitches before the end, stuff it through the gap, and sew on',
            $isOpen => 'Before the last few stitches, fill up the stuffing under the edge',
            default => '',
        };
    }

    /** @return list<string> what is to be known of it */
    public static function remarks(YarnWords $yarns, LaidJoint $laid): array
    {
        $remarks = array_map(static fn (int $round): string => "It hides the jog after round {$round}.", $laid->hides);
        foreach ($laid->over as $name) {
            $remarks[] = "It lies over {$name}: move one of them.";
        }
        if ($laid->isTooShort()) {
            [$tail, $takes] = [$yarns->length(($laid->part->tailMm ?? 0.0) / 10.0), $yarns->length($laid->cutCm())];
            $remarks[] = "Its tail of {$tail} is too short: the seam takes {$takes}."
                .' Leave a longer one, or use a new thread.';
        }
        // At its end a piece is as narrow as a ring: a part lies over that, and on what is around it.
        $seat = $laid->spot->isPole ? $laid->onto->edge(PartEdge::Around) : $laid->onto->aroundMm[$laid->joint->key] ?? 0.0;
        if (PartEdge::Open === $laid->joint->edge && $laid->seamMm > $seat && $seat > 0.0 && !self::isWhole($laid)) {
            $remarks[] = 'Its edge is longer than the piece is around there: it is larger than its seat.';
        }
        $caution = $laid->joint->hold->caution();

        return '' === $caution ? $remarks : [...$remarks, $caution];
    }

    /** "take two stitches of Ear on every fourth of Body": unlike edges, eased. */
    private static function easing(Easing $easing, LaidJoint $laid): string
    {
        if ($easing->isEven()) {
            return "Both edges have {$easing->shorter} stitches: one on one";
        }
        $partCount = $laid->part->counts[\count($laid->part->counts) - 1] ?? 0;
        [$long, $short] = $partCount === $easing->longer ? [$laid->part->name, $laid->onto->name] : [$laid->onto->name, $laid->part->name];
        $least = intdiv($easing->longer, $easing->shorter);
        $usual = 1 === $least ? '' : "Take {$least} stitches of {$long} on each of {$short}. ";
        $every = $easing->every();
        $more = $least + 1;
        $extra = $easing->extra();
        if ([] === $extra) {
            return rtrim($usual, '. ');
        }

        return $usual."{$long} has {$easing->longer} stitches and {$short} {$easing->shorter}: take {$more} of {$long} on ".(null === $every
            ? YarnWords::nouns('stitch', 'stitches', ...array_map(strval(...), $extra))." of {$short}"
            : (1 === $every ? 'every stitch' : 'every '.Counted::nth($every).' stitch')." of {$short}");
    }

    /** "Ear (both)", "Ear 3", "Left arm and Right arm". */
    private static function part(Plan $plan, LaidJoint $laid): string
    {
        $joint = $laid->joint;
        $copies = $plan->piece($joint->part)->copies ?? Copies::times(1);
        $name = $laid->part->name;
        if (null !== $copies->named) {
            $own = range($joint->copy, $joint->copy + $joint->count() - 1);
            $names = array_map(static fn (int $copy): string => $copies->named[$copy - 1]->name ?? $name, $own);

            return YarnWords::listed(...$names);
        }

        return match (true) {
            2 === $joint->count() => 2 === $copies->count ? "{$name} (both)" : "{$name} {$joint->copy} and ".($joint->copy + 1),
            $copies->count > 1 => "{$name} {$joint->copy}",
            default => $name,
        };
    }

    private static function where(LaidJoint $laid): string
    {
        $rounds = WhereWords::rounds($laid->spot, \count($laid->onto->counts));

        return $laid->spot->isPole || self::isWhole($laid) ? $rounds : "{$rounds}, ".WhereWords::stitches($laid->spot);
    }

    /** Whether it goes all around the other. */
    private static function isWhole(LaidJoint $laid): bool
    {
        return Anchor::Edge === $laid->joint->place->anchor || Tool::None === $laid->joint->hold->tool();
    }
}
