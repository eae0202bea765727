<?php

declare(strict_types=1);

namespace Alternum\Server\Controller;

use Alternum\Core\Analysis;
use Alternum\Core\Change\Search\Weights;
use Alternum\Core\Colour\Picture;
use Alternum\Core\Edit\EditKinds;
use Alternum\Core\Edit\HelixCosts;
use Alternum\Core\Edit\Pasted;
use Alternum\Core\Exchange\BestWriter;
use Alternum\Core\Exchange\ChangeWriter;
use Alternum\Core\Exchange\FitWriter;
use Alternum\Core\Exchange\LookWriter;
use Alternum\Core\Exchange\PatternDocumentWriter;
use Alternum\Core\Exchange\PlanAnswer;
use Alternum\Core\Exchange\PlanReader;
use Alternum\Core\Exchange\ReadingWriter;
use Alternum\Core\Exchange\StepsWriter;
use Alternum\Core\Exchange\ToyWriter;
use Alternum\Core\Exchange\WhatIsMissing;
use Alternum\Core\Exchange\WhatIsNeeded;
use Alternum\Core\Exchange\WrittenPattern;
use Alternum\Core\Making\StripeFits;
use Alternum\Core\Notation\LineMeanings;
use Alternum\Core\Notation\PieceReading;
use Alternum\Core\Notation\Vocabulary;
use Alternum\Core\Notation\WorkedInto;
use Alternum\Core\Place\Change;
use Alternum\Core\Plan\Format\Fields;
use Alternum\Core\Plan\Format\InvalidFields;
use Alternum\Core\Plan\Format\Json;
use Alternum\Core\Plan\Layer\Helix;
use Alternum\Core\Plan\Layer\RoundRange;
use Alternum\Core\Plan\Layer\Stripe;
use Alternum\Core\Plan\Limits;
use Alternum\Core\Plan\Plan;
use Alternum\Core\Plan\Problem;
use Alternum\Server\Http\Heavy;
use Alternum\Server\Http\PlanResponse;
use Alternum\Server\Picture\PictureFile;
use Alternum\Server\Repository\SavedPlans;
use Alternum\Server\Security\Needs;
use Alternum\Server\Security\Role;
use Alternum\Server\Security\WorkshopUser;
use Symfony\Component\HttpFoundation\JsonResponse;
use Symfony\Component\HttpFoundation\Request;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\Routing\Attribute\Route;
use Symfony\Component\Security\Http\Attribute\CurrentUser;

/** What is worked out of a plan, as last saved, only when it is looked at. Nothing is saved. */
#[Route('/api/plans/{id}')]
final readonly class QuestionController
{
    public function __construct(private SavedPlans $plans)
    {
    }

    /** What is understood of a pasted pattern. */
    #[Route('/reading', methods: 'POST')]
    #[Heavy]
    #[Needs(Role::Read)]
    public function reading(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $fields = Fields::of(Json::decode($request->getContent(), 'pattern', Json::MESSAGE_BYTES));
        $text = $fields->text('text', Limits::PASTED);
        $fields->done();

        return new JsonResponse(ReadingWriter::pasted(Pasted::of($text, $plan), $plan));
    }

    /** What an edit would make of a piece, before it is made. */
    #[Route('/comes', methods: 'POST')]
    #[Heavy]
    #[Needs(Role::Read)]
    public function comes(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $fields = Fields::of(Json::decode($request->getContent(), 'edit', Json::MESSAGE_BYTES));
        $piece = $fields->text('piece', 40);
        $edit = EditKinds::read($fields->raw('edit'), 'edit');
        $fields->done();

        return PlanResponse::comes(PlanAnswer::of($edit->apply($plan), $piece), $piece);
    }

    /** What a stitch is worked into, in the plan's words. */
    #[Route('/stitch', methods: 'GET')]
    public function stitch(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $piece = $plan->piece($request->query->getString('piece')) ?? throw new NotFoundHttpException();
        $round = PieceReading::of($plan, $piece)->rounds[$request->query->getInt('round') - 1] ?? throw new NotFoundHttpException();
        $into = WorkedInto::of($round, $request->query->getInt('stitch')) ?? throw new NotFoundHttpException();

        return new JsonResponse(['says' => $into->inWords($round, Vocabulary::of($plan->terms))]);
    }

    /** What the stretches of a typed line were taken for. */
    #[Route('/meanings', methods: 'GET')]
    public function meanings(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $piece = $plan->piece($request->query->getString('piece')) ?? throw new NotFoundHttpException();

        // A line that is still to be saved means nothing yet.
        return new JsonResponse(ReadingWriter::meanings(LineMeanings::of($plan, $piece, $request->query->getInt('line')), $plan->terms));
    }

    /** The piece written out to be worked from. */
    #[Route('/steps', methods: 'GET')]
    #[Heavy]
    public function steps(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $piece = Analysis::of($plan)->piece($request->query->getString('piece')) ?? throw new NotFoundHttpException();

        return new JsonResponse(StepsWriter::values($plan, $piece, $plan->terms, $request->query->getInt('group'), $request->query->getInt('after')));
    }

    /** The written pattern, to be printed. */
    #[Route('/pattern', methods: 'GET')]
    #[Heavy]
    public function pattern(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $plan = $this->plan($user, $id);

        return new JsonResponse(PatternDocumentWriter::values($plan, WrittenPattern::document(Analysis::of($plan), $plan->terms)));
    }

    /** What the plan needs: size, materials, gauge, techniques, words; and how its pieces come together. */
    #[Route('/needed', methods: 'GET')]
    #[Heavy]
    public function needed(#[CurrentUser] WorkshopUser $user, string $id): Response
    {
        $plan = $this->plan($user, $id);

        $analysis = Analysis::of($plan);

        return new JsonResponse([
            'needed' => (new WhatIsNeeded($analysis, $plan->terms))->values(),
            'order' => ToyWriter::order($analysis, $plan->terms),
            'missing' => WhatIsMissing::of($analysis),
        ]);
    }

    /** The colour changes within a round. */
    #[Route('/changes', methods: 'GET')]
    #[Heavy]
    public function changes(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $piece = Analysis::ofPiece($plan, $request->query->getString('piece')) ?? throw new NotFoundHttpException();
        $round = $request->query->getInt('round');
        $writer = ChangeWriter::of($plan, $piece);
        $within = array_filter($piece->changes->all, static fn (Change $change): bool => $change->place->isWithin() && $round === $change->place->round);

        return new JsonResponse(['changes' => array_map($writer->values(...), array_values($within))]);
    }

    /** The best plans of changes, against the present one. */
    #[Route('/best', methods: 'GET')]
    #[Heavy]
    public function best(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $piece = $plan->piece($request->query->getString('piece')) ?? throw new NotFoundHttpException();

        $own = null;
        if ($request->query->has('weights')) {
            $fields = Fields::of(Json::decode($request->query->getString('weights'), 'weights', 200));
            $own = Weights::read($fields);
            $fields->done();
        }

        return new JsonResponse(['best' => BestWriter::values($plan, $piece->key, $own)]);
    }

    /** Heights of stripes that come out even. */
    #[Route('/fits', methods: 'GET')]
    #[Heavy]
    public function fits(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $piece = Analysis::ofPiece($plan, $request->query->getString('piece')) ?? throw new NotFoundHttpException();
        $range = new RoundRange($request->query->getInt('from'), $request->query->getInt('to'));
        $sequence = Stripe::sequence($request->query->getString('sequence')) ?? throw new NotFoundHttpException();

        return new JsonResponse(['fits' => FitWriter::values((new StripeFits(
            $plan,
            $piece->piece,
            $piece->stages->frame,
            $piece->placing->placed,
        ))->on($range, $sequence))]);
    }

    /** What the jog after a round looks like from near, by each method that fits there. */
    #[Route('/looks', methods: 'GET')]
    #[Heavy]
    public function looks(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $piece = Analysis::ofPiece($plan, $request->query->getString('piece')) ?? throw new NotFoundHttpException();
        $round = $request->query->getInt('round');
        foreach ($piece->changes->jogs() as $jog) {
            if ($round === $jog->place->treated) {
                return new JsonResponse(['looks' => LookWriter::values($plan, $piece->stages, $jog)]);
            }
        }

        throw new NotFoundHttpException();
    }

    /** What several yarns in one spiral cost, against stripes of one round. */
    #[Route('/helix', methods: 'GET')]
    #[Heavy]
    public function helix(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $piece = $plan->piece($request->query->getString('piece')) ?? throw new NotFoundHttpException();
        $yarns = str_split($request->query->getString('yarns'));
        if (\count($yarns) < 2 || \count($yarns) > Helix::MOST) {
            throw new NotFoundHttpException();
        }
        $costs = HelixCosts::of($plan, $piece, new Helix($request->query->getInt('from'), $request->query->getInt('to'), $yarns));

        return new JsonResponse($costs->values());
    }

    /** The rows of a motif that a picture or a table becomes, in the plan's yarns. */
    #[Route('/picture', methods: 'POST')]
    #[Heavy]
    #[Needs(Role::Read)]
    public function picture(#[CurrentUser] WorkshopUser $user, string $id, Request $request): Response
    {
        $plan = $this->plan($user, $id);
        $fields = Fields::of(Json::decode($request->getContent(), 'picture', Json::MESSAGE_BYTES));
        $isPng = 'png' === $fields->raw('kind');
        $data = $fields->text('data', Json::MESSAGE_BYTES);
        $wide = $fields->whole('wide', 1, Limits::MOTIF, 20);
        $piece = $fields->has('piece') ? $plan->piece($fields->text('piece', 40)) : null;
        $fields->done();
        $gauge = null === $piece ? $plan->gauge : $plan->gaugeOf($piece);
        $rows = $isPng ? Picture::rows(PictureFile::pixels((string) base64_decode($data, true)), $plan, $wide, $gauge) : Picture::table($data, $plan);
        if ($rows instanceof Problem) {
            throw InvalidFields::because('data', $rows->message);
        }

        return new JsonResponse(['rows' => $rows]);
    }

    private function plan(WorkshopUser $user, string $id): Plan
    {
        return PlanReader::json($this->plans->state($user->workshop, $id)->body);
    }
}
