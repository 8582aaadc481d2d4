<?php

declare(strict_types=1);

use App\Models\DesignVersion;
use App\Models\HistoryEntry;
use App\Models\MadePage;
use App\Models\Publication;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** A document of so many squares that it takes a worker some seconds: several sizes, the last of so many columns and rows. */
function largeJson(int $side = 60): string
{
    $document = json_decode(Tests\TestCase::document(), true);
    $document['units'][] = ['id' => 'u-dot', 'name' => 'Dot', 'kind' => 'square', 'finished' => '1', 'fabrics' => ['f-river']];
    $document['blocks'][] = [
        'id' => 'b-dots', 'name' => 'Dots', 'columns' => array_fill(0, 12, '1'), 'rows' => array_fill(0, 12, '1'),
        'cells' => array_map(fn (int $cell): array => ['column' => $cell % 12 + 1, 'row' => intdiv($cell, 12) + 1, 'unit' => 'u-dot'], range(0, 143)),
    ];
    foreach (['s-sea', 's-sound'] as $size) {
        $document['sizes'][] = [
            'id' => $size, 'name' => $size, 'columns' => intdiv($side, 12), 'rows' => intdiv($side, 12), 'pattern' => [['b-dots']],
        ];
    }

    return (string) json_encode($document);
}

/** Sends a document to be published through the page, and gives what waits then. */
function sendsToPublish(User $host, App\Models\QuiltAlong $quiltAlong, string $document): Publication
{
    $draft = App\Actions\Host\OpenDraft::of($quiltAlong);
    $draft->update(['document' => $document, 'number' => $draft->number + 1]);
    test()->actingAs($host)->post("/host/$quiltAlong->slug/design/versions", ['reason' => 'Because'])->assertSessionHasNoErrors()
        ->assertRedirect("/host/$quiltAlong->slug/design/versions");

    return Publication::query()->latest('id')->firstOrFail();
}

/** Its ten seconds are over. */
function isDue(Publication $publication): void
{
    $publication->update(['starts_at' => now()->subSecond()]);
    DB::table('jobs')->where('queue', 'publishing')->update(['available_at' => now()->timestamp - 1]);
}

beforeEach(function (): void {
    queuesWithWorkers();
    $this->quilt = $this->quiltAlong();
    $this->host = $this->person($this->quilt, Role::Owner);
    $this->page = "/host/{$this->quilt->slug}/design/versions";
});

afterEach(function (): void {
    emptyTables();
});

it('publishes after ten seconds in which it can be undone, by a worker that says how far it is', function (): void {
    $first = sendsToPublish($this->host, $this->quilt, largeJson(12));
    expect($first->state)->toBe(Publication::WAITING)->and($first->seconds())->toBeGreaterThan(HistoryEntry::SECONDS - 3);
    // Nobody's worker takes it before.
    worker('publishing')->wait();
    expect($first->refresh()->state)->toBe(Publication::WAITING);
    $this->get($this->page)->assertOk()->assertSee('data-pending', false)->assertSee('Undo');
    // One at a time for one person.
    $this->from($this->page)->post($this->page, ['reason' => 'Because'])->assertSessionHasErrors('publish');
    $this->delete("/host/{$this->quilt->slug}/design/publishing/$first->id")->assertRedirect($this->page)->assertSessionHas('status');
    isDue($first);
    worker('publishing')->wait();
    expect($first->refresh()->state)->toBe(Publication::UNDONE)->and(DesignVersion::query()->count())->toBe(1);

    $second = sendsToPublish($this->host, $this->quilt, largeJson(12));
    isDue($second);
    $this->get($this->page)->assertOk()->assertSee('data-calculating', false);
    expect($this->getJson("/host/{$this->quilt->slug}/design/publishing")->json('ready'))->toBeFalse();
    worker('publishing')->wait();
    $sizes = count(json_decode(largeJson(), true)['sizes']);
    expect($second->refresh()->state)->toBe(Publication::DONE)
        ->and([$second->done, $second->of])->toBe([$sizes - 1, $sizes])
        ->and($this->quilt->fresh()->publishedVersion->number)->toBe(2)
        ->and($this->getJson("/host/{$this->quilt->slug}/design/publishing")->json('ready'))->toBeTrue();
    // It can no longer be taken back.
    $this->delete("/host/{$this->quilt->slug}/design/publishing/$second->id")->assertSessionHas('warning');
});

it('leaves the version before whole when the worker is killed, says so, and publishes at the next attempt', function (): void {
    $this->release($this->quilt);
    $mine = $this->project($this->quilt);
    $before = [$this->quilt->fresh()->published_version_id, DB::table('sheets')->count()];
    $cut = sendsToPublish($this->host, $this->quilt, largeJson(144));
    isDue($cut);
    $worker = worker('publishing');
    expect(becomes(fn (): bool => $cut->refresh()->of > 0))->toBeTrue();
    $worker->signal(SIGKILL);
    $locked = fn (): bool => DB::select("select 1 from pg_locks where locktype = 'advisory' and classid in (20201, 20202)") !== [];
    expect(becomes(fn (): bool => ! $locked()))->toBeTrue();

    expect($cut->refresh()->state)->toBe(Publication::RUNNING);
    // A job that has just begun has a moment in which to say that it is there.
    $cut->update(['started_at' => now()->subMinute()]);
    // A large design's page is worked out by a worker as well.
    $this->get($this->page)->assertStatus(202);
    worker('prints')->wait();
    $this->get($this->page)->assertOk()->assertSee('Publishing was interrupted');
    expect($cut->refresh()->state)->toBe(Publication::FAILED)
        ->and([$this->quilt->fresh()->published_version_id, DB::table('sheets')->count()])->toBe($before)
        ->and(DesignVersion::query()->count())->toBe(1);
    $this->actingAs($mine->user)->get("/q/$mine->id/clues/1")->assertOk();
    // The job of the killed worker is not begun again.
    DB::table('jobs')->where('queue', 'publishing')->update(['reserved_at' => 1, 'available_at' => 1]);
    worker('publishing')->wait();
    expect(DesignVersion::query()->count())->toBe(1);

    $again = sendsToPublish($this->host, $this->quilt, largeJson(12));
    isDue($again);
    worker('publishing')->wait();
    expect($again->refresh()->state)->toBe(Publication::DONE);
});

it('lets people count while a version of their quilt-along is compiled', function (): void {
    $this->release($this->quilt);
    $mine = $this->project($this->quilt);
    $publication = sendsToPublish($this->host, $this->quilt, largeJson(144));
    isDue($publication);
    $worker = worker('publishing');
    expect(becomes(fn (): bool => $publication->refresh()->of > 0))->toBeTrue();
    $this->actingAs($mine->user)->postJson("/q/$mine->id/clues/1/taps", [
        'id' => (string) Illuminate\Support\Str::uuid(), 'task' => 't-wake', 'counter' => 'sewn', 'kind' => 'add', 'amount' => 1,
    ])->assertOk();
    $this->project($this->quilt, 's-crib');
    // What had waited for the worker would find it done.
    expect($publication->refresh()->state)->toBe(Publication::RUNNING);
    $worker->signal(SIGKILL);
});

it('makes prints by a worker, for the person who asked, and shows the pages of a large design once they are worked out', function (): void {
    $this->release($this->quilt);
    $mine = $this->project($this->quilt);
    $print = "/q/$mine->id/print/chart.pdf?paper=a4";
    $this->actingAs($mine->user)->get($print)->assertStatus(202)->assertSee('Making your print');
    $this->get($print)->assertStatus(202);
    $page = MadePage::query()->sole();
    expect($this->getJson("/made/$page->id/state")->json('ready'))->toBeFalse();
    worker('prints')->wait();
    expect($this->getJson("/made/$page->id/state")->json('ready'))->toBeTrue();
    $pdf = $this->get("/made/$page->id")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    expect(substr((string) $pdf->getContent(), 0, 5))->toBe('%PDF-');
    $this->actingAs($this->host)->get("/made/$page->id")->assertNotFound();
    $this->getJson("/made/$page->id/state")->assertNotFound();
    // What its address refuses is refused here too.
    $this->actingAs($mine->user)->get("/q/$mine->id/clues/2/mat.pdf")->assertStatus(202);
    worker('prints')->wait();
    $this->get('/made/'.MadePage::query()->latest('created_at')->firstOrFail()->id)->assertNotFound();
    $this->travel(MadePage::KEPT_MINUTES + 6)->minutes();
    expect(MadePage::forget())->toBe(2)->and($page->body())->toBeNull();
    $this->travelBack();

    $large = sendsToPublish($this->host, $this->quilt, largeJson(60));
    isDue($large);
    worker('publishing')->wait();
    foreach (["/host/{$this->quilt->slug}/yardage", "/host/{$this->quilt->slug}/pressing", "/host/{$this->quilt->slug}/design"] as $address) {
        $this->actingAs($this->host)->get($address)->assertStatus(202)->assertSee('Calculating');
        worker('prints')->wait();
        $this->get($address)->assertOk();
    }
});
