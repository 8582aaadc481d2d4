<?php

declare(strict_types=1);

namespace App\Actions\Host;

use App\Models\Invitation;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use Dew\Core\Design\DesignDocument;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Makes a quilt-along with its owner, its join code and the draft of its design. */
final class StartQuiltAlong
{
    private const LONGEST_SLUG = 60;

    /**
     * @param  array<string, mixed>  $about  columns of the quilt-along
     * @param  DesignDocument  $design  what the draft begins with
     */
    public function __invoke(User $owner, array $about, DesignDocument $design): QuiltAlong
    {
        return DB::transaction(function () use ($owner, $about, $design): QuiltAlong {
            $name = is_string($about['name'] ?? null) ? $about['name'] : '';
            $quiltAlong = QuiltAlong::query()->create(['slug' => self::slug($name)] + $about);
            $owner->memberships()->create(['quilt_along_id' => $quiltAlong->id, 'role' => Role::Owner]);
            $quiltAlong->invitations()->create(['code' => Invitation::newCode()]);
            $quiltAlong->draft()->create(['document' => $design->write(), 'number' => 0]);

            return $quiltAlong;
        });
    }

    public static function slug(string $name): string
    {
        $slug = rtrim(substr(Str::slug($name), 0, self::LONGEST_SLUG), '-') ?: 'quilt-along';

        return QuiltAlong::query()->where('slug', $slug)->exists() ? $slug.'-'.Str::lower(Str::random(5)) : $slug;
    }
}
