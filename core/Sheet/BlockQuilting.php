<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Size;

/** The sizes of a block that is quilted by itself, as sheets write them: see {@see \Dew\Core\Setting\QuiltAsYouGo::sizes()}. */
final class BlockQuilting
{
    /**
     * @param  array<string, Size|Length>  $sizes
     * @return array<string, string>
     */
    public static function toData(array $sizes): array
    {
        return array_map(fn (Size|Length $size): string => $size->encode(), $sizes);
    }

    /**
     * @return array<string, Size|Length>
     *
     * @throws DocumentException
     */
    public static function fromData(Node $data): array
    {
        return array_map(
            fn (string $size): Size|Length => str_contains($size, ' x ') ? Size::decode($size) : Length::decode($size), $data->names(),
        );
    }
}
