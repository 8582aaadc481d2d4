<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use App\Drawing\LayoutPicture;
use App\Drawing\Shape;
use App\Models\HandPart;
use App\Models\HandState;
use Dew\Core\Fabric\Colourway;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Top\Arrangement;
use Illuminate\Support\Collection;

/** A group quilt as it fills up: what is accepted is drawn, what is out shows who has it, the rest is empty. */
final class Wall
{
    /**
     * @param  Collection<int, HandPart>  $parts
     * @return array{picture: LayoutPicture, places: list<array{state: string, mark: string, title: string}>, text: string, accepted: int, count: int,
     *     others: list<array{label: string, state: string, who: string}>, framed: bool}
     */
    public static function of(LayoutSheet $sheet, Collection $parts, Colourway $colourway): array
    {
        $byKey = $parts->keyBy('key');
        $labels = Arrangement::designed($sheet)->labels();
        $places = [];
        foreach (array_keys($sheet->placements) as $place) {
            $part = $byKey["place:$place"] ?? null;
            $state = $part->state ?? HandState::Free;
            $who = $part?->holder->name ?? '';
            $places[] = [
                'state' => $state->value,
                'mark' => $state === HandState::Accepted ? '' : ($who === '' ? $labels[$place] : self::initials($who)),
                'title' => ($part->label ?? $labels[$place]).': '.__('hands.state.'.$state->value).($who === '' ? '' : ', '.$who),
            ];
        }
        $others = $parts->filter(fn (HandPart $part): bool => $part->kind !== 'block');
        $borders = $others->filter(fn (HandPart $part): bool => $part->kind === 'border');

        return [
            'picture' => LayoutPicture::of($sheet, $sheet->placements, $colourway),
            'places' => $places,
            'text' => Shape::at($sheet->block->height->toFloat() * 0.28),
            'accepted' => $parts->filter(fn (HandPart $part): bool => $part->state === HandState::Accepted)->count(),
            'count' => $parts->count(),
            'others' => array_values($others->map(fn (HandPart $part): array => [
                'label' => $part->label, 'state' => $part->state->value, 'who' => $part->holder->name ?? '',
            ])->all()),
            'framed' => $borders->every(fn (HandPart $part): bool => $part->state === HandState::Accepted),
        ];
    }

    private static function initials(string $name): string
    {
        $letters = array_map(
            fn (string $word): string => mb_strtoupper(mb_substr($word, 0, 1)),
            preg_split('/[\s-]+/u', trim($name)) ?: [],
        );

        return implode('', array_slice($letters, 0, 2));
    }
}
