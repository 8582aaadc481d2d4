<?php

declare(strict_types=1);

namespace App\Pictures;

use App\Models\Project;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Storage;
use Intervention\Image\Exceptions\RuntimeException;
use Intervention\Image\ImageManager;

/**
 * Pictures of cloth, as they are kept: turned upright, small, written anew without anything that a camera adds, and named by their hash, so
 * that the same picture is stored once. A picture that is written anew a second time gives the same bytes.
 */
final class ClothPictures
{
    /** Pixels of the longer side: a swatch is never drawn larger. */
    private const SIDE = 400;

    /** Decoding takes memory by the pixel, outside what PHP counts: larger pictures are refused before they are decoded. */
    private const MOST_PIXELS = 16_000_000;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP, IMAGETYPE_GIF];

    /** The longer side, in pixels, of a picture that shows how something is done. */
    public const LARGE = 1000;

    private const WAIT = 20;

    private const SHARED = 'cloth';

    /**
     * Writes a picture anew and keeps it.
     *
     * @param  string  $bytes  as they came
     * @param  int  $side  pixels of its longer side at most
     * @param  string  $folder  see {@see ownOf()}
     *
     * @throws PictureRefused with what to do instead
     */
    public function keep(string $bytes, int $side = self::SIDE, string $folder = self::SHARED): ClothPicture
    {
        $size = @getimagesizefromstring($bytes);
        if ($size === false || ! in_array($size[2], self::KINDS, true)) {
            throw new PictureRefused(__('pictures.no_picture'));
        }
        if ($size[0] * $size[1] > self::MOST_PIXELS) {
            throw new PictureRefused(__('pictures.too_large', ['megapixels' => intdiv(self::MOST_PIXELS, 1_000_000)]));
        }
        try {
            // One at a time: each takes the memory of a whole photograph.
            [$written, $colour] = Cache::lock('pictures', self::WAIT * 2)->block(self::WAIT, fn (): array => $this->written($bytes, $side));
        } catch (RuntimeException) {
            throw new PictureRefused(__('pictures.no_picture'));
        } catch (LockTimeoutException) {
            throw new PictureRefused(__('pictures.busy'));
        }
        $hash = hash('sha256', $written);
        Storage::disk('local')->put(self::path($hash, $folder), $written);

        return new ClothPicture($hash, $colour);
    }

    /**
     * A part of a picture that is kept, as a picture of its own.
     *
     * @param  array{x: int, y: int, width: int, height: int}  $part  in thousandths of the picture
     *
     * @throws PictureRefused when there is no such picture
     */
    public function part(string $hash, array $part, string $folder): ClothPicture
    {
        $bytes = $this->bytes($hash, $folder) ?? throw new PictureRefused(__('pictures.no_picture'));
        $image = ImageManager::gd()->read($bytes);
        [$wide, $high] = [$image->width(), $image->height()];
        $width = max(1, intdiv($part['width'] * $wide, 1000));
        $height = max(1, intdiv($part['height'] * $high, 1000));
        $image->crop(
            $width, $height, min($wide - $width, intdiv($part['x'] * $wide, 1000)), min($high - $height, intdiv($part['y'] * $high, 1000)),
        );

        return $this->keep((string) $image->toPng(), folder: $folder);
    }

    public function has(string $hash, string $folder = self::SHARED): bool
    {
        return Storage::disk('local')->exists(self::path($hash, $folder));
    }

    /** @return string|null the bytes of a PNG; null when there is no such picture */
    public function bytes(string $hash, string $folder = self::SHARED): ?string
    {
        return $this->has($hash, $folder) ? Storage::disk('local')->get(self::path($hash, $folder)) : null;
    }

    /** @return array{string, string} bytes, and the colour that it is on the whole */
    private function written(string $bytes, int $side): array
    {
        $image = ImageManager::gd()->read($bytes)->scaleDown($side, $side);
        $written = (string) $image->toPng();
        $colour = '#'.substr($image->resize(1, 1)->pickColor(0, 0)->toHex(), 0, 6);

        return [$written, $colour];
    }

    /** Where the pictures of one quilt are kept, apart from those of designs, so that they end with it. */
    public static function ownOf(Project $project): string
    {
        return 'own-cloth/'.$project->id;
    }

    /** Where the picture beside her notes on quilting is kept. */
    public static function notesOf(Project $project): string
    {
        return 'quilting-notes/'.$project->id;
    }

    /**
     * Deletes the pictures of a folder, but for some.
     *
     * @param  list<string>  $kept  hashes
     */
    public function clear(string $folder, array $kept = []): void
    {
        foreach (Storage::disk('local')->files($folder) as $file) {
            if (! in_array(basename($file, '.png'), $kept, true)) {
                Storage::disk('local')->delete($file);
            }
        }
    }

    private static function path(string $hash, string $folder): string
    {
        return "$folder/$hash.png";
    }
}
