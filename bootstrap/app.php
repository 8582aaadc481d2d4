<?php

declare(strict_types=1);

use App\Http\Hosts;
use App\Http\Middleware\CallsClues;
use App\Http\Middleware\MadeAside;
use App\Http\Middleware\PlainInput;
use App\Http\Middleware\SecurityHeaders;
use App\Http\Middleware\TestClock;
use App\Plans\ClueWithdrawn;
use App\Support\QuietQueryLog;
use Dew\Bench\Bench;
use Dew\Bench\BenchCutting;
use Dew\Bench\BenchEdit;
use Dew\Bench\BenchLoad;
use Dew\Bench\BenchWorld;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

// What was passed to a function may be a password: no list of calls shows it.
ini_set('zend.exception_ignore_args', '1');

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__.'/../routes/web.php',
        commands: __DIR__.'/../routes/console.php',
    )
    ->withCommands([Bench::class, BenchCutting::class, BenchEdit::class, BenchLoad::class, BenchWorld::class])
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        $middleware->prepend(TestClock::class);
        // Outermost: an address that cannot be read is answered with the same headers.
        $middleware->prepend(SecurityHeaders::class);
        $middleware->append(PlainInput::class);
        $middleware->web(append: [CallsClues::class]);
        $middleware->alias(['made' => MadeAside::class]);
        $middleware->trustHosts(at: Hosts::patterns(...), subdomains: false);
        $middleware->encryptCookies(except: ['dew_theme']);
        $middleware->redirectGuestsTo(fn (): string => route('login'));
        $middleware->redirectUsersTo(fn (): string => route('home'));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->report(fn (QueryException $error) => QuietQueryLog::write($error))->stop();
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->expectsJson());
        $exceptions->render(fn (NotFoundHttpException $missing, Request $request) => $request->expectsJson()
            ? response()->json($missing instanceof ClueWithdrawn
                ? ['message' => $missing->getMessage(), 'errors' => ['clue' => [$missing->getMessage()]]]
                : ['message' => __('errors.not_found')], 404)
            : null);
        $exceptions->dontFlash(['password', 'password_confirmation', 'current_password']);
    })
    ->create();
