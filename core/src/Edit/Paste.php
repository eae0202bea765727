<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use Alternum\Core\Notation\CueGrammar;
use Alternum\Core\Plan\Assembly\Joint;
use Alternum\Core\Plan\Copies;
use Alternum\Core\Plan\FirstRound;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\JoinedStart;
use Alternum\Core\Plan\Layer\Fill;
use Alternum\Core\Plan\Layer\LayerEntry;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Piece;
use Alternum\Core\Plan\PieceSettings;
use Alternum\Core\Plan\Plan;

/** Takes a pasted pattern: its first piece in place of a piece's lines, the others as new pieces after it. */
final readonly class Paste implements EditKind
{
    /**
     * @param string $piece   key; '' to take all of them as new pieces
     * @param bool   $isBegun pieces begin on the others that their words name
     */
    public function __construct(private string $piece, private string $text, private bool $isBegun = false)
    {
    }

    public static function words(): array
    {
        return ['paste'];
    }

    public static function read(Fields $fields, string $word): self
    {
        return new self($fields->text('piece', 40), $fields->text('text', Limits::PASTED), $fields->has('begin') && $fields->truth('begin'));
    }

    public function apply(Plan $plan): Plan
    {
        $read = Pasted::of($this->text, $plan);
        [$plan, $pasted] = [$plan->readIn($read->terms)->withYarns($read->yarns), $read->pieces];
        foreach ($pasted as $piece) {
            if (\count($piece->lines) > Limits::LINES
                || [] !== array_filter($piece->lines, static fn (string $line): bool => mb_strlen($line) > Limits::LINE)) {
                throw EditRefused::because(
                    '' === $piece->name ? 'paste.tooLong' : 'paste.pieceTooLong', name: $piece->name, lines: Limits::LINES, characters: Limits::LINE,
                );
            }
        }
        if ('' !== $this->piece) {
            $into = $plan->piece($this->piece) ?? throw EditRefused::noPiece($this->piece);
            $first = array_shift($pasted);
            if (null !== $first) {
                // An empty piece takes the name; one that has its own keeps it, and the heading becomes a remark.
                $isEmpty = [] === $into->rounds;
                $lines = $isEmpty || '' === $first->name ? $first->lines : ["# {$first->name}", ...$first->lines];
                $plan = (new Retype($this->piece, $lines))->apply($plan);
                $into = ($plan->piece($this->piece) ?? $into)->withWorked($first->worked);
                $plan = $plan->withPiece($isEmpty && '' !== $first->name ? $into->named($first->name, Copies::times($first->copies)) : $into);
            }
        }
        if (\count($plan->pieces) + \count($pasted) > Limits::PIECES) {
            throw EditRefused::pastedTooManyPieces();
        }
        $at = '' === $this->piece ? false : array_search($this->piece, array_map(static fn (Piece $one): string => $one->key, $plan->pieces), true);
        $before = false === $at ? $plan->pieces : \array_slice($plan->pieces, 0, $at + 1);
        $made = $this->made($pasted, $plan, $before);
        $counted = [];
        foreach ($made as $i => $piece) {
            $counted[$piece->key] = $pasted[$i]->countedOn;
        }

        return self::assembled(
            $plan->withPieces([...$before, ...$made, ...\array_slice($plan->pieces, \count($before))]), PastedLines::assembly($this->text), $counted,
        );
    }

    /**
     * The plan with what its last lines put together; what they say otherwise stays with its last piece as remarks.
     *
     * @param list<string>       $lines
     * @param array<string, int> $counted rounds that the pattern counts before the first of a piece, by its key
     */
    private static function assembled(Plan $plan, array $lines, array $counted): Plan
    {
        $kept = [];
        $said = new SaidJoint($plan);
        foreach ($lines as $line) {
            foreach ($plan->pieces as $piece) {
                // What is said of a piece whose rounds are counted anew is counted so, too, put together or not.
                $isMeant = ($counted[$piece->key] ?? 0) > 0 && false !== mb_stripos(SaidJoint::onBody($line, $plan), $piece->name);
                $line = $isMeant ? CountedOn::anew($line, $counted[$piece->key]) : $line;
            }
            $joints = $said->in(SaidJoint::onBody($line, $plan), $plan->assembly);
            $standing = $said->standing($plan, $line, $joints);
            if ($standing !== $plan) {
                [$plan, $said] = [$standing, new SaidJoint($standing)];
                $joints = $said->in(SaidJoint::onBody($line, $plan), $plan->assembly);
            }
            foreach ($joints as $joint) {
                // What is put somewhere already stays there.
                $isPut = [] !== array_filter($plan->assembly, static fn (Joint $one): bool => $one->part === $joint->part && $one->copy === $joint->copy);
                if (!$isPut && \count($plan->assembly) < Limits::JOINTS) {
                    $plan = $plan->withAssembly([...$plan->assembly, $joint]);
                }
            }
            array_push($kept, ...([] === $joints ? ['# '.CueGrammar::ASSEMBLY.$line] : []));
        }
        $last = $plan->pieces[\count($plan->pieces) - 1] ?? null;

        return [] === $kept || null === $last ? $plan : $plan->withPiece($last->withRounds([...$last->rounds, ...$kept]));
    }

    public function inWords(): string
    {
        return 'A pattern pasted';
    }

    /**
     * @param list<PastedPiece> $pasted
     * @param list<Piece>       $before
     *
     * @return list<Piece> one for each
     */
    private function made(array $pasted, Plan $plan, array $before): array
    {
        $taken = array_map(static fn (Piece $piece): string => $piece->key, $plan->pieces);
        $pieces = [];
        foreach ($pasted as $i => $piece) {
            $name = '' === $piece->name ? 'Piece '.(\count($plan->pieces) + $i + 1) : $piece->name;
            $word = trim(substr((string) preg_replace('/[^a-z0-9]+/', '-', strtolower($name)), 0, 30), '-');
            $stem = '' === $word ? 'piece' : $word;
            $key = $stem;
            for ($n = 2; \in_array($key, $taken, true); ++$n) {
                $key = "{$stem}-{$n}";
            }
            $taken[] = $key;
            $start = $this->isBegun ? $piece->begins?->on([...$before, ...$pieces]) : null;
            // What a pattern that was written here says of where a piece begins is said by the piece from now on.
            $lines = null === $start
                ? $piece->lines
                : array_values(array_filter($piece->lines, static fn (string $line): bool => !str_starts_with($line, 'Begin: ')));
            $made = TypedLayer::shown(
                new Piece(
                    $key,
                    $name,
                    Copies::times($piece->copies),
                    $piece->worked,
                    $lines,
                    colours: [new LayerEntry(new Fill($plan->yarns[0]->key))],
                    settings: new PieceSettings([FirstRound::class => $piece->firstRound, JoinedStart::class => $start]),
                ),
                $piece->reading,
            );
            $pieces[] = SaidHelix::laid($plan->withPieces([...$before, ...$pieces, $made]), $made);
        }

        return $pieces;
    }
}
