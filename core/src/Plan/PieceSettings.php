<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Finish\Finish;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\RoundMoves;
use Alternum\Core\Plan\Thread\Threads;

/** What is said of a piece, setting by setting: read, written, carried along and copied here. A new one is a class of its own and a line here. */
final readonly class PieceSettings
{
    /** @var list<class-string<PieceSetting>> */
    public const ALL = [
        RoundLift::class, Closing::class, FirstRound::class, Lean::class, Gauge::class, JoinedStart::class, Front::class, ChangeChoice::class,
        Finish::class, Face::class, Placements::class, Threads::class,
    ];

    /** @var array<class-string<PieceSetting>, PieceSetting> what is not as usual, and what is always written */
    private array $said;

    /** @param array<class-string<PieceSetting>, PieceSetting|null> $said by its class; null, and what is as usual, is as if nothing were said */
    public function __construct(array $said = [])
    {
        $this->said = array_filter($said, static fn (?PieceSetting $setting): bool => !\in_array($setting?->values(), [null, []], true))
            + [Front::class => new Front(), ChangeChoice::class => new ChangeChoice(), Placements::class => new Placements([])];
    }

    public static function of(?PieceSetting $setting): self
    {
        return null === $setting ? new self() : (new self())->with($setting);
    }

    /** @param Fields $piece the piece's; what is wrong with them is told by their reader */
    public static function read(Fields $piece): self
    {
        $said = [];
        foreach (self::ALL as $setting) {
            if ($piece->has($setting::field())) {
                $said[$setting] = $setting::in($piece);
            }
        }

        return new self($said);
    }

    /**
     * @template T of PieceSetting
     *
     * @param class-string<T> $setting
     *
     * @return T|null null: nothing is said
     */
    public function get(string $setting): ?PieceSetting
    {
        $said = $this->said[$setting] ?? null;

        return $said instanceof $setting ? $said : null;
    }

    /** With this one in place of what was said of it. */
    public function with(PieceSetting $setting): self
    {
        return new self([...$this->said, $setting::class => $setting]);
    }

    /** @return array<string, mixed> in the plan's format, by field, without what is as usual */
    public function values(): array
    {
        $values = [];
        foreach ($this->said as $setting) {
            $values[$setting::field()] = $setting->values();
        }

        return $values;
    }

    /** All lengths in it so many times as long. */
    public function scaled(float $times): self
    {
        return new self(array_map(static fn (PieceSetting $one): PieceSetting => $one instanceof HasLengths ? $one->scaled($times) : $one, $this->said));
    }

    /** All of it once rounds have moved, without what is gone with its rounds. */
    public function carried(RoundMoves $moves): self
    {
        return new self(array_map(static fn (PieceSetting $setting): ?PieceSetting => $setting->carried($moves), $this->said));
    }
}
