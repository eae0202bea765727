<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Toy;

use Alternum\Core\Tests\Answers\AnswersCase;

final class ToyAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'toys' => '',
            'stills' => '',
        ];
    }
}
