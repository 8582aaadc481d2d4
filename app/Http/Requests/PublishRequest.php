<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\QuiltAlong;
use Illuminate\Foundation\Http\FormRequest;

/** A draft to publish, with what is said of each open clue that it changes. */
final class PublishRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        /** @var QuiltAlong $quiltAlong */
        $quiltAlong = $this->route('quiltAlong');
        $said = [];
        foreach ($quiltAlong->clues()->opened()->pluck('number') as $number) {
            $said["say_$number"] = ['nullable', 'string', 'max:2000'];
        }

        return [
            'name' => ['nullable', 'string', 'max:80'], 'reason' => ['nullable', 'string', 'max:2000'],
            'draft' => ['nullable', 'integer', 'min:0', 'max:2000000000'],
            ...$said,
        ];
    }
}
