<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Actions\Host\DealParts;
use App\Actions\Host\KeepKits;
use App\Actions\Host\PublishDesign;
use App\Actions\Host\ScheduleClue;
use App\Actions\Member\ChangeStock;
use App\Actions\Member\HandOn;
use App\Actions\Member\JoinQuiltAlong;
use App\Actions\Member\MarkCutStep;
use App\Actions\Member\RecordTap;
use App\Models\Clue;
use App\Models\CorrectionMark;
use App\Models\KitRow;
use App\Models\KitSettings;
use App\Models\Notice;
use App\Models\Progress;
use App\Models\Project;
use App\Models\QuiltAlong;
use App\Models\QuiltAlongKind;
use App\Models\Role;
use App\Models\TapKind;
use App\Models\TestRemark;
use App\Models\User;
use App\Plans\Cloth\MemberCutting;
use App\Plans\ReleasedSheets;
use App\Plans\Unreleased\SheetStore;
use App\Support\OrderDesk;
use Carbon\CarbonImmutable;
use Dew\Core\Cutting\CutStep as Step;
use Dew\Core\Cutting\StockKind;
use Dew\Core\Kits\KitKind;
use Dew\Core\Kits\KitOrder;
use Dew\Core\Measure\Length;
use Dew\Core\Sheet\TaskSheet;
use Illuminate\Database\Seeder;
use Illuminate\Support\Arr;
use Illuminate\Support\Str;
use LogicException;

/**
 * Saltbox Lane Quilt Room with its mystery Night Ferry and its block of the month Kitchen Garden, and the guild's group quilt Warm Hands:
 * everything made up, everything put in through the application's own actions.
 */
final class DemoSeeder extends Seeder
{
    public const PASSWORD = 'ferry-by-lamplight';

    /** Address and what it shows. */
    public const SIGN_INS = [
        'wren@saltbox.example' => 'Wren Halloway, owner of Night Ferry at Saltbox Lane Quilt Room',
        'ivo@saltbox.example' => 'Ivo Brand, her helper',
        'mara@rivers.example' => 'Mara Quill, a member making the Throw',
        'june@rivers.example' => 'June Abara, who shares out Warm Hands among the Three Rivers Patchwork Guild',
    ];

    /** Who sews Warm Hands, and at which places of the quilt: accepted, sent, out and overdue, still with them. */
    private const HANDS = [
        'mara@rivers.example' => [[0, 6], [], [12], [18, 24]], 'tobias@rivers.example' => [[1, 2, 3], [7], [], [8]],
        'greta@rivers.example' => [[4, 5, 10, 11], [], [], [9]], 'hollis@rivers.example' => [[], [13], [14], []],
        'odile@rivers.example' => [[15, 16], [], [], [17]],
    ];

    private const ZONE = 'America/New_York';

    /** Days since the first clues of Night Ferry opened, and since a wrong number in the first of them was put right. */
    private const OPENED = [1 => 21, 2 => 14, 3 => 6];

    private const CORRECTED = 16;

    private const WRONG = 'Beams are sewn from B and A, lamplight and deep water. The first sheet said D and A: mist is for the blades.';

    /** Name, address, size, and what is done of clues 1 to 3, each as the share that is sewn and the share that is trimmed. */
    private const MEMBERS = [
        ['Mara Quill', 'mara@rivers.example', 's-throw', [[1.0, 1.0], [0.6, 0.4], [0.0, 0.0]]],
        ['Tobias Fenn', 'tobias@rivers.example', 's-crib', [[1.0, 1.0], [1.0, 1.0], [1.0, 1.0]]],
        ['Odile Marsh', 'odile@rivers.example', 's-queen', [[0.4, 0.2], [0.0, 0.0], [0.0, 0.0]]],
        ['Pia Lindqvist-Ames', 'pia@rivers.example', 's-twin', [[0.0, 0.0], [0.0, 0.0], [0.0, 0.0]]],
        ['Greta Sandoval', 'greta@rivers.example', 's-throw', [[1.0, 1.0], [1.0, 1.0], [0.5, 0.5]]],
        ['Hollis Agnew', 'hollis@rivers.example', 's-crib', [[1.0, 0.6], [0.0, 0.0], [0.0, 0.0]]],
        ['June Abara', 'june@rivers.example', 's-queen', [[1.0, 1.0], [1.0, 0.9], [0.0, 0.0]]],
        ['Noor Castellan', 'noor@rivers.example', 's-twin', [[0.0, 0.0], [0.0, 0.0], [0.0, 0.0]]],
    ];

    /** What was done by the first, wrong sheet of clue 1, as shares: cut, sewn. */
    private const BEFORE = [
        'mara@rivers.example' => [0.5, 0.0], 'tobias@rivers.example' => [0.4, 0.3], 'greta@rivers.example' => [0.25, 0.0],
        'june@rivers.example' => [0.1, 0.1], 'hollis@rivers.example' => [0.2, 0.0],
    ];

    private const GARDENERS = [
        'Ada Thornbury', 'Bea Kowalczyk', 'Cleo Marchetti', 'Dell Haverford', 'Esme Okafor', 'Flora Winslade', 'Gwen Tallis', 'Hattie Bramwell',
        'Ines Calloway', 'Joss Penhallow', 'Kit Ravensworth', 'Lena Oduya',
    ];

    /** Orders of whole kits of Night Ferry. */
    private const KITS = [
        ['Tobias Fenn', 'whole', 's-crib', 'c-last-boat', 1],
        ['Greta Sandoval', 'whole', 's-throw', 'c-last-boat', 1],
        ['Odile Marsh', 'whole', 's-queen', 'c-last-boat', 1],
        ['June Abara', 'whole', 's-queen', 'c-last-boat', 1],
        ['Pia Lindqvist-Ames', 'whole', 's-twin', 'c-last-boat', 1],
        ['Noor Castellan', 'whole', 's-twin', 'c-last-boat', 2],
        ['Hollis Agnew', 'whole', 's-crib', 'c-last-boat', 1],
        ['Mara Quill', 'slot:f-signal', 's-throw', 'c-last-boat', 1],
    ];

    /** What Mara has: slot, kind, length, width, how many, name. There is a little too little mist. */
    private const CLOTH = [
        ['f-river', 'yardage', '27', null, 1, ''],
        ['f-mist', 'yardage', '18', null, 1, ''],
        ['f-mist', 'fat-quarter', null, null, 1, 'washed linen'],
        ['f-mist', 'scrap', '11', '9', 1, ''],
        ['f-lamp', 'yardage', '45', null, 1, ''],
        ['f-deep', 'yardage', '63', '41 1/2', 1, ''],
    ];

    public function __construct(
        private readonly PublishDesign $publish,
        private readonly ScheduleClue $schedule,
        private readonly JoinQuiltAlong $join,
        private readonly RecordTap $tap,
        private readonly ChangeStock $stock,
        private readonly MarkCutStep $cut,
        private readonly OrderDesk $desk,
        private readonly KeepKits $keepKits,
        private readonly DealParts $deal,
        private readonly HandOn $handOn,
    ) {
    }

    public function run(): void
    {
        $wren = $this->person('Wren Halloway', 'wren@saltbox.example');
        $ivo = $this->person('Ivo Brand', 'ivo@saltbox.example');
        $now = CarbonImmutable::now();
        $this->ago($now, self::OPENED[1] + 10);
        $quiltAlong = $this->quiltAlong('night-ferry', $wren, 'SALTBQX4', document: $this->firstFerry());
        $ivo->memberships()->create(['quilt_along_id' => $quiltAlong->id, 'role' => Role::Helper, 'may_test' => true]);
        foreach (self::MEMBERS as [$name, $email, $size]) {
            ($this->join)($this->person($name, $email), $quiltAlong, 'My Night Ferry', $size, 'c-last-boat');
        }
        $this->open($quiltAlong, 1, $now);
        $this->ago($now, self::OPENED[1] - 2);
        $first = $this->clue($quiltAlong, 1);
        foreach (self::BEFORE as $email => [$cut, $sewn]) {
            $this->count($this->quiltOf($email, $quiltAlong), $first, $cut, $sewn, 0.0);
        }
        $this->correct($quiltAlong, $wren, $now);
        foreach (array_keys(self::OPENED) as $number) {
            if ($number > 1) {
                $this->open($quiltAlong, $number, $now);
            }
            CarbonImmutable::setTestNow($now);
            if ($number === 2) {
                $this->cloth($this->quiltOf('mara@rivers.example', $quiltAlong), $this->clue($quiltAlong, 2));
            }
            foreach (self::MEMBERS as [, $email, , $shares]) {
                [$sewn, $trimmed] = $shares[$number - 1];
                $this->count($this->quiltOf($email, $quiltAlong), $this->clue($quiltAlong, $number), $sewn, $sewn, $trimmed);
            }
        }
        $this->schedule($quiltAlong, $now);
        $this->remark($quiltAlong, $ivo);
        $this->kits($quiltAlong, self::KITS, fetched: true);
        $this->kitchenGarden($wren);
        CarbonImmutable::setTestNow($now);
        $this->warmHands($now);
        CarbonImmutable::setTestNow();
    }

    /** The design as it was published first, with a wrong cloth in its beams. */
    private function firstFerry(): string
    {
        $document = (string) file_get_contents(database_path('designs/night-ferry.json'));

        return (string) preg_replace('/("id": "u-beam".*?"fabrics": \[)"f-lamp"/s', '$1"f-mist"', $document, 1);
    }

    /**
     * Orders at the desk of the shop. Those of Night Ferry are fetched, and the first ones are packed and handed out.
     *
     * @param  list<array{string, string, string, string, int}>  $orders  name, kit, size, colourway, count
     */
    private function kits(QuiltAlong $quiltAlong, array $orders, bool $fetched = false): void
    {
        $this->desk->clear($quiltAlong);
        $taken = [];
        foreach ($orders as $index => [$name, $kit, $size, $colourway, $count]) {
            [$kind, $part] = [...explode(':', $kit, 2), ''];
            $email = strtolower(explode(' ', $name)[0]).'@rivers.example';
            $taken[] = $order = new KitOrder(
                sprintf('SL-%d', 1041 + $index), $name, $email, KitKind::from($kind), $part, $size, $colourway, $count,
            );
            $this->desk->place($quiltAlong, $order);
        }
        $this->keepKits->settings($quiltAlong, new KitSettings(
            $fetched ? [KitKind::Whole, KitKind::Slot] : [KitKind::Clue], 10, Length::inches(432), [],
        ));
        if ($fetched) {
            $this->keepKits->take($quiltAlong, $taken, 'desk');
            $ids = array_values(
                $quiltAlong->kitRows()->where('origin', 'desk')->get()->map(fn (KitRow $row): int => $row->id)->sort()->all(),
            );
            $this->keepKits->mark($quiltAlong, array_slice($ids, 0, 4), 'packed');
            $this->keepKits->mark($quiltAlong, array_slice($ids, 0, 2), 'handed_out');
        }
    }

    /** Mara says what she has, and cuts the first steps of clue 2 by her plan. */
    private function cloth(Project $project, Clue $clue): void
    {
        foreach (self::CLOTH as [$slot, $kind, $length, $width, $count, $name]) {
            $this->stock->add($project, strtolower((string) Str::ulid()), [
                'slot_key' => $slot, 'kind' => StockKind::from($kind), 'count' => $count, 'name' => $name,
                'length' => $length === null ? null : Length::parse($length), 'width' => $width === null ? null : Length::parse($width),
            ]);
        }
        $planned = Arr::last(app(MemberCutting::class)->of($project, $clue->number)) ?? throw new LogicException('No plan.');
        foreach (array_slice(Step::of($planned->cutting->slots['f-river']->plan), 0, 2) as $step) {
            $this->cut->done($project, $clue, 'f-river', $planned->plan('f-river'), $step->id);
        }
    }

    /** The sewers of the first sheet are told what was wrong; half of them have read it. */
    private function correct(QuiltAlong $quiltAlong, User $owner, CarbonImmutable $now): void
    {
        $this->ago($now, self::CORRECTED);
        ($this->publish)(
            $quiltAlong,
            (string) file_get_contents(database_path('designs/night-ferry.json')),
            ['name' => 'Beams of lamplight', 'user_id' => $owner->id],
            [1 => self::WRONG],
        );
        Notice::query()->update(['sent_at' => now()]);
        CorrectionMark::query()->whereHas('correction', fn ($query) => $query->where('quilt_along_id', $quiltAlong->id))
            ->whereIn('stage', ['cut', 'made'])->whereNotIn('project_id', Project::query()->whereRelation(
                'user', 'email', 'mara@rivers.example',
            )
            ->select('id'))->update(['seen_at' => now()->addDay()]);
    }

    private function open(QuiltAlong $quiltAlong, int $number, CarbonImmutable $now): void
    {
        $this->ago($now, self::OPENED[$number]);
        $clue = $this->clue($quiltAlong, $number);
        $this->schedule->now($clue);
        $clue->forceFill(['announced_at' => now()])->save();
    }

    /** The next clues open on Saturdays; the last but one has a date that is only roughly known. */
    private function schedule(QuiltAlong $quiltAlong, CarbonImmutable $now): void
    {
        $saturday = $now->setTimezone(self::ZONE)->next('Saturday');
        foreach ([4 => 0, 5 => 1, 6 => 2, 8 => 5] as $number => $weeks) {
            $this->schedule->at($this->clue($quiltAlong, $number), $saturday->addWeeks($weeks)->format('Y-m-d'), '09:00', self::ZONE);
        }
        $this->schedule->about($this->clue($quiltAlong, 7), 'a week or two after', $saturday->addWeeks(3)->format('Y-m-d'));
    }

    private function remark(QuiltAlong $quiltAlong, User $tester): void
    {
        TestRemark::query()->create([
            'quilt_along_id' => $quiltAlong->id, 'user_id' => $tester->id, 'clue_key' => 'k-engine-room', 'task_key' => 't-deep',
            'place' => 'Deep water square, how many', 'size' => 'Throw',
            'words' => 'I sewed half of the blocks and used every square: are the others cut in the next clue?',
        ]);
    }

    private function quiltOf(string $email, QuiltAlong $quiltAlong): Project
    {
        return Project::query()->whereBelongsTo($quiltAlong)->whereRelation('user', 'email', $email)->firstOrFail();
    }

    private function ago(CarbonImmutable $now, int $days): void
    {
        CarbonImmutable::setTestNow($now->subDays($days));
    }

    private function clue(QuiltAlong $quiltAlong, int $number): Clue
    {
        return $quiltAlong->clues()->where('number', $number)->firstOrFail();
    }

    /** A quilt-along of its own with nothing scheduled: what a test of the whole story begins with. */
    public function world(string $name, string $design = 'night-ferry'): QuiltAlong
    {
        $this->person('Mara Quill', "mara-$name@rivers.example");

        return $this->quiltAlong(
            'night-ferry-'.$name,
            $this->person('Wren Halloway', "host-$name@saltbox.example"),
            Str::upper($name),
            document: (string) file_get_contents(base_path("tests/designs/$design.json")),
        );
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
        $first = $this->clue($quiltAlong, 1);
        $this->schedule->now($first);
        $first->forceFill(['announced_at' => now()])->save();
        CarbonImmutable::setTestNow($now);
        $this->kits($quiltAlong, $this->garden($quiltAlong));
        $months = 0;
        foreach ($quiltAlong->clues()->where('number', '>', 1)->get() as $clue) {
            if ($clue->key === 'k-midsummer') {
                $this->schedule->about($clue, 'some day at midsummer', null);

                continue;
            }
            $months++;
            $day = $now->setTimezone(self::ZONE)->addMonthsNoOverflow($months)->format('Y-m-d');
            $this->schedule->at($clue, $day, '09:00', self::ZONE);
        }
    }

    /** The guild's group quilt: everything is open, and about half of the blocks are back. */
    private function warmHands(CarbonImmutable $now): void
    {
        $june = User::query()->where('email', 'june@rivers.example')->sole();
        $this->ago($now, 30);
        $quiltAlong = $this->quiltAlong(
            'warm-hands', $june, 'WARMQLT2', 'Warm Hands', QuiltAlongKind::GroupQuilt, 'warm-hands', null, 'Three Rivers Patchwork Guild',
        );
        foreach ($quiltAlong->clues()->get() as $clue) {
            $this->schedule->now($clue);
            $clue->forceFill(['announced_at' => now()])->save();
        }
        $this->deal->list($quiltAlong, 's-lap');
        $asked = Length::parse('9 1/2');
        foreach (self::HANDS as $email => $places) {
            $person = User::query()->where('email', $email)->sole();
            ($this->join)($person, $quiltAlong, 'Warm Hands', 's-lap', 'c-winter');
            foreach ($places as $how => $numbers) {
                foreach ($numbers as $place) {
                    $part = $quiltAlong->handParts()->where('key', "place:$place")->sole();
                    $this->ago($now, 20);
                    $due = $now->addDays([-3, -1, -4, 6][$how])->startOfDay();
                    $this->deal->deal($quiltAlong->refresh(), [$part->id => $part->revision], $person, $due, (string) ($place + 1), $june);
                    $this->ago($now, 5);
                    if ($how === 0) {
                        $height = $place === 11 ? Length::parse('8 3/4') : $asked;
                        $this->deal->accept($part, $part->refresh()->revision, $asked, $height, $june, '');
                    } elseif ($how === 1) {
                        $this->handOn->sent($part->refresh(), $person);
                    }
                }
            }
        }
        CarbonImmutable::setTestNow($now);
    }

    /**
     * Twelve people order the first month of Kitchen Garden, by turns in its colourways.
     *
     * @return list<array{string, string, string, string, int}>
     */
    private function garden(QuiltAlong $quiltAlong): array
    {
        $announcement = app(SheetStore::class)->announcement($quiltAlong->version());
        [$size, $colourways] = [
            (string) array_key_first($announcement->sizes), array_map(strval(...), array_keys($announcement->colourways)),
        ];
        $month = 'clue:'.$this->clue($quiltAlong, 1)->key;

        return array_map(
            fn (string $name, int $index): array => [$name, $month, $size, $colourways[$index % count($colourways)], 1],
            self::GARDENERS, array_keys(self::GARDENERS),
        );
    }

    private function quiltAlong(
        string $slug,
        User $owner,
        string $code,
        string $name = 'Night Ferry',
        QuiltAlongKind $kind = QuiltAlongKind::Mystery,
        string $design = 'night-ferry',
        ?string $document = null,
        string $host = 'Saltbox Lane Quilt Room',
    ): QuiltAlong {
        $quiltAlong = QuiltAlong::query()->create([
            'slug' => $slug,
            'name' => $name,
            'host_name' => $host,
            'zone' => self::ZONE,
            ...$kind->switches(),
        ]);
        $owner->memberships()->create(['quilt_along_id' => $quiltAlong->id, 'role' => Role::Owner]);
        $quiltAlong->invitations()->create(['code' => $code]);
        ($this->publish)($quiltAlong, $document ?? (string) file_get_contents(database_path("designs/$design.json")));

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

    /** Shares of what is cut, sewn and trimmed. Nobody sews what she has not cut: pieces are cut a little ahead. */
    private function count(Project $project, Clue $clue, float $cut, float $sewn, float $trimmed): void
    {
        foreach ($this->sheet($project, $clue) as $task) {
            foreach ($task->counters() as $counter => $total) {
                $share = match (true) {
                    str_starts_with($counter, 'cut:') => min(1.0, $cut * 1.1),
                    $counter === TaskSheet::SEWN => $sewn,
                    // What is not trimmed is finished with its last seam.
                    default => $task->isTrimmed() ? $trimmed : $sewn,
                };
                $made = str_starts_with($counter, 'cut:') ? (int) ceil($total * $share) : (int) floor($total * $share);
                $done = (int) Progress::query()->where([
                    'project_id' => $project->id, 'task_key' => $task->task, 'counter' => $counter, 'digest' => $task->digest,
                ])->value('done');
                if ($made > $done) {
                    $this->tap->add($project, $clue, $task->task, $counter, TapKind::Add, $made - $done, (string) Str::uuid(), false);
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
