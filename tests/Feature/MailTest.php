<?php

declare(strict_types=1);

use App\Mail\ClueReleasedMail;
use App\Mail\ConfirmEmailMail;
use App\Mail\EmailChangedMail;
use App\Mail\ResetPasswordMail;
use App\Models\Post;
use App\Models\User;
use Illuminate\Support\Facades\Mail;

it('puts mail into the tray under each addressee, as HTML and as text', function (): void {
    $user = User::factory()->create(['name' => 'Mara & Co <b>', 'email' => 'mara@rivers.example']);
    Mail::to(['Mara@Rivers.example', 'pia@rivers.example'])->send(new ResetPasswordMail($user, 'a-token'));
    $post = Post::query()->addressedTo('MARA@rivers.example')->firstOrFail();

    expect(Post::query()->pluck('addressee')->sort()->values()->all())->toBe(['mara@rivers.example', 'pia@rivers.example'])
        ->and($post->subject)->toBe('Choose a new password')
        ->and($post->html)->toContain('Hello Mara &amp; Co &lt;b&gt;,')->not->toContain('<b>')
        ->and($post->text)->toContain('Hello Mara & Co <b>,')->toContain(
            route('password.reset', ['token' => 'a-token', 'email' => 'mara@rivers.example']),
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
    $letter->assertSeeInText(route('member.clues.show', [$project, 1]));
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
