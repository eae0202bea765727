<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Change\ChangeSite;
use Alternum\Core\Change\Search\Decision;
use Alternum\Core\Change\Search\Jog;
use Alternum\Core\Change\Search\MethodOption;
use Alternum\Core\Change\Search\YarnOption;
use Alternum\Core\Change\Treatments;
use Alternum\Core\Change\Ways;
use Alternum\Core\PieceStages;
use Alternum\Core\Place\Change;
use Alternum\Core\Place\Changes;
use Alternum\Core\Place\Harmony;
use Alternum\Core\Place\OldYarn;
use Alternum\Core\Plan\Basis;
use Alternum\Core\Plan\ChangeAt;
use Alternum\Core\Plan\ChangeChoice;
use Alternum\Core\Plan\Method;
use Alternum\Core\Plan\OldYarnChoice;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Yarn\Ledger;

/** What can be decided about the changes of a piece: its jogs with the methods that fit each, and what can become of each yarn. */
final readonly class ChangeSearch
{
    /**
     * @param list<Jog>          $jogs
     * @param array<int, Change> $left by the number of a jog, from 0: the change at which its new yarn was left
     */
    private function __construct(private string $piece, public array $jogs, public array $left)
    {
    }

    public static function of(Plan $plan, PieceStages $stages): self
    {
        $piece = $stages->piece;
        $unmoved = array_map(static fn (ChangeAt $at): ChangeAt => new ChangeAt(onward: $at->onward), $piece->changes->at);
        $degrees = Treatments::of($piece->withChanges(new ChangeChoice(Method::Plain, $unmoved)), $stages->fabric, $stages->byRounds, null)->at;
        $changes = $stages->changes($plan)->all;
        $jogs = $left = [];
        /** @var array<string, Change> $hanging the change at which each yarn was left last */
        $hanging = [];
        foreach ($changes as $change) {
            if ($change->place->isJog && isset($degrees[$change->place->treated])) {
                $before = $hanging[$change->yarns->to] ?? null;
                $comes = null === $before ? [] : self::yarns($plan, $stages, $before, $change);
                if (null !== $before && $before->place->isJog) {
                    $left[\count($jogs)] = $before;
                }
                $jogs[] = new Jog(
                    round: $change->place->treated,
                    degrees: $degrees[$change->place->treated]->degrees,
                    methods: self::methods($plan, $stages, $change),
                    old: \ord($change->yarns->from) - \ord('A'),
                    new: \ord($change->yarns->to) - \ord('A'),
                    comes: $comes,
                    cut: null === $before ? null : self::cut($plan, $before, $change),
                );
            }
            $hanging[$change->yarns->from] = $change;
        }

        return new self($piece->key, $jogs, $left);
    }

    /** @return iterable<Decision> all that can be decided at one jog */
    public function choices(int $jog): iterable
    {
        foreach ($this->jogs[$jog]->methods as $option) {
            foreach ([] === $this->jogs[$jog]->comes ? [null] : $this->jogs[$jog]->comes as $comes) {
                yield new Decision($this->jogs[$jog]->round, $option->method, $comes?->choice);
            }
        }
    }

    /**
     * The plan as it is decided. What the maker set by hand stays.
     *
     * @param list<Decision> $decisions one for each jog
     */
    public function decided(Plan $plan, array $decisions): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $at = $piece->changes->at;
        foreach ($decisions as $i => $decision) {
            $said = $at[$decision->round] ?? new ChangeAt();
            $at[$decision->round] = $said->decided($said->method ?? $decision->method, null);
            $left = $this->left[$i] ?? null;
            if (null !== $left && null !== $decision->comes && null === $left->yarns->typed) {
                $was = $at[$left->place->treated] ?? new ChangeAt();
                $at[$left->place->treated] = $was->decided(null, $was->ends->oldYarn ?? $decision->comes);
            }
        }

        return $plan->withPiece($piece->withChanges($piece->changes->withAt($at)));
    }

    /** @return non-empty-list<MethodOption> */
    private static function methods(Plan $plan, PieceStages $stages, Change $change): array
    {
        $piece = $stages->piece;
        $isJoined = $stages->frame->isJoined();
        $site = ChangeSite::in($piece, $stages->fabric, $change->place->treated, $change->place->degrees, true);
        $said = ($piece->changes->at[$change->place->treated] ?? null)?->method;
        $holds = ($stages->treatments->at[$change->place->treated] ?? null)->holds ?? false;
        $options = [];
        $isFixed = null !== $said || null !== $change->treatment->line || $change->place->isOfPlaces;
        foreach ($isFixed ? [$change->treatment->method] : Method::choices() as $method) {
            $way = Ways::of($method);
            if ($way->fits($site) && ($way->isApt($holds, $change->treatment->isStacked) || null !== $said)) {
                $options[] = new MethodOption(
                    method: $method,
                    step: $way->step(),
                    // A slip stitch in place of a stitch is no saving that anyone looks for.
                    mm: max(0.0, $way->oldYarn($isJoined) + $way->newYarn($isJoined, $site->next)) * Basis::WIDTHS * $plan->gaugeOf($piece)->stitchWidthMm(),
                    turns: $way->parts() ? 0.0 : $way->moves($site),
                    parts: $way->parts(),
                    place: $way->parts()
                        ? fmod($piece->frontDegrees + ($piece->changes->at[$change->place->treated]->begins ?? ChangeAt::BACK) + 360.0, 360.0)
                        : null,
                );
            }
        }

        return [] === $options ? [new MethodOption($change->treatment->method, $change->treatment->step, 0.0)] : $options;
    }

    /**
     * What can become of a yarn from where it is left to where it comes back.
     *
     * @return list<YarnOption>
     */
    private static function yarns(Plan $plan, PieceStages $stages, Change $left, Change $back): array
    {
        $said = ($stages->piece->changes->at[$left->place->treated] ?? null)?->ends->oldYarn;
        $width = $plan->gaugeOf($stages->piece)->stitchWidthMm();
        $isNext = $left->yarns->backRound === $left->place->round + ($left->place->isAtEnd ? 1 : 0);
        $options = [];
        foreach ([
            [OldYarnChoice::Cut, OldYarn::Cut, true],
            [OldYarnChoice::Carry, $isNext ? OldYarn::Float : OldYarn::Carry, ($left->yarns->waits ?? 0) <= Changes::CARRIED_OVER],
            [OldYarnChoice::Over, OldYarn::Over, !Harmony::isMuchDarker($plan, $left->yarns->from, $left->yarns->to)],
        ] as [$choice, $becomes, $isApt]) {
            $isFixed = null !== $left->yarns->typed || !$left->place->isJog || null !== $said;
            if ($isFixed ? $becomes !== $left->yarns->old : !$isApt) {
                continue;
            }
            $options[] = match ($becomes) {
                OldYarn::Cut => self::cut($plan, $left, $back),
                OldYarn::Over => new YarnOption($choice, 0, Ledger::over($left, $stages->frame) * $width),
                OldYarn::Float => new YarnOption($choice, 0, $left->yarns->passes * $width),
                default => new YarnOption($choice, 0, Ledger::carried($left, $stages->fabric, $stages->frame)),
            };
        }

        return $options;
    }

    private static function cut(Plan $plan, Change $left, Change $back): YarnOption
    {
        return new YarnOption(
            OldYarnChoice::Cut,
            (int) $left->yarns->oldTail->isLeft() + (int) $back->yarns->newTail->isLeft(),
            10.0 * ($left->yarns->oldTail->cm($plan->yarnUse) + $back->yarns->newTail->cm($plan->yarnUse)),
        );
    }
}
