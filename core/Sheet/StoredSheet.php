<?php

declare(strict_types=1);

namespace Dew\Core\Sheet;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Reader;
use Dew\Core\Document\Writer;

/** What a design is compiled into and what is kept of it. A sheet writes itself as JSON and reads itself from there. */
interface StoredSheet
{
    /** The most bytes that a sheet can have: the one limit when it is read, because whatever was written is read again. */
    public const LARGEST = 20_000_000;

    /**
     * JSON for the store: lengths exact, keys in a fixed order, the same bytes for the same sheet.
     *
     * @param  Writer  $writer  one for many sheets of a design is faster than one for each
     */
    public function write(Writer $writer = new Writer): string;

    /**
     * The sheet that {@see write()} wrote.
     *
     * @param  Reader|null  $reader  one for many sheets of a design is faster than none
     *
     * @throws DocumentException when it is none
     */
    public static function read(string $json, ?Reader $reader = null): self;
}
