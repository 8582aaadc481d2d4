<?php

declare(strict_types=1);

use App\Actions\Host\PublishDesign;
use App\Actions\Member\ChooseMethod;
use App\Jobs\RefreshTotals;
use App\Jobs\SendNotices;
use App\Models\ClueProgress;
use App\Models\Correction;
use App\Models\CorrectionMark;
use App\Models\Notice;
use App\Models\Post;
use App\Models\Progress;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\Role;
use App\Models\User;
use App\Plans\Unreleased\OpenClueChanges;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Sheet\TaskSheet;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Illuminate\Support\Str;

const WRONG = 'The beam was drawn half an inch too small.';

/** Night Ferry with another cloth in its beam, or with one more column at the crib size. */
function corrected(string $what): string
{
    $document = json_decode(Tests\TestCase::document(), true);
    if ($what === 'cloth') {
        $document['units'][0]['fabrics'][1] = 'f-signal';
    }
    if ($what === 'count') {
        $document['sizes'][1]['columns'] += 1;
    }
    if ($what === 'words') {
        $document['clues'][0]['introduction'] = 'Cast off.';
    }
    if ($what === 'later') {
        $document['clues'][7]['title'] = 'Landfall';
    }

    return (string) json_encode($document);
}

function publishCorrected(QuiltAlong $quilt, string $what = 'count', array $words = [1 => WRONG]): void
{
    app(PublishDesign::class)($quilt, corrected($what), [], $words);
}

function count_off(Tests\TestCase $test, Project $project, string $task, string $counter, int $count): void
{
    $test->tap($project, ['kind' => 'add', 'task' => $task, 'counter' => $counter, 'amount' => $count])->assertOk();
}

/** Puts a document in the place of the draft, as an import does. */
function edit_draft(Tests\TestCase $test, QuiltAlong $quilt, string $document): void
{
    $draft = App\Actions\Host\OpenDraft::of($quilt);
    $draft->forceFill(
        ['document' => Dew\Core\Design\DesignReader::read($document)->document->write(), 'number' => $draft->number + 1],
    )->save();
}

it('asks what was wrong before numbers of an open clue change, and keeps everything as it was until then', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $this->project($quilt);

    expect(fn () => publishCorrected($quilt, words: []))->toThrow(DocumentException::class, 'Write what was wrong in clue 1, “Casting off”')
        ->and($quilt->versions()->count())->toBe(1)
        ->and(Correction::query()->count())->toBe(0);
});

it('needs no words where nobody sews yet, where only words change, or where the clue is to come', function (string $what, bool $joined): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    if ($joined) {
        $this->project($quilt);
    }
    publishCorrected($quilt, $what, []);

    expect($quilt->versions()->count())->toBe(2)->and(Correction::query()->count())->toBe(0);
})->with(['nobody sews' => ['count', false], 'only words' => ['words', true], 'a clue to come' => ['later', true]]);

it('says what changed and what to do, to each by how far she was', function (array $counted, string $stage, array $said): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    foreach ($counted as [$task, $counter, $count]) {
        count_off($this, $project, $task, $counter, $count);
    }
    $before = Progress::query()->orderBy('id')->pluck('done', 'counter')->all();
    publishCorrected($quilt, 'cloth');

    expect(CorrectionMark::query()->where('project_id', $project->id)->firstOrFail()->stage->value)->toBe($stage)
        ->and(Progress::query()->orderBy('id')->pluck('done', 'counter')->all())->toBe($before);
    foreach (['', '/clues/1'] as $page) {
        $answer = $this->actingAs($project->user)->get("/q/{$project->id}$page")->assertOk()->assertSeeText(WRONG)
            ->assertSeeText('Beam half-square triangle: sewn from fabrics');
        foreach ($said as $sentence) {
            $answer->assertSeeText($sentence);
        }
    }
})->with([
    'who has not begun' => [[], 'untouched', ['You had not started this clue.']],
    'who has begun something else' => [[['t-wake', 'trimmed', 4]], 'uncut', ['You had not cut for it yet.']],
    // Squares of one cloth stay right, those of the other do not.
    'who has cut' => [
        [['t-beam', 'cut:hst:two:first', 12], ['t-beam', 'cut:hst:two:second', 12]], 'cut',
        [
            'The 12 pieces of B you have cut for Beam half-square triangle are right as they are. Count them again',
            'The 12 pieces of A you have cut for Beam half-square triangle cannot be used',
        ],
    ],
    'who has sewn' => [
        [['t-beam', 'sewn', 10]], 'made', ['The 10 you have made of Beam half-square triangle no longer fit'],
    ],
]);

it('gives strips and length of the cloth that cutting anew takes, on the cloth she has', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    count_off($this, $project, 't-beam', 'cut:hst:two:second', 12);
    publishCorrected($quilt, 'cloth');
    $page = "/q/{$project->id}/clues/1";

    // Squares of 3⅞ in: ten to a strip of 40 in, so two strips.
    $this->actingAs($project->user)->get($page)->assertSeeText('That takes 2 strips');
    $project->update(['usable_width' => Dew\Core\Measure\Length::inches(60)]);
    $this->get($page)->assertSeeText('That takes one strip');
});

it('tells who made more or fewer than are needed now', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    count_off($this, $project, 't-beam', 'trimmed', 104);
    expect(ClueProgress::query()->value('total'))->toBe(304);
    publishCorrected($quilt);

    // Thirty blocks in the place of 25: 15 lanterns of eight beams each.
    $this->actingAs($project->user)->get("/q/{$project->id}")->assertSeeText('Make 16 more of Beam half-square triangle.')
        ->assertSeeText('Beam half-square triangle: make 120, not 104.');
    expect(ClueProgress::query()->value('total'))->toBe(360)->and(ClueProgress::query()->value('done'))->toBe(104);
});

it('reckons by the method she has chosen, and forgets what was made to other numbers before', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    count_off($this, $project, 't-beam', 'trimmed', 16);
    app(ChooseMethod::class)($project, UnitLibrary::kind('hst'), new Method('hst:eight'));
    expect($project->methodChoices()->firstOrFail()->made_before)->toBe(['t-beam' => 16]);
    publishCorrected($quilt, 'cloth');

    expect($project->methodChoices()->firstOrFail()->made_before)->toBe([])
        ->and(CorrectionMark::query()->firstOrFail()->effect->methods)->toBe('hst=hst:eight')
        ->and($this->actingAs($project->user)->get("/q/{$project->id}/clues/1"))->assertSeeText('The 16 you have made');
});

it('keeps what was compared of two documents, and still counts the quilts of this moment', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $this->project($quilt);
    $after = corrected('cloth');
    $kept = fn (): array => OpenClueChanges::kept($quilt, Tests\TestCase::document(), $after)[0]->quilts;
    $fresh = OpenClueChanges::between($quilt, DesignReader::read(Tests\TestCase::document()), DesignReader::read($after))[0]->quilts;
    expect($kept())->toHaveCount(1)->toEqual($fresh)->and($kept())->toEqual($fresh);

    $project = $this->project($quilt);
    app(ChooseMethod::class)($project, UnitLibrary::kind('hst'), new Method('hst:eight'));
    expect(array_column($kept(), 'methods'))->toBe(['', 'hst=hst:eight'])
        ->and($kept()[1]['projects'])->toBe([(string) $project->id]);
    app(ChooseMethod::class)($project, UnitLibrary::kind('hst'), new Method('hst:four'));
    expect(array_column($kept(), 'methods'))->toBe(['', 'hst=hst:four']);
});

it('is read once and then stands folded in its clue', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    publishCorrected($quilt);
    $mark = CorrectionMark::query()->firstOrFail();
    $read = "/q/{$project->id}/corrections/{$mark->id}";

    $this->actingAs($this->project($quilt)->user)->put("/q/{$project->id}/corrections/{$mark->id}")->assertNotFound();
    $this->actingAs($project->user)->from("/q/{$project->id}")->put($read)->assertRedirect("/q/{$project->id}");
    $this->put($read)->assertRedirect();
    expect($mark->refresh()->seen_at)->not->toBeNull();
    $this->get("/q/{$project->id}")->assertDontSeeText(WRONG);
    $this->get("/q/{$project->id}/clues/1")->assertSeeText(WRONG)->assertDontSeeText('I have read this');
    $this->put("/q/{$project->id}/corrections/0")->assertNotFound();
});

it('says nothing of a clue that was taken back, on no page and in no mail', function (): void {
    $quilt = $this->quiltAlong();
    $clue = $this->release($quilt);
    $project = $this->project($quilt);
    publishCorrected($quilt);
    $clue->forceFill(['withdrawn_at' => now()])->save();
    (new SendNotices)->handle();

    expect(Notice::query()->where('kind', Notice::CORRECTED)->count())->toBe(1)->and(Post::query()->count())->toBe(0);
    $this->actingAs($project->user)->get("/q/{$project->id}")->assertOk()->assertDontSeeText(WRONG);
    $this->put("/q/{$project->id}/corrections/".CorrectionMark::query()->value('id'))->assertNotFound();
    $clue->forceFill(['withdrawn_at' => null])->save();
    (new SendNotices)->handle();
    expect(Post::query()->firstOrFail()->text)->toContain(WRONG);
});

it('mails each person once, however many quilts she makes', function (): void {
    config(['mail.default' => 'tray']);
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    $this->project($quilt, 's-crib', $project->user);
    app(PublishDesign::class)($quilt, corrected('cloth'), [], [1 => WRONG]);
    (new SendNotices)->handle();
    (new SendNotices)->handle();

    expect(CorrectionMark::query()->count())->toBe(2)
        ->and(Notice::query()->where('kind', Notice::CORRECTED)->count())->toBe(1)
        ->and(Post::query()->count())->toBe(1)
        ->and(Post::query()->firstOrFail()->subject)->toContain('clue 1 was corrected');
});

it('shows the host what would change and how far her members are, and takes her words', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    count_off($this, $project, 't-beam', 'cut:hst:two:second', 5);
    $this->project($quilt);
    $owner = $this->person($quilt, Role::Owner);
    $this->actingAs($owner);
    edit_draft($this, $quilt, corrected('cloth'));
    $page = "/host/{$quilt->slug}/design/versions";
    $this->get($page)->assertOk()->assertSeeText(
        'Write in a sentence or two what was wrong',
    )->assertSeeText('cut: 1')->assertSeeText('not begun: 1')
        ->assertSeeText('sewn from fabrics');
    $number = App\Actions\Host\OpenDraft::of($quilt)->number;

    $this->from($page)->post($page, ['draft' => $number, 'reason' => 'yes', 'say_1' => ' '])->assertSessionHasErrors('say_1');
    $this->post($page, ['draft' => $number + 1, 'reason' => 'yes', 'say_1' => WRONG])->assertSessionHasErrors('publish');
    $this->post($page, ['draft' => $number, 'reason' => 'yes', 'say_1' => WRONG])->assertSessionHasNoErrors();
    // Sent twice, it is published once.
    $this->post($page, ['draft' => $number, 'reason' => 'yes', 'say_1' => WRONG])->assertSessionHasErrors('publish');
    expect(Correction::query()->count())->toBe(1)->and($quilt->versions()->count())->toBe(2);
    $this->get($page)->assertSeeText(WRONG)->assertSeeText('0 of 2 have read it');
});

it('publishes a correction to a thousand quilts in seconds', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $first = $this->project($quilt);
    $users = User::factory()->count(1)->create();
    $now = now()->toDateTimeString();
    $digest = app(App\Plans\ReleasedSheets::class)->plan($first)->clues[0]->tasks[0]->digest;
    $rows = $progress = [];
    for ($index = 0; $index < 1000; $index++) {
        $id = (string) Str::ulid();
        $rows[] = [
            'id' => $id, 'user_id' => $users[0]->id, 'quilt_along_id' => $quilt->id, 'name' => "Quilt $index", 'size_key' => 's-throw',
            'colourway_key' => 'c-last-boat', 'turns' => '{}', 'created_at' => $now, 'updated_at' => $now,
        ];
        if ($index % 2 === 0) {
            $progress[] = [
                'project_id' => $id, 'task_key' => 't-beam', 'counter' => TaskSheet::SEWN, 'digest' => $digest, 'done' => 6, 'created_at' => $now,
                'updated_at' => $now,
            ];
        }
    }
    Project::query()->insert($rows);
    Progress::query()->insert($progress);
    Illuminate\Support\Facades\Queue::fake();
    $began = workedSeconds();
    publishCorrected($quilt, 'cloth');

    expect(workedSeconds() - $began)->toBeLessThan(10)
        ->and(CorrectionMark::query()->where('stage', 'made')->count())->toBe(500)
        ->and(CorrectionMark::query()->count())->toBe(1001)
        ->and(Notice::query()->where('kind', Notice::CORRECTED)->count())->toBe(2);
    Illuminate\Support\Facades\Queue::assertPushed(RefreshTotals::class, 11);
});

it('speaks in the units and of the cloth of each, and only of the size that each makes', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $throw = $this->project($quilt);
    $queen = $this->project($quilt, 's-queen');
    $throw->update(['notation' => 'cm']);
    count_off($this, $throw, 't-beam', 'cut:hst:two:second', 12);
    publishCorrected($quilt, 'cloth');
    // Squares of 3⅞ in are cut 9.8 cm.
    $this->actingAs($throw->user)->get("/q/{$throw->id}")->assertSeeText('They measure 9.8')->assertSeeText('cm');
    expect(CorrectionMark::query()->count())->toBe(2);

    publishCorrected($quilt, 'count');
    $this->actingAs($queen->user)->get("/q/{$queen->id}")->assertDontSeeText('make 120, not 104');
    $this->actingAs($throw->user)->get("/q/{$throw->id}")->assertSeeText('make 120, not 104');
});

it('says no more of a correction to somebody who changed her size since', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt);
    $project = $this->project($quilt);
    publishCorrected($quilt, 'cloth');
    $project->update(['size_key' => 's-queen']);

    $this->actingAs($project->user)->get("/q/{$project->id}")->assertOk()->assertDontSeeText(WRONG);
    $this->get("/q/{$project->id}/clues/1")->assertOk()->assertDontSeeText(WRONG);
});

it('takes no count that is made in a clue after it was taken back, and shows it again with the clue', function (): void {
    $quilt = $this->quiltAlong();
    $clue = $this->release($quilt);
    $project = $this->project($quilt);
    count_off($this, $project, 't-beam', 'sewn', 4);
    $clue->forceFill(['withdrawn_at' => now()])->save();
    $this->tap($project, ['kind' => 'add', 'task' => 't-beam', 'counter' => 'sewn', 'amount' => 1])->assertNotFound();
    $clue->forceFill(['withdrawn_at' => null])->save();

    expect(Progress::query()->sum('done'))->toEqual(4);
    $this->actingAs($project->user)->getJson("/q/{$project->id}/clues/1/counters")->assertJsonPath('t-beam-sewn.done', 4);
});

it('names the fabric and the size of a piece that is cut in another number, once each', function (): void {
    $path = 'tests/designs/faults/correction-cloth-order-';
    Illuminate\Support\Facades\Artisan::call('dew:correction', ['old' => $path.'old.json', 'new' => $path.'new.json', '--released' => '2']);
    $lines = explode("\n", str_replace("\u{a0}", ' ', Illuminate\Support\Facades\Artisan::output()));

    expect($lines)->toContain(
        '  Unit 0: cut 9 pieces of C, 2⅜ in, not 6.',
        '  Unit 1: cut 1 piece of D, 3¼ in, not 2.',
        '  Unit 1: cut 6 pieces of A and D, 1 in × 4¼ in, not 12.',
        '  Block 0 looks different: compare its drawing.',
    )->and(implode(' ', $lines))->not->toContain('sewn from fabrics');
});

it('tells those who measure in centimetres of the same change in a way of its own', function (): void {
    $quilt = $this->quiltAlong();
    $this->release($quilt, 1);
    [$inches, $metric] = [$this->project($quilt), $this->project($quilt)];
    $metric->update(['notation' => 'cm']);
    publishCorrected($quilt);
    $units = CorrectionMark::query()->with('effect')->orderBy('id')->get()->mapWithKeys(
        fn (CorrectionMark $mark): array => [$mark->project_id => $mark->effect->unit],
    )->all();
    expect($units)->toBe([$inches->id => 'in', $metric->id => 'cm']);
});
