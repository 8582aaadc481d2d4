<?php

declare(strict_types=1);

namespace App\Plans\Unreleased;

use App\Models\Clue;
use App\Models\DesignVersion;
use App\Models\QuiltAlong;
use App\Models\Sheet;
use Closure;
use Dew\Core\Compile\ClothSheet;
use Dew\Core\Compile\Compiler;
use Dew\Core\Compile\QuiltSheet;
use Dew\Core\Compile\SizeCompiler;
use Dew\Core\Design\Design;
use Dew\Core\Document\DocumentException;
use Dew\Core\Document\Reader;
use Dew\Core\Document\Writer;
use Dew\Core\Measure\MeasureException;
use Dew\Core\Press\PressLook;
use Dew\Core\Sheet\Announcement;
use Dew\Core\Sheet\ClueSheet;
use Dew\Core\Sheet\LayoutSheet;
use Dew\Core\Unit\Kind\UnitLibrary;
use Dew\Core\Unit\Method;
use Dew\Core\Unit\MethodChoices;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use InvalidArgumentException;

/**
 * Compiled sheets, read from the database.
 *
 * Publishing a version warms what its people use and choosing a method makes sure of its sheets, so a page does not compile. What is asked
 * for besides, as a host's look at another way of making, is compiled at its first use, once, under a lock, and {@see SheetMissed} tells
 * of it.
 */
final class SheetStore
{
    private const ANNOUNCEMENT = 'announcement';

    private const QUILT = 'quilt';

    private const CLOTH = 'cloth';

    private const LAYOUT = 'layout';

    private const CLUE = 'clue';

    /** What a sheet of each kind is read back by; all others are those of clues. */
    private const TYPES = [
        self::ANNOUNCEMENT => Announcement::class,
        self::QUILT => QuiltSheet::class,
        self::CLOTH => ClothSheet::class,
        self::LAYOUT => LayoutSheet::class,
    ];

    private const ROWS_AT_ONCE = 50;

    private const LOCK_SECONDS = 20;

    /** The design that was read last, and the id of its version: a worker that lives long keeps one and not all. */
    private ?Design $design = null;

    private int $designOf = 0;

    /** The announcement that was read last, and the id of its version. */
    private ?Announcement $announcement = null;

    private int $announcementOf = 0;

    /** A text that changes with the version and with the compiler. */
    public function edition(int $version): string
    {
        return $version.'/'.Compiler::REVISION;
    }

    public function announcement(int $version): Announcement
    {
        if ($this->announcement === null || $this->announcementOf !== $version) {
            $this->announcement = $this->read(Announcement::read(...), $version, self::ANNOUNCEMENT);
            $this->announcementOf = $version;
        }

        return $this->announcement;
    }

    public function quilt(int $version, string $size): QuiltSheet
    {
        return $this->read(QuiltSheet::read(...), $version, self::QUILT, $size);
    }

    public function cloth(int $version): ClothSheet
    {
        return $this->read(ClothSheet::read(...), $version, self::CLOTH);
    }

    public function layout(int $version, string $size): LayoutSheet
    {
        return $this->read(LayoutSheet::read(...), $version, self::LAYOUT, $size);
    }

    /** @param  bool  $whole  whether steps and other ways of making are asked for */
    public function clue(int $version, string $size, Clue $clue, MethodChoices $methods, bool $whole = true): ClueSheet
    {
        $read = fn (string $body): ClueSheet => ClueSheet::read($body, whole: $whole);

        return $this->read($read, $version, self::CLUE, $size, $clue->key, $this->relevant($clue, $methods));
    }

    /** A clue's sheet by the compiler of some revision, as it was stored; null where there is none, or none that can be read. */
    public function stored(int $version, string $clue, string $size, MethodChoices $methods, int $revision): ?ClueSheet
    {
        $body = Sheet::query()->where(['revision' => $revision] + $this->key($version, self::CLUE, $size, $clue, $methods))->value('body');

        return is_string($body) ? $this->readable(fn (): ClueSheet => ClueSheet::read($body)) : null;
    }

    /** The newest compiler before this one by which a version's sheets are stored; null where there are none. */
    public function newestBefore(DesignVersion $version): ?int
    {
        $newest = Sheet::query()->where('design_version_id', $version->id)->where('revision', '<', Compiler::REVISION)->max('revision');

        return $newest === null ? null : (int) $newest;
    }

    /**
     * Several clues' sheets in one query, usually without steps and other ways of making: what is cut and made in them.
     *
     * @param  Collection<int, Clue>  $clues
     * @param  bool  $expected  whether some may well be missing, as when somebody has just chosen a method
     * @param  bool  $whole  whether steps and other ways of making are asked for
     * @return list<ClueSheet>
     */
    public function clues(
        int $version,
        string $size,
        Collection $clues,
        MethodChoices $methods,
        bool $expected = false,
        bool $whole = false,
    ): array {
        if ($clues->isEmpty()) {
            return [];
        }
        $wanted = $clues->mapWithKeys(fn (Clue $clue): array => [$clue->key => $this->relevant($clue, $methods)]);
        $bodies = Sheet::query()
            ->where(['design_version_id' => $version, 'kind' => self::CLUE, 'size_key' => $size, 'revision' => Compiler::REVISION])
            ->where(function ($query) use ($wanted): void {
                foreach ($wanted as $key => $signature) {
                    $query->orWhere(fn ($either) => $either->where(['clue_key' => $key, 'methods' => $signature->signature()]));
                }
            })
            ->pluck('body', 'clue_key');

        $read = fn (string $body): ClueSheet => ClueSheet::read($body, whole: $whole);

        return array_values($wanted->map(fn (MethodChoices $choices, string $key): ClueSheet => $this->read(
            $read, $version, self::CLUE, $size, $key, $choices, $expected, $bodies[$key] ?? null,
        ))->all());
    }

    /**
     * Reads a stored sheet. One that cannot be read, as when a release of Dew wrote what it could not read back, is compiled again.
     *
     * @template T
     *
     * @param  callable(string): T  $read
     * @param  string|null  $body  what is stored, where it was fetched already
     * @return T
     *
     * @throws DocumentException when what was just compiled cannot be read either
     */
    private function read(
        callable $read, int $version, string $kind, string $size = '', string $clue = '', ?MethodChoices $methods = null,
        bool $expected = false, ?string $body = null,
    ): mixed {
        $methods ??= MethodChoices::defaults();
        $body ??= $this->body($version, $kind, $size, $clue, $methods, $expected);
        $sheet = $this->readable(fn (): mixed => $read($body));
        if ($sheet === null) {
            Sheet::query()->where($this->key($version, $kind, $size, $clue, $methods))->delete();
            $sheet = $read($this->body($version, $kind, $size, $clue, $methods, $expected));
        }

        return $sheet;
    }

    /**
     * @template T
     *
     * @param  callable(): T  $read
     * @return T|null null when it cannot be read
     */
    private function readable(callable $read): mixed
    {
        try {
            return $read();
        } catch (DocumentException|InvalidArgumentException|MeasureException $error) {
            report($error);

            return null;
        }
    }

    /**
     * How people were told to press what is open now, so that a new version tells them no different.
     *
     * @param  int|null  $revision  of the compiler whose sheets they read; null for this one
     * @return array<string, array<string, list<string>>> flags by size and product key
     */
    public function pressedInOpenClues(QuiltAlong $quiltAlong, ?int $revision = null): array
    {
        $open = $quiltAlong->clues()->released()->get()->toBase();
        if ($quiltAlong->published_version_id === null || $open->isEmpty()) {
            return [];
        }
        $version = $quiltAlong->version();
        $methods = MethodChoices::defaults($quiltAlong->usualMethods());
        // Of a sheet that cannot be read, nobody was told anything.
        $stored = fn (Clue $clue, string $size): ?ClueSheet => $this->stored(
            $version, $clue->key, $size, $this->relevant($clue, $methods), $revision ?? Compiler::REVISION,
        );
        $kept = [];
        foreach ($this->keys($this->design($version)->sizes) as $size) {
            foreach ($open as $clue) {
                foreach ($stored($clue, $size)->tasks ?? [] as $task) {
                    if ($task->press !== null) {
                        $kept[$size][$task->makes[0]] = PressLook::codes($task->press->flags);
                    }
                }
            }
        }

        return $kept;
    }

    /**
     * Compiles ahead what people will ask for and is not there yet: every sheet of every size by the design's own methods, and the clues by
     * the methods that members have chosen.
     *
     * @param  Design|null  $design  what the version's document says, where the caller has read it already
     * @param  (Closure(int, int): mixed)|null  $progress  told how many of how many sizes are compiled
     * @return int how many sheets were missing
     */
    public function warm(DesignVersion $version, ?Design $design = null, ?Closure $progress = null): int
    {
        if ($design !== null) {
            [$this->design, $this->designOf] = [$design->keepingPressed($version->pressed), $version->id];
        }
        $design = $this->design($version->id);
        $there = array_fill_keys(Sheet::query()
            ->where(['design_version_id' => $version->id, 'revision' => Compiler::REVISION])
            ->selectRaw("concat_ws('|', kind, size_key, clue_key, methods) as name")
            ->pluck('name')
            ->all(), true);
        $defaults = MethodChoices::defaults($design->methods);
        $inUse = $this->choicesInUse($version->quilt_along_id, $defaults);
        $writer = new Writer;
        $reader = new Reader;
        $missing = 0;
        if (! isset($there[self::ANNOUNCEMENT.'|||'])) {
            Sheet::query()->insertOrIgnore($this->written(
                $this->key($version->id, self::ANNOUNCEMENT, '', '', $defaults),
                Compiler::announcement($design)->write($writer),
            ));
            $missing++;
        }
        if (! isset($there[self::CLOTH.'|||'])) {
            Sheet::query()->insertOrIgnore($this->written(
                $this->key($version->id, self::CLOTH, '', '', $defaults->only()), Compiler::clothSheet($design)->write($writer),
            ));
            $missing++;
        }
        foreach ($this->keys($design->sizes) as $number => $size) {
            $progress === null || $progress($number, count($design->sizes));
            // One size after another, so that no more than one stands in memory.
            $rows = $this->missingOf($version->id, $design, $size, [$defaults, ...$inUse[$size] ?? []], $there, $writer, $reader);
            foreach (array_chunk($rows, self::ROWS_AT_ONCE) as $chunk) {
                Sheet::query()->insertOrIgnore($chunk);
            }
            $missing += count($rows);
        }

        return $missing;
    }

    /**
     * The sheets of one size that are not there yet.
     *
     * @param  list<MethodChoices>  $choices
     * @param  array<string, true>  $there  by kind, size, clue and methods
     * @return list<array<string, int|string>> rows of the table
     */
    private function missingOf(int $version, Design $design, string $size, array $choices, array $there, Writer $writer, Reader $reader): array
    {
        $rows = [];
        if (! isset($there[implode('|', [self::QUILT, $size, '', ''])])) {
            $rows[] = $this->written(
                $this->key($version, self::QUILT, $size, '', $choices[0]->only()),
                Compiler::quiltSheet($design, $size)->write($writer), $reader,
            );
        }
        if (! isset($there[implode('|', [self::LAYOUT, $size, '', ''])])) {
            $rows[] = $this->written(
                $this->key($version, self::LAYOUT, $size, '', $choices[0]->only()),
                Compiler::layoutSheet($design, $size)->write($writer), $reader,
            );
        }
        $compiler = null;
        foreach ($this->keys($design->clues) as $clue) {
            $kinds = Compiler::kinds($design, $clue);
            foreach ($choices as $all) {
                $methods = $all->only(...$kinds);
                $name = implode('|', [self::CLUE, $size, $clue, $methods->signature()]);
                if (! isset($there[$name])) {
                    $there[$name] = true;
                    $compiler ??= new SizeCompiler($design, $size, null, $writer);
                    $rows[] = $this->written(
                        $this->key($version, self::CLUE, $size, $clue, $methods),
                        $compiler->clueText($clue, $methods), $reader,
                    );
                }
            }
        }

        return $rows;
    }

    /**
     * A row of the table. What is stored is read back first: nothing is published that no page could show.
     *
     * @param  array<string, int|string>  $key
     * @return array<string, int|string>
     *
     * @throws DocumentException when it cannot be read back
     */
    private function written(array $key, string $body, ?Reader $reader = null): array
    {
        (self::TYPES[$key['kind']] ?? ClueSheet::class)::read($body, $reader);

        return $key + ['body' => $body, 'created_at' => now()->toDateTimeString()];
    }

    /**
     * Takes out what nobody will ask for again: sheets of versions that are no longer the published one, and of other compilers.
     *
     * @return int how many
     */
    public function prune(QuiltAlong $quiltAlong): int
    {
        return Sheet::query()
            ->whereIn('design_version_id', $quiltAlong->versions()->select('id'))
            ->where(fn ($query) => $query
                ->where('design_version_id', '!=', $quiltAlong->version())
                ->orWhere('revision', '!=', Compiler::REVISION))
            ->delete();
    }

    /**
     * The methods that members of a quilt-along have chosen.
     *
     * @return array<string, list<MethodChoices>> by size, each once
     */
    private function choicesInUse(int $quiltAlong, MethodChoices $defaults): array
    {
        $rows = DB::table('method_choices')
            ->join('projects', 'projects.id', '=', 'method_choices.project_id')
            ->where('projects.quilt_along_id', $quiltAlong)
            ->get(
                [
                    'method_choices.project_id',
                    'method_choices.kind',
                    'method_choices.method',
                    'method_choices.oversize',
                    'projects.size_key',
                ],
            );
        $inUse = [];
        foreach ($rows->groupBy('project_id') as $chosen) {
            $choices = $defaults;
            foreach ($chosen as $row) {
                $kind = UnitLibrary::find($row->kind);
                $method = UnitLibrary::findMethod($row->method);
                if ($kind !== null && $method !== null) {
                    $choices = $choices->with($kind, $method)->withOversize($kind, (bool) $row->oversize);
                }
            }
            $inUse[$chosen->firstOrFail()->size_key][$choices->signature()] = $choices;
        }

        return array_map(array_values(...), $inUse);
    }

    /**
     * @param  array<string, mixed>  $named
     * @return list<string>
     */
    private function keys(array $named): array
    {
        return array_map(strval(...), array_keys($named));
    }

    private function relevant(Clue $clue, MethodChoices $methods): MethodChoices
    {
        return $methods->only(...$clue->unitKinds());
    }

    private function body(
        int $version,
        string $kind,
        string $size = '',
        string $clue = '',
        ?MethodChoices $methods = null,
        bool $expected = false,
    ): string {
        $methods ??= MethodChoices::defaults();
        $find = fn (): ?string => Sheet::query()->where($this->key($version, $kind, $size, $clue, $methods))->value('body');

        return $find() ?? $this->compileOnce($version, $kind, $size, $clue, $methods, $find, $expected);
    }

    /** @param  Closure(): (string|null)  $find */
    private function compileOnce(
        int $version,
        string $kind,
        string $size,
        string $clue,
        MethodChoices $methods,
        Closure $find,
        bool $expected,
    ): string {
        $name = implode('|', ['sheet', $version, $kind, $size, $clue, $methods->signature()]);

        return Cache::lock(
            $name,
            self::LOCK_SECONDS,
        )->block(self::LOCK_SECONDS, function () use ($version, $kind, $size, $clue, $methods, $find, $expected): string {
            $found = $find();
            if ($found !== null) {
                return $found;
            }
            if (! $expected) {
                event(new SheetMissed($version, $kind, $size, $clue, $methods->signature()));
            }
            $body = $this->compiled($version, $kind, $size, $clue, $methods);
            Sheet::query()->insertOrIgnore($this->written($this->key($version, $kind, $size, $clue, $methods), $body));

            return $body;
        });
    }

    private function compiled(int $version, string $kind, string $size, string $clue, MethodChoices $methods): string
    {
        $design = $this->design($version);

        $sheet = match ($kind) {
            self::ANNOUNCEMENT => Compiler::announcement($design),
            self::QUILT => Compiler::quiltSheet($design, $size),
            self::CLOTH => Compiler::clothSheet($design),
            self::LAYOUT => Compiler::layoutSheet($design, $size),
            default => Compiler::clueSheet($design, $size, $clue, $methods),
        };

        return $sheet->write();
    }

    /** @return array{design_version_id: int, kind: string, size_key: string, clue_key: string, methods: string, revision: int} */
    private function key(int $version, string $kind, string $size, string $clue, MethodChoices $methods): array
    {
        return [
            'design_version_id' => $version,
            'kind' => $kind,
            'size_key' => $size,
            'clue_key' => $clue,
            'methods' => $methods->signature(),
            'revision' => Compiler::REVISION,
        ];
    }

    /** The design of a version, with its seams pressed as people were told before. */
    public function design(int $version): Design
    {
        if ($this->design === null || $this->designOf !== $version) {
            $held = DesignVersion::query()->findOrFail($version);
            $this->design = Documents::published($held)->keepingPressed($held->pressed);
            $this->designOf = $version;
        }

        return $this->design;
    }
}
