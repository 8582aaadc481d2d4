<?php

declare(strict_types=1);

namespace Tests;

use App\Actions\Member\JoinQuiltAlong;
use App\Models\Clue;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use Illuminate\Foundation\Testing\TestCase as BaseTestCase;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Night Ferry on its first day, and the people around it. */
abstract class TestCase extends BaseTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->withoutVite();
        // Sweeping old sessions now and then would make query counts a matter of luck.
        config(['session.lottery' => [0, 100]]);
    }

    public static function document(): string
    {
        return (string) file_get_contents(__DIR__.'/designs/night-ferry.json');
    }

    /** A published quilt-along with nothing scheduled. */
    public function quiltAlong(): QuiltAlong
    {
        $quiltAlong = QuiltAlong::factory()->create();
        PublishedRows::write($quiltAlong, self::document());
        $quiltAlong->invitations()->create(['code' => Str::upper(Str::random(8))]);

        return $quiltAlong;
    }

    public function person(QuiltAlong $quiltAlong, Role $role): User
    {
        $user = User::factory()->create();
        $user->memberships()->create(['quilt_along_id' => $quiltAlong->id, 'role' => $role]);

        return $user;
    }

    public function project(QuiltAlong $quiltAlong, string $size = 's-throw', ?User $user = null, string $colourway = 'c-last-boat'): Project
    {
        return app(JoinQuiltAlong::class)($user ?? User::factory()->create(), $quiltAlong, 'Mine', $size, $colourway);
    }

    public function release(QuiltAlong $quiltAlong, int $number = 1): Clue
    {
        $clue = $this->clue($quiltAlong, $number);
        $clue->forceFill(['release_at' => now()->subMinute(), 'zone' => 'America/New_York'])->save();

        return $clue;
    }

    public function clue(QuiltAlong $quiltAlong, int $number): Clue
    {
        return $quiltAlong->clues()->where('number', $number)->firstOrFail();
    }

    /**
     * @param  array<string, mixed>  $tap
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    public function tap(Project $project, array $tap, int $number = 1): TestResponse
    {
        return $this->actingAs($project->user)->postJson("/q/{$project->id}/clues/$number/taps", $tap + [
            'id' => (string) Str::uuid(),
            'kind' => 'add',
            'task' => 't-beam',
            'counter' => 'sewn',
            'sure' => '1',
        ]);
    }
}
