<?php

declare(strict_types=1);

namespace App\Console\Commands;

/** How commands print what they computed where --json asks for data. */
trait PrintsData
{
    /** One line of JSON, with letters and strokes as they are. */
    private function printData(mixed $data): void
    {
        $this->line(json_encode($data, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES));
    }
}
