<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Support\Kept;
use App\Wording\Figure;
use Dew\Core\Design\Compilation;
use Dew\Core\Design\DesignReader;
use Dew\Core\Design\FreeSize;
use Dew\Core\Document\DocumentException;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Excerpt;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use InvalidArgumentException;

/** How one unit of a draft is made by one method, for what a given pattern states to be compared with. Kept under the unit's content. */
final readonly class UnitStudy
{
    /**
     * @param  string  $unfinished  as Dew computes it
     * @param  list<string>  $methods  ways to make the kind
     * @param  list<array{id: string, name: string, cut: string}>  $pieces  what is cut for it by the chosen method
     */
    private function __construct(
        public string $unfinished,
        public string $method,
        public array $methods,
        public array $pieces,
    ) {
    }

    /**
     * @param  string  $method  empty for the usual one
     * @return self|null null when the unit cannot be made as it stands
     */
    public static function of(DraftDocument $document, string $unit, string $method, Notation $notation): ?self
    {
        $excerpt = Excerpt::ofUnits($document, [$unit])->text;
        $make = fn (): self|false => self::make($excerpt, $unit, $method, $notation) ?? false;
        $study = Kept::Unit->remember([$excerpt, $unit, $method, $notation->value], $make);

        return $study instanceof self ? $study : null;
    }

    private static function make(string $excerpt, string $id, string $method, Notation $notation): ?self
    {
        try {
            $design = DesignReader::stored($excerpt);
            $unit = Compilation::of($design)->products(1, 1)[$id] ?? null;
            if ($unit === null) {
                return null;
            }
            $methods = $unit->kind()->methods();
            $chosen = UnitLibrary::findMethod($method);
            $chosen = $chosen !== null && in_array($chosen, $methods, true) ? $chosen : $design->defaultMethod($unit->kind());
            $making = $unit->making($chosen, $design->room);
        } catch (DocumentException|InvalidArgumentException|MeasureException) {
            return null;
        }
        $raw = FreeSize::of($unit, $design->room)[1] ?? $unit->finished()->outsetBy($design->room->seam);
        $text = fn (Measurement $length): string => Figure::text($length, $notation);

        return new self(
            $text(Measurement::exact($raw->width)).' × '.$text(Measurement::exact($raw->height)),
            $chosen->value,
            array_map(fn (Method $one): string => $one->value, $methods),
            array_map(fn (Piece $piece): array => [
                'id' => $piece->id,
                'name' => $piece->label ?? __('pieces.one.'.$piece->shape->value).' '.implode(' ', array_map(
                    fn (string $slot): string => $design->slots[$slot]->letter ?? '',
                    $piece->slots,
                )),
                'cut' => $text($piece->width).($piece->length === null || $piece->length->exact->equals($piece->width->exact)
                    ? ''
                    : ' × '.$text($piece->length)),
            ], $making->pieces),
        );
    }
}
