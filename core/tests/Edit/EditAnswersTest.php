<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Tests\Answers\AnswersCase;

final class EditAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'kinds' => 'Edit ',
            'edits' => '',
            'shapes' => '',
            'pasted' => '',
            'usual' => '',
        ];
    }
}
