<?php

declare(strict_types=1);

namespace Dew\Core\Draft;

/** An edit that files and browsers may send. Its class is all that says how its kinds are written and read. */
interface EditKind extends Edit
{
    /** @param  string  $kind  one of those that are listed for this class */
    public static function parts(string $kind): EditParts;

    /**
     * The edit that checked parts describe.
     *
     * @throws EditRefused when they contradict each other
     */
    public static function read(string $kind, EditData $data): Edit;
}
