<?php

declare(strict_types=1);

use App\Actions\Host\PublishDesign;
use App\Models\Clue;
use App\Models\DesignVersion;
use App\Models\QuiltAlong;
use App\Models\Sheet;
use App\Plans\Whole\SheetMissed;
use App\Plans\Whole\SheetStore;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\DesignWriter;
use Dew\Core\Document\DocumentException;
use Dew\Core\Plan\Whole\Compiler;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\Event;

it('stores the document as it came, lists the clues and compiles every sheet ahead', function (): void {
    $quilt = $this->quiltAlong();
    $version = DesignVersion::query()->firstOrFail();

    expect($version->document)->toBe(Tests\TestCase::document())
        ->and($version->hash)->toBe(hash('sha256', DesignWriter::write(DesignReader::read(Tests\TestCase::document()))))
        ->and($quilt->fresh()->version())->toBe($version->id)
        ->and($quilt->clues()->pluck('title', 'number')->all())->toMatchArray([1 => 'Casting off', 8 => 'Landing'])
        ->and($quilt->clues()->where('number', 1)->firstOrFail()->kinds)->toBe(['hst', 'four-patch'])
        // 1 announcement, 4 pictures; at each of 4 sizes clue 1 in 6 × 2 ways, two borders in 2 ways, 5 clues in one.
        ->and(Sheet::query()->count())->toBe(1 + 4 + 4 * (12 + 2 * 2 + 5));
});

it('publishes a second version beside the first, and keeps what was scheduled', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $document = json_decode(Tests\TestCase::document(), true);
    $document['clues'][0]['title'] = 'Cast off at last';
    $document['sizes'][0]['columns'] = 4;
    app(PublishDesign::class)($quilt, (string) json_encode($document));
    $clue = $this->clue($quilt, 1);

    expect(DesignVersion::query()->pluck('number')->all())->toBe([1, 2])
        ->and($clue->title)->toBe('Cast off at last')
        ->and($clue->isReleased())->toBeTrue()
        ->and(Clue::query()->count())->toBe(8)
        ->and(app(SheetStore::class)->quilt($quilt->fresh()->version(), 's-crib')->finished->encode())->toBe('56 x 44');
    $project = $this->project($quilt, 's-crib');
    $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertSeeText('Make 48')->assertSeeText('Cast off at last');
});

it('publishes nothing of a document that cannot be sewn', function (): void {
    $quilt = QuiltAlong::factory()->create();
    expect(fn () => app(PublishDesign::class)($quilt, '{"dew": 1}'))->toThrow(DocumentException::class);
    expect(DesignVersion::query()->count())->toBe(0)
        ->and(Clue::query()->count())->toBe(0)
        ->and(fn () => $quilt->version())->toThrow(ModelNotFoundException::class);
});

it('refuses to publish what its proof calls an error, and says where', function (): void {
    $quilt = QuiltAlong::factory()->create();
    $document = json_decode(Tests\TestCase::document(), true);
    $document['units'][0]['finished'] = '2 7/8';
    $publish = fn () => app(PublishDesign::class)($quilt, (string) json_encode($document));

    expect($publish)->toThrow(DocumentException::class, '/blocks/0/cells/1: Make Beam half-square triangle fit its cell in Pier Lantern')
        ->and(DesignVersion::query()->count())->toBe(0)
        ->and(Clue::query()->count())->toBe(0);
});

it('gives a document the same hash however its keys are ordered', function (): void {
    $quilt = $this->quiltAlong();
    $document = json_decode(Tests\TestCase::document(), true);
    app(PublishDesign::class)($quilt, (string) json_encode(array_reverse($document, true)));

    expect(DesignVersion::query()->pluck('hash')->unique())->toHaveCount(1);
});

it('never serves a sheet of an older compiler', function (): void {
    $quilt = $this->quiltAlong();
    Sheet::query()->where('kind', 'clue')->update(['revision' => Compiler::REVISION - 1, 'body' => '{"stale": true}']);
    Event::fake([SheetMissed::class]);
    $sheet = app(SheetStore::class)->clue($quilt->version(), 's-throw', $this->clue($quilt, 1), MethodChoices::defaults());

    expect($sheet->tasks)->toHaveCount(3);
    Event::assertDispatched(
        SheetMissed::class,
        fn (SheetMissed $miss): bool => $miss->clue === 'k-casting-off' && $miss->size === 's-throw',
    );
});

it('shares sheets between people whose choices do not touch the clue', function (): void {
    $quilt = $this->quiltAlong();
    $before = Sheet::query()->count();
    $choices = MethodChoices::defaults()->with(UnitKind::HalfSquareTriangle, Method::HstEight);
    app(SheetStore::class)->clue($quilt->version(), 's-crib', $this->clue($quilt, 2), $choices);
    app(SheetStore::class)->clue($quilt->version(), 's-crib', $this->clue($quilt, 1), $choices);

    expect(Sheet::query()->count())->toBe($before);
});

it('reads several clues in one query, in any order they are asked', function (): void {
    $quilt = $this->quiltAlong();
    $clues = $quilt->clues()->whereIn('number', [3, 1, 2])->get()->toBase();
    $sheets = app(SheetStore::class)->clues($quilt->version(), 's-crib', $clues, MethodChoices::defaults());

    expect(array_map(fn ($sheet): int => $sheet->number, $sheets))->toBe([1, 2, 3])
        ->and(app(SheetStore::class)->clues($quilt->version(), 's-crib', collect(), MethodChoices::defaults()))->toBe([]);
});

it('serves a version that an earlier release stored in format 2, and what members counted on it', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt, 's-crib');
    $this->tap($project, ['amount' => 3])->assertJsonPath('done', 3);

    $old = json_decode(Tests\TestCase::document(), true);
    $old['dew'] = 2;
    $old['units'][0]['stated'] = ['unfinished' => '3 1/2', 'cut' => ['first' => '3 7/8']];
    DesignVersion::query()->update(['document' => (string) json_encode($old)]);
    Sheet::query()->delete();
    app()->forgetInstance(SheetStore::class);

    $this->actingAs($project->user)->get("/q/{$project->id}/clues/1")->assertOk()->assertSeeText('Make 40')->assertSee('data-done="3"', false);
    $this->tap($project, ['amount' => 1])->assertJsonPath('done', 4);
});
