<?php

declare(strict_types=1);

namespace App\Security;

use App\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Where somebody is signed in. Known only while sessions are kept in the database. */
final class Devices
{
    /** @return list<array{id: string, kind: string, agent: string, ip: string, seen: CarbonImmutable, isHere: bool}> the one that was used last first */
    public static function of(User $user, Session $here): array
    {
        if (config('session.driver') !== 'database') {
            return [];
        }
        $rows = DB::table('sessions')->where('user_id', $user->id)->orderByDesc('last_activity')->limit(50)->get();

        return array_values($rows->map(fn (object $row): array => [
            'id' => self::name((string) $row->id),
            'kind' => self::kind((string) $row->user_agent),
            'agent' => (string) $row->user_agent,
            'ip' => (string) $row->ip_address,
            'seen' => CarbonImmutable::createFromTimestamp((int) $row->last_activity),
            'isHere' => $row->id === $here->getId(),
        ])->all());
    }

    /**
     * Ends one session, or all but this one, and with them every promise to keep a device signed in but this one's.
     *
     * @param  string|null  $name  of the session as {@see of()} names it; null for all others
     */
    public static function end(User $user, Request $request, ?string $name = null): void
    {
        $others = DB::table('sessions')->where('user_id', $user->id)->where('id', '!=', $request->session()->getId())->pluck('id');
        $ended = $others->filter(fn (mixed $id): bool => is_string($id) && ($name === null || hash_equals(self::name($id), $name)));
        DB::table('sessions')->whereIn('id', $ended)->delete();
        $guard = Auth::guard();
        $isKept = $guard instanceof SessionGuard && $request->cookies->has($guard->getRecallerName());
        $user->setRememberToken(Str::random(60));
        $user->save();
        if ($isKept) {
            Auth::login($user, true);
        }
    }

    /** What sort of device a browser says it runs on: all that somebody needs to know her own again, together with the time. */
    private static function kind(string $agent): string
    {
        return match (true) {
            $agent === '' => 'unknown',
            preg_match('/iPad|Tablet|Android(?!.*Mobile)/i', $agent) === 1 => 'tablet',
            preg_match('/Mobi|iPhone|Phone/i', $agent) === 1 => 'phone',
            default => 'computer',
        };
    }

    /** A name that gives the session away to nobody. */
    private static function name(string $id): string
    {
        return substr(hash('sha256', $id), 0, 24);
    }
}
