<?php

declare(strict_types=1);

namespace Alternum\Server\Security;

use Alternum\Server\Account\Invitations;
use Alternum\Server\Entity\Browser;
use Alternum\Server\Entity\Workshop;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\Uid\Ulid;

/** The secret that opens a workshop in another browser. It is shown once, and kept only as a hash. */
final readonly class WorkshopKey
{
    /** Random bytes: too many to be guessed, so that a plain hash is enough to keep. */
    private const BYTES = 32;

    /** So long a pass opens: the other device stands beside this one. */
    private const PASS = '+10 minutes';

    public function __construct(private EntityManagerInterface $entities, private Invitations $invitations, private ClockInterface $clock)
    {
    }

    /**
     * Makes a pass, which opens the workshop once and soon; the key stays what it is. The caller flushes.
     *
     * @param Ulid|null $browser whose pass it is: it allows what that browser may, and nothing once that is signed out
     *
     * @return array{string, \DateTimeImmutable} the secret, and when it ends
     */
    public function pass(Workshop $workshop, ?Ulid $browser): array
    {
        $secret = self::secret();
        $endsAt = $this->clock->now()->modify(self::PASS);
        $workshop->replacePass(self::hash($secret), $endsAt, $browser);

        return [$secret, $endsAt];
    }

    /** Makes a key in place of the one before; the caller flushes. */
    public function replace(Workshop $workshop, bool $opensOnce): string
    {
        $secret = self::secret();
        $workshop->replaceKey(self::hash($secret), $opensOnce);

        return $secret;
    }

    /** What a key, a pass or an invitation opens; what opens once is used up. The caller flushes. */
    public function open(#[\SensitiveParameter] string $secret): ?LetIn
    {
        if (1 !== preg_match('/^[0-9a-f]{64}$/D', $secret)) {
            return null;
        }

        return $this->byKey(self::hash($secret)) ?? $this->byPass(self::hash($secret)) ?? $this->byInvitation(self::hash($secret));
    }

    public static function secret(): string
    {
        return bin2hex(random_bytes(self::BYTES));
    }

    public static function hash(#[\SensitiveParameter] string $secret): string
    {
        return hash('sha256', $secret);
    }

    private function byKey(string $hash): ?LetIn
    {
        $workshop = $this->entities->getRepository(Workshop::class)->findOneBy(['keyHash' => $hash]);
        if (true === $workshop?->keyOpensOnce()) {
            $workshop->replaceKey(null);
        }

        return null === $workshop ? null : new LetIn($workshop, Role::Hold);
    }

    private function byPass(string $hash): ?LetIn
    {
        $workshop = $this->entities->getRepository(Workshop::class)->findOneBy(['passHash' => $hash]);
        if (null === $workshop) {
            return null;
        }
        $isOpen = $workshop->passOpensAt($this->clock->now());
        $of = $workshop->passBrowser();
        $workshop->replacePass(null, null);
        $this->entities->flush();
        $browser = null === $of ? null : $this->entities->find(Browser::class, $of);
        if (!$isOpen || (null !== $of && null === $browser)) {
            return null;
        }

        return new LetIn($workshop, $browser?->role() ?? Role::Hold, $browser?->person());
    }

    private function byInvitation(string $hash): ?LetIn
    {
        $invitation = $this->invitations->use($hash);

        return null === $invitation ? null : new LetIn($invitation->workshop(), $invitation->role());
    }
}
