<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Exchange;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\AnalysisWriter;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\TestCase;

/** How much goes over the wire for a plan: what screens show, once. */
final class AnswerSizeTest extends TestCase
{
    private static function bytes(Plan $plan): int
    {
        return \strlen(Json::encode(['plan' => $plan->values(), 'analysis' => AnalysisWriter::values(Analysis::of($plan))]));
    }

    /** A tube of rounds of 48, each with twelve spots. */
    private static function spotted(int $rounds): Plan
    {
        $spots = ['kind' => 'spots', 'yarn' => 'B', 'from' => 1, 'to' => $rounds, 'step' => 1, 'count' => 12, 'wide' => 2, 'tall' => 1, 'fromFront' => 0];

        return Plans::of(['48 sc in MR', "R2-{$rounds}: sc around"], [$spots]);
    }

    /** With what is told once, the shapes of motifs among it, which take a kilobyte. */
    public function testTheDemoPlansAreSmall(): void
    {
        foreach (Plans::demoFiles() as $file) {
            self::assertLessThan(41_000, self::bytes(PlanReader::json((string) file_get_contents($file))), $file);
        }
    }

    public function testManySpotsAreNoMatter(): void
    {
        self::assertLessThan(150_000, self::bytes(self::spotted(40)));
    }

    /** Twice the rounds take no more than twice the bytes, up to the longest piece that there can be. */
    public function testItGrowsWithWhatIsSeen(): void
    {
        $before = self::bytes(self::spotted(50));
        foreach ([100, 200, Limits::ROUNDS] as $rounds) {
            $now = self::bytes(self::spotted($rounds));
            self::assertLessThan(2.1 * $before, $now);
            $before = $now;
        }
    }
}
