<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Tests\Answers\AnswersCase;

final class NotationAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'kinds' => 'Notation ',
            'read' => '',
            'damaged' => '',
            'numbers' => '',
            'printed' => '',
            'stitches' => '',
            'plans' => '\\d+ (?:lines|stitches|worked|namesColours|beginsOn)\\b',
        ];
    }
}
