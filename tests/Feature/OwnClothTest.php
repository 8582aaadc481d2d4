<?php

declare(strict_types=1);

use App\Actions\DeleteAccount;
use App\Models\Swatch;
use App\Models\User;
use Illuminate\Database\QueryException;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Tests\TestCase;

beforeEach(function (): void {
    $this->quilt = $this->quiltAlong();
    $this->release($this->quilt);
    $this->project = $this->project($this->quilt);
    /** @var array{fabrics: list<array{id: string}>} $document */
    $document = json_decode(TestCase::document(), true);
    $this->slot = $document['fabrics'][0]['id'];
    $this->page = "/q/{$this->project->id}/fabrics";
    $this->actingAs($this->project->user);
});

it('draws a fabric in her own cloth on every page, and in the colourway\'s when she takes it back', function (): void {
    $this->get($this->page)->assertOk()->assertDontSeeText('Barn sale');
    $this->put("$this->page/$this->slot", ['cloth' => 'Barn sale plaid', 'colour' => '#123ABC'])
        ->assertRedirect("$this->page#fabric-$this->slot");
    $this->get($this->page)->assertSeeText('your Barn sale plaid')->assertSee('fill="#123abc"', false);
    $this->get("/q/{$this->project->id}/clues/1")->assertSeeText('Barn sale plaid')->assertSee('#123abc', false);
    $this->get("/q/{$this->project->id}/bench")->assertOk()->assertSee('#123abc', false);

    $this->put("$this->page/$this->slot", ['cloth' => 'Feed sack', 'colour' => '#445566']);
    expect(Swatch::query()->count())->toBe(1);
    $this->get($this->page)->assertSeeText('your Feed sack')->assertDontSeeText('Barn sale plaid');

    $this->delete("$this->page/$this->slot")->assertRedirect("$this->page#fabric-$this->slot");
    $this->get($this->page)->assertDontSeeText('Feed sack')->assertDontSee('#445566', false);
});

it('says what to change about a cloth, keeps what was entered and opens that form alone', function (): void {
    $this->from($this->page)->followingRedirects()
        ->put("$this->page/$this->slot", ['cloth' => 'Mine', 'colour' => 'blue'])
        ->assertSeeText('Choose a colour.')->assertSee('value="Mine"', false);
    $page = (string) $this->from($this->page)->followingRedirects()->put("$this->page/$this->slot", ['cloth' => '', 'colour' => '#000000'])
        ->assertSeeText('Give the cloth a name.')->getContent();
    expect(preg_match_all('/<details class="own-cloth"\s+open/', $page))->toBe(1)
        ->and(Swatch::query()->count())->toBe(0);
    $this->put("$this->page/$this->slot", ['cloth' => ['x'], 'colour' => ['y']])->assertSessionHasErrorsIn('swatch-'.$this->slot, ['cloth', 'colour']);
});

it('knows no cloth for a fabric that the design does not have, nor for somebody else', function (): void {
    $this->put("$this->page/f-nowhere", ['cloth' => 'X', 'colour' => '#000000'])->assertNotFound();
    $this->delete("$this->page/f-nowhere")->assertNotFound();
    $this->actingAs(User::factory()->create());
    $this->put("$this->page/$this->slot", ['cloth' => 'X', 'colour' => '#000000'])->assertNotFound();
    $this->delete("$this->page/$this->slot")->assertNotFound();
    expect(Swatch::query()->count())->toBe(0);
});

it('stores only colours that a drawing can show', function (): void {
    expect(fn () => $this->project->swatches()->create(['slot_key' => 'f-x', 'name' => 'X', 'colour' => 'red']))->toThrow(QueryException::class);
});

/** A photograph of red cloth on a blue table, as a camera gives it: lying on its side, with a note of where it was taken. */
function tablePhoto(): string
{
    $image = imagecreatetruecolor(800, 600);
    imagefilledrectangle($image, 0, 0, 800, 600, imagecolorallocate($image, 20, 40, 160));
    imagefilledrectangle($image, 500, 0, 799, 299, imagecolorallocate($image, 200, 30, 30));
    ob_start();
    imagejpeg($image, null, 95);
    $jpeg = (string) ob_get_clean();
    // Turned a quarter: the camera was held upright. GPS stands for whatever else a camera adds.
    $exif = "Exif\0\0II*\0\x08\0\0\0\x02\0\x12\x01\x03\0\x01\0\0\0\x06\0\0\0\x0e\x01\x02\0\x0b\0\0\0\x26\0\0\0\0\0\0\0GPS 51 N 7\0";

    return "\xff\xd8\xff\xe1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
}

it('takes a photograph of her cloth, upright and without anything the camera added, and fills the drawings with the part she marks', function (): void {
    Storage::fake('local');
    $send = fn (string $bytes, string $name = 'IMG.jpg') => $this->put("$this->page/$this->slot", [
        'cloth' => 'Barn sale', 'photo' => UploadedFile::fake()->createWithContent($name, $bytes),
    ]);
    $send(tablePhoto())->assertRedirect("$this->page/$this->slot/photo")->assertSessionHasNoErrors();
    $swatch = Swatch::query()->sole();
    $quilt = "/q/{$this->project->id}";
    $photo = (string) $this->get("$quilt/cloth/$swatch->photo")->assertOk()->assertHeader('Content-Type', 'image/png')->getContent();
    expect(array_slice((array) getimagesizefromstring($photo), 0, 3))->toBe([600, 800, IMAGETYPE_PNG])
        ->and($photo)->not->toContain('GPS');
    // Held upright, the red cloth lies to the lower right.
    $this->put("$this->page/$this->slot/photo", ['x' => '55', 'y' => '70', 'width' => '40', 'height' => '25'])
        ->assertRedirect("$this->page#fabric-$this->slot")->assertSessionHasNoErrors();
    $swatch->refresh();
    expect(hexdec(substr($swatch->colour, 1, 2)))->toBeGreaterThan(180)->and(hexdec(substr($swatch->colour, 5, 2)))->toBeLessThan(60);
    foreach (['/fabrics', '/clues/1', '/bench', '/values', '/clues/1/mat'] as $page) {
        $this->get($quilt.$page)->assertOk()->assertSee("url(#cloth-$swatch->picture)", false)->assertSee("id=\"cloth-$swatch->picture\"", false);
    }
    $this->actingAs(User::factory()->create())->get("$quilt/cloth/$swatch->photo")->assertNotFound();
    $this->actingAs($this->project->user)->get("$quilt/cloth/".str_repeat('a', 64))->assertNotFound();

    // What is refused changes nothing; with the cloth, its pictures go.
    $huge = "\x89PNG\r\n\x1a\n".pack('N', 13).'IHDR'.pack('NNCCCCC', 8000, 5000, 8, 2, 0, 0, 0).pack('N', crc32('x'));
    foreach ([
        'a text' => 'just words', 'a drawing with script' => '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script></svg>',
        'forty million points' => $huge, 'half a photograph' => substr(tablePhoto(), 0, 400),
    ] as $bytes) {
        $send($bytes)->assertSessionHasErrorsIn('swatch-'.$this->slot, ['photo']);
    }
    expect(Swatch::query()->sole()->picture)->toBe($swatch->picture);
    $this->put("$this->page/$this->slot", ['cloth' => 'Renamed', 'colour' => $swatch->colour]);
    expect(Swatch::query()->sole())->name->toBe('Renamed')->picture->toBe($swatch->picture);
    $this->delete("$this->page/$this->slot");
    expect(Storage::disk('local')->allFiles('own-cloth'))->toBe([]);
});

it('marks no part outside of a photograph, and none where there is no photograph', function (): void {
    Storage::fake('local');
    $this->put("$this->page/$this->slot", ['cloth' => 'Plain', 'colour' => '#223344']);
    $this->get("$this->page/$this->slot/photo")->assertNotFound();
    $this->put("$this->page/$this->slot/photo", ['x' => '0', 'y' => '0', 'width' => '50', 'height' => '50'])->assertNotFound();
    $this->put("$this->page/$this->slot", ['cloth' => 'Plain', 'photo' => UploadedFile::fake()->createWithContent('a.jpg', tablePhoto())]);
    foreach ([['x' => '90', 'width' => '20'], ['x' => '-1'], ['width' => '2'], ['height' => 'all']] as $wrong) {
        $this->put("$this->page/$this->slot/photo", [...['x' => '0', 'y' => '0', 'width' => '50', 'height' => '50'], ...$wrong])
            ->assertSessionHasErrors();
    }
    expect(Swatch::query()->sole()->part)->toBe(['x' => 200, 'y' => 200, 'width' => 600, 'height' => 600]);
});

it('deletes her photographs with her account', function (): void {
    Storage::fake('local');
    $this->put("$this->page/$this->slot", ['cloth' => 'Plain', 'photo' => UploadedFile::fake()->createWithContent('a.jpg', tablePhoto())]);
    expect(Storage::disk('local')->allFiles('own-cloth'))->toHaveCount(2);
    app(DeleteAccount::class)($this->project->user);
    expect(Storage::disk('local')->allFiles('own-cloth'))->toBe([]);
});

it('checks light and dark against what the quilt wants, and lets her eye overrule the camera', function (): void {
    $values = "/q/{$this->project->id}/values";
    $this->get($values)->assertOk()->assertSeeText('Every cloth reads as the quilt wants it');
    // Deep water is wanted dark.
    $this->put("$this->page/f-deep", ['cloth' => 'Old sheet', 'colour' => '#e4b04c']);
    $this->get($values)->assertSeeText('A Deep water reads light; the quilt wants it dark.')
        ->assertSeeText('should be lighter than A Deep water, and is not.')
        ->assertSeeText('touch in what is open and are hard to tell apart');
    $this->put("$this->page/f-deep/value", ['judged' => 'dark'])->assertRedirect($values);
    $this->get($values)->assertSeeText('Every cloth reads as the quilt wants it')->assertSee('<option value="dark" selected', false);
    $this->put("$this->page/f-deep/value", ['judged' => 'shiny'])->assertSessionHasErrors(['judged' => 'Choose one of the answers.']);
    $this->put("$this->page/f-lamp/value", ['judged' => 'light'])
        ->assertSessionHasErrors(['judged' => 'Choose a cloth of your own for this fabric first.']);
    $this->put("$this->page/f-deep/value", ['judged' => '']);
    $this->get($values)->assertSeeText('A Deep water reads light');
});

it('keeps several cloths for one fabric, each with a photograph of its own, and draws the next one when the first goes', function (): void {
    Storage::fake('local');
    $more = "$this->page/$this->slot/more";
    $this->post($more, ['cloth' => 'Dots', 'colour' => '#102030'])->assertSessionHasErrorsIn('more-'.$this->slot, ['cloth']);
    $this->put("$this->page/$this->slot", ['cloth' => 'Plaid', 'colour' => '#203040']);
    $this->post($more, ['cloth' => 'Dots', 'colour' => '#102030'])->assertRedirect("$this->page#fabric-$this->slot")->assertSessionHasNoErrors();
    $this->post($more, ['cloth' => 'Stripe', 'photo' => UploadedFile::fake()->createWithContent('a.jpg', tablePhoto())])
        ->assertRedirect("$this->page/$this->slot/photo?cloth=2");
    $this->put("$this->page/$this->slot/photo?cloth=2", ['x' => '55', 'y' => '70', 'width' => '40', 'height' => '25'])->assertSessionHasNoErrors();
    $stripe = Swatch::query()->where('number', 2)->sole();
    expect(hexdec(substr($stripe->colour, 1, 2)))->toBeGreaterThan(180);
    $this->get($this->page)->assertSeeText('your Plaid')->assertSeeText('Dots')->assertSee("url(#cloth-$stripe->picture)", false);
    $this->get("/q/{$this->project->id}/clues/1")->assertSee('fill="#203040"', false)->assertDontSee('fill="#102030"', false);
    $this->from($this->page)->followingRedirects()->post($more, ['cloth' => 'Fine', 'colour' => 'blue'])
        ->assertSeeText('Choose a colour.')->assertSee('value="Fine"', false);

    $this->delete("$this->page/$this->slot");
    $this->get($this->page)->assertSeeText('your Dots')->assertSeeText('Stripe');
    $this->delete("$more/2");
    expect(Swatch::query()->pluck('name', 'number')->all())->toBe([0 => 'Dots'])->and(Storage::disk('local')->allFiles('own-cloth'))->toBe([]);
});
