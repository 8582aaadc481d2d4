<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\Complaint;

/** What came of reading a document: the document itself, everything that is wrong with it, and the design as far as it goes. */
final readonly class Reading
{
    /** @param  list<Complaint>  $complaints */
    public function __construct(
        public DesignDocument $document,
        public array $complaints,
        public ?Design $design,
    ) {
    }
}
