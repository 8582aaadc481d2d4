<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;

/** Which border each patch of a frame belongs to, as sheets write it: a hyphen for what lies within the borders. */
final class Owners
{
    private const NONE = '-';

    /**
     * @param  list<string>  $owners
     * @return list<string>
     */
    public static function toData(array $owners): array
    {
        return array_map(fn (string $owner): string => $owner === '' ? self::NONE : $owner, $owners);
    }

    /**
     * @return list<string>
     *
     * @throws DocumentException
     */
    public static function fromData(Node $data): array
    {
        return array_map(fn (string $owner): string => $owner === self::NONE ? '' : $owner, $data->texts());
    }
}
