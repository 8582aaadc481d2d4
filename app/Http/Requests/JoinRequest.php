<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\Invitation;
use App\Models\Project;
use App\Models\User;
use App\Plans\Unreleased\SheetStore;
use Dew\Core\Sheet\Announcement;
use Illuminate\Contracts\Validation\Validator;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/** A size and a colourway that exist; and, from somebody who already makes this quilt, her word that she wants a second. */
final class JoinRequest extends FormRequest
{
    /** What stands for a size that somebody leaves open. */
    public const LATER = 'later';

    /** @return array<string, list<mixed>> */
    public function rules(SheetStore $sheets): array
    {
        $announcement = $sheets->announcement($this->invitation()->quiltAlong->version());

        return [
            'size' => [
                'required',
                'string',
                Rule::in([...array_keys($announcement->sizes), ...$announcement->sizeNeededAt === null ? [] : [self::LATER]]),
            ],
            'colourway' => ['required', 'string', Rule::in(array_keys($announcement->colourways))],
            'name' => ['nullable', 'string', 'max:80'],
            'second' => ['nullable', 'boolean'],
            'form' => ['nullable', 'string', 'uuid'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'size.in' => __('join.unknown_size'),
            'size.required' => __('join.choose_size'),
            'colourway.in' => __('join.unknown_colourway'),
        ];
    }

    /** @return list<callable(Validator): void> */
    public function after(): array
    {
        return [function (Validator $validator): void {
            if ($this->hasQuilt() && ! $this->boolean('second') && ! $this->wasSentBefore()) {
                $validator->errors()->add('second', __('join.already_in'));
            }
        }];
    }

    public function projectName(): string
    {
        $name = $this->string('name')->trim()->value();

        return $name !== '' ? $name : __(
            $this->hasQuilt() ? 'join.second_name' : 'join.first_name',
            ['quilt' => $this->invitation()->quiltAlong->name],
        );
    }

    /** The size that was chosen; the first one stands for a size that is left open. */
    public function size(Announcement $announcement): string
    {
        return $this->isSizeLater() ? (string) array_key_first($announcement->sizes) : $this->string('size')->value();
    }

    public function isSizeLater(): bool
    {
        return $this->string('size')->value() === self::LATER;
    }

    /** Id of the form itself; null from a form of an earlier release. */
    public function form(): ?string
    {
        $form = $this->string('form')->lower()->value();

        return $form === '' ? null : $form;
    }

    /** A form that is sent a second time, by a second click say, is answered as it was the first time. */
    private function wasSentBefore(): bool
    {
        return $this->form() !== null && Str::isUuid($this->form())
            && Project::query()->where(['user_id' => $this->user()?->id, 'begun_by' => $this->form()])->exists();
    }

    private function hasQuilt(): bool
    {
        $person = $this->user();

        return $person instanceof User && Project::query()->whereBelongsTo($person)->whereBelongsTo(
            $this->invitation()->quiltAlong,
        )->exists();
    }

    private function invitation(): Invitation
    {
        $invitation = $this->route('code');

        return $invitation instanceof Invitation ? $invitation : abort(404);
    }
}
