<?php

declare(strict_types=1);

use App\Models\ClueProgress;
use App\Models\Progress;
use App\Models\Role;
use App\Models\Tap;
use Illuminate\Support\Str;

/** Words that only clue 1 and the picture hold. */
const SECRETS = [
    'Casting off', 'Slack water', 'Beam', 'Blade', 'Wake four', 't-beam', 'u-beam', 'Pier Lantern', 'Slow Propeller', 'We begin with',
    'cut:hst', '3⅞', '3½',
];

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

/** Marks that stand in every part of every clue but the first: words, a length and a count that nothing else has. */
const PLANTED = ['ZQ', '7 5/16', '7⁵⁄₁₆', '7 5⁄16', '7.3125', '18.6', '937'];

/** @return array<string, mixed> Night Ferry with a mark in every part of every clue but the first */
function planted(): array
{
    $document = json_decode(Tests\TestCase::document(), true);
    $document['blocks'][1]['name'] = 'ZQ block';
    $document['units'][3]['name'] = 'ZQ unit';
    // Copies made ahead for a block do not name it.
    array_splice($document['clues'][0]['tasks'], 2, 1, [
        ['id' => 't-wake', 'unit' => 'u-wake', 'for' => 'b-lantern'], ['id' => 't-wake-more', 'unit' => 'u-wake', 'for' => 'b-propeller'],
    ]);
    foreach ($document['clues'] as $number => $clue) {
        if ($number === 0) {
            continue;
        }
        $hash = hash('sha256', "ZQ$number");
        $document['clues'][$number] = [
            'title' => "ZQ title $number", 'introduction' => "ZQ opening $number", 'closing' => 'ZQ closing', 'recap' => 'ZQ recap',
            'notes' => [
                ['id' => 'n-a', 'size' => 's-throw', 'text' => 'ZQ note'],
                ['id' => 'n-b', 'colourway' => 'c-last-boat', 'text' => 'ZQ too'],
            ],
            'pictures' => [['id' => 'p-a', 'picture' => $hash, 'text' => 'ZQ picture']],
            'link' => ['address' => 'https://zq.example/ZQ', 'text' => 'ZQ link'],
            'tools' => [['id' => 'o-a', 'name' => 'ZQ tool', 'at_least' => '7 5/16']],
            'machine' => [
                ['id' => 'm-a', 'stage' => 'ZQ stage', 'needle' => 'ZQ needle', 'stitch' => 'ZQ', 'foot' => 'ZQ', 'thread' => 'ZQ'],
            ],
            'cautions' => ['spray'],
            'minutes' => $clue['minutes'],
            'tasks' => [
                ...array_map(fn (array $task): array => ['name' => 'ZQ task'] + $task, $clue['tasks']),
                ['id' => "t-own-$number", 'name' => 'ZQ own', 'own' => 'ZQ words', 'minutes' => 1, 'count' => 937],
            ],
            'steps' => [['id' => 'x-a', 'task' => "t-own-$number", 'what' => 'add', 'text' => 'ZQ step']],
        ] + $clue;
    }

    return $document;
}

it('lets no marked word, length or count of a clue to come, or of one taken back, out of any page, feed, file or mail', function (): void {
    config(['mail.default' => 'tray']);
    $quilt = App\Models\QuiltAlong::factory()->create();
    $publish = fn (array $document, array $words = []) => app(App\Actions\Host\PublishDesign::class)(
        $quilt, (string) json_encode($document), [], $words,
    );
    $publish(planted());
    $quilt->invitations()->create(['code' => 'PLANTED1']);
    $this->release($quilt, 1);
    $this->release($quilt, 2);
    $projects = [$this->project($quilt), $this->project($quilt, 's-queen')];
    foreach ($projects as $index => $project) {
        $project->update(['feed_key' => str_repeat(['f', 'g'][$index], 40)]);
    }
    $this->tap($projects[0], ['task' => 't-own-1', 'counter' => 'trimmed', 'amount' => 3], 2)->assertOk();
    $this->tap($projects[0], ['amount' => 5])->assertOk();
    // Corrected, written for both clues, and then the second is taken back before a mail goes out.
    $changed = planted();
    $changed['sizes'][1]['columns'] = 6;
    $changed['clues'][1]['tasks'][0]['count'] = 936;
    $publish($changed, [1 => 'Clue 1 was wrong.', 2 => 'ZQ correction']);
    $this->clue($quilt, 2)->forceFill(['withdrawn_at' => now()])->save();
    $this->clue($quilt, 3)->forceFill(['release_at' => now()->addMinute(), 'zone' => 'UTC'])->save();
    $this->clue($quilt, 4)->forceFill(['about' => 'in a week or two', 'about_date' => now()->addWeek()])->save();
    $this->artisan('dew:announce-releases')->assertSuccessful();
    (new App\Jobs\SendNotices)->handle();
    $marks = App\Models\CorrectionMark::query()->pluck('id')->all();
    expect(count($marks))->toBeGreaterThan(2)->and(App\Models\Post::query()->count())->toBeGreaterThan(1);
    $texts = ['mails' => json_encode(App\Models\Post::query()->get(['subject', 'html', 'text'])->all(), JSON_UNESCAPED_UNICODE)];
    foreach ([null, $projects[0]->user, $projects[1]->user, $this->project($this->quiltAlong())->user] as $who => $person) {
        $person === null ? auth()->logout() : $this->actingAs($person->fresh());
        foreach ($projects as $project) {
            foreach (everyAddress($project->id, $quilt->slug, 'PLANTED1') as [$method, $address]) {
                if ($method !== 'GET') {
                    continue;
                }
                $several = array_map(fn (string $to): string => str_replace('/clues/1', "/clues/$to", $address), ['1', '2', '3', '4', '8']);
                foreach (array_unique([...$several, str_replace('/'.str_repeat('a', 64), '/'.hash('sha256', 'ZQ2'), $address)]) as $to) {
                    $texts["$who $to"] = (string) $this->get($to)->getContent();
                }
            }
            foreach (['f', 'g'] as $key) {
                $texts["$who feed $key"] = (string) $this->get('/feed/'.str_repeat($key, 40))->getContent();
            }
            foreach ($marks as $mark) {
                $texts["$who mark $mark"] = (string) $this->followingRedirects()->put("/q/{$project->id}/corrections/$mark")->getContent();
            }
        }
    }
    expect(count($texts))->toBeGreaterThan(200);
    foreach ($texts as $where => $text) {
        foreach (PLANTED as $mark) {
            // The count is looked for in what can be read: coordinates of drawings, and marks of plans, hold any digits.
            $gives = $mark === '937'
                ? preg_match('/\b937\b/', (string) preg_replace('/<svg\b.*?<\/svg>/s', '', (string) $text)) === 1
                // Tokens and ids are made of any letters.
                : str_contains((string) preg_replace('/[A-Za-z0-9]{26,}/', '', (string) $text), $mark);
            expect($gives)->toBeFalse("$where gives away \"$mark\"");
        }
    }
    // The marks are found once the clue is back, so the search above can fail.
    $this->clue($quilt, 2)->forceFill(['withdrawn_at' => null])->save();
    $page = (string) $this->actingAs($projects[0]->user->fresh())->get("/q/{$projects[0]->id}/clues/2")->getContent();
    foreach (['ZQ title 1', 'ZQ opening 1', 'ZQ closing', 'ZQ recap', 'ZQ note', 'ZQ too', 'ZQ picture', 'ZQ link', 'ZQ tool', '7', 'ZQ stage', 'ZQ own',
        'ZQ words', '936', 'ZQ correction'] as $mark) {
        expect($page)->toContain($mark);
    }
});

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
