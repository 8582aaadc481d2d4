<?php

declare(strict_types=1);

use App\Providers\AppServiceProvider;
use App\Providers\RateLimitServiceProvider;
use App\Providers\RouteServiceProvider;
use App\Providers\SecurityServiceProvider;

return [
    AppServiceProvider::class,
    SecurityServiceProvider::class,
    RouteServiceProvider::class,
    RateLimitServiceProvider::class,
];
