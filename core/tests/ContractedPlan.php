<?php

declare(strict_types=1);

namespace Alternum\Core\Tests;

use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Opis\JsonSchema\Validator;

/** A plan's values as the contract and as the reader take them. */
final class ContractedPlan
{
    /**
     * @param array<mixed>     $plan
     * @param list<int|string> $place
     *
     * @return array<mixed>
     */
    public static function with(array $plan, array $place, mixed $value): array
    {
        $name = array_shift($place);
        $there = $plan[$name] ?? null;
        $plan[$name] = \is_array($there) && [] !== $place ? self::with($there, $place, $value) : $value;

        return $plan;
    }

    /** @param array<mixed> $plan */
    public static function isValid(array $plan): bool
    {
        static $validator = null;
        if (!$validator instanceof Validator) {
            $validator = new Validator();
            $validator->resolver()?->registerFile('https://alternum.test/plan.schema.json', \dirname(__DIR__, 2).'/contract/plan.schema.json');
        }

        return $validator->validate(json_decode(Json::encode($plan)), 'https://alternum.test/plan.schema.json')->isValid();
    }

    /** @param array<mixed> $plan */
    public static function isRead(array $plan): bool
    {
        try {
            PlanReader::json(Json::encode($plan));

            return true;
        } catch (InvalidFields) {
            return false;
        }
    }
}
