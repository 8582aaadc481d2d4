<?php

declare(strict_types=1);

namespace App\Pictures;

use RuntimeException;
use ZipArchive;

/** A design with its pictures of cloth in one zip file: `design.json`, and pictures named by their hash. */
final readonly class DesignArchive
{
    private const DOCUMENT = 'design.json';

    private const PICTURES = 400;

    /** Bytes, unpacked: what claims to hold more is not unpacked. */
    private const LARGEST_PICTURE = 8_000_000;

    private const LARGEST_DOCUMENT = 2_000_001;

    private const LARGEST = 60_000_000;

    private const PICTURE = '/"picture": ?"([0-9a-f]{64})"/';

    public function __construct(private ClothPictures $pictures)
    {
    }

    public static function isOne(string $bytes): bool
    {
        return str_starts_with($bytes, "PK\x03\x04");
    }

    /** @return list<string> hashes of the pictures that a document names */
    public static function named(string $document): array
    {
        preg_match_all(self::PICTURE, $document, $found);

        return array_values(array_unique($found[1]));
    }

    /**
     * Writes a design and the pictures it names.
     *
     * @param  list<string>  $allowed  hashes of the pictures that it may show
     * @return string the path of a temporary file
     */
    public function write(string $document, array $allowed): string
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'dew');
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::OVERWRITE) !== true) {
            throw new RuntimeException('The archive could not be written.');
        }
        $zip->addFromString(self::DOCUMENT, $document);
        foreach (array_intersect(self::named($document), $allowed) as $hash) {
            $bytes = $this->pictures->bytes($hash);
            if ($bytes !== null) {
                $zip->addFromString("pictures/$hash.png", $bytes);
            }
        }
        $zip->close();

        return $path;
    }

    /**
     * Reads a design and keeps its pictures, each written anew. Files of other names are not looked at.
     *
     * @param  list<string>  $own  hashes of pictures that whoever sends it has already
     * @return string the document, naming the pictures as they are kept
     *
     * @throws PictureRefused when the file is damaged, too large or holds no design
     */
    public function read(string $path, array $own = []): string
    {
        $zip = new ZipArchive;
        if ($zip->open($path, ZipArchive::RDONLY) !== true) {
            throw new PictureRefused(__('pictures.damaged'));
        }
        try {
            $document = $this->entry($zip, self::DOCUMENT, self::LARGEST_DOCUMENT);
            if ($document === null) {
                throw new PictureRefused(__('pictures.no_design'));
            }
            $named = self::named($document);
            if (count($named) > self::PICTURES) {
                throw new PictureRefused(__('pictures.too_many', ['most' => self::PICTURES]));
            }
            $kept = [];
            $bytes = 0;
            foreach ($named as $hash) {
                $picture = $this->entry($zip, "pictures/$hash.png", self::LARGEST_PICTURE);
                $bytes += strlen((string) $picture);
                if ($bytes > self::LARGEST) {
                    throw new PictureRefused(__('pictures.too_many', ['most' => self::PICTURES]));
                }
                if ($picture !== null) {
                    $kept[$hash] = $this->pictures->keep($picture)->hash;
                }
            }

            return $this->withPictures($document, $kept, $own);
        } finally {
            $zip->close();
        }
    }

    /**
     * The document with the pictures that came with it or that its sender has already, and without mention of others.
     *
     * @param  array<string, string>  $kept  names under which pictures are kept, by those the document has for them
     * @param  list<string>  $own  hashes of pictures that whoever sends it has already
     */
    public function withPictures(string $document, array $kept, array $own): string
    {
        return preg_replace_callback('/,\s*"picture": ?"([0-9a-f]{64})"/', function (array $found) use ($kept, $own): string {
            $hash = $kept[$found[1]] ?? $found[1];

            return (isset($kept[$found[1]]) || in_array($hash, $own, true)) && $this->pictures->has($hash) ? str_replace($found[1], $hash, $found[0]) : '';
        }, $document) ?? $document;
    }

    private function entry(ZipArchive $zip, string $name, int $most): ?string
    {
        $about = $zip->statName($name);
        if ($about === false) {
            return null;
        }
        if ($about['size'] > $most) {
            throw new PictureRefused(__('pictures.too_large_file', ['file' => $name]));
        }
        $bytes = $zip->getFromName($name, $most);

        return $bytes === false ? throw new PictureRefused(__('pictures.damaged')) : $bytes;
    }
}
