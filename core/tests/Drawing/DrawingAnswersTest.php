<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Drawing;

use Alternum\Core\Tests\Answers\AnswersCase;

final class DrawingAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'drawings' => '',
        ];
    }
}
