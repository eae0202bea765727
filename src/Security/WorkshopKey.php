<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Alternum\Server\Entity\Workshop;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** The secret that opens a workshop in another browser. It is shown once, and kept only as a hash. */
final readonly class WorkshopKey
{
    /** Random bytes: too many to be guessed, so that a plain hash is enough to keep. */
    private const BYTES = 32;

    /** So long a pass opens: the other device stands beside this one. */
    private const PASS = '+10 minutes';

    public function __construct(private EntityManagerInterface $entities, private ClockInterface $clock)
    {
    }

    /**
     * Makes a pass, which opens the workshop once and soon; the key stays what it is. The caller flushes.
     *
     * @return array{string, \DateTimeImmutable} the secret, and when it ends
     */
    public function pass(Workshop $workshop): array
    {
        $secret = bin2hex(random_bytes(self::BYTES));
        $endsAt = $this->clock->now()->modify(self::PASS);
        $workshop->replacePass(self::hash($secret), $endsAt);

        return [$secret, $endsAt];
    }

    /** Makes a key in place of the one before; the caller flushes. */
    public function replace(Workshop $workshop, bool $opensOnce): string
    {
        $secret = bin2hex(random_bytes(self::BYTES));
        $workshop->replaceKey(self::hash($secret), $opensOnce);

        return $secret;
    }

    /** The workshop that a key or a pass opens; what opens once is used up. The caller flushes. */
    public function open(#[\SensitiveParameter] string $secret): ?Workshop
    {
        if (1 !== preg_match('/^[0-9a-f]{64}$/D', $secret)) {
            return null;
        }
        $workshops = $this->entities->getRepository(Workshop::class);
        $workshop = $workshops->findOneBy(['keyHash' => self::hash($secret)]);
        if (true === $workshop?->keyOpensOnce()) {
            $workshop->replaceKey(null);
        }
        $passed = null === $workshop ? $workshops->findOneBy(['passHash' => self::hash($secret)]) : null;
        if (null !== $passed) {
            $workshop = $passed->passOpensAt($this->clock->now()) ? $passed : null;
            $passed->replacePass(null, null);
            $this->entities->flush();
        }

        return $workshop;
    }

    private static function hash(#[\SensitiveParameter] string $secret): string
    {
        return hash('sha256', $secret);
    }
}
