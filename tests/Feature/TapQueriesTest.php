<?php

declare(strict_types=1);

use App\Models\User;
use Illuminate\Support\Facades\DB;

it('counts a tap in few queries', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    config(['cache.default' => 'database', 'cache.limiter' => 'database']);
    foreach (['trimmed', 'sewn', 'trimmed', 'sewn'] as $round => $counter) {
        DB::flushQueryLog();
        DB::enableQueryLog();
        $project->setRelations([]);
        $project->setRelation('user', User::query()->findOrFail($project->user_id));
        DB::flushQueryLog();
        $this->tap($project, ['amount' => 1, 'counter' => $counter])->assertOk();
        if ($round > 1) {
            expect(count(DB::getQueryLog()))->toBeLessThanOrEqual(12, implode("\n", array_column(DB::getQueryLog(), 'query')));
        }
    }
});
