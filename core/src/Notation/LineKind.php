<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Notation\Node\Foundation;
use Alternum\Core\Notation\Node\Head;
use Alternum\Core\Notation\Node\Line;
use Alternum\Core\Notation\Node\Work;
use Alternum\Core\Notation\Node\YarnPhrase;

/** Tells lines apart that name stitches and are no round. */
final class LineKind
{
    /** Chains that are worked into, not a round: "Ch 7." on a line of its own. */
    public static function isFoundation(Line $line): bool
    {
        $stitches = $line->stitches();

        return null === $line->head && [] === $line->counts && [] === $line->again && 1 === \count($stitches) && $stitches[0] instanceof Work
            && Stitch::Chain === $stitches[0]->stitch;
    }

    /** The same as what is worked into; "ch 7 in B" is what is worked into it in B. */
    public static function founded(Line $line): Line
    {
        $items = [];
        foreach ($line->items as $item) {
            $isChain = $item instanceof Work && Stitch::Chain === $item->stitch;
            array_push(
                $items,
                ...($isChain && null !== $item->yarn ? [new YarnPhrase($item->yarn, $item->span)] : []),
                ...[$isChain ? new Foundation($item->times ?? 1, 2, $item->span) : $item],
            );
        }

        return $line->withItems($items);
    }

    /** "Slip stitch into the next stitch, chain 1, fasten off.": the end of the work. */
    public static function isEnding(Line $line): bool
    {
        if (null !== $line->head || [] === $line->cues() || [] !== $line->again) {
            return false;
        }
        $codes = '';
        foreach ($line->stitches() as $item) {
            try {
                $codes .= Expander::isOpen($item) ? Stitch::Single->code() : Expander::item($item)->codes;
            } catch (SyntaxError) {
                // More than a round holds: what is wrong with it is told where it is worked as one.
                return false;
            }
        }

        return '' === trim($codes, Stitch::SlipStitch->code().Stitch::Chain->code()) && \strlen($codes) < 4;
    }

    /** Whether a line that is headed as a round says nothing that is one, though it seems to mean to. */
    public static function lacksStitches(Line $line, Head $head): bool
    {
        foreach ($line->items as $item) {
            if (!$item instanceof Cue) {
                return false;
            }
        }
        $isMeant = [] === $line->items || [] !== $line->counts || $head->rounds > 1;
        foreach ($line->cues() as $cue) {
            $isMeant = $isMeant || 1 === preg_match('/\b\d+ ?(?:sc|hdc|dc|tr|inc|dec)\b/i', $cue->text)
                || CueKind::Note === $cue->kind && 1 === preg_match('/\b(?:sc|dc|hdc|sts?|stitch(?:es)?|inc\w*|dec\w*|around)\b/i', $cue->text);
        }

        return $isMeant;
    }
}
