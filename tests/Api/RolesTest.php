<?php

declare(strict_types=1);

namespace Alternum\Server\Tests\Api;

use Alternum\Server\Security\Needs;
use Alternum\Server\Security\Role;
use Alternum\Server\Tests\ApiTestCase;
use Alternum\Server\Tests\LetsIn;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\BrowserKit\Cookie;
use Symfony\Component\Routing\RouterInterface;

/** What somebody may do in another's workshop: read, make, edit, hold; how they are let in, and out again. */
final class RolesTest extends ApiTestCase
{
    use LetsIn;

    private const PASSWORD = 'lantern harbour mitten';
    /** The least role that each change asks for, by operations of the contract; all others only answer a question. */
    private const NEEDED = [
        'hold' => [
            'eraseWorkshop', 'replaceKey', 'endKey', 'invite', 'endInvitation', 'allow',
        ],
        'edit' => [
            'beginPlan', 'saveOperations', 'removePlan', 'restorePlan', 'archivePlan', 'unarchivePlan', 'bringKeptPlan', 'layOutDemo', 'addYarn',
            'changeYarn', 'removeYarn', 'removeMaking',
        ],
        'make' => ['beginMaking', 'bringKeptMaking', 'bringKeptRevision', 'takePlan', 'addEvents'],
    ];

    protected function setUp(): void
    {
        parent::setUp();
        $this->forgetWhatWasCounted();
    }

    /** What changes something says what it needs: nothing new can be forgotten. */
    public function testEachChangeSaysWhatItNeeds(): void
    {
        $router = self::getContainer()->get('router');
        self::assertInstanceOf(RouterInterface::class, $router);
        $seen = 0;
        foreach ($router->getRouteCollection() as $name => $route) {
            if (!str_starts_with($route->getPath(), '/api/') || [] === array_diff($route->getMethods(), ['GET', 'HEAD'])) {
                continue;
            }
            ++$seen;
            $controller = $route->getDefault('_controller');
            self::assertIsString($controller);
            [$class, $method] = explode('::', $controller);
            self::assertTrue(class_exists($class));
            $says = (new \ReflectionMethod($class, $method))->getAttributes(Needs::class);
            // Where nobody has a workshop open yet, nothing can be needed.
            $isOpen = \in_array($route->getPath(), ['/api/workshop/open', '/api/account/sign-in', '/api/account/recover'], true);
            self::assertCount($isOpen ? 0 : 1, $says, $name);
        }
        self::assertGreaterThan(30, $seen);
    }

    /** @return iterable<string, array{string}> */
    public static function roles(): iterable
    {
        foreach (Role::cases() as $role) {
            yield $role->value => [$role->value];
        }
    }

    /** Each operation of the contract, asked for by each: refused before it is looked up, or looked up. */
    #[DataProvider('roles')]
    public function testEachMayDoSoMuchAndNoMore(string $role): void
    {
        $ranks = ['read', 'make', 'edit', 'hold'];
        $this->visit($this->invited($role));
        $refused = [];
        foreach (self::contract()->operations() as $operation => [$method, $path]) {
            if (!str_starts_with($path, '/api/') || \in_array($operation, ['openWorkshop', 'signIn', 'recover'], true)) {
                continue;
            }
            if (\in_array($operation, ['eraseWorkshop', 'signOutOthers'], true) && 'hold' === $role) {
                continue;
            }
            $ids = ['{id}', '{number}', '{key}', '{piece}', '{name}', '{format}'];
            $at = str_replace($ids, ['01ARZ3NDEKTSV4RRFFQ69G5FAV', '1', 'float', 'float', 'nothing', 'json'], $path);
            $this->ask($method, $at, 'GET' === $method || 'DELETE' === $method ? null : []);
            if (403 === $this->response()->getStatusCode()) {
                $refused[] = $operation;
            }
        }
        $expected = [];
        foreach (self::NEEDED as $needed => $operations) {
            $expected = [...$expected, ...array_search($role, $ranks, true) < array_search($needed, $ranks, true) ? $operations : []];
        }
        sort($expected);
        sort($refused);
        self::assertSame($expected, $refused);
    }

    /** In earnest, on what is there: a reader's edit changes nothing, a maker's tap counts, an editor's title is taken. */
    public function testWhatIsRefusedIsNotDone(): void
    {
        [$plan] = $this->firstPlan();
        $making = self::string($this->ask('POST', "/api/plans/{$plan}/makings"), 'id');
        $owner = $this->cookie();
        $guests = array_map(fn (string $role): Cookie => $this->invited($role), ['read' => 'read', 'make' => 'make', 'edit' => 'edit']);
        $tap = ['n' => 1, 'at' => 1_764_600_000_000, 'kind' => 'worked', 'piece' => 'float', 'copy' => 1, 'round' => 1];
        $did = [];
        foreach ($guests as $role => $cookie) {
            $this->visit($cookie);
            $this->save($plan, 1, self::set(['title'], "By {$role}"));
            $did[$role][] = $this->response()->getStatusCode();
            $event = ['id' => '01KBC0000000000000000000C'.\strlen($role), 'stitch' => \strlen($role)] + $tap;
            $this->ask('POST', "/api/makings/{$making}/events", ['events' => [$event]]);
            $did[$role][] = $this->response()->getStatusCode();
            $this->ask('GET', '/api/workshop/file');
            $did[$role][] = $this->response()->getStatusCode();
        }
        self::assertSame(['read' => [403, 403, 200], 'make' => [403, 200, 200], 'edit' => [200, 200, 200]], $did);
        $this->visit($owner);
        self::assertSame('By edit', self::at($this->ask('GET', "/api/plans/{$plan}"), 'plan', 'title'));
        self::assertCount(1, (array) $this->ask('GET', "/api/makings/{$making}")['events']);
        $this->visit($guests['read']);
        $refusal = $this->save($plan, 2, self::set(['title'], 'Again'));
        self::assertSame('You may look at this workshop, and change nothing in it.', $refusal['detail']);
        self::assertSame('read', $this->response()->headers->get('Alternum-May'));
        $this->ask('GET', '/api/drawings');
        self::assertNull($this->response()->headers->get('Alternum-May'), 'what is kept for a day says nothing of today');
    }

    /** Whoever is signed in brings their account, and has both workshops; whoever is not has what the browser was let in to. */
    public function testPeopleComeAndGo(): void
    {
        [$plan] = $this->firstPlan();
        $this->account('Rosa');
        $rosa = $this->cookie();
        $secret = self::string($this->ask('POST', '/api/workshop/invitations', ['role' => 'make']), 'secret');
        $this->openWorkshop();
        $this->account('Uwe');
        $this->ask('POST', '/api/workshop/open', ['secret' => $secret]);
        $this->ask('GET', "/api/plans/{$plan}");
        $this->assertStatus(200);
        $uwe = $this->cookie();
        $here = (array) $this->ask('GET', '/api/workshop');
        self::assertSame([['make', ['Rosa']], ['hold', ['Uwe']]], $this->workshops($here));
        self::assertSame([], self::at($here, 'accounts', 'invitations'));
        self::assertCount(1, (array) $here['browsers'], 'who does not hold it sees no other’s browsers');

        $this->visit($rosa);
        $seen = (array) $this->ask('GET', '/api/workshop');
        self::assertSame(['Uwe' => 'make', 'Rosa' => 'hold'], array_column((array) $seen['browsers'], 'role', 'person'));
        $people = self::at($seen, 'accounts', 'people');
        self::assertIsArray($people);
        [$rosas, $uwes] = array_map(static fn (string $name): string => self::string(array_column($people, 'id', 'name'), $name), ['Rosa', 'Uwe']);
        self::assertSame(['Rosa' => 'hold', 'Uwe' => 'make'], array_column($people, 'role', 'name'));
        // The one who holds it can neither do less nor go.
        $this->ask('PUT', "/api/workshop/people/{$rosas}", ['role' => 'edit']);
        $this->assertStatus(409);
        $this->ask('DELETE', "/api/workshop/people/{$rosas}");
        $this->assertStatus(409);
        // More, and less, at once.
        $this->visit($uwe);
        $this->save($plan, 1, self::set(['title'], 'Not yet'));
        $this->assertStatus(403);
        $this->ask('DELETE', "/api/workshop/people/{$rosas}");
        $this->assertStatus(404);
        $this->visit($rosa);
        $this->ask('PUT', "/api/workshop/people/{$uwes}", ['role' => 'edit']);
        $this->assertStatus(204);
        $this->visit($uwe);
        $this->save($plan, 1, self::set(['title'], 'By Uwe'));
        $this->assertStatus(200);
        $this->visit($rosa);
        $this->ask('DELETE', "/api/workshop/people/{$uwes}");
        $this->assertStatus(204);
        $this->visit($uwe);
        $this->ask('GET', "/api/plans/{$plan}");
        $this->assertStatus(401);
        $this->ask('POST', '/api/account/sign-in', ['name' => 'Uwe', 'password' => self::PASSWORD]);
        self::assertSame([['hold', ['Uwe']]], $this->workshops($this->ask('GET', '/api/workshop')));
        $this->ask('GET', "/api/plans/{$plan}");
        $this->assertStatus(404);
    }

    private function account(string $name): void
    {
        $this->ask('POST', '/api/account', ['name' => $name, 'password' => self::PASSWORD]);
        $this->assertStatus(201);
    }

    /**
     * @param array<string, mixed> $about
     *
     * @return list<array{mixed, mixed}> role and holders
     */
    private function workshops(array $about): array
    {
        $workshops = self::at($about, 'accounts', 'workshops');
        self::assertIsArray($workshops);

        return array_values(array_map(static fn (mixed $one): array => \is_array($one) ? [$one['role'], $one['holders']] : [null, null], $workshops));
    }
}
