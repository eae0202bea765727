<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Change;

use Alternum\Core\Tests\Answers\AnswersCase;

final class ChangeAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'kinds' => 'Change ',
            'plans' => '\\d+ (?:changes|bestFront|changeLine)\\b',
            'drawings' => '',
            'patterns' => '\\w+: after',
        ];
    }
}
