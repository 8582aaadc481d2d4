<?php

declare(strict_types=1);

namespace App\Models;

/** What somebody may do in one quilt-along. */
enum Role: string
{
    case Owner = 'owner';
    case Helper = 'helper';
    case Member = 'member';

    /** @return list<self> */
    public static function hostSide(): array
    {
        return [self::Owner, self::Helper];
    }

    public function isHostSide(): bool
    {
        return $this !== self::Member;
    }
}
