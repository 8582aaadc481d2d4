<?php

declare(strict_types=1);

namespace App\Plans\Unreleased;

use App\Models\Clue;
use App\Models\QuiltAlong;
use App\Support\Kept;
use Closure;
use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Correction\ClueCorrection;
use Dew\Core\Correction\SheetComparison;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Document\DocumentException;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Dew\Core\Unit\UnitKind;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;

/** Compares what members have open, at every size and by the methods that they have chosen, with what another version says. */
final class OpenClueChanges
{
    /** @var array<string, SizeCompiler> by design and size */
    private array $compilers = [];

    private bool $computed = false;

    /**
     * @param  array<string, ClueCorrection|null>  $compared  by clue, size, unit of length and methods; null where the written sheets are the same
     * @param  (Closure(string, string, MethodChoices, bool): (ClueSheet|null))|null  $stored  finds a stored sheet by clue, size and
     *     methods, as it was or as it is, where a release of Dew and no host changed it
     */
    private function __construct(
        private readonly Design $old,
        private readonly Design $new,
        private array $compared = [],
        private readonly ?Closure $stored = null,
    ) {
    }

    /**
     * What another release of Dew says otherwise of what members have open: numbers and ways of pressing, and no words.
     *
     * @param  int  $before  the revision of the compiler whose sheets they have read
     * @return list<OpenClueChange> those that matter
     */
    public static function byUpgrade(QuiltAlong $quiltAlong, SheetStore $sheets, int $before): array
    {
        $version = $quiltAlong->version();
        $design = $sheets->design($version);
        $stored = fn (string $clue, string $size, MethodChoices $methods, bool $asItWas): ?ClueSheet => $sheets->stored(
            $version, $clue, $size, $methods->only(...Compiler::kinds($design, $clue)), $asItWas ? $before : Compiler::REVISION,
        );

        return (new self($design, $design, [], $stored))->open($quiltAlong);
    }

    /** @return list<OpenClueChange> in the order of the clues; those that say the same are left out */
    public static function between(QuiltAlong $quiltAlong, Design $old, Design $new): array
    {
        return (new self($old, $new))->open($quiltAlong);
    }

    /**
     * The same, out of what was compared before of these two documents: a page that shows it compiles nothing a second time.
     *
     * @param  string  $before  the document of the published version
     * @param  string  $after  the document that would be published
     * @return list<OpenClueChange>
     *
     * @throws DocumentException when the later document cannot be read
     */
    public static function kept(QuiltAlong $quiltAlong, string $before, string $after): array
    {
        $kept = Kept::Changes->get([$before, $after]);
        $self = new self(DesignReader::stored($before), DesignReader::read($after), is_array($kept) ? $kept : []);
        $changes = $self->open($quiltAlong);
        if ($self->computed) {
            Kept::Changes->put([$before, $after], $self->compared);
        }

        return $changes;
    }

    /** @return list<OpenClueChange> */
    private function open(QuiltAlong $quiltAlong): array
    {
        /** @var list<Clue> $opened */
        $opened = Clue::query()->whereBelongsTo($quiltAlong)->opened()->orderBy('number')->get()->all();
        $opened = array_filter($opened, fn (Clue $clue): bool => isset($this->old->clues[$clue->key], $this->new->clues[$clue->key]));
        $quilts = $opened === [] ? [] : self::quilts($quiltAlong);
        $changes = [];
        foreach ($opened as $clue) {
            $usual = $this->usual($clue->key, $quiltAlong->units);
            $changes[] = new OpenClueChange(
                $clue,
                array_filter($usual, fn (ClueCorrection $one): bool => ! $one->isEmpty()),
                $this->ofQuilts($clue, $usual, $quilts),
            );
        }

        return array_values(array_filter(
            $changes,
            fn (OpenClueChange $change): bool => $change->usual !== [] || $change->quilts !== [],
        ));
    }

    /** @return array<string, ClueCorrection> by size; sizes at which the written sheets are the same are left out: then every way is */
    private function usual(string $clue, Notation $notation): array
    {
        $changes = [];
        foreach (array_map(strval(...), array_keys(array_intersect_key($this->old->sizes, $this->new->sizes))) as $size) {
            $correction = $this->correction($clue, $size, [], $notation);
            if ($correction !== null) {
                $changes[$size] = $correction;
            }
        }

        return $changes;
    }

    /**
     * @param  array<string, ClueCorrection>  $usual
     * @param  array<string, array{size: string, notation: Notation, choices: array<string, array{Method|null, bool}>, projects: list<string>}>  $quilts
     * @return list<array{size: string, methods: string, unit: string, correction: ClueCorrection, projects: list<string>}>
     */
    private function ofQuilts(Clue $clue, array $usual, array $quilts): array
    {
        $kinds = array_flip(array_map(fn (UnitKind $kind): string => $kind->value, $clue->unitKinds()));
        $changes = [];
        foreach ($quilts as $quilt) {
            if (! isset($usual[$quilt['size']])) {
                continue;
            }
            $choices = array_intersect_key($quilt['choices'], $kinds);
            $key = implode(' ', [$quilt['size'], $quilt['notation']->unit()->value, self::text($choices)]);
            if (! isset($changes[$key])) {
                $correction = $this->correction($clue->key, $quilt['size'], $choices, $quilt['notation']) ?? new ClueCorrection([], []);
                $changes[$key] = [
                    'size' => $quilt['size'], 'methods' => self::text($choices), 'unit' => $quilt['notation']->unit()->value, 'correction' => $correction,
                    'projects' => [],
                ];
            }
            array_push($changes[$key]['projects'], ...$quilt['projects']);
        }

        return array_values(array_filter($changes, fn (array $change): bool => ! $change['correction']->isEmpty()));
    }

    /**
     * @param  array<string, array{Method|null, bool}>  $choices
     * @return ClueCorrection|null null when the written sheets are the same
     */
    private function correction(string $clue, string $size, array $choices, Notation $notation): ?ClueCorrection
    {
        $name = implode(' ', [$clue, $size, $notation->unit()->value, self::text($choices)]);
        if (! array_key_exists($name, $this->compared)) {
            $this->compared[$name] = $this->compare($clue, $size, $choices, $notation);
            $this->computed = true;
        }

        return $this->compared[$name];
    }

    /** @param  array<string, array{Method|null, bool}>  $choices */
    private function compare(string $clue, string $size, array $choices, Notation $notation): ?ClueCorrection
    {
        if ($this->stored !== null) {
            $methods = self::methods($this->new, $choices);
            [$before, $after] = [($this->stored)($clue, $size, $methods, true), ($this->stored)($clue, $size, $methods, false)];

            // Nobody has read a sheet that was never stored, or that could not be read.
            return $before === null || $after === null ? null : SheetComparison::of($before, $after, $notation)->inNumbers();
        }
        try {
            $before = $this->compiler($this->old, $size)->clue($clue, self::methods($this->old, $choices));
        } catch (InvalidArgumentException|MeasureException) {
            // What could not be computed told nobody anything, and must not stop what puts it right.
            return null;
        }
        $after = $this->compiler($this->new, $size)->clue($clue, self::methods($this->new, $choices));

        return $before->write() === $after->write() ? null : SheetComparison::of($before, $after, $notation);
    }

    private function compiler(Design $design, string $size): SizeCompiler
    {
        return $this->compilers[spl_object_id($design).' '.$size] ??= new SizeCompiler($design, $size, pressed: false);
    }

    /**
     * Quilts of the same size whose makers chose the same and measure in the same unit.
     *
     * @return array<string, array{size: string, notation: Notation, choices: array<string, array{Method|null, bool}>, projects: list<string>}>
     */
    private static function quilts(QuiltAlong $quiltAlong): array
    {
        $rows = DB::table('projects')
            ->leftJoin('method_choices', 'method_choices.project_id', '=', 'projects.id')
            ->where('projects.quilt_along_id', $quiltAlong->id)
            ->orderBy('projects.id')
            ->get(['projects.id', 'projects.size_key', 'projects.notation', 'method_choices.kind', 'method_choices.method', 'method_choices.oversize']);
        $quilts = [];
        foreach ($rows->groupBy('id') as $id => $choicesOf) {
            $choices = [];
            foreach ($choicesOf as $row) {
                if ($row->kind !== null) {
                    $choices[(string) $row->kind] = [UnitLibrary::findMethod((string) $row->method), (bool) $row->oversize];
                }
            }
            ksort($choices);
            $size = (string) $choicesOf->firstOrFail()->size_key;
            $notation = Notation::tryFrom((string) $choicesOf->firstOrFail()->notation) ?? Notation::Fractions;
            $key = implode(' ', [$size, $notation->unit()->value, self::text($choices)]);
            $quilts[$key] ??= ['size' => $size, 'notation' => $notation, 'choices' => $choices, 'projects' => []];
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
            $kind = UnitLibrary::find($name);
            if ($kind !== null && $method !== null && $kind->isMadeBy($method)) {
                $methods = $methods->with($kind, $method)->withOversize($kind, $oversize);
            }
        }

        return $methods;
    }
}
