<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\QuiltAlong;
use App\Rules\LengthBetween;
use Dew\Core\Design\DesignDocument;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthUnit;
use Dew\Core\Measure\Notation;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** What somebody says who starts a quilt-along. */
final class StartRequest extends FormRequest
{
    public const PACES = ['weekly', 'two-weekly', 'monthly', 'own'];

    public const WORDS = ['clue', 'month', 'week', 'part'];

    /** Designs that ship with Dew, to begin from. */
    public const READY = ['harbour-sampler', 'two-tides'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $own = $this->ownQuiltAlongs()->map(fn (QuiltAlong $one): string => 'own:'.$one->slug)->all();

        return [
            'name' => ['required', 'string', 'max:80'],
            'host_name' => ['nullable', 'string', 'max:80'],
            'secret' => ['nullable', 'boolean'],
            'quilted_by_block' => ['nullable', 'boolean'],
            'many_hands' => ['nullable', 'boolean'],
            'pace' => ['required', 'string', Rule::in(self::PACES)],
            'clue_word' => ['required', 'string', Rule::in(self::WORDS)],
            'zone' => ['required', 'string', 'timezone:all'],
            'units' => ['required', 'string', Rule::in([Notation::Fractions->value, Notation::Centimetres->value])],
            'seam' => ['required', 'string', 'max:20', new LengthBetween(
                Length::fraction(1, 16), Length::inches(1), $this->unit(), __('start.seam_bounds'),
            )],
            'welcome' => ['nullable', 'string', 'max:4000'],
            'may_share' => ['accepted'],
            'copy_question' => ['nullable', 'required_with:copy_word', 'string', 'max:200'],
            'copy_word' => ['nullable', 'required_with:copy_question', 'string', 'max:80'],
            'from' => ['required', 'string', Rule::in(['blank', 'file', ...self::READY, ...$own])],
            'file' => ['nullable', 'required_if:from,file', 'file', 'max:'.intdiv(DesignDocument::LARGEST, 1024)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => __('start.errors.name'),
            'may_share.accepted' => __('start.errors.may_share'),
            'zone.timezone' => __('start.errors.zone'),
            'copy_word.required_with' => __('start.errors.copy'),
            'copy_question.required_with' => __('start.errors.copy'),
            'from.in' => __('start.errors.from'),
            'file.required_if' => __('start.errors.file'),
            'file.file' => __('start.errors.file'),
            'file.max' => __('start.errors.too_large'),
            'file.uploaded' => __('start.errors.too_large'),
        ];
    }

    /** The seam allowance as a design document has it. */
    public function seam(): string
    {
        $seam = $this->string('seam')->trim()->value();

        return $this->unit() === LengthUnit::Centimetre && preg_match('/^[\d.,]+$/', $seam) === 1 ? $seam.' cm' : $seam;
    }

    /** @return Collection<int, QuiltAlong> those whose designs she may copy */
    public function ownQuiltAlongs(): Collection
    {
        return QuiltAlong::hostedBy($this->user());
    }

    private function unit(): LengthUnit
    {
        return $this->input('units') === Notation::Centimetres->value ? LengthUnit::Centimetre : LengthUnit::Inch;
    }
}
