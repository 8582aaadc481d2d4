<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Models\StockRow;
use App\Plans\ReleasedSheets;
use App\Rules\LengthBetween;
use App\Wording\Figure;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\StockFormat;
use Dew\Core\Cutting\StockKind;
use Dew\Core\Cutting\ZigzagEdge;
use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Illuminate\Validation\Validator;
use InvalidArgumentException;

/** Cloth that a member has of one fabric, as she measured it. */
final class StockRequest extends FormRequest
{
    /** Inches along the longest bolt that a shop has. */
    private const LONGEST = 3600;

    private const LENGTHS = ['width', 'length', 'corner_width', 'corner_length'];

    /** @return array<string, list<mixed>> */
    public function rules(ReleasedSheets $sheets): array
    {
        abort_unless(isset($sheets->announcement($this->project())->slots[$this->slot()]), 404);
        $this->errorBag = self::bag($this->slot());
        $notation = $this->project()->notation;
        $most = Length::inches(self::LONGEST);
        $length = ['nullable', new LengthBetween(Length::fraction(1, 16), $most, $notation->unit(), __('stock.measure_wrong', [
            'most' => Figure::text(Measurement::exact($most), $notation),
            'example' => Figure::text(Measurement::exact(Length::inches(18)), $notation),
        ]))];
        $kind = StockKind::tryFrom($this->string('kind')->value());

        return [
            'id' => [Rule::excludeIf($this->route('stock') !== null), 'required', 'ulid'],
            'kind' => ['required', Rule::enum(StockKind::class)],
            'count' => ['required', 'integer', 'between:1,'.StockFormat::MOST],
            'name' => ['nullable', 'string', 'max:60'],
            'squared' => ['nullable', 'boolean'],
            'directional' => ['nullable', 'boolean'],
            'zigzag' => ['nullable', Rule::enum(ZigzagEdge::class)],
            ...array_fill_keys(self::LENGTHS, $length),
            'length' => [
                Rule::requiredIf($kind === StockKind::Yardage || $kind === StockKind::Strip || $kind === StockKind::Scrap), ...$length,
            ],
            'width' => [Rule::requiredIf($kind === StockKind::Scrap || $kind === StockKind::Square), ...$length],
            'corner_width' => ['required_with:corner_length', ...$length],
            'corner_length' => ['required_with:corner_width', ...$length],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'kind.*' => __('stock.kind_wrong'),
            'count.*' => __('stock.count_wrong'),
            'name.*' => __('stock.name_long'),
            'length.required' => __('stock.length_missing'),
            'width.required' => __('stock.width_missing'),
            'corner_width.required_with' => __('stock.corner_both'),
            'corner_length.required_with' => __('stock.corner_both'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(ReleasedSheets $sheets): array
    {
        return [function (Validator $validator) use ($sheets): void {
            if ($validator->errors()->isNotEmpty()) {
                return;
            }
            $woven = $this->project()->usable_width ?? $sheets->announcement($this->project())->usableWidth;
            try {
                $row = new StockRow($this->measures());
                $row->id = 'new';
                $row->stock($woven)->pieces(new Marks($this->project()->notation), CuttingRoom::usual());
            } catch (InvalidArgumentException) {
                $validator->errors()->add('length', __('stock.nothing_left'));
            }
        }];
    }

    public static function bag(string $slot): string
    {
        return 'stock-'.$slot;
    }

    /** @return array<string, mixed> ready for the model */
    public function measures(): array
    {
        $lengths = [];
        foreach (self::LENGTHS as $name) {
            $typed = $this->string($name)->trim()->value();
            $lengths[$name] = $typed === '' ? null : Length::parse($typed, $this->project()->notation->unit());
        }

        return [
            'slot_key' => $this->slot(),
            'kind' => StockKind::from($this->string('kind')->value()),
            'count' => $this->integer('count'),
            'squared' => $this->boolean('squared'),
            'directional' => $this->boolean('directional'),
            'zigzag' => ZigzagEdge::tryFrom($this->string('zigzag')->value()),
            'name' => $this->string('name')->trim()->value(),
            ...$lengths,
        ];
    }

    private function project(): Project
    {
        $project = $this->route('project');

        return $project instanceof Project ? $project : abort(404);
    }

    private function slot(): string
    {
        $slot = $this->route('slot');

        return is_string($slot) ? $slot : '';
    }
}
