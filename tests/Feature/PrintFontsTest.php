<?php

declare(strict_types=1);

use App\Support\Pdf;
use App\Support\PrintFonts;
use FontLib\Font;

/** @return array<int, int> how wide each character is, in units of the font */
function characterWidths(string $path): array
{
    $font = Font::load($path);
    $font->parse();
    $widths = $font->getData('hmtx');

    return array_map(fn (int $glyph): int => $widths[$glyph][0], $font->getUnicodeCharMap());
}

it('cuts the fonts of prints down to what prints show, each character as wide as before', function (): void {
    $from = base_path('vendor/dompdf/dompdf/lib/fonts');
    $folder = PrintFonts::folder($from);
    foreach (['DejaVuSans', 'DejaVuSans-Bold'] as $name) {
        $small = array_diff_key(characterWidths("$folder/$name.ttf"), [0 => 0, 0xFFFF => 0]);
        $whole = characterWidths("$from/$name.ttf");
        expect($small)->toBe(array_intersect_key($whole, $small))
            ->and(count($small))->toBeGreaterThan(500)
            ->and(count($small))->toBeLessThan(800)
            ->and(array_key_exists(mb_ord('⅞'), $small))->toBeTrue()
            ->and(array_key_exists(mb_ord('■'), $small))->toBeTrue()
            ->and(filesize("$folder/$name.ttf"))->toBeLessThan(filesize("$from/$name.ttf") / 4);
    }
    // A second print makes none again.
    $made = filemtime("$folder/DejaVuSans.ttf");
    touch("$folder/DejaVuSans.ttf", $made - 100);
    expect(PrintFonts::folder($from))->toBe($folder);
    clearstatcache();
    expect(filemtime("$folder/DejaVuSans.ttf"))->toBe($made - 100)
        ->and(glob(dirname($folder).'/print-fonts-*'))->toBe([$folder]);
});

it('prints every character it has, in the small font unless one is missing there', function (string $name, string $family): void {
    expect(PrintFonts::familyFor("<h1>$name</h1>\n\t<p>Cut 3⅞ in</p>"))->toBe($family);
    $file = (string) tempnam(sys_get_temp_dir(), 'dew-fonts');
    file_put_contents($file, Pdf::bytes('print.page', ['title' => $name], 'a4'));
    expect(shell_exec('pdftotext '.escapeshellarg($file).' -'))->toContain($name);
    unlink($file);
})->with([
    ['Żofia’s Night Ferry ■ √2 at 3⅞ in', PrintFonts::SMALL],
    ['Ночной паром', PrintFonts::WHOLE],
    ['Νυχτερινό', PrintFonts::WHOLE],
]);
