<?php

declare(strict_types=1);

use Rector\Config\RectorConfig;
use Rector\DeadCode\Rector\Cast\RecastingRemovalRector;
use Rector\DeadCode\Rector\For_\RemoveDeadLoopRector;
use Rector\DeadCode\Rector\Property\RemoveUselessVarTagRector;
use Rector\Php80\Rector\Ternary\TernaryToNullsafeCoalesceRector;

// Run by hand, `vendor/bin/rector process`, when PHP or a rule set is raised.
return RectorConfig::configure()
    ->withPaths([__DIR__.'/app', __DIR__.'/core', __DIR__.'/config', __DIR__.'/database', __DIR__.'/routes', __DIR__.'/tests'])
    ->withPhpSets(php82: true)
    ->withPreparedSets(deadCode: true)
    ->withSkip([
        // Keys of arrays that look like numbers are integers, whatever the types say: casts of keys stay.
        RecastingRemovalRector::class,
        // It takes loops that count up to the first free number for dead.
        RemoveDeadLoopRector::class,
        // The type of a row of a query is known to nobody else.
        RemoveUselessVarTagRector::class => [__DIR__.'/app/Support/QuietSessions.php'],
        // "a === null ? b : a->c()" gives b also when c() gives null.
        TernaryToNullsafeCoalesceRector::class,
    ])
    ->withCache(__DIR__.'/storage/rector');
