<?php

declare(strict_types=1);

namespace App\Presentation\Member;

use App\Models\StockRow;
use App\Wording\Figure;
use Dew\Core\Cutting\StockKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;

/** Cloth that somebody has, in words, and as the form that changes it shows it. */
final readonly class StockText
{
    /** @param  Length  $woven  usable width of cloth off the bolt that nobody measured */
    public function __construct(private Notation $notation, private Length $woven)
    {
    }

    public function line(StockRow $row): string
    {
        $stock = $row->stock($this->woven);
        $text = trans_choice('stock.line.'.$row->kind->value, $row->count, [
            'width' => $this->text($stock->width), 'length' => $this->text($stock->length),
        ]);

        return implode(', ', array_filter([
            $text,
            $stock->corner === null ? null : __('stock.without_corner', [
                'width' => $this->text($stock->corner->width), 'length' => $this->text($stock->corner->height),
            ]),
            $stock->directional ? __('stock.upright') : null,
            $row->name === '' ? null : $row->name,
        ]));
    }

    /** @return array<string, string> what its form shows, as it could be typed */
    public function fields(?StockRow $row): array
    {
        $typed = fn (?Length $length): string => $length === null ? '' : Figure::text(Measurement::exact($length), $this->notation);

        return [
            'kind' => ($row->kind ?? StockKind::Yardage)->value,
            'width' => $typed($row?->width),
            'length' => $typed($row?->length),
            'count' => (string) ($row->count ?? 1),
            'corner_width' => $typed($row?->corner_width),
            'corner_length' => $typed($row?->corner_length),
            'squared' => $row?->squared ? '1' : '',
            'directional' => $row?->directional ? '1' : '',
            'zigzag' => $row?->zigzag->value ?? '',
            'name' => $row->name ?? '',
        ];
    }

    public function area(StockRow $row): float
    {
        $stock = $row->stock($this->woven);

        return $stock->width->toFloat() * $stock->length->toFloat();
    }

    /** The usable width of cloth off the bolt, in words. */
    public function woven(): string
    {
        return $this->text($this->woven);
    }

    private function text(Length $length): string
    {
        return Figure::text(Measurement::setting($length), $this->notation);
    }
}
