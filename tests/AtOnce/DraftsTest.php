<?php

declare(strict_types=1);

use App\Actions\Host\ChangeDraft;
use App\Actions\Host\OpenDraft;
use App\Actions\Host\PublishDesign;
use App\Models\Correction;
use App\Models\CorrectionMark;
use App\Models\DesignVersion;
use App\Models\Draft;
use App\Models\DraftEdit;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use App\Plans\Unreleased\Documents;
use Dew\Core\Draft\Kind\EditLibrary;
use Dew\Core\Draft\Place;
use Illuminate\Support\Str;

/** Edits the draft of a quilt-along, in a process of its own, and gives the number the draft has then. */
function editsDraft(int $quiltAlong, int $user, array $edit, ?string $uuid = null): Closure
{
    return fn (): int => app(ChangeDraft::class)->edit(
        OpenDraft::of(QuiltAlong::query()->findOrFail($quiltAlong)),
        User::query()->findOrFail($user),
        $uuid ?? (string) Str::uuid(),
        'set',
        EditLibrary::read($edit),
    )->number;
}

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->owner = $this->person($this->quilt, Role::Owner);
});

afterEach(function (): void {
    emptyTables();
});

it('begins one draft for all who open a design at the same moment', function (): void {
    $ids = atOnce(...array_fill(0, 5, fn (): int => OpenDraft::of(QuiltAlong::query()->findOrFail($this->quilt->id))->id));
    expect(array_unique($ids))->toHaveCount(1)->and(Draft::query()->count())->toBe(1);
});

it('makes an edit once that arrives several times at the same moment', function (): void {
    $edit = ['kind' => 'add', 'to' => 'sizes', 'item' => ['id' => 's-new', 'name' => 'New', 'columns' => 2, 'rows' => 2]];
    $numbers = atOnce(...array_fill(0, 5, editsDraft($this->quilt->id, $this->owner->id, $edit, (string) Str::uuid())));
    expect($numbers)->toBe([1, 1, 1, 1, 1])->and(DraftEdit::query()->count())->toBe(1);
});

it('lets all edits of different things stand that are made at the same moment, in one history without a gap', function (): void {
    $fabrics = ['f-deep', 'f-lamp', 'f-river', 'f-mist', 'f-signal'];
    $numbers = atOnce(...array_map(fn (string $fabric): Closure => editsDraft($this->quilt->id, $this->owner->id, [
        'kind' => 'set', 'place' => "fabrics/$fabric/name", 'to' => "New $fabric",
    ]), $fabrics));
    sort($numbers);
    $design = Documents::draft(Draft::query()->sole());
    expect($numbers)->toBe([1, 2, 3, 4, 5]);
    foreach ($fabrics as $fabric) {
        expect($design->at(Place::of('fabrics', $fabric, 'name'))->value)->toBe("New $fabric");
    }
});

it('publishes a correction once that two hosts send at the same moment', function (): void {
    $this->release($this->quilt);
    $this->project($this->quilt);
    $document = json_decode(Tests\TestCase::document(), true);
    $document['sizes'][1]['columns'] = 6;
    [$quilt, $text, $seen] = [$this->quilt->id, (string) json_encode($document), (int) $this->quilt->fresh()->published_version_id];
    $numbers = atOnce(...array_fill(0, 3, fn (): int => app(PublishDesign::class)(
        QuiltAlong::query()->findOrFail($quilt), $text, [], [1 => 'It was wrong.'], $seen,
    )->number));

    expect(array_values(array_filter($numbers, is_int(...))))->toBe([2])
        ->and(implode(' ', array_filter($numbers, is_string(...))))->toContain('Someone published another version in the meantime')
        ->and(DesignVersion::query()->count())->toBe(2)
        ->and(Correction::query()->count())->toBe(1)
        ->and(CorrectionMark::query()->count())->toBe(1);
});
