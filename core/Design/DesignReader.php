<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\Complaint;
use Dew\Core\Document\Complaints;
use Dew\Core\Document\DocumentException;

/**
 * Reads a design document: text → document → all complaints → design → checks. Documents of older formats are brought up to date first.
 *
 * What can be computed but not sewn well is read, and found by {@see \Dew\Core\Proof\Proof}.
 */
final class DesignReader
{
    /**
     * Reads a document that must be right.
     *
     * @throws DocumentException with everything that is wrong with it
     */
    public static function read(string $json): Design
    {
        $reading = self::reading($json);
        if ($reading->complaints !== []) {
            throw DocumentException::of($reading->complaints);
        }

        return $reading->design ?? throw DocumentException::at('', 'holds no design.');
    }

    /**
     * Reads a document as far as it goes, whatever is wrong with it.
     *
     * @throws DocumentException only when the text is no JSON object, or of a format that is not known
     */
    public static function reading(string $json): Reading
    {
        $document = DesignDocument::fromJson($json);
        $complaints = new Complaints;
        $document->check($complaints);
        $design = (new DesignBuilder($document, $complaints))->build();
        if ($design !== null) {
            DesignChecks::of($design, $complaints);
        }

        return new Reading($document, $complaints->all(), $design);
    }

    /**
     * Reads a document that was checked before it was stored, without checking its form again. What a later Dew complains of in it is
     * passed over.
     *
     * @throws DocumentException when there is no design in it
     */
    public static function stored(string $json): Design
    {
        $complaints = new Complaints;
        $design = (new DesignBuilder(DesignDocument::fromJson($json), $complaints))->build();

        return $design ?? throw DocumentException::of($complaints->all() ?: [new Complaint('', 'holds no design.')]);
    }
}
