<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Tests\Answers\AnswersCase;

final class ChangeAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'plans' => '\\d+ (?:changes|bestFront|changeLine)\\b',
            'patterns' => '\\w+: after',
        ];
    }
}
