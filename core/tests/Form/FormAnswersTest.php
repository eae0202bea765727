<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Form;

use Alternum\Core\Tests\Answers\AnswersCase;

final class FormAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'kinds' => 'Form ',
            'plans' => '\\d+ (?:size)\\b',
        ];
    }
}
