<?php

declare(strict_types=1);

namespace App\Plans\Whole;

use App\Models\Clue;
use App\Models\QuiltAlong;
use Dew\Core\Correction\ClueCorrection;
use Dew\Core\Correction\SheetComparison;
use Dew\Core\Design\Design;
use Dew\Core\Plan\Whole\SheetWriter;
use Dew\Core\Plan\Whole\SizeCompiler;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;
use Illuminate\Support\Facades\DB;

/** Compares what members have open, at every size and by the methods that they have chosen, with what another version says. */
final class OpenClueChanges
{
    /** @var array<string, SizeCompiler> by design and size */
    private array $compilers = [];

    private function __construct(
        private readonly Design $old,
        private readonly Design $new,
    ) {
    }

    /** @return list<OpenClueChange> in the order of the clues; those that say the same are left out */
    public static function between(QuiltAlong $quiltAlong, Design $old, Design $new): array
    {
        /** @var list<Clue> $opened */
        $opened = Clue::query()->whereBelongsTo($quiltAlong)->opened()->orderBy('number')->get()->all();
        $opened = array_filter($opened, fn (Clue $clue): bool => isset($old->clues[$clue->key], $new->clues[$clue->key]));
        $self = new self($old, $new);
        $quilts = null;
        $changes = [];
        foreach ($opened as $clue) {
            $usual = $self->usual($clue->key);
            if ($usual !== []) {
                $quilts ??= self::quilts($quiltAlong);
                $changes[] = new OpenClueChange(
                    $clue,
                    array_filter($usual, fn (ClueCorrection $one): bool => ! $one->isEmpty()),
                    $self->ofQuilts($clue, $usual, $quilts),
                );
            }
        }

        return array_values(array_filter(
            $changes,
            fn (OpenClueChange $change): bool => $change->usual !== [] || $change->quilts !== [],
        ));
    }

    /** @return array<string, ClueCorrection> by size; sizes at which the written sheets are the same are left out: then every way is */
    private function usual(string $clue): array
    {
        $changes = [];
        foreach (array_map(strval(...), array_keys(array_intersect_key($this->old->sizes, $this->new->sizes))) as $size) {
            [$before, $after] = [
                $this->compiler($this->old, $size)->clue($clue, MethodChoices::defaults($this->old->methods)),
                $this->compiler($this->new, $size)->clue($clue, MethodChoices::defaults($this->new->methods)),
            ];
            if (SheetWriter::write($before) !== SheetWriter::write($after)) {
                $changes[$size] = SheetComparison::of($before, $after);
            }
        }

        return $changes;
    }

    /**
     * @param  array<string, ClueCorrection>  $usual
     * @param  array<string, array{size: string, choices: array<string, array{Method|null, bool}>, projects: list<string>}>  $quilts
     * @return list<array{size: string, methods: string, correction: ClueCorrection, projects: list<string>}>
     */
    private function ofQuilts(Clue $clue, array $usual, array $quilts): array
    {
        $changes = [];
        foreach ($quilts as $quilt) {
            $kinds = array_map(fn (UnitKind $kind): string => $kind->value, $clue->unitKinds());
            $choices = array_intersect_key($quilt['choices'], array_flip($kinds));
            if (! isset($usual[$quilt['size']])) {
                continue;
            }
            $key = $quilt['size'].' '.self::text($choices);
            if (! isset($changes[$key])) {
                $correction = $choices === [] ? $usual[$quilt['size']] : SheetComparison::of(
                    $this->compiler($this->old, $quilt['size'])->clue($clue->key, self::methods($this->old, $choices)),
                    $this->compiler($this->new, $quilt['size'])->clue($clue->key, self::methods($this->new, $choices)),
                );
                $changes[$key] = [
                    'size' => $quilt['size'], 'methods' => self::text($choices), 'correction' => $correction, 'projects' => [],
                ];
            }
            array_push($changes[$key]['projects'], ...$quilt['projects']);
        }

        return array_values(array_filter($changes, fn (array $change): bool => ! $change['correction']->isEmpty()));
    }

    private function compiler(Design $design, string $size): SizeCompiler
    {
        return $this->compilers[spl_object_id($design).' '.$size] ??= new SizeCompiler($design, $size);
    }

    /**
     * Quilts of the same size whose makers chose the same.
     *
     * @return array<string, array{size: string, choices: array<string, array{Method|null, bool}>, projects: list<string>}>
     */
    private static function quilts(QuiltAlong $quiltAlong): array
    {
        $rows = DB::table('projects')
            ->leftJoin('method_choices', 'method_choices.project_id', '=', 'projects.id')
            ->where('projects.quilt_along_id', $quiltAlong->id)
            ->orderBy('projects.id')
            ->get(['projects.id', 'projects.size_key', 'method_choices.kind', 'method_choices.method', 'method_choices.oversize']);
        $quilts = [];
        foreach ($rows->groupBy('id') as $id => $choicesOf) {
            $choices = [];
            foreach ($choicesOf as $row) {
                if ($row->kind !== null) {
                    $choices[(string) $row->kind] = [Method::tryFrom((string) $row->method), (bool) $row->oversize];
                }
            }
            ksort($choices);
            $size = (string) $choicesOf[0]->size_key;
            $key = $size.' '.self::text($choices);
            $quilts[$key] ??= ['size' => $size, 'choices' => $choices, 'projects' => []];
            $quilts[$key]['projects'][] = (string) $id;
        }

        return $quilts;
    }

    /** @param  array<string, array{Method|null, bool}>  $choices */
    private static function text(array $choices): string
    {
        return implode(',', array_map(
            fn (string $kind, array $choice): string => $kind.'='.($choice[0]->value ?? '').($choice[1] ? '+' : ''),
            array_keys($choices),
            $choices,
        ));
    }

    /** @param  array<string, array{Method|null, bool}>  $choices */
    private static function methods(Design $design, array $choices): MethodChoices
    {
        $methods = MethodChoices::defaults($design->methods);
        foreach ($choices as $name => [$method, $oversize]) {
            $kind = UnitKind::tryFrom($name);
            if ($kind !== null && $method !== null && in_array($method, $kind->methods(), true)) {
                $methods = $methods->with($kind, $method)->withOversize($kind, $oversize);
            }
        }

        return $methods;
    }
}
