<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Host\PublishDesign;
use App\Actions\Host\ScheduleClue;
use App\Actions\Member\JoinQuiltAlong;
use App\Actions\Member\RecordTap;
use App\Models\Clue;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\QuiltAlongKind;
use App\Models\Role;
use App\Models\TapKind;
use App\Models\User;
use App\Plans\ReleasedSheets;
use Carbon\CarbonImmutable;
use Dew\Core\Plan\TaskSheet;
use Illuminate\Database\Seeder;
use Illuminate\Support\Str;

/**
 * Saltbox Lane Quilt Room, its mystery Night Ferry and its block of the month Kitchen Garden: everything made up, everything put in through
 * the application's own actions.
 */
final class DemoSeeder extends Seeder
{
    public const PASSWORD = 'quilting-bee';

    /** Address and what it shows. */
    public const SIGN_INS = [
        'wren@saltbox.example' => 'Wren Halloway, owner of Night Ferry at Saltbox Lane Quilt Room',
        'ivo@saltbox.example' => 'Ivo Brand, her helper',
        'mara@rivers.example' => 'Mara Quill, a member making the Throw',
    ];

    private const ZONE = 'America/New_York';

    /** Name, address, size, and the share of clue 1 that is sewn and trimmed. */
    private const MEMBERS = [
        ['Mara Quill', 'mara@rivers.example', 's-throw', 0.45, 0.3],
        ['Tobias Fenn', 'tobias@rivers.example', 's-crib', 1.0, 1.0],
        ['Odile Marsh', 'odile@rivers.example', 's-queen', 0.2, 0.1],
        ['Pia Lindqvist-Ames', 'pia@rivers.example', 's-twin', 0.0, 0.0],
        ['Greta Sandoval', 'greta@rivers.example', 's-throw', 1.0, 0.8],
        ['Hollis Agnew', 'hollis@rivers.example', 's-crib', 0.6, 0.0],
        ['June Abara', 'june@rivers.example', 's-queen', 1.0, 1.0],
        ['Noor Castellan', 'noor@rivers.example', 's-twin', 0.0, 0.0],
    ];

    public function __construct(
        private readonly PublishDesign $publish,
        private readonly ScheduleClue $schedule,
        private readonly JoinQuiltAlong $join,
        private readonly RecordTap $tap,
    ) {
    }

    public function run(): void
    {
        $wren = $this->person('Wren Halloway', 'wren@saltbox.example');
        $ivo = $this->person('Ivo Brand', 'ivo@saltbox.example');
        $quiltAlong = $this->quiltAlong('night-ferry', $wren, 'SALTBQX4');
        $this->kitchenGarden($wren);
        $ivo->memberships()->create(['quilt_along_id' => $quiltAlong->id, 'role' => Role::Helper]);

        $now = CarbonImmutable::now();
        CarbonImmutable::setTestNow($now->subDays(6));
        $first = $quiltAlong->clues()->where('number', 1)->firstOrFail();
        $this->schedule->now($first);
        $first->forceFill(['announced_at' => now()])->save();
        CarbonImmutable::setTestNow($now);
        foreach ([2, 3] as $number) {
            $clue = $quiltAlong->clues()->where('number', $number)->firstOrFail();
            $this->schedule->at(
                $clue,
                $now->setTimezone(self::ZONE)->next('Saturday')->addWeeks($number - 2)->format('Y-m-d'),
                '09:00',
                self::ZONE,
            );
        }
        CarbonImmutable::setTestNow();

        foreach (self::MEMBERS as [$name, $email, $size, $sewn, $trimmed]) {
            $project = ($this->join)($this->person($name, $email), $quiltAlong, 'My Night Ferry', $size, 'c-last-boat');
            $this->count($project, $first, ['sewn' => $sewn, 'trimmed' => $trimmed]);
        }
    }

    /** A quilt-along of its own with nothing scheduled: what a test of the whole story begins with. */
    public function world(string $name): QuiltAlong
    {
        $this->person('Mara Quill', "mara-$name@rivers.example");

        return $this->quiltAlong('night-ferry-'.$name, $this->person('Wren Halloway', "host-$name@saltbox.example"), Str::upper($name));
    }

    /** Twelve months, the first of them open since yesterday and the next a month from then. */
    private function kitchenGarden(User $owner): void
    {
        $quiltAlong = $this->quiltAlong(
            'kitchen-garden',
            $owner,
            'GARDENQ7',
            'Kitchen Garden',
            QuiltAlongKind::BlockOfTheMonth,
            'kitchen-garden',
        );
        $now = CarbonImmutable::now();
        CarbonImmutable::setTestNow($now->subDay());
        $first = $quiltAlong->clues()->where('number', 1)->firstOrFail();
        $this->schedule->now($first);
        $first->forceFill(['announced_at' => now()])->save();
        CarbonImmutable::setTestNow($now);
        $this->schedule->at(
            $quiltAlong->clues()->where('number', 2)->firstOrFail(),
            $now->setTimezone(self::ZONE)->addMonthNoOverflow()->format('Y-m-d'),
            '09:00',
            self::ZONE,
        );
        CarbonImmutable::setTestNow();
    }

    private function quiltAlong(
        string $slug,
        User $owner,
        string $code,
        string $name = 'Night Ferry',
        QuiltAlongKind $kind = QuiltAlongKind::Mystery,
        string $design = 'night-ferry',
    ): QuiltAlong {
        $quiltAlong = QuiltAlong::query()->create([
            'slug' => $slug,
            'name' => $name,
            'host_name' => 'Saltbox Lane Quilt Room',
            'zone' => self::ZONE,
            ...$kind->switches(),
        ]);
        $owner->memberships()->create(['quilt_along_id' => $quiltAlong->id, 'role' => Role::Owner]);
        $quiltAlong->invitations()->create(['code' => $code]);
        ($this->publish)($quiltAlong, (string) file_get_contents(database_path("designs/$design.json")));

        return $quiltAlong;
    }

    private function person(string $name, string $email): User
    {
        return User::query()->forceCreate([
            'name' => $name,
            'email' => $email,
            'password' => self::PASSWORD,
            'email_verified_at' => now(),
        ]);
    }

    /** @param  array<string, float>  $shares by counter */
    private function count(Project $project, Clue $clue, array $shares): void
    {
        foreach ($this->sheet($project, $clue) as $task) {
            // What is sewn has been cut before, and a little more.
            foreach ($task->counters() as $counter => $total) {
                $made = min($total, (int) ceil($total * min(1.0, max(0.0, ...array_values($shares)) * 1.1)));
                if (str_starts_with($counter, 'cut:') && $made > 0) {
                    $this->tap->add($project, $clue, $task->task, $counter, TapKind::Add, $made, (string) Str::uuid(), false);
                }
            }
            foreach ($shares as $counter => $share) {
                $made = (int) floor($task->count * $share);
                if ($made > 0) {
                    $this->tap->add($project, $clue, $task->task, $counter, TapKind::Add, $made, (string) Str::uuid(), false);
                }
            }
        }
    }

    /** @return list<TaskSheet> */
    private function sheet(Project $project, Clue $clue): array
    {
        return app(ReleasedSheets::class)->sheet($project, $clue)->tasks;
    }
}
