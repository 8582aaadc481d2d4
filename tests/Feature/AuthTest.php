<?php

declare(strict_types=1);

use App\Models\Post;
use App\Models\Project;
use App\Models\Role;
use App\Models\SecurityEvent;
use App\Models\User;
use App\Security\TimeCode;
use Illuminate\Mail\SendQueuedMailable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Facades\Route;

function latestLink(string $to): string
{
    preg_match('~http://\S+~', Post::query()->addressedTo($to)->firstOrFail()->text, $found);

    return $found[0];
}

it('registers, signs out and signs in again, whatever the case of the address', function (): void {
    $this->post('/register', registration('Mara@Rivers.example '))->assertRedirect('/register/sent');
    $this->assertGuest();
    $this->get('/register/sent')->assertSeeText('We have sent a message to mara@rivers.example.');
    // Without the link nobody gets in, but another letter goes out.
    $this->post('/sign-in', ['email' => 'mara@rivers.example', 'password' => 'ten-letters'])->assertRedirect('/register/sent');
    $this->assertGuest();
    expect(Post::query()->addressedTo('mara@rivers.example')->count())->toBe(2);
    $this->get(latestLink('mara@rivers.example'))->assertRedirect('/home');
    $this->assertAuthenticated();
    $this->post('/sign-out')->assertRedirect('/');
    $this->assertGuest();
    $this->post('/sign-in', ['email' => 'mara@RIVERS.example', 'password' => 'ten-letters'])->assertRedirect('/home');
    $this->assertAuthenticated();
});

/** @return array<string, string> */
function registration(string $email, string $password = 'ten-letters'): array
{
    return ['name' => 'Mara', 'email' => $email, 'password' => $password, 'password_confirmation' => $password];
}

it('keeps what was typed when a registration is wrong', function (): void {
    $this->from('/register')->post('/register', [...registration('MARA@rivers.example', 'short'), 'password_confirmation' => 'other'])
        ->assertRedirect('/register')->assertSessionHasErrors(['password']);
    $this->get('/register')->assertSee('value="Mara"', false)->assertDontSee('short');
});

it('answers a registration the same whether the address has an account or not, and tells its owner by letter', function (): void {
    User::factory()->create(['email' => 'mara@rivers.example', 'name' => 'Mara Quill']);
    $known = $this->post('/register', registration('MARA@rivers.example'));
    $unknown = $this->post('/register', registration('odile@rivers.example'));
    foreach ([$known, $unknown] as $answer) {
        $answer->assertRedirect('/register/sent')->assertSessionHasNoErrors();
    }
    expect(Post::query()->addressedTo('mara@rivers.example')->sole()->subject)->toBe('You have an account already')
        ->and(Post::query()->addressedTo('odile@rivers.example')->sole()->subject)->toBe('Confirm your e-mail address')
        ->and(User::query()->where('email', 'mara@rivers.example')->sole()->name)->toBe('Mara Quill');
});

it('gives an address to whoever shows that she reads it, not to whoever registered it first', function (): void {
    $this->post('/register', registration('mara@rivers.example', 'of-a-stranger'));
    $strangers = latestLink('mara@rivers.example');
    $this->post('/register', registration('mara@rivers.example', 'of-mara-herself'));
    $this->get($strangers)->assertRedirect('/sign-in')->assertSessionHas('warning');
    $this->assertGuest();
    $this->get(latestLink('mara@rivers.example'))->assertRedirect('/home');
    expect(Hash::check('of-mara-herself', User::query()->sole()->password))->toBeTrue();
});

it('lets a link of a registration be followed twice, and not once it is changed or old', function (): void {
    $this->post('/register', registration('mara@rivers.example'));
    $link = latestLink('mara@rivers.example');
    $this->get(str_replace('account=', 'account=9', $link))->assertForbidden();
    $this->travel(25)->hours();
    $this->get($link)->assertForbidden();
    $this->travelBack();
    $this->get($link)->assertRedirect('/home');
    $this->post('/sign-out');
    $this->get($link)->assertRedirect('/sign-in')->assertSessionHas('status');
});

it('takes as long to refuse an unknown address as a known one', function (): void {
    User::factory()->create(['email' => 'mara@rivers.example']);
    foreach (['mara@rivers.example', 'nobody@rivers.example'] as $email) {
        foreach ([['/sign-in', ['password' => 'wrong-password']], ['/forgot-password', []]] as [$address, $more]) {
            [$begun, $worked] = [hrtime(true), workedSeconds()];
            $this->post($address, ['email' => $email, ...$more]);
            // Both are answered after a fifth of a second, whatever had to be done: that is less.
            expect((hrtime(true) - $begun) / 1e6)->toBeGreaterThan(195, "$address $email")
                ->and(workedSeconds() - $worked)->toBeLessThan(0.15, "$address $email");
        }
    }
});

it('queues every letter, so that none is written while somebody waits', function (): void {
    Queue::fake();
    User::factory()->create(['email' => 'mara@rivers.example']);
    foreach ([['/forgot-password', ['email' => 'mara@rivers.example']], ['/register', registration('new@rivers.example')]] as [$address, $form]) {
        $this->post($address, $form);
    }
    Queue::assertPushed(SendQueuedMailable::class, 2);
    expect(Post::query()->count())->toBe(0);
});

it('refuses passwords that are tried first', function (string $password): void {
    $this->post('/register', registration('quilter@rivers.example', $password))->assertSessionHasErrors(['password']);
    expect(User::query()->count())->toBe(0);
})->with([
    'short',
    '1234567890',
    'qwertyuiop',
    'Password123!',
    'aaaaaaaaaaaa',
    'abcabcabcabc',
    'abcdefghijkl',
    'quilter@rivers',
    '!!sunshine99',
    '9876543210',
    'letmein1234',
    'quilting12',
    'quilt-along',
    'quilting-bee',
]);

it('takes a password whole, beyond 72 bytes', function (): void {
    $long = str_repeat('seven geese flying ', 5);
    $this->post('/register', registration('mara@rivers.example', $long));
    $this->get(latestLink('mara@rivers.example'));
    $this->post('/sign-out');
    $this->post('/sign-in', ['email' => 'mara@rivers.example', 'password' => substr($long, 0, 80)])->assertSessionHasErrors('email');
    $this->post('/sign-in', ['email' => 'mara@rivers.example', 'password' => $long])->assertRedirect('/home');
});

it('takes a hash of an earlier release and renews it', function (): void {
    $user = User::factory()->create();
    DB::table('users')->update(['password' => password_hash('a-long-password', PASSWORD_BCRYPT, ['cost' => 4])]);
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-password'])->assertRedirect('/home');
    expect($user->fresh()->password)->toStartWith('$argon2id$');
});

it('limits guesses at one account from many places', function (): void {
    config(['dew.limits.sign_in_account' => 5]);
    foreach (range(1, 5) as $place) {
        $this->withServerVariables(['REMOTE_ADDR' => "10.0.0.$place"])->post(
            '/sign-in',
            ['email' => 'mara@rivers.example', 'password' => 'x'],
        )
            ->assertSessionHasErrors('email');
    }
    $this->withServerVariables(['REMOTE_ADDR' => '10.0.0.99'])->from('/sign-in')
        ->post('/sign-in', ['email' => 'mara@rivers.example', 'password' => 'x'])->assertSessionHas('warning');
});

it('writes down what happened to an account, failed sign-ins too', function (): void {
    $user = User::factory()->create();
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'wrong-password']);
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-password']);
    $this->put('/account/password', [
        'current_password' => 'a-long-password', 'password' => 'another-long-one', 'password_confirmation' => 'another-long-one',
    ])->assertSessionHasNoErrors();
    expect(SecurityEvent::query()->orderBy('id')->pluck('kind')->all())->toBe(['sign_in_failed', 'signed_in', 'password_changed'])
        ->and(Post::query()->addressedTo($user->email)->sole()->subject)->toBe('Your password was changed');
    $this->get('/account')->assertSeeTextInOrder(['Password changed', 'Signed in', 'A sign-in failed']);
});

it('lists where somebody is signed in, and ends one of them or all others', function (): void {
    $user = User::factory()->create();
    $user->setRememberToken('old-promise');
    $user->save();
    $this->post('/sign-in', ['email' => $user->email, 'password' => 'a-long-password']);
    foreach (['phone', 'tablet', 'library'] as $device) {
        DB::table('sessions')->insert([
            'id' => "session-of-$device", 'user_id' => $user->id, 'user_agent' => "Browser of the $device", 'payload' => '',
            'last_activity' => time() - ['phone' => 60, 'tablet' => 120, 'library' => 180][$device],
        ]);
    }
    $page = (string) $this->get('/account')->assertSeeTextInOrder([
        'A phone',
        'A tablet',
        'A computer',
    ])->assertSee('Browser of the phone')->getContent();
    expect($page)->not->toContain('session-of-phone');
    preg_match('/Browser of the tablet.*?name="session" value="([^"]+)"/s', $page, $found);
    $this->delete('/account/sessions', ['session' => $found[1]])->assertRedirect('/account');
    expect(DB::table('sessions')->where('id', 'session-of-tablet')->exists())->toBeFalse()
        ->and(DB::table('sessions')->where('id', 'session-of-phone')->exists())->toBeTrue()
        ->and($user->fresh()->remember_token)->not->toBe('old-promise');
    $this->delete('/account/sessions')->assertRedirect('/account');
    expect(DB::table('sessions')->where('id', 'like', 'session-of-%')->count())->toBe(0);
    $this->get('/account')->assertOk();
    // Nobody ends a session of somebody else.
    DB::table('sessions')->insert(['id' => 'hers', 'user_id' => User::factory()->create()->id, 'payload' => '', 'last_activity' => time()]);
    $this->delete('/account/sessions');
    expect(DB::table('sessions')->where('id', 'hers')->exists())->toBeTrue();
});

it('works time codes out as RFC 6238 does', function (int $time, string $code): void {
    // The secret of the RFC's own table: "12345678901234567890".
    expect(TimeCode::at('GEZDGNBVGY3TQOJQGEZDGNBVGY3TQOJQ', intdiv($time, 30)))->toBe(substr($code, 2));
})->with([
    [59, '94287082'],
    [1111111109, '07081804'],
    [1111111111, '14050471'],
    [1234567890, '89005924'],
    [2000000000, '69279037'],
    [20000000000, '65353130'],
]);

it('asks a host who wants it for a time code, takes each once, and lets her in with a code for a lost device', function (): void {
    $host = $this->person($this->quiltAlong(), Role::Owner);
    $this->actingAs($host)->get('/account')->assertSeeText('A code as well as your password');
    $this->post('/account/codes', ['password' => 'wrong'])->assertSessionHasErrorsIn('codes', ['password']);
    $this->post('/account/codes', ['password' => 'a-long-password'])->assertSessionHasNoErrors();
    $secret = $host->refresh()->two_factor_secret;
    expect(DB::table('users')->where('id', $host->id)->value('two_factor_secret'))->not->toContain($secret);
    $this->get('/account')->assertSeeText(implode(' ', str_split($secret, 4)));
    $this->put('/account/codes', ['code' => '000000'])->assertSessionHasErrorsIn('codes', ['code']);
    $this->put('/account/codes', ['code' => TimeCode::at($secret, intdiv(time(), 30))])->assertSessionHas('recovery_codes');
    $recovery = session('recovery_codes');
    $this->post('/sign-out');

    $in = fn () => $this->post('/sign-in', ['email' => $host->email, 'password' => 'a-long-password'])->assertRedirect('/sign-in/code');
    $in();
    $this->assertGuest();
    $this->get('/home')->assertRedirect('/sign-in');
    // The code that turned it on is used up.
    $this->post('/sign-in/code', ['code' => TimeCode::at($secret, intdiv(time(), 30))])->assertSessionHasErrors(['code']);
    $this->travel(31)->seconds();
    $this->post('/sign-in/code', ['code' => TimeCode::at($secret, intdiv(now()->getTimestamp(), 30))])->assertRedirect();
    $this->assertAuthenticatedAs($host);
    $this->post('/sign-out');
    foreach ([true, false] as $counts) {
        $in();
        $this->post('/sign-in/code', ['code' => strtoupper($recovery[0])]);
        $counts ? $this->assertAuthenticatedAs($host) : $this->assertGuest();
        $this->post('/sign-out');
    }
    // Half an hour later the password has to be given again.
    $in();
    $this->travel(30)->minutes();
    $this->post('/sign-in/code', ['code' => $recovery[1]])->assertRedirect('/sign-in');
    $this->assertGuest();
    $this->actingAs($host->fresh())->delete('/account/codes', ['password' => 'a-long-password'])->assertSessionHasNoErrors();
    expect($host->fresh()->two_factor_at)->toBeNull();
    // Members have no such section.
    $this->actingAs(User::factory()->create())->get('/account')->assertDontSeeText('A code as well as your password');
    $this->post('/account/codes', ['password' => 'a-long-password'])->assertNotFound();
});

it('says the same for a wrong password and an unknown address', function (): void {
    User::factory()->create(['email' => 'mara@rivers.example']);
    foreach (['mara@rivers.example', 'nobody@rivers.example'] as $email) {
        $this->post(
            '/sign-in',
            ['email' => $email, 'password' => 'wrong-password'],
        )->assertSessionHasErrors(['email' => __('auth.failed')]);
    }
    $this->assertGuest();
});

it('slows down guessing, at the form and with the address kept', function (): void {
    config(['dew.limits.sign_in' => 3]);
    for ($try = 0; $try < 3; $try++) {
        $this->post('/sign-in', ['email' => 'mara@rivers.example', 'password' => 'wrong']);
    }
    $this->from('/sign-in')->post(
        '/sign-in',
        ['email' => 'mara@rivers.example', 'password' => 'wrong'],
    )->assertRedirect('/sign-in')->assertSessionHas('warning');
    $this->get('/sign-in')->assertSee('value="mara@rivers.example"', false)->assertSee('Wait');
    $this->post('/sign-in', ['email' => 'somebody@else.example', 'password' => 'wrong'])->assertSessionHasErrors('email');
});

it('sends a link to choose a new password, which works once and signs other devices out', function (): void {
    $user = User::factory()->create(['email' => 'mara@rivers.example']);
    DB::table('sessions')->insert(['id' => 'other-device', 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()]);
    $this->post('/forgot-password', ['email' => 'Mara@rivers.example'])->assertSessionHas('status', __('passwords.sent'));
    $link = latestLink('mara@rivers.example');
    $this->get($link)->assertOk()->assertSee('mara@rivers.example');
    $token = basename((string) parse_url($link, PHP_URL_PATH));
    $given = [
        'token' => $token,
        'email' => 'mara@rivers.example',
        'password' => 'another-long-one',
        'password_confirmation' => 'another-long-one',
    ];
    $this->post('/reset-password', $given)->assertRedirect('/sign-in');
    expect(Hash::check('another-long-one', $user->refresh()->password))->toBeTrue()
        ->and(DB::table('sessions')->where('id', 'other-device')->exists())->toBeFalse();
    $this->post('/reset-password', $given)->assertSessionHasErrors('email');
});

it('does not tell whether an address has an account', function (): void {
    $this->post('/forgot-password', ['email' => 'nobody@rivers.example'])->assertSessionHas('status', __('passwords.sent'));
    expect(Post::query()->count())->toBe(0);
});

it('moves an account to a new address only through the link sent there', function (): void {
    $user = User::factory()->create(['email' => 'old@rivers.example']);
    $this->actingAs($user)->post(
        '/account/email',
        ['email' => 'New@rivers.example', 'password' => 'wrong'],
    )->assertSessionHasErrorsIn('email', ['password']);
    $this->post('/account/email', ['email' => 'New@rivers.example', 'password' => 'a-long-password'])->assertSessionHas('status');
    $link = latestLink('new@rivers.example');
    expect($user->refresh()->email)->toBe('old@rivers.example');

    $this->get(str_replace('new@', 'evil@', $link))->assertForbidden();
    $this->actingAs(User::factory()->create())->get($link)->assertRedirect('/account')->assertSessionHas('warning');
    expect($user->refresh()->email)->toBe('old@rivers.example');

    $this->actingAs($user)->get($link)->assertRedirect('/account')->assertSessionHas('status');
    expect($user->refresh()->email)->toBe('new@rivers.example')
        ->and(Post::query()->addressedTo('old@rivers.example')->firstOrFail()->subject)->toBe(__('mail.email_changed.subject'));
    $this->get($link)->assertSessionHas('warning');
});

it('deletes an account with everything in it', function (): void {
    $quiltAlong = $this->quiltAlong();
    $project = $this->project($quiltAlong);
    $this->release($quiltAlong);
    $this->tap($project, ['amount' => 3])->assertOk();
    $this->actingAs($project->user)->delete('/account', ['password' => 'wrong'])->assertSessionHasErrorsIn('delete', ['password']);
    $this->delete('/account', ['password' => 'a-long-password'])->assertRedirect('/');
    $this->assertGuest();
    expect(User::query()->count())->toBe(0)
        ->and(Project::query()->count())->toBe(0)
        ->and(DB::table('taps')->count())->toBe(0);
});

it('does not bring back an account that was remembered on the device when it is deleted', function (): void {
    $user = User::factory()->create(['email' => 'mara@rivers.example']);
    $this->post(
        '/sign-in',
        ['email' => 'mara@rivers.example', 'password' => 'a-long-password', 'remember' => '1'],
    )->assertRedirect('/home');
    expect($user->refresh()->remember_token)->not->toBeEmpty();
    $this->delete('/account', ['password' => 'a-long-password'])->assertRedirect('/');
    $this->assertGuest();
    expect(User::query()->count())->toBe(0);
});

it('does not pull a quilt-along from under its members', function (): void {
    $quiltAlong = $this->quiltAlong();
    $owner = $this->person($quiltAlong, Role::Owner);
    $this->project($quiltAlong);
    $this->actingAs($owner)->delete('/account', ['password' => 'a-long-password'])->assertSessionHasErrors('password');
    expect($owner->fresh())->not->toBeNull();

    $this->person($quiltAlong, Role::Owner);
    $this->delete('/account', ['password' => 'a-long-password'])->assertRedirect('/');
    expect($owner->fresh())->toBeNull()->and($quiltAlong->fresh())->not->toBeNull();
});

it('changes the password and signs other devices out', function (): void {
    $user = User::factory()->create();
    DB::table('sessions')->insert(['id' => 'other-device', 'user_id' => $user->id, 'payload' => '', 'last_activity' => time()]);
    $this->actingAs($user)->put(
        '/account/password',
        ['current_password' => 'a-long-password', 'password' => 'a-longer-password', 'password_confirmation' => 'a-longer-password'],
    )->assertSessionHas('status');
    expect(Hash::check('a-longer-password', $user->refresh()->password))->toBeTrue()
        ->and(DB::table('sessions')->where('id', 'other-device')->exists())->toBeFalse();
});

it('shows post to its addressee and to nobody else', function (): void {
    $post = Post::query()->create(
        ['addressee' => 'mara@rivers.example', 'subject' => 'A line', 'html' => '<p>For Mara</p>', 'text' => 'For Mara'],
    );
    $mara = User::factory()->create(['email' => 'mara@rivers.example']);
    $this->actingAs($mara)->get("/post/{$post->id}")->assertOk()->assertSee('For Mara');
    $this->actingAs(User::factory()->create())->get("/post/{$post->id}")->assertNotFound();
    $this->get('/post?to=mara@rivers.example')->assertOk()->assertDontSee('A line');
});

it('lets somebody signed out name the address on this machine only', function (): void {
    Post::query()->create(['addressee' => 'mara@rivers.example', 'subject' => 'A line', 'html' => '', 'text' => '']);
    $this->get('/post?to=mara@rivers.example')->assertSee('A line');
    $this->get('/post?to=mara@rivers.example', ['X-Forwarded-For' => '203.0.113.9'])->assertDontSee('A line');
    $this->call('GET', '/post?to=mara@rivers.example', server: ['REMOTE_ADDR' => '203.0.113.9'])->assertDontSee('A line');
});

it('has no post tray and no style page outside demo mode', function (): void {
    config(['dew.demo' => false]);
    foreach (['/post', '/style'] as $address) {
        $this->get($address)->assertNotFound();
    }
    $this->get('/')->assertOk()->assertDontSee('ferry-by-lamplight');
});

it('puts the same guards on every response', function (string $address, int $status): void {
    $response = $this->get($address)->assertStatus($status);
    $policy = (string) $response->headers->get('Content-Security-Policy');

    expect($policy)->toContain("default-src 'self'")->toContain("frame-ancestors 'none'")->not->toContain('unsafe')
        ->and($response->headers->get('X-Content-Type-Options'))->toBe('nosniff')
        ->and($response->headers->get('Referrer-Policy'))->toBe('same-origin')
        ->and($response->headers->has('Permissions-Policy'))->toBeTrue()
        ->and($response->getContent())->not->toMatch('/<script(?![^>]*\ssrc=)[^>]*>/')
        ->and($response->getContent())->not->toMatch('/\s(style|on[a-z]+)="/');
})->with([['/', 200], ['/sign-in', 200], ['/home', 302], ['/nowhere', 404], ['/style', 200], ['/up', 200], ['/%ff', 400]]);

it('keeps its cookie to TLS behind TLS, and says so to the browser', function (): void {
    config(['app.url' => 'https://dew.example', 'session.secure' => true]);
    $response = $this->get('https://dew.example/sign-in');

    expect(
        collect($response->headers->getCookies())->firstWhere(
            fn ($cookie): bool => $cookie->getName() === config('session.cookie'),
        )->isSecure(),
    )->toBeTrue()
        ->and($response->headers->get('Strict-Transport-Security'))->not->toBeNull();
});

it('asks for a token on every form that changes something', function (): void {
    foreach (Route::getRoutes() as $route) {
        if (array_intersect(['POST', 'PUT', 'PATCH', 'DELETE'], $route->methods()) !== []) {
            expect($route->gatherMiddleware())->toContain('web');
        }
    }
});
