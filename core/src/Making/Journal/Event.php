<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Journal;

use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Message;

/** One thing that was done while a toy was made. It never changes: what was wrong is told by another. docs/journal.md says the format. */
final readonly class Event
{
    public const ID = '/^[0-9A-Z]{26}$/D';
    /** The key of a slip that one went on with: its round is done as it is. */
    public const GO_ON = 'go-on';

    /** @param array<string, string|int|float> $details by the name of its kind's fields */
    private function __construct(
        public string $id,
        public int $count,
        public int $at,
        public EventKind $kind,
        private array $details,
    ) {
    }

    /**
     * @param string                          $id      26 letters and digits, no other event's
     * @param int                             $count   one more than the highest that its device had seen: what is done later counts higher
     * @param int                             $at      milliseconds since 1970, by the device's clock
     * @param array<string, string|int|float> $details by the name of the kind's fields
     */
    public static function of(string $id, int $count, int $at, EventKind $kind, array $details): self
    {
        return new self($id, $count, $at, $kind, $details);
    }

    public static function read(Fields $fields): self
    {
        $id = $fields->text('id', 26, self::ID, Message::of('journal.noId'));
        $count = $fields->whole('n', 1, \PHP_INT_MAX);
        $at = $fields->whole('at', 0, \PHP_INT_MAX);
        /** @var EventKind $kind */
        $kind = $fields->oneOf('kind', EventKind::class);
        $details = [];
        foreach ($kind->fields() as $name) {
            $details[$name] = match ($name) {
                'piece' => $fields->text('piece', 40),
                'copy' => $fields->whole('copy', 0, Limits::COPIES),
                'round', 'stitch', 'has', 'revision' => $fields->whole($name, 0, 1_000_000),
                'key' => $fields->text('key', 120),
                'of' => $fields->text('of', 26, self::ID, Message::of('journal.noId')),
                'answer' => $fields->oneOf('answer', Answer::class)->value,
                'from' => $fields->oneOf('from', TakenFrom::class)->value,
                'text' => $fields->text('text', Limits::NOTE),
                'yarn' => $fields->text('yarn', 1),
                'grams' => $fields->number('grams', 0, 10_000),
                default => throw new \LogicException("Nothing reads {$name}."),
            };
        }
        $fields->close();

        return new self($id, $count, $at, $kind, $details);
    }

    /** @return array<string, string|int|float> */
    public function values(): array
    {
        return ['id' => $this->id, 'n' => $this->count, 'at' => $this->at, 'kind' => $this->kind->value] + $this->details;
    }

    public function written(): string
    {
        return Json::encode($this->values());
    }

    public static function json(string $line): self
    {
        $fields = Fields::of(Json::decode($line, 'event'));
        $event = self::read($fields);
        $fields->done();

        return $event;
    }

    public function place(): WorkPlace
    {
        return new WorkPlace($this->whole('round'), $this->whole('stitch'));
    }

    /** "body.1": the copy of a piece that it is about; '' where it is about none */
    public function task(): string
    {
        $piece = $this->text('piece');

        return '' === $piece ? '' : "{$piece}.{$this->whole('copy')}";
    }

    public function text(string $field): string
    {
        return (string) ($this->details[$field] ?? '');
    }

    public function whole(string $field): int
    {
        return (int) ($this->details[$field] ?? 0);
    }

    public function number(string $field): float
    {
        return (float) ($this->details[$field] ?? 0);
    }
}
