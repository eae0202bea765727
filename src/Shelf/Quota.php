<?php

declare(strict_types=1);

namespace Alternum\Server\Shelf;

use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Message;
use Doctrine\DBAL\Connection;
use Symfony\Component\Uid\Ulid;

/** How much a workshop may hold, so that one cannot fill the disk of all. Old versions have their own bounds: Saving\Thinning. */
final readonly class Quota
{
    /** Plans on a shelf. */
    public const PLANS = 300;
    /** Plans that were taken off it and can be put back; of more, the one that was taken off first goes for good. */
    public const REMOVED = 100;
    /** Toys that are being made. */
    public const MAKINGS = 200;
    /** Yarns at hand. */
    public const YARNS = 500;

    public function __construct(private Connection $database)
    {
    }

    /** @throws InvalidFields where no other plan may lie on the shelf */
    public function anotherPlan(Ulid $workshop): void
    {
        if ($this->count('SELECT COUNT(*) FROM saved_plan WHERE removed_at IS NULL AND workshop_id = ?', $workshop) >= self::PLANS) {
            throw InvalidFields::because('', Message::said(
                'A workshop can hold '.self::PLANS.' plans, and this one is full.',
                'Download one that you need no more, and delete it; then do this again.',
            ));
        }
        if ($this->count('SELECT COUNT(*) FROM saved_plan WHERE removed_at IS NOT NULL AND workshop_id = ?', $workshop) > self::REMOVED) {
            $this->database->executeStatement(
                'DELETE FROM saved_plan WHERE workshop_id = ? AND removed_at IS NOT NULL ORDER BY removed_at LIMIT 1',
                [$workshop->toBinary()],
            );
        }
    }

    /** @throws InvalidFields where nothing else may be begun to be made */
    public function anotherMaking(Ulid $workshop): void
    {
        if ($this->count('SELECT COUNT(*) FROM making WHERE workshop_id = ?', $workshop) >= self::MAKINGS) {
            throw InvalidFields::because('', Message::said(
                'A workshop can be making '.self::MAKINGS.' toys, and this one is.',
                'Download the journal of one that is done, and delete it; then do this again.',
            ));
        }
    }

    /** @throws InvalidFields where no other yarn may lie there */
    public function anotherYarn(Ulid $workshop): void
    {
        if ($this->count('SELECT COUNT(*) FROM yarn_at_hand WHERE workshop_id = ?', $workshop) >= self::YARNS) {
            throw InvalidFields::because('', Message::said(
                'A workshop can hold '.self::YARNS.' yarns, and this one is full.',
                'Delete one that is used up; then do this again.',
            ));
        }
    }

    private function count(string $sql, Ulid $workshop): int
    {
        $count = $this->database->fetchOne($sql, [$workshop->toBinary()]);

        return is_numeric($count) ? (int) $count : 0;
    }
}
