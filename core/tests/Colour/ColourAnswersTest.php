<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Colour;

use Alternum\Core\Tests\Answers\AnswersCase;

final class ColourAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'colours' => '',
            'pictures' => '',
            'plans' => '\\d+ (?:rounds|layers)\\b',
        ];
    }
}
