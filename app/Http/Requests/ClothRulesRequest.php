<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Rules\LengthBetween;
use Dew\Core\Cutting\ClothRules;
use Dew\Core\Measure\Length;
use Illuminate\Foundation\Http\FormRequest;

/** How a member wants one of her fabrics to be cut. */
final class ClothRulesRequest extends FormRequest
{
    /** Inches around a piece: more than that is another piece. */
    private const WIDEST_MARGIN = 4;

    /** @return array<string, list<mixed>> */
    public function rules(ReleasedSheets $sheets): array
    {
        $slot = $this->route('slot');
        abort_unless(is_string($slot) && isset($sheets->announcement($this->project())->slots[$slot]), 404);
        $this->errorBag = StockRequest::bag($slot);
        $notation = $this->project()->notation;
        $most = Length::inches(self::WIDEST_MARGIN);

        return [
            'variety' => ['nullable', 'integer', 'between:1,9'],
            'margin' => ['nullable', new LengthBetween(Length::zero(), $most, $notation->unit(), __('stock.margin_wrong', [
                'most' => $notation->print($most),
            ]))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['variety.*' => __('stock.variety_wrong')];
    }

    public function clothRules(): ClothRules
    {
        $margin = Length::parse($this->filled('margin') ? $this->string('margin')->value() : '0', $this->project()->notation->unit());

        return new ClothRules($margin->isPositive() ? $margin : null, max(1, $this->integer('variety', 1)));
    }

    private function project(): Project
    {
        $project = $this->route('project');

        return $project instanceof Project ? $project : abort(404);
    }
}
