<?php

declare(strict_types=1);

namespace App\Presentation\Host\Workshop;

use App\Drawing\Picture;
use Dew\Core\Draft\DraftDocument;
use Dew\Core\Draft\Place;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Notation;
use Dew\Core\Sixty\SixtyGrid;
use Dew\Core\Sixty\SixtyShape;
use Dew\Core\Sixty\SixtySpot;
use InvalidArgumentException;

/**
 * Some places of the quilt around one block, in its real setting: the pattern with its sashing, or on point. It is put together from the
 * drawings of single blocks, so that an edit of one block draws that block alone anew.
 */
final readonly class InQuilt
{
    private const MOST = 4;

    /**
     * @param  string|null  $ground  fabric of the sashing
     * @param  string|null  $stones  fabric of its cornerstones
     * @param  array<string, BlockStudy>  $blocks  by id
     * @param  list<array{block: string, transform: string}>  $places
     * @param  list<array{x: float, y: float, side: float}>  $corners  where sashes cross
     */
    private function __construct(
        public float $width,
        public float $height,
        public ?string $ground,
        public ?string $stones,
        public bool $onPoint,
        public array $blocks,
        public array $places,
        public array $corners,
    ) {
    }

    /** Null while the block cannot be drawn. */
    public static function of(DraftDocument $document, string $block, BlockStudy $study, Notation $notation): ?self
    {
        [$width, $height] = $study->seen();
        if ($width <= 0 || $height <= 0) {
            return null;
        }
        if ($study->shape !== null) {
            return self::onSixty($document, $block, $study, $study->shape, $notation);
        }
        $onPoint = $document->at(Place::of('setting', 'kind'))->value === 'on-point';
        $alternate = $document->at(Place::of('setting', 'alternate'))->value;
        $rows = self::rows($document, $block, $onPoint && is_string($alternate) ? $alternate : null);
        $others = array_values(array_diff(array_unique(array_merge(...$rows)), [$block, '']));
        $blocks = [$block => $study] + BlockStudy::many($document, $others, $notation);
        $sashing = $document->at(Place::of('setting', 'sashing'))->value;
        $gap = ! is_array($sashing) ? 0.0 : self::inches($sashing['width'] ?? null);
        $places = $corners = [];
        foreach ($rows as $row => $across) {
            foreach ($across as $column => $one) {
                $place = sprintf('translate(%s %s)', $column * ($width + $gap), $row * ($height + $gap));
                if (isset($blocks[$one])) {
                    $places[] = ['block' => $one, 'transform' => $place];
                }
                if ($gap > 0 && $row > 0 && $column > 0) {
                    $corners[] = ['x' => $column * ($width + $gap) - $gap, 'y' => $row * ($height + $gap) - $gap, 'side' => $gap];
                }
            }
        }
        $text = fn (mixed $fabric): ?string => is_string($fabric) ? $fabric : null;

        return new self(
            count($rows[0]) * ($width + $gap) - $gap,
            count($rows) * ($height + $gap) - $gap,
            is_array($sashing) && $gap > 0 ? $text($sashing['fabric'] ?? null) : null,
            is_array($sashing) && $gap > 0 ? $text($sashing['cornerstones'] ?? null) : null,
            $onPoint,
            $blocks,
            $places,
            $corners,
        );
    }

    /** Four rows of a quilt set in 60° triangles. */
    private static function onSixty(
        DraftDocument $document,
        string $block,
        BlockStudy $study,
        SixtyShape $shape,
        Notation $notation,
    ): self {
        $setting = $document->at(Place::of('setting'))->value;
        $setting = is_array($setting) && ($setting['kind'] ?? '') === 'sixty' ? $setting : [];
        $pattern = is_array($setting['pattern'] ?? null) ? array_values(array_filter($setting['pattern'], is_array(...))) : [];
        $isEnd = $shape === SixtyShape::HalfTriangle;
        $has = array_filter($pattern, fn (array $row): bool => in_array($block, $row, true)) !== [];
        if (! $isEnd && ! $has) {
            $pattern = [[$block]];
        }
        $ends = $isEnd ? $block : (is_string($setting['ends'] ?? null) ? $setting['ends'] : null);
        $others = array_filter(array_unique([...array_merge(...$pattern), $ends]), is_string(...));
        $blocks = [$block => $study] + BlockStudy::many($document, array_values(array_diff($others, [$block])), $notation);
        $side = $study->seen()[0] * match ($shape) {
            SixtyShape::Triangle => 1, SixtyShape::Diamond => 2 / 3, SixtyShape::HalfTriangle => 2,
        };
        $grid = SixtyGrid::ofQuilt(2 * self::MOST - 1, self::MOST);
        $places = $taken = [];
        for ($row = 0; $row < $grid->rows; $row++) {
            for ($place = 0; $place < $grid->places($row); $place++) {
                $across = $pattern === [] ? [] : array_values($pattern[$row % count($pattern)]);
                $one = $grid->isHalf($row, $place) ? $ends : ($across === [] ? null : $across[($place - 1) % count($across)]);
                $known = is_string($one) ? $blocks[$one] ?? null : null;
                $spot = $known?->shape === null ? null : self::fitting(
                    $grid, $row, $place, $known->shape, ($setting['diamonds'] ?? '') === 'upright',
                );
                $covered = $spot === null ? [] : array_map(fn (array $at): string => implode(',', $at), $grid->covered($spot));
                if ($spot !== null && array_intersect($covered, $taken) === []) {
                    array_push($taken, ...$covered);
                    $places[] = ['block' => (string) $one, 'transform' => SixtyWay::of($spot, $side)];
                }
            }
        }
        $fill = is_array($setting['triangles'] ?? null) ? $setting['triangles']['side'] ?? null : null;

        return new self(
            $grid->width / 2 * $side, $grid->rows * $side * sqrt(0.75), is_string($fill) ? $fill : null, null, false, $blocks, $places, [],
        );
    }

    private static function fitting(SixtyGrid $grid, int $row, int $place, SixtyShape $shape, bool $upright): ?SixtySpot
    {
        try {
            return $grid->spot($row, $place, $shape, 1, $shape === SixtyShape::Diamond && $upright ? 5 : null);
        } catch (InvalidArgumentException) {
            return null;
        }
    }

    /**
     * The pattern, repeated to four places each way; the block alone where the pattern does not have it.
     *
     * @param  string|null  $alternate  on point: the block between the others
     * @return non-empty-list<non-empty-list<string>>
     */
    private static function rows(DraftDocument $document, string $block, ?string $alternate): array
    {
        $pattern = $document->at(Place::of('setting', 'pattern'))->value;
        $pattern = is_array($pattern) ? array_values(array_filter($pattern, fn (mixed $row): bool => is_array($row) && $row !== [])) : [];
        $has = $block === $alternate || array_filter($pattern, fn (array $row): bool => in_array($block, $row, true)) !== [];
        $rows = [];
        for ($row = 0; $row < self::MOST; $row++) {
            $from = $has && $pattern !== [] ? array_values($pattern[$row % count($pattern)]) : [$block];
            $across = [];
            for ($column = 0; $column < self::MOST; $column++) {
                // On point the pattern runs along one diagonal, and the alternate blocks lie between.
                $one = $alternate !== null && ($row + $column) % 2 === 1 ? $alternate : $from[$column % count($from)];
                $across[] = is_string($one) ? $one : '';
            }
            $rows[] = $across;
        }

        return $rows;
    }

    private static function inches(mixed $width): float
    {
        try {
            return is_string($width) ? Length::parse($width)->toFloat() * Picture::PER_INCH : 0.0;
        } catch (MeasureException) {
            return 0.0;
        }
    }
}
