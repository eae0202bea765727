<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Answers;

use Alternum\Core\Edit\Usual;
use Alternum\Core\Plan\Anchor;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Place;
use Alternum\Core\Plan\Thread\ThreadKind;
use Alternum\Core\Plan\Thread\ThreadKinds;
use Alternum\Core\Plan\Thread\ThreadSite;
use Alternum\Core\Plan\Thread\ThreadStroke;
use Alternum\Core\Plan\Thread\UsualSite;
use Alternum\Core\Plan\Units;

/** What a thing is before its maker says how it is to be: read as a table, by whoever knows what is usual. */
final class Defaults
{
    /** Fields of kinds of thread that another answer hangs on: each is read once as well. */
    private const VARIED = [
        'smile' => [['width' => 5, 'drop' => 0], ['width' => 1, 'drop' => 2.5]],
        'bars' => [['count' => 1, 'width' => 2], ['count' => 4, 'width' => 1.5, 'step' => 0.5]],
        'lashes' => [['count' => 1], ['count' => 3], ['count' => 5, 'length' => 1.5, 'spread' => 120]],
        'seeds' => [['around' => 3], ['around' => 4, 'rows' => 2, 'step' => 3, 'length' => 0.75, 'across' => 120, 'staggered' => true]],
        'swirl' => [['turns' => -0.2, 'rounds' => 2], ['turns' => 0.1, 'rounds' => 4, 'swing' => 2, 'waves' => 2]],
        'strand' => [['to' => ['piece' => 'arm', 'at' => ['anchor' => 'round', 'number' => 3]]]],
        'fringe' => [['count' => 3, 'across' => 4, 'lengthMm' => 20], ['count' => 1, 'across' => 5, 'lengthMm' => 40]],
        'surface' => [['points' => [['stitches' => 0, 'up' => 0], ['stitches' => 3, 'up' => 1.5]]]],
        'backstitch' => [['points' => [['stitches' => 0, 'up' => 0], ['stitches' => -2, 'up' => 1], ['stitches' => 0, 'up' => 2]]]],
    ];

    /** @return array<string, \Closure(): iterable<string>> */
    public static function all(): array
    {
        return ['threads' => static fn (): iterable => self::threads(), 'usual' => static fn (): iterable => self::usual()];
    }

    /** @return iterable<string> */
    private static function usual(): iterable
    {
        foreach (Units::cases() as $units) {
            foreach (Usual::values($units) as $dialog => $fields) {
                yield "{$units->value} {$dialog}: ".SpecimenPlans::json($fields);
            }
        }
    }

    /** @return iterable<string> */
    private static function threads(): iterable
    {
        foreach (ThreadKinds::ALL as $class) {
            yield "=== {$class::kind()}";
            foreach ($class::tray() as $thing) {
                yield "{$thing->what}: “{$thing->label}”, {$thing->group->value}".($thing->isThread ? '' : ', no thread');
                foreach ([[20, 36, 6.0, 'arm'], [2, 7, 2.0, null]] as [$rounds, $widest, $eyes, $joined]) {
                    $usual = $class::usual($thing->what, self::site($rounds, $widest, $eyes, $joined));
                    yield "  on {$rounds} rounds of {$widest}: ".(null === $usual ? 'no' : SpecimenPlans::json($usual->kind->values())
                        .' at '.SpecimenPlans::json($usual->place->values()).", “{$usual->name}”".($usual->goesWithEyes ? ', with the eyes' : ''));
                }
            }
            foreach ([[], ...(self::VARIED[$class::kind()] ?? [])] as $values) {
                yield from self::kind($class, $values);
            }
        }
    }

    /**
     * @param class-string<ThreadKind> $class
     * @param array<string, mixed>     $values
     *
     * @return iterable<string>
     */
    private static function kind(string $class, array $values): iterable
    {
        yield 'of '.SpecimenPlans::json((object) $values).':';
        $fields = Fields::of($values);
        $kind = $class::read($fields);
        try {
            $fields->done();
        } catch (InvalidFields $wrong) {
            foreach ($wrong->problems as $problem) {
                yield "  {$problem->path}: {$problem->message->code} ".SpecimenPlans::json($problem->message->values);
            }

            return;
        }
        yield '  '.SpecimenPlans::json($kind->values()).", {$kind->named()}; {$kind->besidesMm()} mm beside it, "
            .($kind->hasTails() ? 'with tails' : 'without tails').'; twice as large '.SpecimenPlans::json($kind->scaled(2.0)->values());
        $site = new class implements ThreadSite {
            public function degrees(float $stitches): float
            {
                return 10.0 * $stitches;
            }

            public function roundsUp(): int
            {
                return 8;
            }
        };
        yield '  '.implode(', ', array_map(self::stroke(...), \array_slice($kind->strokes($site), 0, 12)));
    }

    private static function stroke(ThreadStroke $stroke): string
    {
        return \sprintf('%.2f° %.2f to %.2f° %.2f × %.2f', $stroke->from, $stroke->fromUp, $stroke->to, $stroke->toUp, $stroke->takes);
    }

    private static function site(int $rounds, int $widest, float $eyes, ?string $joined): UsualSite
    {
        return new class($rounds, $widest, $eyes, $joined) implements UsualSite {
            public function __construct(private int $rounds, private int $widest, private float $eyes, private ?string $joined)
            {
            }

            public function eyesApart(): float
            {
                return $this->eyes;
            }

            public function widest(): int
            {
                return $this->widest;
            }

            public function joinedTo(): ?string
            {
                return $this->joined;
            }

            public function rounds(): int
            {
                return $this->rounds;
            }

            public function below(float $height): int
            {
                return (int) round($this->rounds * $height);
            }

            public function at(float $height): Place
            {
                return new Place(Anchor::Round, $this->below($height));
            }

            public function underEyes(int $rounds, ?float $apart = null): Place
            {
                return new Place(Anchor::Placement, of: 'eyes', offset: $rounds, apart: $apart);
            }
        };
    }
}
