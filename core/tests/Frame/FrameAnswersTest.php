<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Frame;

use Alternum\Core\Tests\Answers\AnswersCase;

final class FrameAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'plans' => '\\d+ (?:rounds|beginsAtTop|lies|endAsked|frontDegrees)\\b',
        ];
    }
}
