<?php

declare(strict_types=1);

namespace App\Providers;

use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;
use Symfony\Component\HttpFoundation\Response;

/** How often somebody may do what others would suffer from. */
final class RateLimitServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        $limit = fn (string $name): int => (int) config("dew.limits.$name");

        RateLimiter::for('sign-in', fn (Request $request): array => [
            Limit::perMinute($limit('sign_in'))->by(
                'person|'.($request->user()->id ?? $request->string('email')->lower()->trim()).'|'.$request->ip(),
            )->response($this->tooOften(...)),
            // One account from many places.
            Limit::perMinute($limit('sign_in_account'))->by(
                'account|'.($request->user()->id ?? $request->session()->get('sign_in.account') ?? $request->string('email')->lower()->trim()),
            )->response($this->tooOften(...)),
            Limit::perMinute($limit('sign_in_address'))->by('address|'.$request->ip())->response($this->tooOften(...)),
        ]);
        RateLimiter::for('register', fn (Request $request): Limit => Limit::perMinute($limit('register'))->by(
            (string) $request->ip(),
        )->response($this->tooOften(...)));
        RateLimiter::for('mail', fn (Request $request): array => [
            Limit::perMinute($limit('mail'))->by('to|'.$request->string('email')->lower()->trim())->response($this->tooOften(...)),
            Limit::perMinute($limit('mail') * 5)->by('from|'.$request->ip())->response($this->tooOften(...)),
        ]);
        RateLimiter::for('edits', fn (Request $request): Limit => Limit::perMinute($limit('edits'))->by(
            (string) ($request->user()->id ?? $request->ip()),
        ));
        // A calendar service asks for many members from one address.
        RateLimiter::for('feed', fn (Request $request): Limit => Limit::perMinute($limit('feed'))->by((string) $request->ip()));
        RateLimiter::for('join', fn (Request $request): Limit => Limit::perMinute($limit('join'))->by(
            (string) ($request->user()->id ?? $request->ip()),
        ));
    }

    /**
     * Too often is said at the form, with what was typed still in it.
     *
     * @param  array<string, int>  $headers
     */
    private function tooOften(Request $request, array $headers): Response
    {
        $message = __('auth.throttle', ['seconds' => $headers['Retry-After'] ?? 60]);
        if ($request->expectsJson() || $request->isMethod('GET')) {
            return new Response($message, 429, $headers);
        }

        return back()->withInput($request->except(['password', 'password_confirmation', 'current_password']))->with('warning', $message);
    }
}
