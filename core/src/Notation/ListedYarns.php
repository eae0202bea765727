<?php

declare(strict_types=1);

namespace Alternum\Core\Notation;

use Alternum\Core\Plan\Message;

/** The yarns that lists beside a piece's rounds give these. What a round's own words say goes before. */
final class ListedYarns
{
    /** @var list<array{Source, YarnList}> */
    private array $lists = [];

    public function add(Source $source, YarnList $list): Outcome
    {
        $this->lists[] = [$source, $list];

        return new Outcome(null, null);
    }

    /**
     * @param list<Round> $rounds
     *
     * @return list<Round> begun in the yarns that the lists name; what cannot be laid so is told
     */
    public function on(array $rounds, LineProblems $told): array
    {
        $listed = [];
        foreach ($this->lists as [$source, $list]) {
            $span = new Span(0, mb_strlen(rtrim($source->text)));
            $told->yarns($source, 1, array_map(static fn (ListedRounds $of): string => $of->yarn, $list->rounds));
            foreach ($list->over(\count($rounds)) as $of) {
                if (!$list->isSequence && $of->to > \count($rounds)) {
                    $told->tell($source, Fault::at($span, Message::of('yarn.listBeyond', round: $of->to, rounds: \count($rounds))), \count($rounds));
                }
                $other = $listed[$of->from] ?? $of->yarn;
                if ($other !== $of->yarn) {
                    $told->tell($source, Fault::at($span, Message::of('yarn.listTwice', round: $of->from, yarn: $of->yarn, other: $other)), $of->from);
                    continue;
                }
                $own = isset($rounds[$of->from - 1]->named[0]) ? $rounds[$of->from - 1]->named[0]->yarn : $of->yarn;
                if ($own !== $of->yarn) {
                    $told->tell($source, Fault::at($span, Message::of('yarn.listOther', round: $of->from, yarn: $of->yarn, own: $own)), $of->from);
                }
                $listed += array_fill($of->from, $of->to - $of->from + 1, $of->yarn);
            }
            if ($list->isSequence) {
                $told->tell($source, Fault::at($span, Message::of('yarn.listLaid', last: \count($rounds))), 1, true);
            }
        }

        return array_map(
            static fn (Round $round): Round => ($listed[$round->number] ?? null) === ($listed[$round->number - 1] ?? null)
                ? $round
                : $round->begunIn($listed[$round->number] ?? null),
            $rounds,
        );
    }
}
