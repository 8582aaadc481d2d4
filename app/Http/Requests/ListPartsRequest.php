<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\QuiltAlong;
use App\Plans\Unreleased\HandRoom;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** The size of a group quilt. */
final class ListPartsRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(HandRoom $room): array
    {
        /** @var QuiltAlong $quiltAlong */
        $quiltAlong = $this->route('quiltAlong');
        $sizes = array_map(strval(...), array_keys($room->announcement($quiltAlong)->sizes));

        return ['size' => ['required', Rule::in($sizes)]];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['size.*' => __('hands.wrong.size')];
    }
}
