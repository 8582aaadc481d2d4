<?php

declare(strict_types=1);

namespace Dew\Core\Unit\Kind;

use Dew\Core\Fabric\CuttingRoom;
use Dew\Core\Fabric\Slot;
use Dew\Core\Making\On;
use Dew\Core\Making\Step;
use Dew\Core\Making\StepKind;
use Dew\Core\Measure\Length;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Refused;
use Dew\Core\Unit\Batch;
use Dew\Core\Unit\Making;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\Piece;
use Dew\Core\Unit\PieceShape;

/** Pieces and steps of a custom unit, or of one section of it. Seams are told by the numbers of the pieces they join. */
final readonly class CustomMaking
{
    /**
     * @param  non-empty-list<CustomPiece>  $pieces  all of the unit
     * @param  list<CustomSeam>  $seams
     */
    public function __construct(
        private CustomUnit $unit,
        private array $pieces,
        private array $seams,
        private CuttingRoom $room,
    ) {
    }

    /**
     * @param  list<CustomSection>  $sections
     * @param  array<string, string>  $made  product keys of the sections that are made before, by section id
     */
    public function whole(array $sections, array $made): Making
    {
        $sectionOf = [];
        foreach ($sections as $section) {
            if (isset($made[$section->id])) {
                $sectionOf += array_fill_keys($section->pieces, $section->id);
            }
        }
        $own = array_values(array_filter($this->pieces, fn (CustomPiece $piece): bool => ! isset($sectionOf[$piece->id])));
        $parts = [];
        foreach ($made as $section => $product) {
            $unit = $this->unit->section($section);
            $parts[] = $this->part(
                $product,
                $unit->slots(),
                $unit->finished()->outsetBy($this->room->seam)->width,
                $unit->finished()->outsetBy($this->room->seam)->height,
                1,
            );
        }
        $inside = fn (string $one, string $other): bool => isset($sectionOf[$one]) && $sectionOf[$one] === ($sectionOf[$other] ?? null);
        $size = $this->unit->finished()->outsetBy($this->room->seam);
        $trim = ['width' => Measurement::exact($size->width), 'unfinished' => Measurement::exact($size->height)];

        return $this->making($own, $parts, fn (string $one, string $other): bool => ! $inside($one, $other), [
            new Step(StepKind::Trim, 'strip_grid.trim', $trim, on: [On::whole()]),
        ]);
    }

    public function section(CustomSection $section): Making
    {
        $own = array_values(array_filter($this->pieces, fn (CustomPiece $piece): bool => in_array($piece->id, $section->pieces, true)));
        $inside = fn (string $one, string $other): bool => in_array($one, $section->pieces, true) && in_array(
            $other,
            $section->pieces,
            true,
        );

        return $this->making($own, [], $inside, [new Step(StepKind::Check, 'custom.check_section', on: [On::whole()])]);
    }

    /**
     * @param  list<CustomPiece>  $own
     * @param  list<Piece>  $parts
     * @param  callable(string, string): bool  $sews  whether the seam between two pieces is sewn here
     * @param  list<Step>  $last
     */
    private function making(array $own, array $parts, callable $sews, array $last): Making
    {
        $cut = array_values(array_filter($own, fn (CustomPiece $piece): bool => $piece->placed === null && $piece->cut !== null));
        $round = array_values(array_filter($own, fn (CustomPiece $piece): bool => $piece->placed === null && $piece->cut === null));
        [$templates, $idOf] = TemplateCut::customPieces($round, $this->unit, $this->room);
        $pieces = [...$this->given($cut), ...$templates, ...$this->placed($own), ...$parts];
        foreach ($cut as $piece) {
            $idOf[$piece->id] = $piece->id;
        }
        foreach ($own as $piece) {
            $idOf[$piece->id] ??= $piece->placed->product ?? $piece->id;
        }
        $notched = array_filter($round, fn (CustomPiece $piece): bool => $piece->notches !== []) !== [];
        $onTemplates = array_map(fn (Piece $piece): On => On::piece($piece->id), $templates);
        $steps = [];
        if ($round !== []) {
            $steps[] = $notched
                ? new Step(
                    StepKind::Cut,
                    'custom.cut_notched',
                    ['deep' => Measurement::setting(Length::fraction(...Notch::DEPTH))],
                    on: $onTemplates,
                )
                : new Step(StepKind::Cut, 'custom.cut_templates', on: $onTemplates);
        }
        if ($cut !== []) {
            $steps[] = new Step(StepKind::Cut, 'custom.cut', on: array_map(fn (CustomPiece $piece): On => On::piece($piece->id), $cut));
        }
        if (array_filter(
            $this->seams,
            fn (CustomSeam $seam): bool => $seam->sewing !== null && $sews($seam->first, $seam->second),
        ) !== []) {
            $steps[] = new Step(
                StepKind::Mark,
                'custom.mark',
                ['seam' => $this->room->allowance()],
                on: array_map(fn (CustomPiece $piece): On => On::piece($idOf[$piece->id]), $own),
            );
        }

        return new Making(
            new Method(CustomUnit::PIECES),
            $pieces === [] ? throw new Refused('unit.needs_pieces') : $pieces,
            [...$steps, ...$this->sewing($sews, $idOf), ...$last],
        );
    }

    /**
     * @param  callable(string, string): bool  $sews
     * @param  array<string, string>  $idOf  ids in the cutting list, by the ids of the pieces
     * @return list<Step>
     */
    private function sewing(callable $sews, array $idOf): array
    {
        $byId = [];
        foreach ($this->pieces as $piece) {
            $byId[$piece->id] = $piece;
        }
        $between = fn (int $one, int $other): bool => $sews($this->pieces[$one]->id, $this->pieces[$other]->id);
        if ($this->seams === []) {
            $all = SeamPairs::of($this->unit->outlinePatches(), $between);

            return $all === [] ? [] : [
                new Step(StepKind::Sew, 'custom.sew', ['seam' => $this->room->allowance()], on: $all),
                new Step(StepKind::Press, 'custom.press', on: $all),
            ];
        }
        $steps = [];
        $number = 0;
        foreach ($this->seams as $seam) {
            if (! $sews($seam->first, $seam->second)) {
                continue;
            }
            $number++;
            [$first, $second] = [$byId[$seam->first], $byId[$seam->second]];
            $on = On::seam($this->unit->number($first->id), $this->unit->number($second->id));
            $names = ['first' => $this->word($first), 'second' => $this->word($second)];
            $pieces = On::pieces(
                ...array_values(array_unique(array_map(fn (string $id): string => $idOf[$id] ?? $id, [$first->id, $second->id]))),
            );
            $notched = $first->notches !== [] && $second->notches !== [];
            if ($notched) {
                $steps[] = new Step(StepKind::Sew, 'custom.baste', on: [...$pieces, $on], names: $names);
            }
            $steps[] = new Step(
                StepKind::Sew,
                'custom.seam',
                ['seam' => $this->room->allowance()],
                counts: ['number' => $number],
                sewing: $seam->sewing,
                on: [...$pieces, $on],
                names: $names,
            );
            if ($notched) {
                $steps[] = new Step(StepKind::Trim, 'custom.trim_inner', on: [$on], names: $names);
            }
            array_push($steps, $this->press($seam, $on, $byId), ...$this->spares($seam, $idOf));
        }

        return $steps;
    }

    /** @param  array<string, CustomPiece>  $byId */
    private function press(CustomSeam $seam, On $on, array $byId): Step
    {
        return match (true) {
            $seam->open => new Step(StepKind::Press, 'custom.press_open', on: [$on]),
            $seam->toward !== null => new Step(
                StepKind::Press, 'custom.press_toward', on: [
                    $on,
                    On::toward($this->unit->number($seam->toward)),
                ], names: ['toward' => $this->word($byId[$seam->toward])],
            ),
            default => new Step(StepKind::Press, 'custom.press_seam', on: [$on]),
        };
    }

    /**
     * What lies outside the seam allowance is trimmed away once a seam is sewn.
     *
     * @param  array<string, string>  $idOf
     * @return list<Step>
     */
    private function spares(CustomSeam $seam, array $idOf): array
    {
        $steps = [];
        foreach ($this->pieces as $piece) {
            if ($piece->spare !== null && $piece->spare->after === $seam->id) {
                $edges = array_map(fn (int $edge): On => On::edge($this->unit->number($piece->id), $edge), $piece->spare->edges);
                $steps[] = new Step(
                    StepKind::Trim, 'custom.trim_spare', ['seam' => $this->room->allowance()], on: [
                        On::piece($idOf[$piece->id] ?? $piece->id),
                        ...$edges,
                    ],
                    names: ['piece' => $this->word($piece)],
                );
            }
        }

        return $steps;
    }

    /** What a piece is called in a sentence: the pattern's letter for it, or else its id. */
    private function word(CustomPiece $piece): string
    {
        return $piece->letter ?? $piece->id;
    }

    /**
     * @param  list<CustomPiece>  $pieces  with the sizes a pattern gives
     * @return list<Piece>
     */
    private function given(array $pieces): array
    {
        $given = [];
        foreach ($pieces as $piece) {
            $size = $piece->cut ?? throw new Refused('unit.piece_by_template');
            [$width, $length] = [Measurement::exact($size->height), Measurement::exact($size->width)];
            $shape = $size->isSquare() ? PieceShape::Square : PieceShape::Rectangle;
            $slot = $this->unit->slots()[$piece->fabric]->id;
            $given[] = new Piece($piece->id, $shape, [$slot], $width, $length, new Batch(max(1, $piece->yield)), label: $piece->letter);
        }

        return $given;
    }

    /**
     * Units made before, equal ones together.
     *
     * @param  list<CustomPiece>  $pieces
     * @return list<Piece>
     */
    private function placed(array $pieces): array
    {
        $counts = [];
        foreach ($pieces as $piece) {
            if ($piece->placed !== null) {
                $counts[$piece->placed->product] ??= [$piece->placed, 0];
                $counts[$piece->placed->product][1]++;
            }
        }
        $parts = [];
        foreach ($counts as $product => [$placed, $count]) {
            $unit = $this->unit->unitOf($placed);
            $size = $unit->finished()->outsetBy($this->room->seam);
            $parts[] = $this->part($product, $unit->slots(), $size->width, $size->height, $count);
        }

        return $parts;
    }

    /** @param  list<Slot>  $slots */
    private function part(string $product, array $slots, Length $width, Length $height, int $count): Piece
    {
        $ids = array_map(fn (Slot $slot): string => $slot->id, $slots);

        return Piece::part($product, $ids === [] ? [''] : $ids, Measurement::exact($height), Measurement::exact($width), $count);
    }
}
