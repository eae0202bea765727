<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Fabric;

use Alternum\Core\Tests\Answers\AnswersCase;

final class FabricAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'plans' => '\\d+ (?:rounds|lean)\\b',
        ];
    }
}
