<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Yarn;

use Alternum\Core\Tests\Answers\AnswersCase;

final class YarnAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'kinds' => 'Yarn ',
            'plans' => 'yarns|\\d+ (?:ends|changingMm)\\b',
        ];
    }
}
