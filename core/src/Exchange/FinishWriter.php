<?php

declare(strict_types=1);

namespace Alternum\Core\Exchange;

use Alternum\Core\Making\StuffingGoes;
use Alternum\Core\PieceAnalysis;
use Alternum\Core\Words\FinishWords;

/** How a piece begins and ends, all of it decided: contract/openapi.yaml, Finished. */
final class FinishWriter
{
    /** @return array<string, mixed> */
    public static function values(PieceAnalysis $piece): array
    {
        $finishing = $piece->finishing;

        return [
            'ring' => $finishing->ring?->value,
            'start' => $finishing->start->value,
            'end' => $finishing->end?->value,
            'tailCm' => Rounded::of($finishing->tailCm),
            'turned' => $finishing->turned,
            'firmness' => $finishing->firmness->value,
            'goes' => \count(StuffingGoes::goes($piece->stages->fabric, $piece->stages->form, $finishing)),
            'clear' => $finishing->clear,
            'segments' => $finishing->drawn->segments,
            'base' => $finishing->drawn->base,
            'whyEnd' => FinishWords::whyEnd($finishing),
            'whyTail' => FinishWords::whyTail($finishing),
            'whyRing' => FinishWords::whyRing($finishing),
            'whyStart' => FinishWords::whyStart($finishing),
            'whyStuffed' => FinishWords::whyStuffed($finishing),
        ];
    }
}
