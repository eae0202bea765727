<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Alternum\Server\Entity\Workshop;
use Doctrine\ORM\EntityManagerInterface;

/** The secret that opens a workshop in another browser. It is shown once, and kept only as a hash. */
final readonly class WorkshopKey
{
    /** Random bytes: too many to be guessed, so that a plain hash is enough to keep. */
    private const BYTES = 32;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /** Makes a key in place of the one before; the caller flushes. */
    public function replace(Workshop $workshop, bool $opensOnce): string
    {
        $secret = bin2hex(random_bytes(self::BYTES));
        $workshop->replaceKey(self::hash($secret), $opensOnce);

        return $secret;
    }

    /** The workshop that a key opens; one that opens once is used up. The caller flushes. */
    public function open(#[\SensitiveParameter] string $secret): ?Workshop
    {
        $workshop = 1 === preg_match('/^[0-9a-f]{64}$/D', $secret)
            ? $this->entities->getRepository(Workshop::class)->findOneBy(['keyHash' => self::hash($secret)])
            : null;
        if (true === $workshop?->keyOpensOnce()) {
            $workshop->replaceKey(null);
        }

        return $workshop;
    }

    private static function hash(#[\SensitiveParameter] string $secret): string
    {
        return hash('sha256', $secret);
    }
}
