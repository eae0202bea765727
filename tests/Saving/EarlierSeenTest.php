<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Saving;

use Alternum\Server\Saving\EarlierSeen;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What pages of before 2026-12 send, or have kept unsaved, says what was seen in three ways; each becomes the one. */
final class EarlierSeenTest extends TestCase
{
    /** @return iterable<string, array{mixed, mixed, mixed, mixed}> an edit and what was seen, and both as they are said now */
    public static function said(): iterable
    {
        $piece = ['key' => 'body', 'rounds' => ['6 sc in MR']];
        yield 'nothing' => [['do' => 'front', 'piece' => 'body'], null, ['do' => 'front', 'piece' => 'body'], null];
        yield 'lines' => [
            ['do' => 'paint', 'piece' => 'body', 'rounds' => [1], 'yarn' => 'B', 'saw' => ['6 sc in MR']],
            ['terms' => 'us'],
            ['do' => 'paint', 'piece' => 'body', 'rounds' => [1], 'yarn' => 'B'],
            ['terms' => 'us', 'values' => [['at' => ['pieces', 'body', 'rounds'], 'value' => ['6 sc in MR']]]],
        ];
        yield 'a piece' => [
            ['do' => 'shift', 'piece' => 'body'],
            ['piece' => $piece],
            ['do' => 'shift', 'piece' => 'body'],
            ['values' => [['at' => ['pieces', 'body'], 'value' => $piece]]],
        ];
        yield 'a list, null among what was seen' => [
            ['do' => 'set', 'values' => [
                ['at' => ['yarns'], 'value' => [], 'saw' => [1]],
                ['at' => ['title'], 'value' => 'T'],
                ['at' => ['x'], 'saw' => null],
            ]],
            null,
            ['do' => 'set', 'values' => [['at' => ['yarns'], 'value' => []], ['at' => ['title'], 'value' => 'T'], ['at' => ['x']]]],
            ['values' => [['at' => ['yarns'], 'value' => [1]], ['at' => ['x'], 'value' => null]]],
        ];
        $now = ['values' => [['at' => ['yarns'], 'value' => []]]];
        yield 'as it is said now' => [['do' => 'set', 'values' => []], $now, ['do' => 'set', 'values' => []], $now];
        yield 'nonsense is left to who reads it' => ['edit', 7, 'edit', 7];
    }

    #[DataProvider('said')]
    public function testIsSaidAsItIsNow(mixed $edit, mixed $seen, mixed $editNow, mixed $seenNow): void
    {
        self::assertSame([$editNow, $seenNow], EarlierSeen::now($edit, $seen));
    }
}
