<?php

declare(strict_types=1);

namespace App\Plans\Whole;

use App\Models\Clue;
use App\Models\DesignVersion;
use App\Models\Sheet;
use Closure;
use Dew\Core\Design\Design;
use Dew\Core\Design\DesignReader;
use Dew\Core\Plan\Announcement;
use Dew\Core\Plan\ClueSheet;
use Dew\Core\Plan\Whole\Compiler;
use Dew\Core\Plan\Whole\QuiltSheet;
use Dew\Core\Plan\Whole\SheetReader;
use Dew\Core\Plan\Whole\SheetWriter;
use Dew\Core\Unit\MethodChoices;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;

/**
 * Compiled sheets, read from the database.
 *
 * Publishing a version warms every sheet that people usually ask for and choosing a method makes sure of its sheets, so a read does not
 * compile. Should one be missing all the same, it is compiled once, under a lock, and {@see SheetMissed} tells of it.
 */
final class SheetStore
{
    private const ANNOUNCEMENT = 'announcement';

    private const QUILT = 'quilt';

    private const CLUE = 'clue';

    /** Beyond this many combinations of methods only the defaults are compiled ahead; the rest when somebody chooses them. */
    private const MOST_COMBINATIONS = 32;

    private const LOCK_SECONDS = 20;

    /** The design that was read last, and the id of its version: a worker that lives long keeps one and not all. */
    private ?Design $design = null;

    private int $designOf = 0;

    private readonly SheetWriter $writer;

    public function __construct()
    {
        $this->writer = new SheetWriter;
    }

    public function announcement(int $version): Announcement
    {
        return SheetReader::announcement($this->body($version, self::ANNOUNCEMENT));
    }

    public function quilt(int $version, string $size): QuiltSheet
    {
        return SheetReader::quilt($this->body($version, self::QUILT, $size));
    }

    public function clue(int $version, string $size, Clue $clue, MethodChoices $methods): ClueSheet
    {
        return SheetReader::clue($this->body($version, self::CLUE, $size, $clue->key, $this->relevant($clue, $methods)));
    }

    /**
     * Several clues' sheets in one query.
     *
     * @param  Collection<int, Clue>  $clues
     * @return list<ClueSheet>
     */
    public function clues(int $version, string $size, Collection $clues, MethodChoices $methods): array
    {
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

        return array_values($wanted->map(fn (MethodChoices $choices, string $key): ClueSheet => SheetReader::clue(
            $bodies[$key] ?? $this->body($version, self::CLUE, $size, $key, $choices),
        ))->all());
    }

    /** Compiles ahead what people will ask for. */
    public function warm(DesignVersion $version): void
    {
        $design = $this->design($version->id);
        $rows = [$this->row($version->id, self::ANNOUNCEMENT, '', '', MethodChoices::defaults())];
        foreach (array_keys($design->sizes) as $size) {
            $rows[] = $this->row($version->id, self::QUILT, $size, '', MethodChoices::defaults());
            foreach (array_keys($design->clues) as $clue) {
                $combinations = MethodChoices::combinations(Compiler::kinds($design, $clue), self::MOST_COMBINATIONS, $design->methods);
                foreach (array_slice($combinations, 0, self::MOST_COMBINATIONS) as $methods) {
                    $rows[] = $this->row($version->id, self::CLUE, $size, $clue, $methods);
                }
            }
        }
        foreach (array_chunk($rows, 200) as $chunk) {
            Sheet::query()->insertOrIgnore($chunk);
        }
    }

    private function relevant(Clue $clue, MethodChoices $methods): MethodChoices
    {
        return $methods->only(...$clue->unitKinds());
    }

    private function body(int $version, string $kind, string $size = '', string $clue = '', ?MethodChoices $methods = null): string
    {
        $methods ??= MethodChoices::defaults();
        $find = fn (): ?string => Sheet::query()->where($this->key($version, $kind, $size, $clue, $methods))->value('body');

        return $find() ?? $this->compileOnce($version, $kind, $size, $clue, $methods, $find);
    }

    /** @param  Closure(): (string|null)  $find */
    private function compileOnce(int $version, string $kind, string $size, string $clue, MethodChoices $methods, Closure $find): string
    {
        $name = implode('|', ['sheet', $version, $kind, $size, $clue, $methods->signature()]);

        return Cache::lock(
            $name,
            self::LOCK_SECONDS,
        )->block(self::LOCK_SECONDS, function () use ($version, $kind, $size, $clue, $methods, $find): string {
            $found = $find();
            if ($found !== null) {
                return $found;
            }
            event(new SheetMissed($version, $kind, $size, $clue, $methods->signature()));
            $row = $this->row($version, $kind, $size, $clue, $methods);
            Sheet::query()->insertOrIgnore($row);

            return $row['body'];
        });
    }

    /**
     * @return array{design_version_id: int, kind: string, size_key: string, clue_key: string, methods: string, revision: int, body: string,
     * created_at: string}
     */
    private function row(int $version, string $kind, string $size, string $clue, MethodChoices $methods): array
    {
        $design = $this->design($version);
        $sheet = match ($kind) {
            self::ANNOUNCEMENT => Compiler::announcement($design),
            self::QUILT => Compiler::quiltSheet($design, $size),
            default => Compiler::clueSheet($design, $size, $clue, $methods),
        };

        return $this->key($version, $kind, $size, $clue, $methods) + [
            'body' => $this->writer->text($sheet),
            'created_at' => now()->toDateTimeString(),
        ];
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

    private function design(int $version): Design
    {
        if ($this->design === null || $this->designOf !== $version) {
            $this->design = DesignReader::stored(DesignVersion::query()->findOrFail($version)->document);
            $this->designOf = $version;
        }

        return $this->design;
    }
}
