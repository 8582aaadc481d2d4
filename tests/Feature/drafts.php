<?php

declare(strict_types=1);

use App\Models\Draft;
use App\Models\QuiltAlong;
use App\Models\User;
use App\Plans\Unreleased\Documents;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
function sendEdit(User $host, QuiltAlong $quiltAlong, array $edit, array $fields = []): TestResponse
{
    return test()->actingAs($host)->postJson("/host/$quiltAlong->slug/design/edits", $fields + [
        'id' => (string) Str::uuid(), 'edit' => (string) json_encode($edit), 'view' => 'quilt',
    ]);
}

function documentOf(QuiltAlong $quiltAlong): Dew\Core\Draft\DraftDocument
{
    return Documents::draft(Draft::query()->whereBelongsTo($quiltAlong)->firstOrFail());
}
