<?php

declare(strict_types=1);

namespace Dew\Core\Design;

use Dew\Core\Document\Complaint;
use Dew\Core\Document\Complaints;
use Dew\Core\Document\DocumentException;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Problem;
use InvalidArgumentException;

/**
 * Reads a design document: text → document → all complaints → design → checks. Documents of older formats are brought up to date first.
 *
 * What can be computed but not sewn well is read, and found by {@see \Dew\Core\Proof\Proof}.
 */
final class DesignReader
{
    /**
     * Reads a document that must be right. A block that is not finished and lies in no size is passed over.
     *
     * @throws DocumentException with everything that is wrong with it
     */
    public static function read(string $json): Design
    {
        $reading = self::reading($json);
        $complaints = array_values(array_filter($reading->complaints, fn (Complaint $complaint): bool => ! $complaint->idle));
        if ($complaints !== []) {
            throw DocumentException::of($complaints);
        }

        return $reading->design ?? throw DocumentException::at('', 'design.nothing');
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

        return new Reading($document, self::idle($complaints->all(), $document, $design), $design);
    }

    /**
     * What is said of empty places in blocks that lie in no size, and that no task makes, is marked as idle.
     *
     * @param  list<Complaint>  $complaints
     * @return list<Complaint>
     */
    private static function idle(array $complaints, DesignDocument $document, ?Design $design): array
    {
        $unfinished = array_filter($complaints, fn (Complaint $complaint): bool => $complaint->unfinished && $complaint->harmless);
        if ($unfinished === [] || $design === null) {
            return $complaints;
        }
        $used = array_fill_keys(array_map(ProductKey::id(...), $design->madeProducts()), true);
        try {
            foreach (Compilation::of($design)->sizes() as $sized) {
                $used += array_fill_keys(array_map(fn (int|string $key): string => ProductKey::id((string) $key), array_keys($sized->counts)), true);
            }
        } catch (InvalidArgumentException|MeasureException) {
            return $complaints;
        }
        $blocks = is_array($document->value['blocks'] ?? null) ? $document->value['blocks'] : [];
        foreach ($unfinished as $number => $complaint) {
            $index = preg_match('#^/blocks/(\d+)/#', $complaint->pointer, $found) === 1 ? (int) $found[1] : -1;
            $id = is_array($blocks[$index] ?? null) ? $blocks[$index]['id'] ?? null : null;
            if (is_string($id) && ! isset($used[$id])) {
                $complaints[$number] = $complaint->ofSomethingIdle();
            }
        }

        return array_values($complaints);
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

        return $design ?? throw DocumentException::of($complaints->all() ?: [new Complaint('', new Problem('design.nothing'))]);
    }
}
