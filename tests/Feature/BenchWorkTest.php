<?php

declare(strict_types=1);

use App\Wording\Figure;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->project = $this->project($this->quilt);
    $this->bench = "/q/{$this->project->id}/bench";
    $this->actingAs($this->project->user);
});

/** The text of a page, with plain spaces where lines must not break. */
function benchText(TestResponse $page): string
{
    return (string) preg_replace('/[\s\x{a0}\x{2009}]+/u', ' ', html_entity_decode(strip_tags((string) $page->getContent())));
}

it('cuts borders to her own top, warns of one that is out of true, and keeps what she wrote', function (): void {
    $form = [
        'widths' => '60 1/2, 61 1/4, 60 1/2',
        'heights' => '60 1/2',
        'diagonals' => '',
        'borders' => '1, 3',
        'corner' => 'straight',
        'unit' => '',
    ];
    $this->put("$this->bench/borders", $form)->assertRedirect("$this->bench/borders#result");
    $page = benchText($this->get("$this->bench/borders")->assertOk());
    // (60½ + 61¼ + 60½) / 3 = 60¾; the sides are 60½ long, then top and bottom 62¾.
    expect($page)->toContain('The top measures 60¾ in by 60½ in on average', 'The middle is wider than the edges', 'Two sides60½ in', 'Top and bottom62¾ in',
        'With it the top measures 68¾ in by 68½ in.', 'By the pattern it would be 60½ in by 60½ in.');
    $this->get("$this->bench/borders")->assertSee('value="60 1/2, 61 1/4, 60 1/2"', false);
    // The back then begins with what she measured: 68¾ less the seam allowances.
    expect((string) $this->get("$this->bench/back")->getContent())->toContain('68¼');
});

it('begins with the borders of the design, and takes as many strips for them as their clues do', function (string $method, string $notation): void {
    $this->project->forceFill(['notation' => $notation])->save();
    $field = function (): string {
        preg_match('/name="borders"[^>]*value="([^"]*)"|value="([^"]*)"[^>]*name="borders"/', (string) $this->get("$this->bench/borders")->assertOk()->getContent(), $found);

        return html_entity_decode($found[1] ?: $found[2] ?? '');
    };
    // Not before their clues are open.
    expect($field())->toBe('');
    foreach (range(1, 8) as $number) {
        $this->release($this->quilt, $number);
    }
    $this->put("/q/{$this->project->id}/clues/8/method", ['kind' => 'long-strips', 'method' => $method, 'from' => 't-night'])->assertSessionHasNoErrors();
    $widths = $field();
    expect($widths)->toBe($notation === 'cm' ? '2.5 cm, 7.6 cm' : '1 in, 3 in');
    // Measured exactly as the pattern says: 60½ in each way.
    $top = $notation === 'cm' ? '153.7' : '60 1/2';
    $this->put("$this->bench/borders", [
        'widths' => $top, 'heights' => $top, 'diagonals' => '', 'borders' => $widths, 'corner' => 'straight', 'unit' => '',
    ])->assertSessionHasNoErrors();
    $bench = benchText($this->get("$this->bench/borders")->assertOk());
    preg_match_all('/(\\d+) of them across/', $bench, $onBench);
    $onClue = [];
    foreach ([7, 8] as $number) {
        preg_match('/(\\d+) strips, the full width/', benchText($this->get("/q/{$this->project->id}/clues/$number")->assertOk()), $found);
        $onClue[] = $found[1];
    }
    expect($onBench[1])->toBe($onClue);
    // What is measured as closely as a tape can tell is the size that the clue gives.
    $size = $notation === 'cm' ? '172.7 cm x 172.7 cm' : '68 in x 68 in';
    $back = strtr((string) $this->get("$this->bench/back")->getContent(), ["\u{a0}" => ' ', "\u{202f}" => ' ']);
    expect($back)->toContain("value=\"$size\"");
})->with(['long-strips:diagonal', 'long-strips:straight'])->with(['in', 'cm']);

it('says how a pieced border fits, and squares and mitres in the corners', function (): void {
    $form = ['widths' => '60 1/2', 'heights' => '60 1/2', 'diagonals' => '84, 86', 'borders' => '4', 'corner' => 'mitred', 'unit' => '7'];
    $this->put("$this->bench/borders", $form)->assertSessionHasNoErrors();
    expect(
        benchText($this->get("$this->bench/borders")),
    )->toContain('leans by about', 'A border of units 7 in long: 9 down each side and 9 along',
        'At the left: cut 2 in wide, finishes 1½ in', 'At the top: cut 2 in wide, finishes 1½ in', 'Centre each strip on its side');
});

it('says what cannot be, and loses nothing that was typed', function (string $work, array $wrong, string $says): void {
    $forms = [
        'borders' => ['widths' => '60', 'heights' => '60', 'diagonals' => '', 'borders' => '1', 'corner' => 'straight', 'unit' => ''],
        'back' => ['top' => '60 x 80', 'beyond' => '4', 'module' => '10', 'batting' => ''],
        'binding' => ['top' => '60 x 80', 'width' => '2 1/2', 'cloth' => ''],
    ];
    $this->from("$this->bench/$work")->followingRedirects()->put("$this->bench/$work", [...$forms[$work], ...$wrong])
        ->assertSeeText($says)->assertSee('value="'.array_values($wrong)[0].'"', false);
    expect($this->project->fresh()?->bench)->toBe([]);
})->with([
    ['borders', ['widths' => '3'], 'at least 6 in each way'],
    ['borders', ['heights' => '60, 65'], 'differ by 5 in or more'],
    ['borders', ['widths' => 'wide'], 'is not a length Dew can read'],
    ['borders', ['diagonals' => '85'], 'Enter both diagonals'],
    ['borders', ['borders' => '0'], 'needs a width above zero'],
    ['borders', ['widths' => '60, 60, 60, 60, 60, 60'], 'Enter one to five lengths'],
    ['back', ['top' => '60'], 'Enter a length'],
    ['back', ['module' => '70'], 'larger than the top'],
    ['back', ['module' => '1'], 'more than 40 of them'],
    ['binding', ['width' => '0'], 'needs a width above zero'],
    ['binding', ['cloth' => '2 x 2'], 'smaller than a strip'],
]);

it('pieces a back from the cloth on her list, and binds from it', function (): void {
    foreach ([['41', '62'], ['42', '32']] as [$width, $length]) {
        $this->project->stock()->create([
            'slot_key' => 'f-deep', 'kind' => 'scrap', 'width' => Length::parse($width), 'length' => Length::parse($length), 'squared' => true,
        ]);
    }
    $this->put("$this->bench/back", ['top' => '60 x 80', 'beyond' => '4', 'module' => '10'])->assertSessionHasNoErrors();
    $page = benchText($this->get("$this->bench/back"));
    expect($page)->toContain('The back must measure at least 68 in by 88 in.', '2 widths with upright seams', 'the middle measures 60½ in by 80½ in',
        '6 by 4 modules (cut 60½ in by 40½ in) from A: 1 scrap, 41 in by 62 in', 'Sew the middle first and measure it. Then cut a frame round it: 4¼ in');
    $this->put("$this->bench/binding", ['top' => '36 x 36', 'width' => '2 1/2', 'cloth' => '20 x 20'])->assertSessionHasNoErrors();
    expect(benchText($this->get("$this->bench/binding")))->toContain(
        '5 strips 2½ in wide', 'in all.', 'too short', 'is enough for a straight binding',
    );
});

it('reads every length that it prints', function (): void {
    foreach (Notation::cases() as $notation) {
        foreach (['1/16', '3/8', '2 1/2', '67 15/16', '144'] as $text) {
            $length = Length::parse($text)->nearestTo($notation->fineStep());
            $shown = Figure::text(Measurement::exact($length), $notation);
            expect(Length::parse($shown, $notation->unit())->nearestTo($notation->fineStep())->encode())->toBe($length->encode(), $shown);
        }
    }
});

it('tells of batting, sleeve and label beside back and binding', function (): void {
    $this->put("$this->bench/back", ['top' => '60 x 80', 'beyond' => '4', 'module' => '', 'batting' => '60'])->assertSessionHasNoErrors();
    // 68 by 88 from a roll of 60 in: two widths, upright 176 in, laid across 136.
    expect(benchText($this->get("$this->bench/back")))->toContain('Batting: 68 in by 88 in', '2 widths one above the other, 136 in in all');
    $this->put("$this->bench/binding", ['top' => '60 x 80', 'width' => '2 1/2', 'cloth' => ''])->assertSessionHasNoErrors();
    expect(benchText($this->get("$this->bench/binding")))->toContain('2 strips 9 in wide, joined to 60 in', 'Label: cut 5 in × 4 in');
    $this->put(
        "$this->bench/back", ['top' => '60 x 80', 'beyond' => '4', 'module' => '', 'batting' => '0'],
    )->assertSessionHasErrors('measures');
});

it('keeps notes on quilting with a picture, and draws lines once the layout is open', function (): void {
    Storage::fake('local');
    $form = ['notes' => 'Begin in the middle.', 'lines' => 'diagonal', 'distance' => '2'];
    $this->put("$this->bench/quilting", $form)->assertSessionHasNoErrors();
    $this->get("$this->bench/quilting")->assertSee('Begin in the middle.')->assertSee('drawn here once the layout is open');
    $this->quilt->clues()->update(['release_at' => now()->subHour()]);
    foreach (['seams', 'echoes', 'grid', 'diagonal'] as $lines) {
        $this->put("$this->bench/quilting", ['lines' => $lines] + $form)->assertSessionHasNoErrors();
        $this->get("$this->bench/quilting")->assertOk()->assertSee('quilting-line', false);
    }
    $this->put("$this->bench/quilting", ['distance' => '1/100'] + $form)->assertSessionHasErrors('measures');
    $this->put("$this->bench/quilting", ['lines' => 'feathers'] + $form)->assertSessionHasErrors('measures');

    $this->post(
        "$this->bench/quilting/picture", ['picture' => UploadedFile::fake()->image('sketch.jpg', 300, 200)],
    )->assertSessionHasNoErrors();
    $hash = $this->project->fresh()->bench['quilting-picture']['hash'];
    expect($this->get("$this->bench/quilting/$hash")->assertOk()->headers->get('Content-Type'))->toBe('image/png');
    $this->get("$this->bench/quilting/".str_repeat('a', 64))->assertNotFound();
    $this->post("$this->bench/quilting/picture", ['picture' => UploadedFile::fake()->createWithContent('sketch.png', 'no picture')])
        ->assertSessionHasErrors('picture');
    $this->actingAs($this->project($this->quilt)->user)->get("$this->bench/quilting/$hash")->assertNotFound();
    $this->actingAs($this->project->user)->delete("$this->bench/quilting/picture")->assertSessionHasNoErrors();
    $this->get("$this->bench/quilting/$hash")->assertNotFound();
});

it('sorts what is left by what it can still become', function (): void {
    $this->project->stock()->create(
        [
            'slot_key' => 'f-deep',
            'kind' => 'scrap',
            'width' => Length::inches(12),
            'length' => Length::inches(11),
            'count' => 1,
            'name' => 'old shirt',
        ],
    );
    $this->project->stock()->create(
        ['slot_key' => 'f-mist', 'kind' => 'scrap', 'width' => Length::inches(30), 'length' => Length::inches(20), 'count' => 1],
    );
    $page = benchText($this->get("$this->bench/left")->assertOk());
    expect($page)->toContain('part of a pieced back', 'old shirt', 'one square of 10 in')
        ->and(strpos($page, 'part of a pieced back'))->toBeLessThan(strpos($page, 'one square of 10 in'));
});

it('measures quilted blocks at three moments, by what they are really trimmed to, in the quilt that joins them only', function (): void {
    $this->get("$this->bench/borders")->assertDontSee('Quilted blocks');
    $this->put("$this->bench/quilted", ['measured' => '10 x 10'])->assertSessionHasErrors('measures');
    $document = json_decode(self::document(), true);
    unset($document['setting']['borders']);
    $document['setting']['quilting'] = ['join' => 'cover-strip', 'allowance' => '1/2', 'trim' => '1/2'];
    foreach ($document['clues'] as &$clue) {
        $clue['tasks'] = array_values(
            array_filter($clue['tasks'], fn (array $task): bool => ! str_starts_with($task['part'] ?? '', 'border:')),
        );
    }
    $quilt = App\Models\QuiltAlong::factory()->create();
    app(App\Actions\Host\PublishDesign::class)($quilt, (string) json_encode($document));
    $quilt->clues()->update(['release_at' => now()->subHour()]);
    $mine = $this->project($quilt);
    $page = benchText($this->actingAs($mine->user)->get("/q/{$mine->id}/bench/quilted")->assertOk());
    // Blocks finish 12 in: pieced 12½, trimmed to 12, showing 11; five by five of them 55.
    expect($page)->toContain(
        'Front12½ in × 12½ in12 in × 12 in11 in × 11 in', 'The quilt then measures 55 in by 55 in', 'Joins: 20 of 11 in',
    );
    $this->put("/q/{$mine->id}/bench/quilted", ['measured' => '11 3/4 x 11 3/4'])->assertSessionHasNoErrors();
    expect(benchText($this->get("/q/{$mine->id}/bench/quilted")))->toContain('The quilt then measures 53¾ in by 53¾ in');
    $this->put("/q/{$mine->id}/bench/quilted", ['measured' => '3 x 3'])->assertSessionHasErrors('measures');
});
