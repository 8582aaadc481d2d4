<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Presentation\Shared\Figure;
use App\Rules\LengthBetween;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Arr;
use Illuminate\Validation\Rule;

final class ProjectRequest extends FormRequest
{
    /** A fat quarter's short side, and the widest backing cloth. */
    private const NARROWEST = 18;

    private const WIDEST = 120;

    /** @return array<string, list<mixed>> */
    public function rules(ReleasedSheets $sheets): array
    {
        $project = $this->route('project');
        $announcement = $sheets->announcement($project instanceof Project ? $project : abort(404));
        $least = Length::inches(self::NARROWEST);
        $most = Length::inches(self::WIDEST);

        return [
            'name' => ['required', 'string', 'max:80'],
            'size_key' => ['required', Rule::in(array_keys($announcement->sizes))],
            'colourway_key' => ['required', Rule::in(array_keys($announcement->colourways))],
            'notation' => ['required', Rule::enum(Notation::class)],
            'usable_width' => ['nullable', new LengthBetween($least, $most, $this->notation()->unit(), __('quilt.width_bounds', [
                'least' => Figure::text(Measurement::exact($least), $this->notation()),
                'most' => Figure::text(Measurement::exact($most), $this->notation()),
            ]))],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['size_key.in' => __('join.unknown_size'), 'colourway_key.in' => __('join.unknown_colourway')];
    }

    /** @return array<string, mixed> ready for the model */
    public function choices(): array
    {
        $width = $this->string('usable_width')->trim()->value();

        return [
            ...Arr::only($this->validated(), ['name', 'size_key', 'colourway_key', 'notation']),
            'usable_width' => $width === '' ? null : Length::parse($width, $this->notation()->unit()),
        ];
    }

    private function notation(): Notation
    {
        return Notation::tryFrom($this->string('notation')->value()) ?? Notation::Fractions;
    }
}
