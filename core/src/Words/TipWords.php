<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

use Alternum\Core\Place\Tip;
use Alternum\Core\Place\TipKind;
use Alternum\Core\Plan\Counted;
use Alternum\Core\Plan\Layer\RoundRange;

/** What experience has to say, in the maker’s words, with what to do about it. */
final class TipWords
{
    public static function of(Tip $tip): string
    {
        $rounds = self::rounds($tip->rounds);
        $verb = 1 === \count($tip->rounds) ? 'shapes' : 'shape';

        return match ($tip->kind) {
            TipKind::ShapedPicture => ucfirst("{$rounds} {$verb} under “{$tip->name}”, which bends it. ".(null === $tip->better
                ? 'Work those increases and decreases beside it, or embroider it.'
                : 'Move it to '.$tip->better->inWords().', where the piece is straight, or work those increases and decreases beside it.')),
            TipKind::ThinLine => "Lines of {$tip->yarn} in {$rounds} are one stitch wide. Embroidered on afterwards they are neater; worked in, make them"
                .' two wide.',
            TipKind::BusyFade => "The fade changes yarn up to {$tip->figure} times in a round. Fading by strands is easier: hold the yarn double, first two"
                .' strands of the one, then one of each, then two of the other.',
            TipKind::CutStripe => "The stripes end in the middle of one: {$tip->yarn} has "
                .Counted::of(\count($tip->rounds), 'round')." of {$tip->figure}. Heights that come out even are offered where stripes are added.",
            TipKind::PairedLimbs => self::paired($tip->figure),
        };
    }

    /** @return list<string> good habits for whoever changes colours, told once */
    public static function habits(): array
    {
        return [
            'Tug both yarns gently after each change, so that the last stitch of the old one is as large as the others.',
            'Finished the last stitch in the old yarn? Take back half of it: pull its last loop out, so that two are on the hook, and finish'
                .' with the new yarn.',
            'Give a yarn that comes back a stitch of slack, or the fabric draws in there.',
            'Always keep the same yarn in front when you swap, so that they do not twist.',
            'Put a second marker in the first round of each colour and leave it there: rounds are counted from it.',
            'Count the round before you change: a stitch too many is found in one round, not in five.',
        ];
    }

    private static function paired(int $copies): string
    {
        return 2 === $copies
            ? 'Two are made: sew each on with its jogs on the inner side, where the other hides them. Their markers then face each other.'
            : "{$copies} are made: sew each on with its jogs to the side that is seen least.";
    }

    /** @param non-empty-list<int> $rounds */
    private static function rounds(array $rounds): string
    {
        sort($rounds);
        $last = $rounds[\count($rounds) - 1];
        if (\count($rounds) > 1 && $last - $rounds[0] + 1 === \count($rounds)) {
            return (new RoundRange($rounds[0], $last))->inWords();
        }

        return 1 === \count($rounds) ? "round {$rounds[0]}" : 'rounds '.YarnWords::listed(...array_map(strval(...), $rounds));
    }
}
