<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Exchange;

use Alternum\Core\Tests\Answers\AnswersCase;

final class ExchangeAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'plans' => '',
            'toys' => '',
            'stills' => '',
        ];
    }
}
