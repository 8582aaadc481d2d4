<?php

declare(strict_types=1);

use App\Models\ClueProgress;
use App\Models\Progress;
use App\Models\Role;
use App\Models\Tap;
use Illuminate\Routing\Route as RegisteredRoute;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;

/** Words that only clue 1 and the picture hold. */
const SECRETS = [
    'Casting off', 'Slack water', 'Beam', 'Blade', 'Wake four', 't-beam', 'u-beam', 'Pier Lantern', 'Slow Propeller', 'We begin with',
    'cut:hst', '3⅞', '3½',
];

/** Addresses that are public or a person's own and cannot lead to a clue. */
const OUTSIDE = ['sign-out', 'account', 'up', 'storage/{path}'];

/** @return list<array{string, string}> method and address of every route, filled in with what is really there */
function everyAddress(string $project, string $slug, string $code): array
{
    $addresses = [];
    foreach (Route::getRoutes() as $route) {
        /** @var RegisteredRoute $route */
        if (in_array($route->uri(), OUTSIDE, true)) {
            continue;
        }
        foreach (array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $method) {
            $uri = str_replace(
                [
                    '{project}',
                    '{quiltAlong}',
                    '{number}',
                    '{code}',
                    '{token}',
                    '{email}',
                    '{post}',
                    '{slot}',
                    '{block}',
                    '{unit}',
                    '{membership}',
                    '{helperInvitation}',
                    '{picture}',
                    '{feed}',
                    '{correction}',
                    '{clue}',
                    '{deed}',
                    '{remark}',
                ],
                [
                    $project,
                    $slug,
                    '1',
                    $code,
                    'token',
                    'new@rivers.example',
                    '1',
                    'f-harbour',
                    'b-lantern',
                    'u-beam',
                    '1',
                    '1',
                    str_repeat('a', 64),
                    str_repeat('f', 40),
                    '1',
                    'k-casting-off',
                    '1',
                    '1',
                ],
                $route->uri(),
            );
            expect($uri)->not->toContain('{');
            $addresses[] = [$method, '/'.ltrim($uri, '/')];
        }
    }

    return $addresses;
}

beforeEach(function (): void {
    config(['dew.limits' => array_map(fn (): int => 10_000, config('dew.limits'))]);
});

it('keeps a clue before its hour out of every address there is', function (string $who, callable $hide): void {
    $quiltAlong = $this->quiltAlong();
    $hide($this->clue($quiltAlong, 1));
    $project = $this->project($quiltAlong);
    $project->update(['feed_key' => str_repeat('f', 40)]);
    if ($who === 'member') {
        $this->actingAs($project->user);
    } elseif ($who === 'stranger') {
        $this->actingAs($this->project($this->quiltAlong())->user);
    }
    $addresses = everyAddress($project->id, $quiltAlong->slug, $quiltAlong->invitations()->firstOrFail()->code);
    expect(count($addresses))->toBeGreaterThan(35);

    foreach ($addresses as [$method, $address]) {
        foreach (['text/html', 'application/json'] as $accept) {
            // What is asked must not hold the words that are looked for: a redirect repeats the address it came from.
            $asked = $method === 'GET' ? ['size' => 's-throw'] : [
                'size' => 's-throw',
                'task' => 't-beam',
                'counter' => 'sewn',
                'kind' => $method === 'PUT' ? 'hst' : 'add',
                'amount' => 1,
                'id' => (string) Str::uuid(),
                'method' => 'hst:eight',
                'code' => 'NOSUCHCODE',
            ];
            $response = $this->call($method, $address, $asked, server: ['HTTP_ACCEPT' => $accept]);
            expect($response->status())->not->toBe(500, "$method $address");
            foreach (SECRETS as $secret) {
                expect(str_contains((string) $response->getContent(), $secret))->toBeFalse(
                    "$who $method $address ($accept) gives away \"$secret\"",
                );
            }
        }
    }
    expect(Tap::query()->count())->toBe(0)
        ->and(Progress::query()->count())->toBe(0)
        ->and(ClueProgress::query()->count())->toBe(0);
})->with(['guest', 'member', 'stranger'])->with([
    'draft' => [fn ($clue) => null],
    'one minute early' => [fn ($clue) => $clue->forceFill(['release_at' => now()->addMinute(), 'zone' => 'America/New_York'])->save()],
    'withdrawn' => [
        fn ($clue) => $clue->forceFill(['release_at' => now()->subDay(), 'zone' => 'America/New_York', 'withdrawn_at' => now()])->save(),
    ],
]);

it('finds those very words once the clue is open, so the search above can fail', function (): void {
    $quiltAlong = $this->quiltAlong();
    $project = $this->project($quiltAlong);
    $this->release($quiltAlong);
    $page = (string) $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertOk()->getContent();
    foreach (['Casting off', 'Beam', 'Blade', 'Wake four', 't-beam', 'We begin with', 'cut:hst', '3⅞', '3½'] as $word) {
        expect($page)->toContain($word);
    }
    $owner = $this->person($quiltAlong, Role::Owner);
    $this->actingAs($owner)->get("/host/{$quiltAlong->slug}/design")->assertSee('Pier Lantern')->assertSee('Slow Propeller');
});

it('answers for a clue to come as for a clue that does not exist', function (): void {
    $quiltAlong = $this->quiltAlong();
    $project = $this->project($quiltAlong);
    $this->actingAs($project->user);
    foreach (['text/html', 'application/json'] as $accept) {
        $coming = $this->get("/q/{$project->id}/clues/1", ['Accept' => $accept]);
        $none = $this->get("/q/{$project->id}/clues/99", ['Accept' => $accept]);
        expect($coming->status())->toBe(404)
            ->and($none->status())->toBe(404)
            ->and($coming->getContent())->toBe($none->getContent());
    }
});

it('opens a clue on the minute and not before', function (): void {
    $quiltAlong = $this->quiltAlong();
    $project = $this->project($quiltAlong);
    $this->actingAs($project->user);
    $hour = now()->addDay()->startOfMinute();
    $this->clue($quiltAlong, 1)->forceFill(['release_at' => $hour, 'zone' => 'America/New_York'])->save();

    $this->travelTo($hour->subSecond());
    $this->get("/q/{$project->id}/clues/1")->assertNotFound();
    $this->travelTo($hour);
    $this->get("/q/{$project->id}/clues/1")->assertOk()->assertSee('Casting off');
});

it('shows the host side to hosts alone, and running it to owners alone', function (): void {
    $quiltAlong = $this->quiltAlong();
    $pages = ['', '/design', '/clues', '/clues/1', '/people'];
    foreach ([Role::Member, Role::Helper, Role::Owner] as $role) {
        $this->actingAs($this->person($quiltAlong, $role));
        foreach ($pages as $page) {
            $this->get("/host/{$quiltAlong->slug}$page")->assertStatus($role === Role::Member ? 404 : 200);
        }
        $this->post("/host/{$quiltAlong->slug}/clues/2/release")->assertStatus(match ($role) {
            Role::Member => 404, Role::Helper => 403, Role::Owner => 302,
        });
    }
    auth()->forgetUser();
    foreach ($pages as $page) {
        $this->get("/host/{$quiltAlong->slug}$page")->assertRedirect('/sign-in');
    }
});

it('keeps one member out of another one\'s quilt', function (): void {
    $quiltAlong = $this->quiltAlong();
    $this->release($quiltAlong);
    $hers = $this->project($quiltAlong);
    $this->actingAs($this->project($quiltAlong)->user);
    foreach (['', '/clues', '/clues/1', '/clues/1/counters', '/fabrics', '/bench', '/quilt'] as $page) {
        $this->get("/q/{$hers->id}$page")->assertNotFound();
    }
    $this->patch("/q/{$hers->id}/quilt", ['name' => 'Mine now'])->assertNotFound();
});

it('puts a policy on every route that is not public', function (): void {
    $public = [
        '/', 'register', 'sign-in', 'sign-out', 'forgot-password', 'reset-password/{token}', 'reset-password', 'join', 'join/{code}',
        'home', 'style', 'post', 'post/{post}', 'up', 'storage/{path}', 'account', 'account/password', 'account/email',
        'account/email/{email}', 'account/sessions', 'feed/{feed}', 'account/codes', 'register/sent', 'register/confirm', 'sign-in/code',
    ];
    foreach (Route::getRoutes() as $route) {
        if (in_array($route->uri(), $public, true)) {
            continue;
        }
        $middleware = $route->gatherMiddleware();
        expect($middleware)->toContain('auth')
            ->and(array_filter($middleware, fn ($name): bool => is_string($name) && str_starts_with($name, 'can:')))->not->toBeEmpty(
                $route->uri(),
            );
    }
});

it('is deaf to the test clock outside the e2e environment', function (): void {
    $quiltAlong = $this->quiltAlong();
    $project = $this->project($quiltAlong);
    $this->clue($quiltAlong, 1)->forceFill(['release_at' => now()->addYear(), 'zone' => 'America/New_York'])->save();
    $this->actingAs($project->user);
    $clock = ['X-Dew-Clock' => now()->addYears(2)->toIso8601String()];
    $this->get("/q/{$project->id}/clues/1", $clock)->assertNotFound();
    app()->detectEnvironment(fn (): string => 'e2e');
    $this->get("/q/{$project->id}/clues/1", $clock)->assertOk();
    $this->call(
        'GET',
        "/q/{$project->id}/clues/1",
        server: ['REMOTE_ADDR' => '203.0.113.9', 'HTTP_X_DEW_CLOCK' => $clock['X-Dew-Clock']],
    )->assertNotFound();
});
