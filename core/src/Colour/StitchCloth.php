<?php

declare(strict_types=1);

namespace Alternum\Core\Colour;

use Alternum\Core\Fabric\Fabric;
use Alternum\Core\Fabric\Strands;
use Alternum\Core\Notation\Reading;
use Alternum\Core\Notation\Round;
use Alternum\Core\Plan\Layer\Cloth;
use Alternum\Core\Plan\Layer\Motif;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Yarn;

/** A piece's stitches while one layer after another is laid over them. A round is a string with a yarn's letter for each. */
final class StitchCloth implements Cloth
{
    private const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ'.Motif::CLEAR;

    /** @var array<int, string> by number − 1 */
    private array $rounds;
    /** For each of the letters a byte of ones where it leaves a stitch as it is, of zeros where it does not. */
    private readonly string $kept;
    /** For each of the letters itself where it is laid, else a byte of zeros. */
    private readonly string $laid;

    /**
     * @param list<Round>  $read   the rounds as they are worked
     * @param list<int>    $counts stitches that each round makes
     * @param string       $yarns  letters of the plan's: others are not laid
     * @param list<string> $typed  the letters that the words name in each round, Motif::CLEAR where they name none; none: no word names any
     */
    private function __construct(
        private readonly array $read,
        private readonly array $counts,
        private readonly string $yarns,
        private readonly array $typed,
        string $under,
    ) {
        $this->rounds = array_map(static fn (int $makes): string => str_repeat($under, $makes), $counts);
        $kept = $laid = '';
        foreach (str_split(self::LETTERS) as $letter) {
            $isLaid = Motif::CLEAR !== $letter && str_contains($yarns, $letter);
            $kept .= $isLaid ? "\0" : "\xFF";
            $laid .= $isLaid ? $letter : "\0";
        }
        [$this->kept, $this->laid] = [$kept, $laid];
    }

    /** All in the plan's first yarn. */
    public static function of(Plan $plan, Fabric $fabric, Reading $reading): self
    {
        return self::over($plan, $fabric, $reading, $plan->yarns[0]->key);
    }

    /** None in any yarn: Motif::CLEAR stands for each stitch. */
    public static function bare(Plan $plan, Fabric $fabric, Reading $reading): self
    {
        return self::over($plan, $fabric, $reading, Motif::CLEAR);
    }

    private static function over(Plan $plan, Fabric $fabric, Reading $reading, string $under): self
    {
        return new self(
            $reading->rounds,
            $fabric->counts(),
            implode('', array_map(static fn (Yarn $yarn): string => $yarn->key, $plan->yarns)),
            $reading->namesYarns() ? self::named($reading) : [],
            $under,
        );
    }

    public function colouring(): Colouring
    {
        return new Colouring(array_values($this->rounds));
    }

    public function counts(): array
    {
        return $this->counts;
    }

    public function whole(int $from, int $to, string $yarn): void
    {
        if (str_contains($this->yarns, $yarn)) {
            for ($i = max(1, $from) - 1, $end = min($to, \count($this->counts)); $i < $end; ++$i) {
                $this->rounds[$i] = str_repeat($yarn, $this->counts[$i]);
            }
        }
    }

    public function letters(int $round, int $stitch, string $letters): void
    {
        $makes = $this->counts[$round - 1] ?? 0;
        if (0 === $makes) {
            return;
        }
        $at = (($stitch - 1) % $makes + $makes) % $makes;
        $letters = substr($letters, 0, $makes);
        $first = substr($letters, 0, $makes - $at);
        $this->put($round - 1, $at, $first);
        $this->put($round - 1, 0, substr($letters, \strlen($first)));
    }

    public function loops(int $from, int $to, int $strands): array
    {
        return Strands::loops($this->read, $from, $to, $strands);
    }

    public function typed(): void
    {
        foreach ($this->typed as $i => $letters) {
            $this->letters($i + 1, 1, $letters);
        }
    }

    /** Puts letters in from a place on, which do not go past the round's end: as bytes, as thousands are put in at once. */
    private function put(int $i, int $at, string $letters): void
    {
        if ('' === $letters) {
            return;
        }
        $old = substr($this->rounds[$i], $at, \strlen($letters));
        $new = ($old & strtr($letters, self::LETTERS, $this->kept)) | strtr($letters, self::LETTERS, $this->laid);
        $this->rounds[$i] = substr_replace($this->rounds[$i], $new, $at, \strlen($letters));
    }

    /** @return list<string> */
    private static function named(Reading $reading): array
    {
        $rounds = [];
        foreach ($reading->yarns() as $runs) {
            $letters = '';
            foreach ($runs as $run) {
                $letters .= str_repeat(1 === \strlen((string) $run->yarn) && ctype_upper((string) $run->yarn) ? (string) $run->yarn : Motif::CLEAR, $run->tops);
            }
            $rounds[] = $letters;
        }

        return $rounds;
    }
}
