<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\LateCues;
use Alternum\Core\Making\PatternPlace;
use Alternum\Core\Making\StandsAfterRound;
use Alternum\Core\Making\Step;
use Alternum\Core\Making\StepAddress;
use Alternum\Core\Making\StepKind;
use Alternum\Core\Making\StepSaid;
use Alternum\Core\Making\StepSite;
use Alternum\Core\Notation\CueKind;
use Alternum\Core\Notation\LineCue;
use Alternum\Core\Notation\Node\Cue;

/** What the maker’s own words say to do: a cue within a round, or a line of its own. */
final readonly class TypedWords extends Step implements StandsAfterRound
{
    private function __construct(StepAddress $at, public LineCue|Cue $words, private StepKind $kind, private bool $isLate)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        $late = new LateCues($site->reading, $site->form->openings);
        foreach ($site->reading->rounds as $round) {
            foreach ($round->cues as $cue) {
                yield self::after($site, $round->number, $cue, $late);
            }
        }
        foreach ($site->reading->said as $said) {
            yield self::after($site, $said->after, $said, $late);
        }
    }

    private static function after(StepSite $site, int $round, LineCue|Cue $words, LateCues $late): self
    {
        return new self($site->after($round), $words, self::kindOf($site, $round, $words), $late->isLate($round, $words));
    }

    /** What closes a ring closes no piece, and what a remark says of stuffing is to be done as if it were a cue. */
    private static function kindOf(StepSite $site, int $round, LineCue|Cue $words): StepKind
    {
        if ($words->meaning()->glues) {
            return StepKind::Glue;
        }

        return match ($words->kind) {
            CueKind::Stuff => StepKind::Stuff,
            CueKind::Eyes => StepKind::Eyes,
            CueKind::Tail => StepKind::Tail,
            CueKind::FastenOff => StepKind::FastenOff,
            CueKind::Turn => StepKind::Turn,
            CueKind::Sew => $words->meaning()->embroiders ? StepKind::Thread : StepKind::Sew,
            CueKind::Close => $round === $site->last() ? StepKind::Close : StepKind::Note,
            CueKind::Marker => StepKind::Check,
            CueKind::Part => StepKind::Part,
            CueKind::Yarn, CueKind::Note => \in_array($round, $site->finishing->stuffed, true) && $words->meaning()->beginsStuffing
                ? StepKind::Stuff
                : StepKind::Note,
        };
    }

    public function kind(): StepKind
    {
        return $this->kind;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        // In a pattern a remark is known by its sign.
        return ($isBrief && $this->isLine() && CueKind::Note === $this->words->kind ? '# ' : '').$this->words->text;
    }

    public function trouble(): ?string
    {
        return $this->isLate ? 'No fingers get in any more, so they cannot be set from inside.' : null;
    }

    public function needs(): array
    {
        return \in_array($this->kind, [StepKind::Close, StepKind::Tail], true) ? ['yarn needle'] : [];
    }

    public function place(): PatternPlace
    {
        return $this->isLine() ? PatternPlace::AsTyped : PatternPlace::OnRounds;
    }

    private function isLine(): bool
    {
        return $this->words instanceof LineCue;
    }

    protected function about(): string
    {
        return hash('crc32b', $this->words->text);
    }
}
