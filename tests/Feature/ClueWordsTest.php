<?php

declare(strict_types=1);

use App\Actions\Host\PublishDesign;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Support\Markdown;

/** Publishes Night Ferry with something more in its clues, and opens the first of them. */
function withWords(Tests\TestCase $test, Closure $change, int ...$open): QuiltAlong
{
    $quilt = QuiltAlong::factory()->create();
    app(PublishDesign::class)($quilt, (string) json_encode($change(json_decode(Tests\TestCase::document(), true))));
    $quilt->invitations()->create(['code' => 'WORDS'.$quilt->id]);
    foreach ($open === [] ? [1] : $open as $number) {
        $test->release($quilt, $number);
    }

    return $quilt;
}

function reads(Tests\TestCase $test, Project $project, string $page = '/clues/1'): Illuminate\Testing\TestResponse
{
    return $test->actingAs($project->user)->get("/q/{$project->id}$page")->assertOk();
}

it('shows what a clue says: opening, notes of her size and colourway, tools, machine, cautions, link and closing', function (): void {
    $quilt = withWords($this, function (array $document): array {
        $document['clues'][0] = [
            ...$document['clues'][0],
            'introduction' => "Make **one** first.\n\n<script>alert(1)</script> ![far](https://elsewhere.example/x.png)",
            'notes' => [
                ['id' => 'n-a', 'size' => 's-throw', 'text' => 'For throws alone.'],
                ['id' => 'n-b', 'size' => 's-queen', 'text' => 'For queens alone.'],
                ['id' => 'n-c', 'colourway' => 'c-last-boat', 'text' => 'For the last boat.'],
                ['id' => 'n-d', 'colourway' => $document['colourways'][1]['id'] ?? 'c-last-boat', 'text' => 'For the other boat.'],
            ],
            'tools' => [['id' => 'o-a', 'name' => 'Seam roller', 'at_least' => '4 1/2']],
            'machine' => [['id' => 'm-a', 'stage' => 'Piecing', 'needle' => '80/12']],
            'cautions' => ['spray'],
            'link' => ['address' => 'https://saltbox.example/film', 'text' => 'Watch it done'],
            'closing' => 'Then make tea.',
        ];

        return $document;
    });
    $page = reads($this, $this->project($quilt));

    $page->assertSee('<strong>one</strong>', false)
        ->assertDontSee('<script>alert', false)
        ->assertDontSee('elsewhere.example/x.png"', false)
        ->assertSeeText('For throws alone.')->assertDontSeeText('For queens alone.')->assertSeeText('For the last boat.')
        ->assertSeeText('Seam roller, 4½')->assertSeeText('80/12')->assertSeeText('away from any flame')
        ->assertSee('href="https://saltbox.example/film"', false)->assertSeeText('Then make tea.');
    if (count(json_decode(Tests\TestCase::document(), true)['colourways']) > 1) {
        $page->assertDontSeeText('For the other boat.');
    }
});

it('says a step in the host\'s words, leaves one out and adds one, by the method they belong to', function (): void {
    $quilt = withWords($this, function (array $document): array {
        $document['clues'][0]['steps'] = [
            ['id' => 'x-a', 'task' => 't-beam', 'what' => 'say', 'step' => 'hst.two.mark', 'text' => 'Draw it lightly.'],
            ['id' => 'x-b', 'task' => 't-beam', 'what' => 'leave', 'step' => 'hst.two.cut', 'text' => 'We cut later.'],
            ['id' => 'x-c', 'task' => 't-beam', 'what' => 'add', 'step' => 'hst.two.mark', 'text' => 'Pin both corners.'],
            ['id' => 'x-d', 'task' => 't-beam', 'what' => 'add', 'text' => 'Count them into their bag.'],
        ];

        return $document;
    });
    $project = $this->project($quilt);
    $text = (string) preg_replace('/\s+/', ' ', strip_tags((string) reads($this, $project)->getContent()));
    $beam = substr($text, (int) strpos($text, 'Make 104'), 6000);

    expect($beam)->toContain('Draw it lightly.')->toContain('Pin both corners.')->toContain('Count them into their bag.')
        ->not->toContain('Draw one diagonal on the back of each square of A')->not->toContain('We cut later.')
        ->and(strpos($beam, 'Pin both corners.'))->toBeGreaterThan((int) strpos($beam, 'Draw it lightly.'))
        ->and(strpos($beam, 'Count them'))->toBeGreaterThan((int) strpos($beam, 'Trim to'));
    // Made another way, its own steps stand as they are; what is added at the end stays.
    $this->put("/q/{$project->id}/clues/1/method", ['kind' => 'hst', 'method' => 'hst:eight']);
    reads($this, $project->fresh())->assertDontSeeText('Draw it lightly.')->assertSeeText('Count them into their bag.');
});

it('counts own tasks, stages and quilting like units, once and for all', function (): void {
    $quilt = withWords($this, function (array $document): array {
        $document['clues'][4]['tasks'] = [
            ['id' => 't-own', 'name' => 'Six labels', 'own' => 'Write *six* labels.', 'minutes' => 5, 'count' => 6],
            ['id' => 't-quilt', 'quilt' => 'b-lantern', 'own' => 'In rings.', 'minutes' => 20, 'share' => ['part' => 1, 'of' => 2]],
            ['id' => 't-rows', 'stage' => 'rows'],
        ];

        return $document;
    }, 5);
    $project = $this->project($quilt);
    $page = reads($this, $project, '/clues/5');
    $page->assertSeeText('Six labels')->assertSee('<em>six</em>', false)->assertSeeText('6 times, about 30 minutes in all')
        // Thirteen lanterns at the throw: seven in the first of two shares.
        ->assertSeeText('Quilt Pier Lantern')->assertSeeText('7 times, about 140 minutes in all')
        ->assertSeeText('Sew the rows')->assertSeeText('Number the rows at their left end');
    $tap = ['kind' => 'add', 'task' => 't-own', 'counter' => 'trimmed', 'amount' => 4];
    $this->tap($project, $tap, 5)->assertOk()->assertJson(['done' => 4, 'total' => 6]);
    $this->tap($project, $tap, 5)->assertStatus(422);
    $this->tap($project, ['task' => 't-rows', 'counter' => 'sewn', 'amount' => 1], 5)->assertNotFound();
    expect($project->clueProgress()->firstOrFail()->only(['done', 'total']))->toBe(['done' => 4, 'total' => 14]);
});

it('begins with what earlier open clues made, how it was pressed and where it is, and with nothing of others', function (): void {
    $quilt = withWords($this, function (array $document): array {
        $document['clues'][2]['recap'] = 'Whoever pressed the other way goes on that way.';

        return $document;
    }, 1, 3);
    $project = $this->project($quilt);
    foreach (['t-beam' => 104, 't-blade' => 48] as $task => $count) {
        $this->tap($project, ['task' => $task, 'counter' => 'trimmed', 'amount' => $count])->assertOk();
    }
    reads($this, $project, '/clues/3')->assertSeeText('What you have by now')
        ->assertSeeText('104 of Beam half-square triangle, from clue 1.')->assertSeeText('they are sewn now')
        ->assertSeeText('48 of Blade half-square triangle, from clue 1.')->assertSeeText('48 wait in their bag.')
        ->assertSeeText('As it was pressed: Press the seam to A')->assertSeeText('Whoever pressed the other way');
    reads($this, $project)->assertDontSeeText('What you have by now');
    $this->clue($quilt, 1)->forceFill(['withdrawn_at' => now()])->save();
    reads($this, $project, '/clues/3')->assertDontSeeText('from clue 1')->assertSeeText('Whoever pressed the other way');
});

it('shows what is to be prepared from the day somebody joins', function (): void {
    $quilt = QuiltAlong::factory()->create();
    app(PublishDesign::class)($quilt, (string) json_encode([
        'prepare' => ['text' => 'Wash your **cloth**.', 'tools' => [['id' => 'o-a', 'name' => 'Square ruler', 'at_least' => '6 1/2']]],
    ] + json_decode(Tests\TestCase::document(), true)));
    $code = $quilt->invitations()->create(['code' => 'PREPARE1'])->code;
    $this->get("/join/$code")->assertOk()->assertSee('<strong>cloth</strong>', false)->assertSeeText('Square ruler, 6½');
    $project = $this->project($quilt);
    $project->update(['notation' => 'cm']);
    reads($this, $project->fresh(), '')->assertSeeText('Square ruler, 16.6');
});

it('says that a clue is a bonus or a pause', function (): void {
    $quilt = withWords($this, function (array $document): array {
        $document['clues'][0]['kind'] = 'bonus';
        $document['clues'][1]['kind'] = 'pause';

        return $document;
    }, 1, 2);
    $project = $this->project($quilt);
    reads($this, $project)->assertSeeText('nobody needs it for the quilt');
    reads($this, $project, '/clues/2')->assertSeeText('Nothing to sew this time.');
});

it('gives the pictures of an open clue, and of no other', function (): void {
    $hash = app(App\Pictures\ClothPictures::class)->keep(
        (string) Illuminate\Http\UploadedFile::fake()->image('p.png', 30, 20)->get(),
    )->hash;
    $quilt = withWords($this, function (array $document) use ($hash): array {
        $document['clues'][1]['pictures'] = [['id' => 'p-a', 'picture' => $hash, 'text' => 'A pressed seam']];

        return $document;
    }, 1);
    $project = $this->project($quilt);
    $this->release($quilt, 2);
    // A design that names a picture of another does not show it.
    $this->actingAs($project->user)->get("/q/{$project->id}/clues/2/pictures/$hash")->assertNotFound();
    app(App\Pictures\DesignPictures::class)->allow($quilt, [$hash]);
    $this->clue($quilt, 2)->forceFill(['release_at' => now()->addDay()])->save();
    $this->get("/q/{$project->id}/clues/2/pictures/$hash")->assertNotFound();
    $this->get("/q/{$project->id}/clues/1/pictures/$hash")->assertNotFound();
    $this->release($quilt, 2);
    $this->get("/q/{$project->id}/clues/2/pictures/$hash")->assertOk()->assertHeader('Content-Type', 'image/png');
    $this->get("/q/{$project->id}/clues/2")->assertSee('A pressed seam');
});

it('makes safe HTML of Markdown', function (string $text, string $html): void {
    expect((string) Markdown::html($text))->toBe($html);
})->with([
    'nothing' => ['  ', ''],
    'emphasis' => ['**a** *b*', '<p><strong>a</strong> <em>b</em></p>'],
    'a heading below those of the page' => ['# Top', '<h4>Top</h4>'],
    'script' => ['<script>alert(1)</script>', '<p>&lt;script&gt;alert(1)&lt;/script&gt;</p>'],
    'an address that is a script' => ['[x](javascript:alert(1))', '<p><a rel="noopener noreferrer nofollow" target="_blank">x</a></p>'],
    'an address without a lock' => ['[x](http://a.example)', '<p><a rel="noopener noreferrer nofollow" target="_blank">x</a></p>'],
    'a picture from elsewhere' => ['![x](https://a.example/y.png)', '<p></p>'],
    'a link' => [
        '[x](https://a.example/y)', '<p><a href="https://a.example/y" rel="noopener noreferrer nofollow" target="_blank">x</a></p>',
    ],
]);
