<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Analysis;
use Alternum\Core\Exchange\ForecastWriter;
use Alternum\Core\Exchange\GuideDifference;
use Alternum\Core\Exchange\GuidedToyWriter;
use Alternum\Core\Exchange\GuideWriter;
use Alternum\Core\Exchange\JournalFile;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Making\Journal\Event;
use Alternum\Core\Making\Journal\EventKind;
use Alternum\Core\Making\Journal\Journal;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Server\Entity\Making;
use Alternum\Server\Http\Heavy;
use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Http\ProblemResponse;
use Alternum\Server\Repository\Makings;
use Alternum\Server\Repository\SavedPlans;
use Alternum\Server\Security\Needs;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopUser;
use Alternum\Server\Shelf\BringingIn;
use Alternum\Server\Shelf\Quota;
use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;
use Symfony\Component\Uid\Ulid;

/** Toys that are being made: what to do, stop by stop, and the journal of what was done. */
#[Route('/api')]
final readonly class MakingController
{
    /** What a page that was kept on a phone has to understand: one more wherever an older one could not go on. */
    private const SPEAKS = 2;

    public function __construct(private Makings $makings, private SavedPlans $plans, private EntityManagerInterface $entities)
    {
    }

    #[Route('/makings', methods: 'GET')]
    public function all(#[CurrentUser] WorkshopUser $user): Response
    {
        return $this->listed($user->workshop, null);
    }

    #[Route('/plans/{id}/makings', methods: 'GET')]
    public function ofPlan(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        return $this->listed($user->workshop, $this->plans->get($user->workshop, $id)->id());
    }

    #[Route('/plans/{id}/makings', methods: 'POST')]
    #[Heavy]
    #[Needs(Role::Make)]
    public function begin(#[CurrentUser] WorkshopUser $user, string $id, Quota $quota, ClockInterface $clock): Response
    {
        $quota->anotherMaking($user->workshop);
        $plan = $this->plans->get($user->workshop, $id);
        $stored = $this->plans->state($user->workshop, $id);
        $analysis = Analysis::of(PlanReader::json($stored->body));
        $making = new Making(
            workshop: $plan->workshop(), plan: $plan, revision: $stored->revision, body: $stored->body, counts: GuidedToyWriter::counts($analysis),
            begunAt: $clock->now(),
        );
        $this->entities->persist($making);
        $this->entities->flush();

        return $this->opened($making, $analysis, $stored->revision, Response::HTTP_CREATED);
    }

    /** One that a workshop file kept, as it was begun; what was done comes after it, as events. */
    #[Route('/plans/{id}/makings/kept', methods: 'POST')]
    #[Heavy]
    #[Needs(Role::Make)]
    public function kept(#[CurrentUser] WorkshopUser $user, string $id, Request $request, Quota $quota): Response
    {
        $plan = $this->plans->get($user->workshop, $id);
        [$revision, $body, $begunAt] = BringingIn::making($request->getContent());
        $quota->anotherMaking($user->workshop);
        $counts = GuidedToyWriter::counts(Analysis::of(PlanReader::json($body)));
        $making = new Making(workshop: $plan->workshop(), plan: $plan, revision: $revision, body: $body, counts: $counts, begunAt: $begunAt);
        $this->entities->persist($making);
        $this->entities->flush();

        return new JsonResponse(['id' => $making->id->toBase32()], Response::HTTP_CREATED);
    }

    /** A later revision that it followed: the event that says so may come before or after it. */
    #[Route('/makings/{id}/kept', methods: 'POST')]
    #[Needs(Role::Make)]
    public function keptLater(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $making = $this->makings->get($user->workshop, $id);
        [$revision, $body] = BringingIn::making($request->getContent());
        $this->makings->keep($making, $revision, $body);

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    #[Route('/makings/{id}', methods: 'GET')]
    #[Heavy]
    public function open(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $making = $this->makings->get($user->workshop, $id);
        [, $revision] = $this->makings->state($user->workshop, $id);

        return $this->opened($making, $this->followed($making, $this->journalOf($making)), $revision);
    }

    /** What would be made otherwise by the plan as it is now. */
    #[Route('/makings/{id}/difference', methods: 'GET')]
    #[Heavy]
    public function difference(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $making = $this->makings->get($user->workshop, $id);
        $stored = $this->plans->state($user->workshop, $making->plan->id()->toBase32());

        return new JsonResponse([
            'revision' => $stored->revision,
            'says' => GuideDifference::between($this->followed($making, $this->journalOf($making)), Analysis::of(PlanReader::json($stored->body))),
        ]);
    }

    /** Follows the plan as it is now: from the next round or copy on, or never. */
    #[Route('/makings/{id}/plan', methods: 'POST')]
    #[Heavy]
    #[Needs(Role::Make)]
    public function take(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $making = $this->makings->get($user->workshop, $id);
        $event = Event::json($request->getContent());
        $stored = $this->plans->state($user->workshop, $making->plan->id()->toBase32());
        if (EventKind::Took !== $event->kind || $stored->revision !== $event->whole('revision')) {
            return ProblemResponse::of(
                Response::HTTP_PRECONDITION_FAILED,
                'The plan was changed once more meanwhile.',
                'Look at what is otherwise now, and choose again.',
            );
        }
        $this->makings->keep($making, $stored->revision, $stored->body);
        $this->makings->add($making->id, [$event]);
        $journal = $this->journalOf($making);
        $followed = $this->followed($making, $journal);
        $this->makings->recount($making, $journal->progress()->counts($making->counts, GuidedToyWriter::counts($followed)));

        return $this->opened($making, $followed, $stored->revision);
    }

    #[Route('/makings/{id}', methods: 'DELETE')]
    #[Needs(Role::Edit)]
    public function remove(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $this->entities->remove($this->makings->get($user->workshop, $id));
        $this->entities->flush();

        return new Response(null, Response::HTTP_NO_CONTENT);
    }

    #[Route('/makings/{id}/guides/{piece}', methods: 'GET')]
    #[Heavy]
    public function guide(#[CurrentUser] WorkshopUser $user, string $id, string $piece, Request $request): Response
    {
        $plan = PlanReader::json($this->makings->body($this->makings->get($user->workshop, $id), $request->query->getInt('revision')));
        $analysis = Analysis::of($plan)->piece($piece) ?? throw new NotFoundHttpException();

        return new JsonResponse(GuideWriter::piece(
            $plan,
            $analysis,
            $request->query->getInt('group'),
            max(0, $request->query->getInt('after')),
            GuideWriter::MOST,
        ));
    }

    /** What other devices did. Asked every second or so by a page that is looked at: two short look-ups, and nobody is kept waiting for it. */
    #[Route('/makings/{id}/events', methods: 'GET')]
    public function events(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        return $this->happened($user, $id, $request->query->getInt('since'));
    }

    #[Route('/makings/{id}/events', methods: 'POST')]
    #[Needs(Role::Make)]
    public function add(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        // Whether it is there comes before what is said of it; the plan that it is made from is not read for a tap.
        $this->makings->state($user->workshop, $id);
        $fields = Fields::of(Json::decode($request->getContent(), 'events', Json::MESSAGE_BYTES));
        $events = $fields->objects('events', 1, 500, Event::read(...));
        $fields->done();
        $this->makings->add(Ulid::fromString($id), $events);

        return $this->happened($user, $id, $request->query->getInt('since'));
    }

    /** When it will be done at the maker's pace, and whether the yarn lasts. */
    #[Route('/makings/{id}/forecast', methods: 'GET')]
    #[Heavy]
    public function forecast(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $making = $this->makings->get($user->workshop, $id);
        $journal = $this->journalOf($making);

        return new JsonResponse(ForecastWriter::values($this->followed($making, $journal), $journal));
    }

    #[Route('/makings/{id}/journal', methods: 'GET')]
    public function journal(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $making = $this->makings->get($user->workshop, $id);
        $title = PlanReader::json($making->body)->title;
        $journal = $this->journalOf($making);

        return PlanResponse::download(
            JournalFile::write($journal, $title, $making->id->toBase32(), $making->revision),
            $title,
            JournalFile::ENDING,
            'text/plain; charset=utf-8',
        );
    }

    private function journalOf(Making $making): Journal
    {
        return Journal::of($this->makings->journal($making->id));
    }

    /** The plan as what is begun next is made from it. */
    private function followed(Making $making, Journal $journal): Analysis
    {
        return Analysis::of(PlanReader::json($this->makings->body($making, $journal->progress()->revision)));
    }

    private function happened(WorkshopUser $user, string $id, int $since): Response
    {
        [$count, $revision] = $this->makings->state($user->workshop, $id);
        $events = $count > $since ? $this->makings->events(Ulid::fromString($id), $since) : [];
        $around = Json::encode(['next' => $since + \count($events), 'planRevision' => $revision, 'speaks' => self::SPEAKS]);

        return JsonResponse::fromJsonString(substr($around, 0, -1).',"events":['.implode(',', $events).']}');
    }

    private function opened(Making $making, Analysis $analysis, int $planRevision, int $status = Response::HTTP_OK): Response
    {
        $events = $this->makings->events($making->id, 0);
        $around = Json::encode([
            'id' => $making->id->toBase32(),
            'plan' => $making->plan->id()->toBase32(),
            'revision' => $making->revision,
            'planRevision' => $planRevision,
            'begunAt' => PlanResponse::time($making->begunAt),
            'toy' => GuidedToyWriter::values($analysis),
            'next' => \count($events),
            'speaks' => self::SPEAKS,
        ]);

        return JsonResponse::fromJsonString(substr($around, 0, -1).',"events":['.implode(',', $events).']}', $status);
    }

    private function listed(Ulid $workshop, ?Ulid $plan): Response
    {
        return new JsonResponse(['makings' => array_map(function (array $making): array {
            $summary = $this->makings->summary($making['id'], $making['events'], $making['counts']);
            $place = $summary->place;

            return [
                'id' => $making['id']->toBase32(),
                'plan' => $making['plan']->toBase32(),
                'title' => $making['title'],
                'begunAt' => PlanResponse::time($making['begunAt']),
                'touchedAt' => PlanResponse::time($making['touchedAt']),
                'worked' => $summary->worked,
                'of' => array_sum(array_map(array_sum(...), $making['counts'])),
                'inHand' => null === $place
                    ? null
                    : ['piece' => $summary->piece, 'copy' => $summary->copy, 'round' => $place->round, 'stitch' => $place->stitch],
            ];
        }, $this->makings->of($workshop, $plan))]);
    }
}
