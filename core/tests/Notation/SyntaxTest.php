<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Notation;

use Alternum\Core\Notation\Reader;
use Alternum\Core\Notation\Syntax;
use Alternum\Core\Plan\Terms;
use PHPUnit\Framework\TestCase;

final class SyntaxTest extends TestCase
{
    public function testIsTheSameWhenItWakes(): void
    {
        $read = Reader::read(['Rnd 1: 6 sc in MR (6)', 'Cap', 'Rnd 2-3: sc around (6)'], Terms::Us);
        $kept = self::kept($read->syntax);
        $keptAgain = self::kept(self::kept($read->syntax));

        self::assertCount(3, $kept->worked());
        foreach ([$kept, $keptAgain] as $syntax) {
            self::assertEquals($read->syntax->worked(), $syntax->worked());
            self::assertEquals($read->syntax->lines(), $syntax->lines());
            self::assertEquals($read->syntax->heads(), $syntax->heads());
        }
    }

    private static function kept(Syntax $syntax): Syntax
    {
        $kept = unserialize(serialize($syntax));
        self::assertInstanceOf(Syntax::class, $kept);

        return $kept;
    }
}
