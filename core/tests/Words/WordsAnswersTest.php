<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Words;

use Alternum\Core\Tests\Answers\AnswersCase;

final class WordsAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'kinds' => 'Words ',
            'meanings' => '',
            'patterns' => '',
            'drawings' => '',
            'plans' => '\\d+ (?:tips|beginning|faceRemarks)\\b',
        ];
    }
}
