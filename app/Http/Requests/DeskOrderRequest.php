<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\QuiltAlong;
use App\Plans\Unreleased\KitRoom;
use App\Presentation\Host\KitTables;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** An order at the simulated desk. */
final class DeskOrderRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(KitRoom $room): array
    {
        /** @var QuiltAlong $quiltAlong */
        $quiltAlong = $this->route('quiltAlong');
        $tables = new KitTables($quiltAlong, $room);

        return [
            'name' => ['required', 'string', 'max:80'],
            'email' => ['nullable', 'string', 'email', 'max:254'],
            'kit' => ['required', Rule::in(array_keys($tables->kits()))],
            'size' => ['required', Rule::in(array_keys($tables->sizes()))],
            'colourway' => ['required', Rule::in(array_keys($tables->colourways()))],
            'count' => ['required', 'integer', 'between:1,99'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['kit.*' => __('kits.desk_wrong'), 'size.*' => __('kits.desk_wrong'), 'colourway.*' => __('kits.desk_wrong'),
            'count.*' => __('kits.desk_wrong')];
    }
}
