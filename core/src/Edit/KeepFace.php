<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Frame\StandingEnd;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Plan\Face;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;

/**
 * Sets a face apart that is to stay plain: over some rounds, or, to begin from, over the middle third of a piece that stands, or all around the end
 * of one that lies.
 */
final readonly class KeepFace implements EditKind
{
    /** How wide it is, and from which share of the height to which it reaches, where nothing else is said: to begin from. */
    private const DEGREES = 100.0;
    private const FROM = 0.35;
    private const TO = 0.65;
    /** The share of its rounds about the end of what lies. */
    private const ABOUT_END = 0.3;

    /** @param int|null $from first round; null: as it fits the piece */
    public function __construct(private string $piece, private ?int $from, private ?int $to)
    {
    }

    public static function words(): array
    {
        return ['face'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self(
            $fields->text('piece', 40),
            $fields->has('from') ? $fields->whole('from', 1, Limits::ROUNDS) : null,
            $fields->has('to') ? $fields->whole('to', 1, Limits::ROUNDS) : null,
        );
    }

    public function apply(Plan $plan): Plan
    {
        $piece = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
        $reading = PieceReading::of($plan, $piece);
        $last = \count($reading->rounds);
        if (0 === $last) {
            throw EditRefused::because('edit.noRounds');
        }
        $end = StandingEnd::of($plan, $piece, $reading)->firstRound;
        if ($end->lies()) {
            $about = max(1, (int) round($last * self::ABOUT_END));
            [$from, $to] = $end->isAbove() ? [1, $about] : [$last - $about + 1, $last];

            return $plan->withPiece($piece->withFace(new Face($this->from ?? $from, $this->to ?? max($this->from ?? 1, $to), 360.0)));
        }
        $from = $this->from ?? max(1, (int) round($last * self::FROM));

        return $plan->withPiece($piece->withFace(new Face($from, $this->to ?? max($from, (int) round($last * self::TO)), self::DEGREES)));
    }

    public function inWords(): string
    {
        return 'Face in one colour';
    }
}
