<?php

declare(strict_types=1);

namespace Dew\Core\Design;

/** Writes a design as its canonical bytes: see {@see DesignDocument::write()}. */
final class DesignWriter
{
    public static function write(Design $design): string
    {
        return $design->document->write();
    }
}
