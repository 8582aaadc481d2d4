<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Models\QuiltAlong;
use App\Rules\LengthBetween;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\LengthUnit;
use Dew\Core\Measure\Notation;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Validation\Rule;

/** What somebody says who starts a quilt-along: how it works, and what its design begins with. */
final class StartRequest extends QuiltAlongRequest
{
    /** Designs that ship with Dew, to begin from. */
    public const READY = ['harbour-sampler', 'two-tides', 'salt-lattice'];

    /** Of a file, with the pictures in it. */
    private const LARGEST_KB = 20_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $own = $this->ownQuiltAlongs()->map(fn (QuiltAlong $one): string => 'own:'.$one->slug)->all();

        return [
            ...parent::rules(),
            'seam' => ['nullable', 'string', 'max:20', new LengthBetween(
                Length::fraction(1, 16), Length::inches(1), $this->unit(), __('start.seam_bounds'),
            )],
            'may_share' => ['accepted'],
            'from' => ['required', 'string', Rule::in(['blank', 'file', ...self::READY, ...$own])],
            'file' => ['nullable', 'required_if:from,file', 'file', 'max:'.self::LARGEST_KB],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            ...parent::messages(),
            'may_share.accepted' => __('start.errors.may_share'),
            'from.in' => __('start.errors.from'),
            'file.required_if' => __('start.errors.file'),
            'file.file' => __('start.errors.file'),
            'file.max' => __('start.errors.too_large'),
            'file.uploaded' => __('start.errors.too_large'),
        ];
    }

    /** The seam allowance as a design document has it; null for the usual one. */
    public function seam(): ?string
    {
        $seam = $this->string('seam')->trim()->value();
        if ($seam === '') {
            return null;
        }

        return $this->unit() === LengthUnit::Centimetre && preg_match('/^[\d.,]+$/', $seam) === 1 ? $seam.' cm' : $seam;
    }

    /** @return array<string, mixed> */
    public function about(): array
    {
        return [...parent::about(), 'may_share_at' => now()];
    }

    /** @return Collection<int, QuiltAlong> those whose designs she may copy */
    private function ownQuiltAlongs(): Collection
    {
        return QuiltAlong::hostedBy($this->user());
    }

    private function unit(): LengthUnit
    {
        return $this->input('units') === Notation::Centimetres->value ? LengthUnit::Centimetre : LengthUnit::Inch;
    }
}
