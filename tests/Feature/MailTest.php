<?php

declare(strict_types=1);

use App\Http\Hosts;
use App\Mail\Address;
use App\Mail\ClueReleasedMail;
use App\Mail\ConfirmEmailMail;
use App\Mail\EmailChangedMail;
use App\Mail\ResetPasswordMail;
use App\Models\Post;
use App\Models\User;
use Illuminate\Support\Facades\Mail;
use Symfony\Component\HttpFoundation\Request as SymfonyRequest;

it('puts mail into the tray under each addressee, as HTML and as text', function (): void {
    $user = User::factory()->create(['name' => 'Mara & Co <b>', 'email' => 'mara@rivers.example']);
    Mail::to(['Mara@Rivers.example', 'pia@rivers.example'])->send(new ResetPasswordMail($user, 'a-token'));
    $post = Post::query()->addressedTo('MARA@rivers.example')->firstOrFail();

    expect(Post::query()->pluck('addressee')->sort()->values()->all())->toBe(['mara@rivers.example', 'pia@rivers.example'])
        ->and($post->subject)->toBe('Choose a new password')
        ->and($post->html)->toContain('Hello Mara &amp; Co &lt;b&gt;,')->not->toContain('<b>')
        ->and($post->text)->toContain('Hello Mara & Co <b>,')->toContain(
            Address::of('password.reset', ['token' => 'a-token', 'email' => 'mara@rivers.example']),
        );
});

it('says in each letter who, what, and what to do if it was not asked for', function (): void {
    $user = User::factory()->create(['name' => 'Mara', 'email' => 'mara@rivers.example']);
    $letters = [
        [new ResetPasswordMail($user, 't'), ['Hello Mara', 'within an hour', 'If it was not you, do nothing']],
        [
            new ConfirmEmailMail($user, 'http://127.0.0.1/confirm?signature=x&account=1'),
            ['It holds for a day', 'If you did not ask', 'http://127.0.0.1/confirm?signature=x&account=1'],
        ],
        [new EmailChangedMail($user), ['mara@rivers.example', 'If that was not you']],
    ];
    foreach ($letters as [$letter, $words]) {
        foreach ($words as $word) {
            $letter->assertSeeInText($word);
        }
        $letter->assertDontSeeInText('mail.');
    }
});

it('names the clue in the letter of its release, and leads to it', function (): void {
    $quilt = $this->quiltAlong();
    $clue = $this->release($quilt);
    $project = $this->project($quilt);
    $letter = new ClueReleasedMail($project->user, $clue, $project);

    $letter->assertHasSubject('Night Ferry: clue 1 is open');
    $letter->assertSeeInText('Casting off');
    $letter->assertSeeInText(Address::of('member.clues.show', [$project, 1]));
    foreach (['Beam', '104', '3½'] as $secret) {
        $letter->assertDontSeeInText($secret);
    }
});

it('sends for real when it is told to', function (): void {
    config(['mail.default' => 'array']);
    Mail::to('mara@rivers.example')->send(new EmailChangedMail(User::factory()->create()));
    expect(Mail::mailer('array')->getSymfonyTransport()->messages())->toHaveCount(1)
        ->and(Post::query()->count())->toBe(0);
});

it('builds the links of letters from the address it is set up at, not from the name a request was sent to', function (): void {
    config(['app.url' => 'https://dew.example/']);
    $user = User::factory()->create(['email' => 'mara@rivers.example']);
    $this->call('POST', 'http://evil.example/forgot-password', ['email' => 'mara@rivers.example'])->assertRedirect();
    $this->actingAs($user)->call(
        'POST',
        'http://evil.example/account/email',
        ['email' => 'new@rivers.example', 'password' => 'a-long-password'],
    )->assertRedirect();
    expect(Post::query()->count())->toBe(2);
    foreach (Post::query()->get() as $post) {
        expect($post->text.$post->html)->not->toContain('evil.example')->toContain('https://dew.example/');
    }
    // The link in the letter holds, whatever name the browser reaches Dew by.
    preg_match('#https://dew\.example(/account/email/\S+)#', Post::query()->addressedTo('new@rivers.example')->firstOrFail()->text, $link);
    $this->get($link[1])->assertRedirect('/account')->assertSessionHas('status');
    expect($user->fresh()->email)->toBe('new@rivers.example');
});

it('answers in production to its own names alone', function (): void {
    config(['app.url' => 'https://dew.example', 'dew.trusted_hosts' => null]);
    expect(Hosts::patterns())->toBe(['^dew\.example$']);
    config(['dew.trusted_hosts' => 'dew.example, www.dew.example']);
    $answers = function (string $host): int {
        app()->detectEnvironment(fn (): string => 'production');
        try {
            return $this->call('GET', "http://$host/")->getStatusCode();
        } finally {
            app()->detectEnvironment(fn (): string => 'testing');
            SymfonyRequest::setTrustedHosts([]);
        }
    };
    expect($answers('dew.example'))->toBe(200)
        ->and($answers('www.dew.example'))->toBe(200)
        ->and($answers('evil.example'))->toBeIn([400, 404])
        ->and($answers('dew.example.evil.example'))->toBeIn([400, 404]);
});

it('shows the tray of somebody signed out to this machine under its own names alone', function (): void {
    config(['app.url' => 'http://127.0.0.1:8080']);
    Post::query()->create(['addressee' => 'mara@rivers.example', 'subject' => 'A letter', 'html' => '', 'text' => '']);
    $this->get('http://127.0.0.1:8080/post?to=mara@rivers.example')->assertSeeText('A letter');
    $this->get('http://localhost:8080/post?to=mara@rivers.example')->assertSeeText('A letter');
    $this->get('http://rebound.example:8080/post?to=mara@rivers.example')->assertDontSeeText('A letter');
});
