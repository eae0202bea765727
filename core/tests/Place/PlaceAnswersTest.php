<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Place;

use Alternum\Core\Tests\Answers\AnswersCase;

final class PlaceAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'kinds' => 'Place ',
            'plans' => '\\d+ (?:changes|changesWithin|pairs|shine|faceRemarks|tips)\\b',
        ];
    }
}
