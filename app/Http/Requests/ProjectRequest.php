<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Project;
use App\Plans\ReleasedSheets;
use App\Rules\LengthBetween;
use App\Wording\Figure;
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
        $project = $project instanceof Project ? $project : abort(404);
        $announcement = $sheets->announcement($project);
        $least = Length::inches(self::NARROWEST);
        $most = Length::inches(self::WIDEST);

        return [
            'name' => ['required', 'string', 'max:80'],
            'size_key' => [
                'required',
                Rule::in([...array_keys($announcement->sizes), ...$sheets->maySizeStayOpen($project) ? [JoinRequest::LATER] : []]),
            ],
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

    /** @return array{size_key?: string, ...<string, mixed>} ready for the model */
    public function choices(): array
    {
        $later = $this->string('size_key')->value() === JoinRequest::LATER;
        $width = $this->string('usable_width')->trim()->value();

        return [
            ...Arr::only($this->validated(), ['name', 'colourway_key', 'notation']),
            // A size that is left open keeps the one that stands for it until then.
            ...$later ? [] : ['size_key' => $this->string('size_key')->value()],
            'size_later' => $later,
            'usable_width' => $width === '' ? null : Length::parse($width, $this->notation()->unit()),
        ];
    }

    private function notation(): Notation
    {
        return Notation::tryFrom($this->string('notation')->value()) ?? Notation::Fractions;
    }
}
