<?php

declare(strict_types=1);

namespace Alternum\Core\Making;

use Alternum\Core\Notation\LineCue;
use Alternum\Core\Notation\Node\Cue;
use Alternum\Core\Place\Change;

/** One thing to do on a piece: rounds that are worked alike, or what comes with them, before or after. */
final readonly class Step
{
    /**
     * @param int                                           $from   first round
     * @param int                                           $to     last round
     * @param int|null                                      $stitch the stitch of round $to before whose last yarn over it is done; null: before its rounds
     *                                                              where it starts them, else once they are worked
     * @param Change|Placed|StuffGo|Moment|LineCue|Cue|null $about  what it is about; her own words: a cue within a round, or what a line of its own says
     * @param int                                           $figure stitches that it is about; 0: none
     */
    private function __construct(
        public StepKind $kind,
        public int $from,
        public int $to,
        public ?int $stitch = null,
        public Change|Placed|StuffGo|Moment|LineCue|Cue|null $about = null,
        public ?WorkedRounds $worked = null,
        public int $figure = 0,
    ) {
    }

    public static function rounds(WorkedRounds $worked): self
    {
        return new self(StepKind::Round, $worked->from, $worked->to, worked: $worked);
    }

    public static function change(Change $change): self
    {
        return new self(StepKind::Change, $change->round, $change->round, stitch: $change->stitch, about: $change);
    }

    /** @param int $round once it is worked; 0: before the first */
    public static function after(int $round, StepKind $kind, Placed|StuffGo|LineCue|Cue|null $about = null): self
    {
        return new self($kind, $round, $round, about: $about);
    }

    /** @param int $figure stitches that it is about */
    public static function at(int $from, int $to, Moment $moment, int $figure = 0, ?int $stitch = null): self
    {
        $kind = match ($moment) {
            Moment::WeaveIn, Moment::DrawIn => StepKind::Tail,
            Moment::StuffBetween => StepKind::Stuff,
            default => StepKind::Check,
        };

        return new self($kind, $from, $to, stitch: $stitch, about: $moment, figure: $figure);
    }

    /** Whether they are her own words. */
    public function isHers(): bool
    {
        return $this->about instanceof LineCue || $this->about instanceof Cue;
    }
}
