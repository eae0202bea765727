<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Place;

use Alternum\Core\Analysis;
use Alternum\Core\Plan\Severity;
use Alternum\Core\Tests\Plans;
use Alternum\Core\Words\MessageWords;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class CoveredLayersTest extends TestCase
{
    private const FILL = ['kind' => 'fill', 'yarn' => 'A'];
    private const STRIPE = ['kind' => 'stripes', 'from' => 3, 'to' => 4, 'sequence' => [['yarn' => 'B', 'rounds' => 2]]];
    private const OVER = ['kind' => 'stripes', 'from' => 2, 'to' => 5, 'sequence' => [['yarn' => 'B', 'rounds' => 2]]];
    private const PART = ['kind' => 'stripes', 'from' => 4, 'to' => 6, 'sequence' => [['yarn' => 'B', 'rounds' => 3]]];
    private const MOTIF = ['kind' => 'motif', 'rows' => ['BB', 'BB'], 'round' => 3];

    /**
     * @param list<array<string, mixed>> $layers
     * @param list<string>               $paths
     */
    #[TestWith([[self::FILL, self::STRIPE], []])]
    #[TestWith([[self::FILL, self::STRIPE, self::OVER], ['pieces[0].colours[1]']])]
    #[TestWith([[self::FILL, self::STRIPE, self::PART], []])]
    #[TestWith([[self::FILL, self::MOTIF, self::OVER], ['pieces[0].colours[1]']])]
    #[TestWith([[self::FILL, self::OVER, self::MOTIF], []])]
    // Two that cover it together; what is hidden covers nothing.
    #[TestWith([[self::FILL, self::OVER, self::STRIPE, ['from' => 2, 'to' => 2] + self::STRIPE, self::PART], ['pieces[0].colours[1]']])]
    #[TestWith([[self::FILL, self::STRIPE, self::OVER + ['hidden' => true]], []])]
    // A fill at the bottom is meant to be covered; one above all is not.
    #[TestWith([[self::FILL, ['kind' => 'fill', 'yarn' => 'B']], []])]
    #[TestWith([[self::STRIPE, self::FILL], ['pieces[0].colours[0]']])]
    public function testWhatIsWhollyCoveredIsTold(array $layers, array $paths): void
    {
        $problems = Analysis::of(Plans::of(['12 sc in MR', 'R2-8: sc around'], $layers))->problems;
        self::assertSame($paths, array_map(static fn ($problem): ?string => $problem->path, $problems));
        foreach ($problems as $problem) {
            self::assertSame(Severity::Note, $problem->severity);
            self::assertStringEndsWith('is wholly covered by layers above it, so nothing of it is seen.', MessageWords::says($problem->message));
        }
    }

    public function testItIsCalledByItsName(): void
    {
        $layers = [self::FILL, self::STRIPE + ['name' => 'Sash'], self::OVER];
        $problem = Analysis::of(Plans::of(['12 sc in MR', 'R2-8: sc around'], $layers))->problems[0];
        self::assertStringStartsWith('“Sash” is', MessageWords::says($problem->message));
    }
}
