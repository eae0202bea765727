<?php

declare(strict_types=1);

namespace Alternum\Server\Shelf;

use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\WeightCategory;
use Alternum\Server\Entity\Workshop;
use Alternum\Server\Entity\YarnAtHand;
use Alternum\Server\Repository\YarnsAtHand;
use Doctrine\ORM\EntityManagerInterface;

/** What a new workshop opens with, so that the first screen is a real piece of work. */
final readonly class DemoPlans
{
    /** Laid out from the last to the first, so that the buoy lies on top. */
    private const FILES = ['barrel-cactus-in-a-pot', 'spotted-mushroom', 'otter-in-a-striped-jersey', 'harbour-buoy'];
    public const COUNT = 4;
    private const YARNS = [
        ['Chalk', '#F2EDE4', WeightCategory::Dk, 260.0, 50.0],
        ['Signal red', '#C8372D', WeightCategory::Dk, 260.0, 18.0],
        ['Ochre', '#D9A441', WeightCategory::Worsted, 200.0, 25.0],
    ];

    public function __construct(private string $folder, private PlanStore $store, private EntityManagerInterface $entities, private YarnsAtHand $yarns)
    {
    }

    /** The caller flushes. */
    public function layOut(Workshop $workshop): void
    {
        foreach (self::FILES as $file) {
            $this->store->begin($workshop, $this->plan($file));
        }
        foreach (self::YARNS as $described) {
            $yarn = new YarnAtHand($workshop);
            $yarn->describe(...$described);
            $this->entities->persist($yarn);
        }
    }

    /** @return list<array{name: string, title: string}> those that can be laid out again, the simplest first */
    public function all(): array
    {
        $title = static fn (mixed $plan): string => \is_array($plan) && \is_string($plan['title'] ?? null) ? $plan['title'] : '';

        // Its title is had without reading all of a plan.
        return array_map(
            fn (string $file): array => ['name' => $file, 'title' => $title(json_decode($this->json($file), true))],
            array_reverse(self::FILES),
        );
    }

    /** Null: there is none of that name. */
    public function named(string $name): ?Plan
    {
        return \in_array($name, self::FILES, true) ? $this->plan($name) : null;
    }

    private function plan(string $file): Plan
    {
        return PlanReader::json($this->json($file));
    }

    private function json(string $file): string
    {
        return (string) file_get_contents("{$this->folder}/{$file}.json");
    }

    /** Whether the yarn on hand is what a new workshop has. */
    public function isYarnAsLaidOut(Workshop $workshop): bool
    {
        $laidOut = array_map(static fn (array $yarn): array => [$yarn[0], $yarn[1], $yarn[2]->value, $yarn[3], $yarn[4]], self::YARNS);
        $atHand = array_map(
            static fn (YarnAtHand $yarn): array => array_values(array_diff_key($yarn->values(), ['id' => true])),
            $this->yarns->onShelf($workshop->id()),
        );

        return $laidOut === $atHand;
    }
}
