<?php

declare(strict_types=1);

namespace Alternum\Server\Account;

use Alternum\Server\Entity\Invitation;
use Alternum\Server\Entity\Member;
use Alternum\Server\Entity\SavedPlan;
use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopUser;
use Doctrine\ORM\EntityManagerInterface;

/** What accounts have to do with a workshop: who is signed in here, who else has a part in it, who is invited. */
final readonly class Overview
{
    public function __construct(
        private Offer $offer,
        private People $people,
        private Members $members,
        private Invitations $invitations,
        private RecoveryCodes $codes,
        private EntityManagerInterface $entities,
    ) {
    }

    /** @return array<string, mixed>|null contract/openapi.yaml, Accounts; null: none are offered */
    public function of(WorkshopUser $user): ?array
    {
        if (!$this->offer->isMade()) {
            return null;
        }
        $person = null === $user->person ? null : $this->people->find($user->person);

        return [
            'name' => $person?->name(),
            'codes' => null === $person ? 0 : $this->codes->left($person),
            'workshops' => null === $person ? [] : array_map(fn (Member $member): array => [
                'id' => $member->workshop()->id()->toBase32(),
                'role' => $member->role()->value,
                'isOpen' => $member->workshop()->id()->equals($user->workshop),
                'plans' => $this->entities->getRepository(SavedPlan::class)->count(['workshop' => $member->workshop(), 'removedAt' => null]),
                'holders' => array_values(array_map(
                    static fn (Member $other): string => $other->person()->name(),
                    array_filter($this->members->in($member->workshop()->id()), static fn (Member $other): bool => Role::Hold === $other->role()),
                )),
            ], $this->members->with($person->id())),
            'people' => array_map(static fn (Member $member): array => [
                'id' => $member->person()->id()->toBase32(),
                'name' => $member->person()->name(),
                'role' => $member->role()->value,
                'isYou' => true === $user->person?->equals($member->person()->id()),
            ], $this->members->in($user->workshop)),
            'invitations' => Role::Hold !== $user->role ? [] : array_map(static fn (Invitation $invitation): array => [
                'id' => $invitation->id()->toBase32(),
                'role' => $invitation->role()->value,
                'endsAt' => PlanResponse::time($invitation->endsAt()),
            ], $this->invitations->out($user->workshop)),
        ];
    }
}
