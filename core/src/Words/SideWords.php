<?php

declare(strict_types=1);

namespace Alternum\Core\Words;

/** What the sides of a piece are called: one that stands has a front and a back, one that lies the middle of its back and an underside. */
final readonly class SideWords
{
    private function __construct(
        /** What degrees count from: "the front". */
        public string $zero,
        public string $atZero,
        public string $hidden,
        /** Half a turn from where degrees count. */
        public string $opposite,
        /** What is seen from neither. */
        public string $fromSide,
        /** What mends a jog that shows: "Choose another front". */
        public string $choose,
    ) {
    }

    public static function of(bool $lies): self
    {
        return $lies
            ? new self(
                zero: 'the middle of the back',
                atZero: 'on the middle of the back',
                hidden: 'on the underside',
                opposite: 'on the underside, opposite the middle of the back',
                fromSide: 'not seen from above; shows from the side',
                choose: 'Choose another side as its back',
            )
            : new self(
                zero: 'the front',
                atZero: 'at the front',
                hidden: 'at the back',
                opposite: 'at the back, opposite the front',
                fromSide: 'not seen from the front; shows from the side',
                choose: 'Choose another front',
            );
    }

    /** "38° from the front". */
    public function away(float $degrees): string
    {
        return round($degrees)."° from {$this->zero}";
    }
}
