<?php

declare(strict_types=1);

use App\Models\Post;
use App\Models\Role;
use App\Models\User;
use Dew\Core\Measure\Length;
use Illuminate\Routing\Route as RegisteredRoute;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Session;
use Illuminate\Testing\TestResponse;
use Tests\TestCase;

/** Forms as they should be, by the name of their route: each field of each is then sent malformed. */
const FORMS = [
    'register' => [
        'name' => 'Mara',
        'email' => 'mara@rivers.example',
        'password' => 'seven-geese-flying',
        'password_confirmation' => 'seven-geese-flying',
    ],
    'login' => ['email' => 'mara@rivers.example', 'password' => 'seven-geese-flying', 'remember' => '1', 'code' => '123456'],
    'password.email' => ['email' => 'mara@rivers.example'],
    'password.update' => [
        'token' => 'token',
        'email' => 'mara@rivers.example',
        'password' => 'seven-geese-flying',
        'password_confirmation' => 'seven-geese-flying',
    ],
    'join.find' => ['code' => 'SALTBQX4'],
    'join.store' => [
        'size' => 's-throw',
        'colourway' => 'c-last-boat',
        'name' => 'Mine',
        'second' => '1',
        'form' => '7d4d7b1e-53c5-4f7e-9f0b-d9bd3d2b8a11',
    ],
    'login.code.store' => ['code' => '123456'],
    'account.sessions' => ['session' => 'x'],
    'account.codes.begin' => ['password' => 'wrong'],
    'account.codes.confirm' => ['code' => '123456'],
    'account.codes.end' => ['password' => 'wrong'],
    'logout' => [],
    'account.update' => ['name' => 'Mara'],
    'account.destroy' => ['password' => 'wrong'],
    'account.password' => [
        'current_password' => 'wrong',
        'password' => 'seven-geese-flying',
        'password_confirmation' => 'seven-geese-flying',
    ],
    'account.email' => ['email' => 'new@rivers.example', 'password' => 'wrong'],
    'member.taps.store' => [
        'id' => '7d4d7b1e-53c5-4f7e-9f0b-d9bd3d2b8a11',
        'kind' => 'add',
        'task' => 't-beam',
        'counter' => 'sewn',
        'amount' => '1',
        'undoes' => '7d4d7b1e-53c5-4f7e-9f0b-d9bd3d2b8a12',
        'queued' => '1',
    ],
    'member.method.update' => ['kind' => 'hst', 'method' => 'hst:four', 'oversize' => '1', 'from' => 't-beam'],
    'member.layout.store' => [
        'do' => 'swap', 'first' => '0', 'second' => '1', 'arrangement' => '0', 'revision' => '0', 'name' => 'Mine', 'other' => 'o-runner',
    ],
    'member.assembly.store' => ['method' => 'rows', 'part' => 'rows:row-1', 'sewn' => '1'],
    'member.hands.update' => ['do' => 'hand_on', 'to' => '1', 'words' => 'No time'],
    'host.hands.store' => ['size' => 's-throw'],
    'host.hands.deal' => ['to' => '1', 'due' => '2027-03-01', 'pack' => '4', 'part_1' => '1'],
    'host.hands.update' => ['do' => 'accept', 'revision' => '1', 'width' => '12 1/2', 'height' => '12 1/2', 'words' => 'Well sewn'],
    'member.quilting.store' => ['picture' => 'x'],
    'member.quilting.destroy' => [],
    'member.pressed.update' => ['task' => 't-beam', 'done' => 'open'],
    'member.turns.update' => ['block' => 'b-lantern', 'way' => 'w-other', 'from' => 't-lantern'],
    'member.swatch.update' => ['cloth' => 'Plaid', 'colour' => '#123456', 'photo' => 'x'],
    'member.swatch.destroy' => [],
    'member.project.leave' => [],
    'project.back' => [],
    'host.people.remove' => [],
    'host.people.back' => [],
    'host.versions.undo' => [],
    'member.project.update' => [
        'name' => 'Mine',
        'size_key' => 's-throw',
        'colourway_key' => 'c-last-boat',
        'notation' => 'in',
        'usable_width' => '40',
    ],
    'member.size.update' => ['size' => 's-throw'],
    'host.release.update' => ['date' => '2030-01-01', 'time' => '09:00', 'zone' => 'UTC'],
    'host.release.store' => [],
    'host.release.destroy' => [],
    'host.invitation.store' => [],
    'start.store' => [
        'name' => 'Low Tide', 'host_name' => 'Guild', 'secret' => '1', 'quilted_by_block' => '1', 'many_hands' => '1', 'pace' => 'weekly',
        'clue_word' => 'clue',
        'zone' => 'UTC', 'units' => 'in', 'seam' => '1/4', 'welcome' => 'Hello', 'may_share' => '1', 'copy_question' => 'Page 2',
        'copy_word' => 'tide',
        'from' => 'blank', 'file' => 'x',
    ],
    'host.edits.store' => [
        'id' => '7d4d7b1e-53c5-4f7e-9f0b-d9bd3d2b8a11', 'action' => 'edit', 'number' => '1',
        'edit' => '{"kind":"set","place":"title","to":"\u0001value"}',
        'value' => 'Low tide', 'view' => 'quilt', 'of' => '', 'known' => 'bar:1',
    ],
    'host.settings.update' => [
        'name' => 'Low Tide', 'host_name' => 'Guild', 'secret' => '1', 'quilted_by_block' => '1', 'many_hands' => '1', 'pace' => 'weekly',
        'clue_word' => 'clue',
        'zone' => 'UTC', 'units' => 'in', 'welcome' => 'Hello', 'copy_question' => 'Page 2', 'copy_word' => 'tide',
    ],
    'host.helpers.store' => ['email' => 'ivo@saltbox.example', 'may_edit' => '1'],
    'host.helpers.update' => ['may_test' => '1', 'may_edit' => '1'],
    'host.helpers.destroy' => [],
    'help.accept' => [],
    'member.copy.update' => ['word' => 'tide'],
    'host.pictures.store' => ['colourway' => 'c-last-boat', 'fabric' => 'f-deep', 'picture' => 'x'],
    'host.pictures.unit' => ['picture' => 'x'],
    'member.feed.store' => [],
    'member.feed.destroy' => [],
    'host.dates.update' => [
        'what' => 'rule',
        'from' => '1',
        'first' => '2031-01-04',
        'time' => '09:00',
        'zone' => 'UTC',
        'every' => '1',
        'pace' => 'weeks',
    ],
    'host.split.take' => ['clues' => '8', 'secret' => '1', 'take_0' => 'u-beam', 'all' => '1'],
    'host.library.take' => ['block' => 'b-shoofly', 'as_f-ground' => 'f-deep'],
    'host.versions.store' => ['name' => 'Second', 'reason' => 'Because', 'draft' => '0', 'say_1' => 'It was wrong.'],
    'host.pictures.clue' => ['picture' => 'x', 'shows' => 'A press'],
    'member.corrections.update' => [],
    'member.stock.store' => [
        'id' => '01jd0000000000000000000000', 'kind' => 'yardage', 'length' => '27', 'width' => '40', 'count' => '1', 'name' => 'Mine',
        'corner_width' => '2', 'corner_length' => '3', 'squared' => '1', 'zigzag' => 'peaks', 'stock' => '',
    ],
    'member.stock.update' => [
        'kind' => 'scrap', 'length' => '27', 'width' => '40', 'count' => '2', 'name' => 'Mine', 'corner_width' => '2', 'corner_length' => '3',
        'squared' => '1', 'zigzag' => 'valleys', 'stock' => 'x',
    ],
    'member.stock.read' => ['file' => 'x'],
    'member.stock.destroy' => [],
    'member.stock.back' => [],
    'member.stock.clear' => [],
    'member.stock.rules' => ['margin' => '1/2', 'variety' => '2'],
    'member.kits.store' => ['form' => '01jd0000000000000000000000', 'kit' => 'whole', 'count' => '1'],
    'member.bench.update' => [
        'widths' => '60, 60 1/4, 60', 'heights' => '60', 'diagonals' => '85, 85', 'borders' => '1, 3', 'corner' => 'straight', 'unit' => '4',
    ],
    'member.kits.destroy' => [],
    'member.kits.stock' => [],
    'host.kits.settings' => ['offered_whole' => '1', 'reserve' => '10', 'bolt' => '12'],
    'host.kits.mark' => ['order_1' => '1', 'to' => 'packed'],
    'host.kits.bolts' => ['hand_0123456789ab' => '1'],
    'host.kits.read' => ['file' => 'x'],
    'host.kits.fetch' => [],
    'host.orders.store' => [
        'name' => 'Ada', 'email' => 'ada@x.example', 'kit' => 'whole', 'size' => 's-crib', 'colourway' => 'c-last-boat', 'count' => '1',
    ],
    'member.swatch.more' => ['cloth' => 'Plaid', 'colour' => '#123456', 'photo' => 'x'],
    'member.swatch.less' => [],
    'member.swatch.mark' => ['x' => '10', 'y' => '10', 'width' => '50', 'height' => '50'],
    'member.swatch.judge' => ['judged' => 'light'],
    'member.mat.store' => ['slot' => 'f-deep', 'plan' => '0123456789abcdef', 'step' => '0-0-0', 'done' => '1'],
    'member.mat.width' => ['width' => '20'],
    'member.cutting.update' => ['aim' => 'cuts', 'hand' => 'left', 'from' => '1'],
    'host.history.undo' => [],
    'host.release.about' => ['about' => 'in a week or two', 'about_date' => '2031-01-04'],
    'host.remarks.store' => ['words' => 'Too small', 'place' => 'the whole clue', 'task' => 't-beam', 'size' => 'Throw'],
    'host.remarks.sewn' => ['size' => 'Throw', 'place' => 'Beam'],
    'host.remarks.update' => ['answer' => 'It is right now.'],
];

/** What the addresses of pages are asked with. */
const ASKED = [
    'kind',
    'grid',
    'technique',
    'difficulty',
    'seams',
    'known',
    'view',
    'of',
    'page',
    'search',
    'size',
    'state',
    'paper',
    'colourway',
    'email',
    'to',
    'length',
    'hst',
    'account',
    'from',
    'signature',
    'expires',
];

/** @return array<string, mixed> */
function malformed(): array
{
    return [
        'a list' => ['x', 'y'],
        'a tree' => ['a' => ['b' => ['c' => '1']]],
        'NUL' => "a\0b",
        'broken UTF-8' => "a\xC3\x28\xFF",
        'a hundred thousand signs' => str_repeat('x', 100_000),
        'emoji' => str_repeat('🧵', 60),
        'nothing' => '',
        'a huge number' => '99999999999999999999999999',
        'the largest number' => '9223372036854775807',
        'a number below zero' => '-9223372036854775808',
        'no number' => 'NaN',
        'quotes' => "'\"><%s%n\\';--",
    ];
}

/** Those of them that are sent to one field at a time: of another shape, no text, and beyond every limit. */
const ALONE = ['a list', 'broken UTF-8', 'the largest number'];

/** The id of cloth that she has. */
function stockRow(TestCase $test): string
{
    return ($test->project->stock()->first() ?? $test->project->stock()->create([
        'slot_key' => 'f-deep', 'kind' => 'yardage', 'length' => Length::inches(60),
    ]))->id;
}

/**
 * Every route with an address that leads somewhere.
 *
 * @return list<array{string, string, string}> method, address, name
 */
function everyRoute(TestCase $test): array
{
    $values = [
        '{project}' => $test->project->id, '{quiltAlong}' => $test->quilt->slug, '{number}' => '1', '{post}' => '1',
        '{slot}' => 'f-deep', '{stock}' => stockRow($test), '{work}' => 'borders',
        '{code}' => $test->quilt->invitations()->whereNull('revoked_at')->sole()->code, '{token}' => 'token',
        '{email}' => 'new@rivers.example',
    ];
    $routes = [];
    foreach (Route::getRoutes() as $route) {
        /** @var RegisteredRoute $route */
        foreach (array_diff($route->methods(), ['HEAD', 'OPTIONS']) as $method) {
            $routes[] = [$method, '/'.ltrim(strtr($route->uri(), $values), '/'), (string) $route->getName()];
        }
    }

    return $routes;
}

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->release($this->quilt);
    $this->person = $this->person($this->quilt, Role::Owner);
    $this->project = $this->project($this->quilt, user: $this->person);
    Post::query()->create(['addressee' => $this->person->email, 'subject' => 'S', 'html' => '<p>H</p>', 'text' => 'T']);
    config(['dew.limits' => array_map(fn (): int => 1_000_000, config('dew.limits'))]);
});

/** Sends a request and, if asked, looks at the page it leads to, on which what was entered stands again. */
function answersWell(TestCase $test, bool $signedIn, string $method, string $address, array $fields, string $what, bool $follows = false): TestResponse
{
    Session::flush();
    $signedIn ? $test->actingAs(User::query()->findOrFail($test->person->id)) : auth()->logout();
    $response = $test->from('/account')->call($method, $address, $fields);
    expect($response->getStatusCode())->toBeLessThan(500, "$method $address with $what");
    if ($follows && $response->isRedirection()) {
        $page = $test->get('/account');
        expect($page->getStatusCode())->toBeLessThan(500, "the page after $method $address with $what");
    }

    return $response;
}

it('has a form here for every route that changes something', function (): void {
    $changing = array_filter(everyRoute($this), fn (array $route): bool => $route[0] !== 'GET' && $route[2] !== '');
    $names = array_map(fn (array $route): string => $route[2], $changing);
    $unnamed = array_filter(everyRoute($this), fn (array $route): bool => $route[0] !== 'GET' && $route[2] === '');
    // Forms that stand at the address of their own page have no name of their own.
    expect(array_values(array_diff($names, array_keys(FORMS))))->toBe([])
        ->and(array_map(fn (array $route): string => $route[1], array_values($unnamed)))->toBe(['/register', '/sign-in']);
});

it('answers whatever a field of a form holds without breaking', function (string $name, bool $signedIn): void {
    [$method, $address] = ['POST', ['register' => '/register', 'login' => '/sign-in'][$name] ?? ''];
    foreach (everyRoute($this) as [$does, $at, $named]) {
        if ($named === $name && $does !== 'GET') {
            [$method, $address] = [$does, $at];
        }
    }
    foreach (malformed() as $what => $value) {
        foreach (in_array($what, ALONE, true) ? array_keys(FORMS[$name]) : [] as $field) {
            answersWell($this, $signedIn, $method, $address, [...FORMS[$name], $field => $value], "$field = $what");
        }
        answersWell(
            $this, $signedIn, $method, $address, array_map(fn (): mixed => $value, FORMS[$name]), "all fields = $what", $what === 'a tree',
        );
    }
})->with(array_map(
    fn (string $name): array => [
        $name,
        ! in_array($name, ['register', 'login', 'login.code.store', 'password.email', 'password.update'], true),
    ],
    array_keys(FORMS),
));

it('answers whatever an address is asked with without breaking', function (bool $signedIn): void {
    foreach (everyRoute($this) as [$method, $address, $name]) {
        // A print is made again for every request here: those that differ in kind will do.
        $asked = str_ends_with($address, '.pdf') ? array_intersect_key(malformed(), array_flip(ALONE)) : malformed();
        // No web server lets an address of more than 8,192 bytes through.
        $asked = array_map(fn (mixed $value): mixed => is_string($value) ? substr($value, 0, intdiv(8000, count(ASKED))) : $value, $asked);
        foreach ($method === 'GET' ? $asked : [] as $what => $value) {
            $answer = answersWell($this, $signedIn, 'GET', $address, array_fill_keys(ASKED, $value), "everything = $what");
            // Who has to sign in first is sent there before the page looks at anything.
            if (! $signedIn && $answer->isRedirect(url('/sign-in'))) {
                break;
            }
        }
    }
})->with([true, false]);

it('answers whatever stands in the place of an id without breaking', function (): void {
    $texts = array_filter(malformed(), is_string(...));
    foreach (Route::getRoutes() as $route) {
        foreach ($texts as $what => $value) {
            $address = '/'.preg_replace('/\{\w+\}/', rawurlencode(substr($value, 0, 2000)), $route->uri());
            if (str_contains($route->uri(), '{')) {
                $method = $route->methods()[0];
                answersWell($this, true, $method, $address, [], "ids = $what");
            }
        }
    }
});

it('answers JSON that is none, or no form, without breaking', function (): void {
    $address = "/q/{$this->project->id}/clues/1/taps";
    foreach ([
        '{',
        '"text"',
        '7',
        'null',
        '[]',
        '[[[]]]',
        '{"id":{"a":1}}',
        "{\"id\":\"\xC3\x28\"}",
        '{"amount":1e999}',
        '{"kind":"add","amount":[1]}',
    ] as $body) {
        $status = $this->actingAs($this->person)->call('POST', $address, server: [
            'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json',
        ], content: $body)->getStatusCode();
        expect($status)->toBeGreaterThanOrEqual(400, $body)->toBeLessThan(500, $body);
    }
});

it('stores the name of a browser that is no text, and one that is cut inside a sign', function (): void {
    foreach (["Browser \xFF\xC3", str_repeat('🧵', 200)] as $agent) {
        $this->withHeader('User-Agent', $agent)->post('/sign-in', ['email' => $this->person->email, 'password' => 'a-long-password'])
            ->assertRedirect();
        $this->assertAuthenticated();
        auth()->logout();
    }
});

it('says at a form that holds a list which field is missing', function (): void {
    $this->from('/sign-in')->followingRedirects()->post(
        '/sign-in',
        ['email' => ['x'], 'password' => 'y'],
    )->assertOk()->assertSee('field-error', false);
    $this->post('/join', ['code' => "A\0B"])->assertStatus(400)->assertSeeText('That could not be read.');
});
