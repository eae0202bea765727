<?php

declare(strict_types=1);

namespace Alternum\Server\Account;

use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Message;
use Alternum\Server\Entity\Person;
use Symfony\Component\PasswordHasher\Hasher\PasswordHasherFactoryInterface;

/** What a password must be, and whether it is somebody's. Kept as Argon2id's hash alone. */
final readonly class Passwords
{
    /** Characters: OWASP ASVS 4.0.3, V2.1.1 and V2.1.2 (from memory). What they are is the maker's own: no letter and no sign is asked for. */
    public const LEAST = 12;
    public const MOST = 128;
    /** Different characters in it: fewer are one key held down. */
    private const DIFFERENT = 5;

    public function __construct(private PasswordHasherFactoryInterface $hashers)
    {
    }

    /**
     * @param string $name  whose it is to be
     * @param string $field where it was written, for what is said of it
     *
     * @throws InvalidFields where it would be guessed
     */
    public static function hold(string $name, #[\SensitiveParameter] string $password, string $field): void
    {
        $length = mb_strlen($password);
        $small = mb_strtolower($password);
        $why = match (true) {
            $length < self::LEAST => Message::said(
                'This password is short: it has '.$length.' characters.',
                'Take '.self::LEAST.' or more: three or four words that do not belong together are easily kept in mind.',
            ),
            $length > self::MOST => Message::said('This password has '.$length.' characters.', 'Take at most '.self::MOST.'.'),
            \count(array_unique(mb_str_split($small))) < self::DIFFERENT, self::isRow($small) => Message::said(
                'This password is among the first that are tried.',
                'Three or four words that do not belong together are better, and easily kept in mind.',
            ),
            str_contains($small, mb_strtolower($name)) && $length - mb_strlen($name) < self::LEAST / 2 => Message::said(
                'This password is little more than your name.',
                'Three or four words that do not belong together are better, and easily kept in mind.',
            ),
            default => null,
        };
        if (null !== $why) {
            throw InvalidFields::because($field, $why);
        }
    }

    /** Gives somebody a password that does; the caller flushes. */
    public function give(Person $person, #[\SensitiveParameter] string $password): void
    {
        $person->setPasswordHash($this->hashers->getPasswordHasher(Person::class)->hash($password));
    }

    /** @param Person|null $person null: nobody of that name; it takes as long to say no */
    public function isRight(?Person $person, #[\SensitiveParameter] string $password): bool
    {
        $hasher = $this->hashers->getPasswordHasher(Person::class);
        if (null === $person) {
            $hasher->hash(mb_substr($password, 0, self::MOST));

            return false;
        }
        $isRight = mb_strlen($password) <= self::MOST && $hasher->verify($person->getPassword(), $password);
        if ($isRight && $hasher->needsRehash($person->getPassword())) {
            $person->setPasswordHash($hasher->hash($password));
        }

        return $isRight;
    }

    /** Whether it only counts up or down, or goes along the keys. */
    private static function isRow(string $small): bool
    {
        $steps = [];
        foreach (\array_slice(str_split($small), 1) as $i => $character) {
            $steps[] = \ord($character) - \ord($small[$i]);
        }
        $rows = ['qwertyuiopasdfghjklzxcvbnm', 'qwertzuiopasdfghjklyxcvbnm', 'azertyuiopqsdfghjklmwxcvbn', '1234567890'];

        return 1 === \count(array_unique($steps)) || [] !== array_filter($rows, static fn (string $row): bool => str_contains($row.$row, $small));
    }
}
