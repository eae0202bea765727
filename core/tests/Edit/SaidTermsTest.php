<?php

declare(strict_types=1);

namespace Alternum\Core\Tests\Edit;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\Paste;
use Alternum\Core\Edit\SaidTerms;
use Alternum\Core\Edit\Usual;
use Alternum\Core\Plan\Problem;
use Alternum\Core\Plan\Terms;
use Alternum\Core\Tests\Plans;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A US double crochet is a UK treble: a pattern that says whose words it is in is read in those. */
final class SaidTermsTest extends TestCase
{
    #[TestWith(['Striped vole (UK terms)', Terms::Uk])]
    #[TestWith(['This pattern uses US crochet terminology.', Terms::Us])]
    #[TestWith(['Terms: UK', Terms::Uk])]
    #[TestWith(['Written in American terms', Terms::Us])]
    #[TestWith(['Abbreviations (U.S. terms): sc = single crochet', Terms::Us])]
    #[TestWith(['Badger (UK)', Terms::Uk])]
    #[TestWith(['US terms, UK terms in brackets', null])]
    #[TestWith(['Hook: US D-3 or UK 10', null])]
    #[TestWith(["R1: 6 dc in MR\nwritten in UK terms", null])]
    #[TestWith(['Use up a leftover ball', null])]
    public function testIsFoundAboveTheRounds(string $text, ?Terms $terms): void
    {
        self::assertSame($terms, SaidTerms::in($text));
    }

    public function testANewPlanIsReadInThePatternsWords(): void
    {
        $plan = (new Paste('body', "Vole (UK terms)\nR1: 6 dc in MR (6)\nR2: inc x6 (12)\nR3: 12 tr"))->apply(Usual::plan());
        self::assertSame(Terms::Uk, $plan->terms);
        $piece = Analysis::of($plan)->pieces[0];
        self::assertSame([], Problem::errors(Analysis::of($plan)->problems));
        self::assertSame(['ssssss', 'iiiiii'], array_map(static fn ($round): string => $round->codes, \array_slice($piece->stages->reading->rounds, 0, 2)));
    }

    /** What is typed already stays as it is: the pasted lines are put into its words. */
    public function testAPlanWithRoundsKeepsItsWords(): void
    {
        $plan = (new Paste('', "EAR (UK terms)\nR1: 6 dc in MR (6)\nR2: 2 dc in each st (12)\nR3: tr around"))->apply(Plans::of(Plans::ball(3)));
        self::assertSame(Terms::Us, $plan->terms);
        self::assertSame(['R1: 6 sc in MR (6)', 'R2: 2 sc in each st (12)', 'R3: dc around'], \array_slice($plan->pieces[1]->rounds, -3));
    }
}
