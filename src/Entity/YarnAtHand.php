<?php

declare(strict_types=1);

namespace Alternum\Server\Entity;

use Alternum\Core\Plan\WeightCategory;
use Alternum\Server\Repository\YarnsAtHand;
use Doctrine\ORM\Mapping as ORM;
use Symfony\Component\Uid\Ulid;

/** A yarn on the shelf, to be taken into plans. */
#[ORM\Entity(repositoryClass: YarnsAtHand::class)]
class YarnAtHand
{
    #[ORM\Id]
    #[ORM\Column(type: 'ulid')]
    private Ulid $id;

    #[ORM\Column(length: 480)]
    private string $name = '';

    #[ORM\Column(length: 7)]
    private string $hex = '#808080';

    #[ORM\Column(length: 20, enumType: WeightCategory::class)]
    private WeightCategory $weight = WeightCategory::Dk;

    #[ORM\Column]
    private float $metresPer100g = 250.0;

    #[ORM\Column]
    private float $grams = 0.0;

    public function __construct(
        #[ORM\ManyToOne]
        #[ORM\JoinColumn(nullable: false, onDelete: 'CASCADE')]
        private Workshop $workshop,
    ) {
        $this->id = new Ulid();
    }

    public function describe(string $name, string $hex, WeightCategory $weight, float $metresPer100g, float $grams): void
    {
        [$this->name, $this->hex, $this->weight, $this->metresPer100g, $this->grams] = [$name, $hex, $weight, $metresPer100g, $grams];
    }

    public function workshop(): Workshop
    {
        return $this->workshop;
    }

    /** @return array{id: string, name: string, hex: string, weight: string, metresPer100g: float, grams: float} */
    public function values(): array
    {
        return [
            'id' => $this->id->toBase32(),
            'name' => $this->name,
            'hex' => $this->hex,
            'weight' => $this->weight->value,
            'metresPer100g' => $this->metresPer100g,
            'grams' => $this->grams,
        ];
    }
}
