<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Support\Kept;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Excerpt;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\References;
use InvalidArgumentException;

/** What the units of a design look like, each worked out once and kept under its content. */
final class Looks
{
    /**
     * @return array<string, Look> by unit id; without those that cannot be drawn as they stand
     */
    public static function ofUnits(DraftDocument $document): array
    {
        $units = $document->items(Place::of('units'));
        $seam = $document->at(Place::of('seam'))->text();
        // All together as long as no unit changes; one by one when some do.
        $whole = [$units, $seam, self::hasInner($units) ? $document->at(Place::of('blocks'))->value : null];

        return Kept::Looks->remember($whole, fn (): array => self::each($document, $units, $seam));
    }

    /**
     * @param  list<array<array-key, mixed>>  $units
     * @return array<string, Look>
     */
    private static function each(DraftDocument $document, array $units, string $seam): array
    {
        $ofs = [];
        foreach ($units as $unit) {
            $id = Place::idOf($unit);
            if ($id !== null) {
                $ofs[$id] = [$unit, self::inside($document, $unit), $seam];
            }
        }

        return Kept::Look->many($ofs, fn (array $missing): array => self::make($document, array_map(strval(...), $missing)));
    }

    /** @param  list<array<array-key, mixed>>  $units */
    private static function hasInner(array $units): bool
    {
        return array_filter($units, fn (array $unit): bool => isset($unit['base'])) !== [];
    }

    /**
     * What lies in a unit, as the document says it.
     *
     * @param  array<array-key, mixed>  $unit
     * @return list<mixed>
     */
    private static function inside(DraftDocument $document, array $unit): array
    {
        $inside = [];
        foreach (isset($unit['pieces']) || isset($unit['base']) ? References::in(new DraftDocument(['units' => [$unit]])) : [] as $named) {
            if ($named->list !== 'fabrics') {
                // What lies in those again is part of a deeper excerpt; whatever changes there changes this.
                $inside[] = [$document->at(Place::of('units'))->value, $document->at(Place::of('blocks'))->value];

                break;
            }
        }

        return $inside;
    }

    /**
     * @param  list<string>  $units
     * @return array<string, Look>
     */
    private static function make(DraftDocument $document, array $units): array
    {
        try {
            $design = DesignReader::stored(Excerpt::ofUnits($document, $units)->text);
        } catch (DocumentException) {
            return [];
        }
        $products = Compilation::of($design)->products(1, 1);
        $looks = [];
        foreach (array_intersect($units, array_keys($products)) as $unit) {
            try {
                $looks[$unit] = Look::of($products[$unit], $design->pictures[$unit] ?? null);
            } catch (InvalidArgumentException) {
                // What is wrong with it stands in the proof.
                continue;
            }
        }

        return $looks;
    }
}
