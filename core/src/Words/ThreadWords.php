<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Plan\Counted;
use Alternum\Core\Toy\LaidThread;

/** What is embroidered, where, with how much yarn, and how. */
final class ThreadWords
{
    /** "Mouth: a smile, 6 stitches wide, between rounds 10 and 11, its middle after stitch 16". */
    public static function summary(LaidThread $laid, int $last): string
    {
        return $laid->thread->named().': '.$laid->thread->kind->named().', '.self::where($laid, $last).self::far($laid);
    }

    /**
     * "Embroider a smile, 6 stitches wide, in B (Brick): between rounds 10 and 11, its middle after stitch 16 of round 10. Cut 42 cm. Come up …".
     *
     * @param bool $isBrief how ends are hidden is known
     */
    public static function toDo(LaidThread $laid, YarnWords $yarns, int $last, bool $isBrief): string
    {
        $thread = $laid->thread;
        $does = match (true) {
            null !== $laid->far => 'Lay',
            $thread->kind->hasTails() => 'Embroider',
            default => 'Knot in',
        };
        $name = '' === $thread->name ? '' : " ({$thread->name})";
        $cm = $laid->cutCm();
        $isPair = 2 === \count($laid->spot->degrees);
        $pair = $isPair ? ', on both sides' : '';
        $isInAll = !$thread->kind->hasTails() || ($isPair && null !== $laid->far);

        return "{$does} {$thread->kind->named()}{$pair}{$name}, in {$yarns->named($thread->yarn)}".self::strands($laid).': '.self::where($laid, $last)
            .($laid->spot->isPole ? '' : ' of round '.max(1, $laid->spot->round)).self::far($laid).". Cut {$yarns->length($cm)}".($isInAll ? ' in all' : '')
            .". {$thread->kind->how()}"
            .($isBrief && !$laid->thread->isOpen && $laid->thread->kind->hasTails() ? '. Hide both ends inside' : self::ends($laid, $yarns));
    }

    private static function where(LaidThread $laid, int $last): string
    {
        $spot = $laid->spot;
        $middle = 2 === \count($spot->degrees) ? 'their middles' : 'its middle';

        return WhereWords::rounds($spot, $last).($spot->isPole ? '' : ", {$middle} ".WhereWords::stitches($spot));
    }

    /** ", to Head between rounds 5 and 6, after stitch 3 of round 5". */
    private static function far(LaidThread $laid): string
    {
        return null === $laid->far ? '' : ", to {$laid->far->name} ".WhereWords::rounds($laid->far->spot, $laid->far->last)
            .($laid->far->spot->isPole ? '' : ', '.WhereWords::stitches($laid->far->spot).' of round '.max(1, $laid->far->spot->round));
    }

    private static function strands(LaidThread $laid): string
    {
        $thread = $laid->thread;

        return match (true) {
            $thread->plies > 0 => ", split to {$thread->plies} of its {$thread->ofPlies} plies",
            null !== $thread->strands && $thread->strands > 1 => ', '.Counted::of($thread->strands, 'strand').' held together',
            default => '',
        };
    }

    /** How it begins and where its ends go. */
    private static function ends(LaidThread $laid, YarnWords $yarns): string
    {
        if (!$laid->thread->kind->hasTails()) {
            return '';
        }
        $slack = round($laid->slackMm / 10.0, 1);

        return $laid->thread->isOpen
            ? '. Knot both ends inside'.($slack >= 0.2 ? ', with '.$yarns->length(max(0.5, $slack)).' of slack in all: the stuffing stretches the fabric' : '')
            : '. Begin and end through the piece: leave '.$yarns->length(round($laid->endsMm / 20.0)).' hanging at both ends, take each through the stuffing'
                .' and out, and trim it';
    }
}
