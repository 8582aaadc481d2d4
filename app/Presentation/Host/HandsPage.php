<?php

declare(strict_types=1);

namespace App\Presentation\Host;

use App\Models\HandMove;
use App\Models\HandPart;
use App\Models\HandState;
use App\Models\QuiltAlong;
use App\Plans\Unreleased\HandRoom;
use App\Presentation\Shared\Wall;
use App\Wording\Figure;
use Carbon\CarbonImmutable;
use Dew\Core\Hands\FitAdvice;
use Dew\Core\Hands\PartFit;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Size;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Top\Arrangement;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Collection as Plain;

/** Who has what of a group quilt, what falls due, what came back, and what to do where it measures otherwise. */
final readonly class HandsPage
{
    /** Days ahead that count as falling due. */
    private const SOON = 7;

    private const LATEST = 30;

    public function __construct(private HandRoom $room)
    {
    }

    /** @return array<string, mixed> */
    public function of(QuiltAlong $quiltAlong): array
    {
        $size = (string) $quiltAlong->hands_size;
        $sheet = $this->room->layout($quiltAlong, $size);
        /** @var Collection<int, HandPart> $parts */
        $parts = HandPart::query()->where('quilt_along_id', $quiltAlong->id)->with('holder')->orderBy('id')->get();
        $grid = Arrangement::designed($sheet)->grid();
        $soon = CarbonImmutable::today()->addDays(self::SOON);

        return [
            'sheet' => $sheet,
            'parts' => $parts,
            'wall' => Wall::of($sheet, $parts->toBase(), $this->room->colourway($quiltAlong)),
            'people' => $quiltAlong->people(),
            'due' => $parts->filter(fn (HandPart $part): bool => $part->state === HandState::Out && $part->due_on !== null
                && ! $part->due_on->isAfter($soon))->sortBy('due_on')->values(),
            'packs' => $this->packs($quiltAlong, $sheet),
            'asked' => $parts->mapWithKeys(fn (HandPart $part): array => [$part->id => $this->size($part->asked(), $quiltAlong)])->all(),
            'measured' => $parts->mapWithKeys(
                fn (HandPart $part): array => [$part->id => $this->size($part->measured(), $quiltAlong)],
            )->all(),
            'advice' => $parts->filter(fn (HandPart $part): bool => in_array($part->state, [HandState::Accepted, HandState::Sent], true))
                ->mapWithKeys(
                    fn (HandPart $part): array => [$part->id => $this->advice($part, $parts->toBase(), $grid, $sheet, $quiltAlong)],
                )
                ->filter(fn (array $lines): bool => $lines !== [])->all(),
            'moves' => HandMove::query()->with(['by', 'from', 'to'])->whereIn('hand_part_id', $parts->pluck('id'))
                ->latest('id')->limit(self::LATEST)->get()
                ->map(fn (HandMove $move): array => [
                    'when' => $move->created_at->setTimezone($quiltAlong->zone)->isoFormat('LL'),
                    'says' => __('hands.move.'.$move->what, [
                        'part' => $parts->firstWhere('id', $move->hand_part_id)->label ?? '', 'by' => $move->by->name ?? '',
                        'from' => $move->from->name ?? '', 'to' => $move->to->name ?? '',
                    ]).($move->words === '' ? '' : ' “'.$move->words.'”'),
                ])->all(),
        ];
    }

    /** @return array<string, string> what the pack of cloth of each block holds, by product key */
    private function packs(QuiltAlong $quiltAlong, LayoutSheet $sheet): array
    {
        $slots = $this->room->announcement($quiltAlong)->slots;

        return array_map(fn (array $pieces): string => implode('; ', array_map(
            fn (array $piece): string => __('hands.piece', [
                'fabric' => $slots[$piece['slot']]->letter ?? '', 'count' => $piece['count'],
                'width' => $this->text($piece['width'], $quiltAlong), 'length' => $this->text($piece['length'], $quiltAlong),
            ]), $pieces,
        )), $sheet->packs);
    }

    private function size(?Size $size, QuiltAlong $quiltAlong): string
    {
        return $size === null ? '' : __('hands.size', [
            'width' => $this->text($size->width, $quiltAlong), 'height' => $this->text($size->height, $quiltAlong),
        ]);
    }

    private function text(Length $length, QuiltAlong $quiltAlong): string
    {
        return Figure::text(Measurement::exact($length), $quiltAlong->units);
    }

    /**
     * What to do with a part that measures otherwise than asked.
     *
     * @param  Plain<int, HandPart>  $parts
     * @param  list<array{int, int}>  $grid
     * @return list<string>
     */
    private function advice(HandPart $part, Plain $parts, array $grid, LayoutSheet $sheet, QuiltAlong $quiltAlong): array
    {
        [$asked, $measured] = [$part->asked(), $part->measured()];
        if ($asked === null || $measured === null || PartFit::fits($asked, $measured)) {
            return [];
        }
        $widths = $heights = [];
        foreach ($parts as $other) {
            $size = $other->id !== $part->id && $other->kind === $part->kind ? $other->measured() : null;
            if ($size !== null) {
                match ($this->touches($part, $other, $grid)) {
                    'above' => $widths[] = $size->width,
                    'beside' => $heights[] = $size->height,
                    null => null,
                };
            }
        }

        return array_map(fn (FitAdvice $advice): string => __('hands.advice.'.$advice->code, [
            'side' => __($advice->isWidth ? 'hands.width' : 'hands.height'),
            'by' => $advice->by === null ? '' : $this->text($advice->by, $quiltAlong),
            'cut' => $advice->cut === null ? '' : $this->text($advice->cut, $quiltAlong),
            'sides' => $advice->sides === null ? '' : __('hands.trimmed.'.($advice->sides[0]->equals($advice->sides[1]) ? 'both' : 'apart'), [
                'one' => $this->text($advice->sides[0], $quiltAlong), 'other' => $this->text($advice->sides[1], $quiltAlong),
            ]),
        ]), array_values(array_filter(
            PartFit::of($asked, $measured, $widths, $heights, $sheet->seam, $quiltAlong->units->fineStep()), fn (FitAdvice $advice): bool => $advice->code !== 'fits',
        )));
    }

    /**
     * Whether another part lies above or below a part, or beside it; null where they do not touch along a whole side.
     *
     * @param  list<array{int, int}>  $grid
     * @return 'above'|'beside'|null
     */
    private function touches(HandPart $part, HandPart $other, array $grid): ?string
    {
        if ($part->kind === 'row') {
            return abs($part->number - $other->number) === 1 ? 'above' : null;
        }
        if ($part->kind !== 'block') {
            return null;
        }
        [$one, $two] = [$grid[$part->number - 1] ?? [0, 0], $grid[$other->number - 1] ?? [0, 0]];

        return match ([abs($one[0] - $two[0]), abs($one[1] - $two[1])]) {
            [0, 1] => 'above',
            [1, 0] => 'beside',
            default => null,
        };
    }
}
