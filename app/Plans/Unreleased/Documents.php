<?php

declare(strict_types=1);

namespace App\Plans\Unreleased;

use App\Models\DesignVersion;
use App\Models\Draft;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignDocument;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;

/** Reads the designs that the database holds: the one place where their JSON is looked into. */
final class Documents
{
    /** The design of a draft, to be edited and drawn. */
    public static function draft(Draft $draft): DraftDocument
    {
        return DraftDocument::of(DesignDocument::fromJson($draft->document));
    }

    /**
     * A design that was published, whose faults were looked for then.
     *
     * @throws DocumentException when an earlier release took what cannot be read
     */
    public static function published(DesignVersion $version): Design
    {
        return DesignReader::stored($version->document);
    }

    /** The bytes of a published design in the format of today: what a new draft begins with. */
    public static function begun(DesignVersion $version): string
    {
        return DesignDocument::fromJson($version->document)->write();
    }
}
