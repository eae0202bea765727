<?php

declare(strict_types=1);

namespace Alternum\Core\Making\Slip;

/** Of the causes that give a count the likeliest first, and at most two looks that leave as few of them as looks can. */
final readonly class Diagnosis
{
    private const LOOKS = 2;

    /**
     * @param list<Cause> $causes
     * @param list<Look>  $looks  one after the other
     */
    private function __construct(public array $causes, public array $looks)
    {
    }

    /** @param list<Cause> $causes in the order in which they are likely */
    public static function of(array $causes): self
    {
        $looks = [];
        $groups = [$causes];
        while (\count($looks) < self::LOOKS) {
            $best = null;
            $parted = $groups;
            foreach (Look::cases() as $look) {
                $into = self::parted($groups, $look);
                if (\count($into) > \count($parted)) {
                    [$best, $parted] = [$look, $into];
                }
            }
            if (null === $best) {
                break;
            }
            $looks[] = $best;
            $groups = $parted;
        }

        return new self($causes, $looks);
    }

    /**
     * @param list<list<Cause>> $groups
     *
     * @return list<list<Cause>>
     */
    private static function parted(array $groups, Look $look): array
    {
        $into = [];
        foreach ($groups as $i => $group) {
            foreach ($group as $cause) {
                $into["{$i} {$look->shows($cause)->value}"][] = $cause;
            }
        }

        return array_values($into);
    }

    /**
     * @param array<string, LookResult> $seen by look
     *
     * @return list<Cause> that are left
     */
    public function left(array $seen): array
    {
        return array_values(array_filter($this->causes, static function (Cause $cause) use ($seen): bool {
            foreach ($seen as $look => $result) {
                if (Look::from($look)->shows($cause) !== $result) {
                    return false;
                }
            }

            return true;
        }));
    }
}
