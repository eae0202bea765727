<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Plan;

use Alternum\Core\Tests\Answers\AnswersCase;

final class PlanAnswersTest extends AnswersCase
{
    public static function held(): array
    {
        return [
            'yarns' => '',
            'kinds' => '',
            'threads' => '',
            'drawings' => '',
            'layers' => '',
            'plans' => '\\{|gauge|floatStitches',
        ];
    }
}
