<?php

declare(strict_types=1);

use App\Actions\Host\PublishDesign;
use App\Models\Clue;
use App\Models\DesignVersion;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\Sheet;
use App\Plans\Unreleased\SheetMissed;
use App\Plans\Unreleased\SheetStore;
use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Illuminate\Database\Eloquent\ModelNotFoundException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;

it('stores the document as it came, lists the clues and compiles every sheet ahead', function (): void {
    $quilt = $this->quiltAlong();
    $version = DesignVersion::query()->firstOrFail();

    expect($version->document)->toBe(Tests\TestCase::document())
        ->and($version->hash)->toBe(hash('sha256', DesignReader::read(Tests\TestCase::document())->document->write()))
        ->and($quilt->fresh()->version())->toBe($version->id)
        ->and($quilt->clues()->pluck('title', 'number')->all())->toMatchArray([1 => 'Casting off', 8 => 'Landing'])
        ->and($quilt->clues()->where('number', 1)->firstOrFail()->kinds)->toBe(['hst', 'four-patch'])
        // 1 announcement, 1 sheet of cloth, 4 pictures, 4 layouts; at each of 4 sizes 8 clues by the usual methods.
        ->and(Sheet::query()->count())->toBe(2 + 4 + 4 + 4 * 8);
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
    $choices = MethodChoices::defaults()->with(UnitLibrary::kind('hst'), new Method('hst:eight'));
    app(SheetStore::class)->clue($quilt->version(), 's-crib', $this->clue($quilt, 2), $choices);
    app(SheetStore::class)->clue($quilt->version(), 's-crib', $this->clue($quilt, 3), $choices);

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

    $this->actingAs($project->user)->get(
        "/q/{$project->id}/clues/1",
    )->assertOk()->assertSeeText('Make 40')->assertSee('<output>3</output>', false);
    $this->tap($project, ['amount' => 1])->assertJsonPath('done', 4);
});

/**
 * Night Ferry, changed.
 *
 * @param  callable(array<string, mixed>): array<string, mixed>  $change
 */
function ferryWith(callable $change): string
{
    return (string) json_encode($change(json_decode(Tests\TestCase::document(), true)));
}

/** Publishes Night Ferry again, changed, to a quilt-along in which somebody makes the Throw and clue 1 is open. */
function publishAgain(Tests\TestCase $test, callable $change): QuiltAlong
{
    $quilt = $test->quiltAlong();
    $test->release($quilt);
    $test->mine = $test->project($quilt);
    $test->actingAs($test->mine->user);
    app(PublishDesign::class)($quilt, ferryWith($change));

    return $quilt->refresh();
}

it('moves, adds and removes clues that nobody has seen yet, and keeps what belongs to each', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    $this->tap($project, ['amount' => 5, 'counter' => 'trimmed'])->assertOk();
    $this->clue($quilt, 3)->forceFill(['release_at' => now()->addWeek(), 'zone' => 'America/New_York'])->save();
    $third = $this->clue($quilt, 3)->key;
    app(PublishDesign::class)($quilt, ferryWith(function (array $document): array {
        $clues = $document['clues'];
        // The last is gone, the third comes second, and a new one stands at the end.
        $document['clues'] = [
            $clues[0],
            $clues[2],
            $clues[1],
            ...array_slice($clues, 3, 4),
            ['id' => 'k-new', 'title' => 'New', 'minutes' => 5, 'tasks' => []],
        ];

        return $document;
    }));
    $quilt->refresh();
    expect($quilt->clues()->pluck('number')->all())->toBe(range(1, 8))
        ->and($quilt->clues()->pluck('key')->all())->toContain('k-new')->not->toContain('k-landing')
        ->and($this->clue($quilt, 2)->key)->toBe($third)
        ->and($this->clue($quilt, 2)->release_at?->isFuture())->toBeTrue();
    foreach (['', '/clues', '/clues/1', '/fabrics', '/bench', '/quilt', '/clues/1/counters'] as $page) {
        $this->actingAs($project->user)->followingRedirects()->get("/q/{$project->id}$page")->assertOk();
    }
    $this->tap($project, ['amount' => 1, 'counter' => 'trimmed'])->assertOk()->assertJsonPath('done', 6);
    $this->actingAs($this->person($quilt, Role::Owner));
    foreach (['', '/design', '/clues', '/clues/8', '/people'] as $page) {
        $this->get("/host/{$quilt->slug}$page")->assertOk();
    }
});

it('refuses what would take a clue, a size or a colourway from members, and says which', function (callable $change, string $place, string $words): void {
    expect(fn () => publishAgain($this, $change))->toThrow(DocumentException::class, "$place: $words")
        ->and(DesignVersion::query()->count())->toBe(1);
    $this->get("/q/{$this->mine->id}/clues/1")->assertOk()->assertSeeText('Casting off');
})->with([
    'its place' => [function (array $document): array {
        $document['clues'] = [$document['clues'][1], $document['clues'][0], ...array_slice($document['clues'], 2)];

        return $document;
    }, '/clues/1', 'Leave clue 1, “Casting off”, at its place: members have had it open, and it would become clue 2.'],
    'a size somebody makes' => [function (array $document): array {
        array_splice($document['sizes'], 1, 1);

        return $document;
    }, '/sizes', 'Keep the size “s-throw”: 1 quilt is made in it.'],
    'a colourway somebody uses' => [function (array $document): array {
        $document['colourways'] = array_map(
            fn (array $colourway): array => $colourway['id'] === 'c-last-boat' ? [...$colourway, 'id' => 'c-other'] : $colourway,
            $document['colourways'],
        );

        return $document;
    }, '/colourways', 'Keep the colourway “c-last-boat”: 1 quilt is made in it.'],
]);

it('refuses to take out a clue that is open, also while it is withdrawn', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $this->project($quilt);
    $this->clue($quilt, 1)->forceFill(['withdrawn_at' => now()])->save();
    $without = ferryWith(fn (array $document): array => [...$document, 'clues' => array_slice($document['clues'], 1)]);
    expect(fn () => app(PublishDesign::class)($quilt, $without))
        ->toThrow(DocumentException::class, 'Keep clue 1, “Casting off”: members have had it open.');
});

it('changes what is not open, and a size that nobody makes', function (): void {
    $quilt = publishAgain($this, function (array $document): array {
        $document['sizes'][0]['columns'] = 4;
        array_pop($document['sizes']);
        $document['clues'][2]['title'] = 'Lanterns';

        return $document;
    });
    expect($this->clue($quilt, 3)->title)->toBe('Lanterns');
    $this->get("/q/{$this->mine->id}/clues/1")->assertOk();
    // What nobody asks for any more is gone: sheets of the version before.
    expect(Sheet::query()->where('design_version_id', '!=', $quilt->version())->count())->toBe(0)
        ->and(Sheet::query()->count())->toBe(2 + 3 + 3 + 3 * 8);
});

it('gives a quilt without a size another one to stand for it when the first is gone', function (): void {
    $document = fn (array $document): array => [...$document, 'later' => ['size' => true]];
    $quilt = QuiltAlong::factory()->create();
    app(PublishDesign::class)($quilt, ferryWith($document));
    $project = $this->project($quilt, 's-crib');
    $project->update(['size_later' => true]);
    app(PublishDesign::class)($quilt, ferryWith(fn (array $all): array => [...$document($all), 'sizes' => array_slice($all['sizes'], 1)]));
    expect($project->refresh()->size_key)->toBe('s-throw');
    $this->actingAs($project->user)->get("/q/{$project->id}")->assertOk();
});

it('compiles ahead the ways that members have chosen', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    $this->actingAs($project->user)->put(
        "/q/{$project->id}/clues/1/method",
        ['kind' => 'hst', 'method' => 'hst:eight', 'oversize' => '1'],
    );
    Sheet::query()->delete();
    Event::fake([SheetMissed::class]);
    $this->artisan('dew:warm')->expectsOutputToContain('43 sheets compiled.')->assertExitCode(0);
    $this->get("/q/{$project->id}/clues/1")->assertOk()->assertSee('value="hst:eight" checked', false);
    $this->artisan('dew:warm')->expectsOutputToContain('0 sheets compiled.');
    Event::assertNotDispatched(SheetMissed::class);
    Sheet::query()->update(['revision' => 1]);
    $this->artisan('dew:warm')->expectsOutputToContain('43 sheets compiled. 43 sheets taken out.');
});

it('learns at which sizes clues of an earlier release have something to make', function (): void {
    $quilt = $this->quiltAlong();
    $quilt->clues()->update(['sizes' => null]);
    $this->artisan('dew:warm');
    expect($this->clue($quilt, 1)->sizes)->toBe(['s-crib', 's-throw', 's-twin', 's-queen'])
        ->and($this->clue($quilt, 2)->sizes)->toBe([]);
});

it('writes the sheets of a size byte for byte as each would be written by itself', function (): void {
    $design = DesignReader::read((string) file_get_contents(database_path('designs/kitchen-garden.json')));
    foreach (array_keys($design->sizes) as $size) {
        $together = new SizeCompiler($design, $size);
        foreach (array_keys($design->clues) as $clue) {
            foreach (array_slice(MethodChoices::combinations(Compiler::kinds($design, $clue), 12), 0, 12) as $number => $methods) {
                $methods = $number % 3 === 0 ? $methods->withOversize(Compiler::kinds($design, $clue)[0] ?? UnitLibrary::kind('square')) : $methods;
                expect($together->clueText($clue, $methods))->toBe(
                    Compiler::clueSheet($design, $size, $clue, $methods)->write(),
                );
            }
        }
    }
});

it('writes the rows again that it wrote, for tests that only need a published design', function (): void {
    $tables = fn (): array => array_map(fn (string $table): int => DB::table($table)->count(), ['design_versions', 'sheets', 'clues', 'publications', 'deeds', 'corrections', 'notices']);
    $before = $tables();
    $published = QuiltAlong::factory()->create();
    app(PublishDesign::class)($published, self::document());
    $wrote = array_map(fn (int $after, int $there): int => $after - $there, $tables(), $before);
    $before = $tables();
    $written = QuiltAlong::factory()->create();
    Tests\PublishedRows::write($written, self::document());

    expect(Tests\PublishedRows::of($written))->toEqual(Tests\PublishedRows::of($published))
        ->and(array_map(fn (int $after, int $there): int => $after - $there, $tables(), $before))->toBe($wrote)
        ->and($written->publishedVersion?->hash)->toBe($published->fresh()?->publishedVersion?->hash);
});
