<?php

declare(strict_types=1);

namespace App\Support;

use FontLib\BinaryStream;
use FontLib\Font;
use FontLib\TrueType\File;
use Illuminate\Support\Facades\File as Files;
use RuntimeException;

/**
 * The fonts of prints, cut down to the characters that nearly every print keeps to. The print library reads every
 * glyph of a font for every print, and DejaVu Sans has six thousand of them.
 */
final class PrintFonts
{
    /** The family of the small fonts, as the styles of prints name it. */
    public const SMALL = 'Dew Print';

    /** The family with every character that the print library brings. */
    public const WHOLE = 'DejaVu Sans';

    /** Latin of all Europe, marks of text, raised and lowered figures, fractions, arrows, mathematics, and the square that shows a fabric's colour. */
    private const CHARACTERS = [
        [0x20, 0x7E], [0xA0, 0x17F], [0x218, 0x21B], [0x2010, 0x2027], [0x2030, 0x203A], [0x2044, 0x2044], [0x2070, 0x209C], [0x20AC, 0x20AC],
        [0x2122, 0x2122], [0x2150, 0x215F], [0x2190, 0x2199], [0x2200, 0x2265], [0x25A0, 0x25A0], [0xFFFD, 0xFFFD],
    ];

    /** Names of files, by those of the print library, which remembers the measures of a font by the name of its file alone. */
    private const FILES = ['DejaVuSans' => 'dew-print', 'DejaVuSans-Bold' => 'dew-print-bold'];

    /** The family in which all of a text can be printed: the small one, unless a character is missing there. */
    public static function familyFor(string $text): string
    {
        $ranges = implode('', array_map(fn (array $range): string => sprintf('\x{%X}-\x{%X}', ...$range), self::CHARACTERS));

        return preg_match('/[^\s'.$ranges.']/u', $text) === 1 ? self::WHOLE : self::SMALL;
    }

    /** A print in the family that has all its characters. Its styles name the small one, in quotes, which no text of a page has unescaped. */
    public static function within(string $html): string
    {
        return str_replace('"'.self::SMALL.'"', '"'.self::familyFor($html).'"', $html);
    }

    /**
     * The folder with the small fonts and their measures, made at the first print.
     *
     * @param  string  $from  the folder with the fonts of the print library
     */
    public static function folder(string $from): string
    {
        $made = json_encode([self::CHARACTERS, self::FILES, filesize("$from/DejaVuSans.ttf")], JSON_THROW_ON_ERROR);
        $folder = storage_path('framework/cache/print-fonts-'.substr(hash('sha256', $made), 0, 8));
        if (! is_dir($folder)) {
            // Another process may be making them too: each fills a folder of its own, and the first one is kept.
            $mine = $folder.'-'.bin2hex(random_bytes(4));
            Files::ensureDirectoryExists($mine);
            foreach (self::FILES as $name => $own) {
                self::cut("$from/$name.ttf", "$mine/$own");
            }
            [$normal, $bold] = array_values(self::FILES);
            Files::put("$mine/installed-fonts.json", json_encode([
                strtolower(self::SMALL) => ['normal' => $normal, 'bold' => $bold, 'italic' => $normal, 'bold_italic' => $bold],
            ], JSON_THROW_ON_ERROR));
            if (! @rename($mine, $folder)) {
                Files::deleteDirectory($mine);
            }
        }

        return $folder;
    }

    /** Writes a font with nothing but the characters above, and its measures beside it. */
    private static function cut(string $from, string $to): void
    {
        $font = self::read($from);
        $has = $font->getUnicodeCharMap();
        $font->setSubset(array_values(array_filter(
            array_merge(...array_map(fn (array $range): array => range(...$range), self::CHARACTERS)),
            fn (int $character): bool => isset($has[$character]),
        )));
        $font->reduce();
        Files::put("$to.ttf", '');
        $font->open("$to.ttf", BinaryStream::modeReadWrite);
        $font->encode(['OS/2']);
        $font->close();
        $small = self::read("$to.ttf");
        $small->saveAdobeFontMetrics("$to.ufm");
        $small->close();
    }

    private static function read(string $path): File
    {
        $font = Font::load($path);
        if (! $font instanceof File) {
            throw new RuntimeException("$path is no font that can be read.");
        }
        $font->parse();

        return $font;
    }
}
