<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Plans\ReleasedSheets;
use Illuminate\Foundation\Http\FormRequest;

/** A member's own cloth: what she calls it and the colour it is drawn in. */
final class SwatchRequest extends FormRequest
{
    /** @return array<string, list<string>> */
    public function rules(ReleasedSheets $sheets): array
    {
        $project = $this->route('project');
        $slot = $this->slot();
        abort_unless($project instanceof Project && isset($sheets->announcement($project)->slots[$slot]), 404);
        $this->errorBag = self::bag($slot);

        return ['cloth' => ['required', 'string', 'max:80'], 'colour' => ['required', 'string', 'regex:/^#[0-9a-fA-F]{6}$/D']];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'cloth.required' => __('fabrics.own.name_missing'),
            'cloth.max' => __('fabrics.own.name_long'),
            'colour.*' => __('fabrics.own.colour_wrong'),
        ];
    }

    /** The bag of the messages about one fabric, since each has a form of its own. */
    public static function bag(string $slot): string
    {
        return 'swatch-'.$slot;
    }

    /** @return array{name: string, colour: string} */
    public function cloth(): array
    {
        return ['name' => $this->string('cloth')->value(), 'colour' => strtolower($this->string('colour')->value())];
    }

    private function slot(): string
    {
        $slot = $this->route('slot');

        return is_string($slot) ? $slot : '';
    }
}
