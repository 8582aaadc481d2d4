<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Plans\ReleasedSheets;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Http\UploadedFile;

/** A member's own cloth: what she calls it and the colour it is drawn in. */
final class SwatchRequest extends FormRequest
{
    private const LARGEST_KB = 12_000;

    /** @return array<string, list<string>> */
    public function rules(ReleasedSheets $sheets): array
    {
        $project = $this->route('project');
        $slot = $this->slot();
        abort_unless($project instanceof Project && isset($sheets->announcement($project)->slots[$slot]), 404);
        $this->errorBag = $this->routeIs('member.swatch.more') ? self::moreBag($slot) : self::bag($slot);

        return [
            'cloth' => ['required', 'string', 'max:80'],
            'colour' => ['required_without:photo', 'string', 'regex:/^#[0-9a-fA-F]{6}$/D'],
            'photo' => ['nullable', 'file', 'max:'.self::LARGEST_KB],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'cloth.required' => __('fabrics.own.name_missing'),
            'cloth.max' => __('fabrics.own.name_long'),
            'photo.*' => __('pictures.no_picture'),
            'colour.*' => __('fabrics.own.colour_wrong'),
        ];
    }

    /** The bag of the messages about one fabric, since each has a form of its own. */
    public static function bag(string $slot): string
    {
        return 'swatch-'.$slot;
    }

    /** The bag of the messages about a further cloth for a fabric. */
    public static function moreBag(string $slot): string
    {
        return 'more-'.$slot;
    }

    /** @return array{name: string, colour: string} */
    public function cloth(): array
    {
        return ['name' => $this->string('cloth')->value(), 'colour' => strtolower($this->string('colour')->value())];
    }

    /** The bytes of her photograph; null where she sent none. */
    public function photo(): ?string
    {
        $file = $this->file('photo');

        return $file instanceof UploadedFile ? (string) file_get_contents($file->getRealPath()) : null;
    }

    private function slot(): string
    {
        $slot = $this->route('slot');

        return is_string($slot) ? $slot : '';
    }
}
