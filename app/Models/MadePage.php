<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Support\Facades\Storage;

/**
 * A print or a page that takes a while, made by a worker for the person who asked for it. What was made is kept for a few minutes.
 *
 * @property string $id
 * @property int $user_id
 * @property string $address path and query of what was asked for
 * @property string $state one of the constants here
 * @property array<string, string|int>|null $headers of the answer, with its `status`; null for a page, which is shown at its own address
 * @property CarbonImmutable|null $finished_at
 * @property CarbonImmutable $created_at
 * @property-read User $user
 */
final class MadePage extends Model
{
    use HasUuids;

    public const WAITING = 'waiting';

    public const DONE = 'done';

    public const FAILED = 'failed';

    /** In which asking again does not make it again. */
    public const WAITING_SECONDS = 180;

    /** For which a print is kept. */
    public const KEPT_MINUTES = 10;

    protected $fillable = ['user_id', 'address', 'state', 'headers', 'finished_at'];

    protected function casts(): array
    {
        return ['headers' => 'array', 'finished_at' => 'immutable_datetime'];
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    public function body(): ?string
    {
        return Storage::disk('local')->exists($this->file()) ? Storage::disk('local')->get($this->file()) : null;
    }

    /** @param  array<string, string|int>|null  $headers */
    public function keep(?string $body, ?array $headers): void
    {
        if ($body !== null) {
            Storage::disk('local')->put($this->file(), $body);
        }
        $this->update(['state' => self::DONE, 'headers' => $headers, 'finished_at' => now()]);
    }

    /** Forgets what was made and is no longer kept. */
    public static function forget(): int
    {
        $old = self::query()->where('created_at', '<', now()->subMinutes(self::KEPT_MINUTES + 5))->limit(1000)->get();
        $old->each(function (self $page): void {
            Storage::disk('local')->delete($page->file());
            $page->delete();
        });

        return $old->count();
    }

    private function file(): string
    {
        return 'made/'.$this->id;
    }
}
