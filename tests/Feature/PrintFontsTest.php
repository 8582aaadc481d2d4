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
    foreach (['DejaVuSans' => 'dew-print', 'DejaVuSans-Bold' => 'dew-print-bold'] as $name => $own) {
        $small = array_diff_key(characterWidths("$folder/$own.ttf"), [0 => 0, 0xFFFF => 0]);
        $whole = characterWidths("$from/$name.ttf");
        expect($small)->toBe(array_intersect_key($whole, $small))
            ->and(count($small))->toBeGreaterThan(500)
            ->and(count($small))->toBeLessThan(800)
            ->and(array_key_exists(mb_ord('⅞'), $small))->toBeTrue()
            ->and(array_key_exists(mb_ord('■'), $small))->toBeTrue()
            ->and(filesize("$folder/$own.ttf"))->toBeLessThan(filesize("$from/$name.ttf") / 4);
    }
    // A second print makes none again.
    $made = filemtime("$folder/dew-print.ttf");
    touch("$folder/dew-print.ttf", $made - 100);
    expect(PrintFonts::folder($from))->toBe($folder);
    clearstatcache();
    expect(filemtime("$folder/dew-print.ttf"))->toBe($made - 100)
        ->and(glob(dirname($folder).'/print-fonts-*'))->toBe([$folder]);
});

it('prints every character it has, in the small font unless one is missing there', function (): void {
    // One after the other in one process, as a worker makes them: no print decides for the next.
    foreach ([
        ['Night Ferry', PrintFonts::SMALL],
        ['Ночной паром', PrintFonts::WHOLE],
        ['Żofia’s Night Ferry ■ √2 at 3⅞ in', PrintFonts::SMALL],
        ['Νυχτερινό', PrintFonts::WHOLE],
    ] as [$name, $family]) {
        expect(PrintFonts::familyFor("<h1>$name</h1>\n\t<p>Cut 3⅞ in</p>"))->toBe($family)
            ->and(PrintFonts::within('<style>body { font-family: "Dew Print"; }</style><h1>'.e($name).'</h1>'))->toContain('"'.$family.'"');
        $file = (string) tempnam(sys_get_temp_dir(), 'dew-fonts');
        file_put_contents($file, Pdf::bytes('print.page', ['title' => $name], 'a4'));
        expect(shell_exec('pdftotext '.escapeshellarg($file).' -'))->toContain($name);
        // What a font lacks is drawn as one and the same empty box: as many different shapes as letters.
        preg_match_all('/id="glyph[^"]*">\s*<path[^>]* d="([^"]+)"/', (string) shell_exec('pdftocairo -svg '.escapeshellarg($file).' -'), $shapes);
        $letters = array_diff(array_unique(mb_str_split($name)), [' ']);
        expect(count(array_unique($shapes[1])))->toBeGreaterThanOrEqual(count($letters), $name);
        unlink($file);
    }
});

it('breaks lines where they end in either font, whichever was used before', function (): void {
    foreach (['Night Ferry ', 'Ночной паром ', 'Night Ferry '] as $words) {
        $file = (string) tempnam(sys_get_temp_dir(), 'dew-fonts');
        file_put_contents($file, Pdf::bytes('print.page', ['title' => str_repeat($words, 20)], 'a4'));
        preg_match_all('/<word [^>]*xMax="([\d.]+)" yMax="([\d.]+)"/', (string) shell_exec('pdftotext -bbox '.escapeshellarg($file).' -'), $ends);
        // A page of A4 is 595 points wide.
        expect(count($ends[1]))->toBeGreaterThan(40)
            ->and(max(array_map(floatval(...), $ends[1])))->toBeGreaterThan(400.0)->toBeLessThan(595.0, $words)
            ->and(count(array_unique($ends[2])))->toBeGreaterThan(3);
        unlink($file);
    }
});
