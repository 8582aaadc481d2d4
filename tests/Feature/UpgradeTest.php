<?php

declare(strict_types=1);

use App\Models\Clue;
use App\Models\CorrectionMark;
use App\Models\Progress;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\Sheet;
use Dew\Core\Compile\Compiler;
use Dew\Core\Measure\Measurement;
use Dew\Core\Measure\Notation;
use Dew\Core\Sheet\ClueSheet;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

/*
 * tests/upgrades holds a dump of the demo data as an earlier release of Dew left it, with open clues, taps and told seams, and with two more
 * designs: Harbour Stones (trimmed and framed blocks, sashing, a border) and Tin Roof (half rectangles and peaks in centimetres). It was
 * made with `pg_dump --inserts --no-owner`; later releases bring it up to date here.
 */

/** A database of its own, filled with the dump, migrated; it is the one that everything uses until the test is over. */
function upgraded(string $dump): void
{
    $name = DB::connection()->getDatabaseName().'_upgrade';
    $plain = new PDO(
        sprintf('pgsql:host=%s;port=%s;dbname=%s', config('database.connections.pgsql.host'), config('database.connections.pgsql.port'), DB::connection()->getDatabaseName()),
        config('database.connections.pgsql.username'), config('database.connections.pgsql.password'),
    );
    $plain->exec("DROP DATABASE IF EXISTS $name");
    $plain->exec("CREATE DATABASE $name TEMPLATE template0 ENCODING 'UTF8'");
    config(['database.connections.upgrade' => ['database' => $name] + config('database.connections.pgsql')]);
    DB::connection('upgrade')->unprepared((string) gzdecode((string) file_get_contents(dirname(__DIR__)."/upgrades/$dump.sql.gz")));
    DB::purge('upgrade');
    DB::setDefaultConnection('upgrade');
    Artisan::call('migrate', ['--force' => true, '--database' => 'upgrade']);
    test()->dropped = function () use ($plain, $name): void {
        DB::setDefaultConnection('pgsql');
        DB::purge('upgrade');
        $plain->exec("DROP DATABASE IF EXISTS $name");
    };
}

/** @return array<string, string> what somebody cuts, counts, trims to and presses by, by task and what it is about */
function numbersOf(ClueSheet $sheet, Notation $notation): array
{
    $mark = fn (Measurement $length): string => $length->in($notation)->encode();
    $numbers = [];
    foreach ($sheet->tasks as $task) {
        $numbers["$task->task count"] = (string) $task->count;
        $numbers["$task->task trim"] = $mark($task->trimWidth()).' by '.$mark($task->trimHeight());
        foreach ($task->making->pieces as $piece) {
            $numbers["$task->task $piece->id"] = implode(' ', [
                $mark($piece->width), $piece->length === null ? '' : $mark($piece->length), $task->quantity($piece), implode(',', $piece->slots),
            ]);
        }
        foreach ($task->press->flags ?? [] as $flag) {
            $numbers["$task->task seam ".implode(' ', [round($flag->fromX, 2), round($flag->fromY, 2), round($flag->toX, 2), round($flag->toY, 2)])]
                = $flag->pressed->value;
        }
    }
    ksort($numbers);

    return $numbers;
}

afterEach(fn () => isset($this->dropped) ? ($this->dropped)() : null);

it('brings the data of an earlier release up to date and tells members of every number that changed', function (): void {
    upgraded('revision-11');
    $taps = DB::table('taps')->orderBy('id')->get()->all();
    $counted = Progress::query()->orderBy('id')->get(['project_id', 'task_key', 'counter', 'digest', 'done'])->toArray();
    $pressed = Project::query()->orderBy('id')->pluck('pressed', 'id')->all();
    $told = CorrectionMark::query()->count();
    $read = function (Clue $clue, Project $project, ?int $revision): ?ClueSheet {
        $methods = $project->methods()->only(...$clue->unitKinds());
        $body = Sheet::query()->where([
            'design_version_id' => $project->quiltAlong->version(), 'kind' => 'clue', 'size_key' => $project->size_key,
            'clue_key' => $clue->key, 'methods' => $methods->signature(), 'revision' => $revision,
        ])->value('body');

        return $body === null ? null : ClueSheet::read($body);
    };
    $open = fn (QuiltAlong $quiltAlong) => $quiltAlong->clues()->released()->get();
    $before = [];
    foreach (Project::query()->with(['quiltAlong', 'methodChoices', 'user'])->get() as $project) {
        foreach ($open($project->quiltAlong) as $clue) {
            $sheet = $read($clue, $project, 11);
            $before["$project->id $clue->id"] = $sheet === null ? null : numbersOf($sheet, $project->notation);
        }
    }
    expect(array_filter($before))->not->toBe([]);

    Artisan::call('dew:warm');

    $changed = [];
    foreach (Project::query()->with(['quiltAlong', 'methodChoices', 'user'])->get() as $project) {
        foreach ($open($project->quiltAlong) as $clue) {
            $name = "$project->id $clue->id";
            $sheet = $read($clue, $project, Compiler::REVISION);
            expect($sheet)->not->toBeNull();
            $differs = $before[$name] !== null && array_diff_assoc(numbersOf($sheet, $project->notation), $before[$name]) + array_diff_assoc($before[$name], numbersOf($sheet, $project->notation)) !== [];
            $mark = CorrectionMark::query()->where('project_id', $project->id)->whereHas(
                'correction', fn ($query) => $query->where('clue_id', $clue->id)->where('revision', Compiler::REVISION),
            )->exists();
            // Whoever's numbers changed is told, and nobody else.
            expect([$name, $clue->title, $mark])->toBe([$name, $clue->title, $differs]);
            $differs && $changed[] = $clue->title;
            // Every seam that people were told of lies as it did.
            foreach ($before[$name] ?? [] as $what => $way) {
                if (str_contains($what, ' seam ') && isset(numbersOf($sheet, $project->notation)[$what])) {
                    expect([$what, numbersOf($sheet, $project->notation)[$what]])->toBe([$what, $way]);
                }
            }
            $this->actingAs($project->user)->get("/q/$project->id/clues/$clue->number")->assertOk();
        }
    }
    expect($changed)->toContain('Stones')
        ->and(CorrectionMark::query()->count())->toBe($told + count($changed))
        ->and(DB::table('taps')->orderBy('id')->get()->all())->toEqual($taps)
        ->and(Progress::query()->orderBy('id')->get(['project_id', 'task_key', 'counter', 'digest', 'done'])->toArray())->toBe($counted)
        ->and(Project::query()->orderBy('id')->pluck('pressed', 'id')->all())->toBe($pressed)
        ->and(Sheet::query()->where('revision', '!=', Compiler::REVISION)->count())->toBe(0);

    // A second time nothing is new.
    Artisan::call('dew:warm');
    expect(CorrectionMark::query()->count())->toBe($told + count($changed));
});
