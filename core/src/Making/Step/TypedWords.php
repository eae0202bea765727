<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Step;

use Alternum\Core\Making\JoinedPart;
use Alternum\Core\Making\LateCues;
use Alternum\Core\Making\PatternLine;
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
use Alternum\Core\Plan\Finish\PieceEnd;

/** What the maker’s own words say to do: a cue within a round, or a line of its own. */
readonly class TypedWords extends Step implements StandsAfterRound
{
    /** "RS", "WS": what a row is called is done at no moment. */
    private const TAG = 3;

    final protected function __construct(StepAddress $at, public LineCue|Cue $words, private StepKind $kind, private bool $isLate, private ?int $reach)
    {
        parent::__construct($at);
    }

    public static function on(StepSite $site): iterable
    {
        foreach (self::all($site) as $step) {
            if (!$step->isLast($site) && !$step->isFirst()) {
                yield $step;
            }
        }
    }

    /** @return iterable<static> all that the maker’s words say, in the order of the rounds */
    protected static function all(StepSite $site): iterable
    {
        // Told at its stitches: JoinPart; before its rounds: UntilItFits.
        $joined = array_map(static fn (JoinedPart $part): Cue => $part->cue, $site->joined);
        $late = new LateCues($site->reading, $site->form->openings);
        foreach ($site->reading->rounds as $i => $round) {
            // "fold in half and sc through both sides": what stands before the stitches is done before they are.
            $leads = ($site->reading->syntax->worked()[$i] ?? null)?->cuesAside(true) ?? [];
            foreach ($round->cues as $cue) {
                if (CueKind::Fit === $cue->kind || \in_array($cue, $joined, true)) {
                    continue;
                }
                $isBefore = mb_strlen($cue->text) > self::TAG && \in_array($cue, $leads, true);
                yield new static(
                    $site->after($round->number - ($isBefore ? 1 : 0)),
                    $cue,
                    self::kindOf($site, $round->number, $cue),
                    $late->isLate($round->number, $cue),
                    $site->form->openings->deadline(max(1, $round->number - 1)),
                );
            }
        }
        foreach ($site->reading->said as $said) {
            yield new static(
                $site->after($said->after),
                $said,
                self::kindOf($site, $said->after, $said),
                $late->isLate($said->after, $said),
                $site->form->openings->deadline(max(1, $said->after - 1)),
            );
        }
    }

    /** Whether they set something from inside, which is done before it is stuffed. */
    protected function isFirst(): bool
    {
        return StepKind::Eyes === $this->kind;
    }

    /** Whether they are about the piece once it is closed: what is sewn, glued or embroidered on then, and what is only remarked. */
    protected function isLast(StepSite $site): bool
    {
        $means = $this->words->meaning();
        // What is crocheted shut is shut before the yarn is cut, what the tail shuts after that.
        $byNeedle = true === $means->end?->closes() && !$means->closesByHook;

        return $this->at->to === $site->last() && $site->last() > 0 && !$means->closesByHook && match ($this->kind) {
            StepKind::Close => $byNeedle,
            StepKind::Glue, StepKind::Sew, StepKind::Thread, StepKind::Part, StepKind::Note => true,
            // Through an opening that stays it is stuffed when it is sewn on.
            StepKind::Stuff => PieceEnd::Sewn === $means->end && true !== $site->finishing->end?->closes(),
            default => false,
        };
    }

    /** What closes a ring closes no piece, and what a remark says of stuffing is to be done as if it were a cue. */
    private static function kindOf(StepSite $site, int $round, LineCue|Cue $words): StepKind
    {
        if ($words->meaning()->glues) {
            return StepKind::Glue;
        }
        if (0 === $round && null !== $words->meaning()->begins) {
            return StepKind::Note;
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
            CueKind::Yarn, CueKind::Note, CueKind::Fit => match (true) {
                null !== $words->meaning()->place => StepKind::Eyes,
                \in_array($round, $site->finishing->stuffed, true) && $words->meaning()->beginsStuffing => StepKind::Stuff,
                default => StepKind::Note,
            },
        };
    }

    public function kind(): StepKind
    {
        return $this->kind;
    }

    public function lastRound(): ?int
    {
        return StepKind::Eyes === $this->kind ? $this->reach : null;
    }

    public function toDo(StepSaid $said, bool $isBrief): string
    {
        return $this->words->text;
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

    public function lines(StepSaid $said): array
    {
        return [CueKind::Note === $this->words->kind
            ? PatternLine::named('Note', $this->words->text, $this->key())
            : PatternLine::of($this->words->text, $this->key())];
    }

    private function isLine(): bool
    {
        return $this->words instanceof LineCue || 0 === $this->at->to;
    }

    protected function about(): string
    {
        return hash('crc32b', $this->words->text);
    }
}
