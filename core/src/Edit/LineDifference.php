<?php

declare(strict_types=1);

namespace Alternum\Core\Edit;

use SebastianBergmann\Diff\Differ;
use SebastianBergmann\Diff\Output\DiffOnlyOutputBuilder;

/** Which typed lines stayed, and which stand in the place of which. */
final class LineDifference
{
    /**
     * @param list<string> $old
     * @param list<string> $new
     *
     * @return list<LineBlock> in order; they cover both lists, and a line that stayed is a block of its own
     */
    public static function of(array $old, array $new): array
    {
        $blocks = [];
        $changed = new LineBlock(0, 0, 0, 0, false);
        /** @var array{string, int} $line its text and how it differs */
        foreach ((new Differ(new DiffOnlyOutputBuilder()))->diffToArray($old, $new) as $line) {
            if (Differ::OLD === $line[1]) {
                array_push($blocks, ...($changed->isEmpty() ? [] : [$changed]));
                $blocks[] = new LineBlock($changed->oldTo, $changed->oldTo + 1, $changed->newTo, $changed->newTo + 1, true);
                $changed = new LineBlock($changed->oldTo + 1, $changed->oldTo + 1, $changed->newTo + 1, $changed->newTo + 1, false);
            } elseif (Differ::ADDED === $line[1] || Differ::REMOVED === $line[1]) {
                $isNew = Differ::ADDED === $line[1];
                $changed = new LineBlock($changed->oldFrom, $changed->oldTo + ($isNew ? 0 : 1), $changed->newFrom, $changed->newTo + ($isNew ? 1 : 0), false);
            }
        }

        return [...$blocks, ...($changed->isEmpty() ? [] : [$changed])];
    }

    /**
     * @param list<string> $old
     * @param list<string> $new
     *
     * @return array<int, int> where each of the old is among the new; one that is gone is not in it
     */
    public static function pairs(array $old, array $new): array
    {
        $pairs = [];
        foreach (self::of($old, $new) as $block) {
            $pairs += $block->inOrder(0, 0);
            // Of what was changed, things that differ in a number only are the same.
            $likeness = $block->isEven() ? [] : self::of(
                self::unnumbered(\array_slice($old, $block->oldFrom, $block->oldTo - $block->oldFrom)),
                self::unnumbered(\array_slice($new, $block->newFrom, $block->newTo - $block->newFrom)),
            );
            foreach ($likeness as $part) {
                $pairs += $part->inOrder($block->oldFrom, $block->newFrom);
            }
        }

        return $pairs;
    }

    /**
     * @param list<string> $texts
     *
     * @return list<string>
     */
    private static function unnumbered(array $texts): array
    {
        return array_map(static fn (string $text): string => preg_replace('/\d+/', '#', $text) ?? $text, $texts);
    }
}
