<?php

declare(strict_types=1);

namespace Alternum\Core\Plan;

use Alternum\Core\Plan\Finish\Finish;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Layer\LayerKinds;
use Alternum\Core\Plan\Layer\RoundMoves;
use Alternum\Core\Plan\Thread\Thread;
use Alternum\Core\Plan\Thread\Threads;

/** One part made in one go. Its typed rounds are the source; all else about its stitches is worked out from them. */
final readonly class Piece
{
    public const KEY = '/^[a-z0-9][a-z0-9-]*$/D';

    /** The order of the fields in the plan's format; what is not named comes after these. */
    private const ORDER = [
        'key', 'name', 'copies', 'worked', 'lift', 'closing', 'firstRound', 'lean', 'gauge', 'start', 'rounds', 'front', 'colours', 'changes', 'finish', 'face',
    ];

    public Closing $closing;
    public ?RoundLift $lift;
    /** The chain that lifts a row or a joined round stands for its first stitch. */
    public bool $chainCounts;
    public ?FirstRound $firstRound;
    public ?JoinedStart $start;
    public Finish $finish;
    public ?Face $face;
    /** Stitches to the working direction, a round; null: the plan's. */
    public ?float $lean;
    /** Its own; null: its yarn's or the plan's. */
    public ?Gauge $gauge;
    /** From the marker in the working direction, 0 up to, not including, 360. */
    public float $frontDegrees;
    public ChangeChoice $changes;
    /** @var list<Placement> */
    public array $placements;
    /** @var list<Thread> */
    public array $threads;

    /**
     * @param list<string>     $rounds  one typed line each
     * @param list<LayerEntry> $colours
     */
    public function __construct(
        public string $key,
        public string $name,
        public Copies $copies,
        public Worked $worked,
        public array $rounds,
        public array $colours = [],
        public PieceSettings $settings = new PieceSettings(),
    ) {
        // What is asked for often.
        $this->closing = $settings->get(Closing::class) ?? Closing::FirstStitch;
        $this->lift = $settings->get(RoundLift::class);
        $this->chainCounts = RoundLift::Counted === $this->lift;
        $this->firstRound = $settings->get(FirstRound::class);
        $this->start = $settings->get(JoinedStart::class);
        $this->finish = $settings->get(Finish::class) ?? new Finish();
        $this->face = $settings->get(Face::class);
        $this->lean = $settings->get(Lean::class)?->stitches;
        $this->gauge = $settings->get(Gauge::class);
        $this->frontDegrees = $settings->get(Front::class)->degrees ?? Front::USUAL;
        $this->changes = $settings->get(ChangeChoice::class) ?? new ChangeChoice();
        $this->placements = $settings->get(Placements::class)->all ?? [];
        $this->threads = $settings->get(Threads::class)->all ?? [];
    }

    public static function read(Fields $fields): self
    {
        $earlier = RoundLift::inEarlier($fields);
        $settings = PieceSettings::read($fields);
        $piece = new self(
            key: $fields->text('key', 40, self::KEY, Message::of('field.key')),
            name: $fields->line('name', Limits::NAME),
            copies: Copies::read($fields),
            worked: $fields->oneOf('worked', Worked::class),
            rounds: $fields->texts('rounds', Limits::LINES, Limits::LINE, '/^[^\r\n]*$/D', Message::of('field.lineBreak')),
            colours: $fields->objects('colours', 0, Limits::READ_LAYERS, LayerKinds::read(...)),
            settings: null === $earlier ? $settings : $settings->with($earlier),
        );
        $fields->close();

        return $piece;
    }

    /** @return array<string, mixed> in the plan's format */
    public function values(): array
    {
        $values = [
            'key' => $this->key,
            'name' => $this->name,
            'copies' => $this->copies->values(),
            'worked' => $this->worked->value,
            'rounds' => $this->rounds,
            'colours' => array_map(static fn (LayerEntry $entry): array => $entry->values(), $this->colours),
        ] + $this->settings->values();

        return array_replace(array_intersect_key(array_flip(self::ORDER), $values), $values);
    }

    /** All that names rounds, once they have moved. The typed lines stay as they are. */
    public function carried(RoundMoves $moves): self
    {
        return $this->but(colours: LayerEntry::carried($this->colours, $moves), settings: $this->settings->carried($moves));
    }

    /** The yarn that all of it is made of where nothing else lies over that; null: none is said. */
    public function ground(): ?string
    {
        $ground = null;
        foreach ($this->colours as $entry) {
            $ground = $entry->isHidden || !$entry->layer->isWhole() ? $ground : array_values($entry->layer->yarns())[0] ?? $ground;
        }

        return $ground;
    }

    /** All lengths that are said of it so many times as long: what is bought, tails, its own gauge. */
    public function scaled(float $times): self
    {
        return $this->but(settings: $this->settings->scaled($times));
    }

    /** Its eyes, which a face goes by; null: it has none. */
    public function eyes(): ?Placement
    {
        foreach ($this->placements as $placement) {
            if (PlacementKind::Eyes === $placement->kind) {
                return $placement;
            }
        }

        return null;
    }

    public function placement(string $key): ?Placement
    {
        foreach ($this->placements as $placement) {
            if ($placement->key === $key) {
                return $placement;
            }
        }

        return null;
    }

    /** @param list<string> $rounds */
    public function withRounds(array $rounds): self
    {
        return $this->but(rounds: $rounds);
    }

    /** @param list<LayerEntry> $colours */
    public function withColours(array $colours): self
    {
        return $this->but(colours: $colours);
    }

    public function withFace(Face $face): self
    {
        return $this->set($face);
    }

    /** The same with a setting in place of what was said of it. */
    public function set(PieceSetting $setting): self
    {
        return $this->but(settings: $this->settings->with($setting));
    }

    public function withFront(float $degrees): self
    {
        return $this->set(new Front($degrees));
    }

    public function withChanges(ChangeChoice $changes): self
    {
        return $this->set($changes);
    }

    public function withWorked(Worked $worked): self
    {
        return $this->but(worked: $worked);
    }

    public function withLean(float $lean): self
    {
        return $this->set(new Lean($lean));
    }

    public function named(string $name, Copies $copies): self
    {
        return $this->but(name: $name, copies: $copies);
    }

    /** The same as another piece of the plan. */
    public function again(string $key, string $name): self
    {
        return $this->but(key: $key, name: $name);
    }

    /** @param list<Placement> $placements */
    public function withPlacements(array $placements): self
    {
        return $this->set(new Placements($placements));
    }

    /**
     * The same piece but for what is said.
     *
     * @param list<string>|null     $rounds
     * @param list<LayerEntry>|null $colours
     */
    private function but(
        ?string $key = null,
        ?string $name = null,
        ?Copies $copies = null,
        ?Worked $worked = null,
        ?array $rounds = null,
        ?array $colours = null,
        ?PieceSettings $settings = null,
    ): self {
        return new self(
            key: $key ?? $this->key,
            name: $name ?? $this->name,
            copies: $copies ?? $this->copies,
            worked: $worked ?? $this->worked,
            rounds: $rounds ?? $this->rounds,
            colours: $colours ?? $this->colours,
            settings: $settings ?? $this->settings,
        );
    }
}
