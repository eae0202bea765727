<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Making;

use Alternum\Core\Tests\Answers\AnswersCase;

final class MakingAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'kinds' => 'Making ',
            'plans' => 'problems|\\d+ (?:placed|offers)\\b',
            'patterns' => '\\{\"copies\"',
        ];
    }
}
