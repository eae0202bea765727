<?php

declare(strict_types=1);

namespace Alternum\Server\Saving;

use Alternum\Core\Analysis;
use Alternum\Core\Edit\EditRefused;
use Alternum\Core\Edit\ReplacesGroup;
use Alternum\Core\Edit\TakePlan;
use Alternum\Core\Exchange\PlanAnswer;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\PlanWriter;
use Alternum\Core\Exchange\WritingLimits;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Plan;
use Alternum\Server\Entity\PlanState;
use Alternum\Server\Repository\PlanVersions;
use Alternum\Server\Repository\SavedPlans;
use Doctrine\DBAL\Exception as DatabaseError;
use Psr\Clock\ClockInterface;
use Psr\Log\LoggerInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Uid\Ulid;

/**
 * Makes operations on a saved plan. Each is made once: one that comes again, because its answer was lost, is answered as it was then. One
 * that is refused is set aside alone, and those after it are made without it.
 */
final readonly class Saving
{
    /** Operations of which it is remembered what became of them, besides those of the last message. */
    private const REMEMBERED = 64;
    /** So often it is tried to be the one who writes. */
    private const TRIES = 5;

    public function __construct(private SavedPlans $plans, private PlanVersions $versions, private ClockInterface $clock, private LoggerInterface $logger)
    {
    }

    /**
     * @param string $id     the plan's
     * @param string $json   an OperationsMessage
     * @param string $inHand the key of the piece in hand
     *
     * @throws NotFoundHttpException where the workshop has no such plan: that comes before anything is worked out
     * @throws InvalidFields         where the message is none
     * @throws Overtaken             where somebody else saved since the revision that they are based on: nothing is changed
     */
    public function operations(Ulid $workshop, string $id, string $json, string $inHand): Saved
    {
        $stored = $this->plans->state($workshop, $id);
        $message = OperationsMessage::of($json);
        for ($try = 1; $try <= self::TRIES; ++$try) {
            $saved = $this->once(Ulid::fromString($id), $stored, $message, $inHand);
            if (null !== $saved) {
                return $saved;
            }
            $stored = $this->plans->state($workshop, $id);
        }

        throw new Overtaken($stored, $message->base);
    }

    /** @return Saved|null null: it was written meanwhile */
    private function once(Ulid $id, PlanState $stored, OperationsMessage $message, string $inHand): ?Saved
    {
        $results = [];
        $known = $stored->results;
        $expected = $message->base;
        $ids = $message->ids();
        while (isset($ids[\count($results)], $known[$ids[\count($results)]])) {
            $result = Result::remembered($ids[\count($results)], $known[$ids[\count($results)]]);
            $results[] = $result;
            // Who has seen a later revision since is based on that.
            $expected = max($expected, $result->revision);
        }
        $plan = PlanReader::json($stored->body);
        if (\count($results) === \count($ids)) {
            return new Saved($stored, PlanAnswer::of($plan, $inHand), $results);
        }
        if ($expected !== $stored->revision) {
            throw new Overtaken($stored, $expected);
        }

        return $this->make($id, $stored, $plan, $message, $results, $inHand);
    }

    /**
     * @param list<Result> $results     of operations that came before
     * @param bool         $isWorkedOut each is worked out by itself, to find the one that cannot be
     */
    private function make(
        Ulid $id,
        PlanState $stored,
        Plan $plan,
        OperationsMessage $message,
        array $results,
        string $inHand,
        bool $isWorkedOut = false,
    ): ?Saved {
        $now = $stored;
        $began = null;
        $states = [];
        $before = [$plan, $results];
        $remembered = $stored->results;
        $ids = $message->ids();
        $end = \count($ids);
        for ($i = \count($results); $i < $end; ++$i) {
            if (isset($remembered[$ids[$i]])) {
                // It came before, in this message or another.
                $results[] = Result::remembered($ids[$i], $remembered[$ids[$i]]);
                continue;
            }
            try {
                $operation = $message->operation($i);
                $goesOn = $operation->group === $now->undoGroup;
                $from = $plan;
                if ($goesOn && $operation->edit instanceof ReplacesGroup) {
                    $began ??= $this->versions->newestBody($id);
                    $from = null === $began ? $plan : PlanReader::json($began);
                }
                $changed = $operation->made($from);
                $isTaken = $operation->edit instanceof TakePlan;
                WritingLimits::hold($changed, $plan, $isTaken);
                $written = $isTaken ? PlanWriter::compact($changed) : PlanWriter::changed($changed, \strlen($now->body));
                if ($isWorkedOut) {
                    Analysis::of($changed);
                }
                if (!$goesOn) {
                    $states = $now === $stored ? [] : [...$states, $now];
                    $began = $now->body;
                }
                $now = $now->changed($changed->title, $written, $operation->group, $operation->edit->inWords(), $this->clock->now());
                $plan = $changed;
                $result = Result::made($operation->id, $now->revision);
            } catch (InvalidFields|EditRefused $why) {
                $result = Result::refused($ids[$i], $now->revision, $why);
            } catch (DatabaseError $away) {
                throw $away;
            } catch (\Throwable $error) {
                $this->logger->error('An operation failed, and was refused alone: '.$error->getMessage(), ['exception' => $error]);
                $result = Result::failed($ids[$i], $now->revision);
            }
            $results[] = $result;
            $remembered[$result->id] = $result->kept();
        }
        try {
            $answer = PlanAnswer::of($plan, $inHand);
        } catch (\Throwable $error) {
            // One of them made a plan that cannot be worked out: it is looked for, and refused alone.
            return $isWorkedOut ? throw $error : $this->make($id, $stored, $before[0], $message, $before[1], $inHand, true);
        }
        $isChanged = $now->revision > $stored->revision;
        $now = $now->remembering(\array_slice($remembered, -max(self::REMEMBERED, $end), null, true));
        if (!$this->plans->write($id, [...$states, $now], $isChanged ? $answer->onShelf() : null)) {
            return null;
        }
        if ($isChanged) {
            $this->versions->thinOut($id, $now);
        }

        return new Saved($now, $answer, $results);
    }
}
