<?php

declare(strict_types=1);

use App\Actions\Host\PublishDesign;
use App\Models\Invitation;
use App\Models\Membership;
use App\Models\Project;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\URL;
use Illuminate\Support\Str;
use Tests\TestCase;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
});

afterEach(function (): void {
    emptyTables();
});

/** A request as a browser would send it, in a process of its own: its status. */
function sends(TestCase $test, string $method, string $address, array $fields = [], ?User $as = null): Closure
{
    return function () use ($test, $method, $address, $fields, $as): int {
        $as === null ? auth()->forgetGuards() : $test->actingAs($as->fresh());

        return $test->call($method, $address, $fields)->getStatusCode();
    };
}

it('begins one quilt when a form is sent several times at the same moment', function (): void {
    $user = User::factory()->create();
    $address = '/join/'.$this->quilt->invitations()->sole()->code;
    $form = ['size' => 's-throw', 'colourway' => 'c-last-boat', 'form' => (string) Str::uuid()];
    expect(atOnce(...array_fill(0, 4, sends($this, 'POST', $address, $form, $user))))->each->toBe(302)
        ->and(Project::query()->count())->toBe(1)->and(Membership::query()->count())->toBe(1);
    // Another form begins another quilt when she says so, and that too only once.
    $second = [...$form, 'form' => (string) Str::uuid(), 'second' => '1'];
    atOnce(...array_fill(0, 4, sends($this, 'POST', $address, $second, $user)));
    expect(Project::query()->count())->toBe(2);
    // Two windows whose forms differ begin one quilt, when she asked for no second.
    $other = User::factory()->create();
    atOnce(...array_map(
        fn (): Closure => sends($this, 'POST', $address, [...$form, 'form' => (string) Str::uuid()], $other),
        range(1, 4),
    ));
    expect(Project::query()->where('user_id', $other->id)->count())->toBe(1);
});

it('makes one account when somebody registers several times at the same moment', function (): void {
    $form = [
        'name' => 'Mara',
        'email' => 'mara@rivers.example',
        'password' => 'seven-geese-flying',
        'password_confirmation' => 'seven-geese-flying',
    ];
    expect(atOnce(...array_fill(0, 4, sends($this, 'POST', '/register', $form))))->each->toBe(302)
        ->and(User::query()->count())->toBe(1);
});

it('gives a new address to one of two accounts that want it at the same moment, and once to one that asks twice', function (): void {
    $link = fn (User $user): string => URL::temporarySignedRoute('account.email.confirm', now()->addHour(), [
        'email' => 'new@rivers.example', 'account' => $user->id, 'from' => $user->email,
    ], absolute: false);
    [$one, $two] = [User::factory()->create(), User::factory()->create()];
    expect(atOnce(
        sends($this, 'GET', $link($one), as: $one),
        sends($this, 'GET', $link($one), as: $one),
        sends($this, 'GET', $link($two), as: $two),
    ))->each->toBe(302)
        ->and(User::query()->where('email', 'new@rivers.example')->count())->toBe(1);
});

it('leaves one open join code when owners replace it at the same moment', function (): void {
    $owner = $this->person($this->quilt, Role::Owner);
    expect(atOnce(...array_fill(0, 4, sends($this, 'POST', "/host/{$this->quilt->slug}/invitation", as: $owner))))->each->toBe(302)
        ->and(Invitation::query()->whereNull('revoked_at')->count())->toBe(1);
});

it('numbers versions one after another when a design is published several times at the same moment', function (): void {
    $publish = (fn (): int => app(PublishDesign::class)($this->quilt->fresh(), TestCase::document())->number);
    $numbers = atOnce(...array_fill(0, 3, $publish));
    sort($numbers);
    expect($numbers)->toBe([2, 3, 4])->and($this->quilt->fresh()->publishedVersion->number)->toBe(4);
});
