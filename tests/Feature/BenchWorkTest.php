<?php

declare(strict_types=1);

use App\Presentation\Shared\Figure;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
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
    $form = ['widths' => '60 1/2, 61 1/4, 60 1/2', 'heights' => '60 1/2', 'diagonals' => '', 'borders' => '1, 3', 'corner' => 'straight', 'unit' => ''];
    $this->put("$this->bench/borders", $form)->assertRedirect("$this->bench/borders#result");
    $page = benchText($this->get("$this->bench/borders")->assertOk());
    // (60½ + 61¼ + 60½) / 3 = 60¾; the sides are 60½ long, then top and bottom 62¾.
    expect($page)->toContain('The top measures 60¾ in by 60½ in on average', 'The middle is wider than the edges', 'Two sides60½ in', 'Top and bottom62¾ in',
        'With it the top measures 68¾ in by 68½ in.', 'By the pattern it would be 60½ in by 60½ in.');
    $this->get("$this->bench/borders")->assertSee('value="60 1/2, 61 1/4, 60 1/2"', false);
    // The back then begins with what she measured: 68¾ less the seam allowances.
    expect((string) $this->get("$this->bench/back")->getContent())->toContain('68¼');
});

it('says how a pieced border fits, and squares and mitres in the corners', function (): void {
    $form = ['widths' => '60 1/2', 'heights' => '60 1/2', 'diagonals' => '84, 86', 'borders' => '4', 'corner' => 'mitred', 'unit' => '7'];
    $this->put("$this->bench/borders", $form)->assertSessionHasNoErrors();
    expect(benchText($this->get("$this->bench/borders")))->toContain('leans by about', 'A border of units 7 in long: 9 down each side and 9 along',
        'that finish 1½ in wide', 'cut 2 in and 2 in', 'Centre each strip on its side');
});

it('says what cannot be, and loses nothing that was typed', function (string $work, array $wrong, string $says): void {
    $forms = [
        'borders' => ['widths' => '60', 'heights' => '60', 'diagonals' => '', 'borders' => '1', 'corner' => 'straight', 'unit' => ''],
        'back' => ['top' => '60 x 80', 'beyond' => '4', 'module' => '10'],
        'binding' => ['top' => '60 x 80', 'width' => '2 1/2', 'cloth' => ''],
    ];
    $this->from("$this->bench/$work")->followingRedirects()->put("$this->bench/$work", [...$forms[$work], ...$wrong])
        ->assertSeeText($says)->assertSee('value="'.array_values($wrong)[0].'"', false);
    expect($this->project->fresh()?->bench)->toBe([]);
})->with([
    ['borders', ['widths' => '3'], 'at least 6 in each way'],
    ['borders', ['heights' => '60, 66'], 'differ by more than 5 in'],
    ['borders', ['widths' => 'wide'], 'is not a length Dew can read'],
    ['borders', ['diagonals' => '85'], 'Write both diagonals'],
    ['borders', ['borders' => '0'], 'needs a width above zero'],
    ['borders', ['widths' => '60, 60, 60, 60, 60, 60'], 'Write one to five lengths'],
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
    expect(benchText($this->get("$this->bench/binding")))->toContain('5 strips 2½ in wide', 'in all.', 'too short', 'is enough for a straight binding');
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
