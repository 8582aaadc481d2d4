<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\TapKind;
use App\Presentation\Shared\Counters;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Ramsey\Uuid\Uuid;

final class TapRequest extends FormRequest
{
    /** More than anybody counts at one go. */
    private const MOST = 9999;

    /**
     * A button without script says all it means in one value. Each button of a page has an id of its own then, made from the page's, so
     * that the same button twice counts once, and two buttons count twice.
     */
    protected function prepareForValidation(): void
    {
        $tap = $this->input('tap');
        if (! is_string($tap) || ! Uuid::isValid($page = (string) $this->string('id'))) {
            return;
        }
        [$amount, $task, $counter] = [...explode(' ', $tap, 3), '', ''];
        if ($amount === TapKind::Undo->value) {
            $this->merge(['id' => Uuid::uuid5($page, $tap)->toString(), 'kind' => $amount, 'undoes' => $task, 'task' => null, 'counter' => null]);

            return;
        }
        $this->merge([
            'id' => Uuid::uuid5($page, $tap)->toString(),
            'task' => $task,
            'counter' => $counter,
            ...($amount === TapKind::All->value ? ['kind' => TapKind::All->value] : ['kind' => TapKind::Add->value, 'amount' => $amount]),
        ]);
    }

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'id' => ['required', 'uuid'],
            'kind' => ['required', Rule::enum(TapKind::class)],
            'task' => ['required_unless:kind,undo', 'nullable', 'string', 'max:40'],
            'counter' => ['required_unless:kind,undo', 'nullable', 'string', 'max:80'],
            'amount' => [
                'required_if:kind,add,set', 'integer',
                ...$this->input('kind') === TapKind::Set->value ? ['between:0,'.self::MOST] : ['between:-'.self::MOST.','.self::MOST, 'not_in:0'],
            ],
            'undoes' => ['required_if:kind,undo', 'uuid'],
            'queued' => ['nullable', 'boolean'],
            'sure' => ['nullable', 'string', 'max:130'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'amount.integer' => __('counters.whole_number'),
            'amount.between' => __('counters.whole_number'),
            'amount.not_in' => __('counters.whole_number'),
            'amount.required_if' => __('counters.whole_number'),
        ];
    }

    public function kind(): TapKind
    {
        return TapKind::from($this->string('kind')->value());
    }

    public function isUndo(): bool
    {
        return $this->kind() === TapKind::Undo;
    }

    public function tapId(): string
    {
        return $this->string('id')->lower()->value();
    }

    public function undoes(): string
    {
        return $this->string('undoes')->lower()->value();
    }

    public function task(): string
    {
        return $this->string('task')->value();
    }

    public function counter(): string
    {
        return $this->string('counter')->value();
    }

    public function amount(): int
    {
        return $this->integer('amount');
    }

    /** Whether they were asked already whether so many are trimmed; a page without script says it by the place of the counter. */
    public function isSure(): bool
    {
        return in_array($this->string('sure')->value(), ['1', $this->anchor()], true);
    }

    public function anchor(): string
    {
        return Counters::anchor($this->task(), $this->counter());
    }
}
