<?php

declare(strict_types=1);

use App\Actions\Host\PublishDesign;
use App\Models\QuiltAlong;
use App\Models\User;
use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Design\DesignReader;
use Dew\Core\Geometry\Outline;
use Dew\Core\Measure\Length;
use Dew\Core\Proof\Proof;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\MethodChoices;
use Tests\MadeUp\Ladder;

/** A quilt of one block with a ladder in it. */
function ladderDocument(): string
{
    $small = json_decode(smallJson(), true);
    foreach ($small['units'] as $index => $unit) {
        if ($unit['id'] === 'u-hst') {
            $small['units'][$index] = ['kind' => 'ladder', 'name' => 'Ladder'] + $unit;
        }
    }

    return json_encode($small, JSON_THROW_ON_ERROR);
}

beforeEach(function (): void {
    UnitLibrary::add(Ladder::KIND, Ladder::class);
    app('translation.loader')->addPath(base_path('tests/MadeUp/lang'));
});

afterEach(fn () => UnitLibrary::remove(Ladder::KIND));

it('computes a kind of unit that is one class and one file of words', function (): void {
    $design = DesignReader::read(ladderDocument());
    $sheet = Compiler::clueSheet($design, 's', 'k', MethodChoices::defaults());
    [$task] = array_values(array_filter($sheet->tasks, fn ($task): bool => $task->kind->is(Ladder::KIND)));

    // A finished side of 3 in: rails of ¾ and a step of 1½, each with ¼ in at both edges.
    expect(array_map(fn ($piece): array => [$piece->id, $piece->width->exact->encode(), $piece->length?->exact->encode()], $task->making->pieces))
        ->toBe([['rail', '5/4', '7/2'], ['step', '2', '7/2']])
        ->and($task->making->pieces[0]->quantity($task->count))->toBe(2 * $task->count)
        ->and(array_sum(array_map(fn ($patch): float => $patch->outline->area(), $task->patches)))->toBe(9.0)
        ->and($task->press?->flags)->toHaveCount(2)
        ->and(ClueSheet::read($sheet->write())->write())->toBe($sheet->write())
        ->and(QuiltSheet::read(Compiler::quiltSheet($design, 's')->write())->unitCounts)->toHaveKey('u-hst')
        ->and(Outline::texts([$task->patches[1]->outline]))->toBe(['3/4,0 9/4,0 9/4,3 3/4,3']);
    $errors = array_filter(Proof::of($design), fn ($finding): bool => $finding->severity->value === 'error');
    expect($errors)->toBe([])
        ->and(UnitLibrary::example(UnitLibrary::kind(Ladder::KIND), Length::inches(4), fabrics(2))->make()->finished()->width->encode())->toBe('4');
});

it('offers it to hosts and shows it to members', function (): void {
    $quilt = QuiltAlong::factory()->create();
    app(PublishDesign::class)($quilt, ladderDocument());
    $quilt->invitations()->create(['code' => 'LADDER'.$quilt->id]);
    $this->release($quilt, 1);
    $project = $this->project($quilt, 's', null, 'c');

    $this->actingAs($project->user)->get("/q/$project->id/clues/1")->assertOk()
        ->assertSeeText('Sew a rail to either side of the step with a')
        ->assertDontSee('kinds/ladder');
    $host = User::factory()->create();
    $this->actingAs($host)->post('/start', [
        'name' => 'Rungs', 'pace' => 'weekly', 'clue_word' => 'clue', 'zone' => 'Europe/Dublin', 'units' => 'in', 'seam' => '1/4',
        'may_share' => '1', 'from' => 'blank',
    ])->assertSessionHasNoErrors();
    $started = QuiltAlong::query()->latest('id')->firstOrFail();
    sendEdit($host, $started, ['kind' => 'new-unit', 'id' => 'u-first', 'name' => 'First ladder', 'of' => 'ladder', 'width' => '4', 'height' => '4',
        'fabrics' => [documentOf($started)->items(Dew\Core\Draft\Place::of('fabrics'))[0]['id']],
    ])->assertOk();
    expect(documentOf($started)->at(Dew\Core\Draft\Place::of('units', 'u-first', 'fabrics'))->value)->toHaveCount(2);
    sendEdit($host, $started, ['kind' => 'new-block', 'id' => 'b-rungs', 'name' => 'Rungs', 'columns' => 2, 'rows' => 2, 'width' => '4', 'height' => '4'])
        ->assertOk();
    $this->actingAs($host)->get("/host/$started->slug/design/blocks/b-rungs")->assertOk()->assertSeeText('Ladder');
});
