<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

/**
 * Eyes that see colours otherwise, simulated.
 *
 * Source: Machado, Oliveira and Fernandes, 2009, at full strength; the figures are from memory.
 */
enum ColourVision: string
{
    case Protan = 'protan';
    case Deutan = 'deutan';
    case Tritan = 'tritan';
    case Grey = 'grey';

    /** @return array{array{float, float, float}, array{float, float, float}, array{float, float, float}} of linear light */
    private function matrix(): array
    {
        return match ($this) {
            self::Protan => [[0.152286, 1.052583, -0.204868], [0.114503, 0.786281, 0.099216], [-0.003882, -0.048116, 1.051998]],
            self::Deutan => [[0.367322, 0.860646, -0.227968], [0.280085, 0.672501, 0.047413], [-0.011820, 0.042940, 0.968881]],
            self::Tritan => [[1.255528, -0.076749, -0.178779], [-0.078411, 0.930809, 0.147602], [0.004733, 0.691367, 0.303900]],
            self::Grey => [[0.2126, 0.7152, 0.0722], [0.2126, 0.7152, 0.0722], [0.2126, 0.7152, 0.0722]],
        };
    }

    /** A colour as such eyes see it, as #RRGGBB. */
    public function sees(string $hex): string
    {
        $light = LabColour::light($hex);
        $seen = [];
        foreach ($this->matrix() as [$red, $green, $blue]) {
            $seen[] = $red * $light[0] + $green * $light[1] + $blue * $light[2];
        }

        return LabColour::hex($seen[0], $seen[1], $seen[2]);
    }
}
