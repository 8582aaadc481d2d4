<?php

declare(strict_types=1);

use App\Models\Post;
use App\Models\Project;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Support\Facades\Route;

function latestLink(string $to): string
{
    preg_match('~http://\S+~', Post::query()->addressedTo($to)->firstOrFail()->text, $found);

    return $found[0];
}

it('registers, signs out and signs in again, whatever the case of the address', function (): void {
    $this->post(
        '/register',
        ['name' => 'Mara', 'email' => 'Mara@Rivers.example ', 'password' => 'ten-letters', 'password_confirmation' => 'ten-letters'],
    )->assertRedirect('/home');
    $this->assertAuthenticated();
    $this->post('/sign-out')->assertRedirect('/');
    $this->assertGuest();
    $this->post('/sign-in', ['email' => 'mara@RIVERS.example', 'password' => 'ten-letters'])->assertRedirect('/home');
    $this->assertAuthenticated();
});

it('keeps what was typed when a registration is wrong', function (): void {
    User::factory()->create(['email' => 'mara@rivers.example']);
    $this->from('/register')->post(
        '/register',
        ['name' => 'Mara', 'email' => 'MARA@rivers.example', 'password' => 'short', 'password_confirmation' => 'other'],
    )
        ->assertRedirect('/register')->assertSessionHasErrors(['email', 'password']);
    $this->get('/register')->assertSee('value="Mara"', false)->assertSee(
        'There is an account with this address already',
    )->assertDontSee('short');
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
    $this->post('/sign-in', ['email' => 'mara@rivers.example', 'password' => 'a-long-password', 'remember' => '1'])->assertRedirect('/home');
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
    $this->get('/')->assertOk()->assertDontSee('quilting-bee');
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
})->with([['/', 200], ['/sign-in', 200], ['/home', 302], ['/nowhere', 404], ['/style', 200], ['/up', 200]]);

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
