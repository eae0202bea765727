<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Exchange\ReadingWriter;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Words\MessageWords;

/** What became of an operation. */
final readonly class Result
{
    /**
     * @param int                       $revision the plan's once it was made, or refused
     * @param array<string, mixed>|null $refused  contract/openapi.yaml, Refused; null: it was made
     */
    private function __construct(public string $id, public int $revision, public ?array $refused)
    {
    }

    public static function made(string $id, int $revision): self
    {
        return new self($id, $revision, null);
    }

    public static function refused(string $id, int $revision, InvalidFields|EditRefused $why): self
    {
        $says = $why instanceof InvalidFields ? $why->problems[0]->message : $why->says;

        return new self($id, $revision, [
            'detail' => MessageWords::says($says),
            'mend' => MessageWords::mend($says),
            'problems' => $why instanceof InvalidFields ? ReadingWriter::problems($why->problems) : [],
        ]);
    }

    /** One that nobody foresaw to fail. */
    public static function failed(string $id, int $revision): self
    {
        return new self($id, $revision, [
            'detail' => 'Alternum could not do this: the fault is its own, not yours.',
            'mend' => 'Everything else is saved. Try another way.',
            'problems' => [],
        ]);
    }

    /** @param int|array{int, array<string, mixed>} $kept as kept() gave it */
    public static function remembered(string $id, int|array $kept): self
    {
        return \is_int($kept) ? self::made($id, $kept) : new self($id, $kept[0], $kept[1]);
    }

    /** @return array<string, mixed> contract/openapi.yaml, Result */
    public function values(): array
    {
        return ['id' => $this->id, 'revision' => $this->revision, 'refused' => $this->refused];
    }

    /** @return int|array{int, array<string, mixed>} what the plan keeps of it, by its id: as short as can be, for it is written at each save */
    public function kept(): int|array
    {
        return null === $this->refused ? $this->revision : [$this->revision, $this->refused];
    }
}
