<?php

declare(strict_types=1);

namespace Alternum\Core\Toy;

/** A flat shape of a still: an area or a line. */
final readonly class StillShape
{
    /** Of what is bought: eyes and noses are dark, buttons and beads light. */
    public const DARK = 'dark';
    public const LIGHT = 'light';

    /**
     * @param list<array{float, float}> $points mm to the right and down
     * @param string                    $ink    a yarn's key, or DARK, or LIGHT
     * @param float                     $light  0 in the shade, 1 in full light
     * @param float                     $depth  mm towards the viewer, by which it lies before others
     * @param float                     $wide   mm: of a line or, of a single point, across; 0: it is an area
     */
    public function __construct(public array $points, public string $ink, public float $light, public float $depth, public float $wide = 0.0)
    {
    }
}
