<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Dew\Core\Measure\Notation;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;

/** How a quilt-along works: what is said when it is started, and can be changed later. */
abstract class QuiltAlongRequest extends FormRequest
{
    public const PACES = ['weekly', 'two-weekly', 'monthly', 'own'];

    public const WORDS = ['clue', 'month', 'week', 'part'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
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
            'welcome' => ['nullable', 'string', 'max:4000'],
            'copy_question' => ['nullable', 'required_with:copy_word', 'string', 'max:200'],
            'copy_word' => ['nullable', 'required_with:copy_question', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => __('start.errors.name'),
            'zone.timezone' => __('start.errors.zone'),
            'copy_word.required_with' => __('start.errors.copy'),
            'copy_question.required_with' => __('start.errors.copy'),
        ];
    }

    /** @return array<string, mixed> columns of the quilt-along */
    public function about(): array
    {
        $text = fn (string $field): ?string => $this->string($field)->trim()->value() ?: null;

        return [
            'name' => $this->string('name')->trim()->value(),
            'host_name' => $text('host_name') ?? $this->user()->name ?? '',
            'zone' => $this->string('zone')->value(),
            'secret' => $this->boolean('secret'),
            'pace' => $this->string('pace')->value(),
            'quilted_by_block' => $this->boolean('quilted_by_block'),
            'many_hands' => $this->boolean('many_hands'),
            'clue_word' => $this->string('clue_word')->value(),
            'units' => $this->string('units')->value(),
            'welcome' => $text('welcome'),
            'copy_question' => $text('copy_question'),
            'copy_word' => $text('copy_word'),
        ];
    }
}
