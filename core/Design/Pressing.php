<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Node;
use Dew\Core\Press\Copies;
use Dew\Core\Press\School;

/** How the host of a design wants seams to be pressed where nothing else decides, and which copies of a block are pressed alike. */
final readonly class Pressing
{
    /** @param  array<string, array<string, list<string>>>  $kept  flags of what people were told before, by size and product key */
    public function __construct(
        public School $school = School::Dark,
        public Copies $copies = Copies::Alike,
        public array $kept = [],
    ) {
    }

    /** @throws DocumentException */
    public static function fromData(Node $data): self
    {
        return new self(
            $data->has('school') ? $data->get('school')->enum(School::class) : School::Dark,
            $data->has('copies') ? $data->get('copies')->enum(Copies::class) : Copies::Alike,
        );
    }
}
