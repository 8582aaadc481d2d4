<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\Invitation;
use App\Presentation\Member\Bench\BenchTasks;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;

/** What the parts of an address may look like. */
final class RouteServiceProvider extends ServiceProvider
{
    public function boot(): void
    {
        Route::pattern('block', '[a-z0-9-]{1,40}');
        Route::pattern('picture', '[0-9a-f]{64}');
        Route::pattern('slot', '[A-Za-z0-9-]{1,64}');
        Route::pattern('stock', '[0-9a-z]{26}');
        Route::pattern('work', implode('|', array_keys(BenchTasks::PAGES)));
        Route::pattern('part', '[1-9][0-9]{0,15}');
        Route::pattern('other', '[a-z0-9-]{1,40}');
        Route::pattern('order', '[1-9][0-9]{0,17}');
        Route::pattern('format', 'json|csv');
        Route::pattern('unit', '[a-z0-9-]{1,40}');
        Route::pattern('number', '[1-9][0-9]{0,2}');
        Route::pattern('clue', '[a-z0-9-]{1,40}');
        Route::pattern('correction', '[1-9][0-9]{0,17}');
        Route::pattern('deed', '[1-9][0-9]{0,17}');
        Route::pattern('remark', '[1-9][0-9]{0,17}');
        Route::pattern('task', '[a-z0-9-]{1,40}');
        Route::pattern('membership', '[1-9][0-9]{0,17}');
        Route::pattern('helperInvitation', '[1-9][0-9]{0,17}');
        Route::pattern('post', '[1-9][0-9]{0,17}');
        Route::bind(
            'code',
            fn (string $code): Invitation => Invitation::query()->open()->with('quiltAlong')->where(
                'code',
                Invitation::tidy($code),
            )->firstOrFail(),
        );
    }
}
