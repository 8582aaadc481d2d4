<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use Dew\Core\Compile\Compiler;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Excerpt;
use Dew\Core\Draft\Place;
use Dew\Core\Draft\References;
use Illuminate\Support\Facades\Cache;
use InvalidArgumentException;

/** What the units of a design look like, each worked out once and kept under its content. */
final class Looks
{
    private const DAYS = 2;

    /**
     * @return array<string, Look> by unit id; without those that cannot be drawn as they stand
     */
    public static function ofUnits(DraftDocument $document): array
    {
        $units = $document->items(Place::of('units'));
        $seam = $document->at(Place::of('seam'))->text();
        // All together as long as no unit changes; one by one when some do.
        $whole = [$units, $seam, Compiler::REVISION, self::hasInner($units) ? $document->at(Place::of('blocks'))->value : null];

        return Cache::remember(
            'looks:'.hash('sha256', serialize($whole)),
            now()->addDays(self::DAYS),
            fn (): array => self::each($document, $units, $seam),
        );
    }

    /**
     * @param  list<array<array-key, mixed>>  $units
     * @return array<string, Look>
     */
    private static function each(DraftDocument $document, array $units, string $seam): array
    {
        $names = [];
        foreach ($units as $unit) {
            $id = Place::idOf($unit);
            if ($id !== null) {
                $names[$id] = 'look:'.hash('sha256', serialize([$unit, self::inside($document, $unit), $seam, Compiler::REVISION]));
            }
        }
        $kept = $names === [] ? [] : Cache::many(array_values($names));
        $missing = array_filter($names, fn (string $name): bool => ($kept[$name] ?? null) === null);
        $made = $missing === [] ? [] : self::make($document, array_map(strval(...), array_keys($missing)));
        if ($made !== []) {
            $new = [];
            foreach ($made as $id => $look) {
                $new[$names[$id]] = $look;
            }
            Cache::putMany($new, now()->addDays(self::DAYS));
        }
        $looks = [];
        foreach ($names as $id => $name) {
            $look = $made[$id] ?? $kept[$name] ?? null;
            if ($look instanceof Look) {
                $looks[$id] = $look;
            }
        }

        return $looks;
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
