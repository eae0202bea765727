<?php

declare(strict_types=1);

namespace Alternum\Server\Account;

use Alternum\Server\Entity\Person;
use Alternum\Server\Entity\RecoveryCode;
use Doctrine\ORM\EntityManagerInterface;

/** What somebody keeps on paper for the day on which the password is forgotten. Each is used up by using it. */
final readonly class RecoveryCodes
{
    public const COUNT = 8;
    /** Without I, L, O and U, which are misread. Of 20 such characters come 100 bits: no guess finds one, so a plain hash is enough to keep. */
    private const ALPHABET = '0123456789ABCDEFGHJKMNPQRSTVWXYZ';
    private const GROUPS = 4;
    private const OF_GROUP = 5;

    public function __construct(private EntityManagerInterface $entities)
    {
    }

    /**
     * New ones in place of those before; the caller flushes.
     *
     * @return list<string> as they are written down
     */
    public function replace(Person $person): array
    {
        $this->end($person);
        $codes = [];
        for ($i = 0; $i < self::COUNT; ++$i) {
            $characters = array_map(static fn (): string => self::ALPHABET[random_int(0, 31)], range(1, self::GROUPS * self::OF_GROUP));
            $codes[] = implode('-', str_split(implode('', $characters), self::OF_GROUP));
            $this->entities->persist(new RecoveryCode($person, self::hash($codes[$i])));
        }

        return $codes;
    }

    /** Whether it is one of theirs, which is used up by this; the caller flushes. */
    public function use(Person $person, #[\SensitiveParameter] string $code): bool
    {
        $found = $this->entities->getRepository(RecoveryCode::class)->findOneBy(['person' => $person, 'hash' => self::hash($code)]);
        if (null === $found) {
            return false;
        }

        // Of two who come at once with the same code, one takes it away.
        return 1 === $this->entities->createQuery('DELETE FROM '.RecoveryCode::class.' c WHERE c.id = :id')
            ->setParameter('id', $found->id(), 'ulid')->execute();
    }

    public function left(Person $person): int
    {
        return $this->entities->getRepository(RecoveryCode::class)->count(['person' => $person]);
    }

    private function end(Person $person): void
    {
        $this->entities->createQuery('DELETE FROM '.RecoveryCode::class.' c WHERE c.person = :person')
            ->setParameter('person', $person->id(), 'ulid')->execute();
    }

    /** In capitals or not, with or without what parts the groups; a letter that is none of them is the digit that it looks like. */
    private static function hash(#[\SensitiveParameter] string $code): string
    {
        return hash('sha256', strtr((string) preg_replace('/[^0-9A-Z]/', '', strtoupper($code)), ['O' => '0', 'I' => '1', 'L' => '1']));
    }
}
