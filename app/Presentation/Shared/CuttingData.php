<?php

declare(strict_types=1);

namespace App\Presentation\Shared;

use Dew\Core\Cutting\Aim;
use Dew\Core\Cutting\LaidRun;
use Dew\Core\Cutting\Marks;
use Dew\Core\Cutting\PieceUse;
use Dew\Core\Cutting\Remnant;
use Dew\Core\Cutting\Section;
use Dew\Core\Cutting\SheetCut;
use Dew\Core\Cutting\SlotCutting;
use Dew\Core\Cutting\StockCut;
use Dew\Core\Cutting\Strip;
use Dew\Core\Cutting\Wanted;
use Dew\Core\Measure\Notation;

/** A cutting plan as plain data, in inches or centimetres as texts; docs/stock.md describes it. */
final readonly class CuttingData
{
    private Marks $marks;

    public function __construct(private Notation $notation)
    {
        $this->marks = new Marks($notation);
    }

    /** @return array<string, mixed> */
    public function slot(SlotCutting $slot): array
    {
        return [
            'pieces' => array_map(fn (Wanted $piece): array => [
                'id' => $piece->id,
                'height' => $this->text($piece->height),
                'length' => $this->text($piece->length),
                'advance' => $this->text($piece->pitch),
                'count' => $piece->count,
                'for' => array_map(
                    fn (PieceUse $use): array => ['task' => $use->task, 'piece' => $use->piece->id, 'count' => $use->count],
                    $slot->need->uses[$piece->id],
                ),
            ], $slot->need->wanted),
            'stock' => array_map($this->stock(...), $slot->plan->cuts),
            'untouched' => array_map(fn ($piece): string => $piece->id, $slot->plan->untouched),
            'short' => (object) $slot->short(),
            'short_takes' => $this->text($slot->missing()),
            'width' => $this->text($slot->bolt),
            'length' => $this->text($slot->length($slot->aim)),
            'lower_bound' => $this->text($slot->bound()),
            'area_bound' => $this->text($slot->areaBound()),
            'aims' => [
                'cloth' => ['length' => $this->text($slot->length(Aim::Cloth)), 'settings' => $slot->settings(Aim::Cloth)],
                'cuts' => ['length' => $this->text($slot->length(Aim::Cuts)), 'settings' => $slot->settings(Aim::Cuts)],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private function stock(StockCut $cut): array
    {
        return [
            'id' => $cut->stock->id,
            'kind' => $cut->stock->kind->value,
            'width' => $this->text($cut->stock->width),
            'length' => $this->text($cut->stock->length),
            'sheets' => array_map(fn (SheetCut $sheet): array => [
                'lengthwise' => $sheet->lengthwise,
                'strips' => array_map($this->strip(...), $sheet->strips),
                'laid' => array_map(fn (LaidRun $run): array => [
                    'piece' => $run->piece,
                    'count' => $run->count,
                    'across' => $this->text($run->across),
                    'along' => $this->text($run->along),
                    'width' => $this->text($run->width),
                    'length' => $this->text($run->length),
                    'turned' => $run->turned,
                ], LaidRun::of($sheet)),
            ], $cut->sheets),
            'left' => array_map(
                fn (Remnant $left): array => ['width' => $this->text($left->width), 'length' => $this->text($left->length)],
                $cut->remnants(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    private function strip(Strip $strip): array
    {
        return [
            'height' => $this->text($strip->height),
            'width' => $this->text($strip->width),
            'cuts' => array_map(fn (Section $section): array => $section->piece !== null
                ? ['piece' => $section->piece, 'count' => $section->count, 'width' => $this->text($section->width)]
                : ['width' => $this->text($section->width), 'strips' => array_map($this->strip(...), $section->strips)], $strip->sections),
            'left' => $this->text($strip->left()),
        ];
    }

    private function text(int $marks): string
    {
        return $this->notation->print($this->marks->length($marks));
    }
}
